"""Clock times people type: "20:00", "7:00-8:00, 18:00-23:00"; kept as minutes after midnight."""

from __future__ import annotations

import re

from numerus.errors import PlanError


def clock(minute: int) -> str:
    return f"{minute // 60}:{minute % 60:02d}"


def minute_of(text: str, where: str = "") -> int:
    """Minutes after midnight of "20:00" or "20"; 24:00 is the end of the day. Raises PlanError."""
    found = re.fullmatch(r"\s*(\d{1,2})(?::(\d{2}))?\s*", text)
    minute = int(found[1]) * 60 + int(found[2] or 0) if found else -1
    if not 0 <= minute <= 24 * 60 or (found and int(found[2] or 0) > 59):
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
