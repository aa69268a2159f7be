"""Ready: what stands on the table, what it cost beside the bought price, and how to pack it."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen, QPolygonF
from PyQt6.QtWidgets import QApplication, QBoxLayout

from numerus.desk.context import Context
from numerus.desk.stages.ready.state import ReadyState
from numerus.desk.theme.marks import draw_mark, draw_warning
from numerus.desk.view3d.painted import figure_things, painter_of, zone_colours
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing
from numerus.desk.widgets.layout import button, column, label, panel, row
from numerus.domain.army import Unit
from numerus.domain.money import money_text
from numerus.money.costs import Cost
from numerus.packing.trays import FOAM_MM, Tray, packing_list
from numerus.words import counted, hours

KINDS = (("kit", "Kit", "river"), ("resin", "Resin", "#8A5A2E"), ("washing", "Washing", "#46628C"), ("machine", "Machine", "slate"),
         ("paint", "Paint", "tallow"), ("failures", "Failures", "brick"))  # fmt: skip


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
        most = max(
            [
                100.0,
                *(c.total for c in costs.values()),
                *(u.bought_pence * len(plans.figures_of(u.id)) for u in plans.units.values()),
            ]
        )
        step = min(64.0, (self.height() - 96) / max(len(costs), 1))
        for number, unit in enumerate(u for u in plans.units_in_order() if u.id in costs):
            self._unit(painter, unit, costs[unit.id], 52 + number * step, step, most, money)
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
        figures = len(self.session.plans.figures_of(unit.id))
        draw_mark(painter, unit.mark, 0, y + 2, 16, self.theme.unit_colour(unit.mark))
        self.text(painter, 22, y + 14, unit.name, 13, True)
        each = cost.total / max(figures, 1)
        self.text(
            painter,
            self.width(),
            y + 14,
            f"{money_text(each, money)} a figure, bought {money_text(unit.bought_pence, money)}",
            13,
            align=RIGHT,
        )
        x, wide = 0.0, self.width() - 4.0
        for field, words, role in KINDS:
            part = getattr(cost, field)
            self.bar(painter, x, y + 22, wide * part / most, 14, role)
            self.region(
                QRectF(x, y + 20, max(wide * part / most, 1), 18),
                f"{unit.name}, {words.lower()}: {money_text(part, money)}",
            )
            x += wide * part / most
        mark = wide * unit.bought_pence * figures / most
        self.line(painter, mark, y + 18, mark, y + 40, "ink", 2)
        self.text(
            painter,
            max(mark - 4, 90),
            y + step - 8,
            f"bought {money_text(unit.bought_pence * figures, money)}",
            11,
            colour="slate",
            align=RIGHT,
        )


class PackingPicture(Drawing):
    """Foam trays for the chosen unit, figures on their backs: each compartment's outline to scale, what must be minded."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Packing list")
        self.trays: list[Tray] = []
        self.title, self.busy = "", False

    def show_trays(self, title: str, trays: list[Tray], busy: bool = False) -> None:
        """``busy``: they are being worked out."""
        self.title, self.trays, self.busy = title, trays, busy
        self.update()

    def _scale(self, across: int, wide_mm: float, long_mm: float) -> float:
        """Pixels a millimetre if ``across`` compartments lie side by side."""
        rows = -(-len(self.trays) // across)
        return min((self.width() - 10) / (across * wide_mm), (self.height() - 56) / (rows * long_mm), 4.0)

    def draw(self, painter: QPainter) -> None:
        self.text(painter, 0, 18, f"Packing: {self.title}", 16, True)
        if not self.trays:
            words = "Laying every figure on its back …" if self.busy else "No figure of this unit has parts yet."
            self.text(painter, 0, 44, words, 11, colour="slate")
            return
        wide, long, high = (max(getattr(t, k) for t in self.trays) for k in ("width_mm", "depth_mm", "height_mm"))
        fits = [(n, self._scale(n, wide + 3, long + 3)) for n in range(1, len(self.trays) + 1)]
        across, scale = max(fits, key=lambda fit: fit[1])
        step = (self.width() - 10) / across
        for number, tray in enumerate(self.trays):
            corner = QPointF((number % across) * step, 28 + (number // across) * (long + 3) * scale)
            self._tray(painter, tray, QRectF(corner.x(), corner.y(), step - 4, long * scale), scale)
        many = counted(len(self.trays), "compartment")
        description = (
            f"{many}, foam {high:.0f} mm deep, {FOAM_MM:g} mm round each, lying on its back; double box to ship."
        )
        self.text(painter, 0, self.height() - 6, description, 11, colour="slate")

    def _tray(self, painter: QPainter, tray: Tray, box: QRectF, scale: float) -> None:
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("bed"))
        painter.drawRoundedRect(box, 5, 5)
        middle, bottom = (
            box.center().x() - tray.width_mm * scale / 2,
            box.bottom() - (box.height() - tray.depth_mm * scale) / 2,
        )
        shape = QPolygonF([QPointF(middle + x * scale, bottom - y * scale) for x, y in tray.outline])
        painter.setPen(QPen(self.theme.colour("brick" if tray.note else "slate"), 1.2))
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawPolygon(shape)
        self.text(
            painter, box.center().x(), box.center().y() + 4, tray.figure, 11, True, align=CENTRE, width=box.width() - 4
        )
        size = f"{tray.width_mm:.0f} × {tray.depth_mm:.0f} × {tray.height_mm:.0f} mm"
        self.region(box, f"{tray.figure}: {size}{'; ' + tray.note if tray.note else ''}")
        if tray.note:
            draw_warning(
                painter, box.right() - 18, box.top() + 4, 13, self.theme.colour("tallow"), self.theme.colour("ink")
            )


class ReadyBench(Bench):
    stage = "ready"

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer, self.state = renderer, ReadyState(context.session.answers)
        self._packed_for: tuple[object, ...] = ()
        super().__init__(context)
        self.add_button("Copy the packing list", self.copy, tip="As text, one line a figure")

    def build(self) -> QBoxLayout:
        self.view = BenchView(self.theme, self.renderer, "A figure as it will stand on the table")
        self.packing, self.bars = PackingPicture(self.context), CostBars(self.context)
        left = column(self.view, gap=6)
        body = row(left, self.bars, gap=20, margins=(16, 4, 16, 8))
        body.setStretch(0, 5)
        body.setStretch(1, 7)
        self.words = label("", "note", True)
        drawer = panel(column(self.packing, self.words, gap=2, margins=(16, 6, 16, 8)), "drawer")
        drawer.layout().setStretch(0, 1)
        whole = column(body, drawer, gap=0)
        whole.setStretch(0, 5)
        whole.setStretch(1, 3)
        return whole

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
        self.bars.show_costs(state.costs, state.bought_pence)
        figure = state.figure
        own = [state.plans.parts[p] for p in figure.build.values() if p in state.plans.parts] if figure else []
        self.with_meshes(own, self._show_figure)
        self._pack()

    def _show_figure(self) -> None:
        figure = self.state.figure
        if figure is not None:
            self.view.caption = (figure.name, self.state.answers.standing.figures[figure.id].detail)
            self.view.show_things(figure_things(self.session, figure, painter_of(zone_colours(self.session))))

    def _pack(self) -> None:
        """Trays in a job; those of another unit are not shown for this one."""
        state, unit, about = self.state, self.state.unit, self.state.packed_for
        if unit is None or about == self._packed_for:
            return
        self._packed_for, state.trays = about, []
        self.packing.show_trays(unit.name, [], busy=True)
        plans, mesh_of = state.plans, self.session.mesh_reader()

        def done(trays: list[Tray]) -> None:
            state.trays = trays
            self.packing.show_trays(unit.name, trays)

        self.context.jobs.start(
            "packing", f"Packing {unit.name}", lambda progress: packing_list(plans, unit, mesh_of, progress), done
        )

    def packing_text(self) -> str:
        return self.state.packing_text

    def copy(self) -> None:
        clipboard = QApplication.clipboard()
        if clipboard is not None:
            clipboard.setText(self.packing_text())
