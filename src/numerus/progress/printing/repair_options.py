"""Reprint or repair with all a book knows: how often a part fails, which plate it could ride on, when that comes off."""

from __future__ import annotations

from collections import Counter
from datetime import datetime

from numerus.diagnosis.repair import Hurt, Way, repair_record, ways
from numerus.domain.journal import Fact, PartOutcome
from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine
from numerus.errors import PlanError
from numerus.printing.runs.run_records import FAILED, RunRecord
from numerus.progress.printing.batching import part_rate
from numerus.progress.printing.planned_runs import next_runs
from numerus.progress.standing import Standing, outcomes_by_part

ONE_MORE_DAYS = 1.0


def ways_with(
    part: Part, seen: PartOutcome, run: RunRecord, plans: Plans, standing: Standing, facts: list[Fact],
    now: datetime, slack_days: float,
) -> list[Way]:  # fmt: skip
    """What can be done with a part that came out as it was ``seen``."""
    options = outcomes_by_part(plans, standing)
    tried, failed = Counter(p for _, p in options), Counter(p for o, p in options if o == FAILED)
    machine = plans.machines.get(run.machine_id) or next(iter(plans.machines.values()), Machine("m", "Machine"))
    rides, days = _next_plate(part, plans, standing, now)
    fails = part_rate(part, failed[part.id], tried[part.id])
    hurt = Hurt(part, seen.outcome, seen.height_mm, fails, days, rides, slack_days, machine, plans.resin)
    return ways(hurt, repair_record(facts))


def _next_plate(part: Part, plans: Plans, standing: Standing, now: datetime) -> tuple[bool, float]:
    """Whether a plate that waits is as tall as the part, and days until the part could come off."""
    tall = part.pose.height_mm if part.pose else max(part.extents_mm)
    try:
        planned = next_runs(plans, standing, now).scheduled_runs
    except PlanError:
        return False, ONE_MORE_DAYS
    taller = [s for s in planned if s.plate.height_mm >= tall]
    if taller:
        return True, (taller[0].taken_off - now).total_seconds() / 86400
    last = max((s.taken_off for s in planned), default=now)
    return False, (last - now).total_seconds() / 86400 + ONE_MORE_DAYS
