"""How long the interface thread is held up: by the thread's own processor time, so that a busy machine is no fault, and
against a yardstick taken in the same run, so that a slow one is none.

What a picture takes to be drawn by OpenGL is left out: without a graphics card it is drawn by the processor. So is a turn in which the
host of a virtual machine kept its processors for others: it counts as the thread's own time, a tenth of a second now and then.
"""

from __future__ import annotations

import json
import shutil
import subprocess
import sys
import time
import traceback
from collections.abc import Callable
from dataclasses import dataclass, field
from pathlib import Path
from tempfile import TemporaryDirectory

from PyQt6.QtCore import QAbstractEventDispatcher, QEventLoop, QTimer

from numerus.book.book import Book
from numerus.desk.app import application, make_window, manage_garbage_collection
from numerus.desk.window import MainWindow
from numerus.domain.stages import STAGES

YARDSTICK_MS = 15.0  # what the yardstick takes on an ordinary desktop's processor


def slowness() -> float:
    """How many times as long as an ordinary processor this one takes now, not less than once."""
    begun, total = time.thread_time(), 0
    for number in range(250_000):
        total += number * number
    return max((time.thread_time() - begun) * 1000 / YARDSTICK_MS, 1.0)


def steal_ticks() -> str:
    """How long so far, in ticks (the eighth number of a processor's line in proc(5)); always the same where it cannot be told."""
    try:
        with open("/proc/stat") as told:
            return told.readline().split()[8]
    except (OSError, IndexError):
        return ""


@dataclass
class Watchdog:
    """``stalls``: turns of the event loop that took longer than the limit, in ms of an ordinary processor, and what was done then."""

    window: MainWindow
    limit_ms: float = 50.0
    stalls: list[tuple[float, str]] = field(default_factory=list)
    doing: str = ""
    drawn_s: float = 0.0

    def __post_init__(self) -> None:
        self.slow = slowness()
        draw = self.window.renderer.draw

        def timed(*args: object, **more: object) -> object:
            begun = time.thread_time()
            try:
                return draw(*args, **more)  # type: ignore[arg-type]
            finally:
                self.drawn_s += time.thread_time() - begun

        self.window.renderer.draw = timed  # type: ignore[method-assign, assignment]

    def run(self, steps: list[tuple[str, Callable[[], object]]], longest_s: float = 60.0) -> None:
        """Do one thing after another, each when the jobs of the one before have ended. A turn is one pass of the event loop, after
        which it looks whether somebody typed or pressed something.
        """
        loop, beat, dispatcher = QEventLoop(), QTimer(), QAbstractEventDispatcher.instance()
        assert dispatcher is not None
        waiting = iter(steps)
        self._begin_turn()
        ends = time.monotonic() + longest_s

        def go_on() -> None:
            if time.monotonic() > ends:
                self.stalls.append((0.0, "did not end"))
                loop.quit()
            if not self.window.context.jobs.busy:
                self._next(waiting, loop)

        beat.timeout.connect(go_on)
        beat.start(0)
        dispatcher.aboutToBlock.connect(self._turned)
        loop.exec()
        dispatcher.aboutToBlock.disconnect(self._turned)

    def _turned(self) -> None:
        self._judge(time.thread_time() - self._last - self.drawn_s)
        self._begin_turn()

    def _begin_turn(self) -> None:
        self._kept, self.drawn_s, self._last = steal_ticks(), 0.0, time.thread_time()

    def _next(self, waiting: object, loop: QEventLoop) -> None:
        step = next(waiting, None)  # type: ignore[call-overload]
        if step is None:
            loop.quit()
            return
        self._turned()  # what else was done in this turn is of the step before
        self.doing = step[0]
        try:
            step[1]()
        except Exception:  # shown, and the loop goes on
            self.stalls.append((0.0, traceback.format_exc()))

    def _judge(self, took_s: float) -> None:
        """Told if it is too long by the yardstick as it was at the beginning, and as it is now."""
        if took_s * 1000 > self.limit_ms and steal_ticks() == self._kept:
            took_ms = took_s * 1000 / max(self.slow, slowness())
            if took_ms > self.limit_ms:
                self.stalls.append((round(took_ms, 1), self.doing))


def come_up(window: MainWindow, longest_s: float = 60.0) -> None:
    """Until its benches are made, as they are while nobody has opened one yet."""
    ends = time.monotonic() + longest_s
    while (window.benches.missing or window.context.jobs.busy) and time.monotonic() < ends:
        application().processEvents()
    assert not window.benches.missing


def opened_first(dog: Watchdog) -> list[tuple[float, str]]:
    """Every bench opened for the first time, once the window has come up and made them."""
    come_up(dog.window)
    dog.run([(stage, lambda s=stage: dog.window.session.go(s)) for stage in STAGES])  # type: ignore[misc]
    slow, dog.stalls = dog.stalls, []
    return slow


def opened_by_another(book: Path) -> set[str]:
    """Which benches are slow to open in a program started for it, on a copy of the book: what it reads then is read anew."""
    with TemporaryDirectory() as place:
        copy = shutil.copy(book, Path(place) / "copy.numerus")
        said = subprocess.run([sys.executable, __file__, copy], capture_output=True, text=True, check=True)
    return set(json.loads(said.stdout.splitlines()[-1]))


def _tell_slow(path: Path) -> None:
    from helpers import EVENING  # of the folder above, which is on the path of tests alone

    app, book = application(), Book.open(path)
    window = make_window(book, lambda: EVENING, path.with_suffix(".json"))
    window.show()
    manage_garbage_collection(window)
    print(json.dumps([doing for _, doing in opened_first(Watchdog(window))]), flush=True)
    window.close()
    del app


if __name__ == "__main__":
    sys.path.insert(0, str(Path(__file__).parents[1]))
    _tell_slow(Path(sys.argv[1]))
