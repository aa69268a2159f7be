"""What ships with the desk: the font and the icons."""

from __future__ import annotations

from functools import lru_cache
from pathlib import Path

from PyQt6.QtCore import QByteArray, QRectF, Qt
from PyQt6.QtGui import QColor, QFontDatabase, QIcon, QPainter, QPixmap
from PyQt6.QtSvg import QSvgRenderer

HERE = Path(__file__).parent


def load_fonts() -> None:
    for path in sorted((HERE / "fonts").glob("*.ttf")):
        QFontDatabase.addApplicationFont(str(path))


@lru_cache(64)
def _renderer(name: str, colour: str) -> QSvgRenderer:
    drawing = (HERE / "icons" / f"{name}.svg").read_text().replace("currentColor", colour)
    return QSvgRenderer(QByteArray(drawing.encode()))


def draw_icon(painter: QPainter, name: str, x: float, y: float, size: float, colour: QColor) -> None:
    _renderer(name, colour.name()).render(painter, QRectF(x, y, size, size))


def icon(name: str, colour: QColor, size: int = 16) -> QIcon:
    pixmap = QPixmap(2 * size, 2 * size)
    pixmap.fill(Qt.GlobalColor.transparent)
    painter = QPainter(pixmap)
    _renderer(name, colour.name()).render(painter, QRectF(0, 0, 2 * size, 2 * size))
    painter.end()
    pixmap.setDevicePixelRatio(2)
    return QIcon(pixmap)
