"""Reprint or repair: what each way with a flawed or failed part costs in hours of machine and of hands, money and days, and
how often it has worked.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, replace
from math import ceil, log

from numerus.domain.journal import Fact, RepairChosen, RepairEnded
from numerus.domain.parts import Part
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.plates import Laid
from numerus.printing.machines.timing import run_minutes
from numerus.printing.runs.run_records import FAILED
from numerus.printing.runs.settings_trade import AGAIN_HANDS_MIN

REPRINT, SPARES, END, PUTTY, HIDE, ACCEPT = "reprint", "spares", "end", "putty", "hide", "accept"
KEPT = (END, PUTTY, HIDE, ACCEPT)  # the part goes on along the march
USUAL = {END: 0.75, PUTTY: 0.8, HIDE: 0.85, ACCEPT: 0.9}  # how often it holds, before anything was tried
HANDS_MIN = {END: 30.0, PUTTY: 20.0, HIDE: 10.0, ACCEPT: 0.0}
WORSE_MIN = {END: 5.0, PUTTY: 5.0, HIDE: 15.0, ACCEPT: 30.0}  # what it looks like afterwards is worth so many minutes
PRIOR_TRIES = 4.0
SURE = 0.97
MACHINE_WORTH, LATE_DAY_MIN = 0.05, 120.0  # a minute of machine, a day after the date, in minutes of hands
WHOLE_SHARE = 0.55  # of its height: below it there is not enough to mend


@dataclass(frozen=True)
class Way:
    """One way: minutes of machine and of hands, money, days until the part is there, how often it works; ``worth``: all of it in
    minutes of hands, less is better; ``record``: how often it has worked and was tried, None where the chance is the machine's.
    """

    key: str
    description: str
    machine_min: float
    hands_min: float
    pence: int
    days: float
    chance: float
    worth: float
    spares: int = 0
    record: tuple[int, int] | None = None


@dataclass(frozen=True)
class Hurt:
    """A part that did not come out well: what became of it, how often prints of it fail, and when a new one could be there.

    ``rides``: a plate that waits already is as tall, so that another copy costs no machine time. ``slack_days``: between when the
    army is likely ready and its date.
    """

    part: Part
    outcome: str
    height_mm: float
    fails: float
    days_to_next: float
    rides: bool
    slack_days: float
    machine: Machine
    resin: Resin


def ways(hurt: Hurt, record: Mapping[str, tuple[int, int]]) -> list[Way]:
    """What can be done, the most sensible first; ``record``: how often each way has worked and was tried."""
    options = [_again(hurt, REPRINT, 0)]
    spares = _spares(hurt.fails)
    if spares:
        options.append(_again(hurt, SPARES, spares))
    ways_to_keep = [_kept(hurt, key, chance_of(key, record)) for key in _possible(hurt)]
    options += [replace(way, record=record.get(way.key, (0, 0))) for way in ways_to_keep]
    return sorted(options, key=lambda w: w.worth)


def chance_of(key: str, record: Mapping[str, tuple[int, int]]) -> float:
    """How often a way works: its usual share, moved by this user's record as ``PRIOR_TRIES`` tries would."""
    worked, tried = record.get(key, (0, 0))
    return (USUAL[key] * PRIOR_TRIES + worked) / (PRIOR_TRIES + tried)


def _spares(fails: float) -> int:
    """Copies besides one so that one of them is good almost surely; 0 where one alone is."""
    return max(ceil(log(1 - SURE) / log(max(fails, 1e-6))) - 1, 0) if fails > 1 - SURE else 0


def _possible(hurt: Hurt) -> list[str]:
    """What can still be done with what there is: a flaw can be filled, hidden or borne; of a failed part the end."""
    if hurt.outcome != FAILED:
        return [PUTTY, HIDE, ACCEPT]
    tall = hurt.part.pose.height_mm if hurt.part.pose else max(hurt.part.extents_mm)
    return [END] if hurt.height_mm >= WHOLE_SHARE * tall else []


def _again(hurt: Hurt, key: str, spares: int) -> Way:
    pose = hurt.part.pose
    laid = Laid(hurt.part.volume_ml + (pose.support_ml if pose else 0.0), hurt.part.surface_cm2)
    tall = pose.height_mm if pose else max(hurt.part.extents_mm)
    machine = 0.0 if hurt.rides else run_minutes(tall, hurt.machine, laid)
    ml = (hurt.part.volume_ml + (pose.support_ml if pose else 0.0)) * (1 + spares) * (1 + hurt.resin.cling_share)
    chance = 1 - hurt.fails ** (1 + spares)
    words = "Print it again" if not spares else f"Print it again with {spares} spare{'s' if spares > 1 else ''}"
    ride = ", riding along" if hurt.rides else ""
    hands, pence = AGAIN_HANDS_MIN * (1 + 0.25 * spares), ml / 1000 * hurt.resin.pence_per_l
    return replace(_way(hurt, key, words + ride, machine, hands, pence, hurt.days_to_next, chance), spares=spares)


WAY_TEXT = {
    END: "Cut it level, print the missing end, pin and glue it", PUTTY: "Fill with two-part putty, sand, wash the dust off",
    HIDE: "Hide it: base, mud, battle damage, or turn it to the back", ACCEPT: "Take it as it is",
}  # fmt: skip


def _kept(hurt: Hurt, key: str, chance: float) -> Way:
    missing = 1 - hurt.height_mm / max(hurt.part.pose.height_mm if hurt.part.pose else 1.0, hurt.height_mm, 1.0)
    printed = key == END
    pence = hurt.part.volume_ml * missing / 1000 * hurt.resin.pence_per_l if printed else 0.0
    return _way(hurt, key, WAY_TEXT[key], 0.0, HANDS_MIN[key], pence, hurt.days_to_next if printed else 0.0, chance)


def _way(
    hurt: Hurt, key: str, description: str, machine: float, hands: float, pence: float, days: float, chance: float
) -> Way:
    late = LATE_DAY_MIN * max(days - max(hurt.slack_days, 0.0), 0.0)
    worth = (hands + MACHINE_WORTH * machine + late) / max(chance, 0.05) + WORSE_MIN.get(key, 0.0)
    return Way(key, description, machine, hands, round(pence), days, chance, worth)


def repair_record(facts: Iterable[Fact]) -> dict[str, tuple[int, int]]:
    """How often each way has worked, and was tried, by its key."""
    record: dict[str, tuple[int, int]] = {}
    for fact in facts:
        if isinstance(ended := fact.event, RepairEnded):
            worked, tried = record.get(ended.way, (0, 0))
            record[ended.way] = worked + ended.worked, tried + 1
    return record


@dataclass(frozen=True)
class Waiting:
    """A repair that was chosen and is still to be told of."""

    run_id: str
    placed_id: str
    part_id: str
    way: str


def waiting_repairs(facts: Iterable[Fact]) -> list[Waiting]:
    """Repairs chosen whose end was not told, the oldest first."""
    waiting: dict[tuple[str, str], Waiting] = {}
    for fact in facts:
        event = fact.event
        if isinstance(event, RepairChosen) and event.way in KEPT:
            at = fact.subject, event.placed
            waiting[at] = Waiting(*at, event.part, event.way)
        elif isinstance(event, RepairEnded):
            waiting.pop((fact.subject, event.placed), None)
    return list(waiting.values())
