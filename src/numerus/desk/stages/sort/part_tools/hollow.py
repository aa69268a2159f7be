"""Hollowing a part: wall, struts and drains, shown cut open before it is kept, with what is saved and what is risked."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from PyQt6.QtWidgets import QBoxLayout

from numerus.desk.stages.sort.part_tools.tool import CHANGED_RGB, Offer, Tool, hatched, whole_thing
from numerus.desk.view3d.renderer import Thing
from numerus.desk.widgets.layout import column, label, number_box, row
from numerus.desk.widgets.places import PlaceList
from numerus.desk.widgets.worded import CheckBox
from numerus.domain.money import money_text
from numerus.domain.printing.poses import Point
from numerus.errors import Progress
from numerus.geometry.mesh import Floats
from numerus.geometry.repair.health import oriented
from numerus.geometry.thickness import thickness
from numerus.printing.hollow.hollowing import Drain, Hollowed, hollow, plugs, with_drain_at
from numerus.printing.hollow.venting import Tipping, tipping

INNER_RGB = np.array([[217, 162, 27]], np.uint8)
THIN_SHARE, THICK_SHARE = 0.9, 1.1  # of the wall asked for: hatched below, lightly between


class HollowTool(Tool):
    """Walls of a chosen thickness, two drains to a room: one lets resin out, the other air in; moved by a click."""

    title = "Hollow"

    def build(self) -> QBoxLayout:
        self.hollowed: Hollowed | None = None
        self.up: Point = (0.0, 0.0, 1.0)
        self.tips: Tipping | None = None
        self.tones: NDArray[np.uint8] = CHANGED_RGB
        self.wall = number_box(0.4, 10.0, 2.0, 0.5, "Wall", " mm")
        self.drain = number_box(1.5, 8.0, 3.0, 0.5, "Drain's diameter", " mm")
        self.strut = number_box(0.0, 5.0, 0.0, 0.5, "Struts", " mm")
        self.strut.setSpecialValueText("none")
        self.plugged = CheckBox("Plugs for the drains, as a part of the kit")
        self.list = PlaceList(
            self.page.theme, "Drains", "Worth it over about 25 mm of thickness; thin limbs stay solid."
        )
        self.list.chosen.connect(lambda _: self.page.draw())
        self.words = label("", "note", True)
        self.caution = label(
            "Resin left inside weeps and cracks the part weeks later: rinse and cure the inside, too. Gloves; cure what drips.",
            "caution", True,
        )  # fmt: skip
        self.offer = Offer(
            ("Show it hollow", self.show_hollow), ("Keep it hollow", self.keep_hollow), ("Leave it solid", self.drop)
        )
        layout = column(
            row(label("Wall"), self.wall, label("drains of"), self.drain, -1, gap=6),
            row(label("struts of"), self.strut, -1, gap=6), self.list, self.words, self.plugged, self.caution, self.offer, gap=6,
        )  # fmt: skip
        layout.setStretch(2, 1)
        return layout

    def forget(self) -> None:
        self.hollowed, self.tips, self.tones = None, None, CHANGED_RGB
        self.list.show_lines([])

    def begin(self) -> None:
        self._fill()

    def _fill(self) -> None:
        self.offer.stand(self.hollowed is not None)
        self.plugged.setVisible(self.hollowed is not None)
        if self.hollowed is None or self.tips is None:
            self.words.setText("")
            return
        hollowed, machine = self.hollowed, self.machine()
        left = f"{hollowed.trapped_ml:.2f} ml can never drain" if hollowed.trapped_ml > 0.001 else "nothing is shut in"
        army = self.session.plans.army
        money = army.currency if army else ""
        pence = self.session.plans.resin.pence_per_l / 1000 * hollowed.saved_ml
        saves = f"Saves {hollowed.saved_ml:.1f} ml ({money_text(pence, money)}) and no minutes on {machine.name}: its height stays"
        adds = f"adds {len(hollowed.drains)} drains to rinse, cure and plug"
        walls = f"Thinnest wall {hollowed.min_wall_mm:.2f} mm; {left}. {self.tips.description}"
        self.words.setText(f"{saves}; {adds}. {walls} Click the part to move the chosen drain.")

    def show_hollow(self) -> None:
        mesh, wall, drain, strut = self.page.mesh, self.wall.value(), self.drain.value(), self.strut.value()
        part = self.page.part
        if part is None:
            return
        others, lies = [self.session.mesh(p.blob) for p in self.session.beside(part)], part.pose or part.draft
        self.up = lies.up if lies else (0.0, 0.0, 1.0)
        self._start(lambda: hollow(oriented(mesh)[0], wall, drain, strut, self.up, others))

    def _start(self, make) -> None:  # type: ignore[no-untyped-def]
        """Make it hollow, see how it pours out, measure its walls; in one job."""

        def work(progress: Progress) -> tuple[Hollowed, Tipping, Floats]:
            outcome = make()
            progress(0.7)
            per_face = thickness(outcome.mesh).of_faces(len(outcome.mesh.faces))
            per_vertex = np.full(len(outcome.mesh.vertices), np.inf)
            np.minimum.at(per_vertex, outcome.mesh.faces.reshape(-1), np.repeat(per_face, 3))
            return outcome, tipping(outcome.mesh, self.up), per_vertex

        self.start("hollow", "Hollowing", work, lambda found: self._made(*found))

    def _made(self, hollowed: Hollowed, tips: Tipping, walls_mm: Floats) -> None:
        self.hollowed, self.tips = hollowed, tips
        wall, at = self.wall.value(), self.list.at_line
        self.tones = hatched(hollowed.mesh, walls_mm, THIN_SHARE * wall, THICK_SHARE * wall)
        self.list.show_lines([
            (f"{'High' if n % 2 == 0 else 'Low'} drain, {d.diameter_mm:g} mm through {d.length_mm:.1f} mm",
             _hides(d))
            for n, d in enumerate(hollowed.drains)
        ] + [(f"{p.volume_ml:.2f} ml pool here", "when it is tipped as told below: suck or blow it out, or drain it here")
             for p in tips.pools])  # fmt: skip
        self.list.at_line = at if at < len(hollowed.drains) else -1
        self._fill()

    def picked(self, place: Floats) -> None:
        """The chosen drain goes where the part was clicked."""
        hollowed, number = self.hollowed, self.list.at_line
        if hollowed is not None and 0 <= number < len(hollowed.drains):
            self._start(lambda: with_drain_at(hollowed, number, place))

    def drop(self) -> None:
        self.forget()
        self._fill()
        self.page.draw()

    def keep_hollow(self) -> None:
        if self.hollowed is not None:
            extra = [("plugs", plugs(self.hollowed, self.machine().peg_play_mm))] if self.plugged.isChecked() else []
            self.page.keep(f"hollow, wall {self.wall.value():g} mm", self.hollowed.mesh, extra)

    def things(self) -> tuple[list[Thing], str]:
        """The whole as it is; when hollow, cut open at half its height with the rest as a ghost."""
        if self.hollowed is None:
            return [whole_thing(self.page.mesh)], ""
        mesh = self.hollowed.mesh
        self.page.view.cut_mm = float(mesh.bounds_mm[:, 2].mean())
        ghost = Thing(self.page.mesh, INNER_RGB, alpha=0.18)
        return [
            Thing(mesh, self.tones, cut=True),
            ghost,
        ], f"cut open at half its height; hatched where walls are under {self.wall.value():g} mm"

    def pins(self) -> list[tuple[tuple[float, float, float], bool]]:
        """Drains, then where resin pools: numbered as they are listed."""
        drains = [d.place_mm for d in self.hollowed.drains] if self.hollowed else []
        pools = [(p.x_mm, p.y_mm, p.z_mm) for p in self.tips.pools] if self.tips else []
        return [(place, n == self.list.at_line) for n, place in enumerate(drains + pools)]


def _hides(drain: Drain) -> str:
    if drain.glued:
        return "glued over when it is built: wash and cure it before"
    return "on a face nobody sees" if drain.seen < 0.05 else f"seen {drain.seen:.0%} from the table"
