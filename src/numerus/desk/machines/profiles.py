"""Machines, resins and films: their profiles, calibration by test pieces, and what of them is changed or bought."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from PyQt6.QtWidgets import QListWidgetItem, QWidget

from numerus.book.book import Removed
from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.machines.calibrate import CalibratePage
from numerus.desk.machines.care_page import CarePage
from numerus.desk.machines.sheet import ProfileSheet
from numerus.desk.session import JOURNAL
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import ComboBox, FileDialog, LineEdit, ListItem, ListWidget, TabWidget
from numerus.domain.journal import Fact, FilmChanged, ScreenChanged
from numerus.domain.printing.machines import Bottle, Film, Machine, Resin
from numerus.domain.printing.plates import Plate
from numerus.errors import NumerusError
from numerus.printing.machines.profile_files import Profile, checked, kind_of, read_profile, write_profile
from numerus.progress.printing.plating import with_waiting_plates
from numerus.starter.shipped_profiles import shipped_profiles

LITRE = 1000.0


class ProfilesDialog(Dialog):
    """A list at the left; at the right the chosen one's numbers, and for a machine its calibration."""

    def __init__(self, context: Context, parent: QWidget) -> None:
        super().__init__(parent)
        self.context, self.session = context, context.session
        self.setWindowTitle("Machines and stores")
        self.resize(940, 740)
        self.profile: Machine | Resin | None = None
        self.listing = ListWidget()
        self.listing.setAccessibleName("Machines and resins")
        self.listing.setFixedWidth(220)
        self.listing.currentItemChanged.connect(self._chosen)
        self.shipped = ComboBox()
        self.shipped.setAccessibleName("Examples that come with the program")
        for profile in shipped_profiles():
            self.shipped.addItem(f"{profile.name} ({type(profile).__name__.lower()})", profile)
        self.fault, self.note = label("", "fault", True), label("", "note", True)
        self.name = LineEdit()
        self.name.setAccessibleName("Name")
        self.tabs, self.calibrate, self.care = TabWidget(), CalibratePage(context), CarePage(context.session)
        self.calibrate.corrected.connect(self._calibrated)
        self.setLayout(self._body())
        self.session.changed.connect(self._changed)
        self.refresh()

    def _body(self):  # type: ignore[no-untyped-def]
        self.sheet = ProfileSheet(self.context)
        self.tabs.addTab(self.sheet, "Profile")
        self.tabs.addTab(self.calibrate, "Calibrate")
        self.tabs.addTab(self.care, "Care")
        left = column(
            self.listing, row(button("Copy", self.copy), button("Remove", self.remove)), 8,
            self.shipped, row(button("Add", self.add_shipped), button("Import …", self.ask_import)), gap=6,
        )  # fmt: skip
        self.film_button = button(
            "Film changed", lambda: self._replaced(FilmChanged()), "", "Its layers are counted anew from today"
        )
        self.screen_button = button("Screen changed", lambda: self._replaced(ScreenChanged()))
        self.bottle_button = button("A litre bought", self.buy, "", "A bottle on the shelf")
        foot = row(
            self.film_button, self.screen_button, self.bottle_button, -1, button("Export …", self.ask_export),
            button("Save", self.save, "main"),
        )  # fmt: skip
        right = column(self.name, self.tabs, self.note, self.fault, foot, gap=6)
        right.setStretch(1, 1)
        body = row(left, right, gap=14, margins=(14, 14, 14, 14))
        body.setStretch(1, 1)
        return body

    def _changed(self, about: frozenset[str]) -> None:
        if about & {"machine", "resin", "bottle", JOURNAL}:
            self.refresh()

    def refresh(self) -> None:
        plans = self.session.plans
        keep = self.profile.id if self.profile else ""
        self.listing.blockSignals(True)
        self.listing.clear()
        listed: list[Machine | Resin] = [*plans.machines.values(), *plans.resins.values()]
        for profile in listed:
            item = ListItem(profile.name)
            item.setData(256, profile.id)
            self.listing.addItem(item)
        rows = [self.listing.item(n).data(256) for n in range(self.listing.count())]
        self.listing.setCurrentRow(rows.index(keep) if keep in rows else 0)
        self.listing.blockSignals(False)
        self._chosen(self.listing.currentItem())

    def _chosen(self, item: QListWidgetItem | None) -> None:
        plans = self.session.plans
        key = item.data(256) if item is not None else ""
        self.profile = plans.machines.get(key) or plans.resins.get(key)
        machine = self.profile if isinstance(self.profile, Machine) else None
        light = machine is not None and not machine.is_dry
        for pressed_button, seen in (
            (self.film_button, light),
            (self.screen_button, light),
            (self.bottle_button, machine is None),
        ):
            pressed_button.setVisible(seen)
        self.tabs.setTabEnabled(1, light)
        self.tabs.setTabEnabled(2, machine is not None)
        self.fault.setText("")
        if self.profile is not None:
            self.name.setText(self.profile.name)
            self.sheet.show_profile(self.profile)
        if machine is not None:
            self.calibrate.show_machine(machine)
            self.care.show_machine(machine)

    def edited(self) -> Machine | Resin | None:
        """The profile as it stands in the cells."""
        return replace(self.sheet.edited(), name=self.name.text().strip()) if self.profile else None

    def save(self) -> None:
        edited = self.edited()
        if edited is None:
            return
        try:
            checked(edited)
        except NumerusError as error:
            self.fault.setText(error.message)
            return
        self.session.commit(f"profile of {edited.name}", self._with_plates(edited))
        self.note.setText("Saved. Plates that wait take what they take on it now; the watch bill is planned anew.")

    def _with_plates(self, profile: Profile) -> list[Profile | Plate]:
        """The profile, and the plates whose minutes follow a machine's new settings."""
        if not isinstance(profile, Machine):
            return [profile]
        return [*with_waiting_plates(profile, self.session.plans, self.session.answers.standing)]

    def add(self, profile: Profile) -> None:
        """A profile into the book; a film is fitted to the chosen machine."""
        if isinstance(profile, Film):
            if isinstance(self.profile, Machine):
                fitted = replace(
                    self.profile, film=profile.name, film_layers=profile.layers, film_pull=profile.pull_share
                )
                fact = Fact(self.session.clock(), FilmChanged(), fitted.id)
                self.session.commit(f"{profile.name} on {fitted.name}", self._with_plates(fitted), [fact])
            return
        there = {**self.session.plans.machines, **self.session.plans.resins}
        fresh = replace(profile, id=new_id()) if profile.id in there else profile
        self.session.commit(f"add {profile.name}", [fresh])

    def copy(self) -> None:
        """Another like the chosen one, to be changed."""
        if self.profile is not None:
            self.add(replace(self.profile, name=f"{self.profile.name}, another"))

    def remove(self) -> None:
        """Its plates go to other machines they fit, or wait with the reason; undo brings it back."""
        profile = self.profile
        if profile is not None:
            self.profile = None
            self.session.commit(f"remove {profile.name}", [Removed(kind_of(profile), profile.id)])

    def add_shipped(self) -> None:
        self.add(self.shipped.currentData())

    def ask_import(self) -> None:
        name, _ = FileDialog.getOpenFileName(self, "A profile", "", "Profiles (*.json)")
        if name:
            self.take_in(Path(name))

    def take_in(self, path: Path) -> None:
        try:
            self.add(read_profile(path))
            self.fault.setText("")
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}")

    def ask_export(self) -> None:
        name, _ = FileDialog.getSaveFileName(
            self, "The profile as a file", f"{self.name.text()}.json", "Profiles (*.json)"
        )
        if name:
            self.write(Path(name))

    def write(self, path: Path) -> None:
        edited = self.edited()
        try:
            if edited is not None:
                write_profile(edited, path)
        except NumerusError as error:
            self.fault.setText(error.message)

    def _replaced(self, what: FilmChanged | ScreenChanged) -> None:
        if self.profile is not None:
            self.session.commit(
                f"{self.profile.name}: {what.kind.replace('-', ' ')}",
                facts=[Fact(self.session.clock(), what, self.profile.id)],
            )

    def buy(self) -> None:
        if isinstance(self.profile, Resin):
            bottle = Bottle(new_id(), self.profile.id, LITRE, self.session.now.date())
            self.session.commit(f"a litre of {self.profile.name}", [bottle])

    def _calibrated(self, machine: Machine) -> None:
        self.session.commit(f"{machine.name} calibrated", self._with_plates(machine))
        self.note.setText("Taken over. The next test piece shows whether it is right.")


def show_profiles(context: Context, parent: QWidget) -> None:
    ProfilesDialog(context, parent).exec()
