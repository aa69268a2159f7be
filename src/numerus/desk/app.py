"""The application: font, style, log file, and errors that reach the top."""

from __future__ import annotations

import logging
import sys
from collections.abc import Callable
from datetime import datetime
from pathlib import Path

import platformdirs
from PyQt6.QtCore import QSize, Qt, QTimer
from PyQt6.QtWidgets import QApplication

from numerus.book.book import Book
from numerus.desk.context import Context
from numerus.desk.jobs import Jobs
from numerus.desk.session import Session
from numerus.desk.system import settings as kept
from numerus.desk.system.announcer import Announcer
from numerus.desk.system.language import Language, wanted
from numerus.desk.system.memory import PauseCollector, settle, unsettle
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
    language: Language | None = None,
    at_once: bool | None = None,
) -> MainWindow:
    """The assembled window on a book; ``synchronous`` runs jobs at once and without a sound, for tests and pictures.

    ``at_once``: what it would put off, orders and what was tried, is not; else as ``synchronous`` says. ``language`` is what was
    installed before: it is told which names of the book are the user's own.
    """
    path = settings_path or kept.default_path()
    settings = kept.load(path)
    theme = Theme(settings.lamplight, settings.text_scale)
    theme.still = settings.still
    hold_still(settings.still)
    announcer = Announcer()
    announcer.silent = synchronous or settings.silent
    session = Session(book, clock)
    if language is not None:
        heed_names(session, language)
    return MainWindow(Context(session, theme, Jobs(synchronous, at_once), announcer), settings, path, _demo)


def heed_names(session: Session, language: Language) -> None:
    """Names people gave stay as they are, told before anything of a change is shown."""
    session.changed.connect(lambda _: language.leave(session.plans.given_names()))
    language.leave(session.plans.given_names())


def _demo(path: Path, now: datetime) -> Book:
    """The demo army's book, made where it is asked for: the sculptor is not read at every start."""
    from numerus.demo.army import make_demo

    return make_demo(path, now)


def manage_garbage_collection(window: MainWindow) -> None:
    """What there is now stays, and so does what there is when all benches are made; the rest is looked through in pauses."""
    settle()
    window.warmed_up.connect(settle)
    PauseCollector(window.session, window.context.jobs, window)


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


class Program:
    """One window on one book; opened again where it is to speak another language."""

    def __init__(self, app: QApplication) -> None:
        self.app, self.log, self.one = app, log_to_file(), OneWindow()
        self.language = Language(wanted(kept.load(kept.default_path()).language))
        self.window: MainWindow | None = None
        self.one.called.connect(self._bring_forward)
        sys.excepthook = self._told

    def open(self, book: Path | None, demo: bool = False) -> None:
        """Make the window, with a book if one is named, and show it."""
        self.window = window = make_window(None, language=self.language)
        window.user_actions.opened.connect(self.one.hold)
        window.language_wanted.connect(lambda code: QTimer.singleShot(0, lambda: self.speak(code)))  # not within the old one
        if demo:
            window.user_actions.open_demo()
        elif book is not None:
            window.user_actions.open_path(book, create=not book.exists())
        screen = self.app.primaryScreen()
        show(window, screen.availableSize() if screen else window.size() * 2)
        manage_garbage_collection(window)
        if not window.theme.still:
            ask_desktop(window, lambda still: window.hold_still(still, chosen=False))

    def speak(self, code: str) -> None:
        """The same book in another language."""
        old = self.window
        book = old.session.book.path if old is not None and old.session.book is not None else None
        self.app.setQuitOnLastWindowClosed(False)
        if old is not None:
            old.close()
            old.deleteLater()
        unsettle()  # the old window was to stay
        self.language.take_out()
        self.language = Language(code)
        self.open(book)
        self.app.setQuitOnLastWindowClosed(True)

    def _bring_forward(self) -> None:
        if self.window is not None:
            bring_forward(self.window)

    def _told(self, kind, value, trace) -> None:  # type: ignore[no-untyped-def]
        logging.critical("unexpected", exc_info=(kind, value, trace))
        if self.window is not None:
            self.window.errors.tell(
                NumerusError("internal", f"Something went wrong: {value}.", f"What was saved is kept. Details: {self.log}")
            )


def run(book: Path | None, demo: bool) -> int:
    """Open the window and stay until it closes."""
    app = application()
    if book is not None and brought_forward(book):
        return 0
    program = Program(app)
    program.open(book, demo)
    return app.exec()
