"""The application's icon as files in the sizes desktops want: ``python -m numerus.desk.system.icon_files FOLDER SIZE...``."""

from __future__ import annotations

import sys
from pathlib import Path

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QColor, QGuiApplication, QImage, QPainter

from numerus.desk.theme.resources import draw_icon


def write_icons(folder: Path, sizes: list[int]) -> list[Path]:
    """``SIZExSIZE/apps/numerus.png`` below a folder, for each size. Raises OSError where one cannot be written."""
    written = []
    for size in sizes:
        image = QImage(size, size, QImage.Format.Format_ARGB32)
        image.fill(Qt.GlobalColor.transparent)
        painter = QPainter(image)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        draw_icon(painter, "numerus", 0, 0, size, QColor("black"))
        painter.end()
        path = folder / f"{size}x{size}" / "apps" / "numerus.png"
        path.parent.mkdir(parents=True, exist_ok=True)
        if not image.save(str(path)):
            raise OSError(f"{path} could not be written")
        written.append(path)
    return written


if __name__ == "__main__":
    app = QGuiApplication(sys.argv[:1])
    write_icons(Path(sys.argv[1]), [int(size) for size in sys.argv[2:]])
