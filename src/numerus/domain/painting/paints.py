"""Paints: the pots on the rack, and the mixes made from them."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import date, datetime

from numerus.colour.light import rgb_of

Parts = tuple[tuple[str, float], ...]
"""Ids of pots or mixes with their parts."""

GUESSED, TYPED, PICKED, PICTURE, MEASURED = "guessed", "typed", "picked", "picture", "measured"
"""Where a pot's colour is known from; a measured one was seen over black and over white."""
BESIDE = "beside"
"""A swatch read from one picture with the reference swatch, against which it is told."""


@dataclass(frozen=True)
class Paint:
    """A pot on the rack. ``ml`` None means nobody has written down how much is left; told at ``ml_told``.

    ``kind``: see paint.kinds, which has the defaults; ``hides_um``: dry film that hides, 0 by its kind. ``over_black`` and
    ``over_white``: what a film ``film_um`` thick looked like on grounds of reflectance ``card_black`` and ``card_white``, "" for
    never measured. ``strength``: in a mix, against what its kind says, ``strength_error`` 0 until it is learned. ``gone``: no
    longer to be had; it stays for the recipes that name it.
    """

    id: str
    name: str
    maker: str
    colour: str
    ml: float | None
    price_pence: int = 300
    pot_ml: float = 18.0
    kind: str = "opaque"
    hides_um: float = 0.0
    known: str = TYPED
    colour_error: float = 0.0
    over_black: str = ""
    over_white: str = ""
    film_um: float = 15.0
    card_black: float = 0.0
    card_white: float = 1.0
    strength: float = 1.0
    strength_error: float = 0.0
    density_g_ml: float = 0.0
    tare_g: float = 0.0
    ml_told: datetime | None = None
    opened: date | None = None
    batch: str = ""
    place: str = ""
    gone: bool = False

    def __post_init__(self) -> None:
        """A pot whose colour is none is no pot: ValueError."""
        for colour in filter(None, (self.colour, self.over_black, self.over_white)):
            rgb_of(colour)


@dataclass(frozen=True)
class Swatch:
    """What a mix looked like when it was made: its colour, with an error in ΔE, and where that is known from."""

    on: date
    colour: str
    error: float
    known: str = TYPED


@dataclass(frozen=True)
class Mix:
    """Paints poured together: a thing with a name that strokes use. ``parts``: of pots, or of other mixes it was made from.

    ``thinner``: parts of thinner to all of those; ``keeps_days``: how long it is good, 0 not told; ``ml``: what is left of it,
    None where it is only a recipe, told at ``ml_told``; ``swatches``: how it came out, the first is the reference; ``before``: the
    parts it had until it was ``changed``.
    """

    id: str
    name: str
    parts: Parts
    thinner: float = 0.0
    made: date | None = None
    note: str = ""
    keeps_days: float = 0.0
    ml: float | None = None
    swatches: tuple[Swatch, ...] = ()
    ml_told: datetime | None = None
    changed: datetime | None = None
    before: Parts = ()
