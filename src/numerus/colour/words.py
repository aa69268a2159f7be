"""Colours as people type them: #C99A2E, C9A, "dark red", "pale warm grey". Refused in words when not understood."""

from __future__ import annotations

import re
from functools import lru_cache

import numpy as np

from numerus.colour.light import delta_e, hex_of_lab, lab_of, rgb_of
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats

HUES = {
    "white": "#F4F2EC", "black": "#17181B", "grey": "#808285", "gray": "#808285", "red": "#A8322B", "orange": "#DA7325", "yellow": "#E6BE3C",
    "green": "#3F7A3D", "blue": "#2E5590", "purple": "#6A3F86", "violet": "#6A3F86", "pink": "#D98C97", "brown": "#6E4A2C", "tan": "#B98F61",
    "turquoise": "#2F8F8C", "teal": "#1F6B6C", "olive": "#6B6B35", "cream": "#EBDDB4", "ivory": "#EEE6CF", "bone": "#DDCFA8", "sand": "#C9B083",
    "ochre": "#B9822E", "rust": "#8C4A26", "crimson": "#8B1E2F", "scarlet": "#BF2B22", "maroon": "#5C1F26", "navy": "#1F2D4D", "flesh": "#D9A17E",
    "skin": "#D9A17E", "leather": "#7A5232", "steel": "#7C848A", "silver": "#B4B7B8", "gold": "#B8913F", "brass": "#A88A45", "bronze": "#7F6036",
    "copper": "#9A5B3C", "khaki": "#9A8D62",
    "rose": "#B5656F", "lilac": "#A990BE", "plum": "#5B2E4E", "mustard": "#C2952F", "mint": "#9CCBB0",
}  # fmt: skip
SHIFTS = {  # (L*, share of chroma, a*, b*)
    "dark": (-18, 0.9, 0, 0), "deep": (-14, 1.1, 0, 0), "light": (16, 0.8, 0, 0), "pale": (24, 0.55, 0, 0), "bright": (6, 1.3, 0, 0),
    "dull": (0, 0.6, 0, 0), "muted": (0, 0.6, 0, 0), "dusty": (4, 0.55, 0, 0), "dirty": (-8, 0.6, 2, 4),
    "greyish": (0, 0.5, 0, 0), "warm": (0, 1, 4, 8), "cool": (0, 1, -3, -8),
    "very": (0, 1, 0, 0), "off": (-4, 1, 1, 6), "reddish": (0, 1, 14, 4),
    "yellowish": (0, 1, 0, 14), "greenish": (0, 1, -14, 4), "bluish": (0, 1, -2, -14),
}  # fmt: skip


def colour_typed(text: str) -> str:
    """``#RRGGBB`` of what was typed. Raises PlanError where it means no colour."""
    words = text.strip().lower()
    digits = words.lstrip("#")
    if re.fullmatch(r"[0-9a-f]{6}", digits, re.ASCII):
        return f"#{digits.upper()}"
    if re.fullmatch(r"#[0-9a-f]{3}", words, re.ASCII):
        return "#" + "".join(2 * c for c in digits).upper()
    named = _named(re.split(r"[\s\-]+", words))
    if named is None:
        raise PlanError(
            "no-colour", f"{text.strip()!r} is no colour that is understood.", "Write #RRGGBB, or words like dark red."
        )
    return named


def _named(words: list[str]) -> str | None:
    """A hue after any number of shades of meaning; "very" doubles the next."""
    *shades, hue = words
    if hue not in HUES or any(w not in SHIFTS for w in shades):
        return None
    lightness, a, b = lab_of(rgb_of(HUES[hue]))
    times = 1
    for word in shades:
        up, chroma, red, yellow = SHIFTS[word]
        lightness, a, b = lightness + times * up, a * chroma**times + times * red, b * chroma**times + times * yellow
        times = 2 if word == "very" else 1
    return hex_of_lab(np.array([np.clip(lightness, 2, 98), a, b]))


def shifted(colour: str, lightness: float) -> str:
    """A colour so many L* lighter or darker, its hue kept."""
    lab = lab_of(rgb_of(colour))
    return hex_of_lab(np.array([np.clip(lab[0] + lightness, 4, 97), lab[1], lab[2]]))


def words_of_colour(colour: str) -> str:
    """The nearest words for a colour: a hue, or a shade of one, by CIEDE2000."""
    labs = np.stack([lab for _, lab in _said()])
    apart = delta_e(labs, np.broadcast_to(lab_of(rgb_of(colour)), labs.shape))
    return _said()[int(np.argmin(apart))][0]


@lru_cache(1)
def _said() -> list[tuple[str, Floats]]:
    """Words with their L*a*b*: plain hues first, so that of equals the plainer is said."""
    shades = ("", "dark ", "light ", "pale ", "deep ", "dull ", "bright ")
    words = [f"{shade}{hue}" for shade in shades for hue in HUES if hue != "gray"]
    return [(w, lab_of(rgb_of(colour_typed(w)))) for w in words]
