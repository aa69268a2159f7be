"""Bench mode of plates, figures and units: worked by one key, timers that outlive the window, told aloud when time is up."""

from __future__ import annotations

from datetime import timedelta
from pathlib import Path

import numpy as np
import pytest
from hand_clock import Clock
from PyQt6 import sip
from PyQt6.QtCore import QEvent, Qt
from PyQt6.QtGui import QKeyEvent

from helpers import EVENING
from numerus.desk.app import make_window
from numerus.desk.stages.steps.bench_mode import StepsBenchMode, running_anywhere
from numerus.desk.stages.steps.step_timers import Shown, StepTimers
from numerus.desk.system import settings
from numerus.desk.system.announcer import DRY, OVER, Announcer, sound_file, tones
from numerus.desk.window import MainWindow
from numerus.domain.journal import StepDone

STEPS = [Shown("Drain", 5, "", False), Shown("Dip", 4, ""), Shown("Soak", 3, "", False), Shown("Blow dry", 2, "")]


def press(mode: StepsBenchMode, key: Qt.Key = Qt.Key.Key_Space) -> None:
    mode.keyPressEvent(QKeyEvent(QEvent.Type.KeyPress, key, Qt.KeyboardModifier.NoModifier))


def open_mode(window: MainWindow, stage: str) -> StepsBenchMode:
    window.session.go(stage)
    window.actions_by_title["Bench mode"].trigger()
    mode = window.benches[stage].mode  # type: ignore[attr-defined]
    assert mode is not None and mode.isVisible()
    return mode


def test_a_plate_is_washed_by_one_key_and_its_minutes_are_measured(timed: MainWindow, clock: Clock) -> None:
    """Every step begun and ended by a press; what hands took is in the journal as timed, what soaked is not."""
    mode, bench = open_mode(timed, "wash"), timed.benches["wash"]
    assert isinstance(mode, StepsBenchMode)
    steps, name = list(bench.steps), bench.which.currentText()
    assert mode.sheet.step_number == 0 and mode.sheet._pressed() == "begin"
    for number, step in enumerate(steps):
        press(mode)
        assert mode.sheet.step_number == number and mode.sheet.under_way is not None
        mode.grab()
        clock.on(step.minutes + 1)
    press(mode)
    done = [
        f
        for f in timed.session.plans and timed.session.answers.facts
        if isinstance(f.event, StepDone) and f.event.stage == "wash"
    ][-1]
    assert done.event.timing == "timer"  # type: ignore[union-attr]
    assert done.minutes == pytest.approx(sum(s.minutes + 1 for s in steps if s.hands), abs=0.01)
    assert bench.which.currentText() != name, "the next plate is shown"
    press(mode, Qt.Key.Key_Escape)
    assert bench.mode is None


def test_two_timers_run_at_once_and_each_is_told_when_it_is_over(timed: MainWindow, clock: Clock) -> None:
    """One plate in the bath, another begun; both are listed, what ends first at the front; each rings once."""
    mode, bench = open_mode(timed, "wash"), timed.benches["wash"]
    told: list[str] = []
    mode.announcer.told.connect(told.append)
    for key in (Qt.Key.Key_Space, Qt.Key.Key_Down, Qt.Key.Key_Space):
        press(mode, key)
        clock.on(0.5)
    running = running_anywhere(timed.session, clock())
    assert len(running) == 2 and running[0].ends <= running[1].ends
    mode.grab()
    clock.on(60)
    bench._ring()
    bench._ring()
    assert sorted(told) == sorted(f"{u.words} is over" for u in running)


