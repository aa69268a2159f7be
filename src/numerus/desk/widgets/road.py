"""A unit's road: twelve cells, each as full as the share that has passed the stage, the number standing there written in."""

from __future__ import annotations

from collections import Counter

from PyQt6.QtCore import QRectF
from PyQt6.QtGui import QColor, QFont, QPainter

from numerus.desk.theme.palette import Theme
from numerus.domain.stages import STAGES
from numerus.progress.standing import FigureStanding, furthest_stage_share


def draw_road(
    painter: QPainter,
    theme: Theme,
    box: QRectF,
    figures: list[FigureStanding],
    tone: QColor,
    numbers: QFont | None = None,
) -> None:
    """With ``numbers`` the bars are pale and counts are written; without, bars are solid and small."""
    step, bed, fill = box.width() / len(STAGES), theme.colour("bed"), QColor(tone)
    fill.setAlphaF(0.42 if numbers else 1.0)
    standing = Counter(f.number for f in figures) if numbers else {}
    for index, share in enumerate(furthest_stage_share(figures)):
        x = box.left() + index * step
        painter.fillRect(QRectF(x, box.top(), step - 1, box.height()), bed)
        painter.fillRect(QRectF(x, box.bottom() - box.height() * share, step - 1, box.height() * share), fill)
        if numbers and standing[index]:
            painter.setFont(numbers)
            painter.setPen(theme.colour("ink"))
            painter.drawText(QRectF(x, box.top(), step - 1, box.height()), 0x84, str(standing[index]))
