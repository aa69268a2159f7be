"""Blobs read beside the open book, on a connection of one's own: for work on another thread."""

from __future__ import annotations

import contextlib
import sqlite3
from pathlib import Path

from numerus.errors import BookError


def read_blob(path: Path, digest: str) -> bytes:
    """The bytes of a blob in the book at ``path``. Raises BookError where it is missing or cannot be read."""
    try:
        with contextlib.closing(sqlite3.connect(f"{path.absolute().as_uri()}?mode=ro", uri=True)) as own:
            blob = own.execute("SELECT data FROM blob WHERE digest = ?", (digest,)).fetchone()
    except sqlite3.Error as error:
        raise BookError("unreadable", f"{path.name} cannot be read: {error}.", "Try again.") from error
    if blob is None:
        raise BookError("no-blob", "A mesh of this book is missing.", "Import its file again.")
    return bytes(blob[0])
