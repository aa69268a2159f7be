"""Fields of a pot as people type them: read, checked and refused at entry, so that nothing wrong is ever kept."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import replace
from datetime import date, datetime

from numerus.colour.words import colour_typed
from numerus.domain.painting.paints import GUESSED, TYPED, Paint
from numerus.errors import PlanError
from numerus.paint.rack.kinds import KINDS, hiding_um, kind_of

TARE_SHARE = 0.55  # (default) g an empty bottle weighs to the ml it holds


def number_typed(text: str, what: str, least: float = 0.0, most: float = 1e5) -> float:
    """A plain number within bounds; units after it are left out. Raises PlanError for nan, inf, ² and the like."""
    words = text.strip().lower()
    for unit in ("g/ml", "ml", "µm", "um", "g"):
        words = words.removesuffix(unit).strip()
    try:
        value = float(words.replace(",", ".")) if words.isascii() else math.nan
    except ValueError:
        value = math.nan
    if not least <= value <= most:
        raise PlanError("bad-number", f"{what}: {text.strip()!r} is no number from {least:g} to {most:g}.")
    return value


def ml_weighed(paint: Paint, grams: float) -> float:
    """ml in a pot that weighs so much: less its tare, over its density; guessed from its size and kind where not known.

    Raises PlanError where it weighs less than empty, or more than full.
    """
    tare, density = tare_g(paint), density_g_ml(paint)
    ml = (grams - tare) / density
    if ml < -0.05 * paint.pot_ml:
        raise PlanError(
            "too-light",
            f"{paint.name} would weigh less than empty, {tare:.1f} g.",
            "Weigh an empty pot and write its tare.",
        )
    if ml > 1.2 * paint.pot_ml:
        raise PlanError(
            "too-heavy",
            f"{paint.name} would hold {ml:.0f} ml of {paint.pot_ml:g}.",
            "Check grams, tare and the pot's size.",
        )
    return max(round(ml, 2), 0.0)


def tare_g(paint: Paint) -> float:
    return paint.tare_g or TARE_SHARE * paint.pot_ml


def density_g_ml(paint: Paint) -> float:
    return paint.density_g_ml or kind_of(paint).density_g_ml


def _colour(paint: Paint, text: str, _: datetime) -> Paint:
    return replace(paint, colour=colour_typed(text), known=TYPED, colour_error=0.0, over_black="", over_white="")


def _kind(paint: Paint, text: str, _: datetime) -> Paint:
    if text not in KINDS:
        raise PlanError("no-kind", f"{text!r} is no kind of paint.", f"It is one of {', '.join(KINDS)}.")
    return replace(paint, kind=text)


def _ml(paint: Paint, text: str, now: datetime) -> Paint:
    """Typed ml, grams of the whole pot ("31 g"), or nothing for not known."""
    words = text.strip()
    if not words:
        return replace(paint, ml=None, ml_told=None)
    grams = words.lower().endswith("g")
    value = number_typed(words, "ml left")
    return replace(paint, ml=ml_weighed(paint, value) if grams else value, ml_told=now)


def _opened(paint: Paint, text: str, _: datetime) -> Paint:
    if not text.strip():
        return replace(paint, opened=None)
    try:
        return replace(paint, opened=date.fromisoformat(text.strip()))
    except ValueError as error:
        raise PlanError("bad-date", f"Opened: {text.strip()!r} is no date.", "Write it like 2026-03-05.") from error


def _number(name: str, what: str, least: float, most: float, empty: float) -> Callable[[Paint, str, datetime], Paint]:
    def read(paint: Paint, text: str, _: datetime) -> Paint:
        value = number_typed(text, what, least, most) if text.strip() else empty
        return replace(paint, **{name: value})  # type: ignore[arg-type]

    return read


def _words(name: str) -> Callable[[Paint, str, datetime], Paint]:
    return lambda paint, text, _: replace(paint, **{name: " ".join(text.split())})  # type: ignore[arg-type]


def _price(paint: Paint, text: str, _: datetime) -> Paint:
    return replace(paint, price_pence=round(100 * number_typed(text, "price", 0, 1e4)))


FIELDS: dict[str, Callable[[Paint, str, datetime], Paint]] = {
    "maker": _words("maker"), "colour": _colour, "kind": _kind, "hides": _number("hides_um", "hides", 0.5, 5000, 0.0), "ml": _ml,
    "pot": _number("pot_ml", "pot", 0.5, 5000, 18.0), "price": _price, "tare": _number("tare_g", "tare", 0.1, 5000, 0.0),
    "density": _number("density_g_ml", "density", 0.3, 4, 0.0), "opened": _opened, "batch": _words("batch"), "place": _words("place"),
}  # fmt: skip
"""What the card of a pot edits, by name: (pot, text, now) to the pot with it. Each raises PlanError in words."""


def field_text(paint: Paint, name: str) -> str:
    """A field as it is shown and typed; "" where it is not known."""
    shown = {
        "maker": paint.maker, "colour": paint.colour, "kind": paint.kind, "hides": f"{paint.hides_um:g}" if paint.hides_um else "",
        "ml": "" if paint.ml is None else f"{paint.ml:g}", "pot": f"{paint.pot_ml:g}", "price": f"{paint.price_pence / 100:.2f}",
        "tare": f"{paint.tare_g:g}" if paint.tare_g else "", "density": f"{paint.density_g_ml:g}" if paint.density_g_ml else "",
        "opened": paint.opened.isoformat() if paint.opened else "", "batch": paint.batch, "place": paint.place,
    }  # fmt: skip
    return shown[name]


def hint_of(paint: Paint, name: str) -> str:
    """What holds where nothing was typed, called what it is."""
    hints = {
        "hides": f"{hiding_um(paint):g} by its kind", "ml": "not known; 31 g weighs it", "tare": f"{tare_g(paint):.0f} guessed",
        "density": f"{density_g_ml(paint):g} by its kind", "opened": "not told",
    }  # fmt: skip
    return hints.get(name, "")


def known_words(paint: Paint) -> str:
    """Where a pot's colour and hiding are known from."""
    if paint.over_black and paint.over_white:
        error = f", ± {paint.colour_error:.1f} ΔE" if paint.colour_error else ""
        return f"Measured over black and white{error}."
    words = {GUESSED: "Colour guessed", TYPED: "Colour typed"}.get(paint.known, f"Colour from a {paint.known}")
    error = f", ± {paint.colour_error:.1f} ΔE" if paint.colour_error else ""
    hides = "hiding typed" if paint.hides_um else f"hiding guessed: {paint.kind}, {hiding_um(paint):g} µm"
    return f"{words}{error}; {hides if not kind_of(paint).clear else 'clear'}."
