"""Measuring a pot: a photograph of the swatch card, its corners dragged into place, the swatch read with its error bar."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
from PyQt6.QtWidgets import QDialogButtonBox, QWidget

from numerus.colour.films import pigment_measured
from numerus.colour.reflectance import reflectances
from numerus.colour.swatch_card import GREYS, CardLayout, CardReading, greys_typed, read_card
from numerus.desk.context import Context
from numerus.desk.stages.paint.colours.picture_view import PictureView, Place
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import ComboBox, DoubleSpinBox, FileDialog, LineEdit, SpinBox
from numerus.domain.painting.paints import MEASURED, Paint
from numerus.errors import NumerusError
from numerus.formats.pictures import PICTURES, read_picture

HOW = (
    "The card: a row of greys, the swatches over black with bare black at both ends, greys, the same over white, greys. "
    "Greys repeat from left to right; each row begins one further for each row down."
)
GREYS_TYPED = ", ".join(f"{100 * g:g}" for g in GREYS)


class CardDialog(Dialog):
    """``reading`` once the card was read; ``measured`` puts the chosen swatch into a pot."""

    def __init__(self, context: Context, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("Measure from a photographed card")
        self.reading: CardReading | None = None
        self.view = PictureView(context, "Photograph of the card")
        self.view.empty_words = "Open a photograph of the card, then drag the four corners onto its own."
        self.view.setMinimumSize(620, 380)
        self.view.moved.connect(self.read)
        self.many = SpinBox()
        self.many.setRange(1, 10)
        self.many.setValue(5)
        self.many.setPrefix("swatches on it: ")
        self.many.valueChanged.connect(self.read)
        self.film = DoubleSpinBox()
        self.film.setRange(1, 200)
        self.film.setValue(15)
        self.film.setPrefix("dry film: ")
        self.film.setSuffix(" µm")
        self.greys = LineEdit(GREYS_TYPED)
        self.greys.setAccessibleName("What the card's greys reflect, in percent")
        self.greys.setToolTip("What your card's greys reflect, in percent, in the order of its first row")
        self.greys.editingFinished.connect(self.read)
        self.which = ComboBox()
        self.which.setAccessibleName("Which swatch this pot is")
        self.summary, self.fault = label("", "strong", True), label("", "fault", True)
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        opener = button("Open a photograph …", self.open_photograph)
        tools = row(opener, self.many, self.film, label("greys, %"), self.greys, self.which, gap=8)
        self.setLayout(
            column(
                label(HOW, "note", True),
                self.view,
                tools,
                self.summary,
                self.fault,
                self.box,
                gap=8,
                margins=(12, 12, 12, 12),
            )
        )
        self._say("")

    def _say(self, fault: str) -> None:
        self.fault.setText(fault)
        self.box.button(QDialogButtonBox.StandardButton.Ok).setEnabled(self.reading is not None)

    def open_photograph(self) -> None:
        path, _ = FileDialog.getOpenFileName(self, "Open a photograph", "", PICTURES)
        if path:
            self.show_file(Path(path))

    def show_file(self, path: Path) -> None:
        try:
            pixels = read_picture(path)
        except NumerusError as error:
            self._say(f"{error.message} {error.advice}")
            return
        high, wide = pixels.shape[:2]
        corners = (
            ("top left", 0.1, 0.1),
            ("top right", 0.9, 0.1),
            ("bottom right", 0.9, 0.9),
            ("bottom left", 0.1, 0.9),
        )
        self.view.show_picture(pixels, [Place(name, x * wide, y * high) for name, x, y in corners], True)
        self.read()

    def read(self) -> None:
        """The card as its corners stand."""
        if self.view.pixels is None:
            return
        corners = np.array([[p.x, p.y] for p in self.view.places])
        try:
            layout = CardLayout(self.many.value(), greys_typed(self.greys.text()))
            self.reading = read_card(self.view.pixels, corners, layout)
        except NumerusError as error:
            self.reading = None
            self.summary.setText("")
            self._say(f"{error.message} {error.advice}")
            return
        self._say("")
        self._show()

    def _show(self) -> None:
        reading, chosen = self.reading, max(self.which.currentIndex(), 0)
        assert reading is not None
        names = [f"swatch {n + 1}: {pale.colour}" for n, pale in enumerate(reading.over_white)]
        if [self.which.itemText(n) for n in range(self.which.count())] != names:
            self.which.clear()
            self.which.addItems(names)
            self.which.setCurrentIndex(min(chosen, len(names) - 1))
        worst = max(c.error for c in (*reading.over_black, *reading.over_white))
        self.summary.setText(
            f"Read. The light was uneven by {reading.unevenness - 1:.0%}, taken out; grounds reflect {reading.black:.0%} and "
            f"{reading.white:.0%}; error bars up to {worst:.1f} ΔE."
        )

    def measured(self, paint: Paint) -> Paint:
        """The pot with the chosen swatch as its own."""
        assert self.reading is not None
        n = max(self.which.currentIndex(), 0)
        dark, pale = self.reading.over_black[n], self.reading.over_white[n]
        grounds = self.reading.black, self.reading.white
        over_dark, over_pale = reflectances([dark.colour, pale.colour])
        hiding = pigment_measured(over_dark, over_pale, self.film.value(), *grounds)
        return replace(
            paint, colour=hiding.colour, known=MEASURED, colour_error=round(max(dark.error, pale.error), 2), over_black=dark.colour,
            over_white=pale.colour, film_um=self.film.value(), card_black=round(grounds[0], 4), card_white=round(grounds[1], 4), hides_um=0.0,
        )  # fmt: skip
