"""Priming a unit: the schools and the steps each asks for."""

from __future__ import annotations

import math
from collections.abc import Mapping, Sequence
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
from numerus.surface.fields.painting_fields import layer_step_um
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
LOST = {
    "can": 3.0,
    "airbrush": SPRAY_LOSS,
    "brush": 0.15,
}  # (defaults) of what lies on the figures: flown past, left in cup and bristles
CAN_ML = 100.0  # (default) of primer as it lies wet in a can of 400 ml; the rest drives it
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


def primer_ml(cm2: float, school: str = "airbrush") -> float:
    """Wet ml of primer for so much skin, with what is lost on the way."""
    return _coats_ml("primer", cm2, PRIMER_COATS, LOST[school])


def varnish_ml(cm2: float) -> float:
    return _coats_ml("varnish", cm2, VARNISH_COATS, SPRAY_LOSS)


def _coats_ml(kind: str, cm2: float, coats: int, lost: float) -> float:
    kind_of_paint = KINDS[kind]
    return cm2 * coats * kind_of_paint.film_um * 1e-4 / kind_of_paint.solids * (1 + lost)


@dataclass(frozen=True)
class SchoolCost:
    """Priming a batch by one school: minutes of hands, ml of primer and how much of it is lost, cans it takes (0 where none is used)."""

    school: str
    minutes: float
    ml: float
    lost_ml: float
    cans: float

    @property
    def description(self) -> str:
        cans = f" of {counted(math.ceil(self.cans), 'can')}" if self.cans else ""
        return f"{self.school} {self.minutes:.0f} min, {self.ml:.1f} ml{cans}"


def schools_compared(figures: int, times: float, cm2: float, scheme: Scheme) -> list[SchoolCost]:
    """Every school on so many figures, that take as long as ``times`` usual ones and have so much skin, the quickest first."""
    costs = []
    for school in SCHOOLS:
        minutes = sum(s.minutes for s in prime_plan(figures, school, scheme, times=times) if s.hands)
        ml = primer_ml(cm2, school)
        laid = ml / (1 + LOST[school])
        costs.append(SchoolCost(school, minutes, ml, ml - laid, ml / CAN_ML if school == "can" else 0.0))
    return sorted(costs, key=lambda c: c.minutes)


def pays_from(school: str, other: str, scheme: Scheme) -> int:
    """From how many usual figures on a school takes fewer minutes of hands than another that is quicker to set up; 0 for never."""
    setup, each = SETUP_MIN[school] - SETUP_MIN[other], (PACE[other] - PACE[school]) * scheme.prime_minutes
    if setup <= 0:
        return 1
    return int(setup / each) + 1 if each > 0 else 0


HOLDER_MIN = 1.0  # (default) to look a figure over and set it on its holder
STICK_MIN = 0.25  # (default) to set one part on a stick
TACK_MIN = 0.5  # (default) to tack one part on for a spray, or to take it off again


# (defaults) left in a stair by a sanded coat; its drying; sanding a usual figure
FILLER_UM, FILLER_DRIES_MIN, SAND_MIN = 30.0, 60.0, 2.0
HIDDEN_UM = 20.0  # (default) stairs that two coats of primer hide
MOST_FILLER = 4


def filler_coats_for(stair_um: float) -> int:
    """Sanded coats of filler until stairs so deep are hidden by the primer."""
    return min(max(math.ceil((stair_um - HIDDEN_UM) / FILLER_UM), 0), MOST_FILLER)


def deep_stair_um(
    normals: Sequence[Floats], areas: Sequence[Floats], ups: Sequence[Floats], layers_mm: Sequence[float]
) -> float:
    """Depth of stairs that a twentieth of a figure's skin exceeds, µm: of its parts' faces (n, 3), their areas, which way was up when
    each was printed, and the layers.
    """
    parts = zip(normals, ups, layers_mm, strict=True)
    depth, weight = np.concatenate([layer_step_um(n, up, mm) for n, up, mm in parts]), np.concatenate(areas)
    order = np.argsort(depth)
    return float(depth[order][np.searchsorted(np.cumsum(weight[order]), 0.95 * weight.sum())])


def _filler_min(scheme: Scheme, times: float) -> float:
    return scheme.filler_coats * times * (scheme.prime_minutes * PACE[scheme.prime_school] / 2 + SAND_MIN)


def prime_min(scheme: Scheme, times: float, sticks: int = 0) -> float:
    """Minutes of hands on one figure by the scheme's school: onto its holder, with so many parts on sticks of their own, filler sanded
    where the scheme has it, and both coats; it takes as long as ``times`` usual ones.
    """
    coats = times * scheme.prime_minutes * PACE[scheme.prime_school]
    return HOLDER_MIN + STICK_MIN * sticks + _filler_min(scheme, times) + coats


def prime_setup_min(scheme: Scheme) -> float:
    """Minutes to set up and clean, once for all that are primed together."""
    return SETUP_MIN[scheme.prime_school]


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
    held = HOLDER_MIN * figures + STICK_MIN * sum(on_sticks.values())
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
        *_filler_steps(scheme, coat, times or figures),
        PrimeStep("First thin coat, from below and round", coat, counted(figures, "figure")),
        PrimeStep("Between coats", BETWEEN_COATS_MIN, "15 to 30 minutes; two thin coats beat one", False),
        *tack,
        PrimeStep("Second coat, from above", coat, scheme.primer),
        *untack,
        PrimeStep("Dry", scheme.prime_dries_min, "Before any paint", False),
    ]


def _filler_steps(scheme: Scheme, coat_min: float, times: float) -> list[PrimeStep]:
    """Each coat of filler, its drying and its sanding."""
    steps, many = [], scheme.filler_coats
    for number in range(1, many + 1):
        words = f"Filler, {number} of {many}" if many > 1 else "Filler"
        steps += [
            PrimeStep(words, coat_min, "Sprayed over the stairs of layers; detail fills, too"),
            PrimeStep("Filler dries", FILLER_DRIES_MIN, "Soft filler clogs the paper", False),
            PrimeStep("Sand it, wet", SAND_MIN * times, "400 then 800 along the stairs, keep off edges; a mask"),
        ]
    return steps
