"""What takes long enough to be felt is done in a turn of the event loop of its own, after what is quick was shown."""

from __future__ import annotations

import time
from collections.abc import Callable, Iterator

from PyQt6 import sip
from PyQt6.QtCore import QObject, QTimer
from PyQt6.QtWidgets import QWidget

from numerus.desk.turns import Turns

TURN_S = 0.015  # after which others have theirs


class Soon:
    """Does something in a turn of its own, once however often it was asked for meanwhile; not where its parent is gone by then."""

    def __init__(self, parent: QObject, act: Callable[[], object], turns: Turns, after_ms: int = 0) -> None:
        self.act, self.turns, self._timer, self._is_due = act, turns, QTimer(parent), False
        self._timer.setSingleShot(True)
        self._timer.setInterval(after_ms)
        self._timer.timeout.connect(self._come_due)

    def ask(self) -> None:
        if self.turns.at_once:
            self.act()
        elif not self._is_due:
            self._timer.start()

    def _come_due(self) -> None:
        self._is_due = True
        self.turns.take(self._do)

    def _do(self) -> None:
        self._is_due = False
        if not sip.isdeleted(self._timer):
            self.act()


class Gradually:
    """Takes steps of something long, in as many turns as they need so that none holds the window up; asked again it begins anew."""

    def __init__(self, parent: QObject, steps: Callable[[], Iterator[object]], turns: Turns) -> None:
        self.steps = steps
        self._left: Iterator[object] = iter(())
        self._soon = Soon(parent, self._all if turns.at_once else self._some, turns)

    def ask(self) -> None:
        self._left = self.steps()
        self._soon.ask()

    def _all(self) -> None:
        for _ in self._left:
            pass

    def _some(self) -> None:
        ends = time.monotonic() + TURN_S
        for _ in self._left:
            if time.monotonic() > ends:
                return self._soon.ask()


class Later:
    """Works out a value that is kept once it is known (``cached_property``), the first time it is wanted; then calls ``done``.

    Not where its parent is out of sight by then: that asks again when it is drawn.
    """

    def __init__(self, parent: QWidget, done: Callable[[], object], turns: Turns, after_ms: int = 0) -> None:
        self.parent, self.done, self.turns = parent, done, turns
        self._wanted: tuple[object, str] = (None, "")
        self._soon = Soon(parent, self._work_out, turns, after_ms)

    def has(self, holder: object, name: str) -> bool:
        """Whether it is known, or may be asked for here; else it soon will be."""
        if self.turns.at_once or name in vars(holder):
            return True
        self._wanted = holder, name
        self._soon.ask()
        return False

    def _work_out(self) -> None:
        if self.parent.isVisible():
            holder, name = self._wanted
            getattr(holder, name)
            self.done()
