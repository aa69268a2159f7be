"""The roll: army, units, figures, each with how far it has come. What is selected here is what the bench shows."""

from __future__ import annotations

from PyQt6.QtCore import QModelIndex, QRectF, QSize, Qt
from PyQt6.QtGui import QPainter, QPixmap
from PyQt6.QtWidgets import QStyle, QStyledItemDelegate, QStyleOptionViewItem, QVBoxLayout, QWidget

from numerus.desk.actions import Actions
from numerus.desk.context import Context
from numerus.desk.session import CLOCK
from numerus.desk.theme.marks import draw_mark, draw_warning
from numerus.desk.translate import tr
from numerus.desk.widgets.drawing import hold
from numerus.desk.widgets.layout import column, label, panel
from numerus.desk.widgets.road import draw_road
from numerus.desk.widgets.worded import Menu, TreeItem, TreeWidget
from numerus.domain.army import Figure, Unit
from numerus.domain.plans import Plans
from numerus.domain.stages import STAGES, TITLES
from numerus.errors import NumerusError
from numerus.progress.standing import FigureStanding
from numerus.words import counted

_Listed = list[tuple[Unit, list[tuple[Figure, str]]]]
UNIT, FIGURE = Qt.ItemDataRole.UserRole, Qt.ItemDataRole.UserRole + 1


class _Delegate(QStyledItemDelegate):
    """Draws a unit as its picture, name and road, a figure as mark, name and where it stands."""

    def __init__(self, roll: Roll) -> None:
        super().__init__(roll)
        self.roll, self.theme = roll, roll.theme

    def sizeHint(self, _: QStyleOptionViewItem, index: QModelIndex) -> QSize:
        return QSize(200, round((24 if index.data(FIGURE) else 52) * self.theme.zoom))

    def paint(self, painter: QPainter, option: QStyleOptionViewItem, index: QModelIndex) -> None:
        painter.save()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        zoom = self.theme.zoom
        painter.scale(zoom, zoom)
        box = QRectF(0, option.rect.top() / zoom, option.rect.right() / zoom, option.rect.height() / zoom)
        if option.state & QStyle.StateFlag.State_Selected:
            painter.fillRect(box, self.theme.colour("riverwash"))
            painter.fillRect(QRectF(0, box.top(), 4, box.height()), self.theme.colour("river"))
        figure = self.roll.session.answers.standing.figures.get(index.data(FIGURE) or "")
        if figure is not None:
            self._figure(painter, box, figure)
        else:
            self._unit(painter, box, index.data(UNIT))
        painter.restore()

    def _unit(self, painter: QPainter, box: QRectF, unit_id: str) -> None:
        session, theme = self.roll.session, self.theme
        unit = session.plans.units.get(unit_id)
        if unit is None:
            return
        figures = session.answers.standing.of_unit(unit_id)
        painter.fillRect(QRectF(box.left(), box.bottom() - 1, box.width(), 1), theme.colour("hairline"))
        picture = self.roll.picture(unit_id)
        frame = QRectF(12, box.top() + 6, 40, 40)
        painter.fillRect(frame, theme.colour("bed"))
        if picture is not None:
            painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
            painter.drawPixmap(frame, picture, QRectF(picture.rect()))
        painter.setFont(theme.drawn_font(13, True))
        painter.setPen(theme.colour("ink"))
        words = painter.fontMetrics().elidedText(unit.name, Qt.TextElideMode.ElideRight, 142)
        painter.drawText(QRectF(60, box.top() + 4, 144, 18), 0x81, words)
        draw_mark(painter, unit.mark, 207, box.top() + 6, 16, theme.unit_colour(unit.mark))
        draw_road(painter, theme, QRectF(60, box.top() + 23, 120, 9), figures, theme.unit_colour(unit.mark))
        painter.setFont(theme.drawn_font(11))
        painter.setPen(theme.colour("slate"))
        painter.drawText(QRectF(60, box.top() + 33, 100, 16), 0x81, tr(_stages_said(figures)))
        many = tr(counted(len(figures), "figure"))
        painter.drawText(QRectF(120, box.top() + 33, 100, 16), 0x82, many)

    def _figure(self, painter: QPainter, box: QRectF, figure: FigureStanding) -> None:
        theme = self.theme
        trouble = figure.stage == "sort" or (figure.stage == "plate" and figure.failures > 0)
        if trouble:
            draw_warning(painter, 24, box.top() + 6, 12, theme.colour("tallow"), theme.colour("ink"))
        else:
            draw_mark(painter, figure.unit.mark, 25, box.top() + 5, 14, theme.unit_colour(figure.unit.mark))
        done = figure.stage == "ready"
        words = figure.detail if trouble or done else f"{TITLES[figure.stage]} {_short(figure)}".strip()
        painter.setFont(theme.drawn_font(11, trouble))
        painter.setPen(theme.colour("brick" if trouble else "moss_ink" if done else "slate"))
        words = painter.fontMetrics().elidedText(tr(words), Qt.TextElideMode.ElideRight, 104)
        wide = painter.fontMetrics().horizontalAdvance(words)
        painter.drawText(QRectF(220 - wide, box.top(), wide + 1, box.height()), 0x82, words)
        painter.setFont(theme.drawn_font(13))
        painter.setPen(theme.colour("ink"))
        name = painter.fontMetrics().elidedText(figure.figure.name, Qt.TextElideMode.ElideRight, 170 - wide)
        painter.drawText(QRectF(42, box.top(), 170 - wide, box.height()), 0x81, name)


