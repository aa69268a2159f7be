"""What takes long enough to be felt is done in a turn of the event loop of its own, after what is quick was shown."""

from __future__ import annotations

import time
from collections.abc import Callable, Iterator

from PyQt6.QtCore import QObject, QTimer

TURN_S = 0.015  # after which others have theirs
BETWEEN_MS = 5


class Soon:
    """Does something in a turn of its own, once however often it was asked for meanwhile; ``at_once``: where it is asked for, as
    tests and pictures want it.
    """

    def __init__(self, parent: QObject, act: Callable[[], object], at_once: bool, after_ms: int = 0) -> None:
        self.act, self.at_once, self._timer = act, at_once, QTimer(parent)
        self._timer.setSingleShot(True)
        self._timer.setInterval(after_ms)
        self._timer.timeout.connect(act)

    def ask(self) -> None:
        self.act() if self.at_once else self._timer.start()


class Gradually:
    """Takes steps of something long, in as many turns as they need so that none holds the window up; asked again it begins anew."""

    def __init__(self, parent: QObject, steps: Callable[[], Iterator[object]], at_once: bool) -> None:
        self.steps = steps
        self._left: Iterator[object] = iter(())
        self._soon = Soon(parent, self._all if at_once else self._some, at_once, BETWEEN_MS)

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
    """Works out a value that is kept once it is known (``cached_property``), the first time it is wanted; then calls ``done``."""

    def __init__(self, parent: QObject, done: Callable[[], object], at_once: bool, after_ms: int = 0) -> None:
        self.done, self.at_once = done, at_once
        self._wanted: tuple[object, str] = (None, "")
        self._soon = Soon(parent, self._work_out, at_once, after_ms)

    def has(self, holder: object, name: str) -> bool:
        """Whether it is known, or may be asked for here; else it soon will be."""
        if self.at_once or name in vars(holder):
            return True
        self._wanted = holder, name
        self._soon.ask()
        return False

    def _work_out(self) -> None:
        holder, name = self._wanted
        getattr(holder, name)
        self.done()
