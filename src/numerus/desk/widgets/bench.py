"""What every bench is: a title with its subtitle and buttons, a body, a drawer, and words for when it is empty."""

from __future__ import annotations

import contextlib
from collections.abc import Callable, Iterable

from PyQt6 import sip
from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtGui import QResizeEvent
from PyQt6.QtWidgets import QApplication, QBoxLayout, QLabel, QSizePolicy, QStackedLayout, QVBoxLayout, QWidget

from numerus.desk.context import Context
from numerus.desk.session import ALL, CLOCK
from numerus.desk.translate import tr
from numerus.desk.widgets.drawing import hold
from numerus.desk.widgets.layout import button, clear, column, label, panel, row
from numerus.desk.widgets.worded import PushButton, TextLabel
from numerus.domain.parts import Part
from numerus.errors import Cancelled, NumerusError, Progress
from numerus.geometry.mesh import Mesh
from numerus.progress.figure_records.lessons import lesson_words

TITLE_PX = 460.0
LINES_FILLED = 1.8  # of the two lines of a subtitle


def vertex_normals_of(mesh: Mesh) -> None:
    """Worked out where the mesh is read, since every picture of it asks for them."""
    _ = mesh.vertex_normals, mesh.bounds_mm


class Subtitle(TextLabel):
    """Beside a bench's title, in up to two lines; whole in its tooltip where even they are too few. ``aside``: said after it."""

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("note")
        self.setWordWrap(True)
        self.setMinimumWidth(1)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Ignored)
        self.words, self.aside = "", ""

    def text(self) -> str:
        """All of it, however much is shown, but for what is said aside."""
        return self.words

    def setText(self, words: str | None) -> None:
        self.words = words or ""
        self._fit()

    def say_aside(self, words: str) -> None:
        self.aside = words
        self._fit()

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        super().resizeEvent(event)
        self._fit()

    def _fit(self) -> None:
        """What two lines hold; a line rarely breaks where it is full."""
        room, whole = int(LINES_FILLED * self.width()), tr("    ".join(filter(None, (self.words, self.aside))))
        self.setToolTip(whole)
        shown = self.fontMetrics().elidedText(whole, Qt.TextElideMode.ElideRight, room)
        QLabel.setText(self, shown)  # in the user's language already, and half a sentence perhaps


class Bench(QWidget):
    """A stage's workplace. Subclasses build ``body`` once and fill it in ``refresh``, which runs while it is shown."""

    stage = ""
    empty_words = "Nothing stands here."
    shows: frozenset[str] = ALL - {CLOCK}
    """Subjects it is filled anew for when they change."""

    def __init__(self, context: Context) -> None:
        super().__init__()
        self.context, self.session, self.theme = context, context.session, context.theme
        self.setObjectName("bench")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground, True)
        self.setAccessibleName(f"{self.stage.capitalize()} bench")
        self.title, self.subtitle = label("", "title"), Subtitle()
        self.title.setMinimumWidth(0)  # where it is tight the subtitle is cut off first
        hold(self.theme, self.title, "setMaximumWidth", TITLE_PX)
        self.buttons = row(gap=8)
        head = row(self.title, 16, self.subtitle, self.buttons, margins=(16, 10, 16, 4))
        head.setStretch(2, 1)
        self.empty = label("", "", wrap=True)
        self.empty_row = row(gap=8)
        empty = panel(column(16, self.empty, 12, row(self.empty_row, -1), -1, margins=(16, 0, 16, 16)), "bench")
        self._pages = QStackedLayout()
        self._full = panel(self.build(), "bench")
        self._pages.addWidget(self._full)
        self._pages.addWidget(empty)
        outer = QVBoxLayout(self)
        outer.setContentsMargins(0, 0, 0, 0)
        outer.setSpacing(0)
        outer.addLayout(head)
        outer.addLayout(self._pages, 1)
        self.session.changed.connect(self._changed)
        self.session.selected.connect(self._selected)
        app = QApplication.instance()
        if isinstance(app, QApplication):
            app.focusChanged.connect(self._focus_moved)

    def build(self) -> QBoxLayout:
        """The body's layout."""
        raise NotImplementedError

    def refresh(self) -> None:
        """Fill the body from the session."""
        raise NotImplementedError

    def _changed(self, about: frozenset[str]) -> None:
        if self.isVisible() and about & self.shows:
            self.refresh()
            self._show_lessons()

    def _selected(self) -> None:
        if self.isVisible():
            self.refresh()
            self._show_lessons()

    def showEvent(self, event: object) -> None:
        self.refresh()
        self._show_lessons()

    def _show_lessons(self) -> None:
        """What somebody wanted to do otherwise here, where another unit taught it."""
        lessons = self.session.answers.lessons(self.stage, self.session.unit_id) if self.session.book else []
        self.subtitle.say_aside(lesson_words(lessons))

    def with_meshes(self, parts: Iterable[Part], act: Callable[[], object]) -> None:
        """Do something that needs the parts' meshes: at once where they are known, else when a job has read them."""
        missing = self.session.unread(p.blob for p in parts)
        if not missing:
            act()
            return
        read = self.session.mesh_reader()

        def work(progress: Progress) -> None:
            for number, blob in enumerate(missing):
                if not progress(number / len(missing)):
                    raise Cancelled
                with contextlib.suppress(NumerusError):  # a missing one is told of where it is shown
                    vertex_normals_of(read(blob))

        self.context.jobs.start(f"meshes {self.stage}", "Reading meshes", work, lambda _: act())

    def show_empty(self, words: str, *buttons: PushButton) -> None:
        """Say what belongs here and give the button for it."""
        self.empty.setText(words)
        clear(self.empty_row)
        for push_button in buttons:
            self.empty_row.addWidget(push_button)
        self._pages.setCurrentIndex(1)

    def show_full(self) -> None:
        self._pages.setCurrentIndex(0)

    def actions_in_view(self) -> list[tuple[str, PushButton]]:
        """Everything that can be pressed on the bench as it stands, by its words."""
        listed = [
            (b.text() if any(map(str.isalpha, b.text())) else b.accessibleName() or b.toolTip(), b)
            for b in self.findChildren(PushButton)
            if b.isVisible() and b.isEnabled()
        ]
        return [(words, b) for words, b in listed if words]

    def open_mode(self) -> bool:
        """Its steps over the whole screen, by one key; whether it has such."""
        return False

    def main_action(self) -> PushButton | None:
        """The first of its main buttons that can be pressed: those of the head before those below."""
        ready = [b for _, b in self.actions_in_view() if b.objectName() == "main"]
        return next((b for b in ready if self.buttons.indexOf(b) >= 0), next(iter(ready), None))

    def _focus_moved(self, old: QWidget | None, new: QWidget | None) -> None:
        """A button that had the focus and goes, or can no longer be pressed, leaves it to the bench's main action."""
        if isinstance(old, PushButton) and new is not None and self.isVisible() and self.isAncestorOf(old):
            QTimer.singleShot(0, lambda: self._give_focus(old))

    def _give_focus(self, gone: PushButton) -> None:
        if sip.isdeleted(gone) or sip.isdeleted(self) or (gone.isVisible() and gone.isEnabled()):
            return
        heir = self.main_action()
        if heir is not None and self.isVisible():
            heir.setFocus()

    def add_button(self, words: str, act: object, kind: str = "", tip: str = "") -> PushButton:
        push_button = button(words, act, kind, tip)  # type: ignore[arg-type]
        self.buttons.addWidget(push_button)
        return push_button
