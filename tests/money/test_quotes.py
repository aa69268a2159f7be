"""Quotes: every stop re-added by plain arithmetic, fair in order, honest about what is not known."""

from __future__ import annotations

import csv
import json
from dataclasses import dataclass, replace
from datetime import date
from itertools import pairwise
from pathlib import Path

import pytest

from numerus.book.book import Book
from numerus.cli.__main__ import main
from numerus.domain.commissions import Commission
from numerus.domain.painting.recipes import Scheme
from numerus.errors import PlanError
from numerus.money.quotes import BASE, PRIMED, Quote, quote
from numerus.paint.stroke_minutes import sizes_by_figure, stroke_times
from numerus.progress.standing import standing

TERMS = Commission("c", "bell", "Fen Pilots' guild", pence_per_h=1250, margin=0.15)
GROUPS = ("wash and cure", "build", "prime", "paint", "finish")


@dataclass(frozen=True)
class Known:
    factor: float = 1.0
    spread: float = 0.0
    logged: int = 10


def quoted(book: Book, terms: Commission = TERMS, pace: Known = Known()) -> Quote:
    unit = book.plans.units[terms.unit_id]
    return quote(book.plans, standing(book.plans, book.history), unit, terms, dict.fromkeys(GROUPS, pace))


def test_a_stop_is_its_hours_at_the_rate_and_its_materials_with_the_margin(demo: Book) -> None:
    """To the nearest half pound; with a pace that is exactly the plan, hours are the recipe's minutes and one set-up a pot."""
    plans = demo.plans
    scheme = plans.scheme
    assert isinstance(scheme, Scheme)
    made = quoted(demo)
    for stop in made.stops:
        plain = (stop.hours.p50 * 1250 + stop.materials_pence) * 1.15
        assert stop.price_pence == round(plain / 50) * 50 and stop.price_range == (stop.price_pence,) * 2
    bells = plans.figures_of("bell")
    sizes = sizes_by_figure(plans)
    steps = [s for f in bells for r in scheme.recipes if r.zone in plans.zone_areas_cm2(f) for s in r.steps]
    pots = {(s.mix, s.thinner, s.tool): 10.0 if s.technique == "spray" else 1.5 for s in steps}
    finish = sum(s.minutes * sizes[f.id].whole_times for s in scheme.finish for f in bells)
    finish += 2.0 * sum(slot in plans.units["bell"].apart for f in bells for slot in f.build)  # glued on after painting
    painted = [
        s.minutes * stroke_times(s, own)
        for f in bells
        for r in scheme.recipes
        if (own := sizes[f.id].zones.get(r.zone))
        for s in r.steps
    ]
    minutes = sum(painted) + sum(pots.values()) + finish
    assert made.stops[-1].hours.p50 * 60 == pytest.approx(minutes + made.stops[0].hours.p50 * 60)


def test_stopping_later_never_costs_less(demo: Book) -> None:
    """Hours, materials and price grow from stop to stop, at every chance; the first is primed, then base colours."""
    made = quoted(demo, pace=Known(1.3, 0.2))
    assert [s.name for s in made.stops[:2]] == [PRIMED, BASE]
    for one, other in pairwise(made.stops):
        assert one.hours.p10 < other.hours.p10 and one.hours.p50 < other.hours.p50 and one.hours.p90 < other.hours.p90
        assert one.materials_pence <= other.materials_pence and one.price_pence < other.price_pence


def test_what_is_little_known_has_a_wider_range(demo: Book) -> None:
    """Under twenty measured steps the range is twice as wide in logs, and that is told."""
    sure, unsure = (quoted(demo, pace=Known(1.0, 0.2, n)).agreed.hours for n in (4, 3))
    assert not quoted(demo, pace=Known(logged=4)).is_guess and quoted(demo, pace=Known(logged=3)).is_guess
    assert (unsure.p90 / unsure.p50) == pytest.approx((sure.p90 / sure.p50) ** 2, rel=0.05)


