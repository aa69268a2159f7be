"""Ways to lay the first colour on a batch: by brush, through a small or a wide nozzle, from a coloured can; what each costs and when it pays."""

from __future__ import annotations

import math
from dataclasses import dataclass

COATS, FILM_UM, SOLIDS = 2, 10.0, 0.35  # (defaults) of a sprayed colour
HOLD_MIN = 0.3  # (default) to take a figure up, turn it and set it down
CAN_ML, CAN_PENCE = 100.0, 900.0  # (defaults) colour in a can of 400 ml, and its price; the rest drives it


@dataclass(frozen=True)
class Sprayer:
    """(defaults) ``cm2_per_min`` it coats, ``lost``: paint that flies past or stays in the cup, as a share of what lies."""

    name: str
    setup_min: float
    cm2_per_min: float
    lost: float
    outdoors: bool = False


SPRAYERS = (
    Sprayer("small airbrush", 10.0, 60.0, 0.6),
    Sprayer("wide nozzle", 10.0, 150.0, 1.5),
    Sprayer("coloured can", 4.0, 250.0, 3.0, True),
)


@dataclass(frozen=True)
class BaseCoat:
    """One way on a batch: minutes to begin with, minutes a figure, ml and how much of it is lost, pence; ``outdoors``: it waits for the
    weather.
    """

    name: str
    setup_min: float
    figure_min: float
    ml: float
    lost_ml: float
    pence: float
    outdoors: bool = False

    def minutes(self, figures: int) -> float:
        return self.setup_min + self.figure_min * figures

    def pays_from(self, other: BaseCoat) -> int:
        """From how many figures on it takes less time than a way that is quicker to begin; 0 for never."""
        longer, saved = self.setup_min - other.setup_min, other.figure_min - self.figure_min
        if longer <= 0:
            return 1 if saved >= 0 else 0
        return math.floor(longer / saved) + 1 if saved > 0 else 0


def base_coats(
    figures: int, cm2: float, brush_setup_min: float, brush_min: float, brush_ml: float, pence_per_ml: float
) -> list[BaseCoat]:
    """Every way to lay one colour on so many figures with ``cm2`` of it each, the quickest first. ``brush_min``, ``brush_ml``: a figure's
    by brush, as its recipe has them.
    """
    ways = [BaseCoat("brush", brush_setup_min, brush_min, brush_ml * figures, 0.0, brush_ml * figures * pence_per_ml)]
    for sprayer in SPRAYERS:
        laid = COATS * FILM_UM * 1e-4 * cm2 * figures / SOLIDS
        ml = laid * (1 + sprayer.lost)
        each = CAN_PENCE / CAN_ML if sprayer.outdoors else pence_per_ml
        minutes = HOLD_MIN + COATS * cm2 / sprayer.cm2_per_min
        ways.append(BaseCoat(sprayer.name, sprayer.setup_min, minutes, ml, ml - laid, ml * each, sprayer.outdoors))
    return sorted(ways, key=lambda w: w.minutes(figures))
