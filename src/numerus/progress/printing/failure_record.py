"""The inquest of a run with all a book knows of it: parts, machine, film, earlier failures, tests made since, and what causes the
user was sure of before.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field, replace

from numerus.diagnosis.failure_diagnosis import FailureDiagnosis, diagnose_failure
from numerus.diagnosis.likelihoods import ConfirmedCase, Likelihoods, learned, likelihoods, of_plastic, usual
from numerus.diagnosis.observations import Circumstances, Earlier, hurt_parts, observations
from numerus.domain.journal import CauseConfirmed, DiagnosisTest, Fact
from numerus.domain.plans import Plans
from numerus.errors import PlanError
from numerus.printing.runs.run_records import RunRecord, machine_layers


@dataclass
class _Inquest:
    """What the journal tells of one run's failure."""

    answers: dict[str, bool] = field(default_factory=dict)
    cause: str = ""


def failure_diagnosis_of(
    record: RunRecord, plans: Plans, runs: Mapping[str, RunRecord], facts: Iterable[Fact]
) -> FailureDiagnosis:
    """``record`` may hold outcomes that are not in the journal yet."""
    inquests = _inquests(facts)
    own = inquests.pop(record.run_id, _Inquest())
    cases = _cases(inquests, plans, runs, record.dry)
    plate, table = plans.plates[record.plate_id], learned(of_plastic() if record.dry else table_of(plans), cases)
    earlier, about = _known(record, plans, runs)
    result = diagnose_failure(record, plate, earlier, about, own.answers, table)
    return replace(result, confirmed=own.cause, cases=len(cases))


def confirmed_cases(plans: Plans, runs: Mapping[str, RunRecord], facts: Iterable[Fact]) -> list[ConfirmedCase]:
    """Failures in resin whose cause the user was sure of, in the order they were looked into."""
    return _cases(_inquests(facts), plans, runs, dry=False)


def _cases(
    inquests: Mapping[str, _Inquest], plans: Plans, runs: Mapping[str, RunRecord], dry: bool
) -> list[ConfirmedCase]:
    return [
        ConfirmedCase(told.cause, observations(r, plans.plates[r.plate_id], *_known(r, plans, runs)), told.answers)
        for run_id, told in inquests.items()
        if told.cause and (r := runs.get(run_id)) is not None and r.plate_id in plans.plates
        and hurt_parts(r, plans.plates[r.plate_id]) and r.dry == dry
    ]  # fmt: skip


def _known(record: RunRecord, plans: Plans, runs: Mapping[str, RunRecord]) -> tuple[Earlier, Circumstances]:
    """Runs before it, and what is known besides."""
    earlier = [
        (r, plans.plates[r.plate_id])
        for r in runs.values()
        if r.plate_id in plans.plates and r.started < record.started
    ]
    worn = machine_layers([r for r, _ in earlier], plans.plates, plans.machines).get(record.machine_id)
    machine = plans.machines.get(record.machine_id)
    resin = plans.resins.get(plans.plates[record.plate_id].resin_id, plans.resin)
    celsius = record.end.celsius if record.end.celsius is not None else (machine.room_c or None) if machine else None
    return earlier, Circumstances(plans.parts, machine, resin, worn, celsius)


def table_of(plans: Plans) -> Likelihoods:
    """The army's own table where there is one that can be read, else the usual one."""
    try:
        return likelihoods(plans.army.likelihoods) if plans.army and plans.army.likelihoods else usual()
    except PlanError:
        return usual()


def _inquests(facts: Iterable[Fact]) -> dict[str, _Inquest]:
    """Tests made and causes confirmed, by run; the last word counts."""
    inquests: dict[str, _Inquest] = {}
    for fact in facts:
        if isinstance(fact.event, DiagnosisTest):
            inquests.setdefault(fact.subject, _Inquest()).answers[fact.event.test] = fact.event.yes
        elif isinstance(fact.event, CauseConfirmed):
            inquests.setdefault(fact.subject, _Inquest()).cause = fact.event.cause
    return inquests
