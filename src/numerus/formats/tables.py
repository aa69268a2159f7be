"""Tables and other texts as files: CSV and ODS, written whole or told why not."""

from __future__ import annotations

import csv
import io
from collections.abc import Iterable, Sequence
from pathlib import Path

from numerus.errors import BookError


def csv_text(rows: Iterable[Sequence[object]]) -> str:
    """Rows as CSV."""
    buffer = io.StringIO()
    csv.writer(buffer, lineterminator="\n").writerows(rows)
    return buffer.getvalue()


def write_text(path: Path, text: str) -> None:
    """As UTF-8. Raises BookError where it cannot be written."""
    try:
        path.write_text(text, "utf-8")
    except OSError as error:
        raise _unwritable(path, error) from error


def write_bytes(path: Path, data: bytes) -> None:
    """As they are. Raises BookError where it cannot be written."""
    try:
        path.write_bytes(data)
    except OSError as error:
        raise _unwritable(path, error) from error


def write_table(path: Path, rows: Sequence[Sequence[object]], name: str = "Table") -> None:
    """Rows as a spreadsheet (OpenDocument) where the file's name ends in .ods, else as CSV. Raises BookError where it cannot be written."""
    if path.suffix.lower() != ".ods":
        write_text(path, csv_text(rows))
        return
    try:
        _spreadsheet(rows, name).save(str(path))
    except OSError as error:
        raise _unwritable(path, error) from error


def _spreadsheet(rows: Sequence[Sequence[object]], name: str):  # type: ignore[no-untyped-def]
    from odf.opendocument import OpenDocumentSpreadsheet
    from odf.table import Table, TableCell, TableRow
    from odf.text import P

    document = OpenDocumentSpreadsheet()
    table = Table(name=name)
    for row in rows:
        line = TableRow()
        for value in row:
            is_number = isinstance(value, int | float) and not isinstance(value, bool)
            cell = TableCell(valuetype="float", value=value) if is_number else TableCell(valuetype="string")
            cell.addElement(P(text=str(value)))
            line.addElement(cell)
        table.addElement(line)
    document.spreadsheet.addElement(table)
    return document


def _unwritable(path: Path, error: OSError) -> BookError:
    return BookError("unwritable", f"{path.name} cannot be written: {error.strerror}.", "Choose another folder.")
