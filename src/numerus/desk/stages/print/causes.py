"""The inquest drawn: likely causes as bars with what speaks for them, and the cheap test that would tell most."""

from __future__ import annotations

from PyQt6.QtCore import QRectF, pyqtSignal
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QWidget

from numerus.desk.theme.palette import LABEL, Theme
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.layout import button, column, label, row
from numerus.diagnosis.failure_diagnosis import Cause, FailureDiagnosis
from numerus.words import span

SHOWN, HIGH_PX, BAR_PX = 3, 112.0, 64.0


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
    """``answered``: a test's key and whether it said yes; ``argued``: the table behind it is asked for."""

    answered = pyqtSignal(str, bool)
    argued = pyqtSignal()

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.found = FailureDiagnosis((), (), {})
        self.bars, self.test = CauseBars(theme), label("", "note", True)
        self.yes = button("Yes", lambda: self._answer(True), "", "What the test was asked for showed")
        self.no = button("No", lambda: self._answer(False))
        table = button("Why …", self.argued.emit, "", "How often each cause shows what is seen; to be changed")
        tell = row(self.test, self.yes, self.no, table, gap=6)
        tell.setStretch(0, 1)
        body = column(self.bars, tell, gap=2)
        self.setLayout(body)

    def show_diagnosis(self, found: FailureDiagnosis) -> None:
        self.found = found
        self.bars.causes = found.causes
        self.bars.update()
        self.setVisible(bool(found.causes))
        best = found.tests[0] if found.tests else None
        self.test.setText(
            f"Would tell most, {span(best.minutes)}: {best.description} {best.yes}?"
            if best
            else "No cheap test would tell more."
        )
        for made in (self.yes, self.no):
            made.setVisible(best is not None)

    def _answer(self, yes: bool) -> None:
        if self.found.tests:
            self.answered.emit(self.found.tests[0].key, yes)
