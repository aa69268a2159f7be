"""Clock times on a wall and the minutes that really pass between them: a night in which the clocks change is no exception."""

from __future__ import annotations

import re
from datetime import UTC, date, datetime, timedelta
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


def date_of(text: str, today: date, day_first: bool = True) -> date:
    """A date as people write it: 28 Apr, 28.4.26, 4/28/2026, 2026-04-28. Without a year the next such day.

    ``day_first``: how a bare 3/4 is read; a year first is followed by its month. Raises PlanError for what is no date.
    """
    from dateutil.parser import parse as parse_date  # only here and seldom: a start should not wait for it

    words = re.sub(r"(?<=\d)\.(?=\d)", "/", text.strip(" ."))
    refusal = PlanError("bad-date", f"{text!r} is no date.", "Write it like 28 Apr 2026.")
    if not re.search(r"\d", words) or re.fullmatch(r"\d{1,4}", words):
        raise refusal
    first = day_first and not re.match(r"\d{4}\D", words)
    try:
        match = parse_date(words, dayfirst=first, default=datetime.combine(today, datetime.min.time())).date()
        other = parse_date(words, dayfirst=first, default=datetime(today.year - 4, 1, 1)).date()
    except (ValueError, OverflowError) as error:
        raise refusal from error
    no_year = other.year == today.year - 4 and match.year == today.year
    return match.replace(year=match.year + 1) if no_year and match < today else match


def clock(minute: int) -> str:
    return f"{minute // 60}:{minute % 60:02d}"


def minute_of(text: str, where: str = "") -> int:
    """Minutes after midnight of "20:00" or "20"; 24:00 is the end of the day. Raises PlanError."""
    match = re.fullmatch(r"\s*(\d{1,2})(?::(\d{2}))?\s*", text)
    minute = int(match[1]) * 60 + int(match[2] or 0) if match else -1
    if not 0 <= minute <= 24 * 60 or (match and int(match[2] or 0) > 59):
        raise PlanError("bad-time", f"{where}: {text!r} is no time of day.".lstrip(": "), "Write it like 20:00.")
    return minute


def windows_of(text: str, where: str = "") -> tuple[tuple[int, int], ...]:
    """Windows of "7:00-8:00, 18:00-23:00"; none for nothing. Raises PlanError."""
    windows = []
    for piece in filter(None, (p.strip() for p in text.split(","))):
        begin, dash, end = re.sub("[–—]", "-", piece).partition("-")
        window = minute_of(begin, where), minute_of(end, where) if dash else -1
        if window[0] >= window[1]:
            raise PlanError(
                "bad-window",
                f"{where}: {piece!r} does not end after it begins.".lstrip(": "),
                "Write it like 18:00-23:00.",
            )
        windows.append(window)
    return tuple(sorted(windows))
