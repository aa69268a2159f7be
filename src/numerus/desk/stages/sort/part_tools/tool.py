"""What every tool of the part page is: words, things to be seen, pins, and jobs that end only on the part they began on."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any, Protocol

import numpy as np
from numpy.typing import NDArray
from PyQt6.QtWidgets import QBoxLayout, QWidget

from numerus.desk.context import Context
from numerus.desk.session import Session
from numerus.desk.theme.palette import Theme
from numerus.desk.view3d.renderer import Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.layout import button, row
from numerus.domain.parts import Part
from numerus.domain.printing.machines import Machine
from numerus.geometry.cutting import Plane
from numerus.geometry.mesh import Floats, Mesh

RESIN_RGB = np.array([[196, 188, 174]], np.uint8)
CHANGED_RGB = np.array([[150, 186, 184]], np.uint8)
THIN_RGB, WEAK_RGB = np.array([168, 65, 43], np.uint8), np.array([217, 162, 27], np.uint8)
STRIPE_MM = 0.55
PINS = 9
Deed = tuple[Any, ...]  # words, what a click does, and perhaps a tip


class Workplace(Protocol):
    """The page a tool is on: the part that lies there, and what can become of it."""

    context: Context
    session: Session
    theme: Theme
    view: BenchView
    shown_for: str

    @property
    def part(self) -> Part | None: ...
    @property
    def mesh(self) -> Mesh: ...
    def draw(self) -> None: ...
    def keep(self, words: str, mesh: Mesh, extra: Sequence[tuple[str, Mesh]] = ()) -> None: ...
    def scale(self, factor: float, words: str = "") -> None: ...
    def cut_at(self, planes: Sequence[Plane]) -> None: ...
    def convert_unit(self) -> None: ...
    def scale_along(self, part: Part) -> None: ...
    def use(self, title: str) -> None: ...


class Tool(QWidget):
    """``begin`` when it is taken up, ``forget`` when the mesh changed; ``things`` and ``pins`` are what is seen."""

    title = ""

    def __init__(self, page: Workplace) -> None:
        super().__init__()
        self.page, self.context, self.session = page, page.context, page.session
        layout = self.build()
        self.setLayout(layout)

    def build(self) -> QBoxLayout:
        raise NotImplementedError

    def begin(self) -> None:
        """Work out what is not known yet."""

    def forget(self) -> None:
        """Another mesh lies on the bench."""

    def things(self) -> tuple[list[Thing], str]:
        return [whole_thing(self.page.mesh)], ""

    def pins(self) -> list[tuple[tuple[float, float, float], bool]]:
        return []

    def machine(self) -> Machine:
        """What sizes and pixels are judged by: the book's first machine, or a usual one."""
        return self.session.plans.machine_for(self.session.part) or Machine("m", "a usual machine")

    def picked(self, place: Floats) -> None:
        """A click on the part."""

    def start(self, name: str, words: str, work, done) -> None:  # type: ignore[no-untyped-def]
        """A job whose result is dropped if another part lies on the bench by then."""
        blob = self.page.shown_for

        def ended(outcome) -> None:  # type: ignore[no-untyped-def]
            if blob == self.page.shown_for:
                done(outcome)
                self.page.draw()

        self.context.jobs.start(name, words, work, ended)


class Offer(QWidget):
    """A change is shown first, then kept or left. Each of the three: words, what is done, and a tip."""

    def __init__(self, show: Deed, keep: Deed, leave: Deed) -> None:
        super().__init__()
        self.show_it, self.keep_it = (button(words, deed, "main", *tip) for words, deed, *tip in (show, keep))
        self.leave_it = button(leave[0], leave[1])
        self.setLayout(row(self.show_it, self.keep_it, self.leave_it, -1))

    def stand(self, ready: bool, worth: bool = True) -> None:
        """Whether the change lies on the bench, and if not whether it is worth being shown."""
        self.show_it.setVisible(worth and not ready)
        self.keep_it.setVisible(ready)
        self.leave_it.setVisible(ready)


def whole_thing(mesh: Mesh) -> Thing:
    return Thing(mesh, RESIN_RGB)


def hatched(mesh: Mesh, thickness_mm: Floats, thin_mm: float, weak_mm: float) -> NDArray[np.uint8]:
    """Colours per vertex: thin walls striped across, strongly where they hardly print, lighter where they break."""
    colours = np.repeat(RESIN_RGB, len(mesh.vertices), axis=0)
    stripe = np.mod(mesh.vertices @ np.array([0.62, 0.5, 0.6]), STRIPE_MM) < STRIPE_MM / 2
    colours[stripe & (thickness_mm < weak_mm)] = WEAK_RGB
    colours[stripe & (thickness_mm < thin_mm)] = THIN_RGB
    return colours


def beside(before: Mesh, after: Mesh) -> Thing:
    """The changed part to the right of the one it came from."""
    return Thing(after.moved((float(before.extents_mm[0]) * 1.15 + 1, 0, 0)), CHANGED_RGB)
