"""Evenings lived in bench mode by one key: whoever works goes where the orders send them, and needs longer or less than is told."""

from __future__ import annotations

from datetime import datetime

from hand_clock import Clock
from key_steps import press, to_stage
from PyQt6.QtCore import QEvent, Qt
from PyQt6.QtGui import QKeyEvent
from PyQt6.QtWidgets import QWidget

from numerus.desk.stages.paint.bench import LINE
from numerus.desk.stages.paint.line.state import PAINTING, SETTING_UP
from numerus.desk.window import MainWindow
from numerus.domain.stages import NUMBER
from numerus.schedule.attendance import hobby_windows

BY_STEPS = ("wash", "cure", "build", "prime", "finish")


def key(widget: QWidget, wanted: Qt.Key = Qt.Key.Key_Space) -> None:
    """To a full screen, which has the keyboard while it is up."""
    widget.keyPressEvent(QKeyEvent(QEvent.Type.KeyPress, wanted, Qt.KeyboardModifier.NoModifier))


def live_through(window: MainWindow, clock: Clock, evenings: int, times: float, units: set[str]) -> datetime | None:
    """As many evenings of hobby time, until all figures of these units are ready: when that was, None where they are not."""
    army = window.session.plans.army
    for hours in hobby_windows(army, clock(), 60)[:evenings]:
        clock.now = max(hours.start, clock.now)
        window.session.tick()
        _evening(window, clock, hours.end, times)
        figures = window.session.answers.standing.figures.values()
        if all(f.stage == "ready" for f in figures if f.unit.id in units):
            return clock.now
    return None


def _evening(window: MainWindow, clock: Clock, until: datetime, times: float) -> None:
    """What the orders say, one after another, as long as there is time; what must dry first is left for another evening."""
    left_alone: set[str] = set()
    while clock.now < until:
        benches = [t.bench for t in window.session.answers.orders.listed if t.facts and t.bench not in left_alone]
        if not benches:
            return
        to_stage(NUMBER[benches[0]] + 1)
        went_on = (_steps if benches[0] in BY_STEPS else _paint)(window, clock, until, times)
        window.session.tick()
        if not went_on:
            left_alone.add(benches[0])


def _steps(window: MainWindow, clock: Clock, until: datetime, times: float) -> bool:
    """One plate, figure or unit from the first step to the last."""
    bench = window.benches[window.session.stage]
    if not bench.about or not bench.steps:
        return False
    press(Qt.Key.Key_F11)
    mode, about, before = bench.mode, bench.about, len(window.session.answers.facts)
    for number in range(len(bench.steps) + 1):
        key(mode)
        if bench.about != about or len(window.session.answers.facts) > before:
            break
        step = bench.steps[number]
        clock.on(step.minutes * (times if step.hands else 1.0))
    key(mode, Qt.Key.Key_Escape)
    return len(window.session.answers.facts) > before


def _paint(window: MainWindow, clock: Clock, until: datetime, times: float) -> bool:
    """Stroke after stroke until the evening ends or all that is left is wet."""
    bench = window.benches["paint"]
    bench.open_page(LINE)
    press(Qt.Key.Key_F11)
    line, before = bench.line, len(window.session.answers.facts)
    state = line.state
    while state.blocks and clock.now < until:
        block, timed = state.upcoming[0]
        if state.phase == SETTING_UP:
            clock.on(block.setup_min)
        elif state.phase == PAINTING:
            wet = state.in_the_way(clock())
            if wet is not None and wet.until > until:
                break
            clock.now = max(clock.now, wet.until) if wet else clock.now
            clock.on(timed.stroke.minutes * times)
        key(line.bench_mode)
    line.pause()
    if line.bench_mode is not None:
        key(line.bench_mode, Qt.Key.Key_Escape)
    return len(window.session.answers.facts) > before
