"""Candidates side by side on equal scales, and their difference in words."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from PyQt6.QtCore import QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QPainter

from numerus.desk.context import Context
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.widgets.images import to_image
from numerus.desk.widgets.pins import LETTERS, draw_letter
from numerus.geometry.mesh import Mesh
from numerus.kit.thumbnails import fitted_camera
from numerus.printing.orientation.pose_measures import SCHOOL_DESCRIPTION, PoseCost, in_words, posed
from numerus.words import span


class Compared(Drawing):
    """Two to four candidates on equal scales; the difference said in words; a column can be chosen."""

    chosen = pyqtSignal(int)
    ROWS = (
        ("Time", "minutes", lambda c: span(c.minutes), "Minutes of a run as tall as this pose"),
        (
            "Scars on show",
            "scar_mm2",
            lambda c: f"{c.scar_mm2:.2f} mm²" if c.supported else f"about {c.scar_mm2:.2f}",
            "Marks of tips on what the table sees: measured on the supports of the pose; until they are placed foretold from"
            " how its skin leans ('about')",
        ),
        ("Steps on show", "steps_mm2", lambda c: f"{c.steps_mm2:.0f} mm²", "Seen skin whose slope shows the layers"),
        ("Islands", "islands", lambda c: str(c.islands), "Places that begin in mid-air and must be caught"),
        ("Cups", "cups", lambda c: str(c.cups), "Spaces that suck on the film when the plate lifts: vent or tilt"),
        (
            "To support",
            "support_mm2",
            lambda c: f"{c.support_mm2:.0f} mm²",
            "Skin that looks down, counted less the steeper it is",
        ),
        ("Peak layer", "peak_mm2", lambda c: f"{c.peak_mm2:.0f} mm²", "Largest layer: the strongest pull on the film"),
        (
            "Height",
            "height_mm",
            lambda c: f"{c.height_mm:.1f} mm",
            "With 4 mm under it for the tips, unless it stands flat",
        ),
    )

    OF_A_FILM = ("cups", "peak_mm2")
    dry = False

    @property
    def rows(self) -> list[tuple[str, str, Callable[[PoseCost], str], str]]:
        """What tells them apart: of plastic nothing that a film does."""
        return [r for r in self.ROWS if not (self.dry and r[1] in self.OF_A_FILM)]

    def __init__(self, context: Context, renderer: Renderer) -> None:
        super().__init__(context.theme, "Candidates compared")
        self.renderer = renderer
        self.costs: list[PoseCost] = []
        self.at_candidate = 0
        self.least: int | None = None
        self._pictures: list[QImage] = []
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumHeight", 206)

    def show_costs(
        self, costs: list[PoseCost], mesh: Mesh | None, chosen: int, least: int | None = None, dry: bool = False
    ) -> None:
        """``least``: which costs least as measured, where that is known; ``dry``: of plastic."""
        self.dry = dry
        if mesh is not None:
            self._pictures = [self._picture(posed(mesh, c.up)) for c in costs]
        self.costs, self.at_candidate, self.least = costs, chosen, least
        self.update()

    def _picture(self, mesh: Mesh) -> QImage:
        camera = fitted_camera(mesh, 28, 16, 1.1, 1.3)
        image = np.ascontiguousarray(
            self.renderer.draw([Thing(mesh, np.array([[188, 180, 166]], np.uint8))], camera, 208, 160)
        )
        return to_image(image)

    def draw(self, painter: QPainter) -> None:
        self.text(painter, 0, 18, "Compared", 16, True)
        self.text(painter, 0, 34, "same part, same", 11, colour="slate")
        self.text(painter, 0, 47, "scale in each row", 11, colour="slate")
        if not self.costs:
            return
        left = 104.0
        wide = (self.width() - left) / len(self.costs)
        picture = max(40.0, min(90.0, self.height() - 176))
        step = max(15.0, min(27.0, (self.height() - picture - 44) / len(self.rows)))
        for number, cost in enumerate(self.costs):
            self._column(painter, number, cost, left + number * wide, wide, picture, step)
        for at, (name, _, _, description) in enumerate(self.rows):
            y = picture + 18 + at * step
            self.text(painter, 0, y + 13, name, 11)
            self.region(QRectF(0, y, left, step), description)
        self._in_words(painter)

    def _column(
        self, painter: QPainter, number: int, cost: PoseCost, x: float, wide: float, picture: float, step: float
    ) -> None:
        chosen = number == self.at_candidate
        box = QRectF(x, 0, wide - 6, picture + 20 + len(self.rows) * step)
        if chosen:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(self.theme.colour("riverwash"))
            painter.drawRoundedRect(box, 5, 5)
        if number < len(self._pictures):
            painter.drawImage(
                QRectF(x + wide / 2 - picture * 0.65 + 4, 2, picture * 1.3, picture), self._pictures[number]
            )
        draw_letter(painter, self.theme, x + 14, 14, LETTERS[number], chosen)
        self.text(painter, x + 6, picture + 14, self._name(number), 11, chosen, width=wide - 14)
        for at, (_, field, words, _) in enumerate(self.rows):
            y = picture + 18 + at * step
            most = max(max(float(getattr(c, field)) for c in self.costs), 1e-9)
            self.text(painter, x + 6, y + 12, words(cost), 11, chosen)
            self.bar(painter, x + 6, y + 14, wide - 20, 2, "bed")
            self.bar(
                painter,
                x + 6,
                y + 14,
                (wide - 20) * float(getattr(cost, field)) / most,
                2,
                "river" if chosen else "slate",
            )
        self.region(
            box, SCHOOL_DESCRIPTION.get(cost.school, "Your own turn of the part."), lambda: self.chosen.emit(number)
        )

    def _name(self, number: int) -> str:
        return f"{self.costs[number].school}, least cost" if number == self.least else self.costs[number].school

    def _in_words(self, painter: QPainter) -> None:
        chosen, first = self.costs[self.at_candidate], self.costs[0]
        other = self.costs[-1] if self.at_candidate == 0 else first
        if chosen is other:
            return
        against = LETTERS[self.costs.index(other)]
        wide = self.text(painter, 0, self.height() - 6, f"{LETTERS[self.at_candidate]} against {against}: ", 13, True)
        self.text(painter, wide, self.height() - 6, in_words(chosen, other) + ".", 13, width=self.width() - wide)
