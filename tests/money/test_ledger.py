"""The ledger: whole pence, sums that agree with what was entered, files that other programs read."""

from __future__ import annotations

import csv
import random
from dataclasses import replace
from datetime import datetime, timedelta
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from helpers import EVENING
from numerus.book.book import Book
from numerus.cli.__main__ import main
from numerus.domain.army import BOUGHT
from numerus.domain.journal import CommissionBooked, Fact
from numerus.domain.plans import Plans
from numerus.domain.purchases import THINGS, purchase
from numerus.errors import PlanError
from numerus.money.costs import unit_costs
from numerus.money.ledger import ledger_rows, prices_of, spent_by_month, spent_by_thing, unit_pence
from numerus.progress.standing import standing

NOW = datetime(2026, 3, 2, 18)
ENTRIES = st.lists(
    st.tuples(st.sampled_from(sorted(THINGS)), st.integers(0, 99_999), st.floats(0, 5000), st.integers(0, 400)),
    max_size=40,
)


@given(ENTRIES)
def test_sums_by_kind_and_month_are_all_that_was_spent(entries: list) -> None:
    """To the penny, however many; the rows add up to the same."""
    facts = [
        purchase(NOW + timedelta(days=d), thing, "from a shop", pence, amount) for thing, pence, amount, d in entries
    ]
    whole = sum(pence for _, pence, *_ in entries)
    assert sum(spent_by_thing(facts).values()) == sum(spent_by_month(facts).values()) == whole
    assert sum(int(str(row[6])) for row in ledger_rows(facts, Plans())[1:]) == whole


def test_what_one_of_a_thing_costs_is_learned_from_those_with_an_amount() -> None:
    """Five for 3.00 and ten for 4.50 are half a unit of money each; a kind never bought so is not known."""
    facts = [
        purchase(NOW, "gloves", "", 300, 5),
        purchase(NOW, "gloves", "", 450, 10),
        purchase(NOW, "gloves", "", 999, 0),
    ]
    assert unit_pence(facts, "gloves") == 50.0 and unit_pence(facts, "glue") is None


def test_senseless_purchases_are_refused() -> None:
    for thing, pence, amount in (("luck", 1, 1), ("glue", -1, 1), ("glue", 1, -1), ("glue", 1, float("nan"))):
        with pytest.raises(PlanError, match="purchase"):
            purchase(NOW, thing, "", pence, amount)


def test_the_exported_tables_add_up_to_the_journal(demo: Book, tmp_path: Path) -> None:
    """CSV and ODS hold the same rows; a payment and a refund stand with what was bought; the book keeps the entries."""
    dice = random.Random(4)
    facts = [purchase(EVENING, dice.choice(list(THINGS)), f"no. {n}", dice.randint(1, 5000), n) for n in range(25)]
    facts += [
        Fact(EVENING, CommissionBooked("paid", 3900, "", "deposit"), "bell"),
        Fact(EVENING, CommissionBooked("refund", 700), "bell"),
    ]
    demo.commit("bought", facts=facts)
    path = Path(demo.path)
    for name in ("ledger.csv", "ledger.ods"):
        assert main(["costs", str(path), "--ledger", str(tmp_path / name)]) == 0
    with (tmp_path / "ledger.csv").open(encoding="utf-8") as file:
        rows = list(csv.DictReader(file))
    spent = sum(f.event.pence for f in facts if f.event.kind == "purchased") + 700
    assert sum(int(r["spent_pence"]) for r in rows) == spent and sum(int(r["earned_pence"]) for r in rows) == 3900
    assert _ods_rows(tmp_path / "ledger.ods") == [[*rows[0]], *([*r.values()] for r in rows)]
    again = ledger_rows(Book.open(path).history.facts, demo.plans)
    assert len(again) == 28


def _ods_rows(path: Path) -> list[list[str]]:
    """Read by another way than it was written: the file's own XML."""
    import xml.etree.ElementTree as ET
    import zipfile

    table = "{urn:oasis:names:tc:opendocument:xmlns:table:1.0}"
    root = ET.fromstring(zipfile.ZipFile(path).read("content.xml"))
    return [
        ["".join(cell.itertext()) for cell in row.iter(f"{table}table-cell")] for row in root.iter(f"{table}table-row")
    ]


def test_what_is_on_no_plate_yet_is_foretold_and_never_nothing(demo: Book) -> None:
    """An unprinted unit has its share of runs, with a range; laid on plates it has a cost without one, inside what was foretold."""
    plans = demo.plans
    bare = replace(plans, plates={})
    foretold, laid = (unit_costs(p, standing(p, demo.history)) for p in (bare, plans))
    for unit in plans.units:
        low, high = foretold[unit].range
        assert low < foretold[unit].total < high and foretold[unit].machine > 0
    assert laid["lock"].range == (laid["lock"].total, laid["lock"].total)
    assert 0.3 < foretold["lock"].machine / laid["lock"].machine < 3


def test_what_wears_and_what_is_bought_is_costed_as_it_was_bought(demo: Book) -> None:
    """Dearer gloves and films make runs dearer by their share; a bought base stands under each figure that has one; not bought, none."""
    plans, found = demo.plans, standing(demo.plans, demo.history)
    usual = prices_of([])
    facts = [
        purchase(NOW, "gloves", "", 5000, 100),
        purchase(NOW, "film", "", 4800, 2),
        purchase(NOW, "bases", "", 900, 30),
        purchase(NOW, "basing", "tufts", 1001, 0),
        purchase(NOW, "screen", "", 9000, 1),
    ]
    told = prices_of(facts)
    assert (told.gloves, told.film, told.base, told.screen) == (50.0, 2400.0, 30.0, 9000.0) and usual.base == 0.0
    before, after = unit_costs(plans, found), unit_costs(plans, found, prices=told)
    for unit in plans.units:
        bought = sum(list(f.build.values()).count(BOUGHT) for f in plans.figures_of(unit))
        assert 0 <= after[unit].base - 30 * bought <= 1001 and before[unit].base == 0
        assert after[unit].machine > before[unit].machine
    everywhere = sum(list(f.build.values()).count(BOUGHT) for f in plans.figures.values())
    assert sum(c.base for c in after.values()) == 30 * everywhere + 1001, "basing is shared to the penny"
