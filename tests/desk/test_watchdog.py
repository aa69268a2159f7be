"""Nothing holds the window up for longer than a twentieth of a second."""

from __future__ import annotations

import time
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

import pytest
from PyQt6 import sip
from PyQt6.QtWidgets import QApplication
from watchdog import Watchdog, opened_by_another, opened_first

from helpers import EVENING
from numerus.book.book import Book
from numerus.desk.app import make_window, manage_garbage_collection
from numerus.desk.system.memory import unsettle
from numerus.domain.army import BOUGHT
from numerus.domain.painting.recipes import Scheme
from numerus.domain.stages import STAGES


def larger(book: Book) -> None:
    """A thousand parts and more, in kits of hundreds, and four times as many figures, which are bought and wait for paint."""
    plans = book.plans
    parts = [replace(p, id=f"{p.id}-{n}", name=f"{p.name}_{n}") for n in range(22) for p in plans.parts.values()]
    units = [
        replace(u, id=f"{u.id}-{n}", name=f"{u.name} {n}", order=u.order + 10 * n)
        for n in range(1, 4)
        for u in plans.units.values()
    ]
    figures = [
        replace(
            f, id=f"{f.id}-{n}", unit_id=f"{f.unit_id}-{n}", build=dict.fromkeys(plans.units[f.unit_id].slots, BOUGHT)
        )
        for n in range(1, 4)
        for f in plans.figures.values()
    ]
    book.commit("larger", [*parts, *units, *figures])


@pytest.mark.parametrize("grow", [pytest.param(lambda _: None, id="demo"), pytest.param(larger, id="a thousand parts")])
def test_no_bench_holds_the_window_up(
    grow: Callable[[Book], object], demo: Book, tmp_path: Path, qapp: QApplication
) -> None:
    """Every bench opened twice, units chosen, an edit made and taken back, the minute ticked: work is done in jobs."""
    grow(demo)
    window = make_window(demo, lambda: EVENING, tmp_path / "settings.json")
    window.show()
    manage_garbage_collection(window)
    session = window.session
    scheme = session.plans.scheme
    assert isinstance(scheme, Scheme)
    dog = Watchdog(window)
    slow_to_open = {doing for _, doing in opened_first(dog)}
    for _ in range(2):  # what was late on a busy machine is opened once more, by a program that has not opened it yet
        if slow_to_open:
            slow_to_open &= opened_by_another(demo.path)
    steps = [(stage, lambda s=stage: session.go(s)) for stage in STAGES]
    for stage in ("plate", "paint", "ready"):
        for unit in ("lock", "ferry"):
            steps += [(f"{unit} at {stage}", lambda s=stage, u=unit: (session.go(s), session.select(u)))]
    steps += [("tick", session.tick), ("edit", lambda: session.commit("rename", [scheme])), ("undo", session.undo)]
    late = set(doing for doing, _ in steps)
    for _ in range(2):  # what was late once on a busy machine is done once more
        dog.stalls.clear()
        dog.run(steps)
        late &= {doing for _, doing in dog.stalls}
        if not late:
            break
    window.close()
    sip.delete(window)
    unsettle()
    assert not late, dog.stalls
    assert not slow_to_open


def test_the_watchdog_sees_what_takes_long(demo: Book, tmp_path: Path, qapp) -> None:  # type: ignore[no-untyped-def]
    """Work on the interface thread is told; waiting is not."""
    window = make_window(demo, lambda: EVENING, tmp_path / "settings.json")
    dog = Watchdog(window)

    def work() -> None:
        ends = time.thread_time() + 0.25 * dog.slow  # far over it, also where the machine slows down meanwhile
        while time.thread_time() < ends:
            pass

    dog.run([("idle", lambda: time.sleep(0.2)), *[("busy", work)] * 8])  # the host may take some of the turns away
    window.close()
    sip.delete(window)
    assert {doing for _, doing in dog.stalls} == {"busy"}
