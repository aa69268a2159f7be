"""A commission while it is worked on: hours against the quote, stops reached, money booked; names leave with the commission."""

from __future__ import annotations

from dataclasses import replace
from datetime import date

import pytest

from helpers import EVENING
from numerus.book.book import Book, Removed
from numerus.domain.commissions import Commission
from numerus.domain.journal import CommissionBooked, Fact
from numerus.money.against_quote import account, against_quote, agreed_now, next_number, requoted
from numerus.money.costs import unit_costs
from numerus.money.quotes import Quote, quote
from numerus.money.worth import failed_plates, kit_pays_from, machine_pays_from, pays_from
from numerus.progress.pace.rates import rates_of
from numerus.progress.standing import standing
from numerus.progress.unit_done import WET, done_minutes

TERMS = Commission("c", "lock", "A client", stop="Table-ready")


@pytest.fixture
def offer(demo: Book) -> Quote:
    plans = demo.plans
    return quote(plans, standing(plans, demo.history), plans.units["lock"], TERMS, rates_of(plans, demo.history.facts))


def booked(what: str, pence: int = 0, number: str = "", words: str = "") -> Fact:
    return Fact(EVENING, CommissionBooked(what, pence, number, words), "lock")


def test_nothing_done_is_the_quote_and_all_done_is_what_it_took(offer: Quote) -> None:
    """At the beginning the middle of the quote is expected; at the end exactly the hours there were, without a range."""
    stop = offer.agreed
    at_first = against_quote(offer, TERMS, {}, 0.0)
    assert (at_first.share, at_first.reached) == (0.0, 0) and at_first.expected.p50 == pytest.approx(stop.hours.p50)
    ended = against_quote(offer, TERMS, stop.minutes, 1.2 * stop.hours.p50)
    assert ended.share == pytest.approx(1.0) and ended.over_share == pytest.approx(0.2)
    assert ended.expected.p10 == pytest.approx(ended.expected.p90) == pytest.approx(1.2 * stop.hours.p50)
    assert ended.earns_pence_per_h == pytest.approx((stop.price_pence - stop.materials_pence) / (1.2 * stop.hours.p50))
    assert ended.reached >= 1 + [s.name for s in offer.stops].index(stop.name)


def test_more_of_one_kind_of_work_does_not_reach_a_stop(offer: Quote) -> None:
    """Ten times the building is no painting; primed is reached when built and primed."""
    minutes = offer.agreed.minutes
    lopsided = against_quote(offer, TERMS, {"build": 10 * minutes["build"]}, 1.0)
    assert lopsided.share == pytest.approx(minutes["build"] / sum(minutes.values())) and lopsided.reached == 0
    assert against_quote(offer, TERMS, offer.stops[0].minutes, 1.0).reached == 1


def test_what_the_demo_has_done_is_part_of_what_is_planned(demo: Book, offer: Quote) -> None:
    """The Lock watch is half painted: its groups lie between nothing and the whole; a unit nobody began has none."""
    found = standing(demo.plans, demo.history)
    done = done_minutes(demo.plans, found, "lock", offer.agreed.minutes.get(WET, 0.0))
    whole = offer.stops[-1].minutes
    assert (
        all(0 <= done[g] <= whole[g] * 1.001 for g in ("build", "prime", "paint"))
        and 0 < done["paint"] < whole["paint"]
    )
    assert done["build"] == pytest.approx(whole["build"])
    assert sum(done_minutes(demo.plans, found, "heron", 10.0).values()) == 0


def test_a_change_of_wishes_is_told_by_its_difference(offer: Quote) -> None:
    """Against what was kept; before anything is agreed there is none."""
    assert requoted(TERMS, offer) is None
    kept = replace(TERMS, **agreed_now(offer.agreed, date(2026, 3, 2)))  # type: ignore[arg-type]
    assert requoted(kept, offer) == 0 and kept.agreed_h[1] == offer.agreed.hours.p50
    assert (
        requoted(kept, replace(offer, agreed=offer.stops[-1])) == offer.stops[-1].price_pence - offer.agreed.price_pence
    )


def test_money_is_booked_by_unit_and_invoices_are_numbered() -> None:
    """Asked by the last invoice, paid in parts, given back; another unit's are not counted; numbers begin anew each year."""
    facts = [
        booked("paid", 3900),
        booked("invoice", 13000, "2026-01"),
        booked("paid", 9100),
        booked("refund", 500, words="a spear"),
    ]
    facts += [Fact(EVENING, CommissionBooked("paid", 77), "ferry"), booked("sent", 640, words="212 g")]
    now = account(facts, "lock")
    assert (now.asked, now.paid, now.open, now.refunded) == (13000, 13000, 0, 500)
    assert now.invoices == ("2026-01",) and "212 g" in now.sent
    assert next_number(facts, date(2026, 5, 1)) == "2026-02" and next_number(facts, date(2027, 1, 1)) == "2027-01"


def test_names_leave_the_book_with_the_commission(demo: Book) -> None:
    """What stays in the journal is sums and numbers."""
    demo.commit(
        "agreed", [replace(TERMS, client="Somebody Known", brief="in green")], [booked("invoice", 100, "2026-01")]
    )
    demo.commit("forgotten", [Removed("commission", "c")])
    told = repr(demo.plans.commissions) + repr([f for f in demo.history.facts if isinstance(f.event, CommissionBooked)])
    assert "Known" not in told and "2026-01" in told


@pytest.mark.parametrize(
    ("price", "bought", "running"), [(1349, 600, 150), (30000, 500, 130), (100, 100, 100), (0, 500, 10)]
)
def test_what_pays_is_the_first_figure_at_which_it_does(price: int, bought: int, running: int) -> None:
    """By trying figure after figure."""
    tried = next((n for n in range(1, 10_000) if price + n * running <= n * bought), None)
    assert pays_from(price, bought, running) == tried


def test_kits_machines_and_failed_plates_are_told(demo: Book) -> None:
    """A dearer machine pays later; the dearest failed plate stands first, and costs less than the whole plate."""
    plans, found = demo.plans, standing(demo.plans, demo.history)
    costs = unit_costs(plans, found)
    early, late = (machine_pays_from(plans, costs, pence) for pence in (20_000, 40_000))
    assert early is not None and late is not None and early < late
    assert kit_pays_from(plans, costs, "none") is None
    listed = failed_plates(plans, found.runs.values())
    assert listed and [row[2] for row in listed] == sorted((row[2] for row in listed), reverse=True)
    assert all(0 < lost <= len(plate.placed) and pence > 0 for plate, lost, pence in listed)