def test_paint_on_their_own_prints_has_no_resin_and_no_licence_to_ask(demo: Book) -> None:
    """Where the user prints, the kit, resin and hours of plates come in, and parts that may not be sold are listed."""
    paint, prints = quoted(demo), quoted(demo, replace(TERMS, prints=True))
    assert prints.stops[0].materials_pence > paint.stops[0].materials_pence
    assert prints.stops[0].hours.p50 > paint.stops[0].hours.p50
    assert paint.not_to_sell == ()
    kit = demo.plans.kits[demo.plans.units["bell"].kit_id]
    assert [(name, says) for name, _, says in prints.not_to_sell] == [(kit.name, "personal use only")]
    demo.commit("may be sold", [replace(kit, licence="sell-prints")])
    assert quoted(demo, replace(TERMS, prints=True)).not_to_sell == ()


def test_terms_are_kept_in_the_book_and_taken_back(demo: Book) -> None:
    """Client, brief, stop and sums; another stop agreed is the one the quote is for; nothing of a client elsewhere."""
    terms = replace(TERMS, stop="Table-ready", wanted_by=date(2026, 4, 25), brief="Bells of verdigris")
    demo.commit("a commission", [terms])
    assert demo.plans.commission_of("bell") == terms
    made = quoted(demo, terms)
    assert made.agreed.name == "Table-ready" and made.deposit_pence == round(made.agreed.price_pence * 0.3 / 50) * 50
    demo.undo()
    assert demo.plans.commission_of("bell") is None


@pytest.mark.parametrize(
    "wrong", [{"pence_per_h": -1}, {"margin": float("nan")}, {"deposit": 1.2}, {"postage_pence": -5}]
)
def test_senseless_terms_are_refused(wrong: dict[str, float]) -> None:
    """In words, before they are kept."""
    with pytest.raises(PlanError):
        replace(TERMS, **wrong)  # type: ignore[arg-type]


def test_nothing_to_quote_is_said(demo: Book) -> None:
    """A unit without figures, and a name that is none."""
    unit = replace(demo.plans.units["bell"], id="empty")
    with pytest.raises(PlanError, match="no figures"):
        quote(demo.plans, standing(demo.plans, demo.history), unit, TERMS, dict.fromkeys(GROUPS, Known()))


def test_the_command_line_tells_the_same(demo: Book, capsys: pytest.CaptureFixture[str]) -> None:
    """By name or by id, in whole pence."""
    assert main(["quote", str(demo.path), "--unit", "Bellringers"]) == 0
    told = json.loads(capsys.readouterr().out)
    assert told["price"] == told["stops"][-1]["price"] and isinstance(told["materials"], int)
    assert told["hours"]["p10"] < told["hours"]["p50"] < told["hours"]["p90"]
    assert main(["quote", str(demo.path), "--unit", "Nobody"]) == 2
    assert "Bellringers" in capsys.readouterr().out


def test_costs_on_the_command_line_add_up_to_the_penny(
    demo: Book, capsys: pytest.CaptureFixture[str], tmp_path: Path
) -> None:
    """Of every unit by what they go to, and of all units; as the bench has them."""
    assert main(["costs", str(demo.path), "--csv", str(tmp_path / "costs.csv")]) == 0
    told = json.loads(capsys.readouterr().out)
    for unit in told["units"]:
        assert unit["total"] == sum(
            unit[k] for k in ("kit", "resin", "washing", "machine", "paint", "coats", "base", "failures")
        )
    assert told["total"] == sum(u["total"] for u in told["units"])
    assert {u["unit"] for u in told["units"]} == {u.name for u in demo.plans.units.values()}
    with (tmp_path / "costs.csv").open(encoding="utf-8") as file:
        rows = list(csv.DictReader(file))
    parts = ("kit", "resin", "washing", "machine", "paint", "coats", "base", "failures")
    assert all(sum(int(row[part]) for part in parts) == int(row["total"]) for row in rows)
    assert sum(int(row["total"]) for row in rows) == told["total"]
