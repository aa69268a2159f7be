"""Shelves of parts: one list of pictures per slot; parts are dragged from shelf to shelf, renamed, set aside."""

from __future__ import annotations

import string
from collections.abc import Callable, Sequence

from PyQt6.QtCore import QPoint, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QDropEvent, QFontMetrics, QIcon, QPainter, QPen, QPixmap, QResizeEvent
from PyQt6.QtWidgets import QListWidgetItem

from numerus.desk.theme.palette import LABEL, Theme
from numerus.desk.widgets.worded import ListItem, ListWidget
from numerus.domain.army import BOUGHT, NONE
from numerus.domain.parts import Part
from numerus.kit.sorting import telling_words

ICON_PX, SMALL_PX, STACK_PX = 44, 31, 6
LARGE_PARTS = 3
PADDING_PX = 24  # what the style keeps free beside the words of an item, both sides together
ID, LARGE = Qt.ItemDataRole.UserRole, Qt.ItemDataRole.UserRole + 1


def letter(parts: Sequence[Part], part_id: str) -> str:
    """a, b, c … for alternatives of a slot; the word itself for a decision without a part."""
    ids = [p.id for p in parts]
    if part_id in ids:
        return string.ascii_lowercase[ids.index(part_id) % 26]
    return part_id if part_id in (NONE, BOUGHT) else "?"


def facts_of(part: Part) -> str:
    """Size, volume and soundness in one line."""
    size = " × ".join(f"{e:.1f}" for e in part.extents_mm)
    closed = "closed" if part.watertight else f"{part.holes} holes"
    shells = "one solid" if part.shells == 1 else f"{part.shells} shells"
    thin = f", thinnest {part.thinnest_mm:.2f} mm" if part.thinnest_mm else ""
    return f"{size} mm, {part.volume_ml:.2f} ml, {part.triangles} faces, {closed}, {shells}{thin}"


class Shelf(ListWidget):
    """The parts of one slot as pictures. ``dropped``: part ids and this slot; ``asked``: parts to be changed, and where."""

    dropped = pyqtSignal(list, str)
    chosen = pyqtSignal(str)
    opened = pyqtSignal(str)
    asked = pyqtSignal(list, QPoint)

    def __init__(self, slot: str, theme: Theme) -> None:
        super().__init__()
        self.slot, self.theme = slot, theme
        theme.changed.connect(self._size_words)
        self.setViewMode(ListWidget.ViewMode.IconMode)
        self.setFlow(ListWidget.Flow.LeftToRight)
        self.setWrapping(True)
        self.setIconSize(QSize(ICON_PX + STACK_PX, ICON_PX + STACK_PX))
        self.setSelectionMode(ListWidget.SelectionMode.ExtendedSelection)
        for bars in (self.setHorizontalScrollBarPolicy, self.setVerticalScrollBarPolicy):
            bars(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setDragEnabled(True)
        self.setAcceptDrops(True)
        self.setDefaultDropAction(Qt.DropAction.MoveAction)
        self.setContextMenuPolicy(Qt.ContextMenuPolicy.CustomContextMenu)
        self.setAccessibleName(f"Parts for {slot}")
        self.setToolTip("Drag to another slot; Enter or a double click opens the part; the menu key changes several")
        self._size_words()
        self.currentItemChanged.connect(lambda item: item and self.chosen.emit(item.data(ID)))
        self.itemActivated.connect(lambda item: self.opened.emit(item.data(ID)))
        self.customContextMenuRequested.connect(lambda at: self.asked.emit(self.ids(), self.mapToGlobal(at)))

    def _size_words(self) -> None:
        """Labels as large as the theme has them, each picture as wide as its own."""
        self.setStyleSheet(f"QListWidget {{ font-size: {self.theme.font(LABEL).pixelSize()}px; }}")
        for n in range(self.count()):
            self._size(self.item(n))

    def _size(self, item: QListWidgetItem | None) -> None:
        if item is None:
            return
        measure = QFontMetrics(self.theme.font(LABEL))
        words, high = measure.horizontalAdvance(item.text()), measure.height()
        if item.data(LARGE):
            item.setSizeHint(QSize(max(ICON_PX + 12, words + PADDING_PX), ICON_PX + 8 + high))
        else:
            item.setSizeHint(QSize(max(SMALL_PX + 8, words + 8), SMALL_PX + 2 + high))

    def ids(self) -> list[str]:
        """What is selected, or the current part."""
        picked = self.selectedItems() or [i for i in (self.currentItem(),) if i is not None]
        return [item.data(ID) for item in picked]

    def fill(self, parts: Sequence[Part], icon: Callable[[Part], QIcon], current: str, on_top: str = "") -> None:
        """Few parts named side by side; many as a stack, what the figure wears on top and the others small beside it."""
        side_by_side = len(parts) <= LARGE_PARTS
        telling = dict(zip((p.id for p in parts), telling_words([p.name for p in parts]), strict=True))
        marks = {part.id: string.ascii_lowercase[number % 26] for number, part in enumerate(parts)}
        for part in sorted(parts, key=lambda p: p.id != on_top):
            large = side_by_side or part.id == on_top
            mark = marks[part.id]
            words = f"{mark}  {telling[part.id]}" if large else mark
            self._add(part, icon(part), words, large, under=0 if side_by_side else len(parts) - 1)
            if part.id == current:
                self.setCurrentItem(self.item(self.count() - 1))
        self._fit_height()

    def _add(self, part: Part, icon: QIcon, words: str, large: bool, under: int) -> None:
        picture = icon.pixmap(ICON_PX if large else SMALL_PX)
        item = ListItem(QIcon(self._stacked(picture) if large and under else picture), words)
        item.setData(ID, part.id)
        item.setData(LARGE, large)
        self._size(item)
        item.setToolTip(f"{part.label}: {facts_of(part)}" + (f"; on top of {under} more" if large and under else ""))
        self.addItem(item)

    def _stacked(self, picture: QPixmap) -> QPixmap:
        """The picture on two cards that look out from under it."""
        pixmap = QPixmap(ICON_PX + STACK_PX, ICON_PX + STACK_PX)
        pixmap.fill(Qt.GlobalColor.transparent)
        painter = QPainter(pixmap)
        painter.setPen(QPen(self.palette().mid(), 1))
        painter.setBrush(self.palette().base())
        for step in (STACK_PX - 1, STACK_PX // 2, 0):
            painter.drawRoundedRect(QRectF(step + 0.5, STACK_PX - step + 0.5, ICON_PX - 2, ICON_PX - 2), 3, 3)
        painter.drawPixmap(0, STACK_PX, picture)
        painter.end()
        return pixmap

    def _fit_height(self) -> None:
        """As high as its rows need at the present width."""
        self.scheduleDelayedItemsLayout()
        self.executeDelayedItemsLayout()
        rows = [self.visualItemRect(self.item(n)).bottom() for n in range(self.count())]
        self.setFixedHeight(max([SMALL_PX, *rows]) + 3)

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        super().resizeEvent(event)
        self._fit_height()

    def dropEvent(self, event: QDropEvent | None) -> None:
        source = event.source() if event is not None else None
        if isinstance(source, Shelf) and source is not self and source.ids():
            self.dropped.emit(source.ids(), self.slot)
        if event is not None:
            event.ignore()
