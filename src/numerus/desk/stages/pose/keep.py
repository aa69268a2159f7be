"""Poses written into the book: of twins, of all that wait, and the supported part as a file."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from pathlib import Path

from numerus.desk.context import Context
from numerus.desk.stages.pose.fields import KnownFields
from numerus.domain.machines import Machine, Resin
from numerus.domain.parts import Part
from numerus.domain.poses import Pose
from numerus.errors import Cancelled, Progress
from numerus.formats.mesh_writing import write_3mf, write_stl
from numerus.formats.packed_mesh import pack_mesh
from numerus.geometry.mesh import Mesh
from numerus.printing.orientation.orientation_search import Weights
from numerus.printing.preparation.posed_and_supported import best_kept, draft_of, twin_pose
from numerus.printing.supports.placement import Supported
from numerus.printing.supports.style import SupportStyle
from numerus.words import counted

Posed = tuple[Part, Pose, bytes]
"""A part with a pose and its supported mesh, packed, not yet in the book."""


def packed_whole(made: Supported) -> bytes:
    whole = made.whole
    return pack_mesh(Mesh(whole.vertices, whole.faces))


def write_supported(made: Supported, path: Path) -> None:
    """Part and supports as they stand on the plate: 3MF keeps them apart, STL does not."""
    if path.suffix.lower() == ".3mf":
        write_3mf([("part", made.part), ("supports", made.supports)][: 2 if made.pillars else 1], path)
    else:
        write_stl(made.whole, path)


class Keeper:
    """Works poses out beside and writes each piece of work as one edit."""

    def __init__(self, context: Context) -> None:
        self.context, self.session = context, context.session

    def pose_twins(self, part: Part, pose: Pose, machine: Machine, resin: Resin, style: SupportStyle) -> None:
        """Parts of the same shape, or mirrored, that have no pose yet take this one over."""
        twins = self._waiting_twins(part)
        if not twins:
            return
        mesh, meshes = self.session.mesh(part.blob), [(t, self.session.mesh(t.blob)) for t in twins]

        def work(progress: Progress) -> list[Posed]:
            found = [(t, twin_pose(mesh, pose, m, machine, resin, style)) for t, m in meshes]
            return [_posed(t, *kept) for t, kept in found if kept is not None]

        words = "twins take the pose over"
        self.context.jobs.start("twins", "Posing its twins", work, lambda found: self._write(words, found))

    def _waiting_twins(self, part: Part) -> list[Part]:
        plans = self.session.plans
        kit = plans.kits.get(part.kit_id)
        said = [r for r in (kit.relations if kit else ()) if r.kind in ("duplicate", "mirror") and not r.overruled]
        ids = {i for r in said if part.id in r.parts for i in r.parts} - {part.id}
        return [p for i in ids if (p := plans.parts.get(i)) and p.pose is None]

    def pose_all(
        self, waiting: Sequence[Part], known: KnownFields, machine: Machine, resin: Resin, style: SupportStyle, weights: Weights
    ) -> None:  # fmt: skip
        """Each of these parts in its best pose."""
        lying = [(p, self.session.mesh(p.blob), known.at(p)) for p in waiting]

        def work(progress: Progress) -> list[Posed]:
            found = []
            for number, (part, mesh, at) in enumerate(lying):
                if not progress(number / len(lying)):
                    raise Cancelled
                fields = known.of(part, mesh, at)
                found.append(_posed(part, *best_kept(mesh, machine, resin, None, fields, weights, style)))
            return found

        if waiting:
            description, words = f"Posing {counted(len(waiting), 'part')}", "pose all that waits"
            self.context.jobs.start("pose all", description, work, lambda found: self._write(words, found))

    def _write(self, label: str, found: list[Posed]) -> None:
        if found:
            self.session.store(
                label,
                lambda book: [replace(p, pose=replace(pose, supported_blob=book.put_blob(b))) for p, pose, b in found],
            )


def _posed(part: Part, pose: Pose, made: Supported) -> Posed:
    return replace(part, draft=draft_of(pose, made)), pose, packed_whole(made)
