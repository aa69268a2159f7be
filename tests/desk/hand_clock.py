"""A clock for tests in which time goes by only when it is told to."""

from __future__ import annotations

from datetime import datetime, timedelta

from helpers import EVENING


class Clock:
    """A clock that is set by hand."""

    def __init__(self) -> None:
        self.now = EVENING

    def __call__(self) -> datetime:
        return self.now

    def on(self, minutes: float) -> None:
        self.now += timedelta(minutes=minutes)
