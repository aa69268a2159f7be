"""The queue of runs: which plate on which machine when, so that finished runs are met by someone.

One rule: of all plates waiting and all moments someone is there within the next day, take the pair that wastes least
machine time, waste being idle time before the start and hanging time after the end until someone comes. Long plates
so fall into nights and working days by themselves, because there they waste least.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime, timedelta

from numerus.errors import PlanError
from numerus.floor.attendance import Window, home_windows, next_attended
from numerus.kit.plan import Army
from numerus.resin.plate import Plate
from numerus.resin.profiles import Machine
from numerus.words import span

STEP = timedelta(minutes=10)
TURN_ROUND = timedelta(minutes=15)
LOOK_AHEAD = timedelta(hours=26)
ORDER_WORTH_MIN = 25.0  # waste accepted to keep the wanted order of plates, per place skipped


@dataclass(frozen=True)
class Run:
    """A plan to print a plate; what really happened is in the journal."""

    id: str
    plate_id: str
    machine_id: str
    start: datetime
    end: datetime


@dataclass(frozen=True)
class Slotted:
    """A run placed in time: ``met``: when someone takes the plate off; ``hangs_min``, ``idle_min``: what it wastes."""

    plate: Plate
    machine_id: str
    start: datetime
    end: datetime
    met: datetime
    idle_min: float
    hangs_min: float

    @property
    def why(self) -> str:
        over_night = self.end.date() > self.start.date()
        when = f"starts {self.start:%H:%M} so that it ends {self.end:%H:%M}"
        return f"{when}{' after the night' if over_night else ''}; {self.hanging}"

    @property
    def hanging(self) -> str:
        """What becomes of the plate when the run ends."""
        return "someone is there when it ends" if self.hangs_min < 1 else f"the plate hangs {span(self.hangs_min)}"


def starts(home: list[Window], free: datetime) -> list[datetime]:
    """Moments someone can start a run within the look-ahead: every 10 minutes of being there."""
    found: list[datetime] = []
    for window in home:
        moment = max(window.start, free)
        while moment <= window.end and moment <= free + LOOK_AHEAD:
            found.append(moment)
            moment += STEP
    return found or [next_attended(home, free)]


def slotted(plate: Plate, machine_id: str, start: datetime, free: datetime, home: list[Window]) -> Slotted:
    end = start + timedelta(minutes=plate.minutes)
    met = next_attended(home, end)
    return Slotted(plate, machine_id, start, end, met, _minutes(start - free), _minutes(met - end))


def _minutes(delta: timedelta) -> float:
    return delta.total_seconds() / 60


def _next(waiting: Sequence[Plate], machine_id: str, free: datetime, home: list[Window]) -> Slotted:
    best: tuple[float, Slotted] | None = None
    for rank, plate in enumerate(waiting):
        for start in starts(home, free):
            found = slotted(plate, machine_id, start, free, home)
            waste = found.idle_min + found.hangs_min + rank * ORDER_WORTH_MIN
            if best is None or waste < best[0] - 1e-9:
                best = waste, found
    assert best is not None
    return best[1]


def plan_runs(
    plates: Sequence[Plate],
    machines: Sequence[Machine],
    army: Army,
    now: datetime,
    busy: dict[str, datetime] | None = None,
) -> list[Slotted]:
    """Every plate placed in time on a machine of its profile; ``busy``: until when a machine still runs.

    Raises PlanError where a plate's machine is not there or nobody is ever at home.
    """
    known = {m.id for m in machines}
    for plate in plates:
        if plate.machine_id not in known:
            raise PlanError(
                "no-machine", f"Plate {plate.name} is meant for a machine that is not here.", "Make it again."
            )
    home = home_windows(army, now, 120)
    found: list[Slotted] = []
    for machine in machines:
        free = max(now, (busy or {}).get(machine.id, now))
        waiting = [p for p in plates if p.machine_id == machine.id]
        while waiting:
            chosen = _next(waiting[:8], machine.id, free, home)
            found.append(chosen)
            waiting.remove(chosen.plate)
            free = chosen.met + TURN_ROUND
    return sorted(found, key=lambda s: s.start)


def other_starts(chosen: Slotted, army: Army, free: datetime, limit: int = 3) -> list[Slotted]:
    """What starting at other moments would waste: the chosen one among the nearest good alternatives, for comparison."""
    home = home_windows(army, free, 14)
    options = [slotted(chosen.plate, chosen.machine_id, s, free, home) for s in starts(home, free)]
    hours_apart = sorted(options, key=lambda o: o.idle_min + o.hangs_min)
    picked = [chosen]
    for option in hours_apart:
        if len(picked) < limit and all(abs(_minutes(option.start - p.start)) >= 60 for p in picked):
            picked.append(option)
    return sorted(picked, key=lambda s: s.start)
