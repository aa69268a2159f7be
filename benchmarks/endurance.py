"""Killed at random in the real window, two hundred times, while it edits and works: nothing it told of is lost.

A child opens the book in a window on whatever screen there is and goes on editing, ticking, walking its benches, which start their jobs; it
prints the number of every edit once that is committed. It is killed (SIGKILL) at a random moment; then the book is opened again, without a
notice, and holds every edit that was told.
"""

from __future__ import annotations

import random
import signal
import subprocess
import sys
import tempfile
import time
from datetime import datetime
from pathlib import Path

TIMES, LONGEST_S = 200, 2.5
NOW = datetime(2026, 3, 5, 21, 12)


def killed_two_hundred_times(times: int = TIMES) -> None:
    """Edits told of and lost, notices at reopening, over so many kills."""
    from numerus.book.book import Book
    from numerus.demo.army import make_demo

    dice, folder = random.Random(9), Path(tempfile.mkdtemp())
    path = folder / "book.numerus"
    make_demo(path, NOW).close()
    told = lost = notices = 0
    begun = time.perf_counter()
    for number in range(times):
        last = _one_life(path, told, dice.uniform(0.05, LONGEST_S))
        book = Book.open(path)
        there = max((_number(u.name) for u in book.plans.units.values()), default=0)
        notices += bool(book.notices)
        lost += max(last - there, 0)
        told = max(last, there)
        book.close()
        if number % 20 == 19:
            print(f"{number + 1:4} kills, {told} edits told, {lost} lost, {notices} notices", flush=True)
    print(
        f"{times} kills in {time.perf_counter() - begun:.0f} s: {told} edits, {lost} lost, {notices} notices at reopening"
    )


def _number(name: str) -> int:
    return int(name.rpartition(" no. ")[2]) if " no. " in name else 0


def _one_life(path: Path, first: int, seconds: float) -> int:
    """The number of the last edit told before it was killed so long after its first."""
    child = subprocess.Popen(
        [sys.executable, "-m", "benchmarks.endurance", str(path), str(first)], stdout=subprocess.PIPE, text=True
    )
    assert child.stdout is not None
    last = _read(child.stdout.readline(), first)
    time.sleep(seconds)
    child.send_signal(signal.SIGKILL)
    for line in child.stdout:
        last = _read(line, last)
    child.wait()
    return last


def _read(line: str, last: int) -> int:
    return int(line) if line.strip().isdigit() and line.endswith("\n") else last


def live(path: Path, first: int) -> None:
    """What the child does until it is killed."""
    from dataclasses import replace

    from PyQt6.QtWidgets import QApplication

    from numerus.book.book import Book
    from numerus.desk.app import make_window
    from numerus.domain.stages import STAGES
    from numerus.progress.done_facts import step

    app = QApplication([])
    window = make_window(Book.open(path), lambda: NOW, path.with_name("settings.json"))
    window.show()
    session, dice = window.session, random.Random(first)
    number = first
    while True:
        number += 1
        unit = session.plans.units["lock"]
        figure = dice.choice(session.plans.figures_of("lock")).id
        facts = [step("finish", (figure,), 1.0, NOW, f"none {number}")]
        session.commit("an edit", [replace(unit, name=f"Lock watch no. {number}")], facts)
        print(number, flush=True)
        if dice.random() < 0.3:
            session.go(dice.choice(STAGES))
        if dice.random() < 0.2:  # another edit, so that the numbered one stands whenever it is killed
            session.commit("another edit", [replace(session.plans.units["ferry"], name=f"Ferry watch {number}")])
            session.undo()
        for _ in range(dice.randint(1, 8)):
            app.processEvents()


if __name__ == "__main__":
    live(Path(sys.argv[1]), int(sys.argv[2]))
