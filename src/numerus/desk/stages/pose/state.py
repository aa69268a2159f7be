"""What the Pose bench shows and may keep: the parts to be posed, the one on the bench, its poses as documents. No Qt here."""

from __future__ import annotations

from numerus.desk.answers import Answers
from numerus.domain.parts import Part
from numerus.domain.printing.machines import Machine
from numerus.kit.builds import printed_slots
from numerus.kit.statements import ready_supported
from numerus.words import counted


class PoseState:
    def __init__(self, answers: Answers) -> None:
        self.look(answers, "", "")

    def look(self, answers: Answers, unit_id: str, part_id: str) -> None:
        self.answers, self.plans, self.unit_id, self.part_id = answers, answers.plans, unit_id, part_id

    @property
    def parts(self) -> list[Part]:
        """Parts the unit's figures print, the unposed first; all its kit's where no figure has a build yet."""
        used = {p for f in self.plans.figures_of(self.unit_id) for p in printed_slots(f).values()}
        kit = [p for p in self.plans.kit_parts(self.unit_id) if p.needed]
        listed = [p for p in kit if p.id in used] or kit
        return sorted(listed, key=lambda p: (p.pose is not None, p.slot, p.name))

    @property
    def waiting(self) -> list[Part]:
        return [p for p in self.parts if p.pose is None]

    @property
    def waiting_everywhere(self) -> list[Part]:
        """Parts of all units that wait for a pose, each once."""
        parts: dict[str, Part] = {}
        for unit in self.plans.units_in_order():
            other = PoseState(self.answers)
            other.look(self.answers, unit.id, "")
            parts |= {p.id: p for p in other.waiting}
        return list(parts.values())

    def is_supplied(self, part: Part) -> bool:
        """Whether the part came on supports of its own and may be printed as it stands."""
        return ready_supported(part, self.plans.kits.get(part.kit_id))

    @property
    def part(self) -> Part | None:
        """The one in hand where it is of these, else the first that waits, else the first."""
        parts = self.parts
        in_hand = next((p for p in parts if p.id == self.part_id), None)
        return in_hand or next(iter(self.waiting or parts), None)

    def line_of(self, part: Part) -> str:
        return f"{part.slot}: {part.label}{'' if part.pose else '  (not posed)'}"

    def subtitle(self, machine: Machine) -> str:
        """What is known of the part in hand, for which machine, and what is kept of it."""
        part = self.part
        if part is None:
            return ""
        torn = "" if part.watertight else f"{counted(part.holes, 'hole')}: mend it in Sort; "
        waits = f"{len(self.waiting)} of {len(self.parts)} parts wait"
        return f"{torn}{part.triangles} faces; {waits}; {machine.name}, {machine.layer_mm:g} mm; {_kept(part)}"


def _kept(part: Part) -> str:
    if part.pose is None:
        return "no pose kept yet"
    second = f", also {' and '.join(o.school for o in part.others)}" if part.others else ""
    return f"kept: {part.pose.school}, {part.pose.tips} tips{second}"
