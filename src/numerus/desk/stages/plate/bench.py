"""Plate: what lies on each plate, what the run will take, and what is owed that lies on none."""

from __future__ import annotations

from collections import Counter
from pathlib import Path

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtWidgets import QBoxLayout

from numerus.book.book import Removed
from numerus.book.intake import new_id
from numerus.desk.actions import Actions
from numerus.desk.context import Context
from numerus.desk.stages.plate.export import FORMS, PlateExport, whose
from numerus.desk.stages.plate.graph import PlateGraph
from numerus.desk.stages.plate.hand import PlateHand
from numerus.desk.stages.plate.known_layers import KnownLayers, Packed
from numerus.desk.stages.plate.state import PlateState
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.drawing import hold
from numerus.desk.widgets.layout import button, column, label, panel, row
from numerus.desk.widgets.platepicture import Layer, PlatePicture
from numerus.desk.widgets.worded import CheckBox, ComboBox, FileDialog, ListItem, ListWidget
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.errors import Cancelled, NumerusError, Progress
from numerus.geometry.solids.columns import Columns
from numerus.geometry.solids.layers import layer_bitmap
from numerus.printing.plates.kept_layers import packed_layers
from numerus.printing.plates.plate_layers import part_layers, plate_columns, plate_layers
from numerus.progress.printing.batching import Batch, Batching, plates_for
from numerus.progress.printing.plating import plate_meshes
from numerus.words import counted


