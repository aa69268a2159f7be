"""Film and screen by what they have exposed, resin by what was used: how much is left, and until when at this pace."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from datetime import date, datetime, timedelta

from numerus.domain.journal import Fact, FilmChanged, ScreenChanged
from numerus.domain.printing.machines import Bottle, Machine, Resin
from numerus.domain.printing.plates import Plate
from numerus.printing.machines.timing import light_h
from numerus.printing.runs.learned import AS_ESTIMATED, RunFactors
from numerus.printing.runs.run_records import FAILED, RunRecord, layers_run

PACE_DAYS = 28
DELIVERY_DAYS = 7
SOON = 0.8


@dataclass(frozen=True)
class Wear:
    """One thing that wears: share used up, and the day it is used up at the pace of the last four weeks (None: at rest)."""

    machine_id: str
    what: str
    used: float
    life: float
    ends: date | None

    @property
    def share(self) -> float:
        return self.used / self.life

    @property
    def description(self) -> str:
        return f"{self.what} {self.share:.0%} worn"

    @property
    def note(self) -> str:
        unit = "layers" if self.what == "film" else "h of light"
        when = f"; worn by {self.ends:%d %b %Y} at this pace" if self.ends else ""
        return f"{self.used:,.0f} of {self.life:,.0f} {unit}{when}"


def wear_of(
    machine: Machine, records: Iterable[RunRecord], plates: Mapping[str, Plate], facts: Iterable[Fact], now: datetime
) -> list[Wear]:
    """Film and screen of a machine since each was changed."""
    changed = {type(f.event): f.at for f in facts if f.subject == machine.id}
    runs = [(r, plates[r.plate_id]) for r in records if r.machine_id == machine.id and r.ended and r.plate_id in plates]
    wear_list = []
    for what, kind, life in (
        ("film", FilmChanged, float(machine.film_layers)),
        ("screen", ScreenChanged, machine.screen_h),
    ):
        since = changed.get(kind, datetime.min)
        took = [(r.started, _worn(what, layers_run(r, p, machine), machine)) for r, p in runs if r.started >= since]
        used = sum(amount for _, amount in took)
        pace = sum(amount for at, amount in took if at >= now - timedelta(days=PACE_DAYS)) / PACE_DAYS
        ends = now.date() + timedelta(days=int(max(life - used, 0) / pace)) if pace > 0 else None
        wear_list.append(Wear(machine.id, what, used, life, ends))
    return wear_list


def _worn(what: str, layers: int, machine: Machine) -> float:
    """Layers a run exposed, or hours of light they took."""
    return float(layers) if what == "film" else light_h(layers, machine)


@dataclass(frozen=True)
class Stock:
    """A resin in store: ml left in its bottles, used in a week, planned on plates that wait; what to do, "" for nothing."""

    resin_id: str
    left_ml: float
    week_ml: float
    planned_ml: float
    order_by: date | None
    description: str
    printed: int = 0
    failed: int = 0

    @property
    def note(self) -> str:
        fared = f"; of {self.printed} parts printed with it {self.failed} failed" if self.printed else ""
        return f"{self.week_ml:.0f} ml a week lately{fared}"


def stock_of(
    resin: Resin,
    bottles: Sequence[Bottle],
    runs: Iterable[tuple[RunRecord, Plate]],
    waiting: Iterable[Plate],
    now: datetime,
    factors: RunFactors = AS_ESTIMATED,
) -> Stock:
    """What is left of a resin after every run since its bottles were bought, by when more must be ordered, and how parts fared.

    A run counts what was told that it used, else what such runs take.
    """
    own, runs = [b for b in bottles if b.resin_id == resin.id], [(r, p) for r, p in runs if p.resin_id == resin.id]
    first = min((b.bought for b in own), default=now.date())
    used = [(r.started, r.used_ml or factors.ml_of(p)) for r, p in runs if r.started.date() >= first]
    left = max(sum(b.ml for b in own) - sum(ml for _, ml in used), 0.0)
    week = sum(ml for at, ml in used if at >= now - timedelta(days=PACE_DAYS)) * 7 / PACE_DAYS
    planned = sum(factors.ml_of(p) for p in waiting if p.resin_id == resin.id)
    lasts = (left - planned) / week * 7 if week > 0 else None
    order = (
        now.date() + timedelta(days=int(max((lasts or 0.0) - DELIVERY_DAYS, 0)))
        if lasts is not None or planned > left
        else None
    )
    description = _stock_text(resin, own, left, planned, order, now.date())
    fared = [outcome.outcome for r, _ in runs for outcome in r.outcomes.values()]
    return Stock(resin.id, left, week, planned, order, description, len(fared), fared.count(FAILED))


def _stock_text(
    resin: Resin, own: Sequence[Bottle], left: float, planned: float, order: date | None, today: date
) -> str:
    if not own:
        return f"{resin.name}: no bottle is written down; {planned:.0f} ml are planned."
    old = [b for b in own if b.expires is not None and b.expires < today]
    if old:
        return f"{resin.name}: a bottle is past its date; do not print with it, cure and bin it by local rules."
    if planned > left:
        return f"{resin.name}: {planned:.0f} ml are planned and {left:.0f} left: order now."
    by = f"; order by {order:%d %b}" if order else ""
    return f"{resin.name}: {left:.0f} ml left, {planned:.0f} of them planned{by}."


def before_run(
    resin: Resin, bottles: Sequence[Bottle], last_used: datetime | None, celsius: float | None, now: datetime
) -> list[str]:
    """What to do with the resin before a run: stir what has stood, warm what is cold, leave what is too old."""
    runs_before = []
    if last_used is None or (now - last_used).total_seconds() > resin.settles_days * 86400:
        runs_before.append("stir the vat and shake the bottle")
    if celsius is not None and celsius < resin.least_c:
        runs_before.append(f"warm it to {resin.least_c:.0f} °C or more: the room has {celsius:.0f}")
    elif celsius is None:
        runs_before.append(f"see that it has {resin.least_c:.0f} °C or more: nobody has told how warm the room is")
    if any(b.resin_id == resin.id and b.expires is not None and b.expires < now.date() for b in bottles):
        runs_before.append("a bottle is past its date")
    return runs_before
