"""The one place words go through before they are shown: Qt's translation, by whatever translator is installed."""

from __future__ import annotations

from PyQt6.QtCore import QCoreApplication

CONTEXT = "numerus"


def tr(words: str) -> str:
    """In the user's language; as they are where none is installed, or nobody has translated them."""
    return QCoreApplication.translate(CONTEXT, words) if words else words