class PlateBench(Bench):
    stage = "plate"
    bettered = pyqtSignal(object)

    def __init__(self, context: Context, user_actions: Actions) -> None:
        self.user_actions = user_actions
        self.state = PlateState(context.session.answers)
        self.hand = PlateHand(context, self.state, lambda: self.picture.update())
        self.out_of = PlateExport(context, user_actions.noted.emit)
        self._layers = KnownLayers(context.session)
        self._columns: tuple[str, Columns] | None = None
        super().__init__(context)
        self.make_button = self.add_button(
            "Make plates for this unit", self.make_plates, "main", "Packs everything the unit is owed"
        )
        self.batch_button = self.add_button(
            "Batch all units", self.make_batch, "", "What all units are owed, tall with tall whoever they belong to"
        )
        self.picture.tapped.connect(self._tapped)
        self.picture.dragged.connect(self.hand.moved)
        self.graph.scrubbed.connect(self._scrubbed)
        self.bettered.connect(self._better)
        self.picture.description = self._says

    def build(self) -> QBoxLayout:
        self.picture = PlatePicture(self.context)
        self.listing = ListWidget()
        self.listing.setAccessibleName("Plates")
        hold(self.theme, self.listing, "setFixedWidth", 252)
        self.listing.currentItemChanged.connect(self._chosen)
        self.on = ComboBox()
        self.on.setAccessibleName("Machine")
        self.on.setMinimumWidth(216)
        self.spares = CheckBox("and spares by what fails")
        self.spares.setChecked(True)
        self.spares.setToolTip(
            "As many spares of each part as failures are to be expected; a good spare takes a failed one's place"
        )
        self.numbers = label("", "", True)
        self.tapped_words = label("Tap a part to see whose it is.", "note", True)
        self.line = label("", "strong", True)
        self.graph = PlateGraph(self.theme)
        side = column(row(label("on"), self.on, -1), self.spares, self.listing, self.numbers, self.graph, gap=8)
        side.setStretch(2, 1)
        left = column(self.picture, self._hand_row(), gap=6)
        left.setStretch(0, 1)
        body = row(left, side, gap=16, margins=(16, 4, 16, 8))
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

    def _hand_row(self) -> QBoxLayout:
        """What can be done with the part that was tapped."""
        left, right = (
            button("↺", lambda: self.hand.turn(1), "", "Turn it left"),
            button("↻", lambda: self.hand.turn(-1), "", "Turn it right"),
        )
        for made_button, words in ((left, "Turn it left"), (right, "Turn it right")):
            made_button.setAccessibleName(words)
        self.lock_button = button("Keep here", self.hand.lock, "", "It stays when the others are packed anew")
        self.swap_button = button("Swap", self._begin_swap, "", "Then tap the part it changes places with")
        self.away_button = button("Take off", self.hand.take_off, "", "It is owed again")
        self.of_part = (left, right, self.lock_button, self.swap_button, self.away_button)
        self.pack_button = button("Pack anew", self.hand.pack, "", "All that is not kept where it lies")
        whole = row(self.tapped_words, *self.of_part, 8, self.pack_button, gap=6)
        whole.setStretch(0, 1)
        return whole

    def refresh(self) -> None:
        plans, unit = self.session.plans, self.session.unit
        if unit is None:
            self.show_empty(
                "Plates are made for a unit. Muster one first.",
                button("Add a unit", self.user_actions.add_unit, "main"),
            )
            return
        self.show_full()
        state = self.state
        state.look(self.session.answers, unit.id)
        self.title.setText("Plate: " + unit.name.rpartition(", ")[2])
        self.subtitle.setText(state.subtitle)
        self.make_button.setEnabled(state.owes and not self.context.jobs.busy)
        self.batch_button.setEnabled(state.any_unit_owes and len(plans.units) > 1 and not self.context.jobs.busy)
        chosen = self.on.currentData()
        self.on.clear()
        for words, machine_id in state.machines:
            self.on.addItem(words, machine_id)
        self.on.setCurrentIndex(max(self.on.findData(chosen), 0))
        self._fill_listing()
        self._show()
        self.line.setText(state.completeness)

    def _fill_listing(self) -> None:
        self.listing.blockSignals(True)
        self.listing.clear()
        for plate in self.state.plates:
            item = ListItem(self.state.line_of(plate))
            item.setData(Qt.ItemDataRole.UserRole, plate.id)
            self.listing.addItem(item)
            if plate.id == self.state.plate_id:
                self.listing.setCurrentItem(item)
        self.listing.blockSignals(False)

    def _chosen(self, item: ListItem | None) -> None:
        if item is not None:
            self.state.plate_id = item.data(Qt.ItemDataRole.UserRole)
            self._show()

    def _show(self) -> None:
        plate, machine = self.state.plate, self.state.machine
        self.picture.show_plate(plate, machine)
        for widget in (self.apart, self.out, self.queue):
            widget.setEnabled(plate is not None)
        if plate is None or machine is None:
            self.numbers.setText(self.state.numbers())
            return
        waits = self.state.waits(plate)
        if self.state.chosen is None:
            self.tapped_words.setText(
                "Tap a part to see whose it is; drag it to lie elsewhere."
                if waits
                else "Tap a part to see whose it is."
            )
        self.apart.setEnabled(waits)
        self.picture.by_hand, self.picture.layer = waits, None
        self.pack_button.setEnabled(waits)
        for push_button in self.of_part:
            push_button.setEnabled(waits and self.state.chosen is not None)
        self.numbers.setText(self.state.numbers())
        self._measure(plate, machine)

    def _measure(self, plate: Plate, machine: Machine) -> None:
        """The plate's layers: each part of it once, beside."""
        plans, resin = self.session.plans, self.session.plans.resin
        counts = Counter(pose.supported_blob for p in plate.placed if (pose := plans.pose_of(p)) is not None)
        posed = list(counts.items())
        new = [blob for blob, _ in posed if self._layers.of(blob, machine, resin) is None]
        read = self.session.mesh_reader()
        self.graph.show_layers(None)

        def work(progress: Progress) -> dict[str, Packed]:
            layers = {}
            for number, blob in enumerate(new):
                if not progress(number / len(new)):
                    raise Cancelled
                found = part_layers(read(blob), machine, resin)
                layers[blob] = found, packed_layers(found)
            return layers

        def done(measured: dict[str, Packed]) -> None:
            self._layers.keep(measured, machine, resin)
            if self.state.plate_id == plate.id:
                own = [
                    (layers, n) for blob, n in posed if (layers := self._layers.of(blob, machine, resin)) is not None
                ]
                whole = plate_layers(own, machine, resin)
                self.graph.show_layers(whole)
                self.numbers.setText(self.state.numbers(whole))

        if new:
            self.context.jobs.start("plate layers", "Measuring the plate", work, done)
        else:
            done({})

    def _scrubbed(self, height_mm: float) -> None:
        """A layer at the machine's own pixels; their columns are worked out when first asked."""
        plate, machine = self.state.plate, self.state.machine
        if plate is None or machine is None or height_mm < 0:
            self.picture.layer = None
            self.picture.update()
        elif self._columns is not None and self._columns[0] == repr(plate):
            self._show_layer(self._columns[1], height_mm)
        else:
            meshes, key = [m for _, m in plate_meshes(plate, self.session.plans, self.session.mesh)], repr(plate)

            def done(columns: Columns) -> None:
                self._columns = key, columns
                self._show_layer(columns, max(self.graph.height_mm, 0.0))

            pixel, layer = machine.pixel_mm, machine.layer_mm
            self.context.jobs.start(
                "columns", "Layers at the machine's pixels", lambda _: plate_columns(meshes, pixel, layer), done
            )

    def _show_layer(self, columns: Columns, height_mm: float) -> None:
        grid, tone = columns.grid, self.theme.colour("river")
        bitmap = layer_bitmap(columns, min(int(height_mm / grid.layer_mm), columns.layers - 1))
        origin = grid.x0_px * grid.pixel_mm, grid.y0_px * grid.pixel_mm
        self.picture.layer = Layer(bitmap, grid.pixel_mm, origin, (tone.red(), tone.green(), tone.blue()))
        self.picture.update()

    def _says(self, placed: Placed) -> str:
        return whose(placed, self.session.plans)

    def _begin_swap(self) -> None:
        self.state.swapping = self.state.placed_id
        self.tapped_words.setText("Tap the part it changes places with.")

    def _tapped(self, placed_id: str) -> None:
        state = self.state
        swapping, state.swapping = state.swapping, ""
        state.placed_id = self.picture.chosen = placed_id
        if swapping and swapping != placed_id:
            self.hand.swap(swapping, placed_id)
        placed = state.chosen
        if placed is not None and state.plate is not None:
            self.tapped_words.setText(f"{self._says(placed)}{', kept here' if placed.locked else ''}")
            self.lock_button.setText("Let it go" if placed.locked else "Keep here")
            for push_button in self.of_part:
                push_button.setEnabled(state.waits(state.plate))
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
        machines = self.state.machines_in_service(self.on.currentData())
        if not machines:
            self.user_actions.noted.emit("There is no machine in service in this book: plates need one.")
            return
        blobs, read = self.state.poses_owed(unit_ids), self.session.mesh_reader()
        batching = Batching(plans, standing, machines, read, new_id, self.session.now, self.spares.isChecked())
        self.context.jobs.start(
            "plates", "Packing plates",
            lambda progress: ([read(b) for b in blobs], plates_for(batching, unit_ids, progress, self.bettered.emit))[1],
            self._made,
        )  # fmt: skip

    def _better(self, batch: Batch) -> None:
        """The best so far, to be looked at while better ones are sought."""
        self.numbers.setText(f"So far: {batch.description}")
        self.picture.show_plate(batch.plates[0], self.session.plans.machines.get(batch.plates[0].machine_id))

    def _made(self, batch: Batch) -> None:
        plates = list(batch.plates)
        self.state.plate_id = plates[0].id
        if self.session.commit(f"{counted(len(plates), 'plate')}: {plates[0].name}", plates):
            self.user_actions.noted.emit(batch.description)

    def take_apart(self) -> None:
        plate = self.state.plate
        if plate is not None:
            self.session.commit(f"take apart {plate.name}", [Removed("plate", plate.id)])

    def export(self) -> None:
        plate = self.state.plate
        if plate is None:
            return
        name, form = FileDialog.getSaveFileName(self, "Export the plate", plate.name, ";;".join(FORMS))
        ending = form.partition("*")[2].rstrip(")")
        if name:
            name += "" if Path(name).suffix else ending
            try:
                self.write(Path(name))
            except NumerusError as error:
                self.session.failed.emit(error)

    def write(self, path: Path) -> None:
        """The chosen plate as one file, by its ending."""
        plate = self.state.plate
        assert plate is not None
        self.out_of.write(plate, self.session.plans.machines[plate.machine_id], path)
