"""Whether a stroke covers what lies below it, in how many coats it would, and what an undercoat would save."""

from __future__ import annotations

from dataclasses import dataclass

from numerus.colour.films import COVERED_DELTA_E, MOST_COATS, coat_differences
from numerus.colour.light import delta_e
from numerus.colour.reflectance import lab_of_reflectance
from numerus.paint.rack.pots import Rack
from numerus.paint.rack.swatches import PALE, card_ground
from numerus.paint.scheme import Laid, laid_um

COVERING = ("base", "spray")
"""Techniques that are meant to hide what is below."""


@dataclass(frozen=True)
class Covering:
    """ΔE to the hiding colour as the stroke lies; ``coats`` that would cover here, ``over_pale`` over a pale undercoat, None for
    never. ``warning``: in words, "" where it covers or need not.
    """

    delta_e: float
    coats: int | None
    over_pale: int | None
    warning: str


def covering(laid: Laid, rack: Rack) -> Covering:
    """How a stroke covers what lies below it."""
    step, paint = laid.step, rack.pigment(laid.step.mix)
    one_coat_um = laid_um(step) / step.coats
    apart = float(delta_e(lab_of_reflectance(laid.film), paint.lab))
    here, pale = (_coats(coat_differences(paint, g, MOST_COATS, one_coat_um)) for g in (laid.below, card_ground(PALE)))
    warning = ""
    if step.technique in COVERING and apart >= COVERED_DELTA_E:
        warning = _words(step.coats, here, pale, step.minutes / step.coats)
    return Covering(apart, here, pale, warning)


def _coats(apart) -> int | None:  # type: ignore[no-untyped-def]
    return next((n for n, off in enumerate(apart) if off < COVERED_DELTA_E), None)


def _words(coats: int, here: int | None, pale: int | None, coat_min: float) -> str:
    """An undercoat costs a coat: it is worth its minutes where it saves more than that."""
    given = "one coat does" if coats == 1 else f"{coats} coats do"
    if here is None:
        return f"{given} not cover here, and no number of them will."
    return f"{given} not cover here: {here} would{_undercoat_words(here, pale, coat_min)}."


def _undercoat_words(here: int, pale: int | None, coat_min: float) -> str:
    if pale is None or pale >= here:
        return ""
    saved_min = (here - pale - 1) * coat_min
    worth = f"saves {saved_min:.1f} min a figure" if saved_min > 0 else "is not worth its minutes"
    return f"; over a pale undercoat {pale}, which {worth}"
