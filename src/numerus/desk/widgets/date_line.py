"""A date as people write it: typed in any usual order, or chosen from a calendar in the window's own colours."""

from __future__ import annotations

import re
from datetime import date

from PyQt6.QtCore import QDate, QLocale, QPoint, Qt, pyqtSignal
from PyQt6.QtWidgets import QCalendarWidget, QHBoxLayout, QWidget

from numerus.desk.translate import tr
from numerus.desk.widgets.layout import button, label
from numerus.desk.widgets.worded import LineEdit
from numerus.domain.clock import date_of
from numerus.errors import PlanError
from numerus.language.figures import SHORT_MONTHS


def day_comes_first() -> bool:
    """Whether a bare 3/4 is the third of April here."""
    form = QLocale.system().dateFormat(QLocale.FormatType.ShortFormat).lower()
    return "m" not in form or form.find("d") < form.find("m") if "d" in form else True


def in_english(typed: str) -> str:
    """The names of months in the user's language as the parser knows them; what is typed in English stays."""
    locale = QLocale()
    for number, english in enumerate(SHORT_MONTHS, 1):
        for form in (QLocale.FormatType.LongFormat, QLocale.FormatType.ShortFormat):
            own = locale.monthName(number, form).rstrip(".")
            typed = re.sub(rf"\b{re.escape(own)}\b\.?", english, typed, flags=re.IGNORECASE)
    return typed


class DateLine(QWidget):
    """``day`` is None while what was typed is no date; beside the line stands how it is read. ``changed``: it is another."""

    changed = pyqtSignal()

    def __init__(self, name: str, today: date, day: date | None = None) -> None:
        super().__init__()
        self.today, self.day_first = today, day_comes_first()
        self.line, self.read_as = LineEdit(), label("", "note")
        self.line.setAccessibleName(name)
        self.line.setPlaceholderText("28 Apr 2026, 28/4/26, 2026-04-28")
        self.line.textEdited.connect(lambda _: self._typed())
        self.line.editingFinished.connect(self._settle)
        self.pick = button("Calendar", self._open, "", "Choose the day")
        self.pick.setAccessibleName(f"{name}: calendar")
        self.read_as.setMinimumWidth(110)
        layout = QHBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.addWidget(self.line, 1)
        layout.addWidget(self.pick)
        layout.addWidget(self.read_as)
        self.setFocusProxy(self.line)
        self.set_day(day or today)

    @property
    def day(self) -> date | None:
        try:
            return date_of(in_english(self.line.text()), self.today, self.day_first)
        except PlanError:
            return None

    def set_day(self, day: date) -> None:
        self.line.setText(tr(f"{day:%-d %b %Y}"))
        self._typed()

    def _typed(self) -> None:
        day = self.day
        self.read_as.setText(f"{day:%a %-d %b %Y}" if day else "no date yet")
        self.changed.emit()

    def _settle(self) -> None:
        day = self.day
        if day is not None:
            self.line.setText(tr(f"{day:%-d %b %Y}"))

    def calendar(self) -> QCalendarWidget:
        """A month to choose a day of; the arrows and Enter choose, too."""
        calendar_widget = QCalendarWidget(self)
        calendar_widget.setWindowFlags(Qt.WindowType.Popup)
        calendar_widget.setVerticalHeaderFormat(QCalendarWidget.VerticalHeaderFormat.NoVerticalHeader)
        calendar_widget.setSelectedDate(QDate(self.day or self.today))
        for chosen in (calendar_widget.clicked, calendar_widget.activated):
            chosen.connect(lambda day: (self.set_day(day.toPyDate()), calendar_widget.close()))
        return calendar_widget

    def _open(self) -> None:
        calendar_widget = self.calendar()
        calendar_widget.move(self.line.mapToGlobal(QPoint(0, self.line.height() + 2)))
        calendar_widget.show()
        calendar_widget.setFocus()
