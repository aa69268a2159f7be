"""The inquest drawn: likely causes as bars with what speaks for them, and the cheap test that would tell most."""

from __future__ import annotations

from PyQt6.QtCore import QRectF, pyqtSignal
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QWidget

from numerus.desk.theme.palette import LABEL, Theme
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import Menu
from numerus.diagnosis.failure_diagnosis import Cause, FailureDiagnosis
from numerus.words import counted, span

SHOWN, HIGH_PX, BAR_PX = 3, 120.0, 64.0


class CauseBars(Drawing):
    """The likeliest causes, their shares, and the evidence under each."""

    def __init__(self, theme: Theme) -> None:
        super().__init__(theme, "Likely causes")
        self.causes: tuple[Cause, ...] = ()
        self.hold("setMinimumHeight", HIGH_PX)

    def draw(self, painter: QPainter) -> None:
        y = 0.0
        for number, cause in enumerate(self.causes[:SHOWN]):
            self.text(painter, 34, y + 12, f"{cause.share:.0%}", 13, number == 0, align=RIGHT)
            self.bar(painter, 40, y + 4, BAR_PX, 8, "bed")
            self.bar(painter, 40, y + 4, BAR_PX * cause.share, 8, "river" if number == 0 else "slate")
            self.text(painter, 46 + BAR_PX, y + 12, cause.name, 13, number == 0, width=self.width() - 50 - BAR_PX)
            description = ", ".join(cause.evidence) or "nothing speaks for it but its usual share"
            under = QRectF(40, y + 14, self.width() - 44, HIGH_PX)
            high = 14 + self.paragraph(painter, under, description, LABEL, colour="slate") + 2
            self.region(QRectF(0, y, self.width(), high), f"{cause.name}: {description}")
            y += high


class DiagnosisPanel(QWidget):
    """``answered``: a test's key and whether it said yes; ``confirmed``: the key of the cause it was for sure, "" if it is not
    sure after all; ``argued``: the table behind it is asked for.
    """

    answered = pyqtSignal(str, bool)
    confirmed = pyqtSignal(str)
    argued = pyqtSignal()

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.result = FailureDiagnosis()
        self.bars, self.test = CauseBars(theme), label("", "note", True)
        self.yes = button("Yes", lambda: self._answer(True), "", "What the test was asked for showed")
        self.no = button("No", lambda: self._answer(False))
        table = button("Why …", self.argued.emit, "", "How often each cause shows what is seen; to be changed")
        tell = row(self.test, self.yes, self.no, gap=6)
        tell.setStretch(0, 1)
        self.learned = label("", "note", True)
        self.sure = button("It was …", self._ask_cause, "", "What you are sure of teaches the shares")
        sure = row(self.learned, self.sure, table, gap=6)
        sure.setStretch(0, 1)
        self.setLayout(column(self.bars, tell, sure, gap=2))

    def show_diagnosis(self, result: FailureDiagnosis) -> None:
        self.result = result
        self.bars.causes = result.causes
        self.bars.update()
        self.setVisible(bool(result.causes))
        self._show_learned(result)
        best = result.tests[0] if result.tests else None
        self.test.setText(
            f"Would tell most, {span(best.minutes)}: {best.description} {best.yes}?"
            if best
            else "No cheap test would tell more."
        )
        for push_button in (self.yes, self.no):
            push_button.setVisible(best is not None)

    def _show_learned(self, result: FailureDiagnosis) -> None:
        name = next((c.name for c in result.causes if c.key == result.confirmed), "")
        table = (
            f"learned from {counted(result.cases, 'confirmed case')}" if result.cases else "a judgement, not measured"
        )
        self.learned.setText(f"It was: {name}." if name else f"Shares: {table}.")

    def causes_menu(self) -> Menu:
        """Every cause, the likeliest first; the one confirmed is ticked, and chosen again it is taken back."""
        menu = Menu(self)
        for cause in self.result.causes:
            action = menu.addAction(cause.name)
            action.setCheckable(True)
            action.setChecked(cause.key == self.result.confirmed)
            action.triggered.connect(lambda on, key=cause.key: self.confirmed.emit(key if on else ""))
        return menu

    def _ask_cause(self) -> None:
        self.causes_menu().exec(self.sure.mapToGlobal(self.sure.rect().bottomLeft()))

    def _answer(self, yes: bool) -> None:
        if self.result.tests:
            self.answered.emit(self.result.tests[0].key, yes)
