"""What the page of the evenings shows: the one plan of the hands, evening by evening, and one of them piece by piece. No Qt here."""

from __future__ import annotations

from collections.abc import Callable
from datetime import datetime

from numerus.desk.answers import Answers
from numerus.errors import NumerusError, Progress, answered
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import can_be_mixed
from numerus.progress.forecasting.forecast import Forecast
from numerus.progress.planning.bench_plan import BenchPlan, Evening, planned, replanned
from numerus.progress.planning.bench_tasks import CURE, LAMP, TUB, WASH
from numerus.progress.planning.evening_pieces import Piece, pieces
from numerus.words import counted

SHOWN = 6


class EveningsState:
    """``plan``: as it was worked out last; ``first``: number of the evening on top, ``chosen``: that looked at."""

    def __init__(self, answers: Answers) -> None:
        self.plan: BenchPlan | None = None
        self.fault = ""
        self.first = self.chosen = 0
        self.evenings: list[Evening] = []
        self._found_for: object = None
        self.look(answers)

    def look(self, answers: Answers) -> None:
        self.answers, self.plans = answers, answers.plans

    @property
    def planned_for(self) -> tuple[object, ...]:
        """What the plan depends on: the way it is found, and what is done of it."""
        return self._way_for, len(self.answers.facts)

    @property
    def _way_for(self) -> tuple[object, ...]:
        """Where that stays, what was ticked only moves the plan on by the way it was found."""
        return id(self.plans), self.answers.now.date(), len(self.answers.between)

    def planning(self) -> Callable[[Progress], BenchPlan | NumerusError]:
        """The work of a job: the plan, or why there is none; by the way found for the same plans, else by the best."""
        known = self.plan if self.plan is not None and self.plan.whole and self._found_for == self._way_for else None
        work, way, self._found_for = self.answers.to_do, known.way if known else None, self._way_for

        if isinstance(work, NumerusError):
            return lambda _: work
        return answered(lambda progress: replanned(work, way) if way is not None else planned(work, progress))

    def take(self, result: BenchPlan | NumerusError) -> None:
        if isinstance(result, NumerusError):
            self.plan, self.evenings, self.fault = None, [], f"{result.message} {result.advice}"
        else:
            self.plan, self.fault = result, ""
            self.evenings = result.evenings()
        self.turn(0)

    @property
    def done_by(self) -> dict[str, float]:
        """How far all work is when each unit is done."""
        unit_of = {f.id: f.unit_id for f in self.plans.figures.values()}
        return self.plan.done_by(unit_of) if self.plan else {}

    def turn(self, by: int) -> None:
        """Other evenings on the page."""
        self.first = min(max(self.first + by, 0), max(len(self.evenings) - SHOWN, 0))
        self.choose(min(max(self.chosen, self.first), self.first + SHOWN - 1))

    def choose(self, number: int) -> None:
        self.chosen = min(max(number, 0), max(len(self.evenings) - 1, 0))

    @property
    def shown(self) -> list[Evening]:
        return self.evenings[self.first : self.first + SHOWN]

    def pieces(self, evening: Evening) -> list[Piece]:
        return pieces(evening, self.plans, self.answers.standing, self.plan.to_do) if self.plan else []

    @property
    def people(self) -> int:
        """Pairs of hands in the plan."""
        return self.plan.to_do.inputs.people if self.plan else 1

    def held(self, evening: Evening) -> list[tuple[str, datetime, datetime]]:
        """Tub and lamp while they are in use: (which, from, to)."""
        turns = {f"/{WASH}": TUB, f"/{CURE}": LAMP}
        return [
            (device, t.start, t.dry)
            for t in evening.tasks
            for turn, device in turns.items()
            if t.task.device == device and t.task.key.endswith(turn)
        ]

    def colour(self, piece: Piece) -> str:
        """Of what is painted, when it hides; "" for anything else."""
        rack = rack_of(self.plans)
        if piece.stroke is None or not can_be_mixed(piece.stroke.step, rack):
            return ""
        return rack.pigment(piece.stroke.step.mix).colour

    @property
    def answer(self) -> str:
        """The plan's end, in the words of the date."""
        ends = self.plan.ends if self.plan else None
        if ends is None:
            return self.fault or "Nothing is left to do."
        if self.plan is not None and not self.plan.whole:
            return f"More than all evenings to come hold; the first of them, to {ends:%A %-d %B}"
        return f"Every evening kept, the last is {ends:%A %-d %B}, {ends:%H:%M}"

    @property
    def note(self) -> str:
        """What the plan does not know: evenings lost and parts that fail, parts on no plate, air nobody told."""
        if self.plan is None:
            return ""
        words = [f"{counted(len(self.evenings), 'evening')}, nothing failing."]
        forecast = self.answers.forecast
        if isinstance(forecast, Forecast) and not forecast.nothing_left:
            words.append(
                f"With evenings lost and parts that fail the forecast's middle is {forecast.middle:%a %-d %b}."
            )
        if self.plan.guessed:
            many = counted(len(self.plan.guessed), "figure")
            words.append(f"{many} on no plate yet: when they come is a default.")
        return " ".join(words)

    def evening_words(self, evening: Evening) -> str:
        """How full it is."""
        there = evening.window.minutes * self.people
        spare = there - evening.hands_min
        pots = sum(t.setup_min > 0 for t in evening.tasks if t.task.holds)
        opened = f", {counted(pots, 'pot')}" if pots else ""
        full = "full" if spare < 1 else f"{evening.hands_min:.0f} of {there:.0f} min"
        return full + opened
