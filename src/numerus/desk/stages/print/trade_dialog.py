"""Faster or surer: a waiting plate by other settings of its machine, hours against failures; one of them may be set."""

from __future__ import annotations

from PyQt6.QtCore import QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.layout import button, column, label, row
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.printing.runs.settings_trade import PRIOR_PARTS, Setting, Trade
from numerus.progress.printing.looking import trades
from numerus.progress.printing.plating import with_waiting_plates
from numerus.words import counted, span

ROW_PX, LEFT_PX = 34.0, 176.0
SAYS = (
    "Solid: the run. Hatched: what is printed again on the mean. Failures of usual settings are learned from your plates by height; "
    f"of others foretold from them (defaults) until {PRIOR_PARTS:.0f} parts and more came off runs with them. One thing is changed at a "
    "time; that more light swells details and thick layers show is not weighed here."
)


class TradePicture(Drawing):
    """A row a setting: minutes with what is printed again, failures with their range; ``chosen``: one of them."""

    chosen = pyqtSignal(int)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Hours against failures")
        self.trades: list[Trade] = []
        self.at_row = 0
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.hold("setMinimumSize", 660, 380)

    def show_trades(self, trades: list[Trade], at_row: int) -> None:
        self.trades, self.at_row = trades, at_row
        self.update()

    def draw(self, painter: QPainter) -> None:
        if not self.trades:
            return
        right = self.width() - 190.0
        self.text(painter, LEFT_PX, 16, "hours, with what is printed again", 11, colour="slate")
        self.text(painter, self.width(), 16, "parts that fail, in 8 of 10 runs", 11, colour="slate", align=RIGHT)
        most, best = max(t.net_min for t in self.trades), min(self.trades, key=lambda t: t.net_min)
        for number, one in enumerate(self.trades):
            y, scale = 26 + number * ROW_PX, (right - LEFT_PX - 60) / most
            if number == self.at_row:
                painter.fillRect(QRectF(0, y, self.width(), ROW_PX - 4), self.theme.colour("riverwash"))
            self.text(painter, 6, y + 20, changed_words(one.setting, self.trades[0].setting), 13, number == 0)
            self.bar(painter, LEFT_PX, y + 8, one.minutes * scale, 14, "river" if one is best else "slate")
            self.hatch(painter, QRectF(LEFT_PX + one.minutes * scale, y + 8, (one.net_min - one.minutes) * scale, 14))
            self.text(painter, LEFT_PX + one.net_min * scale + 6, y + 20, span(one.net_min), 13, one is best)
            seen = f", {one.seen} seen" if one.seen else ""
            low, high = one.range
            self.text(painter, self.width() - 4, y + 20, f"{one.failures:.1f} ({low} to {high}){seen}", 13, align=RIGHT)
            self.region(QRectF(0, y, self.width(), ROW_PX - 4), trade_words(one), lambda n=number: self.chosen.emit(n))


class TradeDialog(Dialog):
    """For a plate that waits, on its machine."""

    def __init__(self, context: Context, plate: Plate, machine: Machine, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session, self.machine = context.session, machine
        self.setWindowTitle(f"Faster or surer: {plate.name} on {machine.name}")
        self.trades = trades(self.session.plans, self.session.answers.standing, plate, machine)
        self.at_row = 0
        self.picture, self.words = TradePicture(context), label("", "strong", True)
        self.picture.chosen.connect(self.choose)
        self.set_button = button(
            "Set the machine so",
            self.set_machine,
            "main",
            "From the next run on; plates that wait take their minutes by it",
        )
        foot = row(self.words, button("Close", self.reject), self.set_button, gap=8)
        foot.setStretch(0, 1)
        self.setLayout(column(self.picture, label(SAYS, "note", True), foot, gap=10, margins=(16, 14, 16, 14)))
        self.layout().setStretch(0, 1)
        self.resize(820, 560)
        self.choose(min(range(len(self.trades)), key=lambda n: self.trades[n].net_min))

    def choose(self, number: int) -> None:
        self.at_row = number
        self.picture.show_trades(self.trades, number)
        self.words.setText(trade_words(self.trades[number]))
        self.set_button.setEnabled(number > 0)

    def set_machine(self) -> None:
        """One edit: the machine's profile, and the minutes of what waits for it."""
        changed = self.trades[self.at_row].setting.on(self.machine)
        documents = with_waiting_plates(changed, self.session.plans, self.session.answers.standing)
        words = changed_words(self.trades[self.at_row].setting, self.trades[0].setting)
        if self.session.commit(f"{self.machine.name}: {words}", documents):
            self.accept()


def changed_words(setting: Setting, own: Setting) -> str:
    """What is different, the machine's own where nothing is."""
    if setting == own:
        return "As it is set"
    words = [f"lift {setting.lift_mm_per_min:g} mm/min"] if setting.lift_mm_per_min != own.lift_mm_per_min else []
    words += [f"layers {setting.layer_mm:g} mm"] if setting.layer_mm != own.layer_mm else []
    words += [f"light {setting.exposure_s:g} s"] if setting.exposure_s != own.exposure_s else []
    return ", ".join(words).capitalize()


def trade_words(one: Trade) -> str:
    """A setting in a sentence."""
    low, high = one.range
    failing = f"{one.failures:.1f} parts fail on the mean, {low} to {high} in eight of ten runs"
    seen = f"; {counted(one.seen, 'part')} came off such runs" if one.seen else ""
    return f"{span(one.minutes)} of run, {span(one.net_min)} with what is printed again; {failing}{seen}."
