"""Colours by role, by day and by lamplight; sizes of type; the one style sheet."""

from __future__ import annotations

from dataclasses import dataclass
from functools import lru_cache
from pathlib import Path

from PyQt6.QtCore import QObject, pyqtSignal
from PyQt6.QtGui import QColor, QFont, QFontMetricsF


@dataclass(frozen=True)
class Roles:
    """Grounds: linen, chalk, bed and the three washes. Text: ink, slate, and the -ink tones. Fills: river to moss."""

    linen: str
    chalk: str
    bed: str
    ink: str
    slate: str
    river: str
    tallow: str
    brick: str
    moss: str
    hairline: str
    tallow_ink: str
    moss_ink: str
    riverwash: str
    tallowwash: str
    brickwash: str
    on_river: str
    matt: str


DAY = Roles(
    "#F4F0E7", "#FBF9F4", "#ECE6D8", "#232B33", "#56616A", "#1D6A72", "#D9A21B", "#A8412B", "#5B7B3A", "#D8D0C0",
    "#76560A", "#47642B", "#DCE8E6", "#F6E8C4", "#F3DDD3", "#FFFFFF", "#E9E2D3",
)  # fmt: skip
LAMPLIGHT = Roles(
    "#1D1C19", "#272521", "#35312A", "#EDE6D6", "#B4AB9A", "#6FC0BE", "#E8B53A", "#E98B70", "#9DBC74", "#4A453B",
    "#E8B53A", "#9DBC74", "#26403F", "#453A1C", "#4A2B22", "#102021", "#38342C",
)  # fmt: skip
UNIT_TONES = {"hat": "river", "hollow": "#46628C", "half": "#8A5A2E", "bell": "#3C7A55", "heron": "ink"}
UNIT_TONES_LAMP = {"hat": "river", "hollow": "#9DB4D8", "half": "#D2A06C", "bell": "#84C59C", "heron": "ink"}
ICONS = (Path(__file__).parent / "icons").as_posix()
TITLE, SECTION, CONTENT, LABEL = 22, 16, 13, 11
LEAST_ROOM = 0.8  # below that nothing can be read


@lru_cache(256)
def _colour(told: str, alpha: float) -> QColor:
    """Kept, as fonts and their metrics are: a drawing asks for each hundreds of times."""
    qt_colour = QColor(told)
    qt_colour.setAlphaF(alpha)
    return qt_colour


@lru_cache(64)
def _font(size_px: int, bold: bool) -> QFont:
    font = QFont("Source Sans 3 SemiBold" if bold else "Source Sans 3")
    font.setPixelSize(size_px)
    font.setStyleHint(QFont.StyleHint.SansSerif)
    return font


@lru_cache(64)
def _metrics(size_px: int, bold: bool) -> QFontMetricsF:
    return QFontMetricsF(_font(size_px, bold))


