"""What a bench that works on one plate at a time has to do: which plates wait, what is on the chosen one. No Qt here."""

from __future__ import annotations

from numerus.desk.answers import Answers
from numerus.domain.parts import Part
from numerus.domain.printing.plates import Plate
from numerus.printing.runs.run_records import RunRecord
from numerus.progress.planning.task_kinds import parts_come_out


class PlateStepsState:
    """``wants``: the state of the runs that wait here; ``run_id`` is the one chosen."""

    wants = ""

    def __init__(self, answers: Answers) -> None:
        self.run_id = ""
        self.look(answers)

    def look(self, answers: Answers) -> None:
        self.answers, self.plans = answers, answers.plans
        if self.run_id not in {r.run_id for r in self.waiting}:
            self.run_id = next((r.run_id for r in self.waiting), "")

    @property
    def waiting(self) -> list[RunRecord]:
        runs = self.answers.standing.runs.values()
        return [r for r in runs if r.state == self.wants and r.plate_id in self.plans.plates]

    @property
    def choices(self) -> list[tuple[str, str]]:
        """(words, run id) of every plate that waits."""
        return [(self.plans.plates[r.plate_id].name, r.run_id) for r in self.waiting]

    @property
    def run(self) -> RunRecord | None:
        return self.answers.standing.runs.get(self.run_id)

    @property
    def plate(self) -> Plate | None:
        return self.plans.plates.get(self.run.plate_id) if self.run else None

    @property
    def parts(self) -> list[Part]:
        """Parts of the plate that came out, with repeats."""
        return parts_come_out(self.plans, self.run) if self.run else []
