"""What ships with the desk: the font and the icons."""

from __future__ import annotations

from functools import lru_cache
from pathlib import Path

from PyQt6.QtCore import QByteArray, QRectF, Qt
from PyQt6.QtGui import QColor, QFontDatabase, QIcon, QPainter, QPixmap
from PyQt6.QtSvg import QSvgRenderer

HERE = Path(__file__).parent
ICON_SIZES = (16, 22, 32, 48, 64, 128)


def load_fonts() -> None:
    for path in sorted((HERE / "fonts").glob("*.ttf")):
        QFontDatabase.addApplicationFont(str(path))


@lru_cache(64)
def _renderer(name: str, colour: str) -> QSvgRenderer:
    drawing = (HERE / "icons" / f"{name}.svg").read_text().replace("currentColor", colour)
    return QSvgRenderer(QByteArray(drawing.encode()))


def application_icon() -> QIcon:
    """A lamp whose pane is an N: in the window's frame, the task bar and the tray."""
    icon = QIcon()
    for size in ICON_SIZES:
        picture = QPixmap(size, size)
        picture.fill(Qt.GlobalColor.transparent)
        painter = QPainter(picture)
        draw_icon(painter, "numerus", 0, 0, size, QColor("black"))
        painter.end()
        icon.addPixmap(picture)
    return icon


def draw_icon(painter: QPainter, name: str, x: float, y: float, size: float, colour: QColor) -> None:
    _renderer(name, colour.name()).render(painter, QRectF(x, y, size, size))
