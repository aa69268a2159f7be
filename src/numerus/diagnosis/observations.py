"""What was seen of a failure, in the words of the table of likelihoods; what is not known stays unknown."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Mapping
from dataclasses import dataclass

import numpy as np

from numerus.diagnosis.likelihoods import LOOKED, LOOKS, PLASTIC_LOOKS, Seen
from numerus.domain.journal import PartOutcome
from numerus.domain.parts import Part
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.plates import Placed, Plate
from numerus.domain.printing.poses import Pose
from numerus.printing.checks.layer_graph import LINE_MM2
from numerus.printing.runs.run_records import FAILED, FLAWED, RunRecord

NEAR_MM, NEAR_SHARE, NEAR_MORE = 15.0, 0.5, 0.4  # of hurt parts, and more than of good ones
TOGETHER_MM = 45.0
LEVEL_MM, LEVEL_SHARE, SAME_MM = 1.2, 0.6, 0.6  # heights that are one as read off by eye; of how many told; from run to run
MOST = 0.75  # of a plate is nearly all of it
FIRST_MM = 2.0
THIN_MARGIN = 1.5
LONG_MM, FLAT = 40.0, 0.35
LEAP_NEAR_MM = 1.5
FILM_SHARE, VAT_SHARE, WHOLE_TIME = 0.8, 0.95, 0.97
COMMON_LOOK = 0.4  # of the parts looked at, to be named as evidence

Earlier = Iterable[tuple[RunRecord, Plate]]


@dataclass(frozen=True)
class Circumstances:
    """What is known besides the run itself; None where it is not. ``celsius``: as measured or typed, never simulated."""

    parts: Mapping[str, Part] | None = None
    machine: Machine | None = None
    resin: Resin | None = None
    film_layers: int | None = None
    celsius: float | None = None


def is_hurt(seen: PartOutcome | None) -> bool:
    """It failed, or came out with a flaw that somebody described."""
    return seen is not None and (seen.outcome == FAILED or (seen.outcome == FLAWED and bool(seen.looks)))


def hurt_parts(record: RunRecord, plate: Plate) -> list[Placed]:
    """Parts that failed or whose flaws were described; where there are none, those flawed."""
    hurt = [p for p in plate.placed if is_hurt(record.outcomes.get(p.id))]
    return hurt or [p for p in plate.placed if record.outcome_of(p.id) == FLAWED]


def observations(record: RunRecord, plate: Plate, earlier: Earlier, about: Circumstances) -> Seen:
    """What was seen on a run, in the table's words."""
    hurt, before = hurt_parts(record, plate), [(r, p) for r, p in earlier if r.run_id != record.run_id]
    outcomes = [record.outcomes[p.id] for p in hurt]
    looks = Counter(o.looks for o in outcomes if o.looks in (*LOOKS, *PLASTIC_LOOKS))
    yes = {
        **_of_the_plate(record, plate, hurt, before),
        **_of_heights(outcomes, plate),
        **_of_parts(record, hurt, about, before),
        **_of_the_machine(record, plate, about, before),
        **{f"{LOOKED}{k}": True for k, many in looks.items() if many >= COMMON_LOOK * looks.total()},
    }
    return Seen(yes, looks)


def _of_the_plate(record: RunRecord, plate: Plate, hurt: list[Placed], before: Earlier) -> dict[str, bool | None]:
    many = len(plate.placed)
    return {
        "nearly all of the plate is hurt": len(hurt) >= MOST * many if many > 1 else None,
        "where another part was hurt before": _same_place(record, plate, hurt, before),
        "scattered over the plate": 2 < len(hurt) < MOST * many and not _together(hurt, plate) if many > 3 else None,
        "most runs before it were hurt": _often_before(record, before),
        **_of_copies(hurt, plate),
        "hurt ones stand together, others do not": _together(hurt, plate),
        "one part alone": len(hurt) == 1 if many > 1 else None,
    }


def _places(placed: Iterable[Placed]) -> list[tuple[float, float]]:
    return [(p.x_mm, p.y_mm) for p in placed]


def _same_place(record: RunRecord, plate: Plate, hurt: list[Placed], before: Earlier) -> bool | None:
    """Whether hurt parts lie where other parts were hurt on this machine before, and good ones do so less often.

    A full plate has something near every place, so nearness alone says little.
    """
    there = [
        (q.part_id, q.x_mm, q.y_mm)
        for r, p in before
        if r.machine_id == record.machine_id and len(now := hurt_parts(r, p)) < MOST * len(p.placed)
        for q in now
    ]
    ids = {p.id for p in hurt}
    good = [p for p in plate.placed if p.id not in ids]
    if not there:
        return None
    return _near(hurt, there) >= NEAR_SHARE and _near(hurt, there) - _near(good, there) >= NEAR_MORE


def _near(placed: list[Placed], there: list[tuple[str, float, float]]) -> float:
    """How many of these lie near a place where another part was hurt, 0 to 1."""
    hit = [
        any(i != p.part_id and (p.x_mm - x) ** 2 + (p.y_mm - y) ** 2 < NEAR_MM**2 for i, x, y in there) for p in placed
    ]
    return sum(hit) / max(len(hit), 1)


def _of_copies(hurt: list[Placed], plate: Plate) -> dict[str, bool | None]:
    """Whether it is one part that is hurt wherever it lies, or one of several of its copies."""
    (part_id, many), *_ = Counter(p.part_id for p in hurt).most_common(1)
    copies = sum(p.part_id == part_id for p in plate.placed)
    kinds = len({p.part_id for p in plate.placed})
    return {
        "mostly copies of one part": many >= MOST * len(hurt) if len(hurt) > 1 and kinds > 1 else None,
        "other copies of it came out well": many < MOST * copies if copies > 1 and kinds > 1 else None,
    }


