"""What is in the box is used before anything is printed, once, and never twice."""

from __future__ import annotations

from dataclasses import replace
from datetime import timedelta

import pytest

from helpers import EVENING
from numerus.book.book import Book
from numerus.domain.journal import Fact, PartOutcome, RunEnded, RunStarted
from numerus.domain.plans import Plans
from numerus.domain.printing.plates import Placed, Plate
from numerus.printing.runs.run_records import spares_left
from numerus.progress.bits import bits, box_words, taken_by
from numerus.progress.history import History
from numerus.progress.printing.plating import owed_copies
from numerus.progress.standing import standing, wanted_copies


def spare_run(part_id: str, outcomes: list[str]) -> tuple[Plate, list[Fact]]:
    """A plate of spares of one part, printed so."""
    placed = tuple(Placed(f"s{n}", part_id, "", "", 10.0 * n, 10.0) for n in range(len(outcomes)))
    plate = Plate("spares", "Spares", "teal", "r", placed, 30.0, 100.0, 10.0, 99)
    at = EVENING - timedelta(days=1)
    facts = [Fact(at, RunStarted("spares", "teal"), "rs"), Fact(at, RunEnded(), "rs")]
    return plate, facts + [Fact(at, PartOutcome(f"s{n}", outcome), "rs") for n, outcome in enumerate(outcomes)]


@pytest.fixture
def owed(demo: Book) -> tuple[Plans, str, str, str]:
    """The demo with somebody of whom one posed part is on no plate: (plans, unit, figure, slot)."""
    plans, found = demo.plans, standing(demo.plans, demo.history)
    for unit in plans.units:
        for figure, slot in owed_copies(plans, found, unit):
            if (figure, slot) not in found.copies:
                return plans, unit, figure, slot
    pytest.skip("nobody is owed anything")


def test_a_spare_in_the_box_is_taken_before_it_is_printed(demo: Book, owed: tuple[Plans, str, str, str]) -> None:
    """Of two good spares and a failed one as many copies are taken as are owed, the first on the roll first; the rest stays."""
    plans, unit, figure, slot = owed
    part = plans.figures[figure].build[slot]
    plate, facts = spare_run(part, ["good", "failed", "good"])
    more = replace(plans, plates={**plans.plates, plate.id: plate})
    history = History.of([*demo.history.facts, *facts])
    before = standing(plans, demo.history)
    wanting = [c for c, p in wanted_copies(plans).items() if p == part and c not in before.copies]
    after = standing(more, history)
    assert [c for c in wanting if c in after.copies] == wanting[:2]
    assert after.copies[wanting[0]].state in ("printed", "washed", "cured")
    assert (figure, slot) not in owed_copies(more, after, unit) or wanting.index((figure, slot)) >= 2
    left = spares_left(more.plates, after.runs, wanted_copies(more))
    assert left.get(part, 0) == max(2 - len(wanting), 0)


def test_the_box_tells_what_lies_in_it_and_who_could_take_it(demo: Book) -> None:
    """Spares nobody asks for are offered to figures of the same kit whose slot is not printed yet; taken, they are gone."""
    plans, found = demo.plans, standing(demo.plans, demo.history)
    part = next(
        p
        for p in plans.parts.values()
        if any(_open(f, p, found) and plans.units[f.unit_id].kit_id == p.kit_id for f in plans.figures.values())
        and not any(
            v == p.id and (f.id, s) not in found.copies for f in plans.figures.values() for s, v in f.build.items()
        )
    )
    plate, facts = spare_run(part.id, ["good", "failed"])
    more = replace(plans, plates={**plans.plates, plate.id: plate})
    history = History.of([*demo.history.facts, *facts])
    bit = next(b for b in bits(more, standing(more, history)) if b.part.id == part.id)
    assert bit.good >= 1 and bit.failed >= 1 and bit.fits and "could take it" in bit.use
    figure = taken_by(bit.fits[0], part)
    given = replace(more, figures={**more.figures, figure.id: figure})
    after = standing(given, history)
    assert after.copies[figure.id, part.slot].outcome == "good"
    again = next((b for b in bits(given, after) if b.part.id == part.id), None)
    assert (again.good if again else 0) == bit.good - 1
    assert "good" in box_words(bits(more, standing(more, history)))


def _open(figure, part, found) -> bool:  # type: ignore[no-untyped-def]
    return (
        part.slot in figure.build and figure.build[part.slot] != part.id and (figure.id, part.slot) not in found.copies
    )
