"""Long work off the interface's thread: progress in words, cancel, exactly one end.

A job is a function that takes ``progress(share) -> bool`` and returns a value; False means "stop", and it raises
Cancelled. Results come back on the interface's thread. Starting a job under a name that still runs cancels the old one,
and its late result is dropped.
"""

from __future__ import annotations

import logging
import threading
import time
from collections.abc import Callable, Iterator
from contextlib import suppress
from dataclasses import dataclass, field
from functools import partial
from typing import Any

from PyQt6 import sip
from PyQt6.QtCore import QObject, QRunnable, QThreadPool, pyqtSignal

from numerus.desk.turns import Turns
from numerus.errors import Cancelled, NumerusError, Progress

log = logging.getLogger(__name__)


@dataclass
class Job:
    """One piece of work and what is to be done with its end."""

    name: str
    words: str
    work: Callable[[Progress], Any]
    done: Callable[[Any], object]
    stopped: Callable[[], object] | None = None
    number: int = 0
    cancelled: threading.Event = field(default_factory=threading.Event)


class _Signals(QObject):
    progressed = pyqtSignal(int, float)
    ended = pyqtSignal(int, object, object)


class _Runner(QRunnable):
    def __init__(self, job: Job, signals: _Signals) -> None:
        super().__init__()
        self.job, self.signals = job, signals

    def run(self) -> None:
        begun, result, error = time.monotonic(), None, None
        try:
            result = self.job.work(self._progress)
        except NumerusError as fault:
            error = fault
        except Exception as fault:  # whatever went wrong in a job is shown by the one door for errors
            log.exception("job %s failed", self.job.name)
            error = NumerusError(
                "internal", f"{self.job.words} went wrong: {fault}.", "Nothing was changed. The log has the details."
            )
        log.info("%s: %s in %.2f s", self.job.words, _end(self.job, error), time.monotonic() - begun)
        self.signals.ended.emit(self.job.number, result, error)

    def _progress(self, share: float) -> bool:
        self.signals.progressed.emit(self.job.number, share)
        return not self.job.cancelled.is_set()


def _end(job: Job, error: NumerusError | None) -> str:
    if job.cancelled.is_set() or isinstance(error, Cancelled):
        return "cancelled"
    return f"refused ({error.code}: {error.message})" if error else "done"


class Jobs(QObject):
    """Runs jobs. ``synchronous`` makes them run at once, for tests and pictures; ``at_once``: what has a turn of its own in the window
    (orders, what was tried) is not put off, either.
    """

    progressed = pyqtSignal(str, float)
    finished = pyqtSignal()
    failed = pyqtSignal(object)

    def __init__(self, synchronous: bool = False, at_once: bool | None = None) -> None:
        super().__init__()
        self.turns = Turns(synchronous if at_once is None else at_once)
        self._pool = QThreadPool()
        self._pool.setMaxThreadCount(2)
        self._signals = _Signals()
        self._signals.progressed.connect(self._on_progress)
        self._signals.ended.connect(self._ended)
        self._running: dict[int, Job] = {}
        self._count, self.synchronous = 0, synchronous

    @property
    def busy(self) -> bool:
        return bool(self._running)

    def start(
        self, name: str, words: str, work: Callable[[Progress], Any], done: Callable[[Any], object],
        stopped: Callable[[], object] | None = None,
    ) -> None:  # fmt: skip
        """Run ``work``; ``words`` say what it is ("Searching poses"). ``done`` gets the result on this thread; where it was
        cancelled or went wrong there is none, and ``stopped`` is called.
        """
        self.cancel(name)
        self._count += 1
        job = Job(name, words, work, done, stopped, self._count)
        self._running[job.number] = job
        runner = _Runner(job, self._signals)
        if self.synchronous:
            runner.run()
        else:
            self.progressed.emit(words, 0.0)
            self._pool.start(runner)

    def idle(
        self, name: str, words: str, work: Callable[[Progress], Any], done: Callable[[Any], object],
    ) -> None:  # fmt: skip
        """Work nobody waits for: started only where it does not keep anyone waiting."""
        if not self.synchronous:
            self.start(name, words, work, done)

    def cancel(self, name: str = "") -> None:
        """Cancel the job of that name, or all."""
        for job in self._running.values():
            if name in ("", job.name):
                job.cancelled.set()

    def wait(self) -> None:
        """Cancel everything and wait for the threads: before the window closes."""
        self.cancel()
        self._pool.waitForDone(10_000)

    def _on_progress(self, number: int, share: float) -> None:
        job = self._running.get(number)
        if job is not None and not job.cancelled.is_set():
            self.progressed.emit(job.words, share)

    def _ended(self, number: int, result: Any, error: NumerusError | None) -> None:
        """What is done with the end has a turn of its own: jobs often end together."""
        if self.synchronous:
            self._finish(number, result, error)
        else:
            self.turns.take(partial(self._finish, number, result, error))

    def _finish(self, number: int, result: Any, error: NumerusError | None) -> None:
        job = self._running.pop(number)
        if not self._running:
            self.finished.emit()
        given_up = job.cancelled.is_set() or isinstance(error, Cancelled)
        if not given_up and error is None:
            if not calls_deleted_widget(job.done):
                job.done(result)
            return
        if job.stopped is not None and not calls_deleted_widget(job.stopped):
            job.stopped()
        if not given_up:
            self.failed.emit(error)


def calls_deleted_widget(act: object, deep: int = 3) -> bool:
    """Whether calling it would reach a widget that was closed meanwhile: the one whose method it is, or one its closure holds, or
    what that calls, so many calls ``deep``.
    """
    held = [getattr(act, "__self__", None), *_in_closure(act)]
    if isinstance(act, partial):
        held += [act.func, *act.args]
    if any(isinstance(it, sip.simplewrapper) and sip.isdeleted(it) for it in held):
        return True
    return deep > 0 and any(callable(it) and calls_deleted_widget(it, deep - 1) for it in held)


def _in_closure(act: object) -> Iterator[object]:
    for cell in getattr(act, "__closure__", None) or ():
        with suppress(ValueError):  # nothing is in it yet
            yield cell.cell_contents
