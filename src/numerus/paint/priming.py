"""Priming a unit: the schools and the steps each asks for."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from functools import lru_cache
from types import MappingProxyType

import numpy as np

from numerus.colour.reflectance import reflectances
from numerus.colour.words import colour_typed
from numerus.domain.painting.recipes import Scheme
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats
from numerus.paint.figure.painted import Primer
from numerus.paint.rack.kinds import KINDS
from numerus.words import counted

SCHOOLS = {
    "can": "Spray can outdoors: quickest for many; needs the weather.",
    "airbrush": "Airbrush with extraction: any weather; 10 min of setting up and cleaning.",
    "brush": "Brush-on: no fumes, nothing to set up; slowest and shows strokes.",
}
SETUP_MIN = {"can": 4.0, "airbrush": 10.0, "brush": 1.0}
PACE = {"can": 0.6, "airbrush": 1.0, "brush": 2.0}  # minutes a figure against the scheme's
BETWEEN_COATS_MIN = 20.0
PRIMER_COATS, VARNISH_COATS, SPRAY_LOSS = 2, 1, 0.6  # (default)
USUAL_PRIMER = "#A9A8A4"  # (default) a middle grey, where the words name no colour
LIT_SHARE = 0.6  # (default) of a two-tone primer seen in its upper colour from afar


def primed_ground(scheme: Scheme) -> Floats:
    """Reflectance (BANDS,) under the paint: the primer's words, "pale grey over black" being seen in both."""
    upper, _, lower = scheme.primer.partition(",")[0].partition(" over ")
    light = _primer_reflectance(upper)
    return LIT_SHARE * light + (1 - LIT_SHARE) * _primer_reflectance(lower) if lower else light


def two_tone_primer(scheme: Scheme) -> Primer:
    """The primer as it lies on a figure: one colour, or the upper of its words from above over the lower."""
    upper, _, lower = scheme.primer.partition(",")[0].partition(" over ")
    return Primer(_primer_reflectance(lower or upper), _primer_reflectance(upper) if lower else None)


@lru_cache(256)
def _primer_reflectance(words: str) -> Floats:
    try:
        colour = colour_typed(words)
    except PlanError:
        colour = USUAL_PRIMER
    return np.asarray(reflectances([colour])[0])


def primer_ml(cm2: float) -> float:
    """Wet ml of primer sprayed on so much skin."""
    return _sprayed_ml("primer", cm2, PRIMER_COATS)


def varnish_ml(cm2: float) -> float:
    return _sprayed_ml("varnish", cm2, VARNISH_COATS)


def _sprayed_ml(kind: str, cm2: float, coats: int) -> float:
    kind_of_paint = KINDS[kind]
    return cm2 * coats * kind_of_paint.film_um * 1e-4 / kind_of_paint.solids * (1 + SPRAY_LOSS)


STICK_MIN = 0.25  # (default) to set one part on a stick
TACK_MIN = 0.5  # (default) to tack one part on for a spray, or to take it off again


@dataclass(frozen=True)
class PrimeStep:
    title: str
    minutes: float
    detail: str
    hands: bool = True


def on_sticks_words(on_sticks: Mapping[str, int]) -> str:
    """Parts that have holders of their own, "" where none have."""
    return ", ".join(f"{count} × {slot}" for slot, count in on_sticks.items() if count)


def prime_plan(
    figures: int, school: str, scheme: Scheme, on_sticks: Mapping[str, int] = MappingProxyType({}), tacked: bool = False,
    times: float = 0.0,
) -> list[PrimeStep]:  # fmt: skip
    """Two thin coats on so many figures, which take as long as ``times`` usual ones (as many as they are, if that is not given); the
    second from above, as the scheme's primer wants it. ``on_sticks``: how many parts of each slot have holders of their own;
    ``tacked``: they are put together for the light of the second coat.
    """
    coat, apart = (times or figures) * scheme.prime_minutes * PACE[school] / 2, on_sticks_words(on_sticks)
    held = 1.0 * figures + STICK_MIN * sum(on_sticks.values())
    told = f"On sticks of their own: {apart}" if apart else "Soap and water first if fingers touched it"
    many = sum(on_sticks.values())
    tack, untack = (
        [PrimeStep(title, TACK_MIN * many, detail)] if tacked and many else [] for title, detail in (
            ("Tack together for the light", f"Putty on the joints: {apart}"), ("Take apart again", "Onto their sticks, putty off the joints"),
        )
    )  # fmt: skip
    return [
        PrimeStep("Clean, dry, on holders", held, told),
        PrimeStep("Set up", SETUP_MIN[school], SCHOOLS[school].partition(":")[0]),
        PrimeStep("First thin coat, from below and round", coat, counted(figures, "figure")),
        PrimeStep("Between coats", BETWEEN_COATS_MIN, "15 to 30 minutes; two thin coats beat one", False),
        *tack,
        PrimeStep("Second coat, from above", coat, scheme.primer),
        *untack,
        PrimeStep("Dry", scheme.prime_dries_min, "Before any paint", False),
    ]
