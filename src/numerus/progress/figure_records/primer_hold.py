"""How primer held, school by school: of the figures primed by each, those on which it rubbed off."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import datetime

from numerus.domain.journal import Fact, PrimerRubbedOff
from numerus.errors import PlanError
from numerus.paint.priming.primer import SCHOOLS
from numerus.progress.history import History
from numerus.progress.pace.rates import failure_rate
from numerus.words import counted


@dataclass(frozen=True)
class Hold:
    """A school's figures ``primed``, and on how many of them it ``rubbed`` off."""

    school: str
    primed: int
    rubbed: int

    @property
    def words(self) -> str:
        """Counted, with the share that likely rubs off (eight in ten)."""
        _, low, high = failure_rate(self.rubbed, self.primed)
        return f"{self.school} held on {self.primed - self.rubbed} of {counted(self.primed, 'figure')} (rubs off {low:.0%} to {high:.0%})"


def primer_hold(history: History) -> list[Hold]:
    """Of every school by which something was primed since it is told."""
    rubbed = {f for fact in history.facts if isinstance(fact.event, PrimerRubbedOff) for f in fact.figures}
    held = []
    for school in SCHOOLS:
        primed = {figure for figure, steps in history.steps.items() if ("prime", school) in steps}
        if primed:
            held.append(Hold(school, len(primed), len(primed & rubbed)))
    return held


def rubbed_off(history: History, figure_id: str, now: datetime) -> Fact:
    """The entry that it did. Raises PlanError where the figure was not primed."""
    if not any(stage == "prime" for stage, _ in history.steps.get(figure_id, ())):
        raise PlanError("not-primed", "This figure was not primed yet.", "Choose one that was in the roll.")
    return Fact(now, PrimerRubbedOff(), "", (figure_id,))
