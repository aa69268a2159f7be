"""Plate: what lies on each plate, what the run will take, and what is owed that lies on none."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtWidgets import QBoxLayout, QCheckBox, QComboBox, QFileDialog, QListWidget, QListWidgetItem

from numerus.book.book import Removed
from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.deeds import Deeds
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.drawing import hold
from numerus.desk.widgets.layout import button, column, label, panel, row
from numerus.desk.widgets.platepicture import PlatePicture
from numerus.errors import NumerusError
from numerus.geometry.mesh import merged
from numerus.geometry.writing import write_3mf, write_stl
from numerus.kit.completeness import Completeness, completeness, missing_for, sentence
from numerus.ledger.plating import Batch, Batching, owed_copies, owed_spares, plate_meshes, plates_for
from numerus.resin.plate import Placed, Plate
from numerus.resin.profiles import Machine
from numerus.words import counted, span

ALL = "all"
STATE_WORDS = {
    "": "waits",
    "printing": "prints",
    "hanging": "ended",
    "printed": "to wash",
    "washed": "to cure",
    "cured": "done",
}


class PlateBench(Bench):
    stage = "plate"
    bettered = pyqtSignal(object)

    def __init__(self, context: Context, deeds: Deeds) -> None:
        self.deeds = deeds
        self.plate_id = ""
        super().__init__(context)
        self.make_button = self.add_button(
            "Make plates for this unit", self.make_plates, "main", "Packs everything the unit is owed"
        )
        self.batch_button = self.add_button(
            "Batch all units", self.make_batch, "", "What all units are owed, tall with tall whoever they belong to"
        )
        self.picture.tapped.connect(self._tapped)
        self.bettered.connect(self._better)
        self.picture.says = self._says

    def build(self) -> QBoxLayout:
        self.picture = PlatePicture(self.context)
        self.listing = QListWidget()
        self.listing.setAccessibleName("Plates")
        hold(self.theme, self.listing, "setFixedWidth", 252)
        self.listing.currentItemChanged.connect(self._chosen)
        self.on = QComboBox()
        self.on.setAccessibleName("Machine")
        self.on.setMinimumWidth(216)
        self.spares = QCheckBox("and spares by what fails")
        self.spares.setChecked(True)
        self.spares.setToolTip(
            "As many spares of each part as failures are to be expected; a good spare takes a failed one's place"
        )
        self.numbers = label("", "", True)
        self.tapped_words = label("Tap a part to see whose it is.", "note", True)
        self.line = label("", "strong", True)
        side = column(row(label("on"), self.on, -1), self.spares, self.listing, self.numbers, self.tapped_words, gap=8)
        side.setStretch(2, 1)
        body = row(self.picture, side, gap=16, margins=(16, 4, 16, 8))
        body.setStretch(0, 1)
        self.apart = button("Take apart", self.take_apart, tip="The plate's parts are owed again; undo brings it back")
        self.out = button("Export the plate", self.export, tip="STL or 3MF, parts with supports where they stand")
        self.queue = button("To the watch bill", lambda: self.session.go("print"))
        foot = row(self.line, 16, self.apart, self.out, self.queue, margins=(16, 12, 16, 12))
        foot.setStretch(0, 1)
        drawer = panel(foot, "drawer")
        drawer.layout().setStretch(0, 1)
        whole = column(body, drawer, gap=0)
        whole.setStretch(0, 1)
        return whole

    @property
    def plate(self) -> Plate | None:
        return self.session.plans.plates.get(self.plate_id)

    def _state(self, plate: Plate) -> str:
        return next((r.state for r in self.session.answers.standing.runs.values() if r.plate_id == plate.id), "")

    def refresh(self) -> None:
        plans, unit = self.session.plans, self.session.unit
        if unit is None:
            self.show_empty(
                "Plates are made for a unit. Muster one first.", button("Add a unit", self.deeds.add_unit, "main")
            )
            return
        self.show_full()
        self.title.setText("Plate: " + unit.name.rpartition(", ")[2])
        owed = owed_copies(plans, self.session.answers.standing, unit.id)
        spares = owed_spares(plans, unit.id)
        words = f"{len(owed)} parts of this unit are owed" if owed else "nothing posed is owed"
        self.subtitle.setText(f"{words}, and {counted(len(spares), 'spare')}" if spares else words)
        self.make_button.setEnabled(bool(owed or spares) and not self.context.jobs.busy)
        standing = self.session.answers.standing
        waits = any(owed_copies(plans, standing, u) or owed_spares(plans, u) for u in plans.units)
        self.batch_button.setEnabled(waits and len(plans.units) > 1 and not self.context.jobs.busy)
        chosen = self.on.currentData()
        self.on.clear()
        if len(plans.machines) > 1:
            self.on.addItem("all machines", ALL)
        for machine in plans.machines.values():
            self.on.addItem(f"{machine.name}, {machine.plate_x_mm:g} × {machine.plate_y_mm:g} mm", machine.id)
        self.on.setCurrentIndex(max(self.on.findData(chosen), 0))
        self._fill_listing(unit.id)
        self._show()
        accounted = {c for c, s in self.session.answers.standing.copies.items() if s.state != "owed"}
        found = completeness(unit, plans.figures_of(unit.id), accounted)
        self.line.setText(f"{sentence(found, plans.figures, plans.parts)} {self._missing_words(found)}".strip())

    def _missing_words(self, found: Completeness) -> str:
        """What figures on the shown plate still miss when it is closed."""
        plate, figures = self.plate, self.session.plans.figures
        if plate is None or self._state(plate) != "":
            return ""
        own = {f.id for f in self.session.plans.figures_of(self.session.unit_id)}
        copies = [(p.figure_id, p.slot) for p in plate.placed if p.figure_id in own]
        left = missing_for(copies, found, figures)
        if not copies:
            return ""
        if not left:
            return f"Figures on {plate.name} miss nothing else."
        named = [f"{figures[i].name} {', '.join(slots)}" for i, slots in left.items()]
        return f"Close {plate.name} now, and {counted(len(left), 'figure')} still miss parts: {'; '.join(named[:3])}{' …' if len(named) > 3 else ''}."

    def _fill_listing(self, unit_id: str) -> None:
        """Plates that hold something of the unit, newest first, then the others."""
        plans = self.session.plans
        mine = {f.id for f in plans.figures_of(unit_id)}
        plates = sorted(plans.plates.values(), key=lambda p: (not any(x.figure_id in mine for x in p.placed), -p.order))
        if self.plate is None or not any(x.figure_id in mine for x in self.plate.placed):
            self.plate_id = plates[0].id if plates else ""
        self.listing.blockSignals(True)
        self.listing.clear()
        for plate in plates:
            item = QListWidgetItem(
                f"{plate.name}\n{counted(len(plate.placed), 'part')}, {span(plate.minutes)}, {STATE_WORDS[self._state(plate)]}"
            )
            item.setData(Qt.ItemDataRole.UserRole, plate.id)
            self.listing.addItem(item)
            if plate.id == self.plate_id:
                self.listing.setCurrentItem(item)
        self.listing.blockSignals(False)

    def _chosen(self, item: QListWidgetItem | None) -> None:
        if item is not None:
            self.plate_id = item.data(Qt.ItemDataRole.UserRole)
            self._show()

    def _show(self) -> None:
        plate = self.plate
        machine = self.session.plans.machines.get(plate.machine_id) if plate else None
        self.picture.show_plate(plate, machine)
        for widget in (self.apart, self.out, self.queue):
            widget.setEnabled(plate is not None)
        if plate is None or machine is None:
            self.numbers.setText(
                "No plate yet. Make plates for this unit: tall parts go with tall ones, weak spots are kept clear."
            )
            return
        self.apart.setEnabled(self._state(plate) == "")
        self.numbers.setText(_numbers(plate, machine))

    def _says(self, placed: Placed) -> str:
        figure = self.session.plans.figures.get(placed.figure_id)
        part = self.session.plans.parts.get(placed.part_id)
        return f"{figure.name if figure else 'spare'}: {placed.slot}, {part.name if part else '?'}"

    def _tapped(self, placed_id: str) -> None:
        placed = next((p for p in self.plate.placed if p.id == placed_id), None) if self.plate else None
        if placed is not None:
            self.picture.chosen = placed_id
            self.tapped_words.setText(self._says(placed))
            self.picture.update()

    def make_plates(self) -> None:
        """Pack what the selected unit is owed, as a job; one edit."""
        if self.session.unit is not None:
            self._pack([self.session.unit_id])

    def make_batch(self) -> None:
        """Pack what all units are owed together."""
        self._pack([u.id for u in self.session.plans.units_in_order()])

    def _pack(self, unit_ids: list[str]) -> None:
        plans, standing = self.session.plans, self.session.answers.standing
        chosen = self.on.currentData()
        machines = [m for m in plans.machines.values() if m.in_service and chosen in (ALL, m.id)]
        if not machines:
            self.deeds.noted.emit("There is no machine in service in this book: plates need one.")
            return
        owed = {i for u in unit_ids for f, s in owed_copies(plans, standing, u) for i in (plans.figures[f].build[s],)}
        owed |= {i for u in unit_ids for i in owed_spares(plans, u)}
        poses = [p.pose for i in owed if (p := plans.parts[i]).pose is not None]
        meshes = {pose.supported_blob: self.session.mesh(pose.supported_blob) for pose in poses}
        batching = Batching(
            plans, standing, machines, meshes.__getitem__, new_id, self.session.now, self.spares.isChecked()
        )
        self.context.jobs.start(
            "plates", "Packing plates",
            lambda progress: plates_for(batching, unit_ids, progress, self.bettered.emit), self._made,
        )  # fmt: skip

    def _better(self, batch: Batch) -> None:
        """The best so far, to be looked at while better ones are sought."""
        self.numbers.setText(f"So far: {batch.says}")
        self.picture.show_plate(batch.plates[0], self.session.plans.machines.get(batch.plates[0].machine_id))

    def _made(self, batch: Batch) -> None:
        plates = list(batch.plates)
        self.plate_id = plates[0].id
        if self.session.commit(f"{counted(len(plates), 'plate')}: {plates[0].name}", plates):
            self.deeds.noted.emit(batch.says)

    def take_apart(self) -> None:
        if self.plate is not None:
            self.session.commit(f"take apart {self.plate.name}", [Removed("plate", self.plate_id)])

    def export(self) -> None:
        if self.plate is None:
            return
        name, _ = QFileDialog.getSaveFileName(
            self, "Export the plate", f"{self.plate.name}.3mf", "3MF (*.3mf);;STL (*.stl)"
        )
        if name:
            try:
                self.write(Path(name))
            except NumerusError as error:
                self.session.failed.emit(error)

    def write(self, path: Path) -> None:
        """The chosen plate as one file."""
        assert self.plate is not None
        named = plate_meshes(self.plate, self.session.plans, self.session.mesh)
        if path.suffix.lower() == ".stl":
            write_stl(merged([mesh for _, mesh in named]), path)
        else:
            write_3mf(named, path)


def _numbers(plate: Plate, machine: Machine) -> str:
    """What the run takes, with the vat before and after."""
    left = machine.vat_full_ml - plate.resin_ml
    warn = "" if left >= machine.vat_min_ml else f" Below the vat's {machine.vat_min_ml:.0f} ml: refill on the way."
    return (
        f"{span(plate.minutes)} on {machine.name}: the tallest part, {plate.height_mm:.1f} mm, decides it alone. "
        f"{plate.resin_ml:.0f} ml of resin with supports and what clings; a full vat of {machine.vat_full_ml:.0f} ml falls to {left:.0f}.{warn}"
    )
