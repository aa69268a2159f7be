"""The batch line: the order of strokes over a batch of figures, in which drying time is used for something else.

A block is one stroke on every figure of the batch, worked figure after figure. A figure's next stroke on a zone waits
until the last one there is dry; other zones do not wait. The line is built forward: at every moment the block that can
be begun earliest is taken, ties in the scheme's order (inside out, messiest first). Blocks stop at the end of an
evening between two figures and go on the next.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime, timedelta

from numerus.errors import PlanError
from numerus.paint.scheme import Stroke
from numerus.paint.techniques import TECHNIQUES
from numerus.schedule.attendance import Window

WAIT = timedelta(minutes=15)  # hands do not stand idle longer than this inside a block


@dataclass(frozen=True)
class TimedStroke:
    """One stroke on one figure: hands from ``start`` to ``end``, dry at ``dry``."""

    figure_id: str
    stroke: Stroke
    start: datetime
    end: datetime
    dry: datetime


@dataclass(frozen=True)
class PaintBlock:
    """One stroke on the batch, as far as one evening holds it."""

    stroke: Stroke
    strokes: tuple[TimedStroke, ...]

    @property
    def start(self) -> datetime:
        return self.strokes[0].start

    @property
    def end(self) -> datetime:
        return self.strokes[-1].end


@dataclass
class _Clock:
    """Hands' time through the windows set aside."""

    windows: Sequence[Window]
    now: datetime
    index: int = 0

    def advance(self, earliest: datetime, minutes: float) -> datetime:
        """Start of the first stretch of ``minutes`` at or after ``earliest`` within one window; moves the clock past it."""
        moment = max(self.now, earliest)
        while self.index < len(self.windows):
            window = self.windows[self.index]
            start = max(moment, window.start)
            if start + timedelta(minutes=minutes) <= window.end:
                self.now = start + timedelta(minutes=minutes)
                return start
            self.index += 1
        raise PlanError(
            "no-time",
            "The evenings planned do not hold this batch.",
            "Set more hobby time aside, or paint fewer together.",
        )

    def begin(self, earliest: datetime, minutes: float) -> datetime:
        """When such a stretch would start, without moving the clock."""
        saved = self.now, self.index
        try:
            return self.advance(earliest, minutes)
        finally:
            self.now, self.index = saved


def batch_line(
    figures: Sequence[str], strokes: Sequence[Stroke], windows: Sequence[Window], done: frozenset[tuple[str, str]] = frozenset(),
    dry_at: dict[tuple[str, str], datetime] | None = None, factor: float = 1.0,
) -> list[PaintBlock]:  # fmt: skip
    """Blocks over the coming evenings. ``done``: (figure, stage key) already painted; ``dry_at``: when (figure, zone)
    painted earlier is dry; ``factor``: this painter's minutes over the recipe's.

    Raises PlanError where a stroke is longer than any evening or the windows run out.
    """
    if not figures or not windows:
        return []
    longest = max(w.minutes for w in windows)
    dry = dict(dry_at or {})
    left = {s.key: [f for f in figures if (f, s.key) not in done] for s in strokes}
    clock, blocks = _Clock(windows, windows[0].start), []
    for stroke in (s for s in strokes if left[s.key]):
        if stroke.step.minutes * factor + TECHNIQUES[stroke.step.technique].setup_min > longest:
            raise PlanError(
                "no-time", f"{stroke.step.name} takes longer than any evening.", "Set more hobby time aside."
            )
    while any(left.values()):
        blocks.append(_work(_earliest(strokes, left, dry, clock, factor), left, dry, clock, factor))
    return blocks


def _earliest(
    strokes: Sequence[Stroke],
    left: dict[str, list[str]],
    dry: dict[tuple[str, str], datetime],
    clock: _Clock,
    factor: float,
) -> Stroke:
    """The stroke that can be begun first; within a zone only its next stroke is asked."""
    best: tuple[datetime, Stroke] | None = None
    zones: set[str] = set()
    for stroke in strokes:
        if stroke.zone in zones or not left[stroke.key]:
            continue
        zones.add(stroke.zone)
        ready = max(dry.get((f, stroke.zone), clock.now) for f in left[stroke.key][:1])
        start = clock.begin(ready, stroke.step.minutes * factor)
        if best is None or start < best[0]:
            best = start, stroke
    assert best is not None
    return best[1]


def _work(
    stroke: Stroke, left: dict[str, list[str]], dry: dict[tuple[str, str], datetime], clock: _Clock, factor: float
) -> PaintBlock:
    """Paint the stage on all figures left, as far as the evening goes."""
    minutes = stroke.step.minutes * factor
    setup = TECHNIQUES[stroke.step.technique].setup_min
    strokes: list[TimedStroke] = []
    for figure in list(left[stroke.key]):
        ready = dry.get((figure, stroke.zone), clock.now)
        if strokes and clock.begin(ready, minutes) > clock.now + WAIT:
            break
        start = clock.advance(ready, minutes + setup) + timedelta(minutes=setup)
        end, setup = start + timedelta(minutes=minutes), 0.0
        strokes.append(TimedStroke(figure, stroke, start, end, end + timedelta(minutes=stroke.step.dries_min)))
        dry[(figure, stroke.zone)] = strokes[-1].dry
        left[stroke.key].remove(figure)
    return PaintBlock(stroke, tuple(strokes))


def used_drying_min(blocks: Sequence[PaintBlock]) -> tuple[float, float]:
    """(minutes something dries, minutes of those in which hands work on something else)."""
    drying = sorted((d.end, d.dry) for b in blocks for d in b.strokes)
    work = sorted((d.start, d.end) for b in blocks for d in b.strokes)
    merged: list[tuple[datetime, datetime]] = []
    for start, end in drying:
        if merged and start <= merged[-1][1]:
            merged[-1] = merged[-1][0], max(end, merged[-1][1])
        else:
            merged.append((start, end))
    total = sum((e - s).total_seconds() for s, e in merged) / 60
    overlap = sum(max(0.0, (min(e, we) - max(s, ws)).total_seconds()) for s, e in merged for ws, we in work) / 60
    return total, overlap
