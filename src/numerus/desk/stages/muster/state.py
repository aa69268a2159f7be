"""What the Muster bench shows and may do: the forecast's trouble, the units as rows, the week as words and back. No Qt here."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from datetime import date

from numerus.desk.answers import Answers
from numerus.domain.army import Army, Day, Unit
from numerus.domain.clock import clock, later, minute_of, windows_of
from numerus.domain.money import money_text
from numerus.domain.plans import Plans
from numerus.domain.stages import LEVEL_NAMES
from numerus.errors import NumerusError, PlanError
from numerus.kit.base_sizes import base_words, other_bases_by_unit

DAYS = ("Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday")


@dataclass(frozen=True)
class DayWords:
    """One weekday as it is typed: hobby minutes, from when, and the hours at home and awake."""

    hobby_minutes: int
    hobby_from: str
    home: str


@dataclass(frozen=True)
class WeekWords:
    """The week's page as it is typed."""

    days: Sequence[DayWords]
    ready_by: date
    kept_percent: int
    tub_parts: int
    lamp_parts: int
    time_zone: str
    people: int = 1


class MusterState:
    def __init__(self, answers: Answers) -> None:
        self._bases: tuple[Plans, dict[str, str]] | None = None
        self.look(answers)

    def look(self, answers: Answers) -> None:
        self.answers, self.plans = answers, answers.plans

    @property
    def army(self) -> Army | None:
        return self.plans.army

    @property
    def trouble(self) -> str:
        """Why the forecast cannot be trusted or made; "" where nothing is amiss."""
        forecast = self.answers.forecast
        if isinstance(forecast, NumerusError):
            return f"{forecast.message} {forecast.advice}"
        return self._uncounted()

    def _uncounted(self) -> str:
        army, plans = self.army, self.plans
        empty = [u.name for u in plans.units_in_order() if not plans.figures_of(u.id)]
        if army is not None and army.ready_by < self.answers.now.date():
            return f"The date, {army.ready_by:%a %-d %b}, is past. Set another under Week."
        machines = self.plans.machines.values()
        if machines and all(m.serves_from(self.answers.now) is None for m in machines):
            return "No machine is in service, nor told by when one is mended: printing is counted as if one were."
        if empty:
            return f"{', '.join(empty)} has no figures: nothing of it is counted."
        return "" if plans.units else "No units yet: add one under Units."

    @property
    def unit_rows(self) -> list[tuple[str, tuple[str, ...]]]:
        """(id, cells) of each unit: name, figures, base, kit, painted to, bought price."""
        return [(unit.id, self._cells(unit)) for unit in self.plans.units_in_order()]

    @property
    def base_words(self) -> dict[str, str]:
        """By unit which of its bases are not as wide as it asks; only of units where some are not."""
        if self._bases is None or self._bases[0] is not self.plans:
            found = other_bases_by_unit(self.plans, [u.id for u in self.plans.units_in_order()])
            self._bases = self.plans, {unit_id: base_words(others) for unit_id, others in found.items()}
        return self._bases[1]

    @property
    def bases_words(self) -> str:
        """Of all units together."""
        lines = [f"{self.plans.units[unit_id].name} {words}." for unit_id, words in self.base_words.items()]
        return " ".join([*lines, "Sort scales a base at a click."]) if lines else ""

    def _cells(self, unit: Unit) -> tuple[str, ...]:
        kit = self.plans.kits[unit.kit_id].name if unit.kit_id in self.plans.kits else "none"
        figures = str(len(self.plans.figures_of(unit.id)))
        price = money_text(unit.bought_pence, self.army.currency if self.army else "")
        return unit.name, figures, f"{unit.base_mm:g}", kit, LEVEL_NAMES[unit.level], price

    @property
    def week(self) -> WeekWords | None:
        """The week as it is planned now, in words; None where there is no army."""
        army = self.army
        if army is None:
            return None
        days = [DayWords(d.hobby_minutes, clock(d.hobby_from), _windows_text(d)) for d in army.week]
        kept = round(army.evenings_kept * 100)
        return WeekWords(days, army.ready_by, kept, army.tub_parts, army.lamp_parts, army.time_zone, army.people)

    def with_week(self, typed: WeekWords) -> Army:
        """The army with the week as it was typed.

        Raises PlanError where there is no army, hours are no hours, or the time zone is none.
        """
        if self.army is None:
            raise PlanError("no-army", "There is no army yet to give a week.", "Start one first.")
        changed = replace(
            self.army, week=tuple(_day(name, day) for name, day in zip(DAYS, typed.days, strict=True)),
            ready_by=typed.ready_by, evenings_kept=typed.kept_percent / 100,
            tub_parts=typed.tub_parts, lamp_parts=typed.lamp_parts, time_zone=typed.time_zone.strip(),
            people=typed.people,
        )  # fmt: skip
        later(self.answers.now, 0, changed.time_zone)
        return changed


def _windows_text(day: Day) -> str:
    return ", ".join(f"{clock(a)}-{clock(b)}" for a, b in day.home)


def _day(name: str, typed: DayWords) -> Day:
    return Day(typed.hobby_minutes, minute_of(typed.hobby_from, name), windows_of(typed.home, name))
