"""Poses written into the book: of twins, of all that wait, and the supported part as a file."""

from __future__ import annotations

from collections.abc import Callable, Collection, Sequence
from dataclasses import replace
from pathlib import Path

from PyQt6.QtCore import QObject, pyqtSignal

from numerus.desk.context import Context
from numerus.desk.stages.pose.fields import KnownFields
from numerus.domain.journal import Fact
from numerus.domain.parts import Part
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import Pose
from numerus.errors import BookError, Cancelled, NumerusError, Progress
from numerus.formats.meshes.mesh_writing import write_3mf, write_stl
from numerus.formats.meshes.packed_mesh import pack_mesh
from numerus.geometry.mesh import Mesh
from numerus.printing.orientation.orientation_search import Weights
from numerus.printing.preparation.as_supplied import AS_SUPPLIED, SuppliedPrint, pose_warnings, supplied_print
from numerus.printing.preparation.posed_and_supported import Tried, best_kept, draft_of, twin_pose
from numerus.printing.supports.placement import Supported
from numerus.printing.supports.style import SupportStyle
from numerus.words import counted

SAID = 4  # parts with warnings named at once
Posed = tuple[Part, Pose, bytes]
"""A part with a pose and its supported mesh, packed, not yet in the book."""


def packed_whole(supported: Supported) -> bytes:
    whole = supported.whole
    return pack_mesh(Mesh(whole.vertices, whole.faces))


def write_supported(printed: Supported | SuppliedPrint, path: Path) -> None:
    """Part and supports as they stand on the plate: 3MF keeps them apart, STL does not; a part that came with its own is one."""
    if isinstance(printed, SuppliedPrint):
        write_3mf([("part", printed.standing)], path) if path.suffix.lower() == ".3mf" else write_stl(
            printed.standing, path
        )
    elif path.suffix.lower() == ".3mf":
        write_3mf([("part", printed.part), ("supports", printed.supports)][: 2 if printed.pillars else 1], path)
    else:
        write_stl(printed.whole, path)


class Keeper(QObject):
    """Works poses out beside and writes each piece of work as one edit. ``summed``: how posing many went, in words."""

    summed = pyqtSignal(str)

    def __init__(self, context: Context) -> None:
        super().__init__()
        self.context, self.session = context, context.session

    def keep(self, part: Part, shown: Tried, choice: Sequence[Fact]) -> Pose | None:
        """The pose as it lies on the bench becomes the part's; None where it could not be written. ``choice``: to be remembered with it."""
        try:
            pose = self._stored(shown)
        except NumerusError as error:
            self.session.failed.emit(error)
            return None
        kept = replace(part, pose=pose, draft=shown.draft)
        return pose if self.session.commit(f"pose of {part.label}: {pose.school}", [kept], choice) else None

    def _stored(self, shown: Tried) -> Pose:
        book = self.session.book
        if book is None:
            raise BookError("no-book", "No book is open.", "Start an army or open a book first.")
        return replace(shown.pose, supported_blob=book.put_blob(packed_whole(shown.supported)))

    def keep_second(self, part: Part, shown: Tried) -> None:
        """Beside the one that was kept first."""
        words = f"second pose of {part.label}: {shown.pose.school}"
        self.session.store(words, lambda _: [part.also_lying(self._stored(shown))])

    def pose_twins(self, part: Part, pose: Pose, machine: Machine, resin: Resin, style: SupportStyle) -> None:
        """Parts of the same shape, or mirrored, that have no pose yet take this one over."""
        twins = self._waiting_twins(part)
        if not twins:
            return
        mesh, meshes = self.session.mesh(part.blob), [(t, self.session.mesh(t.blob)) for t in twins]

        def work(progress: Progress) -> list[Posed]:
            pairs = [(t, twin_pose(mesh, pose, m, machine, resin, style)) for t, m in meshes]
            return [_posed(t, *kept) for t, kept in pairs if kept is not None]

        words = "twins take the pose over"
        self.context.jobs.start("twins", "Posing its twins", work, lambda found: self._write(words, found))

    def _waiting_twins(self, part: Part) -> list[Part]:
        plans = self.session.plans
        kit = plans.kits.get(part.kit_id)
        relations = [r for r in (kit.relations if kit else ()) if r.kind in ("duplicate", "mirror") and not r.overruled]
        ids = {i for r in relations if part.id in r.parts for i in r.parts} - {part.id}
        return [p for i in ids if (p := plans.parts.get(i)) and p.pose is None]

    def pose_all(
        self, waiting: Sequence[Part], supplied: Collection[str], known: KnownFields,
        how: Callable[[Part], tuple[Machine, Resin, SupportStyle]], weights: Weights,
    ) -> None:  # fmt: skip
        """Each of these parts in its best pose on its machine, ``how`` it is supported there, those ``supplied`` with supports as they
        stand; then which kept warnings.
        """
        lying = [(p, self.session.mesh(p.blob), known.at(p), how(p)) for p in waiting]

        def work(progress: Progress) -> list[Posed]:
            posed_parts = []
            for number, (part, mesh, at, (machine, resin, style)) in enumerate(lying):
                if not progress(number / len(lying)):
                    raise Cancelled
                if part.id in supplied:
                    posed_parts.append(_as_supplied(part, supplied_print(mesh, machine, resin)))
                    continue
                fields = known.of(part, mesh, at)
                posed_parts.append(_posed(part, *best_kept(mesh, machine, resin, None, fields, weights, style)))
            return posed_parts

        if waiting:
            description, words = f"Posing {counted(len(waiting), 'part')}", "pose all that waits"
            self.context.jobs.start("pose all", description, work, lambda found: self._write_all(words, found))

    def _write_all(self, label: str, posed: list[Posed]) -> None:
        self._write(label, posed)
        self.summed.emit(summary(posed))

    def keep_supplied(self, part: Part, printed: SuppliedPrint) -> None:
        """A part that came with supports, printed as it stands."""
        self._write(f"{part.label} printed as supplied", [_as_supplied(part, printed)])

    def _write(self, label: str, posed: list[Posed]) -> None:
        if posed:
            self.session.store(
                label,
                lambda book: [replace(p, pose=replace(pose, supported_blob=book.put_blob(b))) for p, pose, b in posed],
            )


def summary(posed: Sequence[Posed]) -> str:
    """How posing many parts went: those that kept warnings, by name."""
    warned = [f"{part.label}: {', '.join(said)}" for part, pose, _ in posed if (said := pose_warnings(pose))]
    supplied = sum(pose.school == AS_SUPPLIED for _, pose, _ in posed)
    words = f"{counted(len(posed), 'part')} posed" + (f", {supplied} of them as supplied" if supplied else "")
    if not warned:
        return f"{words}; every island caught, nothing sealed, all held."
    more = f"; and {len(warned) - SAID} more" if len(warned) > SAID else ""
    return f"{words}. Look again at {'; '.join(warned[:SAID])}{more}."


def _as_supplied(part: Part, printed: SuppliedPrint) -> Posed:
    return replace(part, draft=None), printed.pose, pack_mesh(printed.standing.bare())


def _posed(part: Part, pose: Pose, supported: Supported) -> Posed:
    return replace(part, draft=draft_of(pose, supported)), pose, packed_whole(supported)