def _short(figure: FigureStanding) -> str:
    if figure.stage == "paint":
        return f"{len(figure.strokes) - len(figure.next_strokes)} of {len(figure.strokes)}"
    return ""


def _stages_said(figures: list[FigureStanding]) -> str:
    stages = sorted({f.number for f in figures})
    if not stages:
        return "no figures"
    words = [TITLES[STAGES[n]] for n in (stages[:2] if len(stages) <= 2 else [stages[0], stages[-1]])]
    return words[0] if len(words) == 1 else f"{words[0]} – {words[1].lower()}"


class Roll(QWidget):
    """The left of the window."""

    def __init__(self, context: Context, user_actions: Actions) -> None:
        super().__init__()
        self.session, self.theme, self.user_actions = context.session, context.theme, user_actions
        hold(self.theme, self, "setFixedWidth", 232)
        self.setObjectName("linen")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground, True)
        self.subtitle = label("", "note")
        self.tree = TreeWidget()
        self.tree.setHeaderHidden(True)
        self.tree.setRootIsDecorated(False)
        self.tree.setIndentation(0)
        self.tree.setExpandsOnDoubleClick(False)
        self.tree.setAccessibleName("Roll of units and figures")
        self.tree.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.tree.setItemDelegate(_Delegate(self))
        outer = QVBoxLayout(self)
        outer.setContentsMargins(0, 0, 0, 0)
        outer.addWidget(panel(column(label("Roll", "section"), self.subtitle, gap=2, margins=(16, 12, 12, 8)), "linen"))
        outer.addWidget(self.tree, 1)
        self._listed: _Listed = []
        self._of_plans: Plans | None = None
        self._thumbnails: dict[str, str] = {}  # of units
        self._pictures: dict[str, QPixmap] = {}  # by thumbnail
        self.tree.currentItemChanged.connect(self._chosen)
        self.tree.setContextMenuPolicy(Qt.ContextMenuPolicy.CustomContextMenu)
        self.tree.customContextMenuRequested.connect(lambda at: self.menu().exec(self.tree.viewport().mapToGlobal(at)))
        self.session.changed.connect(self._changed)
        self.session.selected.connect(self._follow)
        self.theme.changed.connect(self.tree.viewport().update)
        self.refresh()

    def picture(self, unit_id: str) -> QPixmap | None:
        """A part of the unit that tells it: the head's thumbnail, or the first part there is; looked for once in these plans."""
        plans = self.session.plans
        if self._of_plans is not plans:
            self._of_plans, self._thumbnails = plans, {}
        if unit_id not in self._thumbnails:
            self._thumbnails[unit_id] = self._thumbnail(unit_id)
        chosen = self._thumbnails[unit_id]
        if chosen and chosen not in self._pictures:
            pixmap = QPixmap()
            try:
                pixmap.loadFromData(self.session.book.blob(chosen))
            except NumerusError:
                return None
            self._pictures[chosen] = pixmap
        return self._pictures.get(chosen)

    def _thumbnail(self, unit_id: str) -> str:
        """Its blob, "" for none."""
        plans = self.session.plans
        unit = plans.units[unit_id]
        parts = sorted(
            (p for p in plans.parts.values() if p.kit_id == unit.kit_id and p.thumbnail),
            key=lambda p: (p.slot not in ("head", "neck"), p.name),
        )
        heads = [p for p in parts if p.slot == "head"] or parts
        return heads[unit.order % len(heads)].thumbnail if heads else ""

    def _changed(self, about: frozenset[str]) -> None:
        if about - {CLOCK}:
            self.refresh()

    def refresh(self) -> None:
        plans, details = self.session.plans, self.session.answers.standing.figures
        by = f", by {plans.army.ready_by:%a %-d %b}" if plans.army else ""
        self.subtitle.setText(f"{counted(len(plans.figures), 'figure')} in {counted(len(plans.units), 'unit')}{by}")
        listed = [(unit, [(f, details[f.id].detail) for f in plans.figures_of(unit.id)]) for unit in plans.units_in_order()]
        if listed != self._listed:
            self._listed = listed
            self._list(listed)
        self.tree.viewport().update()
        self._follow()

    def _list(self, listed: _Listed) -> None:
        open_units = {
            self.tree.topLevelItem(i).data(0, UNIT)
            for i in range(self.tree.topLevelItemCount())
            if self.tree.topLevelItem(i).isExpanded()
        }
        self.tree.blockSignals(True)
        self.tree.clear()
        for unit, figures in listed:
            item = TreeItem([unit.name])
            item.setData(0, UNIT, unit.id)
            self.tree.addTopLevelItem(item)
            for figure, detail in figures:
                child = TreeItem([figure.name])
                child.setData(0, UNIT, unit.id)
                child.setData(0, FIGURE, figure.id)
                child.setToolTip(0, f"{figure.name}: {detail}")
                item.addChild(child)
            item.setExpanded(unit.id in open_units or unit.id == self.session.unit_id)
        self.tree.blockSignals(False)

    def menu(self) -> Menu:
        """What can be done with the unit or figure that is selected."""
        menu, act, unit_id, figure_id = Menu(self), self.user_actions, self.session.unit_id, self.session.figure_id
        plans = self.session.plans
        menu.addAction("Add a unit …", act.add_unit)
        if unit_id in plans.units:
            menu.addAction(f"Change {plans.units[unit_id].name} …", lambda: act.edit_unit(unit_id))
            menu.addSeparator()
        if figure_id in plans.figures:
            menu.addAction(f"Remove {plans.figures[figure_id].name}", lambda: act.remove_figure(figure_id))
        if unit_id in plans.units:
            menu.addAction(f"Remove {plans.units[unit_id].name}", lambda: act.remove_unit(unit_id))
        if unit_id in plans.units and plans.units[unit_id].kit_id in plans.kits:
            kit = plans.kits[plans.units[unit_id].kit_id]
            menu.addAction(f"Remove the kit {kit.name} with its parts", lambda: act.remove_kit(unit_id))
        return menu

    def _chosen(self, item: TreeItem | None) -> None:
        if item is not None:
            self.session.select(item.data(0, UNIT), item.data(0, FIGURE) or "")

    def _follow(self) -> None:
        """Mark what is selected; only the selected unit is unfolded."""
        self.tree.blockSignals(True)
        for i in range(self.tree.topLevelItemCount()):
            item = self.tree.topLevelItem(i)
            mine = item.data(0, UNIT) == self.session.unit_id
            item.setExpanded(mine)
            if mine:
                chosen = next(
                    (
                        item.child(n)
                        for n in range(item.childCount())
                        if item.child(n).data(0, FIGURE) == self.session.figure_id
                    ),
                    item,
                )
                self.tree.setCurrentItem(chosen)
        self.tree.blockSignals(False)
