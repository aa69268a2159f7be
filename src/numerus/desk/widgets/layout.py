"""Small builders for what benches are made of, so that they all look alike."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from PyQt6.QtCore import QEvent, QSize, Qt
from PyQt6.QtGui import QResizeEvent
from PyQt6.QtWidgets import QBoxLayout, QFrame, QHBoxLayout, QLayout, QScrollArea, QStackedWidget, QVBoxLayout, QWidget

from numerus.desk.widgets.worded import ComboBox, DoubleSpinBox, PushButton, TextLabel
from numerus.errors import NumerusError
from numerus.post.cautions import DEFER, cautions


class Label(TextLabel):
    """A label that remembers how high it is: Qt breaks the lines of a wrapped text anew each of the many times a layout
    asks, which was half of what opening a bench took.
    """

    def __init__(self, words: str) -> None:
        super().__init__(words)
        self._measured_of = ""
        self._heights_px: dict[int, int] = {}
        self._sizes: dict[str, QSize] = {}

    def heightForWidth(self, width: int) -> int:
        self._forget_if_changed()
        if width not in self._heights_px:
            self._heights_px[width] = super().heightForWidth(width)
        return self._heights_px[width]

    def sizeHint(self) -> QSize:
        self._forget_if_changed()
        if "usual" not in self._sizes:
            self._sizes["usual"] = super().sizeHint()
        return self._sizes["usual"]

    def minimumSizeHint(self) -> QSize:
        self._forget_if_changed()
        if "least" not in self._sizes:
            self._sizes["least"] = super().minimumSizeHint()
        return self._sizes["least"]

    def _forget_if_changed(self) -> None:
        if self.text() != self._measured_of:
            self._forget()

    def _forget(self) -> None:
        self._measured_of = self.text()
        self._heights_px.clear()
        self._sizes.clear()

    def changeEvent(self, event: QEvent | None) -> None:
        """Another font, another height."""
        self._forget()
        super().changeEvent(event)


def label(words: str = "", kind: str = "", wrap: bool = False) -> TextLabel:
    """Text of a kind the style sheet knows: title, section, strong, note, fault, caution."""
    widget = Label(words)
    widget.setObjectName(kind)
    widget.setWordWrap(wrap)
    widget.setMinimumWidth(1)  # a long line is cut off rather than widening the window
    return widget


def button(words: str, act: Callable[[], object], kind: str = "", tip: str = "") -> PushButton:
    widget = PushButton(words)
    widget.setObjectName(kind)
    widget.setToolTip(tip)
    widget.clicked.connect(lambda: act())
    return widget


def rule() -> QFrame:
    frame = QFrame()
    frame.setObjectName("rule")
    return frame


def fill(layout: QBoxLayout, *items: QWidget | QLayout | int) -> QBoxLayout:
    """Add widgets and layouts in order; a number is a gap in px, -1 a stretch."""
    for item in items:
        if isinstance(item, int):
            layout.addStretch(1) if item < 0 else layout.addSpacing(item)
        elif isinstance(item, QWidget):
            layout.addWidget(item)
        else:
            layout.addLayout(item)
    return layout


def row(
    *items: QWidget | QLayout | int, gap: int = 8, margins: tuple[int, int, int, int] = (0, 0, 0, 0)
) -> QHBoxLayout:
    layout = QHBoxLayout()
    layout.setSpacing(gap)
    layout.setContentsMargins(*margins)
    fill(layout, *items)
    return layout


def column(
    *items: QWidget | QLayout | int, gap: int = 4, margins: tuple[int, int, int, int] = (0, 0, 0, 0)
) -> QVBoxLayout:
    layout = QVBoxLayout()
    layout.setSpacing(gap)
    layout.setContentsMargins(*margins)
    fill(layout, *items)
    return layout


def panel(layout: QBoxLayout, kind: str = "") -> QWidget:
    """A widget with a layout and the ground of its kind: bench, drawer, linen, chalk."""
    widget = QWidget()
    widget.setObjectName(kind)
    widget.setAttribute(Qt.WidgetAttribute.WA_StyledBackground, True)
    widget.setLayout(layout)
    return widget


class Pages(QStackedWidget):
    """One page at a time; only the shown one asks for room."""

    def minimumSizeHint(self) -> QSize:
        page = self.currentWidget()
        return page.minimumSizeHint() if page is not None else QSize()

    def setCurrentWidget(self, page: QWidget | None) -> None:
        super().setCurrentWidget(page)
        self.updateGeometry()


class Canvas(QWidget):
    """Holds a widget in all of its room without asking how high that would like to be at its width, as a layout would."""

    def __init__(self, inside: QWidget) -> None:
        super().__init__()
        self.inside = inside
        inside.setParent(self)

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        self.inside.resize(self.size())


def scrolled(inside: QWidget, sideways: bool = False) -> QScrollArea:
    """A widget that may be higher than its place, or wider, too."""
    area = QScrollArea()
    area.setWidgetResizable(True)
    if not sideways:
        area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
    area.setWidget(inside)
    area.setFocusPolicy(Qt.FocusPolicy.NoFocus)
    return area


def clear(layout: QBoxLayout) -> None:
    """Take everything out of a layout."""
    while (item := layout.takeAt(0)) is not None:
        widget, inner = item.widget(), item.layout()
        if widget is not None:
            widget.hide()
            widget.deleteLater()
        elif isinstance(inner, QBoxLayout):
            clear(inner)


def caution_line(*stages: str) -> TextLabel:
    """The cautions of stages in one line, all of them and whom they defer to where the pointer rests."""
    widget = label("", "caution", True)
    set_cautions(widget, *stages)
    return widget


def set_cautions(widget: TextLabel, *stages: str) -> None:
    """Those of other stages."""
    warned = [words for stage in stages for words in cautions(stage)]
    widget.setText("Mind: " + "; ".join(warned[:2]) + ("; …" if len(warned) > 2 else "") + f" {DEFER}")
    widget.setToolTip("\n".join([*warned, DEFER]))


def tried(act: Callable[[], object], fault: TextLabel) -> bool:
    """Do what may be refused; why it was stands in ``fault``, which is empty otherwise."""
    try:
        act()
    except NumerusError as error:
        fault.setText(f"{error.message} {error.advice}".strip())
        return False
    fault.setText("")
    return True


def show_choices(box: ComboBox, choices: Sequence[tuple[str, object]], chosen: object) -> None:
    """A box's choices (words and what they stand for), told anew only where they are others, and the chosen one."""
    if [box.itemData(n) for n in range(box.count())] != [data for _, data in choices]:
        box.clear()
        for words, data in choices:
            box.addItem(words, data)
    box.setCurrentIndex(max(box.findData(chosen), 0))


def number_box(
    low: float, high: float, value: float, step: float, name: str, suffix: str = "", decimals: int = 2
) -> DoubleSpinBox:
    """A number to be typed or stepped; ``name`` is read aloud."""
    box = DoubleSpinBox()
    box.setDecimals(decimals)
    box.setRange(low, high)
    box.setSingleStep(step)
    box.setValue(value)
    box.setSuffix(suffix)
    box.setAccessibleName(name)
    return box
