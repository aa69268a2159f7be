"""A colour with its error: typed in words or figures, or read from a place of a picture, beside a grey where there is one."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtWidgets import QDialogButtonBox, QWidget

from numerus.colour.light import linear, rgb_of
from numerus.colour.swatch_card import GREY_CARD, ReadColour, Sample, sampled_colour
from numerus.colour.words import colour_typed
from numerus.desk.context import Context
from numerus.desk.stages.paint.colours.picture_view import PictureView, Place
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import ComboBox, FileDialog, LineEdit
from numerus.domain.painting.paints import BESIDE, PICTURE, TYPED, Swatch
from numerus.errors import NumerusError
from numerus.formats.pictures import PICTURES, read_picture
from numerus.geometry.mesh import Floats

SAMPLE_SHARE = 0.012  # of a picture's width: the ring's radius
GREY, KEPT = "18 % grey", "kept swatch"
TYPED_ERROR = 1.5  # (default) ΔE a colour told by eye may be off


def sample_at(view: PictureView, place: Place) -> Sample:
    wide = view.pixels.shape[1] if view.pixels is not None else 1
    return Sample(place.x, place.y, SAMPLE_SHARE * wide)


def read_places(view: PictureView, beside_light: float | Floats | None) -> ReadColour:
    """The colour in a view's first ring, the light's cast taken out by what is known of the second. Raises PictureError."""
    assert view.pixels is not None
    first = sample_at(view, view.places[0])
    if beside_light is None or len(view.places) < 2:
        return sampled_colour(view.pixels, first)
    return sampled_colour(view.pixels, first, sample_at(view, view.places[1]), beside_light)


def ring_places(view: PictureView, pixels, beside: str) -> None:  # type: ignore[no-untyped-def]
    """Show a picture with its ring in the middle, and one for what lies ``beside`` it, "" for nothing."""
    high, wide = pixels.shape[:2]
    places = [Place("read here", wide * 0.45, high * 0.5, True)]
    if beside:
        places.append(Place(beside, wide * 0.75, high * 0.75, True))
    view.show_picture(pixels, places)


class ColourDialog(Dialog):
    """``colour``, ``error`` (ΔE) and whether it is ``from_picture``, once accepted."""

    def __init__(self, context: Context, parent: QWidget, reference: Swatch | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle("What colour is it?")
        self.colour, self.error, self.known = "", TYPED_ERROR, TYPED
        self.typed = LineEdit()
        self.typed.setPlaceholderText("#C99A2E, or words like pale warm grey")
        self.typed.setAccessibleName("Colour")
        self.view = PictureView(context, "Picture to read the colour from")
        self.view.empty_words = "Or open a picture and put the ring on the place."
        self.view.setMinimumSize(460, 300)
        self.view.moved.connect(self.read)
        self.beside = ComboBox()
        self.beside.setAccessibleName("What lies beside it in the picture, lit alike")
        self.beside.addItem("Nothing known lies beside it", "")
        self.beside.addItem("An 18 % grey card lies beside it, lit alike", GREY)
        self.reference = reference
        if reference is not None:
            self.beside.addItem(f"The kept swatch of {reference.on:%-d %b} lies beside it, lit alike", KEPT)
        self.beside.activated.connect(self._beside_chosen)
        self.read_colour, self.fault = label("", "strong", True), label("", "fault", True)
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        box.accepted.connect(self._accept)
        box.rejected.connect(self.reject)
        opener = button("Open a picture …", self.open_picture)
        self.setLayout(
            column(
                self.typed,
                self.view,
                row(opener, self.beside, -1),
                self.read_colour,
                self.fault,
                box,
                gap=8,
                margins=(12, 12, 12, 12),
            )
        )

    def open_picture(self) -> None:
        path, _ = FileDialog.getOpenFileName(self, "Open a picture", "", PICTURES)
        if path:
            self.show_file(Path(path))

    def show_file(self, path: Path) -> None:
        try:
            ring_places(self.view, read_picture(path), self.beside.currentData())
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}")
            return
        self.read()

    def _beside_chosen(self, _: int) -> None:
        if self.view.pixels is not None:
            ring_places(self.view, self.view.pixels, self.beside.currentData())
            self.read()

    @property
    def beside_light(self) -> float | Floats | None:
        """What is known of the second place: its linear light, None where there is none."""
        if self.beside.currentData() == KEPT and self.reference is not None:
            return linear(rgb_of(self.reference.colour))
        return GREY_CARD if self.beside.currentData() == GREY else None

    def read(self) -> None:
        try:
            read_colour = read_places(self.view, self.beside_light)
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}")
            return
        self.fault.setText("")
        self.known = BESIDE if self.beside.currentData() == KEPT else PICTURE
        self.error = round(read_colour.error, 2)
        self.typed.setText(read_colour.colour)
        self.read_colour.setText(
            f"{read_colour.colour} ± {read_colour.error:.1f} ΔE; its pixels spread over {read_colour.spread:.1f}"
        )

    def _accept(self) -> None:
        try:
            self.colour = colour_typed(self.typed.text())
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}")
        else:
            self.accept()
