"""The handbook page of a stage, from docs/handbook, in a window of its own."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtWidgets import QDialog, QTextBrowser, QVBoxLayout, QWidget

PAGES = Path(__file__).parents[3] / "docs" / "handbook"


def page(stage: str) -> str:
    """The page's Markdown; the first page where a stage has none of its own."""
    for name in (stage, "index"):
        path = PAGES / f"{name}.md"
        if path.exists():
            return path.read_text()
    return "# Handbook\n\nThe handbook lies in docs/handbook of the project."


def show_handbook(parent: QWidget, stage: str) -> QDialog:
    dialog = QDialog(parent)
    dialog.setWindowTitle("Handbook")
    dialog.resize(640, 620)
    shown = QTextBrowser()
    shown.setMarkdown(page(stage))
    shown.setAccessibleName("Handbook")
    layout = QVBoxLayout(dialog)
    layout.addWidget(shown)
    dialog.show()
    return dialog
