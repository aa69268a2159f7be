"""Numbers as they are typed into rows of a table."""

from __future__ import annotations

import math

from numerus.errors import PlanError


def number_in_row(words: str, most: float, row: int, unit: str = "", such_as: str = "a number, such as 1.5") -> float:
    """From 0 to ``most``, with a point or a comma. Raises PlanError for anything else, naming the row."""
    try:
        value = float(words.replace(",", "."))
    except ValueError:
        value = math.nan
    if not 0 <= value <= most:
        of = f" {unit}" if unit else ""
        raise PlanError("no-number", f"Row {row}: {words!r} is not from 0 to {most:g}{of}.", f"Type {such_as}.")
    return value
