"""Which step is under way, and since when: kept, so that a bath is met in time whatever happens to the window. No Qt here."""

from __future__ import annotations

import contextlib
import json
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from datetime import datetime, timedelta

MOST_KEPT = 20  # plates; older ones are long done
LEFT_ALONE, LEFT_ALONE_MIN = 4.0, 10.0  # a step of hands that ran so many times its plan, and so many minutes, was left


@dataclass(frozen=True)
class Shown:
    """One step as it is drawn."""

    title: str
    minutes: float
    detail: str
    hands: bool = True


@dataclass(frozen=True)
class UnderWay:
    """The step that was begun last, of so many minutes; ``hands_min``: of hands in the steps before it, None once one of them was left
    alone; ``words``: what it is.
    """

    number: int
    since: datetime
    minutes: float
    hands_min: float | None = 0.0
    words: str = ""

    def elapsed_min(self, now: datetime) -> float:
        return max((now - self.since).total_seconds() / 60, 0.0)

    def hands_until(self, step: Shown, now: datetime) -> float | None:
        """Minutes of hands up to now, if this is the end of the step."""
        if not step.hands or self.hands_min is None:
            return self.hands_min
        elapsed = self.elapsed_min(now)
        return None if elapsed > LEFT_ALONE * step.minutes + LEFT_ALONE_MIN else self.hands_min + elapsed

    @property
    def ends(self) -> datetime:
        return self.since + timedelta(minutes=self.minutes)

    def left(self, now: datetime) -> str:
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

    def begin(
        self, about: str, number: int, step: Shown, now: datetime, hands_min: float | None = 0.0, name: str = ""
    ) -> None:
        """``name``: of what the step is done to."""
        self._begun.pop(about, None)
        self._begun[about] = UnderWay(
            number, now, step.minutes, hands_min, f"{step.title}, {name}" if name else step.title
        )

    def press(self, about: str, steps: Sequence[Shown], now: datetime, name: str = "") -> bool:
        """Once on: the first step is begun, or the one under way ends and the next begins; True where that was the last."""
        last = self._begun.get(about)
        if last is None or last.number >= len(steps):
            self.begin(about, 0, steps[0], now, name=name)
            return False
        if last.number + 1 >= len(steps):
            return True
        hands_min = last.hands_until(steps[last.number], now)
        self.begin(about, last.number + 1, steps[last.number + 1], now, hands_min, name)
        return False

    def hands_min(self, about: str, steps: Sequence[Shown], now: datetime) -> float:
        """What all steps took of hands, if the last of them ends now and every one was begun by itself; 0 where that is not known."""
        last = self._begun.get(about)
        if last is None or last.number + 1 != len(steps):
            return 0.0
        return last.hands_until(steps[last.number], now) or 0.0

    def running(self, now: datetime) -> list[UnderWay]:
        """What still runs, or ran out within the hour, what ends first at the front."""
        lately = [u for u in self._begun.values() if u.ends > now - timedelta(hours=1)]
        return sorted(lately, key=lambda u: u.ends)

    def over(self, since: datetime, now: datetime) -> list[UnderWay]:
        """What ran out between two looks at the clock."""
        return [u for u in self._begun.values() if since < u.ends <= now]

    def end(self, about: str) -> None:
        self._begun.pop(about, None)

    def of(self, about: str) -> UnderWay | None:
        return self._begun.get(about)

    def next_end(self, now: datetime) -> datetime | None:
        """When the next of them is over."""
        return min((u.ends for u in self._begun.values() if u.ends > now), default=None)

    def kept(self) -> bytes:
        last = list(self._begun.items())[-MOST_KEPT:]
        told = {about: (u.number, u.since.isoformat(), u.minutes, u.hands_min, u.words) for about, u in last}
        return json.dumps(told).encode()


def _told(number: object, since: object, minutes: object, hands_min: object = None, words: object = "") -> UnderWay:
    hands = None if hands_min is None else float(str(hands_min))
    return UnderWay(int(str(number)), datetime.fromisoformat(str(since)), float(str(minutes)), hands, str(words))
