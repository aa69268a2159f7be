"""The bill of runs on 400 random weeks: whether it keeps what a plan must, and how near it comes to what none can beat."""

from __future__ import annotations

import random
from collections.abc import Sequence
from datetime import datetime, timedelta

from numerus.domain.army import Army, Day
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.schedule.improving import better_order
from numerus.schedule.run_queue import Schedule, ScheduleInputs, plan_runs

NOW = datetime(2026, 3, 5, 18, 30)
CALENDARS = 400
SHUFFLES = 10


def _calendar(seed: int) -> tuple[list[Plate], ScheduleInputs]:
    """One to three machines, up to twelve plates, a week of someone being there at odd hours, days away."""
    dice = random.Random(seed)
    machines = [Machine(f"m{n}", f"M{n}", turn_round_min=dice.uniform(5, 30)) for n in range(dice.randint(1, 3))]
    week = tuple(Day(home=_home(dice)) for _ in range(7))
    away = tuple((NOW.date() + timedelta(days=dice.randint(1, 14)), Day(0, 0, ())) for _ in range(dice.randint(0, 3)))
    army = Army("army", "Watch", NOW.date() + timedelta(days=30), week=week, days=away)
    plates = [
        Plate(f"p{n}", f"Plate {n}", dice.choice(machines).id, "resin", (), 30.0, dice.uniform(40, 1300), 40.0, order=n)
        for n in range(dice.randint(2, 12))
    ]
    # The same minutes on each machine: plates that change machines keep what they were given.
    return plates, ScheduleInputs(machines, army, NOW, fits=lambda plate, machine: machine.id == plate.machine_id)


def _home(dice: random.Random) -> tuple[tuple[int, int], ...]:
    morning, evening = dice.randint(360, 540), dice.randint(960, 1260)
    hours = [(morning, morning + dice.randint(20, 120)), (evening, min(evening + dice.randint(60, 300), 1439))]
    return tuple(h for h in hours if dice.random() < 0.85) or (hours[1],)


def _there(army: Army, moment: datetime) -> bool:
    """Read off the week itself, minute by minute."""
    day = dict(army.days).get(moment.date(), army.week[moment.weekday()])
    minute = moment.hour * 60 + moment.minute + moment.second / 60
    return any(a - 1e-6 <= minute <= b + 1e-6 for a, b in day.home)


def _faults(schedule: Schedule, plates: Sequence[Plate], inputs: ScheduleInputs) -> list[str]:
    """Plates lost, runs that nobody starts or takes off, machines or hands asked for twice."""
    runs = schedule.scheduled_runs
    faults = [] if sorted(r.plate.id for r in runs) == sorted(p.id for p in plates) else ["plates lost"]
    turn = {m.id: timedelta(minutes=m.turn_round_min) for m in inputs.machines}
    faults += [
        f"{r.plate.id} nobody there"
        for r in runs
        if not (_there(inputs.army, r.start) and _there(inputs.army, r.taken_off))
    ]
    for a in runs:
        for b in runs:
            if a is not b and a.machine_id == b.machine_id and a.start <= b.start < a.taken_off + turn[a.machine_id]:
                faults.append(f"{a.plate.id} and {b.plate.id} on one machine")
            if a is not b and a.taken_off <= b.taken_off < a.taken_off + turn[a.machine_id]:
                faults.append(f"{a.plate.id} and {b.plate.id} in one hand")
    return faults


def _least_end(plates: Sequence[Plate], inputs: ScheduleInputs) -> datetime:
    """No plan of each plate on its own machine ends before: the best order of every machine by itself, as if each had hands of its
    own (Held and Karp's way through all subsets; to be free earlier is never worse).
    """
    hours, ends = inputs.hours, NOW
    for machine in inputs.machines:
        own = [p.minutes for p in plates if p.machine_id == machine.id]
        turn = timedelta(minutes=machine.turn_round_min)
        met = {0: NOW - turn}
        for done in range(1, 1 << len(own)):
            met[done] = min(
                hours.next(hours.next(met[done & ~(1 << n)] + turn) + timedelta(minutes=minutes))
                for n, minutes in enumerate(own)
                if done >> n & 1
            )
        ends = max(ends, met[(1 << len(own)) - 1])
    return ends


def bills_of_400_calendars() -> None:
    """Faults found by a checker of its own, the end over the bound, and how often the best of some random orders is better."""
    faults, own, improved, beaten, still = 0, [], [], 0, 0
    for seed in range(CALENDARS):
        plates, inputs = _calendar(seed)
        first = plan_runs(plates, inputs)
        better = better_order(plates, inputs)
        best = better.schedule if better else first
        faults += bool(_faults(first, plates, inputs)) + bool(_faults(best, plates, inputs))
        least = (_least_end(plates, inputs) - NOW).total_seconds()
        own.append((first.ends - NOW).total_seconds() / least)
        improved.append((best.ends - NOW).total_seconds() / least)
        dice = random.Random(-seed)
        shuffled = min(plan_runs(dice.sample(plates, len(plates)), inputs).ends for _ in range(SHUFFLES))
        beaten += shuffled < first.ends
        still += shuffled < best.ends - timedelta(minutes=30)
    middle = CALENDARS // 2
    print(f"bills of {CALENDARS} random weeks{'':<13} {faults} with a fault")
    for name, ratios, times in (
        ("as planned", sorted(own), beaten),
        ("improved while one looks", sorted(improved), still),
    ):
        print(
            f"{name:<40} median {ratios[middle]:.2f} of the bound, nine in ten within {ratios[int(0.9 * CALENDARS)]:.2f}, "
            f"beaten by the best of {SHUFFLES} random orders in {times / CALENDARS:.0%}"
        )
