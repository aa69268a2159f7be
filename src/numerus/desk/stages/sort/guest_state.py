"""A part of another kit on a figure, as its dialog shows it: what there is, where it goes, what is kept. No Qt here."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from numerus.assembly.guest_parts import Point, Seat, flat_faces, told_joints
from numerus.desk.answers import Answers
from numerus.domain.army import Figure, Unit
from numerus.domain.parts import Kit, Part
from numerus.geometry.mesh import Mesh, xyz
from numerus.kit.builds import printed_slots
from numerus.kit.sorting import remeasured

SIDES = {"left": "right", "right": "left"}
SWING_DEG = range(-90, 91, 5)
CUTS_MM3, OPEN_MM = 0.3, 0.4  # (defaults) below, a knife or glue makes up for it


class GuestState:
    """``figure``: whose build it joins, in ``slot``."""

    def __init__(self, answers: Answers, figure: Figure, slot: str) -> None:
        self.plans, self.figure, self.slot = answers.plans, figure, slot

    @property
    def unit(self) -> Unit:
        return self.plans.units[self.figure.unit_id]

    @property
    def kits(self) -> list[Kit]:
        """Those with parts, others than the unit's first."""
        with_parts = {p.kit_id for p in self.plans.parts.values()}
        kits = [k for k in self.plans.kits.values() if k.id in with_parts]
        return sorted(kits, key=lambda k: (k.id == self.unit.kit_id, k.name))

    def parts(self, kit_id: str) -> list[Part]:
        """A kit's parts, those of the slot first."""
        own = [p for p in self.plans.parts.values() if p.kit_id == kit_id]
        return sorted(own, key=lambda p: (p.slot != self.slot, p.slot, p.name))

    @property
    def beside(self) -> list[Part]:
        """What the figure wears in its other slots."""
        return [
            self.plans.parts[p]
            for s, p in printed_slots(self.figure).items()
            if s != self.slot and p in self.plans.parts
        ]

    def joints(self, part: Part, mesh: Mesh) -> list[Point]:
        """Where the part may be joined on: as its kit tells, then by the flat faces of its hull."""
        kit = self.plans.kits.get(part.kit_id)
        return [*told_joints(part.id, kit.relations if kit else ()), *flat_faces(mesh)]

    def places(self, meshes: Sequence[Mesh]) -> list[Point]:
        """Where it may go: where the unit's own parts of that slot are joined on, across from the other side, then the figure's middle;
        ``meshes``: of what it stands beside.
        """
        kit = self.plans.kits.get(self.unit.kit_id)
        stated, beside = kit.relations if kit else (), [p.id for p in self.beside]
        told = [place for p in self._own(self.slot) for place in told_joints(p.id, stated, beside)[:1]]
        side, _, rest = self.slot.partition(" ")
        across = self._own(f"{SIDES[side]} {rest}") if side in SIDES else []
        middle = meshes[0].bounds_mm.mean(axis=0) if meshes else None
        if not told and middle is not None:
            told = [
                (2 * float(middle[0]) - x, y, z) for p in across for x, y, z in told_joints(p.id, stated, beside)[:1]
            ]
        return list(dict.fromkeys([*told, *([xyz(middle)] if middle is not None else [])]))

    def _own(self, slot: str) -> list[Part]:
        """The unit's own parts of a slot, what the figure wears first."""
        worn = self.figure.build.get(slot, "")
        own = [p for p in self.plans.parts.values() if p.kit_id == self.unit.kit_id and p.slot == slot and p.needed]
        return sorted(own, key=lambda p: p.id != worn)

    def kept(self, part: Part, mesh: Mesh, blob: str, part_id: str, everywhere: bool) -> list[Part | Unit | Figure]:
        """The part as it was put, a guest of the unit, on this figure or on all that have nothing chosen there. ``mesh``, ``blob``: put."""
        put = replace(remeasured(part, mesh, blob), id=part_id, slot=self.slot, needed=True, doubt=0.0)
        slots = self.unit.slots if self.slot in self.unit.slots else (*self.unit.slots, self.slot)
        unit = replace(self.unit, guests=(*self.unit.guests, part_id), slots=slots)
        others = [
            f
            for f in self.plans.figures_of(unit.id)
            if everywhere and self.slot not in f.build and f.id != self.figure.id
        ]
        wear = [replace(f, build={**f.build, self.slot: part_id}) for f in (self.figure, *others)]
        return [put, unit, *wear]


def seat_words(seat: Seat) -> str:
    """What a stance leaves, in words."""
    cut = f"cuts {seat.cut_mm3:.1f} mm³ of the figure" if seat.cut_mm3 > CUTS_MM3 else "cuts nothing that matters"
    gap = f"gap {seat.gap_mm:.2f} mm" if seat.gap_mm < 100 else "its joint hangs free"
    glue = ": thick glue or putty fills it" if OPEN_MM < seat.gap_mm < 2 else ""
    return f"{gap}{glue}; {cut}."


def clear_span(seats: Sequence[Seat], at_deg: float) -> tuple[float, float] | None:
    """From where to where it may be turned round ``at_deg`` and clears everything, None where it cuts there already."""
    degrees = list(SWING_DEG)
    at = min(range(len(degrees)), key=lambda n: abs(degrees[n] - at_deg))
    if seats[at].cut_mm3 > CUTS_MM3:
        return None
    low = high = at
    while low > 0 and seats[low - 1].cut_mm3 <= CUTS_MM3:
        low -= 1
    while high + 1 < len(seats) and seats[high + 1].cut_mm3 <= CUTS_MM3:
        high += 1
    return float(degrees[low]), float(degrees[high])
