"""The main window: it only assembles band, roll, bench, orders, menus and the one error panel."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from PyQt6.QtCore import QTimer, pyqtSignal
from PyQt6.QtGui import QCloseEvent, QDragEnterEvent, QDropEvent, QResizeEvent, QShowEvent
from PyQt6.QtWidgets import (
    QApplication,
    QHBoxLayout,
    QStackedWidget,
    QSystemTrayIcon,
    QVBoxLayout,
    QWidget,
)  # fmt: skip

from numerus.desk import openers
from numerus.desk.actions import Actions, MakeDemo
from numerus.desk.context import Context
from numerus.desk.dialogs.command_list import CommandList, fill_menus
from numerus.desk.dialogs.welcome import welcome
from numerus.desk.panels.band import Band
from numerus.desk.panels.errors import ErrorPanel
from numerus.desk.panels.orders import OrdersPanel
from numerus.desk.panels.roll import Roll
from numerus.desk.panels.statusline import StatusLine
from numerus.desk.panels.walk import Walk
from numerus.desk.stages.benches import Benches
from numerus.desk.stages.warm_up import WarmUp
from numerus.desk.system import settings as kept
from numerus.desk.system.language import wanted
from numerus.desk.system.motion import hold_still
from numerus.desk.system.watch import RunWatch
from numerus.desk.theme.palette import LEAST_ROOM
from numerus.desk.translate import tr
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.layout import Canvas, Pages, button, column, panel, scrolled
from numerus.desk.window_commands import Commanded, found_by_name, window_commands

CLOCK_MS = 60_000
WIDE_BENCHES = ("sort", "pose", "plate", "print", "wash", "cure", "build", "paint", "ready")
WIDE_WINDOW_PX = 1500
SMALLEST = (1280, 800)  # the window everything fits into at text of normal size


class MainWindow(Commanded):
    """``language_wanted``: the window is to be opened again in the language of that code; ``warmed_up``: all benches are made."""

    language_wanted = pyqtSignal(str)
    warmed_up = pyqtSignal()

    def __init__(
        self, context: Context, settings: kept.Settings, settings_path: Path, make_demo: MakeDemo,
        renderer: Renderer | None = None,
    ) -> None:  # fmt: skip
        super().__init__()
        self.context, self.session, self.theme = context, context.session, context.theme
        self.settings, self.settings_path = settings, settings_path
        self._warm_up: WarmUp | None = None
        self.renderer = renderer or Renderer()
        self.user_actions = Actions(context, self, make_demo, self.renderer)
        self.watch = RunWatch(context.session)
        self.tray: QSystemTrayIcon | None = None
        self.setWindowTitle("Numerus")
        self.setMinimumSize(*(round(px * LEAST_ROOM) for px in SMALLEST))
        self.resize(*SMALLEST)
        self.setAcceptDrops(True)
        self._assemble(self.renderer)
        self.commands = window_commands(self)
        self.actions_by_title = fill_menus(self.menuBar(), self.commands, self)
        self._finder()
        self._connect()
        self._dress()
        self._show_book()

    def _assemble(self, renderer: Renderer) -> None:
        self.band, self.roll, self.orders = (
            Band(self.context),
            Roll(self.context, self.user_actions),
            OrdersPanel(self.context),
        )
        self.bench, self.status = Pages(), StatusLine(self.context)
        self.benches = Benches(self.context, self.user_actions, renderer, self.bench.addWidget)
        self.errors = ErrorPanel(self.theme, self.bench)
        body = QHBoxLayout()
        body.setSpacing(0)
        body.addWidget(self.roll)
        body.addWidget(self.bench, 1)
        body.addWidget(self.orders)
        self.march = QWidget()
        outer = QVBoxLayout(self.march)
        outer.setContentsMargins(0, 0, 0, 0)
        outer.setSpacing(0)
        outer.addWidget(self.band)
        outer.addLayout(body, 1)
        self.pages = QStackedWidget()
        self.pages.addWidget(self.march)
        self.canvas = Canvas(self.pages)
        self.scroll_area = scrolled(self.canvas, sideways=True)
        self.walk = Walk(self.session, self.user_actions.open_demo)
        self.setCentralWidget(panel(column(self.scroll_area, self.walk, gap=0)))
        self.setStatusBar(self.status)

    def _finder(self) -> None:
        self.finder = button("Find a command or figure   Ctrl+J", self.find)
        self.finder.setAccessibleName("Find a command or figure")
        self.finder.setStyleSheet("padding: 1px 10px; margin: 2px 14px 2px 2px;")
        self.menuBar().setCornerWidget(self.finder)

    def _connect(self) -> None:
        self.session.moved.connect(self._go)
        self.session.changed.connect(lambda about: self._show_book() if about & {"army", "unit"} else None)
        self.session.failed.connect(self.errors.tell)
        self.context.jobs.failed.connect(self.errors.tell)
        self.user_actions.noted.connect(self.errors.note)
        self.user_actions.opened.connect(self._opened)
        self.theme.changed.connect(self._dress)
        self.theme.changed.connect(self._hold_layout)
        self.orders.folded.connect(self._hold_layout)
        self.walk.came_or_went.connect(self._hold_layout)
        self.orders.print_card.connect(lambda: openers.bench_card(self.context, self))
        self.clock = QTimer(self)
        self.clock.timeout.connect(self.session.tick)
        self.clock.timeout.connect(self.watch.look)
        self.watch.told.connect(self._tell)
        self.clock.start(CLOCK_MS)

    def _tell(self, words: str) -> None:
        """Something happened at a machine: here, and on the desktop where there is a tray."""
        self.errors.note(words)
        self.context.announcer.tell(words)
        QApplication.alert(self)
        if QSystemTrayIcon.isSystemTrayAvailable():
            self.tray = self.tray or self._in_tray()
            self.tray.show()
            self.tray.showMessage("Numerus", tr(words))

    def _in_tray(self) -> QSystemTrayIcon:
        """The program's sign among the desktop's; it and its messages bring the watch bill up."""
        tray = QSystemTrayIcon(self.windowIcon(), self)
        tray.activated.connect(lambda _: self.come_up())
        tray.messageClicked.connect(self.come_up)
        return tray

    def come_up(self) -> None:
        """Before everything else on the screen, at the machines."""
        self.showNormal() if self.isMinimized() else self.show()
        self.raise_()
        self.activateWindow()
        self.session.go("print")

    def _go(self, stage: str) -> None:
        """Open a stage's bench; where the window is narrow, wide benches fold the orders to their rail."""
        if self.width() < WIDE_WINDOW_PX:
            self.orders.fold(stage in WIDE_BENCHES or self.theme.scale > self._room)
        self._hold_layout()
        self.bench.setCurrentWidget(self.benches[stage])

    def hold_still(self, still: bool, chosen: bool = True) -> None:
        self.theme.still = still
        hold_still(still)
        if chosen:
            self.settings = replace(self.settings, still=still)
            self._keep_settings()

    @property
    def spoken(self) -> str:
        return wanted(self.settings.language)

    def speak(self, code: str) -> None:
        if code != self.spoken:
            self.settings = replace(self.settings, language=code)
            self._keep_settings()
            self.language_wanted.emit(code)

    @property
    def _room(self) -> float:
        """How many times the window holds the layout at its smallest."""
        return min(self.width() / SMALLEST[0], self.height() / SMALLEST[1])

    def scale_text(self, by: float) -> None:
        self.theme.set_scale(min(max(self.theme.scale + by, 1.0), kept.LARGEST_TEXT))
        if by > 0 and self.theme.scale > self._room:  # room for the bench first
            self.orders.fold(True)

    def showEvent(self, event: QShowEvent | None) -> None:
        super().showEvent(event)
        if self._warm_up is None and self.session.book is not None:
            _ = self.session.answers.stage_throughputs  # of the first picture; worked out before it
        if self._warm_up is None:
            self._warm_up = WarmUp(self.context, self.benches, self)
            self._warm_up.ended.connect(self.warmed_up)

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        super().resizeEvent(event)
        self.theme.fit(self._room)
        self._hold_layout()

    def _hold_layout(self) -> None:
        """With larger text all is laid out as in the smallest window, so much larger, and scrolled where the window is smaller; what
        the walk's words take is scrolled to as well.
        """
        whole = self.centralWidget()
        assert whole is not None
        around = self.height() - whole.height() + self.scroll_area.height() - self.scroll_area.viewport().height()
        spared = 0 if self.session.stage in WIDE_BENCHES else self.orders.saved_px
        wide, high = (round(px * self.theme.zoom) for px in (SMALLEST[0] - spared, SMALLEST[1]))
        larger = self.theme.scale > 1
        held = larger or self.walk.isVisibleTo(self)
        self.canvas.setMinimumSize(wide if larger else 0, high - around if held else 0)

    def find(self) -> None:
        CommandList(self, found_by_name(self)).exec()

    def main_action(self) -> None:
        wanted = self.benches[self.session.stage].main_action()
        if wanted is None:
            self.errors.note("Nothing waits for its main action on this bench.")
        else:
            wanted.click()

    def _opened(self, path: Path) -> None:
        self.settings = self.settings.opened(path)
        self._keep_settings()
        self.session.go("muster")
        self.watch.look()

    def _keep_settings(self) -> None:
        theme, silent = self.theme, self.context.announcer.silent
        self.settings = replace(self.settings, lamplight=theme.lamplight, text_scale=theme.scale, silent=silent)
        kept.save(self.settings, self.settings_path)

    def _dress(self) -> None:
        sheet = self.theme.sheet()
        # Every widget in the window is polished anew by it; one that is being made is not yet in it.
        if self.styleSheet() != sheet:
            self.setStyleSheet(sheet)
        self.finder.setMinimumWidth(self.finder.sizeHint().width())
        self.menuBar().setCornerWidget(self.finder)  # its place is worked out only when it is put there
        self.finder.show()
        self._keep_settings()

    def _show_book(self) -> None:
        """The march where a book is open, the welcome page where none is."""
        while self.pages.count() > 1:
            page = self.pages.widget(1)
            self.pages.removeWidget(page)
            page.deleteLater()
        if self.session.book is None:
            self.pages.addWidget(
                welcome(
                    self.theme,
                    self.user_actions.open_demo,
                    self.walk.take,
                    self.user_actions.new_army,
                    self.user_actions.ask_open,
                    self.settings.recent,
                    self.user_actions.open_path,
                )
            )
            self.pages.setCurrentIndex(1)
        else:
            self.bench.setCurrentWidget(self.benches[self.session.stage])
        army = self.session.plans.army
        self.setWindowTitle(f"{army.name} – Numerus" if army else "Numerus")

    def dragEnterEvent(self, event: QDragEnterEvent | None) -> None:
        if event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent | None) -> None:
        """Mesh files, folders and archives go into the kit; a book is opened."""
        paths = [Path(u.toLocalFile()) for u in event.mimeData().urls() if u.isLocalFile()]
        books = [p for p in paths if p.suffix == ".numerus"]
        if books:
            self.user_actions.open_path(books[0])
        elif paths:
            self.session.go("sort")
            self.user_actions.ask_where(paths)

    def closeEvent(self, event: QCloseEvent | None) -> None:
        self.clock.stop()
        if self._warm_up is not None:
            self._warm_up.stop()
        self.context.jobs.wait()
        self.renderer.release()
        self._keep_settings()
        if self.session.book is not None:
            self.session.book.close()
        super().closeEvent(event)
