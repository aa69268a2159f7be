"""How this user washes: what a plate brings into the baths, by which way it goes in, and what that takes of hands."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field

from numerus.domain.army import Army
from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.domain.printing.plates import Plate
from numerus.post.supports_off import BEFORE, USUAL_OFF_MIN, held, strings_off_min, supports_off_min, tips_off
from numerus.post.washing.bath_book import DIRTY, LITRES, Carried, film_by
from numerus.post.washing.emptying import Hollow, Looked, hanging, known_deep_share, known_hollows
from numerus.post.washing.wash_ways import Tub, Way, WetPlate, advised, ways_of
from numerus.post.washing.wet_film import film_on


@dataclass(frozen=True)
class Washing:
    """``emptying``: how parts run empty, as far as anybody looked into them; ``litres`` in the dirty bath; ``film_times``: how thick
    the film is over what is told, by what came out of the baths.
    """

    emptying: Mapping[str, Looked] = field(default_factory=dict)
    litres: float = LITRES
    film_times: float = 1.0

    @classmethod
    def of(cls, carried: Carried, emptying: Mapping[str, Looked]) -> Washing:
        return cls(emptying, carried.litres[DIRTY], film_by(carried.judged).times)

    def told_ml(self, carried_ml: float) -> float:
        """Resin that comes along, as the journal has it: by the film that is told, so that verdicts correct all of it alike."""
        return round(carried_ml / self.film_times, 2)

    def wet_plate(
        self, plans: Plans, parts: Sequence[Part], machine_id: str, hollow: Sequence[Hollow] | None = None
    ) -> WetPlate:
        """Parts as they hang; ``hollow``: those that keep something, None for what is known of them."""
        machine = plans.machines.get(machine_id)
        return WetPlate(
            sum(p.surface_cm2 for p in parts), self.film_times * film_on(plans, machine_id),
            tuple(known_hollows(hanging(parts), self.emptying) if hollow is None else hollow), len(parts),
            max((p.pose.height_mm for p in parts if p.pose), default=0.0),
            (machine.plate_x_mm, machine.plate_y_mm) if machine else (0.0, 0.0), max((p.wall_mm for p in parts), default=0.0),
            known_deep_share(hanging(parts), self.emptying),
        )  # fmt: skip

    def tub(self, army: Army | None) -> Tub:
        return Tub(*(army.tub_mm if army else Army.tub_mm), self.litres)

    def ways(self, plans: Plans, wet: WetPlate) -> dict[str, Way]:
        army = plans.army
        return ways_of(wet, self.tub(army), army.tub_parts if army else Army.tub_parts)

    def way(self, plans: Plans, wet: WetPlate) -> Way:
        """The user's own where one was chosen, else the one that is advised for this plate."""
        ways = self.ways(plans, wet)
        return ways[(plans.army.wash_way if plans.army else "") or advised(ways)]

    def plate_hands_min(self, plans: Plans, plate: Plate) -> tuple[float, float]:
        """Minutes of hands for what lies on a plate: to wash it, to take its supports off, as this user does both; of plastic nothing
        is washed, and strings come off with the supports.
        """
        parts = [plans.parts[p.part_id] for p in plate.placed if p.part_id in plans.parts]
        if plans.is_dry(plate.machine_id):
            return 0.0, strings_off_min(held(parts))
        way = self.way(plans, self.wet_plate(plans, parts, plate.machine_id))
        tips = tips_off(held(parts), plans.army.supports_off if plans.army else BEFORE)
        return way.hands_min, supports_off_min(tips) if any(tips.values()) else USUAL_OFF_MIN


AS_USUAL = Washing()
"""Nothing is known of any part, and the bath is as large as baths are unless it is told."""
