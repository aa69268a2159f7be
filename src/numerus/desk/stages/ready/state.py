"""What the Ready bench shows: how many stand on the table, what it all cost, how the unit is packed. No Qt here."""

from __future__ import annotations

from numerus.desk.answers import Answers
from numerus.domain.army import FOAM, MAGNETS, Figure, Unit
from numerus.kit.builds import printed_slots
from numerus.money.costs import Cost
from numerus.packing.parcel import parcel
from numerus.packing.trays import FoamBox, Packed
from numerus.words import counted


class ReadyState:
    def __init__(self, answers: Answers) -> None:
        self.packed: Packed | None = None
        self.look(answers, "", "")

    def look(self, answers: Answers, unit_id: str, figure_id: str) -> None:
        self.answers, self.plans = answers, answers.plans
        self.unit_id, self.figure_id = unit_id, figure_id

    @property
    def unit(self) -> Unit | None:
        return self.plans.units.get(self.unit_id)

    @property
    def figure(self) -> Figure | None:
        """The one chosen in the roll, or the unit's first."""
        figures = self.plans.figures_of(self.unit_id)
        return self.plans.figures.get(self.figure_id) or next(iter(figures), None)

    @property
    def figures(self) -> list[Figure]:
        """All that travel, in the roll's order."""
        return [f for u in self.plans.units_in_order() for f in self.plans.figures_of(u.id)]

    @property
    def subtitle(self) -> str:
        standing = self.answers.standing
        return f"{len(standing.at('ready'))} of {len(standing.figures)} figures stand on the table"

    @property
    def box(self) -> FoamBox:
        return FoamBox(*self.plans.army.tray_mm) if self.plans.army else FoamBox()

    @property
    def packed_for(self) -> tuple[object, ...]:
        """What the trays depend on: builds, their meshes, bases, the box."""
        plans = self.plans
        units = {f.id: plans.units[f.unit_id] for f in self.figures}
        builds = tuple((units[f.id].base_mm, units[f.id].stack, *sorted(f.build.items())) for f in self.figures)
        used = {p for f in self.figures for p in printed_slots(f).values() if p in plans.parts}
        blobs = tuple(sorted(plans.parts[p].blob for p in used))
        return self.box, self.travels, builds, blobs, tuple(sorted(self.broke.items()))

    @property
    def travels(self) -> str:
        """Lying in foam, or standing on magnets."""
        return self.plans.army.travels if self.plans.army else FOAM

    @property
    def broke(self) -> dict[str, int]:
        """How often parts did, by id: they are packed with care."""
        return {part: held.times for part, held in self.answers.broken.items()}

    @property
    def packed_words(self) -> str:
        """How many trays, how large, against how many there must be."""
        packed = self.packed
        if packed is None or not packed.trays:
            return ""
        if self.travels == MAGNETS:
            return self._standing_words(packed)
        wall = min(t.least_wall_mm for t in packed.trays)
        deep = " and ".join(f"{t.high_mm:.0f}" for t in packed.trays[:4])
        grams = sum(t.grams for t in packed.trays)
        many, least = counted(len(packed.trays), "tray"), packed.least_trays
        bound = "fewer cannot hold them" if least == len(packed.trays) else f"by area at least {least}"
        return f"{many}, {bound}; foam {deep} mm deep, walls {wall:.1f} mm at least; {grams:.0f} g of resin."

    def _standing_words(self, packed: Packed) -> str:
        weak = sum("foam" in p.pocket.note for t in packed.trays for p in t.laid)
        words = f"{counted(len(packed.trays), 'sheet')} of steel, {max(t.high_mm for t in packed.trays):.0f} mm high at most"
        return words + (
            f"; {counted(weak, 'figure')} no magnet holds: foam for them." if weak else "; pulls are defaults."
        )

    @property
    def parcel_words(self) -> str:
        """How it is sent; "" where nothing is packed, or it stands."""
        made = parcel(self.packed.trays) if self.packed and self.travels == FOAM else None
        return f"To ship: {made.description}." if made else ""

    @property
    def costs(self) -> dict[str, Cost]:
        return self.answers.costs

    @property
    def bought_pence(self) -> int:
        return sum(u.bought_pence * len(self.plans.figures_of(u.id)) for u in self.plans.units.values())

    @property
    def packing_text(self) -> str:
        """The packing list as text, one line a figure."""
        trays = self.packed.trays if self.packed else ()
        lines = [(number, p.pocket) for number, tray in enumerate(trays, 1) for p in tray.laid]
        return "\n".join(
            f"tray {n}\t{p.unit}\t{p.figure}\t{p.width_mm:.0f} × {p.depth_mm:.0f} × {p.height_mm:.0f} mm\t{p.attitude}\t{p.note}"
            for n, p in lines
        )
