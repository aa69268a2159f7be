"""The two ways into the baths, each with its price: the plate as it hangs, or its parts taken off into a basket."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from math import ceil

from numerus.post.washing.emptying import Hollow, kept_ml

WHOLE, BASKET = "plate", "basket"
NAMES = {WHOLE: "Whole plate into the tub", BASKET: "Off the plate, in a basket"}
# Minutes of hands (defaults): parts scraped off wet and the plate wiped; a plate hung into the tub; parts off a plate that is clean.
SOLVENT_L_PER_BATH_ML = 1.5 / 110.0  # litres of solvent spent per ml of resin washed into it
LIFT_MIN, HANG_MIN, OFF_CLEAN_MIN = 6.0, 1.0, 4.0
MOVE_MIN, SWIRL_MIN = 2.0, 1.5  # from bath to bath; swirling for each hollow part
RECESS_LONGER = 1.0  # (default) skin all in recesses asks for twice the minutes
ROUND_MM = 4.0  # (default) room a plate needs round it in a tub


@dataclass(frozen=True)
class Tub:
    """Inner width and depth of a tub, and what is in it."""

    wide_mm: float
    deep_mm: float
    litres: float

    @property
    def liquid_mm(self) -> float:
        """How high the liquid stands."""
        return self.litres * 1e6 / (self.wide_mm * self.deep_mm)

    def takes(self, x_mm: float, y_mm: float) -> bool:
        """Whether a plate goes in, one way or the other."""
        room, plate = sorted((self.wide_mm, self.deep_mm)), sorted((x_mm, y_mm))
        return all(p + 2 * ROUND_MM <= r for p, r in zip(plate, room, strict=True))


@dataclass(frozen=True)
class WetPlate:
    """A plate as it comes to the baths: its parts' skin and the film on it, those that keep something, how many and how tall they are,
    the plate's own size, the mean wall of the thickest part, and the share of skin deep in
    recesses.
    """

    surface_cm2: float
    film_mm: float
    hollow: Sequence[Hollow] = ()
    parts: int = 1
    tallest_mm: float = 0.0
    plate_mm: tuple[float, float] = (0.0, 0.0)
    wall_mm: float = 0.0
    deep_share: float = 0.0

    @property
    def times_as_long(self) -> float:
        """How much longer its recesses ask for in a bath."""
        return 1 + RECESS_LONGER * self.deep_share

    @property
    def swirl_min(self) -> float:
        """Of hands, to wash its hollow parts from within."""
        return SWIRL_MIN * sum(h.count for h in self.hollow)


@dataclass(frozen=True)
class Way:
    """``hands_min``: of hands; ``carried_ml``: resin it brings into the baths; what speaks for it, and against it; how much longer it soaks."""

    key: str
    hands_min: float
    carried_ml: float
    loads: int
    speaks_for: tuple[str, ...]
    against: tuple[str, ...]
    times_as_long: float = 1.0

    @property
    def name(self) -> str:
        return NAMES[self.key]


def ways_of(wet: WetPlate, tub: Tub, basket_parts: int) -> dict[str, Way]:
    """Both, by their keys; ``basket_parts`` go in at once."""
    return {WHOLE: _whole(wet, tub), BASKET: _in_a_basket(wet, basket_parts)}


def advised(ways: dict[str, Way]) -> str:
    """The whole plate where nothing speaks against it: least handling."""
    return WHOLE if not ways[WHOLE].against else BASKET


def clinging_ml(surface_cm2: float, film_mm: float) -> float:
    """Resin carried into the bath by a surface with a film of it."""
    return surface_cm2 * film_mm / 10


def _skin_ml(wet: WetPlate) -> float:
    return clinging_ml(wet.surface_cm2, wet.film_mm) + kept_ml(wet.hollow)


def _whole(wet: WetPlate, tub: Tub) -> Way:
    """What is hollow must come off between the baths to be swirled."""
    off = LIFT_MIN if wet.hollow else OFF_CLEAN_MIN
    plate_ml = clinging_ml(wet.plate_mm[0] * wet.plate_mm[1] / 100, wet.film_mm)
    against = []
    if not tub.takes(*wet.plate_mm):
        against.append(f"the plate ({_by(wet.plate_mm)}) does not go into the tub ({_by((tub.wide_mm, tub.deep_mm))})")
    elif wet.tallest_mm > tub.liquid_mm:
        more = (wet.tallest_mm - tub.liquid_mm) * tub.wide_mm * tub.deep_mm / 1e6
        against.append(
            f"the liquid stands {tub.liquid_mm:.0f} mm high and the tallest part is {wet.tallest_mm:.0f}: {more:.1f} l short"
        )
    if wet.hollow:
        names = ", ".join(h.name for h in wet.hollow[:2])
        against.append(f"hollow parts must be turned by hand ({names})")
    speaks = ("nothing is touched while it is soft, and the plate is cleaned with it",)
    hands = HANG_MIN + MOVE_MIN + off + wet.swirl_min
    return Way(WHOLE, hands, _skin_ml(wet) + plate_ml, 1, speaks, tuple(against), wet.times_as_long)


def _in_a_basket(wet: WetPlate, basket_parts: int) -> Way:
    loads = max(ceil(wet.parts / max(basket_parts, 1)), 1)
    hands = LIFT_MIN + MOVE_MIN * loads + wet.swirl_min
    against = (f"{loads} baskets one after the other",) if loads > 1 else ()
    return Way(
        BASKET,
        hands,
        _skin_ml(wet),
        loads,
        ("parts can be turned; the plate is wiped apart",),
        against,
        wet.times_as_long,
    )


def _by(size_mm: tuple[float, float]) -> str:
    return f"{size_mm[0]:.0f} × {size_mm[1]:.0f} mm"
