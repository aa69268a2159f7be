"""Thin walls of a part hatched and listed, and what to do about each; thickening is shown before it is kept."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from PyQt6.QtWidgets import QBoxLayout

from numerus.desk.stages.sort.part_tools.tool import PINS, RESIN_RGB, Offer, Tool, beside, hatched
from numerus.desk.view3d.renderer import Thing
from numerus.desk.widgets.layout import column, label, number_box, row
from numerus.desk.widgets.places import PlaceList
from numerus.geometry.mesh import Mesh
from numerus.geometry.repair.health import oriented
from numerus.geometry.thickness import Thickness, ThinPlace, thickened, thickness, thin_places
from numerus.kit.sorting import HAIR_MM, WEAK_MM


class WallsTool(Tool):
    """Thin walls hatched and listed, and what to do about each; thickening shown before it is kept."""

    title = "Walls"

    def build(self) -> QBoxLayout:
        self.walls: Thickness | None = None
        self.places: list[ThinPlace] = []
        self.thick: Mesh | None = None
        self.below = number_box(0.1, 5.0, HAIR_MM, 0.1, "Walls under", " mm")
        self.below.valueChanged.connect(lambda _: self._list())
        self.list = PlaceList(self.page.theme, "Thin places", "No wall is thinner than that.")
        self.list.chosen.connect(lambda _: self.page.draw())
        self.words = label("", "note", True)
        tip = "Thin walls grow to this thickness, half on either face; the rest stays to the bit"
        self.offer = Offer(
            ("Show it thickened", self.show_thickened, tip),
            ("Keep it thickened", self.keep_thickened),
            ("Leave it", self.drop),
        )
        layout = column(
            row(label("Walls under"), self.below, -1),
            self.list,
            self.words,
            self.offer,
            gap=8,
        )
        layout.setStretch(1, 1)
        return layout

    def forget(self) -> None:
        self.walls, self.thick, self.places = None, None, []

    def begin(self) -> None:
        self._fill()
        if self.walls is None:
            mesh = self.page.mesh
            self.start("walls", "Measuring walls", lambda progress: thickness(oriented(mesh)[0]), self._met)

    def _met(self, measured: Thickness) -> None:
        self.walls = measured
        self._list()

    def _list(self) -> None:
        if self.walls is None:
            return
        self.places = [p for p in thin_places(self.walls, self.below.value()) if p.area_mm2 >= 0.05]
        lines = [
            (f"{p.wall_mm:.2f} mm at least, {p.area_mm2:.1f} mm² of surface", self._advice(p)) for p in self.places
        ]
        self.list.show_lines(lines)
        self._fill()
        self.page.draw()

    def _advice(self, place: ThinPlace) -> str:
        """What usually helps a place of this shape."""
        if place.length_mm > 8 * self.below.value() and place.length_mm > 6:
            return f"{place.length_mm:.0f} mm long: a metal rod in its place, or thicken it"
        if place.wall_mm < HAIR_MM:
            return "hardly prints: thicken it, or choose an alternative"
        return "does not survive a game: thicken it, tougher resin, or spares"

    def _fill(self) -> None:
        self.offer.stand(self.thick is not None, bool(self.places))
        part = self.page.part
        if self.walls is not None and part is not None:
            machine, up = self.machine(), part.pose.up if part.pose else (0.0, 0.0, 1.0)
            lost = self.walls.lost_mm2(self.page.mesh.normals, machine.pixel_mm, machine.layer_mm, up)
            under = "; ".join(f"under {t} mm: {self.walls.area_below_mm2(t):.1f} mm²" for t in (HAIR_MM, WEAK_MM))
            fine = f"two pixels across or two layers up on {machine.name} ({'as posed' if part.pose else 'standing as it is'})"
            self.words.setText(f"Walls {under}. Ridges and grooves finer than {fine}, likely lost: {lost:.1f} mm².")

    def show_thickened(self) -> None:
        mesh, walls, to = self.page.mesh, self.walls, self.below.value()
        if walls is not None:
            self.start("thicken", "Thickening", lambda progress: thickened(mesh, walls, to), self._thickened)

    def _thickened(self, mesh: Mesh) -> None:
        self.thick = mesh
        self._fill()

    def drop(self) -> None:
        self.thick = None
        self._fill()
        self.page.draw()

    def keep_thickened(self) -> None:
        if self.thick is not None:
            self.page.keep(f"walls thickened to {self.below.value():g} mm", self.thick)

    def things(self) -> tuple[list[Thing], str]:
        mesh = self.page.mesh
        if self.thick is not None:
            return [Thing(mesh, self._colours(mesh)), beside(mesh, self.thick)], "as it is, and thickened"
        if self.walls is None:
            return super().things()
        thin = self.walls.area_below_mm2(self.below.value())
        return [
            Thing(mesh, self._colours(mesh))
        ], f"hatched: {thin:.1f} mm² of wall under {self.below.value():g} mm, lighter under {WEAK_MM:g} mm"

    def _colours(self, mesh: Mesh) -> NDArray[np.uint8]:
        if self.walls is None:
            return RESIN_RGB
        per_face = self.walls.of_faces(len(mesh.faces))
        per_vertex = np.full(len(mesh.vertices), np.inf)
        np.minimum.at(per_vertex, mesh.faces.reshape(-1), np.repeat(per_face, 3))
        return hatched(mesh, per_vertex, self.below.value(), max(WEAK_MM, self.below.value()))

    def pins(self) -> list[tuple[tuple[float, float, float], bool]]:
        return [((p.x_mm, p.y_mm, p.z_mm), n == self.list.at_line) for n, p in enumerate(self.places[:PINS])]
