"""Weather as a file: CSV or JSON in and out, hour by hour."""

from __future__ import annotations

import csv
import io
import json
from collections.abc import Iterable, Mapping, Sequence
from datetime import datetime, timedelta

from numerus.errors import PlanError
from numerus.formats.tables import csv_text
from numerus.paint.priming.weather import Air

COLUMNS = "time", "celsius", "humidity", "wind_m_s"
SHORT = timedelta(hours=3)  # air holds for so long after it was told
BOUNDS = {"celsius": (-60.0, 60.0), "humidity": (0.0, 100.0), "wind_m_s": (0.0, 100.0)}


def read_air(text: str) -> list[Air]:
    """Rows of CSV under a header, or a JSON list of objects, with ``COLUMNS``: ISO times, °C, percent, m/s; in order of time.

    Raises PlanError with the row that is wrong.
    """
    rows = _json_rows(text) if text.lstrip()[:1] in ("[", "{") else list(csv.DictReader(io.StringIO(text)))
    if not rows:
        raise _wrong("There is no hour in it.")
    return sorted((_air(number, row) for number, row in enumerate(rows, 1)), key=lambda a: a.at)


def _wrong(words: str) -> PlanError:
    return PlanError("bad-weather", words, f"Give rows of {', '.join(COLUMNS)}, as CSV or JSON.")


def _json_rows(text: str) -> Sequence[Mapping[str, object]]:
    try:
        told = json.loads(text)
    except ValueError as error:
        raise _wrong(f"It is no JSON: {error}.") from error
    rows = told.get("hours") if isinstance(told, dict) else told
    if not isinstance(rows, list) or not all(isinstance(r, dict) for r in rows):
        raise _wrong("It has no list of hours.")
    return rows


def _air(number: int, row: Mapping[str, object]) -> Air:
    try:
        at = datetime.fromisoformat(str(row["time"]).strip())
        celsius, humidity, wind = (float(str(row[name])) for name in COLUMNS[1:])
    except (KeyError, ValueError, TypeError) as error:
        raise _wrong(f"Hour {number} cannot be read: {error}.") from error
    for name, value in zip(COLUMNS[1:], (celsius, humidity, wind), strict=True):
        low, high = BOUNDS[name]
        if not low <= value <= high:
            raise _wrong(f"Hour {number}: {name} is {value:g}, which no air has.")
    return Air(at.astimezone().replace(tzinfo=None) if at.tzinfo else at, celsius, humidity, wind)


def air_text(airs: Iterable[Air]) -> str:
    """As CSV."""
    rows = ((a.at.isoformat(), f"{a.celsius:g}", f"{a.humidity:g}", f"{a.wind_m_s:g}") for a in airs)
    return csv_text([COLUMNS, *rows])


def air_from(text: str, now: datetime) -> list[Air]:
    """What a kept file tells of now and later; nothing where there is none, or it has ended."""
    return [a for a in read_air(text) if a.at > now - SHORT] if text else []
