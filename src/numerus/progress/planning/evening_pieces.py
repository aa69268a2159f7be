"""What an evening of the plan holds, piece by piece: work of one kind that follows each other, what it is, and why it is then."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from datetime import datetime, timedelta
from itertools import groupby

from numerus.domain.plans import Plans
from numerus.paint.scheme import Stroke
from numerus.progress.painting.painting_line import PaintBlock, blocks_of
from numerus.progress.planning.bench_plan import Evening
from numerus.progress.planning.bench_tasks import BUILD, CURE, LIFT, PRIME, SCREEN, STRINGS, WASH, Appointment, ToDo
from numerus.progress.standing import Standing
from numerus.schedule.hand_tasks import TimedTask
from numerus.words import counted, span

LONG_DRYING_MIN = 360.0


@dataclass(frozen=True)
class Piece:
    """Hands from ``start`` to ``end``, setting up included: at which bench, what, on how many, why then; ``unit_id`` of the first figure, ""
    for a plate; ``stroke``: what is painted; ``setup_min`` of it is setting up; ``person``: whose
    hands, where there are several.
    """

    bench: str
    title: str
    why: str
    start: datetime
    end: datetime
    setup_min: float = 0.0
    unit_id: str = ""
    stroke: Stroke | None = None
    person: int = 0

    @property
    def minutes(self) -> float:
        return (self.end - self.start).total_seconds() / 60


def work_kind(timed: TimedTask, standing: Standing) -> tuple[str, ...]:
    """What is one piece of work, whoever it is on: a figure built, a step on a unit, a stage at the screen, a plate's turn."""
    key, figure = timed.task.key, standing.figures.get(timed.task.group)
    if figure is None:
        return ("screen", key) if key in SCREEN else ("plate", key)
    return (BUILD, figure.figure.id) if key == BUILD else ("unit", key, figure.unit.id)


def pieces(evening: Evening, plans: Plans, standing: Standing, work: ToDo) -> list[Piece]:
    """All of an evening in the order it is done, plates put on and taken off between."""
    found = [_plate_piece(a, plans) for a in evening.appointments if evening.window.start <= a.start]
    for stretch in _without_a_break(sorted(evening.tasks, key=lambda t: t.person)):
        for is_paint, own in groupby(stretch, key=lambda t: t.task.holds):
            listed = list(own)
            made = (
                [_painted(b, plans) for b in blocks_of(listed, work.strokes)]
                if is_paint
                else _others(listed, plans, standing)
            )
            found += [replace(piece, person=listed[0].person) for piece in made]
    return sorted(found, key=lambda p: p.start)


def _without_a_break(tasks: Sequence[TimedTask]) -> list[list[TimedTask]]:
    """Tasks parted where hands wait, see to a plate, or are another's."""
    stretches: list[list[TimedTask]] = []
    for timed in tasks:
        last = stretches[-1][-1] if stretches else None
        if last is None or last.person != timed.person or timed.begun - last.end > timedelta(seconds=1):
            stretches.append([])
        stretches[-1].append(timed)
    return stretches


def _plate_piece(one: Appointment, plans: Plans) -> Piece:
    words = "Lift" if one.kind == LIFT else "Start"
    why = "someone is there when it ends" if one.kind == LIFT else "as the watch bill has it"
    return Piece("print", f"{words} {plans.plates[one.plate_id].name}", why, one.start, one.end)


def _painted(block: PaintBlock, plans: Plans) -> Piece:
    first = plans.figures[block.strokes[0].figure_id]
    title = f"{plans.zone_name(block.stroke.zone)}: {block.stroke.step.name.lower()}"
    pot = "from the pot in hand" if not block.setup_min else "from one pot"
    why = f"{counted(len(block.strokes), 'figure')} {pot}, dries {span(block.stroke.dries_min)}"
    why = f"{block.in_parts}: stop where a colour ends" if block.in_parts else why
    begun = block.begun
    return Piece("paint", title, why, begun, block.end, block.setup_min, first.unit_id, block.stroke)


def _others(listed: Sequence[TimedTask], plans: Plans, standing: Standing) -> Iterator[Piece]:
    for kind, own in groupby(listed, key=lambda t: work_kind(t, standing)):
        timed = list(own)
        bench, title, why = _words(kind, timed, plans, standing)
        figure = standing.figures.get(timed[0].task.group.removeprefix("screen "))
        yield Piece(
            bench, title, why, timed[0].begun, timed[-1].end, sum(t.setup_min for t in timed),
            figure.unit.id if figure else "",
        )  # fmt: skip


def _words(kind: tuple[str, ...], timed: Sequence[TimedTask], plans: Plans, standing: Standing) -> tuple[str, str, str]:
    """(bench, title, why)"""
    task, many = timed[0].task, len({t.task.group for t in timed})
    if kind[0] == "screen":
        title = {"sort": "Fill builds", "pose": "Choose poses", "plate": "Fill plates"}[task.key]
        return task.key, f"{title}, {counted(many, 'figure')}", "a machine waits for what is not on a plate"
    if kind[0] == "plate":
        plate_id, _, turn = task.key.rpartition("/")
        words = {WASH: "Wash", CURE: "Supports off, cure", STRINGS: "Supports and strings off"}[turn]
        why = "before they are built" if turn == STRINGS else "wet parts cannot wait"
        return "print" if turn == STRINGS else turn, f"{words} {plans.plates[plate_id].name}", why
    figure = standing.figures[task.group]
    if task.key == BUILD:
        why = "its glue dries overnight" if task.dries_min > LONG_DRYING_MIN else "before the primer"
        return "build", f"Build {figure.figure.name}", why
    if task.key == PRIME:
        return "prime", f"Prime {counted(many, 'figure')}, {figure.unit.name}", "set up once for all of them"
    step = next(s for s in figure.finish if s.id == task.key)
    return "finish", f"{step.name}, {counted(many, 'figure')}", f"dries {span(task.dries_min)}"
