"""The handbook page of a stage, from docs/handbook, in a window of its own."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtCore import QUrl
from PyQt6.QtGui import QTextCursor, QTextDocument
from PyQt6.QtWidgets import QDialog, QTextBrowser, QVBoxLayout, QWidget

PICTURE_PX = 560
INSTALLED = Path(__file__).parents[2] / "handbook"  # beside the package's rooms, where it was installed
PAGES = INSTALLED if INSTALLED.is_dir() else Path(__file__).parents[4] / "docs" / "handbook"


def page(stage: str) -> str:
    """The page's Markdown; the first page where a stage has none of its own."""
    for name in (stage, "index"):
        path = PAGES / f"{name}.md"
        if path.exists():
            return path.read_text()
    return "# Handbook\n\nThe handbook lies in docs/handbook of the project."


def _fit_pictures(document: QTextDocument, wide: int) -> None:
    """Pictures as wide as the page: screenshots are wider."""
    block = document.begin()
    while block.isValid():
        parts = block.begin()
        while not parts.atEnd():
            part = parts.fragment()
            if part.charFormat().isImageFormat():
                picture = part.charFormat().toImageFormat()
                picture.setWidth(wide)
                cursor = QTextCursor(document)
                cursor.setPosition(part.position())
                cursor.setPosition(part.position() + part.length(), QTextCursor.MoveMode.KeepAnchor)
                cursor.setCharFormat(picture)
            parts += 1
        block = block.next()


def show_handbook(parent: QWidget, stage: str) -> QDialog:
    dialog = QDialog(parent)
    dialog.setWindowTitle("Handbook")
    dialog.resize(640, 620)
    shown, document = QTextBrowser(), QTextDocument()
    shown.setDocument(document)
    document.setBaseUrl(QUrl.fromLocalFile(f"{PAGES}/"))
    shown.setMarkdown(page(stage))
    _fit_pictures(document, PICTURE_PX)
    shown.setAccessibleName("Handbook")
    layout = QVBoxLayout(dialog)
    layout.addWidget(shown)
    dialog.show()
    return dialog
