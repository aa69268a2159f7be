"""Weeks of the stand-in workshop judged by the inquest: how often it is right, what it takes for what, and what its tests cost.

``python tests/diagnosis/judging.py > docs/diagnosis.md`` writes the page again.
"""

from __future__ import annotations

from collections import Counter
from dataclasses import dataclass, field, replace

from numerus.devices.failing_weeks import FAULTS, Week, week
from numerus.diagnosis.failure_diagnosis import FailureDiagnosis, judged
from numerus.diagnosis.likelihoods import usual
from numerus.diagnosis.observations import Circumstances, observations
from numerus.domain.printing.machines import Resin
from numerus.trainer.failed_plate import FINDS

ASKED = 3


@dataclass
class Tally:
    """``first``: (fault, cause named first) of weeks as they were seen; of each fault how many were judged and were right."""

    first: Counter[tuple[str, str]] = field(default_factory=Counter)
    judged: Counter[str] = field(default_factory=Counter)
    seen_right: Counter[str] = field(default_factory=Counter)
    asked_right: Counter[str] = field(default_factory=Counter)
    asked_min: float = 0.0
    in_turn_min: float = 0.0

    def share(self, right: Counter[str]) -> float:
        return right.total() / self.judged.total()


def seen_in(of: Week, careless: bool = False):  # type: ignore[no-untyped-def]
    """What is seen of the run a week's fault struck; the careless user tells neither looks nor heights."""
    struck = of.struck
    earlier = [(r.record, r.plate) for r in of.runs if r.record.started < struck.record.started]
    about = Circumstances(of.parts, of.machine, Resin("r", "Resin"), of.film_layers, of.told_c)
    record = struck.record
    if careless:
        record = replace(record, outcomes={k: replace(o, height_mm=0.0, looks="") for k, o in record.outcomes.items()})
    return observations(record, struck.plate, earlier, about)


def says(of: Week, test: str) -> bool:
    wrong = of.check("nothing", sum(map(ord, test)))
    return bool(FINDS[test] & set(of.faults)) != wrong


def right(of: Week, result: FailureDiagnosis) -> bool:
    return bool({c.key for c in result.causes[:2]} & set(of.faults))


def minutes_until_found(of: Week, seen) -> tuple[float, float]:  # type: ignore[no-untyped-def]
    """Minutes of tests until the one of a true cause is made: in the order asked for, and in turn from the quickest."""
    finding = {t for t, facts in FINDS.items() if facts & set(of.faults)}
    answers: dict[str, bool] = {}
    asked = 0.0
    while not finding & set(answers):
        tests = judged(seen, answers, usual()).tests
        left = [t.key for t in tests] or [t for t in FINDS if t not in answers]
        answers[left[0]] = says(of, left[0])
        asked += usual().tests[left[0]].minutes
    in_turn = 0.0
    for test in sorted(FINDS, key=lambda t: usual().tests[t].minutes):
        in_turn += usual().tests[test].minutes
        if test in finding:
            break
    return asked, in_turn


def tally(seeds: range) -> Tally:
    """Weeks judged as seen, and after the first tests asked for."""
    total = Tally()
    for seed in seeds:
        of = week(seed)
        if of.struck is None:
            continue
        seen, answers = seen_in(of), {}
        result = judged(seen, answers, usual())
        total.judged[of.faults[0]] += 1
        total.first[of.faults[0], result.causes[0].key] += 1
        total.seen_right[of.faults[0]] += right(of, result)
        for _ in range(ASKED):
            if result.tests:
                answers[result.tests[0].key] = says(of, result.tests[0].key)
                result = judged(seen, answers, usual())
        total.asked_right[of.faults[0]] += right(of, result)
        asked, in_turn = minutes_until_found(of, seen)
        total.asked_min += asked
        total.in_turn_min += in_turn
    return total


HEAD = """# How well causes are told apart

Five hundred seeded weeks of the stand-in workshop (`numerus/devices/failing_weeks.py`), {judged} of them with something to judge:
each has one fault of sixteen, a tenth have two; a part in forty fails by chance; whoever looks is wrong one time in five, tests one
time in ten. The workshop knows nothing of the table of likelihoods. It is a stand-in all the same: read this as a check of the
reasoning, not as a promise for a real machine.

A true cause is among the first two in **{seen:.0%}** of weeks as they were seen, in **{asked:.0%}** after the first {tests} tests
the inquest asks for. Until a test finds it, asked tests take {asked_min:.0f} minutes, the same tests in turn from the quickest
{in_turn_min:.0f}.

| fault | weeks | in the first two | after {tests} tests | named first |
|---|---|---|---|---|"""


def page(total: Tally) -> str:
    """The page docs/diagnosis.md."""
    many = total.judged.total()
    head = HEAD.format(
        judged=many, seen=total.share(total.seen_right), asked=total.share(total.asked_right), tests=ASKED,
        asked_min=total.asked_min / many, in_turn_min=total.in_turn_min / many,
    )  # fmt: skip
    rows = []
    for fault in FAULTS:
        named = Counter({cause: n for (f, cause), n in total.first.items() if f == fault}).most_common()
        seen, asked = (f"{r[fault] / total.judged[fault]:.0%}" for r in (total.seen_right, total.asked_right))
        rows.append(
            f"| {fault} | {total.judged[fault]} | {seen} | {asked} | {', '.join(f'{c} {n}' for c, n in named)} |"
        )
    return "\n".join([head, *rows]) + "\n"


if __name__ == "__main__":
    print(page(tally(range(500))), end="")
