"""The numbers of a machine or resin, by what they are about, in two columns; for a machine of light what they come to."""

from __future__ import annotations

import contextlib
from dataclasses import replace
from typing import Any

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtWidgets import QGridLayout, QScrollArea, QVBoxLayout, QWidget

from numerus.desk.context import Context
from numerus.desk.machines.cycle import LayerCycle, TipHolds
from numerus.desk.widgets.layout import column, label, row
from numerus.desk.widgets.worded import CheckBox, ComboBox, DoubleSpinBox, LineEdit, SpinBox
from numerus.domain.printing.machines import FILAMENT, Machine, Resin
from numerus.errors import PlanError
from numerus.printing.machines.profile_files import checked
from numerus.printing.machines.routine import LEVELS, LOOKS, REMOVES
from numerus.printing.supports.style import STYLES

CHOICES = {
    "kind": ("resin", FILAMENT), "support_style": tuple(STYLES), "cure": ("standard", "tough", "water-washable"),
    "levels_by": tuple(LEVELS), "removes_with": tuple(REMOVES), "vat_looked_at": tuple(LOOKS),
}  # fmt: skip
UNITS = {
    "mm": "mm", "s": "s", "ml": "ml", "w": "W", "h": "h", "n": "N", "min": "min", "layers": "layers", "days": "days", "c": "°C",
}  # fmt: skip
WORDS = {
    "plate_x_mm": "Across", "plate_y_mm": "Front to back", "height_mm": "Tallest part", "lift_mm": "Lifts by", "kind": "Prints with",
    "lift_mm_per_min": "Lift speed", "bottom_lift_mm_per_min": "Lift speed", "retract_mm_per_min": "Speed down",
    "exposure_s": "Light", "bottom_exposure_s": "Light", "bottom_layers": "How many", "start_end_s": "Start and end",
    "vat_min_ml": "Least in it", "vat_full_ml": "Full", "film_layers": "Film lasts", "film_pull": "Film holds, × usual",
    "screen_h": "Screen lasts, lit", "peg_play_mm": "Play around pegs",
    "least_pin_mm": "Least pin, measured", "least_slot_mm": "Least slot, measured",
    "least_letter_mm": "Least letters read", "xy_comp_mm": "Outlines drawn in by", "scale_xy": "Scale in x, y",
    "turn_round_min": "Plate to plate", "unheated": "Cold at night", "room_c": "Room, 0: not told",
    "levels_by": "Levelled by", "removes_with": "Parts come off by", "vat_looked_at": "Looked at with",
    "nozzle_mm": "Nozzle", "walls": "Walls, lines", "fill_share": "Filled inside, share",
    "wall_mm_per_s": "Outlines", "fill_mm_per_s": "Filling", "travel_mm_per_s": "Travel", "retract_s": "Retraction",
    "foot_mm": "First layer wider by",
    "filament_mm": "Filament", "plastic_g_per_ml": "Plastic weighs", "plastic_pence_per_kg": "Price, pence/kg",
    "head_mm": "Head clears", "gantry_mm": "Gantry clears", "link": "State in folder", "power_w": "Draws",
    "reach_mm": "Reaches out", "cling_share": "Clings, share", "pull_n_per_mm2": "Pulls", "peel_n_per_mm": "Peels at outline",
    "tip_n_per_mm2": "A tip holds", "least_c": "Not colder than", "settles_days": "Stir after", "film_mm": "Film that clings",
    "back_on": "Out: mended on (2026-03-14)",
    "dose_j_per_cm2": "Cured by, J/cm²", "brittle_j_per_cm2": "Brittle from, J/cm²", "density_g_per_ml": "Density",
}  # fmt: skip
GROUPS: dict[type, dict[str, tuple[str, ...]]] = {
    Machine: {
        "Every layer": ("exposure_s", "rest_before_s", "lift_mm", "lift_mm_per_min", "retract_mm_per_min", "rest_after_s"),
        "Plate": ("kind", "plate_x_mm", "plate_y_mm", "height_mm"),
        "Screen and film": ("pixel_mm", "film", "film_layers", "film_pull", "screen_h"),
        "Bottom layers": ("bottom_layers", "bottom_exposure_s", "bottom_lift_mm_per_min", "start_end_s"),
        "Where it stands": ("in_service", "back_on", "turn_round_min", "room_c", "unheated", "power_w", "link"),
        "Vat": ("vat_min_ml", "vat_full_ml", "vat_looked_at"),
        "Routine": ("levels_by", "removes_with"),
        "What it prints": (
            "layer_mm", "support_style", "peg_play_mm", "xy_comp_mm", "scale_xy", "least_pin_mm", "least_slot_mm", "least_letter_mm",
        ),
        "Nozzle": (
            "nozzle_mm", "walls", "fill_share", "wall_mm_per_s", "fill_mm_per_s", "travel_mm_per_s", "retract_s", "foot_mm",
        ),
        "Reel and head": ("filament_mm", "plastic_g_per_ml", "plastic_pence_per_kg", "head_mm", "gantry_mm"),
    },
    Resin: {
        "Bottle": ("density_g_per_ml", "pence_per_l", "cure", "least_c", "settles_days"),
        "In the vat": ("reach_mm", "cling_share", "pull_n_per_mm2", "peel_n_per_mm", "tip_n_per_mm2"),
        "Wash and cure": ("film_mm", "dose_j_per_cm2", "brittle_j_per_cm2"),
    },
}  # fmt: skip
OF_LIGHT, OF_PLASTIC = ("Every layer", "Bottom layers", "Vat", "Screen and film"), ("Nozzle", "Reel and head")
CELL_PX = 136


