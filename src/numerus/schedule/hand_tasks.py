"""Work of the hands as tasks, in time and not yet: what there is to do, what was planned, and what no plan is shorter than.

A task belongs to a group (a figure, or a plate that was printed) and to a chain of it (a zone, or the steps before and after
painting). In a chain one task follows another when it is dry; what touches a chain's wet zone waits, too; a phase begins when
the one before is dry. Tasks that share a load (one mix in one tool) follow each other without setting up again, until the
palette has dried or the evening ends.
"""

from __future__ import annotations

from collections.abc import Hashable, Mapping, Sequence
from dataclasses import dataclass, field
from datetime import datetime, timedelta
from itertools import groupby

from numerus.schedule.attendance import Window

Touching = Mapping[str, Mapping[str, frozenset[str]]]
"""By group and chain: the chains it touches."""


@dataclass(frozen=True)
class HandTask:
    """Minutes of hands on a group's chain, and how long it dries after. ``load``: what must be set up for it, in ``setup_min``,
    good for ``life_min``; ``phase``: begins when the group's earlier ones are dry; ``holds``: from the first to the last of
    these the group is one of those at hand. ``device``: the one thing it needs beside hands (a tub, a lamp), busy ``busy_min`` on
    when hands are done; ``urgent``: goes first when it is ready and no load is in hand; ``part``: which of how many it is, of what no evening
    holds at once.
    """

    group: str
    chain: str
    key: str
    minutes: float
    dries_min: float = 0.0
    load: Hashable = None
    setup_min: float = 0.0
    life_min: float = 1e9
    phase: int = 0
    holds: bool = False
    device: str = ""
    busy_min: float = 0.0
    urgent: bool = False
    part: tuple[int, int] = 1, 1


@dataclass(frozen=True)
class TimedTask:
    """A task with its hours. ``setup_min``: hands' minutes just before ``start``, 0 where the load was in hand already; ``person``: whose
    hands, where there are several.
    """

    task: HandTask
    start: datetime
    end: datetime
    dry: datetime
    setup_min: float
    person: int = 0

    @property
    def begun(self) -> datetime:
        """When hands are first busy with it."""
        return self.start - timedelta(minutes=self.setup_min)


@dataclass(frozen=True, eq=False)
class HandInputs:
    """``tasks``: in their order within each chain; groups in the order they are wanted. ``free_at``: before which a group cannot
    begin; ``after``: groups that must be through before; ``dry_at``: when chains worked on earlier are dry; ``batch``: how many groups
    are begun together, at most twice as many are half done at a time, 0 for what suits; ``usable``: hours in which devices can be
    used that cannot always be, ``busy_until``: those in use already; ``people``: pairs of hands, each at one figure at a time.
    """

    tasks: Sequence[HandTask]
    windows: Sequence[Window]
    touching: Touching = field(default_factory=dict)
    free_at: Mapping[str, datetime] = field(default_factory=dict)
    after: Mapping[str, Sequence[str]] = field(default_factory=dict)
    dry_at: Mapping[tuple[str, str], datetime] = field(default_factory=dict)
    batch: int = 0
    usable: Mapping[str, Sequence[Window]] = field(default_factory=dict)
    busy_until: Mapping[str, datetime] = field(default_factory=dict)
    people: int = 1


def window_min(windows: Sequence[Window], until: datetime) -> float:
    """Minutes of windows up to a moment."""
    return sum((min(w.end, until) - w.start).total_seconds() / 60 for w in windows if w.start < until)


def hands_bound_min(tasks: Sequence[HandTask]) -> tuple[float, float]:
    """What no plan is shorter than: (hands' minutes with one set-up for every load, the longest chain of work and drying)."""
    setups = {t.load: t.setup_min for t in tasks}
    chains: dict[tuple[str, str], float] = {}
    last: dict[tuple[str, str], float] = {}
    for task in tasks:
        own = task.group, task.chain
        chains[own] = chains.get(own, 0.0) + task.minutes + task.dries_min
        last[own] = task.dries_min
    longest = max((minutes - last[own] for own, minutes in chains.items()), default=0.0)
    return sum(t.minutes for t in tasks) + sum(setups.values()), longest


def in_runs(plan: Sequence[TimedTask]) -> list[list[TimedTask]]:
    """Tasks of one key that follow each other in one load and one pair of hands, as one piece of work."""
    pieces: list[list[TimedTask]] = []
    by_person = sorted(plan, key=lambda t: t.person)
    for _, own in groupby(by_person, key=lambda t: (t.person, t.task.key)):
        for number, timed in enumerate(own):
            if number and not timed.setup_min:
                pieces[-1].append(timed)
            else:
                pieces.append([timed])
    return pieces


def free_hours(windows: Sequence[Window], taken: Sequence[TimedTask]) -> list[Window]:
    """What is left of windows when the hours of other tasks are taken out."""
    left: list[Window] = []
    spans = sorted((t.begun, t.end) for t in taken)
    for window in windows:
        at = window.start
        for begun, end in spans:
            if end <= window.start or begun >= window.end:
                continue
            if begun > at:
                left.append(Window(at, begun))
            at = max(at, end)
        if at < window.end:
            left.append(Window(at, window.end))
    return left
