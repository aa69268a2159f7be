"""The inquest of a run with all a book knows of it: parts, machine, film, earlier failures, tests made since."""

from __future__ import annotations

from collections.abc import Iterable, Mapping

from numerus.diagnosis.failure_diagnosis import (
    Circumstances,
    FailureDiagnosis,
    Likelihoods,
    diagnose_failure,
    likelihoods,
    usual,
)
from numerus.domain.journal import DiagnosisTest, Fact
from numerus.domain.plans import Plans
from numerus.errors import PlanError
from numerus.printing.runs.run_records import RunRecord, machine_layers


def failure_diagnosis_of(
    record: RunRecord, plans: Plans, runs: Mapping[str, RunRecord], facts: Iterable[Fact]
) -> FailureDiagnosis:
    """``record`` may hold outcomes that are not in the journal yet."""
    plate = plans.plates[record.plate_id]
    earlier = [
        (r, plans.plates[r.plate_id])
        for r in runs.values()
        if r.plate_id in plans.plates and r.started < record.started
    ]
    layer_mm = {m.id: m.layer_mm for m in plans.machines.values()}
    worn = machine_layers([r for r, _ in earlier], plans.plates, layer_mm).get(record.machine_id)
    about = Circumstances(plans.parts, plans.machines.get(record.machine_id), worn, record.end.celsius)
    return diagnose_failure(record, plate, earlier, about, answers_of(record.run_id, facts), table_of(plans))


def table_of(plans: Plans) -> Likelihoods:
    """The army's own table where there is one that can be read, else the usual one."""
    try:
        return likelihoods(plans.army.likelihoods) if plans.army and plans.army.likelihoods else usual()
    except PlanError:
        return usual()


def answers_of(run_id: str, facts: Iterable[Fact]) -> dict[str, bool]:
    """Tests made about a run and whether they said yes; the last answer counts."""
    tests = (f.event for f in facts if f.subject == run_id and isinstance(f.event, DiagnosisTest))
    return {t.test: t.yes for t in tests}
