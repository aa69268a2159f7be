"""When someone is there: windows of being at home and awake, and of hobby time, over the coming days."""

from __future__ import annotations

from bisect import bisect_left
from dataclasses import dataclass, replace
from datetime import date, datetime, time, timedelta
from functools import lru_cache

from numerus.domain.army import Army, Day
from numerus.domain.clock import later, minutes_between
from numerus.errors import PlanError


@dataclass(frozen=True)
class Window:
    start: datetime
    end: datetime

    @property
    def minutes(self) -> float:
        return (self.end - self.start).total_seconds() / 60


LATE = 25 * 60  # up until one in the morning
EVENING = 18 * 60
AWAY = Day(0, 0, ())


def up_late(like: Day) -> Day:
    """A day whose evening goes on until ``LATE``; as it is where nobody is home in the evening."""
    last = max((end for _, end in like.home), default=0)
    if not EVENING <= last < LATE:
        return like
    return replace(like, home=tuple((a, LATE if b == last else b) for a, b in like.home))


class Hours:
    """When someone is at home and awake, asked often: the next such moment, and clock times after so many minutes."""

    def __init__(self, windows: list[Window], zone: str) -> None:
        self.windows, self.zone = windows, zone
        self._ends = [w.end for w in windows]

    def next(self, moment: datetime) -> datetime:
        """The first moment at or after ``moment`` when someone is there. Raises PlanError if nobody ever is."""
        at = bisect_left(self._ends, moment)
        if at == len(self.windows):
            raise PlanError(
                "nobody-home", "Nobody is ever at home and awake in this week.", "Set the hours in the army's week."
            )
        return max(self.windows[at].start, moment)

    def attended(self, moment: datetime) -> bool:
        at = bisect_left(self._ends, moment)
        return at < len(self.windows) and self.windows[at].start <= moment

    def last(self, moment: datetime) -> datetime | None:
        """The last moment up to then that someone is there."""
        at = bisect_left(self._ends, moment)
        if self.attended(moment):
            return moment
        return self.windows[at - 1].end if at else None

    def starts(self, since: datetime, ahead: timedelta, step: timedelta) -> list[datetime]:
        """Moments someone can start a run: every ``step`` of being there, at least one."""
        moments: list[datetime] = []
        moment = self.next(since)
        while moment <= since + ahead:
            moments.append(moment)
            moment = self.next(moment + step)
        return moments or [self.next(since)]

    def later(self, moment: datetime, minutes: float) -> datetime:
        return later(moment, minutes, self.zone)

    def minutes(self, since: datetime, until: datetime) -> float:
        return minutes_between(since, until, self.zone)


@lru_cache(8)  # the watch bill, its plates and every forecast ask for the same ones
def hours_of(army: Army, since: datetime, days: int = 240) -> Hours:
    return Hours(home_windows(army, since, days), army.time_zone)


def _at(day: date, minute: int) -> datetime:
    return datetime.combine(day, time()) + timedelta(minutes=minute)


def home_windows(army: Army, since: datetime, days: int) -> list[Window]:
    """At home and awake from ``since`` on, in order; windows that touch over midnight are joined."""
    windows: list[Window] = []
    for offset in range(days + 1):
        day = since.date() + timedelta(days=offset)
        for begin, end in army.day(day).home:
            start, stop = max(_at(day, begin), since), _at(day, end)
            if start >= stop:
                continue
            if windows and windows[-1].end >= start:
                windows[-1] = Window(windows[-1].start, stop)
            else:
                windows.append(Window(start, stop))
    return windows


def hobby_windows(army: Army, since: datetime, days: int) -> list[Window]:
    """Hobby time set aside from ``since`` on."""
    windows = []
    for offset in range(days + 1):
        day = since.date() + timedelta(days=offset)
        plan = army.day(day)
        start, stop = max(_at(day, plan.hobby_from), since), _at(day, plan.hobby_from + plan.hobby_minutes)
        if start < stop:
            windows.append(Window(start, stop))
    return windows


def hobby_minutes_per_day(army: Army, first: date, days: int) -> list[int]:
    """Of all hands that are there."""
    return [army.hands_min(first + timedelta(days=i)) for i in range(days)]
