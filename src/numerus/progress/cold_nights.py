"""Nights too cold for resin, from the weather station: minutes below what it wants where a machine stands unheated."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import datetime, timedelta
from itertools import zip_longest

from numerus.paint.weather import Air
from numerus.schedule.run_queue import ColdMinutes

SHELTER_C = 6.0  # a shed or garage is so much warmer than the air
LIT_C = 4.0  # what a printing machine warms its own vat by


def cold_by(airs: Sequence[Air], least_c: float) -> ColdMinutes:
    """Minutes colder than a resin wants between two moments, as far as the forecast reaches; after it none are known."""
    spans = [
        (a.at, b.at if b else a.at + timedelta(hours=3))
        for a, b in zip_longest(airs, airs[1:])
        if a.celsius + SHELTER_C + LIT_C < least_c
    ]

    def cold(since: datetime, until: datetime) -> float:
        both = ((min(until, end) - max(since, begin)).total_seconds() / 60 for begin, end in spans)
        return sum(max(minutes, 0.0) for minutes in both)

    return cold
