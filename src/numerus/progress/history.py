"""What the journal tells by itself, kept up as entries are added: a book of many years is gone through once."""

from __future__ import annotations

import pickle
from collections.abc import Sequence
from dataclasses import dataclass, field, fields
from datetime import datetime

from numerus.domain.journal import (
    BathChanged,
    BathFilled,
    BathSettled,
    BathsSwapped,
    CureVerdict,
    Fact,
    PartBroke,
    PartOutcome,
    RunEnded,
    RunPaused,
    RunResumed,
    RunStarted,
    StepDone,
    WashVerdict,
)
from numerus.post.curing.cure_book import Lit
from numerus.post.washing.bath_book import Carried
from numerus.printing.runs.run_records import RunFold

_TOLD_WHOLE = (
    BathChanged,
    BathFilled,
    BathSettled,
    BathsSwapped,
    WashVerdict,
    CureVerdict,
    PartOutcome,
    RunEnded,
    RunPaused,
    RunResumed,
    RunStarted,
    StepDone,
)


@dataclass
class History:
    """Runs, the steps done and minutes spent on each figure there ever was, the last finishing step of each, what was carried into
    the baths, what light did; ``timed``: by figure and stage the minutes planned and measured of steps that were measured, and how many.

    ``facts``: the entries that count, in order, but for old ones that the rest tells whole (``settle``).
    """

    runs: RunFold = field(default_factory=RunFold)
    steps: dict[str, set[tuple[str, str]]] = field(default_factory=dict)
    hands: dict[str, float] = field(default_factory=dict)
    finished_at: dict[str, datetime] = field(default_factory=dict)
    carried: Carried = field(default_factory=Carried)
    lit: Lit = field(default_factory=Lit)
    timed: dict[str, dict[str, tuple[float, float, int]]] = field(default_factory=dict)
    facts: list[Fact] = field(default_factory=list)

    @classmethod
    def of(cls, facts: Sequence[Fact]) -> History:
        known = cls()
        known.take(facts)
        return known

    def copy(self) -> History:
        """Another that goes on by itself; entries are shared, they do not change."""
        # Pickled and read again, which is done in C; copy.deepcopy goes through every tuple in Python.
        own = {f.name: getattr(self, f.name) for f in fields(self) if f.name != "facts"}
        return History(**pickle.loads(pickle.dumps(own)), facts=self.facts.copy())

    def take(self, new: Sequence[Fact]) -> None:
        """Go on by entries that take nothing back."""
        self.facts += new
        self.runs.take(new)
        self.carried.take(new)
        self.lit.take(new)
        hands, steps = self.hands, self.steps
        for at, event, _, figures, minutes, _ in new:
            if figures:
                share = minutes / len(figures)
                done = (event.stage, event.key) if isinstance(event, StepDone) else None
                for figure in figures:
                    hands[figure] = hands.get(figure, 0.0) + share
                    if done is not None:
                        if event.timing != "planned":  # type: ignore[union-attr]
                            self._timed(figure, event, share, len(figures))  # type: ignore[arg-type]
                        steps.setdefault(figure, set()).add(done)
                        if done[0] == "finish":
                            self.finished_at[figure] = max(at, self.finished_at.get(figure, at))
                    elif type(event) is PartBroke:
                        self._broke(figure, event)

    def _timed(self, figure: str, event: StepDone, minutes: float, figures: int) -> None:
        own = self.timed.setdefault(figure, {})
        planned, measured, many = own.get(event.stage, (0.0, 0.0, 0))
        own[event.stage] = planned + event.planned_min / figures, measured + minutes, many + 1

    def _broke(self, figure: str, event: PartBroke) -> None:
        """Some steps are to be done again; a part that is only to be glued on is as if it had been kept apart."""
        steps = self.steps.setdefault(figure, set())
        steps.difference_update(event.undone)
        if event.apart:
            steps.add(("build", event.apart))

    def settle(self) -> None:
        """Let go of the entries so far that runs, steps, hands and baths tell whole."""
        self.facts = [f for f in self.facts if not isinstance(f.event, _TOLD_WHOLE)]
