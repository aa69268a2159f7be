"""Bases and decals of a unit: what lies on them, where, and how much of it all takes."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

import numpy as np
from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QWidget

from numerus.assembly.stacked_base import COLUMNS as STACK_COLUMNS
from numerus.assembly.stacked_base import USUAL, stack_from_rows, stack_rows
from numerus.desk.context import Context
from numerus.desk.dialogs.tables import TableDialog
from numerus.desk.stages.finish.base_state import BaseState, Lying
from numerus.desk.view3d.painted import zoned_parts
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.drawing import RIGHT, StatedDrawing
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import FileDialog, InputDialog, Menu
from numerus.domain.army import Army, Unit
from numerus.errors import NumerusError
from numerus.formats.tables import write_text
from numerus.paint.finishing.basing import (
    COLUMNS,
    DECAL_COLUMNS,
    KINDS,
    cut_sheet,
    cut_sheet_svg,
    decal_rows,
    decals_from_rows,
    layer_rows,
    layers_from_rows,
)
from numerus.paint.zone_colours import painter_of, zone_colours

ROW_PX, STREWN = 24.0, np.array([246, 247, 250])


class NeedList(StatedDrawing[BaseState]):
    """A row a layer from below, and a row a decal: what, how, how much of all."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "What bases and decals take")
        self.hold("setMinimumHeight", 220)

    def draw(self, painter: QPainter) -> None:
        state = self.state
        if state is None or state.unit is None:
            return
        y = 18.0
        for words, rows in (("Layers, from below", self._layers(state)), ("Decals to cut", self._decals(state))):
            self.text(painter, 0, y, words, 13, True)
            for name, detail, amount in rows or [("none yet", "", "")]:
                y += ROW_PX
                used = self.text(painter, 0, y, name, 13)
                self.text(painter, used + 10, y, detail, 11, colour="slate", width=max(self.width() - used - 90, 20))
                self.text(painter, self.width(), y, amount, 13, True, align=RIGHT)
                self.line(painter, 0, y + 7, self.width(), y + 7)
            y += 1.6 * ROW_PX

    @staticmethod
    def _layers(state: BaseState) -> list[tuple[str, str, str]]:
        rows = []
        for need in state.needs:
            layer = need.layer
            part = f", {layer.share:.0%} of the top" if layer.share < 1 else ""
            rows.append((layer.name, f"{layer.amount:g} {KINDS[layer.kind].unit}{part}", need.words))
        return rows

    @staticmethod
    def _decals(state: BaseState) -> list[tuple[str, str, str]]:
        return [(d.name, f"{d.wide_mm:g} × {d.high_mm:g} mm {d.where}", str(many)) for d, many in state.cuts]


