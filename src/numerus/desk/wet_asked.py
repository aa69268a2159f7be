"""Strokes on what is wet by the clock are written only when that was said twice: it may be dry after all."""

from __future__ import annotations

from collections.abc import Sequence

from numerus.desk.session import Session
from numerus.domain.journal import Fact
from numerus.errors import PlanError
from numerus.progress.painting.painting_line import Wet


class WetAsked:
    """Remembers what was said to be wet last."""

    def __init__(self, session: Session) -> None:
        self.session, self._about = session, ""

    def may_write(self, about: str, facts: Sequence[Fact]) -> bool:
        """Whether nothing is wet under these strokes, or ``about`` the same it was asked just before; else it is told."""
        wet = self.session.answers.wet_under(facts) if self._about != about else None
        self._about = about if wet is not None else ""
        if wet is not None:
            self._tell(wet)
        return wet is None

    def _tell(self, wet: Wet) -> None:
        plans = self.session.plans
        where = f"{plans.zone_name(wet.zone)} of {plans.figures[wet.figure_id].name}"
        words = f"By the clock {where} is wet until {wet.until:%H:%M}."
        self.session.failed.emit(PlanError("wet", words, "Once more, if it is dry."))
