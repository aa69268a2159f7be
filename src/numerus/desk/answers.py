"""Everything folded from one state of the book, worked out when first asked. No Qt here: stages' states are made from it."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping, Sequence
from datetime import datetime
from functools import cached_property
from typing import TYPE_CHECKING

from numerus.devices.air import coming_air
from numerus.domain.journal import Fact, LessonNoted
from numerus.domain.plans import Plans
from numerus.errors import NumerusError
from numerus.money.costs import Cost, Prices, unit_costs
from numerus.money.ledger import prices_of
from numerus.paint.figure.touching import Between
from numerus.paint.priming.weather import Air
from numerus.paint.priming.weather_file import air_from
from numerus.post.curing.cure_book import Targets, targets_of
from numerus.post.washing.emptying import NOT_LOOKED_INTO, Looked
from numerus.printing.runs.learned import RunFactors
from numerus.progress.figure_records.breakage import Broken, broken_parts
from numerus.progress.figure_records.lessons import Lesson, lessons_at
from numerus.progress.forecasting.forecast import AS_THE_ROLL, Forecast, forecast
from numerus.progress.history import History
from numerus.progress.pace.evenings import evenings_kept
from numerus.progress.pace.rates import Rate, rates_of
from numerus.progress.painting.painting_line import NOT_LOOKED_AT, Wet, wet_under
from numerus.progress.planning.bench_tasks import ToDo, to_do, to_do_in_steps
from numerus.progress.standing import Standing, standing
from numerus.progress.stores import Estimates, estimates
from numerus.progress.washing import Washing
from numerus.progress.work import StageThroughput, StageWork, bottleneck, stage_throughputs, work_by_stage
from numerus.schedule.hand_plan import FIRST_WAY, Way

if TYPE_CHECKING:
    from numerus.progress.planning.next_tasks import TaskList


class Answers:
    """``plans`` and ``history`` as they stood ``now``; ``between``: zones that touch from part to part, ``emptying``: how parts run empty,
    both as far as it was looked at; ``way``: how the plan of the evenings was found last; ``free_until``: when somebody has time until
    beside the hobby time; ``done_by``: how far all work is when each unit is done, by that plan.
    """

    def __init__(
        self, plans: Plans, history: History, now: datetime, between: Between = NOT_LOOKED_AT,
        emptying: Mapping[str, Looked] = NOT_LOOKED_INTO, way: Way = FIRST_WAY, free_until: datetime | None = None,
        done_by: Mapping[str, float] = AS_THE_ROLL,
    ) -> None:  # fmt: skip
        self.plans, self.history, self.now, self.between, self.emptying = plans, history, now, between, emptying
        self.way, self.free_until, self.done_by = way, free_until, done_by

    def later(self, now: datetime) -> Answers:
        """The same book, some time on: only what depends on the hour is worked out anew; on another day the forecast, too."""
        after = Answers(
            self.plans, self.history, now, self.between, self.emptying, self.way, self.free_until, self.done_by
        )
        hourly = {"orders", "to_do"} | ({"forecast"} if now.date() != self.now.date() else set())
        kept = {k: v for k, v in self.__dict__.items() if k not in hourly | {"now"}}
        after.__dict__.update(kept)
        return after

    def planned(self, way: Way, done_by: Mapping[str, float]) -> Answers:
        """The same book with its evenings planned: only orders and forecast go by that."""
        after = Answers(self.plans, self.history, self.now, self.between, self.emptying, way, self.free_until, done_by)
        kept = {k: v for k, v in self.__dict__.items() if k not in {"orders", "forecast", "way", "done_by"}}
        after.__dict__.update(kept)
        return after

    @property
    def targets(self) -> Targets:
        """What the resin wants of light, by its profile and what came out of the lamp."""
        return targets_of(self.plans.resin, self.history.lit.judged)

    @property
    def washing(self) -> Washing:
        return Washing.of(self.history.carried, self.emptying)

    @property
    def air(self) -> tuple[list[Air], bool]:
        """The coming hours, and whether the user told them; else they are simulated."""
        told = air_from(self.plans.army.weather, self.now) if self.plans.army else []
        return (told, True) if told else (coming_air(self.now), False)

    @property
    def facts(self) -> list[Fact]:
        return self.history.facts

    @cached_property
    def standing(self) -> Standing:
        return standing(self.plans, self.history)

    @cached_property
    def broken(self) -> dict[str, Broken]:
        """How parts held that broke, by id."""
        return broken_parts(self.plans, self.standing, self.facts)

    def wet_under(self, new: Sequence[Fact]) -> Wet | None:
        """What is wet where these strokes are said to have been put."""
        return wet_under(new, self.plans, self.facts, self.standing, self.now, self.between)

    def lessons(self, stage: str, unit_id: str) -> list[Lesson]:
        """What was noted for a stage, of other units."""
        return lessons_at(self.plans, self._lessons, stage, unit_id)

    @cached_property
    def _lessons(self) -> list[Fact]:
        return [f for f in self.facts if isinstance(f.event, LessonNoted)]

    @cached_property
    def rates(self) -> dict[str, Rate]:
        return rates_of(self.plans, self.facts)

    @cached_property
    def work(self) -> dict[str, StageWork]:
        return work_by_stage(self.plans, self.standing, self.rates, self.washing)

    @cached_property
    def narrowest(self) -> StageThroughput | None:
        return bottleneck(self.stage_throughputs)

    @cached_property
    def stage_throughputs(self) -> list[StageThroughput]:
        army = self.plans.army
        kept = evenings_kept(self.facts, army).share if army else None
        return stage_throughputs(self.plans, self.standing, self.rates, kept, self.washing, self.work)

    @cached_property
    def forecast(self) -> Forecast | NumerusError:
        try:
            return forecast(
                self.plans, self.history, self.now, self.standing, washing=self.washing, done_by=self.done_by
            )
        except NumerusError as error:
            return error

    @cached_property
    def estimates(self) -> Estimates:
        return estimates(self.plans, self.standing)

    @property
    def run_factors(self) -> RunFactors:
        """What runs really take of what is estimated, for planning."""
        return self.estimates.factors

    @cached_property
    def prices(self) -> Prices:
        """Of what wears, as it was bought."""
        return prices_of(self.facts)

    @cached_property
    def costs(self) -> dict[str, Cost]:
        """Of every unit, by id."""
        return unit_costs(self.plans, self.standing, self.run_factors, self.prices)

    def changed_mix(self, zones: Iterable[str]) -> str:
        """A mix of these zones that is poured otherwise than on figures painted before, in words; "" where there is none."""
        from numerus.progress.painting.mixes import changed_mix_words

        return changed_mix_words(self.plans, self.standing, self.facts, zones)

    @property
    def minutes_now(self) -> int:
        """What is left of the time somebody has beside the hobby time."""
        return max(round((self.free_until - self.now).total_seconds() / 60), 0) if self.free_until else 0

    @property
    def told_air(self) -> list[Air]:
        """The coming hours as far as the user told them; simulated air binds no plan."""
        airs, told = self.air
        return airs if told else []

    @cached_property
    def to_do(self) -> ToDo | NumerusError:
        """What the hands have left to do, or why it cannot be planned."""
        try:
            return to_do(*self._asked_to_do)
        except NumerusError as error:
            return error

    def finding_to_do(self) -> Iterator[None]:
        """Makes ``to_do`` known in steps, if nobody asks for all of it meanwhile."""
        found: ToDo | NumerusError
        try:
            found = yield from to_do_in_steps(*self._asked_to_do)
        except NumerusError as error:
            found = error
        vars(self).setdefault("to_do", found)

    @property
    def _asked_to_do(self) -> tuple[Plans, Sequence[Fact], Standing, datetime, Between, Washing, Sequence[Air], int]:
        between, washing = self.between, self.washing
        return self.plans, self.facts, self.standing, self.now, between, washing, self.told_air, self.minutes_now

    @cached_property
    def orders(self) -> TaskList:
        from numerus.progress.planning.next_tasks import orders_of, without_hours

        if isinstance(self.to_do, NumerusError):
            return without_hours(self.plans, self.standing, self.now, self.washing)
        return orders_of(self.to_do, self.plans, self.standing, self.now, self.washing, self.way)