class ProfileSheet(QScrollArea):
    """``cells`` by the field's name; ``typed``: one of them says something else."""

    typed = pyqtSignal()

    def __init__(self, context: Context) -> None:
        super().__init__()
        self.session = context.session
        self.profile: Machine | Resin = Machine("m", "Machine")
        self.cells: dict[str, QWidget] = {}
        self.cycle, self.holds, self.groups = LayerCycle(context.theme), TipHolds(context.theme), QVBoxLayout()
        self.typed.connect(self._draw)
        self.shown = QWidget()
        holder = QWidget()
        self.groups.addWidget(self.shown)
        holder.setLayout(column(self.cycle, self.holds, self.groups, -1, gap=8, margins=(12, 10, 12, 10)))
        holder.setObjectName("bench")
        holder.setAttribute(Qt.WidgetAttribute.WA_StyledBackground, True)
        self.setWidgetResizable(True)
        self.setWidget(holder)

    def show_profile(self, profile: Machine | Resin) -> None:
        self.profile, self.cells = profile, {}
        shown = [(title, names) for title, names in GROUPS[type(profile)].items() if self._counts(title)]
        left, right = (column(*(self._group(*g) for g in shown[n::2]), -1, gap=12) for n in (0, 1))
        fresh = QWidget()
        fresh.setLayout(row(left, right, gap=28))
        self.groups.replaceWidget(self.shown, fresh)
        self.shown.hide()
        self.shown.deleteLater()
        self.shown = fresh
        self._draw()

    def _counts(self, title: str) -> bool:
        """Whether a machine has such a thing: one of plastic has no vat and no light, one of light no nozzle."""
        return not isinstance(self.profile, Machine) or title not in (OF_LIGHT if self.profile.is_dry else OF_PLASTIC)

    def _group(self, title: str, names: tuple[str, ...]) -> QWidget:
        grid, widget = QGridLayout(), QWidget()
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setVerticalSpacing(4)
        grid.addWidget(label(title, "strong"), 0, 0, 1, 2)
        for number, name in enumerate(names, 1):
            cell = _cell(name, getattr(self.profile, name), self.typed.emit)
            cell.setAccessibleName(f"{title}: {said(name)[0]}")
            cell.setFixedWidth(CELL_PX)
            self.cells[name] = cell
            grid.addWidget(label(said(name)[0]), number, 0)
            grid.addWidget(cell, number, 1)
        grid.setColumnStretch(0, 1)
        widget.setLayout(grid)
        return widget

    def edited(self) -> Machine | Resin:
        """The profile as it stands in the cells."""
        return replace(self.profile, **{name: _value(cell) for name, cell in self.cells.items()})

    def _draw(self) -> None:
        """What the numbers come to, while none of them is nothing."""
        profile, before = self.edited(), self.profile
        self.cycle.setVisible(isinstance(before, Machine) and not before.is_dry)
        self.holds.setVisible(isinstance(before, Resin))
        with contextlib.suppress(PlanError):
            checked(profile)
            if isinstance(profile, Machine) and isinstance(before, Machine):
                self.cycle.show_machine(profile, before, self._tallest())
            elif isinstance(profile, Resin) and isinstance(before, Resin):
                machines = self.session.plans.machines.values()
                lit = (m for m in machines if not m.is_dry)
                self.holds.show_resin(profile, before, next(lit, Machine("m", "a usual machine")))

    def _tallest(self) -> tuple[str, float]:
        """The tallest plate there is for it, by its name; 30 mm where there is none."""
        plates = [p for p in self.session.plans.plates.values() if p.machine_id == self.profile.id and p.placed]
        tallest = max(plates, key=lambda p: p.height_mm, default=None)
        return (f"{tallest.name}, {tallest.height_mm:.0f} mm,", tallest.height_mm) if tallest else ("30 mm", 30.0)


def said(name: str) -> tuple[str, str]:
    """A field's name as words, and its unit."""
    head, per, below = name.partition("_per_")
    words = head.split("_")
    unit = UNITS.get(words[-1], "") if len(words) > 1 else ""
    shown = " ".join(words[:-1] if unit else words)
    of = f"{unit}/{below.replace('mm2', 'mm²')}" if per and unit else unit
    return WORDS.get(name) or shown[:1].upper() + shown[1:] + (f" per {below}" if per and not unit else ""), of


class Number(DoubleSpinBox):
    """Without noughts that say nothing."""

    def textFromValue(self, value: float) -> str:
        return super().textFromValue(value).rstrip("0").rstrip(".,")


def _cell(name: str, value: Any, typed: Any) -> QWidget:
    """An editor for a value of its kind."""
    if name in CHOICES:
        box = ComboBox()
        box.addItems(CHOICES[name])
        box.setCurrentText(str(value))
        box.currentTextChanged.connect(lambda _: typed())
        return box
    if isinstance(value, bool):
        tick = CheckBox()
        tick.setChecked(value)
        return tick
    if isinstance(value, str):
        return LineEdit(value)
    spin = SpinBox() if isinstance(value, int) else Number()
    spin.setRange(-10 if name.startswith("xy") else 0, 10_000_000)
    if isinstance(spin, Number):
        spin.setDecimals(4 if 0 < abs(value) < 1 or name.startswith(("xy", "scale")) else 2)
    spin.setValue(value)
    unit = said(name)[1]
    spin.setSuffix(f" {unit}" if unit else "")
    spin.valueChanged.connect(lambda _: typed())
    return spin


def _value(cell: QWidget) -> Any:
    if isinstance(cell, ComboBox):
        return cell.currentText()
    if isinstance(cell, CheckBox):
        return cell.isChecked()
    if isinstance(cell, LineEdit):
        return cell.text().strip()
    assert isinstance(cell, SpinBox | DoubleSpinBox)
    return cell.value()
