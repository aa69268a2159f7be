"""When someone is there: windows of being at home and awake, and of hobby time, over the coming days."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import date, datetime, time, timedelta

from numerus.errors import PlanError
from numerus.kit.plan import Army


@dataclass(frozen=True)
class Window:
    start: datetime
    end: datetime

    @property
    def minutes(self) -> float:
        return (self.end - self.start).total_seconds() / 60


def _at(day: date, minute: int) -> datetime:
    return datetime.combine(day, time()) + timedelta(minutes=minute)


def home_windows(army: Army, since: datetime, days: int) -> list[Window]:
    """At home and awake from ``since`` on, in order; windows that touch over midnight are joined."""
    found: list[Window] = []
    for offset in range(days + 1):
        day = since.date() + timedelta(days=offset)
        for begin, end in army.week[day.weekday()].home:
            start, stop = max(_at(day, begin), since), _at(day, end)
            if start >= stop:
                continue
            if found and found[-1].end >= start:
                found[-1] = Window(found[-1].start, stop)
            else:
                found.append(Window(start, stop))
    return found


def hobby_windows(army: Army, since: datetime, days: int) -> list[Window]:
    """Hobby time set aside from ``since`` on."""
    found = []
    for offset in range(days + 1):
        day = since.date() + timedelta(days=offset)
        plan = army.week[day.weekday()]
        start, stop = max(_at(day, plan.hobby_from), since), _at(day, plan.hobby_from + plan.hobby_minutes)
        if start < stop:
            found.append(Window(start, stop))
    return found


def next_attended(windows: list[Window], moment: datetime) -> datetime:
    """The first moment at or after ``moment`` when someone is there. Raises PlanError if nobody ever is."""
    for window in windows:
        if window.end >= moment:
            return max(window.start, moment)
    raise PlanError(
        "nobody-home", "Nobody is ever at home and awake in this week.", "Set the hours in the army's week."
    )


def attended(windows: list[Window], moment: datetime) -> bool:
    return any(w.start <= moment <= w.end for w in windows)


def hobby_minutes_per_day(army: Army, first: date, days: int) -> list[int]:
    return [army.week[(first + timedelta(days=i)).weekday()].hobby_minutes for i in range(days)]
