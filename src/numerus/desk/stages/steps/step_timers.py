"""Which step of a plate is under way, and since when: kept, so that a bath is met in time whatever happens to the window. No Qt here."""

from __future__ import annotations

import contextlib
import json
from collections.abc import Mapping
from dataclasses import dataclass
from datetime import datetime, timedelta

MOST_KEPT = 20  # plates; older ones are long done


@dataclass(frozen=True)
class UnderWay:
    """The step that was begun last, of so many minutes."""

    number: int
    since: datetime
    minutes: float

    @property
    def ends(self) -> datetime:
        return self.since + timedelta(minutes=self.minutes)

    def words(self, now: datetime) -> str:
        """How much of it is left, or by how much it is over."""
        left = (self.ends - now).total_seconds() / 60
        if left > 0:
            return f"{max(round(left), 1)} min left, {self.ends:%H:%M}"
        return f"over by {-left:.0f} min" if left <= -1 else "time is up"


class StepTimers:
    """By what they are about; made again from what ``kept`` told."""

    def __init__(self, kept: bytes | None = None) -> None:
        self._begun: dict[str, UnderWay] = {}
        with contextlib.suppress(ValueError, TypeError, KeyError, AttributeError):
            listed: Mapping[str, list[object]] = json.loads(kept or b"{}")
            self._begun = {about: _told(*told) for about, told in listed.items()}

    def begin(self, about: str, number: int, minutes: float, now: datetime) -> None:
        self._begun.pop(about, None)
        self._begun[about] = UnderWay(number, now, minutes)

    def end(self, about: str) -> None:
        self._begun.pop(about, None)

    def of(self, about: str) -> UnderWay | None:
        return self._begun.get(about)

    def next_end(self, now: datetime) -> datetime | None:
        """When the next of them is over."""
        return min((u.ends for u in self._begun.values() if u.ends > now), default=None)

    def kept(self) -> bytes:
        last = list(self._begun.items())[-MOST_KEPT:]
        return json.dumps({about: (u.number, u.since.isoformat(), u.minutes) for about, u in last}).encode()


def _told(number: object, since: object, minutes: object) -> UnderWay:
    return UnderWay(int(str(number)), datetime.fromisoformat(str(since)), float(str(minutes)))
