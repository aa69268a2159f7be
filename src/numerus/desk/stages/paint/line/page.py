"""Line: what to paint next and why, the whole evening at a glance, and whether the date holds."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from functools import partial

from PyQt6.QtCore import QTimer, pyqtSignal
from PyQt6.QtGui import QKeyEvent
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.dialogs.bench_air import ask_bench_air
from numerus.desk.stages.paint.built_figures import BuiltFigures
from numerus.desk.stages.paint.line.bench_mode import NEXT_KEYS, BenchMode
from numerus.desk.stages.paint.line.chances import PICTURE_PX, Chances, LossPicture
from numerus.desk.stages.paint.line.pictures import EveningChart, LoadList, NowCard, WetList
from numerus.desk.stages.paint.line.state import WAITING, LineState
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.layout import button, column, label, panel, row
from numerus.domain.parts import Part
from numerus.errors import NumerusError, Progress
from numerus.paint.figure.touching import ZonePairs, touching_key, zones_between
from numerus.paint.lighter import Lightened
from numerus.progress.forecasting.forecast import Forecast
from numerus.progress.painting.painting_line import PaintBlock
from numerus.words import counted

IN_HAND = "stroke in hand"  # under which the book keeps it
SECOND_MS = 1000


class LinePage(QWidget):
    """``with_meshes``: does something once the meshes of parts are read. ``turned``: whose strokes are planned is
    another.
    """

    turned = pyqtSignal()

    def __init__(
        self, context: Context, renderer: Renderer, built: BuiltFigures,
        with_meshes: Callable[[Iterable[Part], Callable[[], object]], None],
    ) -> None:  # fmt: skip
        super().__init__()
        self.context, self.session, self.renderer, self.with_meshes = context, context.session, renderer, with_meshes
        self.built = built
        self.state = LineState(context.session.answers)
        self.now_card, self.chart = NowCard(context), EveningChart(context)
        self.list, self.chances, self.wet = LoadList(context), Chances(context), WetList(context)
        self.loss = LossPicture(context)
        self.loss.hide()
        self.chances.chosen.connect(self.look_at_lever)
        self.now_card.pressed.connect(self.press)
        self.title, self.note, self.sentence = label("", "section"), label("", "note"), label("", "note", True)
        self.setLayout(self._layout())
        self.bench_mode: BenchMode | None = None
        self._planned_for: object = None
        self._touching_for: object = None
        self._restored = False
        self.second = QTimer(self)  # the clock of a stroke is read in seconds
        self.second.setInterval(SECOND_MS)
        self.second.timeout.connect(self.now_card.update)

    def _layout(self):  # type: ignore[no-untyped-def]
        self.across = button(
            "All units", self.plan_across, "tab", "Paint across units, as the plan of the evenings has it"
        )
        self.across.setCheckable(True)
        self.air = button(
            "Air at the bench",
            lambda: ask_bench_air(self.session, self),
            "link",
            "How long paint dries goes by the air at the bench",
        )
        titled = row(
            self.title, 10, self.note, -1, self.air, 8, self.across, 8, button("‹ Earlier", lambda: self.turn(-1), "link"),
            button("Next evening ›", lambda: self.turn(1), "link"),
        )  # fmt: skip
        shown = row(self.chart, self.list, gap=16)
        shown.setStretch(0, 1)
        upper = column(self.now_card, titled, shown, self.sentence, gap=6, margins=(16, 0, 16, 8))
        upper.setStretch(2, 1)
        lower = row(self.chances, self.loss, self.wet, gap=20, margins=(16, 8, 16, 6))
        lower.setStretch(0, 1)
        body = column(upper, panel(lower, "drawer"), gap=0)
        body.setStretch(0, 1)
        return body

    summary = ""

    @property
    def _strokes_words(self) -> str:
        many, tonight = len(self.state.upcoming), sum(len(b.strokes) for b in self.state.tonight)
        return f"{counted(tonight, 'stroke')} this evening, {many - tonight} to come"

    def refresh(self) -> None:
        self.state.look(self.session.answers, self.session.unit_id)
        self._show()
        self._plan()
        self._look_where_zones_touch()

    def _plan(self) -> None:
        """Plan anew where something else than the stroke in hand has changed; who paints is not given another order."""
        state = self.state
        wanted = {(f.figure.id, s.key) for f in state.batch for s in f.next_strokes}
        planned = {(s.figure_id, s.stroke.key) for _, s in state.upcoming}
        busy = state.phase != WAITING and wanted == planned
        if busy or state.planned_for == self._planned_for:
            return
        self._planned_for = state.planned_for
        self.context.jobs.start("line", "Planning the evening", state.planning(), self._planned, self._stopped)

    def _stopped(self) -> None:
        self._planned_for = None

    def _planned(self, planned: list[PaintBlock] | NumerusError) -> None:
        self.state.take(planned)
        if not self._restored:
            self._restored = True
            self.state.restore(self.session.worked_out(IN_HAND))
        self._show()

    def _look_where_zones_touch(self) -> None:
        """From part to part, for builds that were never looked at; kept in the book."""
        plans = self.session.plans
        figures = {touching_key(plans, f.figure): f.figure for f in self.state.batch}
        missing = {k: f for k, f in figures.items() if k not in self.session.answers.between}
        if not missing or tuple(missing) == self._touching_for:
            return
        self._touching_for = tuple(missing)
        parts = {
            p: plans.parts[p]
            for f in missing.values()
            for p in f.build.values()
            if p in plans.part_zones and p in plans.parts
        }

        def look() -> None:
            zoned = {p: self.session.zoned(part) for p, part in parts.items()}

            def work(progress: Progress) -> dict[str, ZonePairs]:
                return zones_between(plans, missing, zoned.__getitem__, progress)

            self.context.jobs.idle("touching", "Looking where zones touch", work, self.session.keep_touching)

        self.with_meshes(parts.values(), look)

    def _show(self) -> None:
        state = self.state
        for picture in (self.now_card, self.chart, self.list, self.wet):
            picture.show_state(state)
        tonight = state.tonight
        hands = sum((s.end - s.start).total_seconds() / 60 for b in tonight for s in b.strokes)
        self.title.setText(f"{tonight[0].start:%a %-d %B}" if tonight else "")
        pots = sum(b.setup_min > 0 for b in tonight)
        told = f"hands {hands:.0f} min, {counted(pots, 'pot')} opened; {self._strokes_words}"
        self.note.setText(told if tonight else "")
        self.sentence.setText(state.sentence())
        self.air.setText(state.air_words)
        self._show_chances()
        self.second.start() if state.since is not None else self.second.stop()
        if self.bench_mode is not None:
            self.bench_mode.show_state(state)

    def _show_chances(self) -> None:
        forecast = self.session.answers.forecast
        if isinstance(forecast, Forecast):
            title = f"Will {forecast.ready_by:%a %-d %B} hold?"
            self.chances.show_levers(title, forecast.levers, self.chances.looked_at)
        else:
            self.chances.show_levers(forecast.message, [])

    def look_at_lever(self, number: int) -> None:
        """What a lighter way to paint looks like, beside the scheme; the same once more: what is wet again."""
        lever = self.chances.levers[number]
        again = lever.name == self.chances.looked_at
        self.chances.show_levers(self.chances.title, self.chances.levers, "" if again else lever.name)
        self.loss.setVisible(not again)
        self.wet.setVisible(again)
        if again or (asked := self.state.lightening(lever)) is None:
            return
        figure, work = asked
        self.loss.name = lever.name
        self.loss.state = None
        self.loss.update()
        parts = [self.session.plans.parts[p] for p in figure.build.values() if p in self.session.plans.parts]

        def paint() -> None:
            make = self.built.making(parts)
            self.context.jobs.start("lighter", "Painting both", lambda p: work(make(p), PICTURE_PX), self._lightened)

        self.with_meshes(parts, paint)

    def _lightened(self, found: Lightened) -> None:
        self.built.keep()
        self.loss.show_state(found)

    def plan_across(self) -> None:
        """One unit, or all of them between all other work."""
        self.state.across = self.across.isChecked()
        self.state.blocks = []
        self.refresh()
        self.turned.emit()

    def turn(self, by: int) -> None:
        """Another evening."""
        self.state.evening += by
        self._show()

    def press(self) -> None:
        """On with the stroke in hand."""
        facts = self.state.go_on(self.session.clock())
        self.session.keep_worked_out(IN_HAND, self.state.kept())
        if facts:
            done = facts[0]
            name = self.session.plans.figures[done.figures[0]].name
            self.session.commit(f"a stroke on {name}", facts=facts)
        self._show()

    def pause(self) -> None:
        self.state.pause()
        self.session.keep_worked_out(IN_HAND, self.state.kept())
        self._show()

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is not None and event.key() in NEXT_KEYS and not event.isAutoRepeat():
            self.press()
        else:
            super().keyPressEvent(event)

    def open_bench_mode(self) -> None:
        """One stroke at a time over the whole screen, until Escape."""
        if self.bench_mode is None:
            self.bench_mode = BenchMode(self.context, self, self.renderer, self.with_meshes)
            self.bench_mode.pressed.connect(self.press)
            self.bench_mode.paused.connect(self.pause)
            self.bench_mode.left.connect(partial(setattr, self, "bench_mode", None))
            self.bench_mode.undone.connect(self.session.undo)
        self.bench_mode.show_state(self.state)
        self.bench_mode.showFullScreen()
