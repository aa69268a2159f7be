"""The plan of the hands: how near it is to what no plan can beat, beside working zone by zone, and how long it takes."""

from __future__ import annotations

import random
from datetime import datetime, timedelta

from benchmarks.measuring import say, timed
from numerus.schedule.attendance import Window
from numerus.schedule.hand_plan import plan_hands
from numerus.schedule.hand_tasks import HandInputs, HandTask, TimedTask, hands_bound_min, window_min

NOW = datetime(2026, 3, 2, 18)
ARMIES = 60


def _army(seed: int, figures: int = 0, strokes: int = 0) -> HandInputs:
    """Figures with zones that touch at random, strokes in shared mixes, a week with evenings of all lengths; ``strokes`` on each."""
    dice = random.Random(seed)
    zones = [f"z{n}" for n in range(strokes // 3 or dice.randint(3, 14))]
    mixes = dice.randint(8, 30)
    recipe = {
        z: [
            (dice.randrange(mixes), dice.uniform(0.5, 6), dice.uniform(5, 60))
            for _ in range(3 if strokes else dice.randint(1, 4))
        ]
        for z in zones
    }
    pairs = [(a, b) for n, a in enumerate(zones) for b in zones[n + 1 :] if dice.random() < 0.35]
    tasks, touching = [], {}
    for n in range(figures or dice.randint(5, 40)):
        own = zones if strokes else [z for z in zones if dice.random() < 0.8] or zones[:1]
        for zone in own:
            for k, (mix, minutes, dries) in enumerate(recipe[zone]):
                setup, life = (10.0, 40.0) if mix == 0 else (1.5, 60.0)
                tasks.append(HandTask(f"f{n}", zone, f"{zone}/{k}", minutes, dries, mix, setup, life, 10, True))
        near: dict[str, set[str]] = {}
        for a, b in pairs:
            if a in own and b in own:
                near.setdefault(a, set()).add(b)
                near.setdefault(b, set()).add(a)
        touching[f"f{n}"] = {z: frozenset(others) for z, others in near.items()}
    days = [d for d in range(500) if dice.random() < 0.75]
    lengths = [dice.choice((45, 60, 90, 120, 180)) for _ in days]
    windows = [
        Window(NOW + timedelta(days=d), NOW + timedelta(days=d, minutes=m)) for d, m in zip(days, lengths, strict=True)
    ]
    return HandInputs(tasks, windows, touching)


def _over_bound(inputs: HandInputs, plan: list[TimedTask]) -> float:
    hands, chain = hands_bound_min(inputs.tasks)
    least = max(hands, window_min(inputs.windows, inputs.windows[0].start + timedelta(minutes=chain)))
    return window_min(inputs.windows, plan[-1].end) / least


def _zone_by_zone(inputs: HandInputs) -> float:
    """One stroke on all figures, then the next of the same zone, then the next zone, waiting where it must: over the bound."""
    hands, _ = hands_bound_min(inputs.tasks)
    clock, dry, load = 0.0, dict[tuple[str, str], float](), None
    for task in sorted(inputs.tasks, key=lambda t: (t.chain, t.key)):
        wait = max(dry.get((task.group, task.chain), 0.0), 0.0)
        clock = max(clock, wait) + (task.setup_min if task.load != load else 0.0) + task.minutes
        load, dry[task.group, task.chain] = task.load, clock + task.dries_min
    return clock / hands


def evenings_against_what_cannot_be_beaten() -> None:
    """Random armies: hours used over the least there must be, beside zone by zone, which may even paint on wet neighbours."""
    ours, plain = [], []
    for seed in range(ARMIES):
        inputs = _army(seed)
        ours.append(_over_bound(inputs, plan_hands(inputs)))
        plain.append(_zone_by_zone(inputs))
    for name, found in (("the plan", sorted(ours)), ("zone by zone", sorted(plain))):
        within = sum(r <= 1.15 for r in found)
        print(f"{name:<40} median {found[ARMIES // 2]:.2f}, worst {found[-1]:.2f}, within 1.15: {within} of {ARMIES}")


def an_army_of_34_with_40_strokes() -> None:
    """34 figures of 39 strokes over six weeks; and the batch at the bench planned anew."""
    inputs = _army(4, 34, 39)
    whole = timed(lambda: plan_hands(inputs), 1)
    say("34 figures of 39 strokes", whole, f"{_over_bound(inputs, plan_hands(inputs)):.2f} of the bound")
    ids = {f"f{n}" for n in range(10)}
    few = HandInputs([t for t in inputs.tasks if t.group in ids], inputs.windows, inputs.touching, batch=10)
    again = timed(lambda: plan_hands(few, 1), 3)
    say("ten of them planned anew", again, f"{whole / again:.0f} times as fast")
