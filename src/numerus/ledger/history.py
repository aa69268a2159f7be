"""What the journal tells by itself, kept up as entries are added: a book of many years is gone through once."""

from __future__ import annotations

from collections.abc import Sequence

from numerus.bench.wash import Carried
from numerus.floor.runs import RunFold
from numerus.kit.facts import STEP, Fact


class History:
    """Runs, the steps done and minutes spent on each figure there ever was, what was carried into the baths."""

    def __init__(self) -> None:
        self.runs = RunFold()
        self.steps: dict[str, set[tuple[str, str]]] = {}
        self.hands: dict[str, float] = {}
        self.carried = Carried()
        self._count = 0
        self._last: Fact | None = None

    @classmethod
    def of(cls, facts: Sequence[Fact], before: History | None = None) -> History:
        """All of it, going on from what was known ``before`` where entries were only added since."""
        known = before if before is not None and before._begins(facts) else cls()
        known._take(facts[known._count :])
        return known

    def _begins(self, facts: Sequence[Fact]) -> bool:
        return len(facts) >= self._count and (self._count == 0 or facts[self._count - 1] is self._last)

    def _take(self, new: Sequence[Fact]) -> None:
        self.runs.take(new)
        self.carried.take(new)
        hands, steps = self.hands, self.steps
        for fact in new:
            if whom := fact.figures:
                share = fact.minutes / len(whom)
                done = (fact.data["stage"], fact.data.get("key", "")) if fact.kind == STEP else None
                for figure in whom:
                    hands[figure] = hands.get(figure, 0.0) + share
                    if done is not None:
                        steps.setdefault(figure, set()).add(done)
        self._count, self._last = self._count + len(new), new[-1] if new else self._last
