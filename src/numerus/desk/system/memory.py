"""When Python looks for rings of objects that nobody holds any more: never while somebody works.

A whole collection walks through all objects there are and holds the window up for it, a twentieth to an eighth of a second
once the libraries are read. By itself it would come at any time, mostly when a bench is opened and reads much.
"""

from __future__ import annotations

import gc

from PyQt6.QtCore import QObject, QTimer

from numerus.desk.jobs import Jobs
from numerus.desk.session import Session

PAUSE_MS = 10_000  # after which one is taken not to be at work
NEVER = 2**31 - 1


def settle() -> None:
    """What is here now stays as long as the program does, so that no collection walks through it: a start leaves nothing to
    collect. From here on small ones come by themselves, whole ones do not.
    """
    gc.freeze()
    gc.set_threshold(*gc.get_threshold()[:2], NEVER)
    gc.enable()


def unsettle() -> None:
    """What had settled is let go of where nobody holds it."""
    gc.unfreeze()
    gc.collect()


class PauseCollector(QObject):
    """A whole collection once nothing has been done for ``pause_ms``, if something was done since the last one."""

    def __init__(self, session: Session, jobs: Jobs, parent: QObject, pause_ms: int = PAUSE_MS) -> None:
        super().__init__(parent)
        self.jobs = jobs
        self._pause = QTimer(self)
        self._pause.setSingleShot(True)
        self._pause.setInterval(pause_ms)
        self._pause.timeout.connect(self._collect)
        for done in (session.changed, session.moved, session.selected, jobs.finished):
            done.connect(self._wait)

    def _wait(self) -> None:
        self._pause.start()

    def _collect(self) -> None:
        if self.jobs.busy:
            self._wait()
        else:
            gc.collect()
