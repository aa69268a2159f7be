"""Washing: two baths, how dirty each is, when it must be changed."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from numerus.post.bath_book import CLEAN, DIRTY, LIQUIDS, SPENT_SHARE, WHITE, Carried, Judged, share_of, spent_at
from numerus.post.emptying import Hollow, kept_ml

MORE_DRY_MIN, LAST_JUDGED = 10.0, 5  # (defaults) for each white plate among the last few
LIMIT_MIN = 12.0  # total soak, or thin parts soften
# Minutes of washing one plate (default): everything that plans, shows or logs a wash goes by these.
DRAIN_MIN, DRY_MIN = 5.0, 25.0
LIFT_MIN, MOVE_MIN, SWIRL_MIN = 6.0, 2.0, 1.5  # of hands, swirling for each hollow part
FRESH_BATH_MIN, SPENT_BATH_MIN = 2.5, 4.0  # in each bath, by how far it is spent
HANDS_MIN = LIFT_MIN + MOVE_MIN
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


def clinging_ml(surface_cm2: float, film_mm: float) -> float:
    """Resin carried into the bath by a surface with a film of it."""
    return surface_cm2 * film_mm / 10


def baths(carried: Carried) -> tuple[Bath, Bath]:
    """The dirty and the clean bath as the journal says, spent where verdicts on parts put it."""
    limit = spent_at(carried.judged).share
    dirty, clean = (
        Bath(name.capitalize(), carried.litres[name], carried.ml[name], carried.liquid[name], limit)
        for name in (DIRTY, CLEAN)
    )
    return dirty, clean


def dry_min(judged: Sequence[Judged]) -> float:
    """Minutes in the air before light: more where some of the last parts came out white, wet when they were lit."""
    white = sum(j.verdict == WHITE for j in judged[-LAST_JUDGED:])
    return DRY_MIN + MORE_DRY_MIN * white


def swirl_min(hollow: Sequence[Hollow]) -> float:
    """Minutes of hands to wash so many hollow parts from within."""
    return SWIRL_MIN * sum(h.count for h in hollow)


def hands_min(hollow: Sequence[Hollow]) -> float:
    """Minutes of hands to wash a plate with so many hollow parts."""
    return HANDS_MIN + swirl_min(hollow)


def carried_ml(surface_cm2: float, film_mm: float, hollow: Sequence[Hollow]) -> float:
    """Resin a plate brings into the baths: on its wetted skin and in its hollow parts."""
    return clinging_ml(surface_cm2, film_mm) + kept_ml(hollow)


def wash_plan(
    surface_cm2: float, film_mm: float, hollow: Sequence[Hollow], dirty: Bath, clean: Bath, dries_min: float = DRY_MIN
) -> list[WashStep]:
    """Steps of washing one plate. A bath near its end gets longer turns, within the total soak parts bear."""
    first, second = dirty.minutes(), clean.minutes()
    steps = [
        WashStep("Drain over the vat", DRAIN_MIN, False, "Tilt the plate; what drips back is not wasted"),
        WashStep("Dirty bath", first, False, dirty.description),
        WashStep("Clean bath", second, False, clean.description),
        WashStep("From bath to bath, then out to dry", MOVE_MIN, True, "Let it drip between; gloves on"),
        WashStep("Dry fully", dries_min, False, "Air or fan; a wet part stays white and tacky under light"),
    ]
    if hollow:
        steps.insert(3, WashStep("Fill, swirl, pour out", swirl_min(hollow), True, ", ".join(h.name for h in hollow)))
    carried = clinging_ml(surface_cm2, film_mm) + kept_ml(hollow)
    steps.insert(
        1,
        WashStep(
            "Lift the plate off, scrape into the basket",
            LIFT_MIN,
            True,
            f"about {carried:.1f} ml of resin comes along ({film_mm:g} mm of film, by its profile)",
        ),
    )
    assert first + second <= LIMIT_MIN
    return steps
