"""Muster: will it be ready? The forecast, the units, the week."""

from __future__ import annotations

from datetime import date

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QAbstractItemView, QBoxLayout, QGridLayout, QStackedWidget, QTableWidgetItem, QWidget

from numerus.desk.context import Context
from numerus.desk.stages.muster.evenings_page import EveningsPage
from numerus.desk.stages.muster.forecast_pictures import Outcomes, UnitsTable
from numerus.desk.stages.muster.state import DAYS, DayWords, MusterState, WeekWords
from numerus.desk.stages.muster.tried_pictures import Levers, Movers
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.date_line import DateLine
from numerus.desk.widgets.layout import button, column, label, panel, row, rule
from numerus.desk.widgets.worded import LineEdit, SpinBox, TableWidget
from numerus.errors import NumerusError

NUMBERS = (1, 2, 5)  # columns of the units that are numbers


class MusterBench(Bench):
    stage = "muster"

    def __init__(self, context: Context, new_army, add_unit, edit_unit) -> None:  # type: ignore[no-untyped-def]
        self._new_army, self._add_unit, self._edit_unit = new_army, add_unit, edit_unit
        self.state = MusterState(context.session.answers)
        super().__init__(context)
        self.title.setText("Will it be ready?")
        self.tab_buttons = []
        for number, words in enumerate(("Forecast", "Evenings", "Units", "Week")):
            tab = self.add_button(words, lambda n=number: self.show_tab(n), "tab")
            tab.setCheckable(True)
            tab.setAutoExclusive(True)
            tab.setChecked(number == 0)
            self.tab_buttons.append(tab)

    def build(self) -> QBoxLayout:
        self.tabs = QStackedWidget()
        lower = row(Movers(self.context), Levers(self.context), gap=28)
        lower.setStretch(0, 6)
        lower.setStretch(1, 5)
        self.trouble, self.units = label("", "fault", True), UnitsTable(self.context)
        forecast = column(
            self.trouble,
            Outcomes(self.context),
            rule(),
            lower,
            rule(),
            self.units,
            gap=8,
            margins=(20, 4, 20, 12),
        )
        forecast.setStretch(1, 5)
        forecast.setStretch(3, 3)
        forecast.setStretch(5, 4)
        self.tabs.addWidget(panel(forecast, "bench"))
        self.evenings = EveningsPage(self.context)
        self.tabs.addWidget(self.evenings)
        self.tabs.addWidget(panel(self._units_page(), "bench"))
        self.tabs.addWidget(panel(self._week_page(), "bench"))
        return column(self.tabs, gap=0)

    def show_tab(self, number: int) -> None:
        self.tabs.setCurrentIndex(number)
        self.evenings.refresh()

    def _units_page(self) -> QBoxLayout:
        self.table = TableWidget(0, 6)
        self.table.setHorizontalHeaderLabels(["Unit", "Figures", "Base mm", "Kit", "Painted to", "Bought price"])
        self.table.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        self.table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.table.verticalHeader().hide()
        self.table.setShowGrid(False)
        self.table.setAccessibleName("Units of the army")
        self.table.horizontalHeader().setStretchLastSection(True)
        self.table.setColumnWidth(0, 230)
        self.table.cellDoubleClicked.connect(lambda *_: self._edit_unit(self.session.unit_id))
        self.table.itemSelectionChanged.connect(self._unit_chosen)
        self.bases = label("", "", True)
        buttons = row(
            button("Add a unit", self._add_unit, "main", "A unit: figures that fight together (Ctrl+U)"),
            button("Change this unit", lambda: self._edit_unit(self.session.unit_id)), -1,
        )  # fmt: skip
        return column(
            label("Who is in the army: units with their count, base and kit.", "note"),
            self.table,
            self.bases,
            buttons,
            gap=8,
            margins=(20, 8, 20, 12),
        )

    def _unit_chosen(self) -> None:
        item = self.table.item(self.table.currentRow(), 0)
        if item is not None:
            self.session.select(item.data(Qt.ItemDataRole.UserRole))

    def _week_page(self) -> QBoxLayout:
        grid = QGridLayout()
        grid.setHorizontalSpacing(16)
        for at, words in enumerate(("", "Hobby minutes", "from", "At home and awake (24 h clock)")):
            grid.addWidget(label(words, "note"), 0, at)
        self.hobby, self.begins, self.home = [], [], []
        for number, name in enumerate(DAYS):
            minutes, begin, home = SpinBox(), LineEdit(), LineEdit()
            minutes.setRange(0, 900)
            minutes.setSuffix(" min")
            for widget, words in (
                (minutes, "hobby minutes"),
                (begin, "hobby time from"),
                (home, "hours at home and awake"),
            ):
                widget.setAccessibleName(f"{name}, {words}")
            home.setPlaceholderText("7:00-8:00, 18:00-23:00")
            for at, cell in enumerate((label(name), minutes, begin, home)):
                grid.addWidget(cell, number + 1, at)
            self.hobby.append(minutes)
            self.begins.append(begin)
            self.home.append(home)
        self.ready_by, self.kept = DateLine("Ready by", self.session.now.date()), SpinBox()
        self.kept.setRange(5, 100)
        self.kept.setSuffix(" % of evenings kept")
        self.kept.setAccessibleName("Share of evenings kept")
        self.week_fault = label("", "fault", True)
        self.tub, self.lamp, self.zone = SpinBox(), SpinBox(), LineEdit()
        for spin, words in ((self.tub, "Parts washed at once"), (self.lamp, "Parts cured at once")):
            spin.setRange(1, 500)
            spin.setAccessibleName(words)
        self.zone.setAccessibleName("Time zone")
        self.zone.setPlaceholderText("this computer's time zone; else like Europe/London")
        self.zone.setMinimumWidth(330)
        floor = row(
            label("The tub takes"), self.tub, label("parts, the lamp"), self.lamp, 24, label("Clocks of"), self.zone, -1
        )
        self.people = SpinBox()
        self.people.setRange(1, 6)
        self.people.setSuffix(" at the bench")
        self.people.setAccessibleName("People at the bench in hobby time")
        top = row(label("Ready by"), self.ready_by, 24, self.kept, 24, self.people, -1)
        keep = button("Keep this week", self.keep_week, "main", "The forecast and the watch bill follow at once")
        note = label(
            "Machines are started and met only while someone is at home and awake; hands work in hobby time.", "note"
        )
        days = QWidget()
        days.setLayout(grid)
        return column(top, 8, days, 8, floor, note, self.week_fault, row(keep, -1), -1, gap=6, margins=(20, 12, 20, 12))

    def keep_week(self) -> None:
        """Write the week and date into the army, or say what is wrong with them."""
        if self.ready_by.day is None:
            self.week_fault.setText("The date cannot be read: write it like 28 Apr 2026.")
            return
        try:
            changed = self.state.with_week(self._typed(self.ready_by.day))
        except NumerusError as error:
            self.week_fault.setText(str(error))
            return
        self.week_fault.setText("")
        self.session.commit("change the week", [changed])

    def _typed(self, ready_by: date) -> WeekWords:
        cells = zip(self.hobby, self.begins, self.home, strict=True)
        days = [DayWords(minutes.value(), begin.text(), home.text()) for minutes, begin, home in cells]
        return WeekWords(
            days,
            ready_by,
            self.kept.value(),
            self.tub.value(),
            self.lamp.value(),
            self.zone.text(),
            self.people.value(),
        )

    def refresh(self) -> None:
        self.state.look(self.session.answers)
        if self.state.army is None:
            self.show_empty(
                "No army is mustered in this book. An army has a name, a date and the hours there are; its units have figures.",
                button("Start an army", self._new_army, "main"),
            )
            return
        self.show_full()
        self.trouble.setText(self.state.trouble)
        self.trouble.setVisible(bool(self.state.trouble))
        self.evenings.refresh()
        self._fill_units()
        self._fill_week()
        for picture in (*self.tabs.widget(0).findChildren(Outcomes), self.units):
            picture.update()

    def _fill_units(self) -> None:
        rows = self.state.unit_rows
        self.units.base_words = self.state.base_words
        self.bases.setText(self.state.bases_words)
        self.bases.setVisible(bool(self.state.bases_words))
        self.table.blockSignals(True)
        self.table.setRowCount(len(rows))
        for at, (unit_id, cells) in enumerate(rows):
            for column_at, words in enumerate(cells):
                self.table.setItem(at, column_at, _cell(unit_id, words, column_at in NUMBERS))
            if unit_id == self.session.unit_id:
                self.table.selectRow(at)
        self.table.blockSignals(False)

    def _fill_week(self) -> None:
        week = self.state.week
        if week is None:
            return
        self.ready_by.set_day(week.ready_by)
        for spin, number in ((self.kept, week.kept_percent), (self.tub, week.tub_parts), (self.lamp, week.lamp_parts)):
            spin.setValue(number)
        self.zone.setText(week.time_zone)
        self.people.setValue(week.people)
        for minutes, begin, home, day in zip(self.hobby, self.begins, self.home, week.days, strict=True):
            minutes.setValue(day.hobby_minutes)
            begin.setText(day.hobby_from)
            home.setText(day.home)


def _cell(unit_id: str, words: str, number: bool) -> QTableWidgetItem:
    item = QTableWidgetItem(words)
    item.setData(Qt.ItemDataRole.UserRole, unit_id)
    if number:
        item.setTextAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
    return item
