"""What takes long enough to be felt is done in turns of the event loop."""

from __future__ import annotations

import time
from collections.abc import Iterator

from PyQt6.QtCore import QObject

from numerus.desk.widgets.later import TURN_S, Gradually


def test_steps_are_taken_in_several_turns_and_begin_anew_when_asked_again(qtbot) -> None:  # type: ignore[no-untyped-def]
    """Not at once, not all in one turn; what was half done when it was asked again is left."""
    parent, taken, begun = QObject(), list[int](), list[int]()

    def steps() -> Iterator[None]:
        begun.append(len(taken))
        for number in range(6):
            time.sleep(TURN_S / 2)
            taken.append(number)
            yield

    gradually = Gradually(parent, steps, at_once=False)
    gradually.ask()
    assert not taken
    qtbot.waitUntil(lambda: bool(taken))
    assert 0 < len(taken) < 6
    gradually.ask()
    qtbot.waitUntil(lambda: 5 in taken)
    qtbot.wait(30)
    assert len(begun) == 2 and taken[begun[1] :] == [0, 1, 2, 3, 4, 5]


def test_where_nothing_is_put_off_all_steps_are_taken_where_they_are_asked_for(qapp) -> None:  # type: ignore[no-untyped-def]
    """As tests and pictures want it."""
    taken: list[int] = []
    Gradually(QObject(), lambda: (taken.append(n) for n in range(3)), at_once=True).ask()
    assert taken == [0, 1, 2]
