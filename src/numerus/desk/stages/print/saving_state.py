"""A failed part to be saved, as its dialog shows it: where it may be broken, what that takes, what is printed for it. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass, replace

import numpy as np

from numerus.assembly.saved_look import AcrossTheTable, TableLook, as_saved
from numerus.assembly.saving import (
    BAND,
    END,
    PIECE,
    Damage,
    Lost,
    Saving,
    as_end,
    lies_within,
    lost_of,
    saw_guide,
    touching_slots,
    ways_to_save,
)
from numerus.desk.answers import Answers
from numerus.diagnosis.repair import PUTTY, Way
from numerus.domain.army import Unit
from numerus.domain.parts import Part
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Laid, Placed
from numerus.errors import Cancelled, Progress
from numerus.formats.meshes.packed_mesh import pack_mesh
from numerus.geometry.mesh import Floats, Mesh
from numerus.kit.builds import printed_slots
from numerus.kit.sorting import remeasured
from numerus.printing.machines.timing import run_minutes
from numerus.printing.preparation.posed_and_supported import best_kept, draft_of
from numerus.printing.supports.style import style_for
from numerus.surface.fields.part_fields import fields_of

UP, DOWN = "upward, as it was printed", "downward"
ONE_MORE_DAYS = 1.0


@dataclass(frozen=True, eq=False)
class Looked:
    """What is lost and what can be done about it."""

    lost: Lost
    ways: list[Saving]


@dataclass(frozen=True, eq=False)
class Piece:
    """A part to be printed with its pose, and the bytes of both its meshes."""

    part: Part
    mesh: bytes
    supported: bytes


class SavingState:
    """``placed``: the copy that failed; its part, and what stands beside it in its build."""

    def __init__(self, answers: Answers, placed: Placed, height_mm: float) -> None:
        self.answers, self.plans, self.placed, self.height_mm = answers, answers.plans, placed, height_mm
        self.part = self.plans.parts[placed.part_id]

    @property
    def machine(self) -> Machine:
        return self.plans.machine_for(self.part) or Machine("m", "Machine")

    @property
    def beside(self) -> dict[str, Part]:
        """Parts of the same build by slot."""
        figure = self.plans.figures.get(self.placed.figure_id)
        built = printed_slots(figure).items() if figure else ()
        return {s: self.plans.parts[p] for s, p in built if p != self.part.id and p in self.plans.parts}

    def toward(self, way: str) -> Floats:
        """The unit vector of a direction, in the part's own coordinates."""
        up = np.asarray(self.part.pose.up if self.part.pose else (0.0, 0.0, 1.0), float)
        return up if way == UP else -up

    def long_mm(self, mesh: Mesh, way: str) -> float:
        """How long the part is that way."""
        return float(np.ptp(mesh.vertices @ self.toward(way)))

    def damage(
        self, mesh: Mesh, kind: str, way: str, from_mm: float, wide_mm: float, at: Floats | None = None
    ) -> Damage:
        """As it is set: ``from_mm`` from where the part begins that way, or at a place that was clicked."""
        toward = self.toward(way)
        low = float((mesh.vertices @ toward).min())
        middle = mesh.bounds_mm.mean(axis=0) if at is None else at
        if kind in (END, BAND):
            middle = middle + toward * (low + from_mm - float(middle @ toward))
        x, y, z = (float(v) for v in middle)
        u, v, w = (float(n) for n in toward)
        return Damage(kind, (x, y, z), (u, v, w), wide_mm)

    def failed_at_mm(self, mesh: Mesh) -> float:
        """From where the run failed, as the journal tells it; two thirds of the part where it does not."""
        long, pose = self.long_mm(mesh, UP), self.part.pose
        lift = pose.height_mm - long if pose else 0.0
        told = self.height_mm - max(lift, 0.0)
        return told if 0 < told < long else 0.66 * long

    def looking(self, damage: Damage, mesh: Mesh, beside: Mapping[str, Mesh]) -> Callable[[Progress], Looked]:
        """The work of a job. Raises GeometryError as ``lost_of``."""
        machine = self.machine

        def work(_: Progress) -> Looked:
            lost = lost_of(mesh, damage)
            gone = lies_within(damage, mesh.triangles.mean(axis=1))
            seen = fields_of(mesh, list(beside.values())).show
            area = mesh.areas_mm2 * gone
            hidden = 1 - float((area * np.clip(seen, 0, 1)).sum() / max(area.sum(), 1e-9))
            laid = Laid(lost.volume_mm3 / 1000, lost.skin_mm2 / 100)
            minutes = run_minutes(float(lost.gone.extents_mm.max()), machine, laid)
            touches, part, pose = touching_slots(lost.gone, list(beside.items())), self.part, self.part.pose
            tall = pose.height_mm if pose else max(part.extents_mm)
            whole = run_minutes(tall, machine, Laid(part.volume_ml, part.surface_cm2))
            return Looked(lost, ways_to_save(lost, touches, hidden, ONE_MORE_DAYS, minutes, whole))

        return work

    @staticmethod
    def tabling(
        looked: Looked, damage: Damage, mesh: Mesh, beside: Mapping[str, Mesh]
    ) -> Callable[[Progress], dict[str, AcrossTheTable]]:
        """The work of looking at every way across the table, by its key. Raises Cancelled."""

        def work(progress: Progress) -> dict[str, AcrossTheTable]:
            table, seen = TableLook(mesh, list(beside.values())), dict[str, AcrossTheTable]()
            for way in looked.ways:
                if not progress(len(seen) / len(looked.ways)):
                    raise Cancelled
                seen[way.key] = table.across(*as_saved(mesh, looked.lost, damage, way.key))
            return seen

        return work

    def making(self, damage: Damage, mesh: Mesh, ids: tuple[str, str]) -> Callable[[Progress], list[Piece]]:
        """The missing piece with a level face, and a saw guide that cuts what is left to match, both posed; the work of a job."""
        machine, resin, part = self.machine, self.plans.resin, self.part
        style = style_for(machine.support_style, machine, resin)

        def made(name: str, piece: Mesh, own_id: str) -> Piece:
            packed = pack_mesh(piece)
            pose, hung = best_kept(piece, machine, resin, style=style)
            whole = Mesh(hung.whole.vertices, hung.whole.faces)
            own = replace(
                remeasured(part, piece, ""),
                id=own_id,
                name=f"{part.label}, {name}",
                slot="extra",
                original="",
                thumbnail="",
            )
            return Piece(replace(own, pose=pose, draft=draft_of(pose, hung)), packed, pack_mesh(whole))

        def work(progress: Progress) -> list[Piece]:
            level = as_end(damage, mesh)
            piece = made("missing piece", lost_of(mesh, level).gone, ids[0])
            progress(0.7)
            return [piece, made("saw guide", saw_guide(mesh, level), ids[1])]

        return work

    def to_print(self, pieces: list[Piece], put_blob: Callable[[bytes], str]) -> list[Part | Unit]:
        """The pieces as parts of the kit that are owed once, with the next plates."""
        parts = []
        for one in pieces:
            assert one.part.pose is not None
            pose = replace(one.part.pose, supported_blob=put_blob(one.supported))
            parts.append(replace(one.part, blob=put_blob(one.mesh), pose=pose))
        figure = self.plans.figures.get(self.placed.figure_id)
        unit = self.plans.units.get(figure.unit_id) if figure else None
        owed = [replace(unit, spares={**unit.spares, **{p.id: 1 for p in parts}})] if unit else []
        return [*parts, *owed]

    def chosen(self, saving: Saving) -> Way:
        """As a way the run's record knows; a former is putty, too."""
        key = {"former": PUTTY}.get(saving.key, saving.key)
        worth = (saving.hands_min + 60 * saving.days) / max(saving.chance, 0.05)
        return Way(key, saving.description, 0.0, saving.hands_min, 0, saving.days, saving.chance, worth)

    @staticmethod
    def is_printed(saving: Saving) -> bool:
        return saving.key == PIECE


def saving_line(saving: Saving, table: AcrossTheTable | None = None) -> tuple[str, str]:
    """A way in two lines; ``table``: how it looks across it, once that is known."""
    days = f", {saving.days:.0f} day{'s' if saving.days > 1 else ''}" if saving.days >= 1 else ""
    right = f"right {saving.chance:.0%} (default)"
    seen = f", {table.in_short}" if table else ""
    return saving.description, f"{saving.hands_min:.0f} min, {saving.takes}{days}; {right}{seen}"
