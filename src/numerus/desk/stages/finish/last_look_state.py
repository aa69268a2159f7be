"""The walk round a painted figure: which views were looked at, and what is done about each place. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from datetime import datetime

from numerus.assembly.build_look import look_at_build
from numerus.assembly.flaws import Flaw
from numerus.desk.answers import Answers
from numerus.desk.stages.build.figure_parts import FigureParts
from numerus.desk.stages.build.flaw_state import FlawState, Key, flaw_work
from numerus.domain.journal import Fact
from numerus.errors import Progress
from numerus.geometry.mesh import Mesh
from numerus.progress.done_facts import step
from numerus.progress.figure_records.last_look import VIEWS, last_flaws
from numerus.progress.standing import FigureStanding
from numerus.surface.zones import ZonedMesh
from numerus.words import counted

STAGE = "look"  # under which the journal has which views were looked at
VIEW_MIN = 0.25  # (default) to look at one side


class LastLookState(FlawState):
    """Places of the figure in hand; ``seen``: views that were ticked."""

    def __init__(self) -> None:
        super().__init__()
        self.seen: set[str] = set()

    def look(self, answers: Answers, figure_id: str, key: Key) -> None:
        super().look(answers, figure_id, key)
        self.seen = {key for stage, key in answers.history.steps.get(figure_id, ()) if stage == STAGE}

    def tick(self, view: str, now: datetime) -> Fact | None:
        """A view that was looked at; None where it was before."""
        return None if view in self.seen else step(STAGE, (self.figure_id,), VIEW_MIN, now, view)

    @property
    def round_words(self) -> str:
        left = [view for view in VIEWS if view not in self.seen]
        if not left:
            return "Looked at from all sides: ready for varnish once the places are dealt with."
        return f"{counted(len(left), 'side')} to look at still: {', '.join(left)}. Tick a side once you looked at it."


def last_look_key(figure: FigureParts, standing: FigureStanding) -> Key:
    """What the places depend on."""
    return figure.flaw_key, tuple(sorted(standing.painted)), tuple(s.key for s in standing.strokes)


def last_look_work(
    figure: FigureParts, standing: FigureStanding, parts: Mapping[str, ZonedMesh], mesh_of: Callable[[str], Mesh]
) -> Callable[[Progress], list[Flaw]]:
    """Work for a job: how the figure is built, what Build would look at, and what the paint left out."""
    names = {z.id: z.name for z in figure.answers.plans.zones.values()}

    def work(progress: Progress) -> list[Flaw]:
        look = look_at_build(list(parts.items()), lambda share: progress(0.4 * share))
        found = flaw_work(figure, look, mesh_of)(lambda share: progress(0.4 + 0.5 * share))
        return last_flaws(found, standing, parts, names)

    return work