def _often_before(record: RunRecord, before: Earlier) -> bool | None:
    mine = [bool(hurt_parts(r, p)) for r, p in before if r.machine_id == record.machine_id and r.outcomes]
    return sum(mine) > len(mine) / 2 if len(mine) > 1 else None


def _together(hurt: list[Placed], plate: Plate) -> bool | None:
    """Several hurt within a small part of a plate that is larger; not to be told from one."""
    if len(hurt) < 2:
        return None
    if len(hurt) == len(plate.placed):
        return False
    wide, whole = (float(np.linalg.norm(np.ptp(np.array(_places(s)), axis=0))) for s in (hurt, plate.placed))
    return wide < min(TOGETHER_MM, 0.6 * whole)


def _of_heights(outcomes: list[PartOutcome], plate: Plate) -> dict[str, bool | None]:
    """A height of 0 was not told. One odd part does not hide what the others show."""
    heights = np.sort([o.height_mm for o in outcomes if o.height_mm > 0])
    if not len(heights):
        return {"at one height": None, "in the first 2 mm": None, "in the upper half": None}
    level = np.searchsorted(heights, heights + LEVEL_MM, side="right") - np.arange(len(heights))
    middle = float(np.median(heights))
    return {
        "at one height": bool(level.max() >= max(LEVEL_SHARE * len(heights), 2)) if len(heights) > 1 else None,
        "in the first 2 mm": middle <= FIRST_MM,
        "in the upper half": middle > plate.height_mm / 2,
    }


def _of_parts(record: RunRecord, hurt: list[Placed], about: Circumstances, before: Earlier) -> dict[str, bool | None]:
    known = [(p, part) for p in hurt if (part := (about.parts or {}).get(p.part_id)) is not None]
    lying = [(p, pose) for p, part in known if (pose := part.lying(p.pose)) is not None]
    return {
        **_of_earlier_copies(record, hurt, before),
        "its supports hold less than 1.5 times the pull": _any(p.margin < THIN_MARGIN for _, p in lying if p.margin > 0),
        "it seals a cup": _any(p.cups_mm2 > 0 for _, p in lying if p.cups_mm2 is not None),
        "its layers leap in area near that height": _any(
            _leaps(pose, record.outcomes[p.id].height_mm) for p, pose in lying if pose.leap_mm2 is not None
        ),
        "it has walls that hardly print": _any(part.hair_mm2 > 0 for _, part in known if part.thinnest_mm > 0),
        "it is long and lies flat": _any(_long_and_flat(p) for _, p in lying if p.hull_mm),
    }  # fmt: skip


def _of_earlier_copies(record: RunRecord, hurt: list[Placed], before: Earlier) -> dict[str, bool | None]:
    """Whether the same part was hurt in earlier runs, and at the same height."""
    earlier = [
        (q.part_id, r.outcomes[q.id].height_mm)
        for r, p in before
        if len(now := hurt_parts(r, p)) < MOST * len(p.placed)
        for q in now
    ]
    printed = {q.part_id for _, p in before for q in p.placed}
    earlier_copies = [
        (p.part_id, h) for p in hurt if (h := record.outcomes[p.id].height_mm) > 0 and p.part_id in printed
    ]
    pairs = [abs(h - g) <= SAME_MM for i, h in earlier_copies for j, g in earlier if i == j and g > 0]
    return {
        "the same part was hurt before": any(p.part_id == i for p in hurt for i, _ in earlier) if earlier else None,
        "at the same height as then": any(pairs) if pairs else None,
    }


def _any(answers: Iterable[bool]) -> bool | None:
    """Whether any is, None where there are none."""
    every = list(answers)
    return any(every) if every else None


def _leaps(pose: Pose, height_mm: float) -> bool:
    return (pose.leap_mm2 or 0.0) >= LINE_MM2 and (height_mm <= 0 or abs(height_mm - pose.leap_at_mm) < LEAP_NEAR_MM)


def _long_and_flat(pose: Pose) -> bool:
    long = float(np.ptp(np.array(pose.hull_mm), axis=0).max())
    return long >= LONG_MM and pose.height_mm < FLAT * long


def _of_the_machine(record: RunRecord, plate: Plate, about: Circumstances, before: Earlier) -> dict[str, bool | None]:
    machine, film, cold = about.machine, about.film_layers, about.celsius
    return {
        "the film is near its end": None
        if machine is None or film is None
        else film > FILM_SHARE * machine.film_layers,
        "it was colder than the resin wants": None
        if cold is None or about.resin is None
        else cold < about.resin.least_c,
        "the plate took nearly all the vat held": None if machine is None else _thirsty(record, plate, machine),
        "it ended before its time": _ended_early(record, plate),
        "parts failed in the run before it": _failed_before(record, before),
    }


def _ended_early(record: RunRecord, plate: Plate) -> bool | None:
    """By itself; one that somebody ended says nothing of it."""
    if record.took_min <= 0 or record.end.aborted:
        return None
    return record.took_min < WHOLE_TIME * plate.minutes


def _thirsty(record: RunRecord, plate: Plate, machine: Machine) -> bool:
    """Whether what stood in the vat at the start was hardly enough, or not."""
    stood = record.vat_levels[0].ml if record.vat_levels else machine.vat_full_ml
    return plate.resin_ml > VAT_SHARE * stood


def _failed_before(record: RunRecord, before: Earlier) -> bool | None:
    """Whether the run before on this machine left something that may swim in the vat."""
    mine = [r for r, _ in before if r.machine_id == record.machine_id and r.outcomes]
    if not mine:
        return None
    return any(o.outcome == FAILED for o in max(mine, key=lambda r: r.started).outcomes.values())
