"""Bench cards: the orders on one page with tick boxes and cautions, as PDF."""

from __future__ import annotations

from html import escape
from pathlib import Path

from PyQt6.QtCore import QMarginsF, QSizeF
from PyQt6.QtGui import QFont, QPageLayout, QPageSize, QTextDocument
from PyQt6.QtPrintSupport import QPrinter
from PyQt6.QtWidgets import QWidget

from numerus.desk.session import Session
from numerus.desk.widgets.worded import FileDialog
from numerus.errors import BookError
from numerus.post.cautions import DEFER
from numerus.progress.planning.next_tasks import TaskList
from numerus.progress.planning.task_kinds import Task

SIZES_PT = (10, 9, 8, 7, 6, 5)


def card_html(army: str, orders: TaskList) -> str:
    """The page: each order with its box, minutes and what must be at hand; each caution once."""

    def row(o: Task) -> str:
        below = "; ".join(filter(None, (o.detail, *o.at_hand)))
        return (
            f"<tr><td width='18'>☐</td><td><b>{escape(o.title)}</b><br><small>{escape(below)}</small></td>"
            f"<td align='right'>{o.minutes:.0f} min</td></tr>"
        )

    rows = "".join(row(o) for o in orders.listed)
    cautions = dict.fromkeys(c for o in orders.listed for c in o.cautions)
    warned = " · ".join(escape(c) for c in cautions)
    return (
        f"<h2>{escape(army)}</h2><p>{orders.start:%A %-d %B, %H:%M}, {orders.minutes:.0f} minutes</p>"
        f"<table width='100%' cellpadding='1'>{rows}</table><p><b>Mind</b><br>{warned}<br><i>{DEFER}</i></p>"
    )


def write_card(html: str, path: Path) -> None:
    """One A4 page as PDF."""
    document = QTextDocument()
    document.setHtml(html)
    print_document(document, path)


def print_document(document: QTextDocument, path: Path) -> None:
    """A4 as PDF, in the largest type that keeps it on one page, if any does. Raises BookError where it cannot be written."""
    printer = _a4(path)
    document.setPageSize(QSizeF(printer.pageRect(QPrinter.Unit.Point).size()))
    for size in SIZES_PT:  # the largest type that keeps it on one page
        document.setDefaultFont(QFont("Source Sans 3", size))
        if document.pageCount() <= 1:
            break
    document.print(printer)
    if not path.exists():
        raise BookError("unwritable", f"{path.name} could not be written.", "Choose another folder.")


def print_pages(html: str, path: Path) -> None:
    """A4 as PDF, over as many pages as it takes; may be called in a job. Raises BookError where it cannot be written."""
    document, printer = QTextDocument(), _a4(path)
    document.setDefaultFont(QFont("Source Sans 3", SIZES_PT[0]))
    document.setHtml(html)
    document.setPageSize(QSizeF(printer.pageRect(QPrinter.Unit.Point).size()))
    document.print(printer)


def _a4(path: Path) -> QPrinter:
    """Raises BookError where its folder is not there."""
    if not path.parent.is_dir():
        raise BookError("unwritable", f"{path.name} could not be written.", "Choose another folder.")
    printer = QPrinter()
    printer.setOutputFormat(QPrinter.OutputFormat.PdfFormat)
    printer.setOutputFileName(str(path))
    printer.setPageLayout(
        QPageLayout(QPageSize(QPageSize.PageSizeId.A4), QPageLayout.Orientation.Portrait, QMarginsF(14, 14, 14, 14))
    )
    return printer


def print_bench_card(session: Session, parent: QWidget) -> None:
    name, _ = FileDialog.getSaveFileName(parent, "Print the bench card", "bench card.pdf", "PDF (*.pdf)")
    if not name or session.plans.army is None:
        return
    try:
        write_card(card_html(session.plans.army.name, session.answers.orders), Path(name))
    except BookError as error:
        session.failed.emit(error)
