"""Ready: what stands on the table, what it cost beside the bought price, and how to pack it."""

from __future__ import annotations

from dataclasses import replace
from functools import partial
from pathlib import Path

from PyQt6.QtCore import QRectF
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QApplication, QBoxLayout

from numerus.desk.context import Context
from numerus.desk.money.money_dialog import MoneyDialog
from numerus.desk.money.quote import QuoteDialog
from numerus.desk.stages.ready.packing_picture import PackingPicture
from numerus.desk.stages.ready.sheets import write_labels, write_sheets
from numerus.desk.stages.ready.state import ReadyState
from numerus.desk.theme.marks import draw_mark
from numerus.desk.view3d.painted import figure_things
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.later import Later
from numerus.desk.widgets.layout import button, column, label, panel, row
from numerus.desk.widgets.worded import ComboBox, FileDialog, SpinBox
from numerus.domain.army import FOAM, MAGNETS, Unit
from numerus.domain.money import money_text
from numerus.errors import Progress
from numerus.formats.tables import write_text
from numerus.money.costs import Cost
from numerus.packing.cutting import write_cut_files
from numerus.packing.packing_list import label_lines, packing_html
from numerus.packing.pockets import packed_pockets, pockets_of, unpacked_pockets
from numerus.packing.standing import standing_pockets
from numerus.packing.trays import Packed, packed
from numerus.paint.zone_colours import painter_of, zone_colours
from numerus.progress.army_page import figure_pictures
from numerus.words import counted, hours

POCKETS = "pockets"
"""Under which word a book keeps the outlines its figures were packed by."""
COSTS_MS = 30  # after the rest of the bench is shown
ROOMY_PX, NAME_PX, PRICE_PX = 48.0, 150.0, 170.0  # for a unit over its bar; else beside the bar
KINDS = (
    ("kit", "Kit", "river"), ("resin", "Resin", "#8A5A2E"), ("washing", "Washing", "#46628C"), ("machine", "Machine", "slate"),
    ("paint", "Paint", "tallow"), ("coats", "Primer, varnish", "moss"), ("base", "Base", "ink"), ("failures", "Failures", "brick"),
)  # fmt: skip


