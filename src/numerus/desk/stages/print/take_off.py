"""Taking a plate off: tap each part, say what it looked like, see why it failed, and choose what is done about it."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace
from pathlib import Path

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtGui import QPixmap
from PyQt6.QtWidgets import QWidget

from numerus.book.photographs import read_photograph
from numerus.desk.context import Context
from numerus.desk.stages.print.causes import DiagnosisPanel
from numerus.desk.stages.print.likelihoods import LikelihoodsDialog
from numerus.desk.stages.print.saving_dialog import SavingDialog
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.drawing import hold
from numerus.desk.widgets.layout import button, caution_line, column, label, panel, row, set_cautions
from numerus.desk.widgets.looks import LooksPicker
from numerus.desk.widgets.places import PlaceList
from numerus.desk.widgets.platepicture import PlatePicture
from numerus.desk.widgets.worded import CheckBox, DoubleSpinBox, FileDialog
from numerus.diagnosis.repair import KEPT, Way, waiting_repairs
from numerus.domain.army import Unit
from numerus.domain.journal import (
    CauseConfirmed,
    DiagnosisTest,
    Fact,
    PartOutcome,
    PhotographTaken,
    RepairChosen,
    RepairEnded,
)
from numerus.domain.money import money_text
from numerus.domain.printing.plates import Placed, Plate
from numerus.errors import NumerusError
from numerus.printing.runs.run_records import FAILED, FLAWED, GOOD, RunRecord, failed_places
from numerus.progress.printing.failure_record import failure_diagnosis_of
from numerus.progress.printing.repair_options import ways_with
from numerus.words import counted, span

MOST_SURE = 0.99  # nobody holds for certain
NEXT_OUTCOME = {GOOD: FLAWED, FLAWED: FAILED, FAILED: GOOD}


class TakeOffPage(QWidget):
    """``recorded``: what was seen is in the journal; ``back``: to the watch bill."""

    recorded = pyqtSignal()
    back = pyqtSignal()

    def __init__(self, context: Context, renderer: Renderer) -> None:
        super().__init__()
        self.context, self.session, self.renderer = context, context.session, renderer
        self.run: RunRecord | None = None
        self.plate: Plate | None = None
        self.outcomes: dict[str, PartOutcome] = {}
        self.ways: list[Way] = []
        self.choices: dict[str, Way] = {}
        self.photographed: list[str] = []  # the photograph shown, if any
        self.picture = PlatePicture(context)
        self.picture.tapped.connect(self.turn_outcome)
        self.picture.description = self.description
        self.setLayout(self._body())

    def _body(self):  # type: ignore[no-untyped-def]
        self.mapped = CheckBox("Earlier failures on this machine")
        self.mapped.toggled.connect(lambda _: self._show())
        self.photo = label("")
        self.photo_button = button(
            "Attach a photograph …", self.choose_photograph, "", "Kept in the book with this run"
        )
        under = row(self.mapped, -1, self.photo, self.photo_button)
        left = column(self.picture, self._seen(), under, gap=6)
        left.setStretch(0, 1)
        body = row(left, self._side(), gap=16, margins=(16, 4, 16, 10))
        body.setStretch(0, 1)
        return body

    def _seen(self):  # type: ignore[no-untyped-def]
        """What the part tapped last looks like, and where it failed."""
        self.tapped = label("", "note", True)
        self.looks = LooksPicker(self.context.theme)
        self.looks.chosen.connect(self._looked)
        self.height_at = DoubleSpinBox()
        self.height_at.setPrefix("failed at ")
        self.height_at.setSuffix(" mm")
        self.height_at.setRange(0, 400)
        self.height_at.setSpecialValueText("height not told")
        self.height_at.setAccessibleName("Height it failed at")
        self.height_at.valueChanged.connect(self._set_height)
        head = row(self.tapped, self.height_at, gap=8)
        head.setStretch(0, 1)
        return column(head, self.looks, gap=4)

    def _side(self) -> QWidget:
        self.counts = label("", "strong")
        self.list = PlaceList(self.context.theme, "What can be done", "Good parts need nothing.")
        self.list.chosen.connect(self._choose_way)
        self.diagnose_failure = DiagnosisPanel(self.context.theme)
        self.diagnose_failure.answered.connect(self._answered)
        self.diagnose_failure.confirmed.connect(self._confirmed)
        self.diagnose_failure.argued.connect(lambda: LikelihoodsDialog(self.context, self).exec())
        self.save_button = button(
            "Save it …",
            lambda: self.ask_saving().exec(),
            "",
            "Mark what is lost of it: putty, a former, just the missing piece",
        )
        self.held = button("It held", lambda: self._ended(True), "", "The repair of this part")
        self.lost = button("It did not hold", lambda: self._ended(False))
        self.record_button = button("Plate is off: keep this", self.record, "main")
        self.flakes = label("Check the vat for cured flakes before the next run.", "caution", True)
        self.warned = caution_line("print", "repair")
        widget = panel(column(
            row(self.counts, -1, button("Watch bill", self.back.emit)), row(self.save_button, self.held, self.lost, -1),
            self.list, self.diagnose_failure, self.flakes, self.warned, row(self.record_button, -1), gap=6, margins=(14, 8, 14, 8),
        ), "drawer")  # fmt: skip
        widget.layout().setStretch(2, 1)
        hold(self.context.theme, widget, "setFixedWidth", 372)
        return widget

    def show_run(self, run: RunRecord, plate: Plate, outcomes: dict[str, PartOutcome]) -> None:
        """A run that has ended; ``outcomes``: as the journal or the machine tells them, to be corrected."""
        if self.run is None or run.run_id != self.run.run_id:
            self.choices, self.picture.chosen = {}, ""
        self.run, self.plate, self.outcomes = run, plate, dict(outcomes)
        self._show()

    def _show(self) -> None:
        run, plate = self.run, self.plate
        if run is None or plate is None:
            return
        machine, answers = self.session.plans.machines.get(run.machine_id), self.session.answers
        if self.picture.chosen not in self.outcomes:
            bad = [p for p, o in self.outcomes.items() if o.outcome != GOOD]
            self.picture.chosen = (bad or list(self.outcomes) or [""])[0]
        self.picture.marks = (
            failed_places(answers.standing.runs, self.session.plans.plates, run) if self.mapped.isChecked() else []
        )
        self.picture.show_plate(plate, machine, {i: o.outcome for i, o in self.outcomes.items()})
        counts = {o: sum(v.outcome == o for v in self.outcomes.values()) for o in (GOOD, FLAWED, FAILED)}
        self.counts.setText(f"{counts[GOOD]} good, {counts[FLAWED]} flawed, {counts[FAILED]} failed")
        seen = replace(run, outcomes=self.outcomes)
        self.diagnose_failure.show_diagnosis(
            failure_diagnosis_of(seen, self.session.plans, answers.standing.runs, answers.facts)
        )
        self.record_button.setVisible(run.state == "hanging")
        self.flakes.setVisible(not run.dry)
        set_cautions(self.warned, "filament" if run.dry else "print", "repair")
        self._show_photograph(run)
        self._show_part()

    def _show_part(self) -> None:
        """The part tapped last: what it looked like, and what can be done."""
        run, plate = self.run, self.plate
        placed = next((p for p in plate.placed if p.id == self.picture.chosen), None) if plate else None
        if run is None or placed is None:
            return
        seen = self.outcomes.get(placed.id, PartOutcome(placed.id, GOOD))
        hanging, failed = run.state == "hanging", seen.outcome == FAILED
        words = f"{self.description(placed)}: {seen.outcome}{', ' + seen.looks if seen.looks else ''}."
        self.tapped.setText(f"{words} Tap it again to change that." if hanging else words)
        self.looks.show_looks(seen.looks, hanging and seen.outcome != GOOD, run.dry)
        self.height_at.blockSignals(True)
        self.height_at.setValue(seen.height_mm)
        self.height_at.blockSignals(False)
        self.height_at.setEnabled(failed and hanging)
        waits = any(
            (w.run_id, w.placed_id) == (run.run_id, placed.id) for w in waiting_repairs(self.session.answers.facts)
        )
        for push_button in (self.held, self.lost):
            push_button.setVisible(waits)
        self.save_button.setVisible(seen.outcome != GOOD and placed.part_id in self.session.plans.parts)
        self._show_ways(placed, seen, run)

    def ask_saving(self) -> SavingDialog:
        """For the part tapped last, where it failed; the way that is taken there is the one chosen here."""
        placed = next(p for p in (self.plate.placed if self.plate else ()) if p.id == self.picture.chosen)
        dialog = SavingDialog(self.context, self.renderer, placed, self.outcomes[placed.id].height_mm, self)

        def taken() -> None:
            if dialog.chosen is not None and self.run is not None and self.run.state == "hanging":
                self.choices[placed.id] = dialog.state.chosen(dialog.chosen)
            self._show()

        dialog.accepted.connect(taken)
        return dialog

    def _show_ways(self, placed: Placed, seen: PartOutcome, run: RunRecord) -> None:
        plans, answers = self.session.plans, self.session.answers
        part, forecast = plans.parts.get(placed.part_id), answers.forecast
        slack = 0.0 if isinstance(forecast, NumerusError) else float((forecast.ready_by - forecast.middle).days)
        self.ways = []
        if part is not None and seen.outcome != GOOD:
            self.ways = ways_with(part, seen, run, plans, answers.standing, answers.facts, self.session.now, slack)
        money = plans.army.currency if plans.army else ""
        self.list.show_lines([(w.description, _way_says(w, money, n == 0)) for n, w in enumerate(self.ways)])
        chosen = self.choices.get(placed.id)
        self.list.at_line = next((n for n, w in enumerate(self.ways) if chosen and w.key == chosen.key), -1)
        self.list.update()

    def description(self, placed: Placed) -> str:
        figure = self.session.plans.figures.get(placed.figure_id)
        return f"{figure.name if figure else 'spare'}, {placed.slot}"

    def turn_outcome(self, placed_id: str) -> None:
        """The first tap chooses, each further one turns: good, flawed, failed, good. What the journal holds stays."""
        run, plate = self.run, self.plate
        if run is None or plate is None:
            return
        again, self.picture.chosen = (
            placed_id == self.picture.chosen or self.outcomes[placed_id].outcome == GOOD,
            placed_id,
        )
        if run.state == "hanging" and again:
            outcome = NEXT_OUTCOME[self.outcomes[placed_id].outcome]
            self.outcomes[placed_id] = PartOutcome(placed_id, outcome)
            self.choices.pop(placed_id, None)
        self._show()

    def _change(self, height: float | None = None, looks: str | None = None) -> None:
        """Correct what was seen of the part tapped last."""
        chosen = self.outcomes.get(self.picture.chosen)
        if chosen is not None and self.run is not None and self.run.state == "hanging":
            height_mm = chosen.height_mm if height is None else height
            self.outcomes[chosen.placed] = replace(
                chosen, height_mm=height_mm, looks=chosen.looks if looks is None else looks
            )
            self._show()

    def _looked(self, looks: str) -> None:
        self._change(looks=looks)

    def _set_height(self, height: float) -> None:
        self._change(height=height)

    def _choose_way(self, number: int) -> None:
        if self.run is not None and self.run.state == "hanging":
            self.choices[self.picture.chosen] = self.ways[number]

    def _answered(self, test: str, yes: bool) -> None:
        """A cheap test was made: what it said counts from now on."""
        if self.run is not None:
            fact = Fact(self.session.clock(), DiagnosisTest(test, yes), self.run.run_id)
            self.session.commit(f"inquest: {'yes' if yes else 'no'}", facts=[fact])

    def _confirmed(self, cause: str) -> None:
        """The user is sure of the cause: the shares are learned from it."""
        if self.run is not None:
            fact = Fact(self.session.clock(), CauseConfirmed(cause), self.run.run_id)
            self.session.commit("the cause is sure" if cause else "the cause is open again", facts=[fact])

    def _ended(self, worked: bool) -> None:
        """How a repair ended: the chances of its way are learned from it."""
        run, placed_id = self.run, self.picture.chosen
        waits = next((w for w in waiting_repairs(self.session.answers.facts) if w.placed_id == placed_id), None)
        if run is not None and waits is not None:
            fact = Fact(self.session.clock(), RepairEnded(placed_id, waits.way, worked), run.run_id)
            self.session.commit(f"repair {'held' if worked else 'lost'}", facts=[fact])

    def record(self) -> None:
        """Write every part's outcome and choice; what failed and is not mended is owed again by itself."""
        run, plate = self.run, self.plate
        if run is not None and plate is not None and run.state == "hanging":
            failed = sum(o.outcome == FAILED for o in self.outcomes.values())
            facts = [*self._outcome_facts(run), *self._choice_facts(run, plate)]
            self.recorded.emit()
            self.session.commit(f"took off {plate.name}, {failed} failed", self._spares(plate), facts)

    def _outcome_facts(self, run: RunRecord) -> Iterable[Fact]:
        for placed_id, seen in self.outcomes.items():
            way = self.choices.get(placed_id)
            mended = way is not None and way.key in KEPT and seen.outcome == FAILED
            yield Fact(self.session.clock(), replace(seen, outcome=FLAWED) if mended else seen, run.run_id)

    def _choice_facts(self, run: RunRecord, plate: Plate) -> Iterable[Fact]:
        part_of = {p.id: p.part_id for p in plate.placed}
        for placed_id, way in self.choices.items():
            chosen = RepairChosen(placed_id, part_of[placed_id], way.key)
            yield Fact(self.session.clock(), chosen, run.run_id)

    def _spares(self, plate: Plate) -> list[Unit]:
        """Units with the spares that were chosen on their lists."""
        units: dict[str, Unit] = {}
        for placed in plate.placed:
            way, figure = self.choices.get(placed.id), self.session.plans.figures.get(placed.figure_id)
            if way is not None and way.spares and figure is not None:
                unit = units.get(figure.unit_id) or self.session.plans.units[figure.unit_id]
                more = {**unit.spares, placed.part_id: unit.spares.get(placed.part_id, 0) + way.spares}
                units[unit.id] = replace(unit, spares=more)
        return list(units.values())

    def choose_photograph(self) -> None:
        name, _ = FileDialog.getOpenFileName(
            self, "A photograph of the plate", "", "Pictures (*.jpg *.jpeg *.png *.webp)"
        )
        if name:
            self.attach(Path(name))

    def attach(self, path: Path) -> None:
        """A photograph into the book, made small enough to be kept."""
        run, book = self.run, self.session.book
        if run is None or book is None:
            return
        try:
            blob = book.put_blob(read_photograph(path))
        except NumerusError as error:
            self.session.failed.emit(error)
            return
        fact = Fact(self.session.clock(), PhotographTaken(blob), run.run_id)
        self.session.commit("photograph of a plate", facts=[fact])

    def _show_photograph(self, run: RunRecord) -> None:
        own = (f.event for f in self.session.answers.facts if f.subject == run.run_id)
        blobs = [e.blob for e in own if isinstance(e, PhotographTaken)]
        if blobs[-1:] != self.photographed and self.session.book is not None:
            self.photographed, picture = blobs[-1:], QPixmap()
            if blobs and picture.loadFromData(self.session.book.blob(blobs[-1])):
                picture = picture.scaledToHeight(40, Qt.TransformationMode.SmoothTransformation)
            self.photo.setPixmap(picture)
        self.photo_button.setText(
            f"{counted(len(blobs), 'photograph')}; another …" if blobs else "Attach a photograph …"
        )


def _way_says(way: Way, money: str, best: bool) -> str:
    machine = f"machine {span(way.machine_min)}, " if way.machine_min else ""
    when = f", there in {way.days:.1f} days" if way.days else ""
    advised, chance = "Advised. " if best else "", min(way.chance, MOST_SURE)
    return f"{advised}{machine}hands {span(way.hands_min)}, {money_text(way.pence, money)}{when}; {_held(way, chance)}"


def _held(way: Way, chance: float) -> str:
    """How sure it is, and where that is from."""
    source = {None: "", (0, 0): ", a guess until tried"}.get(way.record, "")
    if way.record and way.record[1]:
        source = f", {way.record[0]} of {way.record[1]} held"
    return f"holds {chance:.0%}{source}"
