"""Clock times on a wall and the minutes that really pass between them: a night in which the clocks change is no exception."""

from __future__ import annotations

from datetime import UTC, datetime, timedelta
from functools import cache
from zoneinfo import ZoneInfo, ZoneInfoNotFoundError

from numerus.errors import PlanError


@cache
def _zone(name: str) -> ZoneInfo | None:
    """None for the computer's own."""
    try:
        return ZoneInfo(name) if name else None
    except (ZoneInfoNotFoundError, ValueError) as error:
        raise PlanError("bad-zone", f"{name!r} is no time zone.", "Write it like Europe/London.") from error


def _utc(moment: datetime, zone: str) -> datetime:
    own = _zone(zone)
    return (moment.replace(tzinfo=own) if own else moment.astimezone()).astimezone(UTC)


def later(moment: datetime, minutes: float, zone: str = "") -> datetime:
    """What the clock on the wall shows ``minutes`` after it showed ``moment``. Raises PlanError for an unknown zone."""
    return (_utc(moment, zone) + timedelta(minutes=minutes)).astimezone(_zone(zone)).replace(tzinfo=None)


def minutes_between(since: datetime, until: datetime, zone: str = "") -> float:
    """Minutes that pass between two times on the wall."""
    return (_utc(until, zone) - _utc(since, zone)).total_seconds() / 60
