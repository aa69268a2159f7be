"""Kinds of paint and what follows from each: how well it hides, how much of it stays, how it dries, what it is cleaned with.

All of it defaults, used until a pot is measured or told otherwise.
"""

from __future__ import annotations

from dataclasses import dataclass

from numerus.colour.light import lab_of, rgb_of
from numerus.domain.painting.paints import Paint

DROP_ML = 0.05  # (default) twenty to the ml, as droppers of paint bottles give
NEAR_BLACK_UM, NEAR_BLACK_L, NEAR_BLACK_CHROMA = 4.0, 20.0, 12.0
"""A black must rule a shade: what is this dark and grey hides in so little."""


@dataclass(frozen=True)
class Kind:
    """``hides_um``: dry film that hides, 0 for what is clear; ``solids``: share of the wet volume that stays; ``film_um``: dry
    film of one usual coat; ``thinner_parts``: for the airbrush. ``warning``: what is different about it.
    """

    name: str
    hides_um: float
    solids: float
    film_um: float
    dries_min: float
    thinner: str = "water"
    cleaner: str = "water"
    goes_over: str = "any dry primer or acrylic"
    density_g_ml: float = 1.2
    thinner_parts: float = 1.0
    warning: str = ""

    @property
    def clear(self) -> bool:
        return self.hides_um == 0

    @property
    def water_borne(self) -> bool:
        """Whether it is water that leaves it as it dries."""
        return "spirit" not in self.thinner and "lacquer" not in self.thinner


SPIRIT = "Outdoors or with extraction; no flame; rags with spirit dry flat outdoors. Follow the maker's data sheet."
_FLAKES = "Its flakes settle: shake well, and clean the brush and the water after it."
_POWDER = "Powder: a mask, no draught, and nothing wet over it but fixer."
_LACQUER = (
    "Its solvent lifts acrylic: lacquer first, acrylic over it. A mask for organic vapour and extraction; no flame. "
    "Follow the maker's data sheet."
)
_GOUACHE = "Wakes up when wetted: varnish it before anything wet goes over it."
_GLOW = "Its glow is not foretold: colours shown are without it."
_STAIN = "Sinks into wood: what is shown holds on a sealed ground."
_RESIST = "Rub back with a wet brush within an hour or two of the paint over it: later it holds."
_BASE, _CLEANER = "a dry base coat", "water, then airbrush cleaner"
KINDS: dict[str, Kind] = {
    made.name: made
    for made in (
        Kind("opaque", 45, 0.40, 15, 20),
        Kind("semi-opaque", 90, 0.38, 15, 20),
        Kind("translucent", 180, 0.35, 20, 30, "its own medium", goes_over="a pale or two-tone primer"),
        Kind("wash", 400, 0.20, 6, 45, "its own medium", "water", _BASE, 1.05, 0.3),
        Kind("ink", 600, 0.20, 4, 20, density_g_ml=1.05, thinner_parts=0.5),
        Kind("glaze", 600, 0.25, 4, 25, "its own medium", "water", _BASE, 1.05),
        Kind("primer", 25, 0.40, 20, 30, "its own thinner", _CLEANER, "clean, cured resin", 1.2, 0.5),
        Kind("metallic", 20, 0.35, 12, 20, thinner_parts=0.5, warning=_FLAKES),
        Kind("varnish", 0, 0.35, 15, 120, goes_over="paint that is dry through", density_g_ml=1.05, thinner_parts=0.3),
        Kind("medium", 0, 0.30, 6, 20, density_g_ml=1.03),
        Kind("thinner", 0, 0.0, 0, 0, density_g_ml=1.0),
        Kind("enamel", 60, 0.45, 15, 720, "mineral spirit", "mineral spirit", "acrylic under a varnish", 1.1, 0.7, SPIRIT),
        Kind("oil", 120, 0.60, 10, 1440, "mineral spirit", "mineral spirit", "acrylic under a varnish", 1.3, 2.0, SPIRIT),
        Kind("pigment", 60, 1.0, 30, 10, "fixer", "a dry brush", "matt varnish", 0.8, 0.0, _POWDER),
        Kind("texture", 30, 0.70, 500, 240, goes_over="a primed base", density_g_ml=1.6, thinner_parts=0.0),
        Kind("lacquer", 40, 0.30, 10, 15, "lacquer thinner", "lacquer thinner", "resin or lacquer, never acrylic", 0.95, 1.5, _LACQUER),
        Kind("gouache", 35, 0.50, 15, 20, warning=_GOUACHE),
        Kind("fluorescent", 250, 0.35, 15, 20, goes_over="white", warning=_GLOW),
        Kind("resist", 0, 0.15, 10, 15, "water", "warm water", "a dry, varnished undercoat", 1.0, 0.3, _RESIST),
        Kind("stain", 500, 0.12, 5, 60, goes_over="pale wood or a dry base coat", density_g_ml=1.0, warning=_STAIN),
    )
}  # fmt: skip
OF_A_SORT = (
    ("opaque", "semi-opaque", "gouache", "lacquer", "enamel", "oil"), ("translucent", "glaze", "ink"), ("wash", "stain"),
    ("metallic",), ("primer",), ("varnish",), ("medium",), ("thinner",), ("pigment",), ("texture",), ("fluorescent",), ("resist",),
)  # fmt: skip
"""Kinds that may stand in for each other: a wash is never replaced by an opaque paint."""


def kind_of(paint: Paint) -> Kind:
    return KINDS[paint.kind]


def stands_in(one: str, other: str) -> bool:
    """Whether a paint of one kind may replace one of the other."""
    return any(one in sort and other in sort for sort in OF_A_SORT)


def hiding_um(paint: Paint) -> float:
    """Dry film at which a pot hides: as told, else by its kind; 0 for what is clear."""
    if paint.hides_um > 0:
        return paint.hides_um
    kind = kind_of(paint)
    lightness, a, b = lab_of(rgb_of(paint.colour))
    near_black = lightness < NEAR_BLACK_L and (a * a + b * b) ** 0.5 < NEAR_BLACK_CHROMA
    return NEAR_BLACK_UM if near_black and paint.kind == "opaque" else kind.hides_um
