"""What the Plate bench shows and may do: the plate in hand, what is owed and lies on none, who may still be moved. No Qt here."""

from __future__ import annotations

from numerus.desk.answers import Answers
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.kit.completeness import Completeness, completeness, missing_for, sentence
from numerus.printing.plates.hand_layout import without
from numerus.printing.plates.plate_layers import PlateLayers
from numerus.progress.printing.plating import measured_plate, owed_copies, owed_spares
from numerus.words import counted, span

ALL_MACHINES = "all"
STATE_WORDS = {
    "": "waits",
    "printing": "prints",
    "hanging": "ended",
    "printed": "to wash",
    "washed": "to cure",
    "cured": "done",
}


class PlateState:
    """``plate_id`` is the plate in hand, ``placed_id`` the part tapped last, ``swapping`` one that is to change places."""

    def __init__(self, answers: Answers) -> None:
        self.answers = answers
        self.plate_id, self.placed_id, self.swapping = "", "", ""
        self.look(answers, "")

    def look(self, answers: Answers, unit_id: str) -> None:
        self.answers, self.plans, self.unit_id = answers, answers.plans, unit_id
        if self.plate is None or not self._is_of_unit(self.plate):
            self.plate_id = self.plates[0].id if self.plates else ""

    def _is_of_unit(self, plate: Plate) -> bool:
        mine = {f.id for f in self.plans.figures_of(self.unit_id)}
        return any(p.figure_id in mine for p in plate.placed)

    @property
    def plates(self) -> list[Plate]:
        """Those that hold something of the unit first, the newest first, then the others."""
        return sorted(self.plans.plates.values(), key=lambda p: (not self._is_of_unit(p), -p.order))

    @property
    def plate(self) -> Plate | None:
        return self.plans.plates.get(self.plate_id)

    @property
    def machine(self) -> Machine | None:
        return self.plans.machines.get(self.plate.machine_id) if self.plate else None

    @property
    def chosen(self) -> Placed | None:
        """The part that was tapped last."""
        return next((p for p in self.plate.placed if p.id == self.placed_id), None) if self.plate else None

    def went(self, plate: Plate) -> str:
        """How far a plate has come, "" while it waits."""
        return next((r.state for r in self.answers.standing.runs.values() if r.plate_id == plate.id), "")

    def waits(self, plate: Plate) -> bool:
        """Whether it may still be changed."""
        return self.went(plate) == ""

    def line_of(self, plate: Plate) -> str:
        parts = counted(len(plate.placed), "part")
        return f"{plate.name}\n{parts}, {span(self.answers.run_factors.minutes_of(plate))}, {STATE_WORDS[self.went(plate)]}"

    @property
    def owes(self) -> bool:
        """Whether the unit is owed anything that can be put on a plate."""
        return bool(
            owed_copies(self.plans, self.answers.standing, self.unit_id) or owed_spares(self.plans, self.unit_id)
        )

    @property
    def any_unit_owes(self) -> bool:
        standing, units = self.answers.standing, self.plans.units
        return any(owed_copies(self.plans, standing, u) or owed_spares(self.plans, u) for u in units)

    @property
    def subtitle(self) -> str:
        owed = owed_copies(self.plans, self.answers.standing, self.unit_id)
        spares = owed_spares(self.plans, self.unit_id)
        words = f"{counted(len(owed), 'part')} of this unit owed" if owed else "nothing posed is owed"
        return f"{words}, and {counted(len(spares), 'spare')}" if spares else words

    @property
    def machines(self) -> list[tuple[str, str]]:
        """(words, id) to choose from."""
        choices = [(f"{m.name}, {m.plate_x_mm:g} × {m.plate_y_mm:g} mm", m.id) for m in self.plans.machines.values()]
        return [("all machines", ALL_MACHINES), *choices] if len(choices) > 1 else choices

    def machines_in_service(self, chosen: str) -> list[Machine]:
        return [m for m in self.plans.machines.values() if m.in_service and chosen in (ALL_MACHINES, m.id)]

    def poses_owed(self, unit_ids: list[str]) -> list[str]:
        """Blobs of every pose of every part the units are owed."""
        plans, standing = self.plans, self.answers.standing
        owed = {plans.figures[f].build[s] for u in unit_ids for f, s in owed_copies(plans, standing, u)}
        owed |= {i for u in unit_ids for i in owed_spares(plans, u)}
        poses = [pose for i in owed for pose in (plans.parts[i].pose, *plans.parts[i].others) if pose is not None]
        return [pose.supported_blob for pose in poses]

    @property
    def completeness(self) -> str:
        """The line that says which part of which figure is on no plate yet, and what closing this plate would leave out."""
        unit = self.plans.units[self.unit_id]
        accounted = {c for c, s in self.answers.standing.copies.items() if s.state != "owed"}
        report = completeness(unit, self.plans.figures_of(unit.id), accounted)
        return f"{sentence(report, self.plans.figures, self.plans.parts)} {self._missing(report)}".strip()

    def _missing(self, report: Completeness) -> str:
        plate, figures = self.plate, self.plans.figures
        if plate is None or not self.waits(plate):
            return ""
        own = {f.id for f in self.plans.figures_of(self.unit_id)}
        copies = [(p.figure_id, p.slot) for p in plate.placed if p.figure_id in own]
        left = missing_for(copies, report, figures)
        if not copies:
            return ""
        if not left:
            return f"Figures on {plate.name} miss nothing else."
        named = [f"{figures[i].name} {', '.join(slots)}" for i, slots in left.items()]
        listed = f"{'; '.join(named[:3])}{' …' if len(named) > 3 else ''}"
        return f"Close {plate.name} now, and {counted(len(left), 'figure')} still miss parts: {listed}."

    def numbers(self, whole: PlateLayers | None = None) -> str:
        """What the run takes, with the vat before and after. ``whole``: its layers, where they were measured."""
        plate, machine = self.plate, self.machine
        if plate is None or machine is None:
            return "No plate yet. Make plates for this unit: tall parts go with tall ones, weak spots are kept clear."
        factors = self.answers.run_factors
        ml, minutes = factors.ml_of(plate), factors.minutes_of(plate, machine.id)
        left = machine.vat_full_ml - ml
        falls = f"a full vat of {machine.vat_full_ml:.0f} ml falls to {max(left, 0):.0f}"
        if left < machine.vat_min_ml:
            when = f"at {whole.refill_mm:.1f} mm" if whole and whole.refill_mm is not None else "on the way"
            falls += f", below its {machine.vat_min_ml:.0f}: fill it up {when}"
        weight = f", {whole.weight_g:.0f} g" if whole else ""
        return (
            f"{span(minutes)} on {machine.name}: the tallest, {plate.height_mm:.1f} mm, decides it alone. "
            f"{ml:.0f} ml with supports and what clings{weight}; {falls}."
        )

    def without_chosen(self, plate: Plate, machine: Machine) -> Plate:
        """The plate without the part tapped last; the run is as long as what is left is tall."""
        left = without(plate, self.placed_id)
        return measured_plate(left, machine, self.plans)
