"""What ships with the desk: the font and the icons."""

from __future__ import annotations

from functools import lru_cache
from pathlib import Path

from PyQt6.QtCore import QByteArray, QRectF
from PyQt6.QtGui import QColor, QFontDatabase, QPainter
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
