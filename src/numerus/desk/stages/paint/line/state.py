"""What the Line page and bench mode show and may do: the stroke in hand, what follows, what is wet until when. No Qt here."""

from __future__ import annotations

import json
from collections.abc import Callable, Sequence
from datetime import datetime

from numerus.desk.answers import Answers
from numerus.domain.army import Figure
from numerus.domain.journal import Fact, Timing
from numerus.errors import NumerusError, Progress, answered
from numerus.paint.drying import air_words, bench_air
from numerus.paint.figure.built import Built
from numerus.paint.lighter import Lightened, lightened
from numerus.paint.loads import load_of
from numerus.paint.looks import at_level
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import can_be_mixed, mix_words
from numerus.progress.done_facts import step
from numerus.progress.forecasting.levers import Lever
from numerus.progress.painting.painting_line import (
    PaintBlock,
    TimedStroke,
    Wet,
    paint_line,
    still_wet,
    stroke_tasks,
    strokes_by_figure,
    used_drying_min,
    wet_beside,
)
from numerus.progress.planning.bench_plan import planned
from numerus.progress.planning.next_tasks import paint_batch
from numerus.progress.planning.task_kinds import BATCH_MOST, block_drops
from numerus.progress.standing import FigureStanding, Standing
from numerus.schedule.attendance import hobby_windows
from numerus.schedule.hand_tasks import hands_bound_min, window_min
from numerus.words import counted

LEFT_ALONE = 4.0  # times as long as planned, and ten minutes: nobody was painting, so nothing was measured
SETTING_UP, PAINTING, WAITING = "setting up", "painting", "waiting"


