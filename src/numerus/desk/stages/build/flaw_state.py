"""What is to be looked at before primer, and what was done about it, figure by figure. No Qt here."""

from __future__ import annotations

from collections.abc import Callable
from datetime import datetime

import numpy as np

from numerus.assembly.build_look import BuildLook
from numerus.assembly.flaws import LEAVE, Flaw, Place, PrintedPart, Way, flaws_of, pinned_flaw
from numerus.desk.answers import Answers
from numerus.desk.stages.build.figure_parts import FigureParts
from numerus.domain.journal import Fact, FlawPinned
from numerus.domain.parts import Part
from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Mesh
from numerus.progress.done_facts import step
from numerus.progress.figure_records.breakage import Broken
from numerus.surface.support_marks import tips_of
from numerus.words import counted, span

STAGE = "flaw"  # under which the journal has what was done about one
MOST_KNOWN = 40

Key = tuple[object, ...]


class FlawState:
    """Flaws of the figure on the bench; ``chosen``: the one in hand, by its key."""

    def __init__(self) -> None:
        self._known: dict[Key, list[Flaw]] = {}
        self.flaws: list[Flaw] = []
        self.dealt: dict[str, str] = {}
        self.chosen = ""

    def look(self, answers: Answers, figure_id: str, key: Key) -> None:
        """What is known of a figure built so, and the way by which each flaw of it was dealt with."""
        self.figure_id, self.flaws = figure_id, [*self._known.get(key, []), *_pinned(answers, figure_id)]
        told = [key for stage, key in answers.history.steps.get(figure_id, ()) if stage == STAGE]
        dealt = [(name, way) for name, _, way in (key.partition(": ") for key in told)]
        self.dealt = dict(sorted(dealt, key=lambda d: is_mended(d[1])))  # what was mended after all is not left
        if self.chosen not in {f.key for f in self.flaws}:
            self.chosen = self.next_key()

    def knows(self, key: Key) -> bool:
        return key in self._known

    def remember(self, key: Key, flaws: list[Flaw]) -> None:
        self._known[key] = flaws
        while len(self._known) > MOST_KNOWN:
            self._known.pop(next(iter(self._known)))

    def next_key(self) -> str:
        """The worst that nobody dealt with yet."""
        return next((f.key for f in self.flaws if f.key not in self.dealt), "")

    def after(self) -> str:
        """The place to go to once the chosen one is dealt with: the next that is not, round the list."""
        keys = [f.key for f in self.flaws]
        at = keys.index(self.chosen) if self.chosen in keys else -1
        waiting = [k for k in (*keys[at + 1 :], *keys[: max(at, 0)]) if k not in self.dealt]
        return next(iter(waiting), self.chosen)

    @property
    def flaw(self) -> Flaw | None:
        return next((f for f in self.flaws if f.key == self.chosen), None)

    def step(self, by: int) -> None:
        """The next or the one before in the list."""
        keys = [f.key for f in self.flaws]
        if keys:
            at = keys.index(self.chosen) + by if self.chosen in keys else 0
            self.chosen = keys[min(max(at, 0), len(keys) - 1)]

    def pin(self, slot: str, at_mm: Place, size_mm: float, words: str) -> Flaw:
        """A flaw at a place that was pointed at, not looked at yet."""
        return pinned_flaw(slot, at_mm, (0.0, 0.0, 0.0), size_mm, 0.0, words.strip() or "a flaw")

    def pin_fact(self, flaw: Flaw, now: datetime) -> Fact:
        """What the journal keeps of it once it was looked at."""
        words = flaw.words.removeprefix(f"{flaw.slot}: ")
        event = FlawPinned(flaw.slot, flaw.at_mm, flaw.facing, flaw.size_mm, round(flaw.seen, 3), words)
        return Fact(now, event, flaw.slot, (self.figure_id,))

    def sentence(self) -> str:
        """How many are left, and what mending them as advised would take."""
        left = [f for f in self.flaws if f.key not in self.dealt]
        if not self.flaws:
            return "Nothing to look at was found." if self._known else ""
        if not left:
            return f"All {counted(len(self.flaws), 'place')} dealt with: ready for primer."
        minutes = sum(f.ways[0].minutes for f in left)
        waits = max((f.ways[0].waits_min for f in left), default=0.0)
        longest = f", the longest wait {span(waits)}" if waits else ""
        return f"{counted(len(left), 'place')} of {len(self.flaws)} to look at, {span(minutes)} if all are mended as advised{longest}."

    def fact(self, way: Way, now: datetime) -> Fact | None:
        """What the journal keeps once the chosen flaw is dealt with: planned minutes, nothing measured."""
        flaw = self.flaw
        return step(STAGE, (self.figure_id,), way.minutes, now, f"{flaw.key}: {way.name}") if flaw else None


def _pinned(answers: Answers, figure_id: str) -> list[Flaw]:
    """Flaws somebody pinned on a figure."""
    events = [f.event for f in answers.facts if isinstance(f.event, FlawPinned) and figure_id in f.figures]
    return [pinned_flaw(e.slot, e.at_mm, e.facing, e.size_mm, e.seen, e.words) for e in events]


def way_words(way: Way) -> str:
    """A way in a line: passes, minutes, waiting, what to mind."""
    passes = f"{way.passes} {'pass' if way.passes == 1 else 'passes'}, " if way.passes else ""
    wait = f", {span(way.waits_min)} to cure" if way.waits_min else ""
    taken = f"{passes}{span(way.minutes)}{wait}" if way.minutes else "no minutes"
    return f"{taken}; {way.costs}" if way.costs else taken


def flaw_work(figure: FigureParts, look: BuildLook, mesh_of: Callable[[str], Mesh]) -> Callable[[Progress], list[Flaw]]:
    """Work for a job; meshes read on its own thread."""
    parts, apart, layers_mm, held = figure.parts, figure.kept, figure.layers_mm, figure.held

    def work(progress: Progress) -> list[Flaw]:
        printed = []
        for n, (slot, part) in enumerate(parts.items()):
            if not progress(0.5 * n / max(len(parts), 1)):
                raise Cancelled
            printed.append(_printed(slot, part, layers_mm[slot], mesh_of, held.get(part.id, Broken())))
        return flaws_of(printed, look, apart, lambda share: progress(0.5 + 0.5 * share))

    return work


def _printed(slot: str, part: Part, layer_mm: float, mesh_of: Callable[[str], Mesh], held: Broken) -> PrintedPart:
    mesh, pose = mesh_of(part.blob), part.pose
    up = np.asarray(pose.up if pose else (0.0, 0.0, 1.0), float)
    tips = tips_of(mesh, up, mesh_of(pose.supported_blob)) if pose and pose.supported_blob else np.zeros((0, 3))
    return PrintedPart(slot, mesh, up, layer_mm, pose.margin if pose else 0.0, tips, held.at_mm, held.figures)


def is_mended(way: str) -> bool:
    """Whether something was done, rather than leaving it."""
    return bool(way) and way != LEAVE
