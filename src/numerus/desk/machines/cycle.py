"""What the numbers of a machine or resin come to, drawn: where the seconds of a layer go and how long a plate takes by it; how
large a layer a tip holds.
"""

from __future__ import annotations

from dataclasses import replace

from PyQt6.QtCore import QRectF
from PyQt6.QtGui import QPainter

from numerus.desk.theme.palette import LABEL, SECTION, Theme
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing
from numerus.domain.printing.machines import Machine, Resin
from numerus.printing.machines.timing import layer_cycle, layer_seconds, run_minutes
from numerus.printing.supports.style import STYLES, TIP_NAMES, held_mm2, tip_n
from numerus.words import span

HIGH_PX, BAR_PX, LEAST_PX = 96.0, 24.0, 28.0
TONES = {"light": "tallow", "rest before": "bed", "lift": "river", "back down": "slate", "rest after": "bed"}
LAYERS_MM = (0.03, 0.05)


class LayerCycle(Drawing):
    """``machine`` as it is typed; ``saved``: as it was; ``tallest``: what it prints, by name and height in mm."""

    def __init__(self, theme: Theme) -> None:
        super().__init__(theme, "Where the seconds of a layer go")
        self.machine = self.saved = Machine("m", "Machine")
        self.tallest: tuple[str, float] = ("30 mm", 30.0)
        self.hold("setFixedHeight", HIGH_PX)

    def show_machine(self, machine: Machine, saved: Machine, tallest: tuple[str, float]) -> None:
        self.machine, self.saved, self.tallest = machine, saved, tallest
        self.update()

    def draw(self, painter: QPainter) -> None:
        machine = self.machine
        wide = self.text(painter, 0, 15, f"Every layer {layer_seconds(machine, False):.1f} s", SECTION, True)
        bottom = f"each of {machine.bottom_layers} at the bottom {layer_seconds(machine, True):.1f} s"
        self.text(painter, wide + 16, 15, bottom, LABEL, colour="slate")
        self._bar(painter, 23, layer_cycle(machine))
        self._told(painter, 58)

    def _bar(self, painter: QPainter, y: float, cycle: dict[str, float]) -> None:
        x, wide, total = 0.0, self.width(), max(sum(cycle.values()), 1e-9)
        for name, seconds in cycle.items():
            long = wide * seconds / total
            tone = TONES[name]
            self.bar(painter, x, y, long, BAR_PX, tone)
            ink = "on_river" if tone in ("river", "slate") else "ink"
            if long > 30 + 6 * len(name):
                self.text(painter, x + long / 2, y + 16, f"{name} {seconds:.1f}", LABEL, colour=ink, align=CENTRE)
            elif long > LEAST_PX:
                self.text(painter, x + long / 2, y + 16, f"{seconds:.1f}", LABEL, colour=ink, align=CENTRE)
            self.region(QRectF(x, y, max(long, 1), BAR_PX), f"{name}: {seconds:.2f} s")
            x += long

    def _told(self, painter: QPainter, y: float) -> None:
        (name, height), machine = self.tallest, self.machine
        now, before = run_minutes(height, machine), run_minutes(height, self.saved)
        description = f"{name} takes {span(now)}"
        if abs(now - before) >= 0.5:
            description += f", {span(abs(now - before))} {'less' if now < before else 'more'} than as saved"
        wide = self.text(painter, 0, y + 14, description, SECTION, True)
        self.text(painter, 0, y + 32, self._otherwise(height), LABEL, colour="slate", width=max(wide, self.width()))

    def _otherwise(self, height: float) -> str:
        """What other layers would make of it, and a lift a third shorter."""
        machine = self.machine
        others = {f"layers of {mm:g} mm": replace(machine, layer_mm=mm) for mm in LAYERS_MM if mm != machine.layer_mm}
        others["a third less lift"] = replace(machine, lift_mm=machine.lift_mm * 2 / 3)
        return "; ".join(f"{words}: {span(run_minutes(height, other))}" for words, other in others.items())


class TipHolds(Drawing):
    """``resin`` as it is typed; ``saved``: as it was, outlined; on which machine, whose lift and film pull."""

    def __init__(self, theme: Theme) -> None:
        super().__init__(theme, "How large a layer a tip holds")
        self.resin = self.saved = Resin("r", "Resin")
        self.machine = Machine("m", "Machine")
        self.hold("setFixedHeight", HIGH_PX)

    def show_resin(self, resin: Resin, saved: Resin, machine: Machine) -> None:
        self.resin, self.saved, self.machine = resin, saved, machine
        self.update()

    def draw(self, painter: QPainter) -> None:
        machine = self.machine
        wide = self.text(painter, 0, 15, "How large a layer one tip holds", SECTION, True)
        on = f"on {machine.name}, lifted at {machine.lift_mm_per_min:g} mm/min; outlined: as saved"
        self.text(painter, wide + 16, 15, on, LABEL, colour="slate", width=self.width() - wide - 16)
        tips = STYLES[machine.support_style].tips_mm
        most = max(held_mm2(tips[-1], machine, r) for r in (self.resin, self.saved))
        for number, (name, tip) in enumerate(zip(TIP_NAMES, tips, strict=True)):
            self._row(painter, 26 + 22.0 * number, f"{name}, {tip:g} mm", tip, most)

    def _row(self, painter: QPainter, y: float, name: str, tip_mm: float, most_mm2: float) -> None:
        held, before = (held_mm2(tip_mm, self.machine, r) for r in (self.resin, self.saved))
        room = self.width() - 110 - 110
        self.text(painter, 0, y + 12, name)
        self.bar(painter, 110, y, room * held / most_mm2, 15, "river")
        self.bar(painter, 110, y, room * before / most_mm2, 15, "ink", filled=False)
        description = f"{held:.0f} mm², {tip_n(tip_mm, self.resin):.1f} N"
        self.text(painter, self.width(), y + 12, description, align=RIGHT)
        self.region(QRectF(0, y, self.width(), 20), f"A {name} tip holds {description}")
