"""How numbers, days and months are written in a language, where they stand within words."""

from __future__ import annotations

import re
from dataclasses import dataclass

MONTHS = ("January", "February", "March", "April", "May", "June", "July", "August", "September", "October", "November", "December")  # fmt: skip
DAYS = ("Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday")
SHORT_DAYS = tuple(name[:3] for name in DAYS)
SHORT_MONTHS = tuple(name[:3] for name in MONTHS)
A_NUMBER = re.compile(r"(?<![\w.,:/])(\d{1,3}(?:,\d{3})+|\d+)(\.\d+)?(?!\.?\w)")
A_DATE = re.compile(rf"(?<![\w.,])(\d{{1,2}}) ({'|'.join((*MONTHS, *SHORT_MONTHS))})\b(\.?)")
A_DAY = re.compile(rf"\b({'|'.join((*DAYS, *SHORT_DAYS))})\b(?=[ ,:]*\d|[:,]|$)")


@dataclass(frozen=True)
class Figures:
    """What parts a number, ``date`` as ``{day} {month}``, names of months (January first, as after a day) and of days (Monday first)."""

    decimal: str = "."
    thousands: str = ","
    date: str = "{day} {month}"
    months: tuple[str, ...] = MONTHS
    short_months: tuple[str, ...] = SHORT_MONTHS
    days: tuple[str, ...] = DAYS
    short_days: tuple[str, ...] = SHORT_DAYS

    def written(self, words: str) -> str:
        """The same words with their figures in the language's way; a version, a time, a file's name stays.

        >>> Figures(",", ".", "{day}. {month}").written("1,360.5 ml by 4 May")
        '1.360,5 ml by 4. May'
        """
        return A_DAY.sub(self._day, A_DATE.sub(self._date, A_NUMBER.sub(self._number, words)))

    def _number(self, found: re.Match[str]) -> str:
        share = found.group(2) or ""
        return found.group(1).replace(",", self.thousands) + share.replace(".", self.decimal)

    def _date(self, found: re.Match[str]) -> str:
        day, name, end = found.groups()
        month = self.months[MONTHS.index(name)] if name in MONTHS else self.short_months[SHORT_MONTHS.index(name)]
        return self.date.format(day=day, month=month) + end * (not month.endswith("."))  # one full stop is enough

    def _day(self, found: re.Match[str]) -> str:
        name = found.group(1)
        return self.days[DAYS.index(name)] if name in DAYS else self.short_days[SHORT_DAYS.index(name)]
