"""First start: open the demo army, be shown round, start an army, open a book."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PyQt6.QtWidgets import QWidget

from numerus.desk.widgets.layout import button, column, label, panel, row


def welcome(
    open_demo: Callable[[], object], walk: Callable[[], object], start: Callable[[], object], open_book: Callable[[], object],
    recent: tuple[str, ...], open_recent: Callable[[Path], object],
) -> QWidget:  # fmt: skip
    """The page shown while no book is open."""
    listed = [button(Path(p).stem, lambda p=p: open_recent(Path(p)), "link", p) for p in recent if Path(p).exists()]
    body = column(
        -1, label("From muster to table", "title"), label("Plan, print and paint an army, and know whether it will be ready.", ""), 16,
        row(button("Open the demo army", open_demo, "main", "The Lampwatch of Sedge Hythe, half-way through its march"),
            button("A short walk", walk, tip="Six places of the demo, each with what to look at"),
            button("Start an army", start), button("Open a book", open_book), -1), 16,
        *([label("Recent books", "section")] if listed else []), *[row(b, -1) for b in listed], -1,
        gap=8, margins=(80, 40, 80, 40),
    )  # fmt: skip
    return panel(body, "bench")