class BasePage(QWidget):
    def __init__(self, context: Context, renderer: Renderer) -> None:
        super().__init__()
        self.context, self.session = context, context.session
        self.state = BaseState(context.session.answers)
        self.view = BenchView(context.theme, renderer, "Where something strewn would lie")
        self.heading, self.note = label("", "section", True), label("", "note", True)
        self.list = NeedList(context)
        self._asked: object = None
        self.recipes = button(
            "Recipe …",
            self.ask_recipe,
            "",
            "Layers under a name that several units go by: changed once, changed for all",
        )
        buttons = row(
            button("Layers …", self.edit_layers, "main"), self.recipes, button("Decals …", self.edit_decals),
            button("Stacked of …", self.edit_stack, "", "Plate, riser, cork, bark: their height and weight count where it stands and travels"),
            button("Cut list …", self.ask_cut_list, "", "Every decal at its size: a sheet to cut, or a table"), -1,
        )  # fmt: skip
        right = column(self.heading, self.list, self.note, buttons, gap=8)
        right.setStretch(1, 1)
        body = row(self.view, right, gap=20, margins=(16, 4, 16, 12))
        body.setStretch(0, 1)
        body.setStretch(1, 1)
        self.setLayout(body)

    def refresh(self) -> None:
        state = self.state
        state.look(self.session.answers, self.session.unit_id, self.session.figure_id)
        self.heading.setText(state.heading)
        told = f"{state.recipe_words} {state.stack_words} {state.lying_words} Feet take a quarter of a base's top (default)."
        self.note.setText(told.strip())
        self.list.show_state(state)
        figure = state.figure
        if figure is not None:
            painted = painter_of(zone_colours(self.session.plans, self.session.plans.scheme_on(figure)))
            parts = zoned_parts(self.session, figure)
            self._show([Thing(p.mesh, painted(p)) for p in parts])
            self._look_where_it_lies()

    def _show(self, things: list[Thing]) -> None:
        figure, known = self.state.figure, self.state.lying.get(self.state.lying_for)
        self.view.caption = (figure.name if figure else "", "pale: where something strewn would lie")
        self.view.show_things(_strewn(things, known) if known else things, refit=not self.view.things)

    def _look_where_it_lies(self) -> None:
        state, key = self.state, self.state.lying_for
        if key is None or key in state.lying or key == self._asked or state.figure is None:
            return
        self._asked = key
        plans = self.session.plans
        meshes = {p: self.session.mesh(plans.parts[p].blob) for p in state.figure.build.values() if p in plans.parts}

        def done(lying: Lying) -> None:
            state.lying[key] = lying
            self.refresh()

        self.context.jobs.start("lying", "Looking where it would lie", state.lying_work(meshes), done, self._stopped)

    def _stopped(self) -> None:
        self._asked = None

    def edit_layers(self) -> None:
        """The layers as a table; undo brings the old ones back."""
        unit = self.state.unit
        if unit is not None:
            rows = layer_rows(self.state.layers or self.state.usual())
            recipe = self.state.recipe
            self._table(
                f"{recipe.name}: bases of all that go by it" if recipe else f"Bases of {unit.name}",
                COLUMNS,
                rows,
                self.keep_layers,
            )

    def edit_decals(self) -> None:
        unit = self.state.unit
        if unit is not None:
            rows = decal_rows(unit.decals) or [["", "", "", "1", ""]]
            self._table(f"Decals of {unit.name}", DECAL_COLUMNS, rows, self.keep_decals)

    def edit_stack(self) -> None:
        unit = self.state.unit
        if unit is not None:
            rows = stack_rows(unit.stack or USUAL)
            self._table(f"What bases of {unit.name} are stacked of", STACK_COLUMNS, rows, self.keep_stack)

    def keep_stack(self, rows: list[list[str]]) -> None:
        """Raises PlanError for what cannot be read; without rows bases are one piece again."""
        self._keep("stacked bases", self.state.with_stack(stack_from_rows(rows)))

    def _table(self, title, columns, rows, keep) -> None:  # type: ignore[no-untyped-def]
        dialog = TableDialog(self, title, columns, rows, keep)
        dialog.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        dialog.exec()

    def keep_layers(self, rows: list[list[str]]) -> None:
        """Raises PlanError for what cannot be read."""
        self._keep("bases", self.state.with_layers(layers_from_rows(rows)))

    def ask_recipe(self) -> None:
        """Which recipe the unit goes by, or its own layers made one."""
        self.recipe_menu().exec(self.recipes.mapToGlobal(QPoint(0, self.recipes.height())))

    def recipe_menu(self) -> Menu:
        """The army's recipes, the one gone by ticked, and what can be done with it."""
        state, menu = self.state, Menu(self)
        army, recipe = self.session.plans.army, state.recipe
        for name in ("", *(r.name for r in army.basings)) if army else ():
            way = menu.addAction(name or "Its own layers", lambda n=name: self._keep("recipe", state.going_by(n)))
            way.setCheckable(True)
            way.setChecked(name == (recipe.name if recipe else ""))
        menu.addSeparator()
        menu.addAction("Keep these layers as a recipe …", self._ask_recipe_name).setEnabled(bool(state.layers))
        if recipe is not None:
            menu.addAction(
                f"All units by {recipe.name}", lambda: self._keep("recipe", state.going_by(recipe.name, True))
            )
            menu.addAction(f"Forget {recipe.name}", lambda: self._keep("recipe", state.without_recipe()))
        return menu

    def _ask_recipe_name(self) -> None:
        name, fine = InputDialog.getText(self, "A recipe for bases", "Its name: fen mud, quay stones, snow")
        if fine:
            self.keep_recipe(name)

    def keep_recipe(self, name: str) -> None:
        """The unit's layers under a name; a fault is told."""
        try:
            self._keep(f"recipe {name.strip()}", self.state.named(name))
        except NumerusError as error:
            self.session.failed.emit(error)

    def keep_decals(self, rows: list[list[str]]) -> None:
        """Raises PlanError for what cannot be read."""
        self._keep("decals", self.state.with_decals(decals_from_rows(rows)))

    def _keep(self, what: str, changed: Sequence[Army | Unit]) -> None:
        if changed and self.state.unit is not None:
            self.session.commit(f"{what} of {self.state.unit.name}", changed)

    def ask_cut_list(self) -> None:
        name, _ = FileDialog.getSaveFileName(
            self, "Decals to cut", "decals.svg", "Sheet at 1:1 (*.svg);;Table (*.csv)"
        )
        if name:
            self.write_cut_list(Path(name))

    def write_cut_list(self, path: Path) -> None:
        """A sheet, or by its ending a table; a fault is told."""
        unit = self.state.unit
        sheet = cut_sheet_svg(cut_sheet(unit.decals if unit else (), self.state.waiting))
        try:
            write_text(path, self.state.cuts_csv() if path.suffix == ".csv" else sheet)
        except NumerusError as error:
            self.session.failed.emit(error)


def _strewn(things: list[Thing], known: Lying) -> list[Thing]:
    """Pale where something strewn lies."""
    return [
        Thing(t.mesh, (t.colours + (STREWN - t.colours.astype(float)) * share[:, None]).astype(np.uint8))
        for t, share in zip(things, known.shares, strict=True)
    ]
