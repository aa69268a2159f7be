"""Washing: two baths, how dirty each is, when it must be changed."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from numerus.post.washing.bath_book import (
    CLEAN,
    DIRTY,
    LIQUIDS,
    SPENT_SHARE,
    WHITE,
    Carried,
    Judged,
    corrected,
    corrected_limit,
    share_of,
)
from numerus.post.washing.wash_ways import HANG_MIN, LIFT_MIN, MOVE_MIN, OFF_CLEAN_MIN, WHOLE, Way, WetPlate

THIN_WALL_MM, THICK_DRY_MIN_PER_MM, HOLLOW_DRY_MIN = 3.0, 3.0, 10.0  # (defaults) solvent leaves thick walls and hollows later
MORE_DRY_MIN, LAST_JUDGED = 10.0, 5  # (defaults) for each white plate among the last few
TOLD_LONGER = 1.01
LIMIT_MIN = 12.0  # total soak, or thin parts soften
# Minutes of washing one plate (default): everything that plans, shows or logs a wash goes by these.
DRY_MIN = 25.0
FRESH_BATH_MIN, SPENT_BATH_MIN = 2.5, 4.0  # in each bath, by how far it is spent
HANDS_MIN = LIFT_MIN + MOVE_MIN  # of a plate nobody has looked at yet, in a basket
TUB_MIN = 2 * SPENT_BATH_MIN + MOVE_MIN  # one load holds the tub for so long at most


@dataclass(frozen=True)
class Bath:
    """A tub of ``litres`` of a liquid; ``carried_ml``: resin washed into it since it was filled; ``limit``: the share of resin by
    weight from which on it no longer cleans.
    """

    name: str
    litres: float
    carried_ml: float
    liquid: str = "alcohol"
    limit: float = SPENT_SHARE

    @property
    def share(self) -> float:
        return share_of(self.carried_ml, self.litres, self.liquid)

    @property
    def spent(self) -> float:
        """Share of its working life used up, 0..; at 1 it should be settled, filtered and changed."""
        return self.share / self.limit

    @property
    def description(self) -> str:
        left = max(0.0, 1 - self.spent)
        return f"{self.name} bath: {left:.0%} of its life left" if left > 0 else f"{self.name} bath: spent, change it"

    def minutes(self) -> float:
        """Of one plate in it: longer as it is spent, and by its liquid."""
        worn = FRESH_BATH_MIN + (SPENT_BATH_MIN - FRESH_BATH_MIN) * min(self.spent, 1.0)
        return worn * LIQUIDS[self.liquid].times_as_long


@dataclass(frozen=True)
class WashStep:
    title: str
    minutes: float
    hands: bool
    detail: str


def baths(carried: Carried) -> tuple[Bath, Bath]:
    """The dirty and the clean bath: what the journal says came in, corrected by verdicts on parts, spent where those put it."""
    limit, book = corrected_limit(carried.judged).share, corrected(carried)
    dirty, clean = (
        Bath(name.capitalize(), book.litres[name], book.ml[name], book.liquid[name], limit) for name in (DIRTY, CLEAN)
    )
    return dirty, clean


def dry_min(judged: Sequence[Judged], wet: WetPlate) -> float:
    """Minutes in the air before light: more for thick walls and for hollows, and where some of the last parts came out white, wet when
    they were lit.
    """
    white = sum(j.verdict == WHITE for j in judged[-LAST_JUDGED:])
    thick = THICK_DRY_MIN_PER_MM * max(wet.wall_mm - THIN_WALL_MM, 0.0)
    return DRY_MIN + thick + (HOLLOW_DRY_MIN if wet.hollow else 0.0) + MORE_DRY_MIN * white


def soak_min(bath: Bath, way: Way) -> float:
    """Of one plate in one of two baths: longer for what lies in recesses, within half of what thin parts bear."""
    return min(bath.minutes() * way.times_as_long, LIMIT_MIN / 2)


def wash_plan(wet: WetPlate, way: Way, dirty: Bath, clean: Bath, drains_min: float, dries_min: float) -> list[WashStep]:
    """Steps of washing one plate. A bath near its end gets longer turns, within the total soak parts bear."""
    first, second = soak_min(dirty, way), soak_min(clean, way)
    longer = f"; {wet.times_as_long - 1:.0%} longer for recesses" if wet.times_as_long > TOLD_LONGER else ""
    steps = [
        WashStep("Drain over the vat", drains_min, False, "Tilt the plate; what drips back is not wasted"),
        _into_the_baths(wet, way),
        WashStep("Dirty bath", first, False, dirty.description + longer),
        WashStep("Clean bath", second, False, clean.description + longer),
        *_out_of_them(wet, way),
        WashStep("Dry fully", dries_min, False, "Air or fan; a wet part stays white and tacky under light"),
    ]
    return steps


def _into_the_baths(wet: WetPlate, way: Way) -> WashStep:
    carried = f"about {way.carried_ml:.1f} ml of resin comes along ({wet.film_mm:.3f} mm of film)"
    if way.key == WHOLE:
        return WashStep("Hang the plate into the tub", HANG_MIN, True, carried)
    return WashStep("Lift the plate off, scrape into the basket", LIFT_MIN, True, carried)


def _out_of_them(wet: WetPlate, way: Way) -> list[WashStep]:
    """What hands do between the baths and after them."""
    baskets = f", {way.loads} baskets one after the other" if way.loads > 1 else ""
    steps = [
        WashStep(
            "From bath to bath, then out to dry", MOVE_MIN * way.loads, True, f"Let it drip between; gloves on{baskets}"
        )
    ]
    if wet.hollow:
        names = ", ".join(h.name for h in wet.hollow)
        steps.insert(0, WashStep("Fill, swirl, pour out", wet.swirl_min, True, names))
    if way.key == WHOLE:
        minutes = LIFT_MIN if wet.hollow else OFF_CLEAN_MIN
        steps.insert(
            0, WashStep("Parts off the plate", minutes, True, "It is clean by now; before hollow ones are swirled")
        )
    return steps
