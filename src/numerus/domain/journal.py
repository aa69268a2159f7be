"""What happened: the journal's entries and which of them were taken back.

Entries are appended and never rewritten. A correction is an entry too: "withdrawn" names entries that no longer
count, "restored" names them again.
"""

from __future__ import annotations

from collections.abc import Iterable
from datetime import datetime
from typing import Any, NamedTuple

RUN_STARTED = "run-started"  # subject: the run; data: plate, machine, vat_ml where it was told
RUN_ENDED = "run-ended"  # data: minutes, used_ml, celsius where the machine told them
PART_OUTCOME = "part-outcome"
STEP = "step"
BATH_CHANGED = "bath-changed"
FORECAST = "forecast"
DIAGNOSIS_TEST = "inquest-test"  # subject: the run; data: test, yes
REPAIR_CHOSEN = "repair-chosen"  # subject: the run; data: placed, part, way
REPAIR_ENDED = "repair-ended"  # subject: the run; data: placed, way, worked
RUN_PAUSED = "run-paused"  # subject: the run; data: why
RUN_RESUMED = "run-resumed"  # data: minutes printed, vat_ml where it was told
PHOTOGRAPH = "photograph"  # subject: the run; data: blob
FILM_CHANGED = "film-changed"  # subject: the machine
SCREEN_CHANGED = "screen-changed"
POSE_CHOSEN = "pose-chosen"  # data: shares of costs of the pose kept, and of those it was preferred to
WITHDRAWN = "withdrawn"
RESTORED = "restored"


_NOTHING: dict[str, Any] = {}


class Fact(NamedTuple):
    """One entry: when, what kind, about what (``subject``: a run, bath or machine), which figures, minutes of hands.

    A tuple, since a book of many years holds half a million of them. ``data`` is never written to.
    """

    at: datetime
    kind: str
    subject: str = ""
    figures: tuple[str, ...] = ()
    minutes: float = 0.0
    data: dict[str, Any] = _NOTHING
    seq: int = 0


def taken_back(entries: Iterable[Fact]) -> set[int]:
    """The entries that no longer count, by their numbers."""
    gone: set[int] = set()
    for entry in entries:
        if entry.kind == WITHDRAWN:
            gone.update(entry.data["seqs"])
        elif entry.kind == RESTORED:
            gone.difference_update(entry.data["seqs"])
    return gone
