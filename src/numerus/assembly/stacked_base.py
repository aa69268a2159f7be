"""A base stacked of pieces: how high it lifts the figure, what it weighs, and whether the whole of it stands."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass, replace

from numerus.assembly.balance import RESIN_G_PER_MM3, SAFE_DEG, Balance, tipping_on_base_deg
from numerus.domain.basing import BasePiece
from numerus.domain.typed_rows import number_in_row
from numerus.errors import PlanError

MATERIALS = {  # (defaults) g/cm³, and the share of its round outline that a piece of it fills
    "plastic": (1.05, 1.0), "board": (0.75, 1.0), "printed": (1.15, 1.0), "cork": (0.22, 0.8), "bark": (0.45, 0.7), "foam": (0.04, 0.9),
    "clay": (1.7, 0.8), "putty": (1.9, 0.8), "stone": (2.5, 0.5), "wire": (2.7, 0.05), "steel washer": (7.8, 0.85), "scatter": (0.9, 0.3),
}  # fmt: skip
DRIES = {"clay": (24 * 60.0, 6.0), "putty": (6 * 60.0, 0.0), "scatter": (4 * 60.0, 0.0)}
"""(defaults) Minutes until what is laid wet can be built on; of what dries through its thickness the mm these are for, else 0."""
SOAKED_IN = "scatter", "clay"
"""What gives off water; putty hardens in any air."""
PIECE_MIN = 1.5  # (default) minutes of hands to cut and set one piece
COLUMNS = ("Piece, from below", "Material", "High, mm", "Wide, mm", "Grams (empty: by size)", "Price")
MOST_MM, MOST_G = 300.0, 5000.0
USUAL = (
    BasePiece("Plate", "plastic", 3.2, 28.5),
    BasePiece("Riser", "cork", 6.0, 22.0),
    BasePiece("Cobbles", "printed", 2.0, 20.0),
)


def piece_g(piece: BasePiece) -> float:
    """As weighed, else by its size as a disc of its material."""
    if piece.grams:
        return piece.grams
    density, filled = MATERIALS[piece.material]
    return math.pi / 4 * piece.wide_mm**2 * piece.high_mm * filled * density / 1000


def piece_dries_min(piece: BasePiece, water_times: float = 1.0) -> float:
    """Until the next piece can be set on it. Water leaves clay through its thickness: four times the time for twice as thick (Fick's law);
    ``water_times``: how many times as long as in usual air water takes to leave.
    """
    minutes, thick_mm = DRIES.get(piece.material, (0.0, 0.0))
    times = max((piece.high_mm / thick_mm) ** 2, 0.1) if thick_mm else 1.0
    return minutes * times * (water_times if piece.material in SOAKED_IN else 1.0)


def stack_dries_min(pieces: Sequence[BasePiece], water_times: float = 1.0) -> float:
    """What is laid wet dries before the next is set on it: one after another."""
    return sum(piece_dries_min(p, water_times) for p in pieces)


@dataclass(frozen=True)
class Stack:
    """Pieces together: how high, how heavy, how high their mass lies, what they cost in pence, how wide the lowest is."""

    high_mm: float
    grams: float
    centre_mm: float
    pence: int
    foot_mm: float


def stack_of(pieces: Sequence[BasePiece]) -> Stack:
    """Scatter lies on what is below and lifts nothing."""
    high, grams, moment = 0.0, 0.0, 0.0
    for piece in pieces:
        own = piece_g(piece)
        grams, moment = grams + own, moment + own * (high + piece.high_mm / 2)
        high += piece.high_mm if piece.material != "scatter" else 0.0
    foot = pieces[0].wide_mm if pieces else 0.0
    return Stack(high, grams, moment / grams if grams else 0.0, sum(p.pence for p in pieces), foot)


def figure_g(weighed: Balance) -> float:
    return weighed.volume_mm3 * RESIN_G_PER_MM3


def on_stack(weighed: Balance, pieces: Sequence[BasePiece], washer_g: float = 0.0) -> float:
    """Degrees to tip with the figure in the middle of its stack, by the middle of its feet; ``washer_g`` on the floor."""
    stack, own = stack_of(pieces), figure_g(weighed)
    whole = stack.grams + own + washer_g
    height = (stack.grams * stack.centre_mm + own * (stack.high_mm + weighed.height_mm)) / max(whole, 1e-9)
    away = math.hypot(weighed.centre_mm[0] - weighed.stands_mm[0], weighed.centre_mm[1] - weighed.stands_mm[1])
    aside = own * away / max(whole, 1e-9)
    middle = (weighed.stands_mm[0] + aside, weighed.stands_mm[1])
    return tipping_on_base_deg(replace(weighed, centre_mm=(*middle, height), height_mm=height), stack.foot_mm / 2)


def stack_words(weighed: Balance, pieces: Sequence[BasePiece], asked_mm: float) -> str:
    """How it stands on its stack, what would make it stand, and whether the base is as wide as was asked."""
    stack, tips = stack_of(pieces), on_stack(weighed, pieces)
    words = f"On its stack {stack.high_mm:.1f} mm higher, {stack.grams + figure_g(weighed):.1f} g in all: {tips:.0f}° to tip"
    if tips < SAFE_DEG:
        washer = next((g for g in range(1, 60) if on_stack(weighed, pieces, float(g)) >= SAFE_DEG), 0)
        words += (
            f"; a washer of {washer} g under it makes it {SAFE_DEG:.0f}°" if washer else "; a wider plate is wanted"
        )
    other = (
        f" The unit's bases are {asked_mm:g} mm, its lowest piece is {stack.foot_mm:g}."
        if stack.foot_mm != asked_mm
        else ""
    )
    return f"{words}.{other}"


def stack_rows(pieces: Sequence[BasePiece]) -> list[list[str]]:
    return [
        [
            p.name,
            p.material,
            f"{p.high_mm:g}",
            f"{p.wide_mm:g}",
            f"{p.grams:g}" if p.grams else "",
            f"{p.pence / 100:.2f}",
        ]
        for p in pieces
    ]


def stack_from_rows(rows: Sequence[Sequence[str]]) -> tuple[BasePiece, ...]:
    """Pieces of edited rows. Raises PlanError for what cannot be read, naming the row."""
    pieces = []
    for number, (name, material, high, wide, grams, price) in enumerate(rows, 1):
        material = " ".join(material.lower().split())
        if material not in MATERIALS:
            raise PlanError(
                "no-material", f"Row {number}: {material!r} is no material.", f"There are {', '.join(MATERIALS)}."
            )
        tall, across = number_in_row(high, MOST_MM, number), number_in_row(wide, MOST_MM, number)
        if across <= 0:
            raise PlanError("no-size", f"Row {number}: a piece is wider than nothing.", "Type how wide it is.")
        weight, cost = (
            number_in_row(words, most, number) if words.strip() else 0.0
            for words, most in ((grams, MOST_G), (price, 1e4))
        )
        pieces.append(
            BasePiece(
                " ".join(name.split()) or material.capitalize(), material, tall, across, weight, round(100 * cost)
            )
        )
    return tuple(pieces)