class CostBars(Drawing):
    """Each unit's cost by what it went to, on one scale with the bought price as a mark."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Cost by unit beside the bought price")
        self.session = context.session
        self.costs: dict[str, Cost] = {}
        self.bought_pence = 0
        self.hold("setMinimumWidth", 420)

    def show_costs(self, costs: dict[str, Cost], bought_pence: int) -> None:
        """By unit; ``bought_pence``: what all of it would cost bought."""
        self.costs, self.bought_pence = costs, bought_pence
        self.update()

    def draw(self, painter: QPainter) -> None:
        plans, costs = self.session.plans, self.costs
        money = plans.army.currency if plans.army else ""
        self.text(painter, 0, 18, "What it costs, when all of it is ready", 16, True)
        self._legend(painter)
        if not costs:  # about to be worked out
            return
        most = max(
            [
                100.0,
                *(c.total for c in costs.values()),
                *(u.bought_pence * len(plans.figures_of(u.id)) for u in plans.units.values()),
            ]
        )
        step = min(64.0, (self.height() - 96) / max(len(costs), 1))
        draw_unit = self._unit if step >= ROOMY_PX else self._line_of
        for number, unit in enumerate(u for u in plans.units_in_order() if u.id in costs):
            draw_unit(painter, unit, costs[unit.id], 52 + number * step, step, most, money)
        total = sum(c.total for c in costs.values())
        y = 52 + len(costs) * step + 22
        self.text(
            painter,
            0,
            y,
            f"All: {money_text(total, money)} against {money_text(self.bought_pence, money)} bought.",
            13,
            True,
        )
        minutes = sum(c.hands_min for c in costs.values())
        self.text(
            painter,
            0,
            y + 18,
            f"{hours(minutes)} of hands logged, kept beside the money and not in it.",
            11,
            colour="slate",
        )

    def _legend(self, painter: QPainter) -> None:
        x = 0.0
        for _, words, role in KINDS:
            self.bar(painter, x, 30, 9, 9, role)
            x += 14 + self.text(painter, x + 13, 39, words, 11, colour="slate") + 10

    def _unit(self, painter: QPainter, unit: Unit, cost: Cost, y: float, step: float, most: float, money: str) -> None:
        """Its name and price over its bar."""
        figures = len(self.session.plans.figures_of(unit.id))
        draw_mark(painter, unit.mark, 0, y + 2, 16, self.theme.unit_colour(unit.mark))
        self.text(painter, 22, y + 14, unit.name, 13, True)
        self.text(painter, self.width(), y + 14, self._price(unit, cost, money, ranged=True), 13, align=RIGHT)
        mark = self._bars(painter, QRectF(0, y + 22, self.width() - 4.0, 14), unit, cost, most, money)
        bought = f"bought {money_text(unit.bought_pence * figures, money)}"
        self.text(painter, max(mark - 4, 90), y + step - 8, bought, 11, colour="slate", align=RIGHT)

    def _line_of(self, painter: QPainter, unit: Unit, cost: Cost, y: float, step: float, most: float, money: str) -> None:
        """Where there is little room: name, bar and price on one line."""
        draw_mark(painter, unit.mark, 0, y, 13, self.theme.unit_colour(unit.mark))
        self.text(painter, 20, y + 11, unit.name, 12, True, width=NAME_PX - 26)
        self.text(painter, self.width(), y + 11, self._price(unit, cost, money), 11, align=RIGHT)
        whole = self._price(unit, cost, money, ranged=True)
        self.region(QRectF(self.width() - PRICE_PX, y, PRICE_PX, 16), f"{unit.name}: {whole}")
        self._bars(painter, QRectF(NAME_PX, y + 2, self.width() - NAME_PX - PRICE_PX, 9), unit, cost, most, money)

    def _price(self, unit: Unit, cost: Cost, money: str, ranged: bool = False) -> str:
        figures = len(self.session.plans.figures_of(unit.id))
        each, range_words = cost.total / max(figures, 1), _range_words(cost, figures) if ranged else ""
        return f"{money_text(each, money)} a figure{range_words}, bought {money_text(unit.bought_pence, money)}"

    def _bars(self, painter: QPainter, box: QRectF, unit: Unit, cost: Cost, most: float, money: str) -> float:
        """What it went to, one beside the other, and a mark at the bought price; where that is."""
        x = box.left()
        for field, words, role in KINDS:
            wide = box.width() * getattr(cost, field) / most
            self.bar(painter, x, box.top(), wide, box.height(), role)
            told = f"{unit.name}, {words.lower()}: {money_text(getattr(cost, field), money)}"
            self.region(QRectF(x, box.top() - 2, max(wide, 1), box.height() + 4), told)
            x += wide
        mark = box.left() + box.width() * unit.bought_pence * len(self.session.plans.figures_of(unit.id)) / most
        self.line(painter, mark, box.top() - 4, mark, box.bottom() + 4, "ink", 2)
        return mark


def _range_words(cost: Cost, figures: int) -> str:
    """How far a figure's cost is only foretold; "" where little of it is."""
    low, high = (money_text(p / max(figures, 1)) for p in cost.range)
    return f" ({low} to {high})" if low != high else ""


