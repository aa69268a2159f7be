"""Tables and other texts as files: CSV, written whole or told why not."""

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
        raise BookError(
            "unwritable", f"{path.name} cannot be written: {error.strerror}.", "Choose another folder."
        ) from error
