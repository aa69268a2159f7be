"""Washing: two baths, how dirty each is, when it must be changed."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field

from numerus.domain.journal import BathChanged, Fact, StepDone
from numerus.post.emptying import Hollow, kept_ml

DIRTY_SHARE = 0.85  # of the clinging resin that stays in the first bath
SPENT_SHARE = 0.08  # resin by weight at which a bath no longer cleans (5-10 % is usual)
LIMIT_MIN = 12.0  # total soak, or thin parts soften
# Minutes of washing one plate (default): everything that plans, shows or logs a wash goes by these.
DRAIN_MIN, DRY_MIN = 5.0, 25.0
LIFT_MIN, MOVE_MIN, SWIRL_MIN = 6.0, 2.0, 1.5  # of hands, swirling for each hollow part
FRESH_BATH_MIN, SPENT_BATH_MIN = 2.5, 4.0  # in each bath, by how far it is spent
HANDS_MIN = LIFT_MIN + MOVE_MIN
TUB_MIN = 2 * SPENT_BATH_MIN + MOVE_MIN  # one load holds the tub for so long at most


@dataclass(frozen=True)
class Bath:
    """A tub of solvent of ``litres``; ``carried_ml``: resin washed into it since it was changed."""

    name: str
    litres: float
    carried_ml: float

    @property
    def spent(self) -> float:
        """Share of its working life used up, 0..; at 1 it should be settled, filtered and changed."""
        solvent_g, resin_g = self.litres * 790, self.carried_ml * 1.1
        return resin_g / (resin_g + solvent_g) / SPENT_SHARE

    @property
    def description(self) -> str:
        left = max(0.0, 1 - self.spent)
        return f"{self.name} bath: {left:.0%} of its life left" if left > 0 else f"{self.name} bath: spent, change it"


@dataclass(frozen=True)
class WashStep:
    title: str
    minutes: float
    hands: bool
    detail: str


def clinging_ml(surface_cm2: float, film_mm: float) -> float:
    """Resin carried into the bath by a surface with a film of it."""
    return surface_cm2 * film_mm / 10


@dataclass
class Carried:
    """Resin every wash carried into the baths since each was changed, kept up as entries are added."""

    ml: dict[str, float] = field(default_factory=lambda: {"dirty": 0.0, "clean": 0.0})

    def take(self, facts: Iterable[Fact]) -> None:
        for _, event, bath, _, _, _ in facts:
            kind = type(event)
            if kind is BathChanged:
                self.ml[bath] = 0.0
            elif kind is StepDone and event.stage == "wash":  # type: ignore[union-attr]
                ml = event.carried_ml  # type: ignore[union-attr]
                self.ml["dirty"] += ml * DIRTY_SHARE
                self.ml["clean"] += ml * (1 - DIRTY_SHARE)


def baths(carried: Carried, litres: float = 1.5) -> tuple[Bath, Bath]:
    """The dirty and the clean bath as the journal says."""
    return Bath("Dirty", litres, carried.ml["dirty"]), Bath("Clean", litres, carried.ml["clean"])


def swirl_min(hollow: Sequence[Hollow]) -> float:
    """Minutes of hands to wash so many hollow parts from within."""
    return SWIRL_MIN * sum(h.count for h in hollow)


def wash_plan(surface_cm2: float, film_mm: float, hollow: Sequence[Hollow], dirty: Bath, clean: Bath) -> list[WashStep]:
    """Steps of washing one plate. A bath near its end gets longer turns, within the total soak parts bear."""
    first, second = (FRESH_BATH_MIN + (SPENT_BATH_MIN - FRESH_BATH_MIN) * min(b.spent, 1.0) for b in (dirty, clean))
    steps = [
        WashStep("Drain over the vat", DRAIN_MIN, False, "Tilt the plate; what drips back is not wasted"),
        WashStep("Dirty bath", first, False, dirty.description),
        WashStep("Clean bath", second, False, clean.description),
        WashStep("From bath to bath, then out to dry", MOVE_MIN, True, "Let it drip between; gloves on"),
        WashStep("Dry fully", DRY_MIN, False, "Air or fan; a wet part stays white and tacky under light"),
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
