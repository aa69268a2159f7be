"""The application: font, style, log file, and errors that reach the top."""

from __future__ import annotations

import gc
import logging
import sys
from collections.abc import Callable
from datetime import datetime
from pathlib import Path

import platformdirs
from PyQt6.QtCore import QSize, Qt
from PyQt6.QtWidgets import QApplication

from numerus.book.book import Book
from numerus.desk.context import Context
from numerus.desk.jobs import Jobs
from numerus.desk.session import Session
from numerus.desk.system import settings as kept
from numerus.desk.system.announcer import Announcer
from numerus.desk.system.motion import ask_desktop, hold_still
from numerus.desk.system.one_window import OneWindow, brought_forward
from numerus.desk.theme.palette import Theme
from numerus.desk.theme.resources import application_icon, load_fonts
from numerus.desk.window import MainWindow
from numerus.errors import NumerusError

TITLE_BAR_PX = 40


def application() -> QApplication:
    app = QApplication.instance()
    if isinstance(app, QApplication):
        return app
    app = QApplication(sys.argv[:1])
    app.setApplicationName("Numerus")
    app.setStyle("Fusion")
    load_fonts()
    app.setWindowIcon(application_icon())
    return app


def log_to_file() -> Path:
    folder = Path(platformdirs.user_log_dir("numerus"))
    folder.mkdir(parents=True, exist_ok=True)
    path = folder / "numerus.log"
    logging.basicConfig(filename=path, level=logging.INFO, format="%(asctime)s %(levelname)s %(name)s: %(message)s")
    return path


def make_window(
    book: Book | None,
    clock: Callable[[], datetime] = datetime.now,
    settings_path: Path | None = None,
    synchronous: bool = False,
) -> MainWindow:
    """The assembled window on a book; ``synchronous`` runs jobs at once and without a sound, for tests and pictures."""
    path = settings_path or kept.default_path()
    settings = kept.load(path)
    theme = Theme(settings.lamplight, settings.text_scale)
    theme.still = settings.still
    hold_still(settings.still)
    announcer = Announcer()
    announcer.silent = synchronous or settings.silent
    context = Context(Session(book, clock), theme, Jobs(synchronous), announcer)
    return MainWindow(context, settings, path, _demo)


def _demo(path: Path, now: datetime) -> Book:
    """The demo army's book, made where it is asked for: the sculptor is not read at every start."""
    from numerus.demo.army import make_demo

    return make_demo(path, now)


def settle_memory() -> None:
    """What is here now stays as long as the program does, so the garbage collector need not walk through it again:
    libraries alone made a whole collection hold the window up for an eighth of a second.
    """
    gc.collect()
    gc.freeze()


def show(window: MainWindow, room: QSize) -> None:
    """Show the window; where a screen has no room for it and its title bar it fills the screen, and all in it shrinks."""
    whole = window.size() + QSize(0, TITLE_BAR_PX)
    if whole.boundedTo(room) == whole:
        window.show()
    else:
        window.showMaximized()


def bring_forward(window: MainWindow) -> None:
    """To the front, out of the task bar if need be; desktops that let no program do so mark it as wanting to be seen."""
    window.setWindowState(window.windowState() & ~Qt.WindowState.WindowMinimized)
    window.raise_()
    window.activateWindow()
    QApplication.alert(window)


def run(book: Path | None, demo: bool) -> int:
    """Open the window and stay until it closes."""
    app = application()
    if book is not None and brought_forward(book):
        return 0
    log = log_to_file()
    window = make_window(None)
    one = OneWindow()
    window.user_actions.opened.connect(one.hold)
    one.called.connect(lambda: bring_forward(window))

    def told(kind, value, trace) -> None:  # type: ignore[no-untyped-def]
        logging.critical("unexpected", exc_info=(kind, value, trace))
        window.errors.tell(
            NumerusError("internal", f"Something went wrong: {value}.", f"What was saved is kept. Details: {log}")
        )

    sys.excepthook = told
    if demo:
        window.user_actions.open_demo()
    elif book is not None:
        window.user_actions.open_path(book, create=not book.exists())
    screen = app.primaryScreen()
    show(window, screen.availableSize() if screen else window.size() * 2)
    settle_memory()
    if not window.theme.still:
        ask_desktop(window, lambda still: window.hold_still(still, chosen=False))
    return app.exec()