class LineState:
    """``blocks``: the plan of the batch from now on, or ``across`` units, as the one plan of the evenings has it. ``phase``: WAITING
    until one begins, SETTING_UP a pot, PAINTING; ``since``: when that began; ``sure``: the user said that what is wet by the
    clock is dry.
    """

    def __init__(self, answers: Answers) -> None:
        self.blocks: list[PaintBlock] = []
        self.fault = ""
        self.phase, self.since = WAITING, None
        self.about, self.sure, self.evening = "", False, 0
        self.ahead = 0
        self.across = False
        self.look(answers, "")

    since: datetime | None
    wet_until: datetime | None = None

    def look(self, answers: Answers, unit_id: str) -> None:
        self.answers, self.plans = answers, answers.plans
        self.batch: list[FigureStanding] = self._batch(answers.standing, unit_id)
        wanted = {(f.figure.id, s.key) for f in self.batch for s in f.next_strokes}
        kept = [(b, tuple(s for s in b.strokes if (s.figure_id, s.stroke.key) in wanted)) for b in self.blocks]
        self.blocks = [PaintBlock(b.stroke, own, b.setup_min) for b, own in kept if own]

    def _batch(self, standing: Standing, unit_id: str) -> list[FigureStanding]:
        """Whose strokes are planned: everyone's, or as many of a unit as are painted together."""
        if self.across:
            return [f for f in standing.figures.values() if f.next_strokes]
        return standing.at("paint", unit_id)[:BATCH_MOST] or paint_batch(standing)

    @property
    def planned_for(self) -> tuple[object, ...]:
        """What the plan depends on."""
        army = self.plans.army
        strokes = tuple((f.figure.id, tuple(s.key for s in f.next_strokes)) for f in self.batch)
        minute = self.answers.now.replace(second=0, microsecond=0)
        return self.across, strokes, tuple(self.plans.schemes.values()), army, minute

    def planning(self) -> Callable[[Progress], list[PaintBlock] | NumerusError]:
        """The work of a job: the plan, or why there is none."""
        plans, facts, batch, now = self.plans, self.answers.facts, self.batch, self.answers.now
        between, everything = dict(self.answers.between), self.answers.to_do if self.across else None

        if isinstance(everything, NumerusError):
            return lambda _: everything
        if everything is None:
            return answered(lambda _: paint_line(plans, facts, batch, now, between=between))
        return answered(lambda progress: planned(everything, progress).blocks)

    def take(self, planned: list[PaintBlock] | NumerusError) -> None:
        if isinstance(planned, NumerusError):
            self.blocks, self.fault = [], f"{planned.message} {planned.advice}"
        else:
            self.blocks, self.fault = planned, ""

    @property
    def upcoming(self) -> list[tuple[PaintBlock, TimedStroke]]:
        """Every stroke in the plan's order, with the block it is of."""
        return [(b, s) for b in self.blocks for s in b.strokes]

    @property
    def shown(self) -> tuple[PaintBlock, TimedStroke] | None:
        """The one in hand, or one further on that is looked at."""
        return self.upcoming[min(self.ahead, len(self.upcoming) - 1)] if self.blocks else None

    @property
    def following(self) -> list[tuple[PaintBlock, TimedStroke]]:
        return self.upcoming[self.ahead + 1 : self.ahead + 4]

    def look_ahead(self, by: int) -> None:
        """Look at a stroke further on, or come back; only what is in hand can be done."""
        self.ahead = min(max(self.ahead + by, 0), max(len(self.upcoming) - 1, 0))

    def figure_name(self, timed: TimedStroke) -> str:
        return self.plans.figures[timed.figure_id].name

    def zone_name(self, timed: TimedStroke) -> str:
        return self.plans.zone_name(timed.stroke.zone)

    def title(self, timed: TimedStroke) -> str:
        """ "Base on the wood of Ede Marl"."""
        return f"{timed.stroke.step.name}: {self.zone_name(timed)}, {self.figure_name(timed)}"

    def place_words(self, block: PaintBlock, timed: TimedStroke) -> str:
        """Which of how many, in figures."""
        return f"{block.strokes.index(timed) + 1} of {len(block.strokes)}"

    def mix_words(self, timed: TimedStroke) -> str:
        """The mix, its thinning, the tool."""
        recipe_step = timed.stroke.step
        return f"{mix_words(recipe_step, rack_of(self.plans).names)}; {recipe_step.tool}"

    def drops_words(self, block: PaintBlock) -> str:
        """What to drop together for the whole of a block."""
        return block_drops(block, self.plans)

    def colour(self, block: PaintBlock) -> str:
        """Of the block's mix when it hides, "" where a paint of it is gone."""
        rack = rack_of(self.plans)
        return rack.pigment(block.stroke.step.mix).colour if can_be_mixed(block.stroke.step, rack) else ""

    def wet(self, now: datetime) -> list[Wet]:
        """What of the batch is wet, the first to dry first."""
        strokes = strokes_by_figure(self.batch)
        ids = {f.figure.id for f in self.batch}
        wet_zones = [Wet(f, z, at) for (f, z), at in still_wet(self.answers.facts, strokes, now).items() if f in ids]
        return sorted(wet_zones, key=lambda w: w.until)

    def in_the_way(self, now: datetime) -> Wet | None:
        """The zone that is wet under the stroke in hand, or beside it, the last to dry."""
        if not self.blocks or self.sure:
            return None
        timed = self.upcoming[0][1]
        figure = next((f for f in self.batch if f.figure.id == timed.figure_id), None)
        wet = {(w.figure_id, w.zone): w.until for w in self.wet(now)}
        return wet_beside(figure, timed.stroke.zone, wet, self.plans, self.answers.between) if figure else None

    def go_on(self, now: datetime) -> list[Fact]:
        """One press: begin, the pot is ready, it is dry after all, or the stroke is done; what that writes."""
        self.ahead = 0
        if not self.blocks:
            return []
        block, timed = self.upcoming[0]
        own = f"{timed.figure_id} {timed.stroke.key}"
        if self.about != own:
            self.about, self.phase, self.since, self.sure = own, WAITING, None, False
        if self.phase == WAITING:
            first = timed is block.strokes[0] and block.setup_min > 0
            self._begin(SETTING_UP if first else PAINTING, now)
            return []
        if self.phase == SETTING_UP:
            self._begin(PAINTING, now)
            return []
        if self.in_the_way(now) is not None:
            self.sure = True
            return []
        return self._done(timed, now)

    def _begin(self, phase: str, now: datetime) -> None:
        self.phase, self.since = phase, now
        wet = self.in_the_way(now) if phase == PAINTING else None
        self.wet_until = wet.until if wet else None

    def _done(self, timed: TimedStroke, now: datetime) -> list[Fact]:
        minutes, timing = self.minutes(now)
        self.blocks = self._without_first()
        self.sure = False
        if self.blocks:  # hands go on to the next without a break
            block, following = self.upcoming[0]
            self.about = f"{following.figure_id} {following.stroke.key}"
            first = following is block.strokes[0] and block.setup_min > 0
            self._begin(SETTING_UP if first else PAINTING, now)
        return [
            step(
                "stroke",
                (timed.figure_id,),
                minutes,
                now,
                timed.stroke.key,
                planned=timed.stroke.minutes,
                timing=timing,
            )
        ]

    def _without_first(self) -> list[PaintBlock]:
        block, rest = self.blocks[0], self.blocks[1:]
        left = block.strokes[1:]
        return [PaintBlock(block.stroke, left), *rest] if left else rest

    def minutes(self, now: datetime) -> tuple[float, Timing]:
        """What the stroke in hand took by the clock; where that ran far too long, the plan, which is not measured."""
        planned = self.upcoming[0][1].stroke.minutes if self.blocks else 0.0
        elapsed = self.elapsed_min(now)
        if self.phase != PAINTING or not 0 < elapsed <= LEFT_ALONE * planned + 10:
            return planned, "planned"
        return elapsed, "timer"

    def elapsed_min(self, now: datetime) -> float:
        """Since it was begun, or since what lay wet under it was dry by the clock: nobody paints before."""
        if self.since is None:
            return 0.0
        waited = self.wet_until is not None and not self.sure and self.wet_until <= now
        begun = max(self.since, self.wet_until) if waited and self.wet_until else self.since
        return max((now - begun).total_seconds() / 60, 0.0)

    def pause(self) -> None:
        """The clock stops; what it ran is not taken for this stroke's."""
        self.phase, self.since = WAITING, None

    def kept(self) -> bytes:
        """What is in hand, so that a clock outlives the program."""
        since = self.since.isoformat() if self.since else ""
        return json.dumps([self.about, self.phase, since, self.sure]).encode()

    def restore(self, data: bytes | None) -> None:
        """What was in hand when the program ended, if the plan still begins with it."""
        try:
            about, phase, since, sure = json.loads(data or b"")
            begun = datetime.fromisoformat(since) if since else None
        except (ValueError, TypeError):
            return
        first = self.upcoming[0][1] if self.blocks else None
        if first is not None and about == f"{first.figure_id} {first.stroke.key}":
            self.about, self.phase, self.since, self.sure = about, phase, begun, bool(sure)

    def lightening(self, lever: Lever) -> tuple[Figure, Callable[[Built, tuple[int, int]], Lightened]] | None:
        """A figure of those a lever would paint lighter, and the work that paints it both ways; None where there is none with a scheme."""
        figures = [f for unit in sorted(lever.units) for f in self.plans.figures_of(unit) if f.build]
        figure = next((f for f in figures if self.plans.zone_areas_cm2(f)), None)
        scheme = self.plans.scheme_on(figure) if figure else None
        if figure is None or scheme is None:
            return None
        own = at_level(scheme, self.plans.units[figure.unit_id].level)
        areas, rack = self.plans.zone_areas_cm2(figure), rack_of(self.plans)
        return figure, lambda built, size_px: lightened(built, own, lever.kind, areas, rack, size_px)

    def evenings(self) -> list[list[PaintBlock]]:
        """Blocks by the evening they lie in."""
        grouped: dict[object, list[PaintBlock]] = {}
        for block in self.blocks:
            grouped.setdefault(block.start.date(), []).append(block)
        return list(grouped.values())

    @property
    def tonight(self) -> list[PaintBlock]:
        evenings = self.evenings()
        self.evening = min(max(self.evening, 0), max(len(evenings) - 1, 0))
        return evenings[self.evening] if evenings else []

    @property
    def after(self) -> list[PaintBlock]:
        evenings = self.evenings()
        return evenings[self.evening + 1] if self.evening + 1 < len(evenings) else []

    @property
    def air_words(self) -> str:
        """Of the bench, by which all of it dries."""
        return air_words(bench_air(self.plans))

    def sentence(self) -> str:
        """How long it all takes, against what no plan is shorter than, and what one pot does tonight."""
        army = self.plans.army
        if not self.blocks or army is None:
            return self.fault
        if self.across:
            return self._across_words()
        least, _ = hands_bound_min(stroke_tasks(self.batch, rack_of(self.plans), self.answers.rates["paint"]))
        windows = hobby_windows(army, self.answers.now, 60)
        there = window_min(windows, max(b.end for b in self.blocks))
        drying, used = used_drying_min(self.tonight)
        words = f"{there:.0f} min of evenings for all of it; one set-up a mix would be the least, {least:.0f}. "
        changed = self.answers.changed_mix(b.stroke.zone for b in self.tonight)
        drying_words = f"Hands work through {used:.0f} of {drying:.0f} min of drying. {self._shared_pot()} {changed}"
        return (words + drying_words).strip()

    def _across_words(self) -> str:
        """What painting across units saves: pots opened, against unit after unit."""
        pots = sum(b.setup_min > 0 for b in self.blocks)
        mixes = {(u, load_of(b.stroke.step)) for b in self.blocks for u in self._units(b)}
        ends = max(b.end for b in self.blocks)
        words = (
            f"{counted(len(self.batch), 'figure')} of all units, painted by {ends:%a %-d %b} between all other work; "
        )
        return (
            f"{words}{counted(pots, 'pot')} opened for {len(mixes)} mixes of single units. {self._shared_pot()}".strip()
        )

    def _units(self, block: PaintBlock) -> set[str]:
        return {self.plans.figures[s.figure_id].unit_id for s in block.strokes}

    def _shared_pot(self) -> str:
        """A mix that serves several zones in one go."""
        pots: dict[object, set[str]] = {}
        load: object = None
        for block in self.tonight:
            if block.setup_min:
                load = (block.stroke.step.mix, block.start)
            pots.setdefault(load, set()).add(block.stroke.zone)
        most = max(pots.items(), key=lambda p: len(p[1]), default=(None, set()))
        if len(most[1]) < 2 or not isinstance(most[0], tuple):
            return ""
        names = [self.plans.zone_name(z) for z in sorted(most[1])]
        pot = rack_of(self.plans).name_of(most[0][0][0][0])
        return f"One {pot} serves {', '.join(names[:-1])} and {names[-1]}."

    def why(self, block: PaintBlock) -> str:
        """Why it is this block's turn."""
        number = self.blocks.index(block) if block in self.blocks else 0
        words = [f"{counted(len(block.strokes), 'figure')} from one pot"]
        if not block.setup_min:
            words.append("the pot is in hand")
        later = self.blocks[number + 1] if number + 1 < len(self.blocks) else None
        if later is not None and later.start.date() == block.start.date():
            words.append(f"dries while you do {self.plans.zone_name(later.stroke.zone)}")
        return ", ".join(words)


def next_dry(wet: Sequence[Wet], since: datetime, now: datetime) -> list[Wet]:
    """What has become dry between two looks at the clock."""
    return [w for w in wet if since < w.until <= now]
