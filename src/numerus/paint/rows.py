"""A scheme as plain rows of text, one a stroke, and back: how it is edited and copied."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

from numerus.domain.paints import Paint
from numerus.domain.recipes import Recipe, RecipeStep, Scheme
from numerus.domain.stages import LEVELS
from numerus.errors import PlanError
from numerus.paint.scheme import TECHNIQUES

COLUMNS = ("Zone", "Stroke", "Technique", "Mix", "Thinner", "Tool", "Minutes", "Dries min", "From level")


def to_rows(scheme: Scheme, rack: Mapping[str, Paint]) -> list[list[str]]:
    """Rows in the scheme's order; a mix reads ``Tallow coat 2 : Candle cream 1``."""
    return [
        [
            r.zone,
            s.name,
            s.technique,
            _mix_text(s, rack),
            f"{s.thinner:g}",
            s.tool,
            f"{s.minutes:g}",
            f"{s.dries_min:g}",
            s.level,
        ]
        for r in scheme.recipes
        for s in r.strokes
    ]


def _mix_text(stroke: RecipeStep, rack: Mapping[str, Paint]) -> str:
    return " : ".join(f"{rack[p].name if p in rack else p} {parts:g}" for p, parts in stroke.mix)


def from_rows(scheme: Scheme, rows: Sequence[Sequence[str]], rack: Mapping[str, Paint]) -> Scheme:
    """The scheme with these strokes; rows of one zone make its recipe. Raises PlanError naming the row at fault."""
    by_name = {p.name.lower(): p.id for p in rack.values()}
    recipes: dict[str, list[RecipeStep]] = {}
    for number, row in enumerate(rows, 1):
        recipes.setdefault(row[0].strip(), []).append(_stroke(number, row, by_name))
    return replace(scheme, recipes=tuple(Recipe(zone, tuple(strokes)) for zone, strokes in recipes.items()))


def _stroke(number: int, row: Sequence[str], by_name: Mapping[str, str]) -> RecipeStep:
    zone, name, technique, mix, thinner, tool, minutes, dries, level = (cell.strip() for cell in row)
    if not zone or technique not in TECHNIQUES or level not in LEVELS:
        raise PlanError(
            "bad-row",
            f"Row {number}: the technique is one of {', '.join(TECHNIQUES)}, the level one of {', '.join(LEVELS)}.",
        )
    try:
        numbers = [float(cell) for cell in (thinner, minutes, dries)]
    except ValueError as error:
        raise PlanError("bad-row", f"Row {number}: thinner, minutes and drying are numbers.") from error
    if min(numbers) < 0 or numbers[1] <= 0:
        raise PlanError("bad-row", f"Row {number}: a stroke takes some minutes, and nothing is below zero.")
    return RecipeStep(name, technique, _mix(number, mix, by_name), numbers[0], tool, numbers[1], numbers[2], level)


def _mix(number: int, text: str, by_name: Mapping[str, str]) -> tuple[tuple[str, float], ...]:
    """Paints and their parts; a paint without a number is one part."""
    found = []
    for piece in text.split(":"):
        name, _, parts = piece.strip().rpartition(" ")
        if not parts.replace(".", "", 1).isdigit():
            name, parts = piece.strip(), "1"
        if name.lower() not in by_name or float(parts) <= 0:
            raise PlanError(
                "bad-row",
                f"Row {number}: {piece.strip()!r} is no paint on the rack with its parts.",
                "Write it like Tallow coat 2.",
            )
        found.append((by_name[name.lower()], float(parts)))
    return tuple(found)