class ReadyBench(Bench):
    stage = "ready"

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer, self.state = renderer, ReadyState(context.session.answers)
        self._packed_for: tuple[object, ...] = ()
        super().__init__(context)
        self._costs = Later(self, self._show_costs, context.jobs.turns, COSTS_MS)
        self.add_button("Copy the packing list", self.copy, tip="As text, one line a figure")
        self.add_button(
            "Quote …", self.quote, tip="What to ask for this unit, stop by stop, if it is painted for someone"
        )
        self.add_button("Money …", self.money, tip="What was bought, what to buy and by when, what pays")
        self.add_button("Cut files …", self.cut, "", "SVG and DXF at true size, one each a tray")

    def build(self) -> QBoxLayout:
        self.view = BenchView(self.theme, self.renderer, "A figure as it will stand on the table")
        self.packing, self.bars = PackingPicture(self.context), CostBars(self.context)
        left = column(self.view, gap=6)
        body = row(left, self.bars, gap=20, margins=(16, 4, 16, 8))
        body.setStretch(0, 5)
        body.setStretch(1, 7)
        self.words = label("", "note", True)
        self.wide, self.deep = self._box_side("wide"), self._box_side("deep")
        self.travels, self.sent = ComboBox(), label("", "note", True)
        self.travels.addItem("lying in foam", FOAM)
        self.travels.addItem("standing on magnets", MAGNETS)
        self.travels.setAccessibleName("How the army travels")
        self.travels.activated.connect(lambda _: self._travel(str(self.travels.currentData())))
        titled = row(
            label("Packed to travel", "section"),
            10,
            self.words,
            -1,
            self.travels,
            label("Box inside, mm", "note"),
            self.wide,
            self.deep,
        )
        titled.setStretch(2, 1)
        drawer = panel(column(titled, self.packing, self.sent, gap=4, margins=(16, 6, 16, 6)), "drawer")
        drawer.layout().setStretch(1, 1)
        whole = column(body, drawer, gap=0)
        whole.setStretch(0, 5)
        whole.setStretch(1, 4)
        return whole

    def _box_side(self, name: str) -> SpinBox:
        box = SpinBox()
        box.setRange(60, 2000)
        box.setSingleStep(10)
        box.setAccessibleName(f"How {name} the box is inside, mm")
        box.setKeyboardTracking(False)
        box.editingFinished.connect(self._resize_box)
        return box

    def _travel(self, way: str) -> None:
        army = self.state.plans.army
        if army is not None and way != army.travels:
            self.session.commit("another way to travel", [replace(army, travels=way)])

    def _resize_box(self) -> None:
        army, size = self.state.plans.army, (float(self.wide.value()), float(self.deep.value()))
        if army is not None and size != army.tray_mm:
            self.session.commit("another box to travel in", [replace(army, tray_mm=size)])

    def refresh(self) -> None:
        state, session = self.state, self.session
        state.look(session.answers, session.unit_id, session.figure_id)
        self.title.setText("Ready")
        self.subtitle.setText(state.subtitle)
        if state.unit is None:
            self.show_empty(
                "Nothing to count yet: muster an army first.",
                button("Go to Muster", lambda: session.go("muster"), "main"),
            )
            return
        self.show_full()
        if self._costs.has(state.answers, "costs"):
            self._show_costs()
        figure = state.figure
        own = [state.plans.parts[p] for p in figure.build.values() if p in state.plans.parts] if figure else []
        self.with_meshes(own, self._show_figure)
        self._pack()

    def _show_costs(self) -> None:
        self.bars.show_costs(self.state.costs, self.state.bought_pence)

    def _show_figure(self) -> None:
        figure = self.state.figure
        if figure is not None:
            self.view.caption = (figure.name, self.state.answers.standing.figures[figure.id].detail)
            self.view.show_things(
                figure_things(
                    self.session,
                    figure,
                    painter_of(zone_colours(self.session.plans, self.session.plans.scheme_on(figure))),
                )
            )

    def _pack(self) -> None:
        """Trays of the whole army in a job, once for what they depend on."""
        state, about = self.state, self.state.packed_for
        for side, mm in zip((self.wide, self.deep), (state.box.wide_mm, state.box.deep_mm), strict=True):
            if not side.hasFocus():
                side.setValue(round(mm))
        if about == self._packed_for:
            self._show_packed()
            return
        self._packed_for, state.packed = about, None
        self._show_packed()
        plans, figures, box, mesh_of = state.plans, state.figures, state.box, self.session.mesh_reader()
        broke, travels = state.broke, state.travels
        kept = self.session.worked_out(POCKETS)

        def work(progress: Progress) -> tuple[Packed, bytes]:
            known = unpacked_pockets(kept)
            if travels == MAGNETS:
                stood = standing_pockets(plans, figures, mesh_of)
                return packed(stood, box, progress, fingers=False), kept or b""
            pockets = pockets_of(plans, figures, mesh_of, lambda share: progress(0.8 * share), known, broke)
            return packed(pockets, box, lambda share: progress(0.8 + 0.2 * share)), packed_pockets(known)

        def done(packing: tuple[Packed, bytes]) -> None:
            state.packed = packing[0]
            if packing[1] and packing[1] != kept:
                self.session.keep_worked_out(POCKETS, packing[1])
            self._show_packed()

        self.context.jobs.start("packing", "Packing the army", work, done, partial(self._stopped, about))

    def _stopped(self, about: tuple[object, ...]) -> None:
        if about == self._packed_for:  # and nothing else is packed instead
            self._packed_for = ()
            self.words.setText("Packing was stopped: it begins anew when this bench is opened again.")

    def _show_packed(self) -> None:
        state, busy = self.state, self.state.packed is None
        figure = state.figure.id if state.figure else ""
        self.packing.show_trays(state.packed, state.unit.name if state.unit else "", figure, busy)
        self.words.setText(state.packed_words)
        self.sent.setText(state.parcel_words)
        self.sent.setVisible(bool(state.parcel_words))
        self.travels.setCurrentIndex(self.travels.findData(state.travels))

    def quote(self) -> None:
        """The chosen unit as a commission."""
        if self.state.unit is not None:
            QuoteDialog(self.context, self.state.unit, self).exec()

    def money(self) -> None:
        """Ledger, shopping list, what pays."""
        MoneyDialog(self.context, self).exec()

    def cut(self) -> None:
        folder = FileDialog.getExistingDirectory(self, "Where to put the cut files")
        if folder:
            self.cut_into(Path(folder))

    def cut_into(self, folder: Path) -> None:
        """In a job: one SVG and one DXF a tray, all at true size as PDF to pin on, labels, and the packing list with pictures."""
        trays = self.state.packed.trays if self.state.packed else ()
        plans, standing, sent = self.session.plans, self.state.answers.standing, self.state.parcel_words
        army = plans.army.name if plans.army else "Army"
        bags = {f.figure.name: f.on_sticks for f in standing.figures.values() if f.on_sticks}
        used = {p: plans.parts[p] for f in plans.figures.values() for p in f.build.values() if p in plans.parts}

        def draw() -> None:
            zoned = {p: self.session.zoned(part) for p, part in used.items()}

            def work(progress: Progress) -> int:
                files = write_cut_files(trays, folder)
                write_sheets(trays, folder / "trays.pdf")
                write_labels(label_lines(army, trays), folder / "labels.pdf")
                pictures = figure_pictures(plans, standing, zoned.__getitem__, progress)
                write_text(folder / "packing-list.html", packing_html(army, trays, pictures, sent, bags))
                return 2 * len(files) + 3

            self.context.jobs.start(
                "cut files", "Writing what to cut and to pack by", work,
                lambda many: self.words.setText(f"Written: {counted(many, 'file')} in {folder}."),
            )  # fmt: skip

        if trays:
            self.with_meshes(list(used.values()), draw)

    def packing_text(self) -> str:
        return self.state.packing_text

    def copy(self) -> None:
        clipboard = QApplication.clipboard()
        if clipboard is not None:
            clipboard.setText(self.packing_text())
