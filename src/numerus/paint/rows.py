"""A scheme as plain rows of text, one a stroke, and back: how it is edited and copied."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import replace
from datetime import datetime

import numpy as np

from numerus.domain.painting.recipes import Recipe, RecipeStep, Scheme
from numerus.domain.painting.zones import Zone
from numerus.domain.stages import LEVELS
from numerus.errors import PlanError
from numerus.paint.rack.parts_text import parts_from_text, parts_text
from numerus.paint.rack.pots import Rack
from numerus.paint.techniques import TECHNIQUES

COLUMNS = ("Zone", "Stroke", "Technique", "Mix", "Thinner", "Tool", "Minutes", "Dries min", "From level", "Coats")
MOST_COATS = 20
ID = len(COLUMNS)
"""Where a row keeps its step's id, behind what is shown; "" for a row that is new."""


def to_rows(scheme: Scheme, rack: Rack, zones: Mapping[str, Zone]) -> list[list[str]]:
    """Rows in the scheme's order; a mix reads ``Tallow coat 2 : Candle cream 1``."""
    return [
        [
            zones[r.zone].name if r.zone in zones else r.zone, s.name, s.technique, parts_text(s.mix, rack.names), f"{s.thinner:g}",
            s.tool, f"{s.minutes:g}", f"{s.dries_min:g}", s.level, str(s.coats), s.id,
        ]
        for r in scheme.recipes
        for s in r.steps
    ]  # fmt: skip


def from_rows(
    scheme: Scheme, rows: Sequence[Sequence[str]], rack: Rack, zones: Mapping[str, Zone],
    new_id: Callable[[], str], now: datetime,
) -> tuple[Scheme, list[Zone]]:  # fmt: skip
    """The scheme with these steps, and zones that were not there before; rows of one zone make its recipe.

    A row keeps the id it came with, so that what was done of it stays done; a new row gets one and is told to be there since
    ``now``. Raises PlanError naming the row at fault.
    """
    by_name = rack.by_name
    known = {z.name.lower(): z.id for z in zones.values()} | {r.zone.lower(): r.zone for r in scheme.recipes}
    before = {s.id: s for r in scheme.recipes for s in r.steps}
    new_zones, recipes, taken = list[Zone](), dict[str, list[RecipeStep]](), set[str]()
    for number, row in enumerate(rows, 1):
        step = _step(number, row, by_name)
        zone = row[0].strip()
        if zone.lower() not in known:
            new_zones.append(Zone(new_id(), zone, len(zones) + len(new_zones)))
            known[zone.lower()] = new_zones[-1].id
        kept = step.id in before and step.id not in taken
        step = replace(step, since=before[step.id].since) if kept else replace(step, id=new_id(), since=now)
        taken.add(step.id)
        recipes.setdefault(known[zone.lower()], []).append(step)
    return replace(scheme, recipes=tuple(Recipe(zone, tuple(steps)) for zone, steps in recipes.items())), new_zones


def _step(number: int, row: Sequence[str], by_name: Mapping[str, str]) -> RecipeStep:
    zone, name, technique, mix, thinner, tool, minutes, dries, level, coats = (cell.strip() for cell in row[:ID])
    if not zone or technique not in TECHNIQUES or level not in LEVELS:
        raise PlanError(
            "bad-row",
            f"Row {number}: the technique is one of {', '.join(TECHNIQUES)}, the level one of {', '.join(LEVELS)}.",
        )
    try:
        numbers = [float(cell) for cell in (thinner, minutes, dries, coats)]
    except ValueError as error:
        raise PlanError("bad-row", f"Row {number}: thinner, minutes, drying and coats are numbers.") from error
    if not np.all(np.isfinite(numbers)) or min(numbers) < 0 or numbers[1] <= 0 or not 1 <= numbers[3] <= MOST_COATS:
        raise PlanError("bad-row", f"Row {number}: a stroke takes some minutes, and nothing is below zero.")
    step_id = row[ID] if len(row) > ID else ""
    try:
        parts = parts_from_text(mix, by_name)
    except PlanError as error:
        raise PlanError("bad-row", f"Row {number}: {error.message}", error.advice) from error
    return RecipeStep(
        step_id, name, technique, parts, numbers[0], tool, numbers[1], numbers[2], level, coats=int(numbers[3])
    )
