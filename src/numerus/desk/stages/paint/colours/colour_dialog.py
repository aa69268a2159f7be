"""A colour with its error: typed in words or figures, or read from a place of a picture, beside a grey where there is one."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtWidgets import QCheckBox, QDialog, QDialogButtonBox, QFileDialog, QLineEdit, QWidget

from numerus.colour.swatch_card import ReadColour, Sample, sampled_colour
from numerus.colour.words import colour_typed
from numerus.desk.context import Context
from numerus.desk.stages.paint.colours.picture_view import PictureView, Place
from numerus.desk.widgets.layout import button, column, label, row
from numerus.errors import NumerusError
from numerus.formats.pictures import read_picture

PICTURES = "Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp)"
SAMPLE_SHARE = 0.012  # of a picture's width: the ring's radius
TYPED_ERROR = 1.5  # (default) ΔE a colour told by eye may be off


def sample_at(view: PictureView, place: Place) -> Sample:
    wide = view.pixels.shape[1] if view.pixels is not None else 1
    return Sample(place.x, place.y, SAMPLE_SHARE * wide)


def read_places(view: PictureView, with_grey: bool) -> ReadColour:
    """The colour in a view's ring, the grey's cast taken out where it has one. Raises PictureError."""
    assert view.pixels is not None
    grey = sample_at(view, view.places[1]) if with_grey and len(view.places) > 1 else None
    return sampled_colour(view.pixels, sample_at(view, view.places[0]), grey)


def ring_places(view: PictureView, pixels, with_grey: bool) -> None:  # type: ignore[no-untyped-def]
    """Show a picture with its ring in the middle, and the grey's beside."""
    high, wide = pixels.shape[:2]
    places = [Place("read here", wide * 0.45, high * 0.5, True)]
    if with_grey:
        places.append(Place("18 % grey", wide * 0.75, high * 0.75, True))
    view.show_picture(pixels, places)


class ColourDialog(QDialog):
    """``colour``, ``error`` (ΔE) and whether it is ``from_picture``, once accepted."""

    def __init__(self, context: Context, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("What colour is it?")
        self.colour, self.error, self.from_picture = "", TYPED_ERROR, False
        self.typed = QLineEdit()
        self.typed.setPlaceholderText("#C99A2E, or words like pale warm grey")
        self.typed.setAccessibleName("Colour")
        self.view = PictureView(context, "Picture to read the colour from")
        self.view.empty_words = "Or open a picture and put the ring on the place."
        self.view.setMinimumSize(460, 300)
        self.view.moved.connect(self.read)
        self.grey = QCheckBox("There is an 18 % grey card in it, lit alike")
        self.grey.toggled.connect(self._grey_toggled)
        self.found, self.fault = label("", "strong", True), label("", "fault", True)
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        box.accepted.connect(self._accept)
        box.rejected.connect(self.reject)
        opener = button("Open a picture …", self.open_picture)
        self.setLayout(
            column(
                self.typed,
                self.view,
                row(opener, self.grey, -1),
                self.found,
                self.fault,
                box,
                gap=8,
                margins=(12, 12, 12, 12),
            )
        )

    def open_picture(self) -> None:
        path, _ = QFileDialog.getOpenFileName(self, "Open a picture", "", PICTURES)
        if path:
            self.show_file(Path(path))

    def show_file(self, path: Path) -> None:
        try:
            ring_places(self.view, read_picture(path), self.grey.isChecked())
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}")
            return
        self.read()

    def _grey_toggled(self, on: bool) -> None:
        if self.view.pixels is not None:
            ring_places(self.view, self.view.pixels, on)
            self.read()

    def read(self) -> None:
        try:
            found = read_places(self.view, self.grey.isChecked())
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}")
            return
        self.fault.setText("")
        self.from_picture, self.error = True, round(found.error, 2)
        self.typed.setText(found.colour)
        self.found.setText(f"{found.colour} ± {found.error:.1f} ΔE; its pixels spread over {found.spread:.1f}")

    def _accept(self) -> None:
        try:
            self.colour = colour_typed(self.typed.text())
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}")
        else:
            self.accept()
