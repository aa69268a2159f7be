"""The bottom line: what was saved, what undo would take back, the machines and baths at a glance; jobs and their cancel."""

from __future__ import annotations

from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QStatusBar

from numerus.desk.context import Context
from numerus.desk.session import CLOCK
from numerus.desk.theme.palette import Theme
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.widgets.layout import button, label
from numerus.post.washing.wash import baths


class ShareBar(Drawing):
    """How far a job is; it is painted when the window is, not at once."""

    def __init__(self, theme: Theme) -> None:
        super().__init__(theme, "How far the work is")
        self.share = 0.0

    def show_share(self, share: float) -> None:
        if abs(share - self.share) >= 0.01 or share in (0.0, 1.0):
            self.share = share
            self.update()

    def draw(self, painter: QPainter) -> None:
        middle = self.height() / 2 - 4
        self.bar(painter, 0, middle, float(self.width()), 8, "bed")
        self.bar(painter, 0, middle, self.width() * self.share, 8, "river")


class StatusLine(QStatusBar):
    def __init__(self, context: Context) -> None:
        super().__init__()
        self.session, self.jobs = context.session, context.jobs
        self.setSizeGripEnabled(False)
        self.setFixedHeight(24)
        self.saved, self.last, self.floor = label("Nothing to save"), label("", "note"), label("")
        self.words, self.progress = label(""), ShareBar(context.theme)
        self.progress.setFixedWidth(120)
        self.stop = button("Cancel", self.jobs.cancel, "link")
        for widget in (self.saved, self.last):
            widget.setContentsMargins(12, 0, 12, 0)
            self.addWidget(widget)
        for permanent in (self.words, self.progress, self.stop, self.floor):
            self.addPermanentWidget(permanent)
        self.floor.setContentsMargins(8, 0, 24, 0)
        self.addPermanentWidget(label("  "))
        self._show_job(False)
        self.session.saved.connect(
            lambda words: self.saved.setText(f"Saved {self.session.clock():%H:%M}. {words[:1].upper()}{words[1:]}")
        )
        self.session.changed.connect(self._changed)
        self.jobs.progressed.connect(self._progressed)
        self.jobs.finished.connect(lambda: self._show_job(False))
        self.refresh()

    def _show_job(self, shown: bool) -> None:
        for widget in (self.words, self.progress, self.stop):
            widget.setVisible(shown)

    def _progressed(self, words: str, share: float) -> None:
        self._show_job(True)
        self.words.setText(words)
        self.progress.show_share(share)

    def _changed(self, about: frozenset[str]) -> None:
        if about - {CLOCK}:
            self.refresh()

    def refresh(self) -> None:
        book, answers = self.session.book, self.session.answers
        self.last.setText(f"Last: {book.undo_label()}" if book and book.undo_label() else "")
        words = []
        states = {r.machine_id: r for r in answers.standing.runs.values()}
        for machine in answers.plans.machines.values():
            run = states.get(machine.id)
            word = {"printing": "prints", "hanging": "plate waits"}.get(run.state if run else "", "idle")
            words.append(f"{machine.name} {word}")
        if answers.facts:
            words.append(f"bath {max(0.0, 1 - baths(answers.history.carried)[0].spent):.0%} left")
        self.floor.setText("     ".join(words))
