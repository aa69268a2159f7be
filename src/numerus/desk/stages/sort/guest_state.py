"""A part of another kit on a figure, as its dialog shows it: what there is, where it goes, what is kept. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace

import numpy as np

from numerus.assembly.guest_parts import Point, Seat, Stance, flat_faces, told_joints
from numerus.assembly.joints import MAGNETS
from numerus.book.tidy import Remade, remade
from numerus.desk.answers import Answers
from numerus.domain.army import NONE, Figure, Unit
from numerus.domain.parts import Kit, Part, stricter
from numerus.errors import Progress
from numerus.geometry.cutting import KEY_FORMS, KeyStyle, Plane, attributes_from
from numerus.geometry.mesh import Mesh, xyz
from numerus.geometry.pegs import as_one, pegged
from numerus.kit.builds import printed_slots

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
        return [*told_joints(part, kit.relations if kit else ()), *flat_faces(mesh)]

    def places(self, meshes: Sequence[Mesh]) -> list[Point]:
        """Where it may go: where the unit's own parts of that slot are joined on, across from the other side, then the figure's middle;
        ``meshes``: of what it stands beside.
        """
        kit = self.plans.kits.get(self.unit.kit_id)
        stated, beside = kit.relations if kit else (), [p.id for p in self.beside]
        told = [place for p in self._own(self.slot) for place in told_joints(p, stated, beside)[:1]]
        side, _, rest = self.slot.partition(" ")
        across = self._own(f"{SIDES[side]} {rest}") if side in SIDES else []
        middle = meshes[0].bounds_mm.mean(axis=0) if meshes else None
        if not told and middle is not None:
            told = [(2 * float(middle[0]) - x, y, z) for p in across for x, y, z in told_joints(p, stated, beside)[:1]]
        return list(dict.fromkeys([*told, *([xyz(middle)] if middle is not None else [])]))

    def _own(self, slot: str) -> list[Part]:
        """The unit's own parts of a slot, what the figure wears first."""
        worn = self.figure.build.get(slot, "")
        own = [p for p in self.plans.parts.values() if p.kit_id == self.unit.kit_id and p.slot == slot and p.needed]
        return sorted(own, key=lambda p: p.id != worn)

    def nearest(self, place: Point, meshes: Sequence[Mesh]) -> int:
        """Which of ``meshes``, of what it stands beside, a joint at a place meets."""
        far = [float(np.linalg.norm(m.vertices - np.asarray(place), axis=1).min()) for m in meshes]
        return int(np.argmin(far))

    def making(
        self, part: Part, mesh: Mesh, stance: Stance, beside: Sequence[Mesh], way: str, ids: tuple[str, str]
    ) -> Callable[[Progress], Put]:
        """The work of a job: the part as it was put, joined ``way`` (one of JOININGS or a magnet's) to what it meets. ``mesh``, ``beside``:
        with their zones. Raises GeometryError.
        """
        placed, zones, slot = stance.placed(mesh), self.plans.part_zones, self.slot

        def new(of: Part, made: Mesh, like: Mesh, own_id: str, own_slot: str) -> Remade:
            put = remade(of, attributes_from(made, like), zones.get(of.id))
            return replace(put, part=replace(put.part, id=own_id, slot=own_slot, needed=True, doubt=0.0, original=""))

        if way == GLUED or not beside:
            return lambda _: Put(new(part, placed, placed, ids[0], slot), None, "")
        number, kits, machine = self.nearest(stance.place_mm, beside), self.plans.kits, self.plans.machine_for(part)
        other, met, style = (
            self.beside[number],
            beside[number],
            key_style(way, machine.peg_play_mm if machine else USUAL_PLAY_MM),
        )

        def work(_: Progress) -> Put:
            if style is None:
                both = new(other, as_one(placed, met).part, met, ids[0], other.slot)
                kit_id = stricter(kits, part.kit_id, other.kit_id)
                return Put(replace(both, part=replace(both.part, kit_id=kit_id)), None, other.slot, one_piece=True)
            joined = pegged(placed, met, meeting(stance, placed), style)
            assert joined.other is not None
            guest = new(part, joined.part, placed, ids[0], slot)
            return Put(guest, new(other, joined.other, met, ids[1], other.slot), other.slot)

        return work

    def kept(self, put: Put, everywhere: bool) -> list[Unit | Figure]:
        """The unit and its figures with the part as it was put, on this one or on all that have nothing chosen there; where it has a peg, only
        those who wear what has its socket.
        """
        slots = self.unit.slots if self.slot in self.unit.slots else (*self.unit.slots, self.slot)
        new = [put.guest.part.id, *([put.other.part.id] if put.other else [])]
        unit = replace(self.unit, guests=(*self.unit.guests, *new), slots=slots)
        met = self.figure.build.get(put.other_slot)
        others = [
            f
            for f in self.plans.figures_of(unit.id)
            if everywhere and self.slot not in f.build and f.id != self.figure.id
            and (f.build.get(put.other_slot) == met or not (put.other or put.one_piece))
        ]  # fmt: skip
        worn = {self.slot: NONE, put.other_slot: put.guest.part.id} if put.one_piece else {self.slot: put.guest.part.id}
        worn |= {put.other_slot: put.other.part.id} if put.other else {}
        return [unit, *(replace(f, build={**f.build, **worn}) for f in (self.figure, *others))]


@dataclass(frozen=True, eq=False)
class Put:
    """A part as it was put, what it meets with its socket (a copy, so that others keep theirs) and that one's slot; ``one_piece``: both."""

    guest: Remade
    other: Remade | None
    other_slot: str
    one_piece: bool = False


GLUED, ONE_PIECE = "glue alone", "as one piece"
JOININGS = (
    GLUED,
    *(f"{form} peg and socket" for form in KEY_FORMS),
    *(f"magnets {m.name}" for m in MAGNETS),
    ONE_PIECE,
)
USUAL_PLAY_MM = 0.15  # (default)


def key_style(way: str, play_mm: float) -> KeyStyle | None:
    """How a way of joining is made; None for glue alone and for one piece."""
    magnet = next((m for m in MAGNETS if way.endswith(m.name)), None)
    if magnet is not None:
        return KeyStyle("round", play_mm, depth_mm=magnet.thick_mm, hole_mm=magnet.across_mm)
    form = way.partition(" ")[0]
    return KeyStyle(form, play_mm) if form in KEY_FORMS else None


def meeting(stance: Stance, placed: Mesh) -> Plane:
    """Where a part meets the figure: at its joint, across the way to its middle."""
    way = placed.vertices.mean(axis=0) - np.asarray(stance.place_mm)
    return Plane(stance.place_mm, xyz(way / max(float(np.linalg.norm(way)), 1e-9)))


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
