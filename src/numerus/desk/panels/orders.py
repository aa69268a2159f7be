"""The orders: what to do next, with minutes, what must be at hand, and the caution of that step. Ticking writes the journal."""

from __future__ import annotations

from collections.abc import Iterator
from typing import TYPE_CHECKING

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QShowEvent
from PyQt6.QtWidgets import QFrame, QVBoxLayout, QWidget

from numerus.desk.context import Context
from numerus.desk.wet_asked import WetAsked
from numerus.desk.widgets.drawing import Drawing, hold
from numerus.desk.widgets.later import Gradually, Later, Soon
from numerus.desk.widgets.layout import button, clear, column, label, panel, row, scrolled
from numerus.desk.widgets.worded import CheckBox, SpinBox
from numerus.post.cautions import DEFER
from numerus.words import span

if TYPE_CHECKING:
    from numerus.progress.planning.task_kinds import Task

FULL_PX, RAIL_PX = 288, 36
SOON_MS = 40  # after what was edited is shown


class _Rail(Drawing):
    """The folded orders: a narrow strip that says how many are left."""

    def __init__(self, orders: OrdersPanel) -> None:
        super().__init__(orders.theme, "Orders, folded")
        self.orders = orders
        self.hold("setFixedWidth", RAIL_PX)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)

    def draw(self, painter: QPainter) -> None:
        painter.fillRect(self.area, self.theme.colour("linen"))
        self.line(painter, 0.5, 0, 0.5, self.height())
        self.region(self.area, "Unfold the orders (F8)", lambda: self.orders.fold(False))
        painter.save()
        painter.translate(22, 0)
        painter.rotate(90)
        wide = self.text(painter, 46, 4, "Orders", 13, True)
        self.text(painter, 56 + wide, 4, self.orders.count_words, 11, colour="slate")
        painter.restore()
        self.text(painter, 18, 28, "‹", 22, colour="ink", align="centre")


