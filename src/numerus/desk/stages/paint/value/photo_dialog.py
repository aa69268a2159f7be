"""A photograph beside a grey card, zone by zone: a painted figure held against the scheme, or a reference whose colours are taken."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtWidgets import QDialogButtonBox, QWidget

from numerus.colour.light import delta_e, lab_of, rgb_of
from numerus.colour.swatch_card import GREY_CARD, ReadColour, sampled_colour
from numerus.desk.context import Context
from numerus.desk.stages.paint.colours.colour_dialog import GREY, sample_at
from numerus.desk.stages.paint.colours.picture_view import PictureView, Place
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import FileDialog
from numerus.errors import NumerusError
from numerus.formats.pictures import PICTURES, read_picture
from numerus.paint.rack.batches import Comparison


class PhotoDialog(Dialog):
    """``wanted``: name and colour of each zone by id. Accepted, ``colours`` are what the picture shows, by zone."""

    def __init__(self, context: Context, wanted: dict[str, tuple[str, str]], parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("Against a photograph")
        self.wanted, self.readings = wanted, dict[str, ReadColour]()
        self.view = PictureView(context, "Photograph with a ring for each zone and one for the grey card")
        self.view.empty_words = "A painted figure, or a reference, with an 18 % grey card beside it in the same light."
        self.view.setMinimumSize(520, 360)
        self.view.moved.connect(self.read)
        self.note, self.fault = label("", "", True), label("", "fault", True)
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
        self.take = box.addButton("Take these colours", QDialogButtonBox.ButtonRole.AcceptRole)
        self.take.setToolTip("Every ringed zone's recipe is moved to the colour read there, mixed from the rack")
        self.take.setEnabled(False)
        box.accepted.connect(self.accept)
        box.rejected.connect(self.reject)
        note = label(
            "Put each ring on a middle tone: shade and lights are part of the paint, and of the difference.",
            "note",
            True,
        )
        opener = button("Open a picture …", self.open_picture)
        body = row(
            column(opener, self.view, gap=6),
            column(label("Zone by zone", "section"), self.note, note, self.fault, -1, gap=6),
            gap=14,
        )
        body.setStretch(0, 3)
        body.setStretch(1, 2)
        self.setLayout(column(body, box, gap=8, margins=(14, 14, 14, 14)))

    @property
    def colours(self) -> dict[str, str]:
        return {zone: read.colour for zone, read in self.readings.items()}

    def open_picture(self) -> None:
        path, _ = FileDialog.getOpenFileName(self, "Open a picture", "", PICTURES)
        if path:
            self.show_file(Path(path))

    def show_file(self, path: Path) -> None:
        """A picture with its rings in a row, the grey one below."""
        try:
            pixels = read_picture(path)
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}")
            return
        high, wide = pixels.shape[:2]
        step = 0.7 * wide / max(len(self.wanted), 1)
        rings = [
            Place(name, 0.2 * wide + step * n, 0.45 * high, True) for n, (name, _) in enumerate(self.wanted.values())
        ]
        self.view.show_picture(pixels, [*rings, Place(GREY, 0.8 * wide, 0.8 * high, True)])
        self.read()

    def read(self) -> None:
        """Every zone's colour with the light's cast taken out, against the scheme's."""
        if self.view.pixels is None:
            return
        *rings, grey = [sample_at(self.view, place) for place in self.view.places]
        try:
            read = [sampled_colour(self.view.pixels, ring, grey, GREY_CARD) for ring in rings]
        except NumerusError as error:
            self.readings = {}
            self.fault.setText(f"{error.message} {error.advice}")
        else:
            self.readings = dict(zip(self.wanted, read, strict=True))
            self.fault.setText("")
        self.take.setEnabled(bool(self.readings))
        self.note.setText("\n".join(self._words(zone) for zone in self.readings))

    def _words(self, zone: str) -> str:
        name, wanted = self.wanted[zone]
        read = self.readings[zone]
        apart = Comparison(float(delta_e(read.lab, lab_of(rgb_of(wanted)))), read.error)
        return f"{name}: ΔE {apart.delta_e:.1f} ± {apart.error:.1f}, {apart.verdict}"
