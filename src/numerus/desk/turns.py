"""What is put off gets a turn of the event loop of its own, so that what comes due together does not hold the window up together."""

from __future__ import annotations

from collections import deque
from collections.abc import Callable

from PyQt6.QtCore import QObject, QTimer

BETWEEN_MS = 5  # in which what is there is painted


class Turns(QObject):
    """One after another, with whatever else happens in between; ``at_once``: nothing is put off, as tests and pictures want it."""

    def __init__(self, at_once: bool) -> None:
        super().__init__()
        self.at_once = at_once
        self._due = deque[Callable[[], object]]()
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(BETWEEN_MS)
        self._timer.timeout.connect(self._next)

    def take(self, act: Callable[[], object]) -> None:
        """Do something when its turn comes."""
        self._due.append(act)
        if not self._timer.isActive():
            self._timer.start()

    def _next(self) -> None:
        act = self._due.popleft()
        self._wait()  # a dialog it opens does not keep the others waiting
        try:
            act()
        finally:
            self._wait()  # anew, or what it changed would be painted in the turn of the next

    def _wait(self) -> None:
        if self._due:
            self._timer.start()
