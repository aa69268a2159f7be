"""How primer held is counted by the school it was laid with."""

from __future__ import annotations

import pytest

from helpers import EVENING
from numerus.book.book import Book
from numerus.errors import PlanError
from numerus.progress.done_facts import shared_out
from numerus.progress.figure_records.primer_hold import primer_hold, rubbed_off
from numerus.progress.history import History


def test_primer_that_rubbed_off_is_counted_once_a_figure_and_by_its_school() -> None:
    """Three by can, one of them rubbed twice; two by brush that held."""
    facts = [
        *shared_out("prime", dict.fromkeys(("a", "b", "c"), 3.0), 9.0, EVENING, "can"),
        *shared_out("prime", dict.fromkeys(("d", "e"), 6.0), 12.0, EVENING, "brush"),
    ]
    history = History.of(facts)
    history.take([rubbed_off(history, "b", EVENING), rubbed_off(history, "b", EVENING)])
    held = {h.school: (h.primed, h.rubbed) for h in primer_hold(history)}
    assert held == {"can": (3, 1), "brush": (2, 0)}
    can = next(h for h in primer_hold(history) if h.school == "can")
    assert can.words.startswith("can held on 2 of 3 figures (rubs off ")


def test_it_is_kept_in_the_book_and_only_of_figures_that_were_primed(demo: Book) -> None:
    """Written, read again, taken back by undo; a figure that is bare cannot lose its primer."""
    primed = next(f for f, steps in demo.history.steps.items() if any(stage == "prime" for stage, _ in steps))
    demo.commit("rubbed", facts=[rubbed_off(demo.history, primed, EVENING)])
    assert demo.history.facts[-1].event.kind == "primer-rubbed-off"
    demo.undo()
    assert demo.history.facts[-1].event.kind != "primer-rubbed-off"
    with pytest.raises(PlanError, match="not primed"):
        rubbed_off(demo.history, "heron-0", EVENING)
