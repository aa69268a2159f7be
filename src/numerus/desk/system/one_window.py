"""One window a book: who opens a book that is open already brings its window forward instead."""

from __future__ import annotations

import hashlib
import os
from pathlib import Path

from PyQt6.QtCore import QObject, pyqtSignal
from PyQt6.QtNetwork import QLocalServer, QLocalSocket

WAIT_MS = 300


def name_of(book: Path) -> str:
    """What a book's window answers to, the same for every way to write its path."""
    digest = f"{os.getuid()} {book.resolve()}"
    return f"numerus-{hashlib.blake2b(digest.encode(), digest_size=12).hexdigest()}"


def brought_forward(book: Path) -> bool:
    """Whether a window has the book open; it was asked to come forward."""
    socket = QLocalSocket()
    socket.connectToServer(name_of(book))
    if not socket.waitForConnected(WAIT_MS):
        return False
    socket.disconnectFromServer()
    return True


class OneWindow(QObject):
    """``hold`` answers for a book, and for no other any more; ``called`` tells that somebody wants it seen."""

    called = pyqtSignal()

    def __init__(self) -> None:
        super().__init__()
        self._server: QLocalServer | None = None

    def hold(self, book: Path) -> None:
        self.release()
        name = name_of(book)
        if brought_forward(book):  # another program has it: that one answers
            return
        QLocalServer.removeServer(name)  # what a killed program left behind
        server = QLocalServer(self)
        server.setSocketOptions(QLocalServer.SocketOption.UserAccessOption)
        server.newConnection.connect(self._asked)
        if server.listen(name):
            self._server = server

    def _asked(self) -> None:
        if self._server is not None:
            self._server.nextPendingConnection().deleteLater()
        self.called.emit()

    def release(self) -> None:
        if self._server is not None:
            self._server.close()
            self._server.deleteLater()
            self._server = None