class OrdersPanel(QWidget):
    """The right of the window; can be folded to a rail. ``print_card`` asks for the bench card."""

    print_card = pyqtSignal()
    folded = pyqtSignal(bool)

    def __init__(self, context: Context) -> None:
        super().__init__()
        self.session, self.theme = context.session, context.theme
        self._wet_asked = WetAsked(self.session)
        self._stale = False  # not filled, since nobody sees them
        self.setAccessibleName("Orders")
        self.when = label("", "note")
        self.listing = column(gap=10, margins=(16, 4, 12, 8))
        inner = panel(self.listing, "linen")
        scroll = scrolled(inner)
        self.spare, self.spare_note = label("", "strong", True), label("", "note", True)
        print_button = button(
            "Print the bench card", self.print_card.emit, tip="One page with tick boxes and cautions (Ctrl+P)"
        )
        fold = button("›", lambda: self.fold(True), "link", "Fold the orders (F8)")
        fold.setStyleSheet("font-size: 20px;")
        fold.setAccessibleName("Fold the orders")
        head = row(label("Orders", "section"), -1, fold, margins=(16, 10, 8, 0))
        foot = column(self.spare, self.spare_note, row(print_button, -1), gap=4, margins=(16, 8, 12, 12))
        self.have = SpinBox()
        self.have.setRange(0, 600)
        self.have.setSingleStep(5)
        self.have.setSpecialValueText("hobby time as planned")
        self.have.setPrefix("I have ")
        self.have.setSuffix(" min now")
        self.have.setAccessibleName("Minutes you have now")
        self.have.setToolTip("The orders for these minutes, whatever the week says; nothing is kept of it")
        self.have.valueChanged.connect(self.session.have_minutes)
        tops = row(self.when, margins=(16, 0, 8, 4)), row(self.have, -1, margins=(16, 0, 8, 6))
        whole = column(head, *tops, scroll, foot, gap=0)
        whole.setStretch(3, 1)
        self.full = panel(whole, "linen")
        hold(self.theme, self.full, "setFixedWidth", FULL_PX)
        self.rail = _Rail(self)
        self.rail.hide()
        outer = QVBoxLayout(self)
        outer.setContentsMargins(0, 0, 0, 0)
        outer.addWidget(self.full)
        outer.addWidget(self.rail)
        self.turns = context.jobs.turns
        self.soon = Soon(self, self.refresh, self.turns, SOON_MS)  # what was edited is shown first
        self.finding, self.later = Gradually(self, self._find, self.turns), Later(self, self.soon.ask, self.turns)
        self.session.changed.connect(self._changed)
        self.refresh()

    @property
    def saved_px(self) -> int:
        """What folding gives the bench, in the layout's own pixels."""
        return FULL_PX - RAIL_PX if self.full.isHidden() else 0

    def showEvent(self, event: QShowEvent | None) -> None:
        super().showEvent(event)
        if not self.known:
            self.soon.ask()

    def fold(self, folded: bool) -> None:
        self.full.setVisible(not folded)
        if self._stale and not folded:
            self.refresh()
        self.rail.setVisible(folded)
        self.folded.emit(folded)

    def _changed(self, _: object) -> None:
        self.soon.ask()

    @property
    def known(self) -> bool:
        """Whether they are worked out; else they soon will be."""
        return self.turns.at_once or "orders" in vars(self.session.answers)

    @property
    def count_words(self) -> str:
        """How many there are; nothing is said before they are worked out."""
        if not self.known:
            return ""
        task_list = self.session.answers.orders
        many = len(task_list.listed)
        return f"{many} in the next {task_list.minutes:.0f} min" if many else "nothing waits"

    def refresh(self) -> None:
        answers = self.session.answers
        if not (self.turns.at_once or "to_do" in vars(answers)):
            return self.finding.ask()
        if not self.later.has(answers, "orders"):
            return
        task_list = answers.orders
        self.rail.update()
        if self.full.isHidden() and not self.turns.at_once:
            self._stale = True
            return
        self._stale = False
        clear(self.listing)
        until = (
            f"Hands free {task_list.minutes:.0f} min from {task_list.start:%H:%M}"
            if task_list.minutes
            else "No hobby time in the next two weeks"
        )
        self.when.setText(f"{self.session.now:%a %-d %b, %H:%M}. {until}")
        for number, order in enumerate(task_list.listed):
            self.listing.addWidget(self._card(order) if number == 0 else self._line(order))
        if not task_list.listed:
            self.listing.addWidget(label("Nothing waits. Muster an army, or add a unit.", wrap=True))
        self.listing.addStretch(1)
        left = task_list.minutes - task_list.work_min
        self.spare.setText(
            f"{task_list.work_min:.0f} min of work in {task_list.minutes:.0f} min"
            + (f": {left:.0f} min to spare" if left >= 1 else "")
        )
        self.spare_note.setText("While one thing dries the next is done." if len(task_list.listed) > 1 else "")
        self.rail.update()

    def _find(self) -> Iterator[None]:
        """What there is to do, in steps: a large army has much. Not where nobody sees it."""
        if self.isVisible():
            yield from self.session.answers.finding_to_do()
            self.soon.ask()

    def _card(self, order: Task) -> QWidget:
        """The order at hand: opened, with its cautions and buttons."""
        tick = self._tick(order)
        head = row(tick, label(order.title, "strong", True), label(span(order.minutes)), gap=8)
        head.setStretch(1, 1)
        body = column(head, label(order.detail, "note", True), gap=4, margins=(10, 8, 10, 10))
        for thing in order.at_hand:
            body.addWidget(label(f"At hand: {thing}", "note", True))
        for number, caution in enumerate(order.cautions):
            body.addWidget(label(caution, "caution" if number == 0 else "note", True))
        if order.cautions:
            body.itemAt(body.count() - 1).widget().setToolTip(DEFER)
        done = button(
            f"Done, {span(order.minutes)}" if order.facts else "Open the bench", lambda: self._do(order), "main"
        )
        body.addLayout(row(done, -1))
        card = QFrame()
        card.setObjectName("card")
        card.setLayout(body)
        card.setToolTip(DEFER if order.cautions else "")
        return card

    def _line(self, order: Task) -> QWidget:
        when = f"{order.start:%H:%M}, " if order.start else ""
        head = row(label(order.title, "strong", True), label(span(order.minutes)))
        head.setStretch(0, 1)
        layout = row(self._tick(order), column(head, label(when + order.detail, "note", True), gap=0), gap=8)
        layout.setStretch(1, 1)
        return panel(layout)

    def _tick(self, order: Task) -> CheckBox:
        tick = CheckBox()
        tick.setAccessibleName(f"Done: {order.title}")
        tick.setToolTip(
            "Tick when done: it is written into the journal" if order.facts else "Opens the bench where this is done"
        )
        tick.clicked.connect(lambda: self._do(order))
        return tick

    def _do(self, order: Task) -> None:
        if not order.facts:
            self.session.go(order.asks or order.bench)
        elif self._wet_asked.may_write(order.title, order.facts):
            self.session.commit(order.title, facts=order.facts)
        else:
            self.refresh()  # its tick is taken back
