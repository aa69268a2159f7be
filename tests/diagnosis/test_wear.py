"""Film, screen and resin against runs with known layers."""

from __future__ import annotations

from dataclasses import replace
from datetime import date, datetime, timedelta

import pytest

from numerus.diagnosis.wear import before_run, stock_of, wear_of
from numerus.domain.journal import Fact, FilmChanged, PartOutcome
from numerus.domain.printing.machines import Bottle, Machine, Resin
from numerus.domain.printing.plates import Plate
from numerus.printing.runs.run_records import RunRecord

NOW = datetime(2026, 3, 30, 20)
MACHINE = Machine(
    "m",
    "M",
    layer_mm=0.05,
    exposure_s=3.6,
    bottom_exposure_s=36.0,
    bottom_layers=10,
    film_layers=10_000,
    screen_h=100.0,
)
PLATE = Plate("p", "P", "m", "r", (), 50.0, 300.0, 100.0)


def ran(days_ago: int) -> RunRecord:
    at = NOW - timedelta(days=days_ago)
    return RunRecord(f"r{days_ago}", "p", "m", at, at + timedelta(hours=5), {}, False, False)


def test_film_and_screen_wear_by_what_was_exposed_since_they_were_changed() -> None:
    """A thousand layers a run, an hour of light and a tenth; the pace tells when they are worn."""
    runs = [ran(d) for d in (50, 20, 10)]
    film, screen = wear_of(MACHINE, runs, {"p": PLATE}, [], NOW)
    assert film.used == 3000 and film.share == pytest.approx(0.3)
    assert screen.used == pytest.approx(3 * (10 * 36 + 990 * 3.6) / 3600)
    assert film.ends == NOW.date() + timedelta(days=int(7000 / (2000 / 28)))
    changed = [Fact(NOW - timedelta(days=15), FilmChanged(), "m")]
    film, screen = wear_of(MACHINE, runs, {"p": PLATE}, changed, NOW)
    assert (
        film.used == 1000
        and screen.used > 2
        and film.description == "film 10% worn"
        and "1,000 of 10,000 layers" in film.note
    )
    assert wear_of(MACHINE, [], {}, [], NOW)[0].ends is None


def test_resin_in_store_is_what_was_bought_less_what_was_used() -> None:
    """By bottles; what is planned beyond it is told, and the day to order by."""
    resin, bottle = Resin("r", "Grey"), Bottle("b", "r", 1000.0, date(2026, 3, 1))
    runs = [(ran(d), PLATE) for d in (50, 20, 10)]
    stock = stock_of(resin, [bottle], runs, [PLATE], NOW)
    assert (stock.left_ml, stock.week_ml, stock.planned_ml) == (800.0, pytest.approx(50.0), 100.0)
    assert stock.order_by == NOW.date() + timedelta(days=int(700 / 50 * 7) - 7)
    fared = replace(runs[0][0], outcomes={"a": PartOutcome("a", "failed", 3.0), "b": PartOutcome("b", "good")})
    assert "of 2 parts printed with it 1 failed" in stock_of(resin, [bottle], [(fared, PLATE)], [], NOW).note
    short = stock_of(resin, [replace(bottle, ml=250.0)], runs, [PLATE], NOW)
    assert "order now" in short.description
    assert "no bottle" in stock_of(resin, [], runs, [PLATE], NOW).description
    old = replace(bottle, expires=date(2026, 3, 20))
    assert "past its date" in stock_of(resin, [old], runs, [], NOW).description


def test_what_to_do_with_the_resin_before_a_run() -> None:
    """Stir what stood, warm what is cold, leave what is too old; nothing for what was used yesterday."""
    resin, bottle = Resin("r", "Grey"), Bottle("b", "r", 1000.0, date(2026, 3, 1))
    assert before_run(resin, [bottle], NOW - timedelta(days=1), 22.0, NOW) == []
    old = replace(bottle, expires=date(2026, 3, 20))
    assert len(before_run(resin, [old], NOW - timedelta(days=9), 15.0, NOW)) == 3
    assert "stir" in before_run(resin, [], None, None, NOW)[0]
