"""Hollowing a part: wall and drains, shown cut open before it is kept, with what is saved and what is risked."""

from __future__ import annotations

import numpy as np
from PyQt6.QtWidgets import QBoxLayout

from numerus.desk.benches.sort_tool import CHANGED_RGB, Offer, Tool, spin, whole_thing
from numerus.desk.view3d.renderer import Thing
from numerus.desk.widgets.layout import column, label, row
from numerus.desk.widgets.places import PlaceList
from numerus.geometry.health import oriented
from numerus.resin.hollow import Hollowed, hollow

INNER_RGB = np.array([[217, 162, 27]], np.uint8)


class HollowTool(Tool):
    """Walls of a chosen thickness, two drains to a room: one lets resin out, the other air in."""

    title = "Hollow"

    def build(self) -> QBoxLayout:
        self.made: Hollowed | None = None
        self.wall = spin(0.4, 10.0, 2.0, 0.5, "Wall", " mm")
        self.drain = spin(1.5, 8.0, 3.0, 0.5, "Drain's diameter", " mm")
        self.list = PlaceList(
            self.page.theme, "Drains", "Worth it over about 25 mm of thickness; thin limbs stay solid."
        )
        self.list.chosen.connect(lambda _: self.page.draw())
        self.said = label("", "note", True)
        self.caution = label(
            "Resin left inside weeps and cracks the part weeks later: rinse and cure the inside, too. Gloves; cure what drips.",
            "caution", True,
        )  # fmt: skip
        self.offer = Offer(
            ("Show it hollow", self.show_hollow), ("Keep it hollow", self.keep_hollow), ("Leave it solid", self.drop)
        )
        made = column(
            row(label("Wall"), self.wall, label("drains of"), self.drain, -1), self.list, self.said, self.caution,
            self.offer, gap=8,
        )  # fmt: skip
        made.setStretch(1, 1)
        return made

    def forget(self) -> None:
        self.made = None
        self.list.show_lines([])

    def begin(self) -> None:
        self._fill()

    def _fill(self) -> None:
        self.offer.stand(self.made is not None)
        if self.made is None:
            self.said.setText("")
            return
        left = (
            f"{self.made.trapped_ml:.2f} ml can never drain" if self.made.trapped_ml > 0.001 else "nothing is shut in"
        )
        self.said.setText(f"Saves {self.made.saved_ml:.1f} ml; thinnest wall {self.made.min_wall_mm:.2f} mm; {left}.")

    def show_hollow(self) -> None:
        mesh, wall, drain = self.page.mesh, self.wall.value(), self.drain.value()
        self.start("hollow", "Hollowing", lambda progress: hollow(oriented(mesh)[0], wall, drain), self._made)

    def _made(self, made: Hollowed) -> None:
        self.made = made
        self.list.show_lines([
            (f"{'High' if n % 2 == 0 else 'Low'} drain, {d.diameter_mm:g} mm through {d.length_mm:.1f} mm",
             "on a face nobody sees" if d.seen < 0.05 else f"seen {d.seen:.0%} from the table")
            for n, d in enumerate(made.drains)
        ])  # fmt: skip
        self._fill()

    def drop(self) -> None:
        self.forget()
        self._fill()
        self.page.draw()

    def keep_hollow(self) -> None:
        if self.made is not None:
            self.page.keep(f"hollow, wall {self.wall.value():g} mm", self.made.mesh)

    def things(self) -> tuple[list[Thing], str]:
        """The whole as it is; when hollow, cut open at half its height with the rest as a ghost."""
        if self.made is None:
            return [whole_thing(self.page.mesh)], ""
        mesh = self.made.mesh
        self.page.view.cut_mm = float(mesh.bounds_mm[:, 2].mean())
        return [
            Thing(mesh, CHANGED_RGB, cut=True),
            Thing(self.page.mesh, INNER_RGB, alpha=0.18),
        ], "cut open at half its height"

    def pins(self) -> list[tuple[tuple[float, float, float], bool]]:
        drains = self.made.drains if self.made else ()
        return [(d.place_mm, n == self.list.at_line) for n, d in enumerate(drains)]