class Theme(QObject):
    """The roles in use; widgets read it when they paint and are told when it changes.

    ``scale``: how much larger the user wants text. ``zoom``: how much larger whole drawings are made, as much as text; a window
    that has no room for that scrolls. In a window too small for the layout all shrinks.
    """

    changed = pyqtSignal()

    def __init__(self, lamplight: bool = False, scale: float = 1.0) -> None:
        super().__init__()
        self._lamplight, self.scale, self._shrunk = lamplight, scale, 1.0
        self.still = False  # what runs on by itself goes in steps

    @property
    def lamplight(self) -> bool:
        return self._lamplight

    @property
    def roles(self) -> Roles:
        return LAMPLIGHT if self._lamplight else DAY

    def set_lamplight(self, on: bool) -> None:
        if on != self._lamplight:
            self._lamplight = on
            self.changed.emit()

    def set_scale(self, scale: float) -> None:
        if scale != self.scale:
            self.scale = scale
            self.changed.emit()

    def fit(self, room: float) -> None:
        """``room``: how many times the window holds the layout at its smallest."""
        shrunk = round(min(max(room, LEAST_ROOM), 1.0), 3)
        if shrunk != self._shrunk:
            self._shrunk = shrunk
            self.changed.emit()

    @property
    def zoom(self) -> float:
        """How much larger text and drawings are made."""
        return self.scale * self._shrunk

    def colour(self, role: str, alpha: float = 1.0) -> QColor:
        """A role's colour, or a ``#RRGGBB`` as it is."""
        told = role if role.startswith("#") else getattr(self.roles, role)
        return QColor(_colour(told, alpha))

    def unit_colour(self, mark: str) -> QColor:
        return self.colour((UNIT_TONES_LAMP if self._lamplight else UNIT_TONES).get(mark, "river"))

    def font(self, size: int = CONTENT, bold: bool = False) -> QFont:
        """Type on a widget."""
        return QFont(_font(round(size * self.zoom), bold))

    def drawn_font(self, size: int = CONTENT, bold: bool = False) -> QFont:
        """Type inside a drawing, which is itself enlarged by ``zoom``."""
        return QFont(_font(size, bold))

    def drawn_metrics(self, size: int = CONTENT, bold: bool = False) -> QFontMetricsF:
        """Of type inside a drawing."""
        return _metrics(size, bold)

    def sheet(self) -> str:
        """The application's style sheet in the present roles."""
        r, px = self.roles, lambda n: round(n * self.zoom)
        tick = "tick-dark" if self._lamplight else "tick-white"
        return f"""
* {{ font-family: "Source Sans 3"; font-size: {px(13)}px; color: {r.ink}; }}
QMainWindow, QDialog {{ background: {r.linen}; }}
QWidget#bench, QWidget#chalk {{ background: {r.chalk}; }}
QWidget#drawer, QWidget#linen {{ background: {r.linen}; }}
QLabel {{ background: transparent; }}
QLabel#title {{ font-family: "Source Sans 3 SemiBold"; font-size: {px(22)}px; }}
QLabel#section {{ font-family: "Source Sans 3 SemiBold"; font-size: {px(16)}px; }}
QLabel#strong {{ font-family: "Source Sans 3 SemiBold"; }}
QLabel#note {{ color: {r.slate}; font-size: {px(11)}px; }}
QLabel#fault {{ color: {r.brick}; font-family: "Source Sans 3 SemiBold"; }}
QLabel#caution {{ color: {r.brick}; font-size: {px(11)}px; font-family: "Source Sans 3 SemiBold"; }}
QMenuBar {{ background: {r.chalk}; border-bottom: 1px solid {r.hairline}; padding: 2px 8px; }}
QMenuBar::item {{ padding: 3px 8px; background: transparent; }}
QMenuBar::item:selected, QMenu::item:selected {{ background: {r.riverwash}; color: {r.ink}; }}
QMenu {{ background: {r.chalk}; border: 1px solid {r.hairline}; padding: 4px; }}
QMenu::item {{ padding: 4px 24px 4px 12px; }}
QMenu::item:disabled {{ color: {r.slate}; }}
QStatusBar {{ background: {r.linen}; border-top: 1px solid {r.hairline}; }}
QStatusBar QLabel {{ font-size: {px(11)}px; }}
QPushButton {{ background: {r.chalk}; border: 1px solid {r.slate}; border-radius: 4px; padding: 5px 12px; }}
QPushButton:hover {{ background: {r.riverwash}; }}
QPushButton:focus {{ border: 2px solid {r.river}; padding: 4px 11px; }}
QPushButton:disabled {{ color: {r.slate}; border-color: {r.hairline}; }}
QPushButton#main {{ background: {r.river}; border-color: {r.river}; color: {r.on_river}; font-family: "Source Sans 3 SemiBold"; }}
QPushButton#main:disabled {{ background: {r.hairline}; border-color: {r.hairline}; color: {r.slate}; }}
QPushButton#link {{ border: none; color: {r.river}; font-family: "Source Sans 3 SemiBold"; padding: 2px; background: transparent; font-size: {px(11)}px; }}
QPushButton#link:focus {{ border: 1px solid {r.river}; }}
QPushButton#link:disabled {{ color: {r.slate}; }}
QPushButton#tab {{ border: none; border-bottom: 2px solid transparent; border-radius: 0; color: {r.slate}; padding: 3px 8px; background: transparent; }}
QPushButton#tab:checked {{ border-bottom: 2px solid {r.river}; color: {r.river}; font-family: "Source Sans 3 SemiBold"; }}
QLineEdit, QSpinBox, QDoubleSpinBox, QDateEdit, QTimeEdit, QComboBox, QPlainTextEdit {{
  background: {r.chalk}; border: 1px solid {r.hairline}; border-radius: 3px; padding: 3px 6px; selection-background-color: {r.river}; }}
QLineEdit:focus, QSpinBox:focus, QDoubleSpinBox:focus, QDateEdit:focus, QComboBox:focus {{ border: 2px solid {r.river}; padding: 2px 5px; }}
QComboBox QAbstractItemView {{ background: {r.chalk}; selection-background-color: {r.riverwash}; selection-color: {r.ink}; }}
QTreeView, QListView, QTableView {{ background: transparent; border: none; outline: none; alternate-background-color: {r.linen}; }}
QTableView {{ gridline-color: {r.hairline}; selection-background-color: {r.riverwash}; selection-color: {r.ink}; }}
QHeaderView {{ background: transparent; border: none; }}
QHeaderView::section {{ background: transparent; border: none; border-bottom: 1px solid {r.hairline}; color: {r.slate}; font-size: {px(11)}px; padding: 3px 6px; }}
QTableCornerButton::section {{ background: transparent; border: none; }}
QAbstractSpinBox::up-button, QAbstractSpinBox::down-button {{ width: 0; border: none; }}
QComboBox::drop-down {{ border: none; width: 20px; }}
QComboBox::down-arrow {{ image: url("{ICONS}/arrow-down.svg"); width: 10px; height: 10px; }}
QListView::item:selected, QListView::item:hover {{ background: {r.riverwash}; color: {r.ink}; border-radius: 4px; }}
QListView::item {{ padding: 3px 6px; }}
QDialogButtonBox {{ dialogbuttonbox-buttons-have-icons: 0; }}
QCalendarWidget QWidget {{ background: {r.chalk}; color: {r.ink}; alternate-background-color: {r.linen}; }}
QCalendarWidget QAbstractItemView {{ background: {r.chalk}; color: {r.ink}; selection-background-color: {r.river}; selection-color: {r.on_river}; }}
QCalendarWidget QAbstractItemView:disabled {{ color: {r.slate}; }}
QCalendarWidget QToolButton {{ background: {r.chalk}; color: {r.ink}; border: none; padding: 4px 10px; }}
QCalendarWidget QToolButton:hover {{ background: {r.riverwash}; }}
QScrollArea {{ border: none; background: transparent; }}
QScrollBar:vertical {{ background: transparent; width: 8px; }}
QScrollBar:horizontal {{ background: transparent; height: 8px; }}
QScrollBar::handle {{ background: {r.hairline}; border-radius: 4px; min-height: 24px; min-width: 24px; }}
QScrollBar::add-line, QScrollBar::sub-line {{ width: 0; height: 0; }}
QToolTip {{ background: {r.chalk}; color: {r.ink}; border: 1px solid {r.slate}; padding: 4px; }}
QProgressBar {{ border: 1px solid {r.hairline}; border-radius: 3px; background: {r.bed}; max-height: 8px; }}
QProgressBar::chunk {{ background: {r.river}; }}
QCheckBox::indicator {{ width: 14px; height: 14px; border: 1px solid {r.slate}; border-radius: 2px; background: {r.chalk}; }}
QCheckBox::indicator:focus {{ border: 2px solid {r.river}; }}
QCheckBox::indicator:checked {{ background: {r.river}; border-color: {r.river}; image: url("{ICONS}/{tick}.svg"); }}
QSlider::groove:horizontal {{ height: 4px; background: {r.bed}; border-radius: 2px; }}
QSlider::handle:horizontal {{ width: 12px; margin: -6px 0; background: {r.chalk}; border: 2px solid {r.slate}; border-radius: 3px; }}
QSlider::handle:horizontal:focus {{ border: 2px solid {r.river}; }}
QSlider::handle:horizontal:disabled {{ border: 2px solid {r.hairline}; }}
QFrame#card {{ background: {r.chalk}; border: 1px solid {r.river}; border-radius: 6px; }}
QFrame#rule {{ background: {r.hairline}; border: none; max-height: 1px; min-height: 1px; }}
"""