def test_timers_outlive_the_window_and_belong_to_their_book(timed: MainWindow, clock: Clock, tmp_path: Path) -> None:
    """Another window, opened with nothing and then with the book, goes on where the first one stood; another book has none."""
    press(open_mode(timed, "wash"))
    clock.on(2)
    path = timed.session.book.path
    other = make_window(None, clock, tmp_path / "again.json", synchronous=True)
    other.show()
    other.user_actions.open_path(path)
    other.session.go("wash")
    bench = other.benches["wash"]
    under_way = bench.timers.of(bench.about)
    assert under_way is not None and under_way.elapsed_min(clock()) == pytest.approx(2)
    other.user_actions.open_path(tmp_path / "empty.numerus", create=True)
    assert not bench.timers.running(clock())
    other.close()
    sip.delete(other)


def test_other_benches_have_it_too(timed: MainWindow, clock: Clock) -> None:
    """Their steps by the same key, cautions and what follows drawn; arrows look along and stay within the steps."""
    timed.session.go("wash")
    timed.benches["wash"].done()
    for stage in ("cure", "build", "prime", "finish"):
        mode, bench = open_mode(timed, stage), timed.benches[stage]
        press(mode)
        for _ in range(len(bench.steps) + 2):
            press(mode, Qt.Key.Key_Right)
        assert mode.sheet.step_number == len(bench.steps) - 1
        mode.grab()
        assert bench.timers.of(bench.about).number == 0
        press(mode, Qt.Key.Key_Escape)
        assert bench.mode is None


def test_a_step_left_alone_is_not_measured() -> None:
    """Four times the plan and ten minutes more: nobody worked at it; then the whole is as planned."""
    timers, now = StepTimers(), EVENING
    for step in STEPS:
        timers.press("plate", STEPS, now)
        now += timedelta(minutes=step.minutes)
    assert timers.hands_min("plate", STEPS, now) == pytest.approx(6)
    assert timers.hands_min("plate", STEPS, now + timedelta(hours=2)) == 0
    assert StepTimers(timers.kept()).hands_min("plate", STEPS, now) == pytest.approx(6), "kept with its minutes"
    timers.begin("plate", 3, STEPS[3], now, None)
    assert timers.hands_min("plate", STEPS, now + timedelta(minutes=1)) == 0, "begun by a click, out of order"


def test_what_is_told_is_heard_unless_it_is_silent() -> None:
    """A sound and a word; without a player the desktop's own beep; silent: the words are still told to whoever listens."""
    heard: list[str] = []
    announcer = Announcer(lambda kind: not heard.append(kind), lambda words: not heard.append(words))
    announcer.tell("iron of Ede Marl is dry", DRY)
    assert heard == [DRY, "iron of Ede Marl is dry"]
    announcer.silent, told = True, list[str]()
    announcer.told.connect(told.append)
    announcer.tell("the bath is over")
    assert len(heard) == 2 and told == ["the bath is over"]


def test_silence_is_kept_and_shown_in_its_menu(window: MainWindow) -> None:
    """Set by the menu or by M in bench mode, it is there again at the next start; what a machine says is told aloud, too."""
    announcer, action = window.context.announcer, window.actions_by_title["Silent"]
    before, told = announcer.silent, list[str]()
    action.trigger()
    assert announcer.silent != before
    menu = next(a.menu() for a in window.menuBar().actions() if a.menu() and action in a.menu().actions())
    menu.aboutToShow.emit()
    assert action.isChecked() == announcer.silent
    window._keep_settings()
    assert settings.load(window.settings_path).silent == announcer.silent
    announcer.told.connect(told.append)
    window._tell("Teal 8K has ended")
    assert told == ["Teal 8K has ended"]


@pytest.mark.parametrize("kind", [DRY, OVER])
def test_sounds_are_files_a_player_reads(kind: str) -> None:
    """As loud as asked for, beginning and ending in silence; the file holds what was made."""
    import wave

    samples = tones(kind)
    assert 0.35 * 32767 < np.abs(samples).max() <= 0.4 * 32767 and abs(samples[0]) < 1 and abs(samples[-1]) < 200
    with wave.open(str(sound_file(kind))) as file:
        read = np.frombuffer(file.readframes(file.getnframes()), "<i2")
    assert np.abs(read - samples).max() <= 1
