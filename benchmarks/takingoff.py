"""Taking off a plate of thirty parts with the mouse, in the real window: gestures counted, the window's answers timed."""

from __future__ import annotations

import time
from dataclasses import dataclass, field
from datetime import timedelta
from itertools import cycle, islice
from typing import Any

POINT_S, PRESS_S, DECIDE_S = 1.1, 0.2, 1.35
"""Pointing, pressing and making up one's mind: Card, Moran & Newell 1980, The keystroke-level model."""


@dataclass
class Hand:
    """A hand on the mouse: where it pressed, and how long the window took to answer."""

    took_s: list[float] = field(default_factory=list)
    decided: int = 0

    def press(self, widget: Any, description: str = "", decide: bool = False) -> None:
        """Press a button, or the place of a drawing whose words begin so; ``decide``: it had to be thought about first."""
        from PyQt6.QtCore import Qt
        from PyQt6.QtTest import QTest
        from PyQt6.QtWidgets import QApplication

        self.decided += decide
        places = [
            r.box.center()
            for r in getattr(widget, "regions", ())
            if description and r.description.startswith(description)
        ]
        at = (places[0] * widget.theme.zoom).toPoint() if places else widget.rect().center()
        begun = time.perf_counter()
        QTest.mouseClick(widget, Qt.MouseButton.LeftButton, pos=at)
        QApplication.processEvents()
        self.took_s.append(time.perf_counter() - begun)

    @property
    def human_s(self) -> float:
        """What a practised person needs for the gestures, the window's answers in it."""
        return len(self.took_s) * (POINT_S + PRESS_S) + self.decided * DECIDE_S + sum(self.took_s)


def hanging(session: Any, count: int = 30) -> str:
    """A plate of so many parts that has come out whole, and hangs on the larger machine: its id."""
    from numerus.domain.journal import Fact, RunEnded, RunStarted
    from numerus.printing.plates.packing import pack, plates_of
    from numerus.progress.printing.plating import outlines_for

    plans = session.plans
    machine = max(plans.machines.values(), key=lambda m: m.plate_x_mm)
    posed = [i for i, p in plans.parts.items() if p.pose is not None and p.pose.footprint_mm2 < 150]
    outlines = outlines_for(plans, [], session.mesh, list(islice(cycle(posed), count)))
    ids = iter(f"taken-{n}" for n in range(count + 1))
    plate = plates_of(pack(outlines, [machine], tries=0), outlines, plans.resin, "Thirty", lambda: next(ids))[0]
    started = session.now - timedelta(minutes=plate.minutes + 10)
    run = f"run-{_quiet(plate, machine)}"
    told = {"plate": plate.id, "machine": machine.id}
    session.commit("thirty", [plate], [Fact(started, RunStarted(**told), run), Fact(session.now, RunEnded(), run)])
    return plate.id


def _quiet(plate: Any, machine: Any) -> int:
    """A run of the simulated machine in which all came out well: what is wrong is found by the hand."""
    from zlib import crc32

    from numerus.devices.printer import SimulatedPrinter

    return next(
        n for n in range(10_000)
        if all(o.outcome == "good" for o in SimulatedPrinter(plate, machine, crc32(f"run-{n}".encode())).outcomes())
    )  # fmt: skip


def take_off(window: Any, plate_id: str) -> Hand:
    """Two parts flawed, three failed, each with what it looked like; then kept."""
    bench, hand = window.benches["print"], Hand()
    bench.choose(plate_id)
    hand.press(bench.off_button)
    off = bench.off
    for number, taps, looks in ((4, 1, 2), (11, 1, 0), (17, 2, 1), (23, 2, 1), (29, 2, 3)):
        hand.press(off.picture, f"{number}. ", decide=True)
        for _ in range(taps - 1):
            hand.press(off.picture, f"{number}. ")
        hand.press(off.looks, off.looks.regions[looks].description, decide=True)
    hand.press(off.record_button, decide=True)
    return hand
