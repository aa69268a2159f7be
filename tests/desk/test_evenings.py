"""The page of the evenings in the real window: planned in a job, looked at piece by piece, the orders go by it."""

from __future__ import annotations

from dataclasses import replace

import pytest
from hand_clock import Clock
from PyQt6.QtWidgets import QPushButton

from numerus.desk.window import MainWindow


def opened(window: MainWindow):  # type: ignore[no-untyped-def]
    """The page of the evenings, by its tab."""
    window.session.go("muster")
    bench = window.benches["muster"]
    next(b for b in bench.findChildren(QPushButton) if b.text() == "Evenings").click()
    window.grab()
    return bench.evenings


def test_six_evenings_are_shown_and_others_can_be_turned_to(window: MainWindow) -> None:
    """The first from now on; the end in words; later and earlier stop at the ends."""
    page = opened(window)
    state = page.state
    assert page.answer.text().startswith("Every evening kept, the last is") and "on no plate" in page.note.text()
    assert len(state.shown) == 6 and state.shown[0].window.start == window.session.now
    page.turn(-3)
    assert state.first == 0
    for _ in range(len(state.evenings)):
        page.turn(1)
    assert state.shown[-1] == state.evenings[-1] and state.chosen >= state.first
    page.grab()


def test_a_piece_leads_to_its_bench_and_a_row_to_its_pieces(window: MainWindow) -> None:
    """By a click, or by key."""
    page = opened(window)
    row = next(r for r in page.chart.regions if r.description.startswith("Saturday"))
    row.act()
    page.grab()
    assert page.state.chosen == 2
    painted = next(r for r in page.list.regions if "from one pot" in r.description)
    painted.act()
    assert window.session.stage == "paint"


def test_the_orders_go_by_the_plan_that_was_looked_at(window: MainWindow) -> None:
    """And stay so while work is ticked: planned anew, the page says the same as the orders."""
    page, session = opened(window), window.session
    assert session.answers.way == page.state.plan.way
    for _ in range(2):
        order = next(t for t in session.answers.orders.listed if t.facts)
        session.commit(order.title, facts=order.facts)
        first = page.state.evenings[0]
        assert session.answers.orders.work_min == pytest.approx(first.hands_min)
    session.undo()
    assert page.state.evenings


def test_no_hobby_time_is_said(window: MainWindow) -> None:
    """In words, where the plan would be."""
    army = window.session.plans.army
    page = opened(window)
    window.session.commit("idle", [replace(army, week=tuple(replace(d, hobby_minutes=0) for d in army.week))])
    assert "hobby time" in page.answer.text()
    page.grab()


@pytest.mark.at_once
def test_minutes_one_has_now_make_the_orders(window: MainWindow) -> None:
    """Typed beside the orders, they are for so long; none again, and they are for the hobby time."""
    session = window.session
    usual = session.answers.orders.minutes
    window.orders.have.setValue(25)
    assert session.answers.orders.minutes == 25 and "25 min from" in window.orders.when.text()
    window.orders.have.setValue(0)
    assert session.answers.orders.minutes == usual


def test_the_minutes_one_has_go_by(timed: MainWindow, clock: Clock) -> None:
    """Ten minutes on there are so many fewer; when they are over the orders are for the hobby time again."""
    timed.orders.have.setValue(25)
    clock.on(10)
    timed.session.tick()
    assert timed.session.answers.orders.minutes == 15
    clock.on(20)
    timed.session.tick()
    assert timed.session.answers.orders.minutes > 25
