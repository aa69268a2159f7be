"""What takes long enough to be felt is done in turns of the event loop."""

from __future__ import annotations

import time
from collections.abc import Iterator
from dataclasses import replace
from functools import cached_property

from PyQt6 import sip
from PyQt6.QtCore import QEventLoop, QObject, QTimer
from PyQt6.QtWidgets import QWidget

from numerus.desk.turns import Turns
from numerus.desk.widgets.later import TURN_S, Gradually, Later, Soon
from numerus.desk.window import MainWindow
from numerus.errors import NumerusError
from numerus.progress.planning.bench_tasks import ToDo


def test_steps_are_taken_in_several_turns_and_begin_anew_when_asked_again(qtbot) -> None:  # type: ignore[no-untyped-def]
    """Not at once, not all in one turn; what was half done when it was asked again is left."""
    parent, taken, begun = QObject(), list[int](), list[int]()

    def steps() -> Iterator[None]:
        begun.append(len(taken))
        for number in range(6):
            time.sleep(TURN_S / 2)
            taken.append(number)
            yield

    gradually = Gradually(parent, steps, Turns(at_once=False))
    gradually.ask()
    assert not taken
    qtbot.waitUntil(lambda: bool(taken))
    assert 0 < len(taken) < 6
    gradually.ask()
    qtbot.waitUntil(lambda: 5 in taken)
    qtbot.wait(30)
    assert len(begun) == 2 and taken[begun[1] :] == [0, 1, 2, 3, 4, 5]


def test_where_nothing_is_put_off_all_steps_are_taken_where_they_are_asked_for(qapp) -> None:  # type: ignore[no-untyped-def]
    """As tests and pictures want it."""
    taken: list[int] = []
    Gradually(QObject(), lambda: (taken.append(n) for n in range(3)), Turns(at_once=True)).ask()
    assert taken == [0, 1, 2]


def test_what_comes_due_together_is_done_in_turns(qtbot) -> None:  # type: ignore[no-untyped-def]
    """Something else happens between two acts that were put off alike, also where the first goes wrong."""
    parent, turns, done = QObject(), Turns(at_once=False), list[str]()
    between = QTimer(parent)
    between.timeout.connect(lambda: done.append("between"))

    def fails() -> None:
        done.append("one")
        raise ValueError("one")

    with qtbot.captureExceptions() as raised:
        together = [Soon(parent, act, turns) for act in (fails, lambda: done.append("two"))]
        for soon in together:
            soon.ask()
        between.start(0)
        qtbot.waitUntil(lambda: "two" in done)
    assert [error.args for _, error, _ in raised] == [("one",)]
    assert "between" in done[done.index("one") : done.index("two")]


def test_a_dialog_does_not_keep_others_waiting(qtbot) -> None:  # type: ignore[no-untyped-def]
    """What comes due while one waits for an answer has its turn all the same."""
    turns, done, answer = Turns(at_once=False), list[str](), QEventLoop()

    def asks() -> None:
        answer.exec()
        done.append("answered")

    turns.take(asks)
    turns.take(lambda: done.append("another"))
    turns.take(answer.quit)
    qtbot.waitUntil(lambda: "answered" in done)
    assert done == ["another", "answered"]


def test_what_was_put_off_is_done_once_and_not_for_what_is_gone(qtbot) -> None:  # type: ignore[no-untyped-def]
    """Asked twice, also when it is due already, it is done once; a widget that was closed meanwhile is left alone."""
    parent, gone, turns, done = QObject(), QObject(), Turns(at_once=False), list[str]()
    once, never = Soon(parent, lambda: done.append("once"), turns), Soon(gone, lambda: done.append("never"), turns)
    turns.take(once.ask)
    once.ask()
    qtbot.waitUntil(lambda: bool(done))
    never.ask()
    turns.take(lambda: sip.delete(gone))
    qtbot.wait(30)
    assert done == ["once"]


class Told:
    """Something that takes long, worked out the first time it is asked for."""

    @cached_property
    def value(self) -> int:
        return 7


def test_what_is_out_of_sight_is_not_worked_out(qtbot) -> None:  # type: ignore[no-untyped-def]
    """Who has gone to another bench meanwhile does not wait for what the last one would have shown; back there it is asked again."""
    widget, told, drawn = QWidget(), Told(), list[int]()
    qtbot.addWidget(widget)
    later = Later(widget, lambda: drawn.append(told.value), Turns(at_once=False))
    assert not later.has(told, "value")
    qtbot.wait(20)
    assert not drawn and "value" not in vars(told)
    widget.show()
    assert not later.has(told, "value")
    qtbot.waitUntil(lambda: bool(drawn))
    assert later.has(told, "value")


def test_orders_come_in_many_turns_and_without_hours_say_so(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """What there is to do is found figure by figure once it is in sight, the same as at once; where there is no time, that is told."""
    session = window.session
    assert len(list(session.answers.finding_to_do())) > len([f for f in session.answers.standing.figures.values() if f.stage != "ready"])
    in_steps = session.answers.to_do
    assert isinstance(in_steps, ToDo)
    army = session.plans.army
    assert army is not None
    session.commit("idle", [replace(army, week=tuple(replace(d, hobby_minutes=0) for d in army.week))])
    qtbot.waitUntil(lambda: "orders" in vars(session.answers))
    assert isinstance(session.answers.to_do, NumerusError)
    session.undo()
    qtbot.waitUntil(lambda: "orders" in vars(session.answers))
    at_once = session.answers.later(session.now).to_do
    assert isinstance(at_once, ToDo) and at_once.inputs.tasks == in_steps.inputs.tasks
