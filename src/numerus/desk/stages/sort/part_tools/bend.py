"""A limb bent or twisted about a joint of the part, shown while it turns and kept when it stays sound."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QBoxLayout, QSlider

from numerus.desk.stages.sort.part_tools.tool import CHANGED_RGB, RESIN_RGB, Tool, whole_thing
from numerus.desk.translate import tr
from numerus.desk.view3d.renderer import Thing
from numerus.desk.widgets.layout import button, column, label, row
from numerus.errors import NumerusError, answered
from numerus.geometry.bending import Bent, Hinge, bent, hinge_at
from numerus.geometry.mesh import Floats
from numerus.geometry.repair.health import oriented

TURNS = ("nods", "sways", "twists")
HINT = "Click the limb where it bends: an elbow, a knee, a wrist. What is beyond turns green."
TOUCHES_MM3 = 0.3  # (default) less is a graze


class BendTool(Tool):
    """Nodding, swaying and twisting about a clicked joint."""

    title = "Bend"

    def build(self) -> QBoxLayout:
        self.hinge: Hinge | None = None
        self.bent: Bent | None = None
        self.turns = [QSlider(Qt.Orientation.Horizontal) for _ in TURNS]
        self.degrees = [label("0°") for _ in TURNS]
        for slider, words in zip(self.turns, TURNS, strict=True):
            slider.setRange(-90, 90)
            slider.setPageStep(5)
            slider.setAccessibleName(tr(f"How far it {words}"))
            slider.valueChanged.connect(lambda _: self._turned())
        self.words = label(HINT, "", True)
        self.other = button("The other side moves", self.swap, "", "The longer piece, instead of the shorter")
        self.straight = button("As it was", self.straighten)
        self.keep_button = button(
            "Keep it so", self.keep, "main", "Measured anew; its pose is asked for again, its zones stay"
        )
        rows = [row(label(f"It {w}"), s, d, gap=8) for w, s, d in zip(TURNS, self.turns, self.degrees, strict=True)]
        layout = column(
            label("Bend a limb", "section"), self.words, *rows, row(self.other, self.straight, -1, gap=6), row(self.keep_button, -1),
            -1, gap=8,
        )  # fmt: skip
        self._fill()
        return layout

    def forget(self) -> None:
        self.hinge, self.bent = None, None
        self.words.setText(HINT)
        self._set((0, 0, 0))

    def begin(self) -> None:
        self._fill()

    def picked(self, place: Floats) -> None:
        mesh = self.page.mesh
        self.start(
            "hinge", "Looking for the joint", answered(lambda _: hinge_at(oriented(mesh)[0], place)), self._found
        )

    def _found(self, found: Hinge | NumerusError) -> None:
        self._set((0, 0, 0))
        self.hinge, self.bent = (None, None) if isinstance(found, NumerusError) else (found, None)
        self._turned(str(found) if isinstance(found, NumerusError) else "")

    def swap(self) -> None:
        """The other piece of the limb moves."""
        if self.hinge is not None:
            self.hinge = self.hinge.other_side
            self._turned()

    def straighten(self) -> None:
        self._set((0, 0, 0))
        self._turned()

    def _set(self, degrees: tuple[int, int, int]) -> None:
        for slider, value in zip(self.turns, degrees, strict=True):
            slider.blockSignals(True)
            slider.setValue(value)
            slider.blockSignals(False)

    def _turned(self, fault: str = "") -> None:
        """Bent anew, beside; the last turn wins."""
        for words, slider in zip(self.degrees, self.turns, strict=True):
            words.setText(f"{slider.value()}°")
        hinge, mesh = self.hinge, self.page.mesh
        if hinge is None:
            self.words.setText(fault or HINT)
            self._fill()
            self.page.draw()
            return
        nod, sway, twist = (float(s.value()) for s in self.turns)
        self.context.jobs.cancel("bend")

        work = answered(lambda _: bent(oriented(mesh)[0], hinge, nod, sway, twist))
        self.start("bend", "Bending it", work, self._bent)

    def _bent(self, found: Bent | NumerusError) -> None:
        self.bent = None if isinstance(found, NumerusError) else found
        self.words.setText(str(found) if isinstance(found, NumerusError) else _bent_words(found, self.hinge))
        self._fill()

    def _fill(self) -> None:
        turned, there = any(s.value() for s in self.turns), self.hinge is not None
        for widget in (self.other, self.straight, *self.turns):
            widget.setEnabled(there)
        sound = self.bent is not None and self.bent.into_mm3 <= TOUCHES_MM3
        self.keep_button.setEnabled(turned and sound)

    def keep(self) -> None:
        if self.bent is not None:
            nod, sway, twist = (s.value() for s in self.turns)
            self.page.keep(f"bent by {nod}°, {sway}°, {twist}°", self.bent.mesh)

    def things(self) -> tuple[list[Thing], str]:
        if self.bent is None:
            return [whole_thing(self.page.mesh)], "click where it bends"
        colours = np.where(self.bent.moved[:, None], CHANGED_RGB, RESIN_RGB).astype(np.uint8)
        return [Thing(self.bent.mesh, colours)], "what moves is green"

    def pins(self) -> list[tuple[tuple[float, float, float], bool]]:
        return [(self.hinge.middle, True)] if self.hinge else []


def _bent_words(found: Bent, hinge: Hinge | None) -> str:
    wide = f"The limb is {2 * hinge.radius_mm:.1f} mm through there; " if hinge else ""
    moves = f"{found.moved.mean():.0%} of the part moves"
    if found.into_mm3 > TOUCHES_MM3:
        return f"{wide}{moves}. It runs into the rest, {found.into_mm3:.1f} mm³ of it: turn it less, or cut it there and glue it."
    squeezed = f", skin inside the bend shrinks to {found.least_left:.0%}" if found.least_left < 0.95 else ""
    return f"{wide}{moves}{squeezed}; it runs into nothing."
