"""One plan of the hands, built forward.

While the load in hand has a task that is ready, it goes on; then come urgent tasks; then that load is taken up of whose time most is
work, setting up and waiting for it to dry included. How much else counts is what ``Weights`` say.
"""

from __future__ import annotations

import random
from collections.abc import Hashable, Iterable
from dataclasses import dataclass
from datetime import datetime, timedelta
from itertools import pairwise

from numerus.errors import PlanError
from numerus.schedule.hand_tasks import HandInputs, HandTask, TimedTask
from numerus.schedule.hand_weights import Weights

PUT_AWAY_MIN = 30.0  # (default) a longer break, and what stood ready has been put away
_EPS = 1e-6


@dataclass(frozen=True)
class _Offer:
    """To work with a load next: ``worth``, the share of time that is work, at best, setting up and waiting included; how well it
    suits in all; when to begin setting up, for so many minutes.
    """

    score: float
    worth: float
    begin: float
    setup: float


@dataclass
class _Person:
    """A pair of hands: how far it is planned, in which of the windows, with which load in hand."""

    number: int
    now: float
    window: int = 0
    load: Hashable = None
    load_until: float = -1.0


class Walk:
    """One plan, built forward. Times are minutes since the first window begins."""

    def __init__(self, inputs: HandInputs, weights: Weights, until: datetime | None) -> None:
        self.inputs, self.weights, self.tasks = inputs, weights, list(inputs.tasks)
        self.zero = inputs.windows[0].start
        self.windows = [(self._minutes(w.start), self._minutes(w.end)) for w in inputs.windows]
        self.until = self._minutes(until) if until else float("inf")
        self.free = {t.group: 0.0 for t in self.tasks}
        self.free |= {g: self._minutes(at) for g, at in inputs.free_at.items()}
        self.chance = random.Random(weights.seed)
        self._number_chains()
        self._number_devices()
        self._chain_up()
        self.held = dict.fromkeys(self.free, 0.0)  # until when somebody works at each group
        self.done: list[TimedTask] = []
        self.everyone = [_Person(n, self.windows[0][0]) for n in range(max(inputs.people, 1))]
        self._turn_to(self.everyone[0])

    def _turn_to(self, person: _Person) -> None:
        """Plan for somebody from where they stand."""
        self.person, self.now, self.window = person, person.now, person.window
        self.load, self.load_until = person.load, person.load_until

    def _leave(self) -> None:
        person = self.person
        person.now, person.window, person.load, person.load_until = self.now, self.window, self.load, self.load_until

    def _minutes(self, at: datetime) -> float:
        return (at - self.zero).total_seconds() / 60

    def _number_chains(self) -> None:
        """When each chain is dry, by its number; of each task the numbers of its own and of those it touches."""
        owners = dict.fromkeys([*((t.group, t.chain) for t in self.tasks), *self.inputs.dry_at])
        numbers = {own: n for n, own in enumerate(owners)}
        touching = self.inputs.touching
        around = {
            (group, chain): (
                number,
                *(numbers[group, c] for c in touching.get(group, {}).get(chain, ()) if (group, c) in numbers),
            )
            for (group, chain), number in numbers.items()
        }
        self.dry = [self._minutes(at) if (at := self.inputs.dry_at.get(own)) else 0.0 for own in numbers]
        self.near = [around[t.group, t.chain] for t in self.tasks]
        self.chains_of: dict[str, list[int]] = {}
        for (group, _), number in numbers.items():
            self.chains_of.setdefault(group, []).append(number)

    def _number_devices(self) -> None:
        """Until when each device is busy, by its number, and in which hours it can be used; the first is none at all."""
        names = list(dict.fromkeys(["", *(t.device for t in self.tasks)]))
        until, usable = self.inputs.busy_until, self.inputs.usable
        self.busy = [self._minutes(until[name]) if name in until else 0.0 for name in names]
        numbers = {name: n for n, name in enumerate(names)}
        self.device = [numbers[t.device] for t in self.tasks]
        self.usable = {
            numbers[name]: [(self._minutes(w.start), self._minutes(w.end)) for w in windows]
            for name, windows in usable.items()
            if name in numbers
        }
        self.urgent = [i for i, t in enumerate(self.tasks) if t.urgent]

    def _chain_up(self) -> None:
        """What follows what: chains by group and phase, the time after each task, groups that wait for others."""
        self.chains: dict[str, dict[int, dict[str, list[int]]]] = {}
        for index, task in enumerate(self.tasks):
            self.chains.setdefault(task.group, {}).setdefault(task.phase, {}).setdefault(task.chain, []).append(index)
        self.tail = [0.0] * len(self.tasks)
        for phases in self.chains.values():
            for chain in (c for chains in phases.values() for c in chains.values()):
                for one, following in reversed(list(pairwise(chain))):
                    self.tail[one] = self.tail[following] + self.tasks[following].minutes + self.tasks[one].dries_min
        self.to_come = dict.fromkeys(self.chains, 0.0)
        for task in self.tasks:
            self.to_come[task.group] += task.minutes + task.dries_min
        self.longest = max(self._to_go(i) for i in range(len(self.tasks))) or 1.0
        self.holding = {g: sum(self.tasks[i].holds for p in ph.values() for c in p.values() for i in c) for g, ph in self.chains.items()}  # fmt: skip
        self.at_hand: set[str] = set()
        self.next_in: set[str] = set()
        self.waits_for = {g: {a for a in self.inputs.after.get(g, ()) if a in self.chains} for g in self.chains}
        self.heads: dict[Hashable, set[int]] = {}
        self.asked: dict[Hashable, dict[str, int]] = {}
        for task in self.tasks:
            own = self.asked.setdefault(task.load, {})
            own[task.group] = own.get(task.group, 0) + 1
        self.rank = {group: number for number, group in enumerate(self.chains)}
        for group in [g for g, waits in self.waits_for.items() if not waits]:
            self._open_phase(group)

    def _open_phase(self, group: str) -> None:
        phase = min(self.chains[group])
        for chain in self.chains[group][phase].values():
            self._add_head(chain[0])

    def _add_head(self, index: int) -> None:
        self.heads.setdefault(self.tasks[index].load, set()).add(index)

    def _ready(self, index: int) -> float:
        group = self.tasks[index].group
        return max(
            self.free[group],
            self.held[group],
            self.busy[self.device[index]],
            *map(self.dry.__getitem__, self.near[index]),
        )

    def _usable_from(self, index: int, moment: float) -> float:
        """The first moment from then on at which a task's device can be used for as long as the task takes."""
        if self.device[index] not in self.usable:
            return moment
        minutes = self.tasks[index].minutes
        starts = (max(a, moment) for a, b in self.usable[self.device[index]] if max(a, moment) + minutes <= b + _EPS)
        return next(starts, float("inf"))

    def _may_hold(self, task: HandTask) -> bool:
        """Whether there is room for the group among those at hand."""
        return not task.holds or task.group in self.at_hand or task.group in self.next_in

    def _let_in(self) -> bool:
        """The next batch comes to hand, those first that can begin first; False where nobody waits, or two are half painted."""
        if len(self.at_hand) + len(self.next_in) > self.inputs.batch:
            return False
        waiting = {self.tasks[i].group for heads in self.heads.values() for i in heads if self.tasks[i].holds}
        waiting -= self.at_hand | self.next_in
        ordered = sorted(waiting, key=lambda g: (max(self.free[g], self.now), self.rank[g]))
        self.next_in.update(ordered[: self.inputs.batch])
        return bool(waiting)

    def plan(self) -> list[TimedTask]:
        """Whoever is planned least far goes on, until nothing is left, or nobody is there before ``until``."""
        while any(self.heads.values()) and self.now < self.until:
            if not (self._go_on() or self._do_urgent() or self._take_up()):
                self._next_window()
            if len(self.everyone) > 1:
                self._leave()
                self._turn_to(min(self.everyone, key=lambda p: p.now))
        return sorted(self.done, key=lambda t: t.start) if len(self.everyone) > 1 else self.done

    def _room_min(self) -> float:
        return self.windows[self.window][1] - self.now

    def _go_on(self) -> bool:
        """The next task of the load in hand, if one is ready."""
        if self.load is None or self.now > self.load_until:
            return False
        room = self._room_min() + _EPS
        best = self._best(i for i in self.heads.get(self.load, ()) if self.tasks[i].minutes <= room)
        if best is None:
            return False
        self._do(best, 0.0)
        return True

    def _do_urgent(self) -> bool:
        """What may not wait: the load in hand stays ready beside it."""
        room = self._room_min() + _EPS
        heads = (i for i in self.urgent if i in self.heads.get(self.tasks[i].load, ()))
        best = self._best(i for i in heads if self.tasks[i].minutes <= room)
        if best is not None:
            self._do(best, 0.0)
        return best is not None

    def _best(self, indices: Iterable[int]) -> int | None:
        """Of tasks that are ready, that with the longest way to go."""
        now = self.now + _EPS
        ready = [
            i
            for i in indices
            if self._ready(i) <= now and self._usable_from(i, self.now) <= now and self._may_hold(self.tasks[i])
        ]
        return max(ready, key=lambda i: (self._to_go(i), -self.rank[self.tasks[i].group]), default=None)

    def _shaken(self, most: float) -> float:
        return most * self.chance.uniform(-1, 1) if most else 0.0

    def _to_go(self, index: int) -> float:
        """Minutes of work and drying after a task: in its chain, and by what its figure has still to come."""
        task = self.tasks[index]
        own = self.tail[index] + self.weights.even * self.to_come[task.group]
        return own * (1 + self._shaken(self.weights.shake_task))

    def _take_up(self) -> bool:
        """The load that is worth most now, with its first task; hands wait for it, if that is better than a smaller one. Where
        all are worth little, the next batch is begun beside the last.
        """
        best = self._best_offer()
        while (best is None or best[1].worth < self.weights.least) and self._let_in():
            best = self._best_offer()
        if best is None:
            return False
        load, offer = best
        self.now = offer.begin + offer.setup
        first = self._best(i for i in self.heads[load] if self.tasks[i].minutes <= self._room_min() + _EPS)
        assert first is not None
        if (offer.setup or load != self.load) and not self.tasks[first].urgent:
            self.load, self.load_until = load, self.now + self.tasks[first].life_min
        self._do(first, offer.setup)
        return True

    def _best_offer(self) -> tuple[Hashable, _Offer] | None:
        best: tuple[Hashable, _Offer] | None = None
        for load, heads in self.heads.items():
            offer = self._offer(load, heads) if heads else None
            if offer is not None and (best is None or offer.score > best[1].score):
                best = load, offer
        return best

    def _offer(self, load: Hashable, heads: set[int]) -> _Offer | None:
        """None where none of the load's tasks could be done before the window ends."""
        able = sorted((self._ready(i), -self._to_go(i), i) for i in heads if self._may_hold(self.tasks[i]))
        at, worked, begin, setup = self.now, 0.0, -1.0, 0.0
        worth, to_go, many = 0.0, 0.0, 0
        for ready, _, index in able:
            task = self.tasks[index]
            if begin < 0:
                in_hand = load == self.load and max(at, ready) <= self.load_until
                setup = 0.0 if in_hand else task.setup_min
                at = self.now + setup
            start = self._usable_from(index, max(at, ready))
            if start + task.minutes > self.windows[self.window][1] + _EPS:
                continue
            begin = start - setup if begin < 0 else begin
            at, worked = start + task.minutes, worked + task.minutes
            if worked / (at - self.now) > worth:
                worth, many, to_go = worked / (at - self.now), many + 1, max(to_go, self._to_go(index))
        if begin < 0:
            return None
        asked = sum(n for g, n in self.asked.get(load, {}).items() if g in self.at_hand or g in self.next_in)
        w = self.weights
        whole = w.whole * many / max(asked, many, 1)
        score = worth + whole + w.tail * to_go / self.longest + self._shaken(w.shake_load)
        return _Offer(score, worth, begin, setup)

    def _do(self, index: int, setup: float) -> None:
        task, start = self.tasks[index], self.now
        self.now = start + task.minutes
        dry = self.now + task.dries_min
        self.dry[self.near[index][0]] = dry
        self.held[task.group] = self.now
        if self.device[index]:
            self.busy[self.device[index]] = self.now + task.busy_min
        start_at = self.zero + timedelta(minutes=start)
        end_at = self.zero + timedelta(minutes=self.now)
        self.done.append(
            TimedTask(task, start_at, end_at, end_at + timedelta(minutes=task.dries_min), setup, self.person.number)
        )
        self._follow(index)

    def _follow(self, index: int) -> None:
        """What comes after a task: the next of its chain, the next phase, groups that waited for this one."""
        task = self.tasks[index]
        group, phases = task.group, self.chains[task.group]
        self.heads[task.load].discard(index)
        self.to_come[group] -= task.minutes + task.dries_min
        self.asked[task.load][group] -= 1
        chain = phases[task.phase][task.chain]
        chain.pop(0)
        self._hold(task)
        if chain:
            self._add_head(chain[0])
            return
        del phases[task.phase][task.chain]
        if phases[task.phase]:
            return
        del phases[task.phase]
        through = max(self.dry[c] for c in self.chains_of[group])
        if phases:
            self.free[group] = max(self.free[group], through)
            self._open_phase(group)
        else:
            self._release(group, through)

    def _hold(self, task: HandTask) -> None:
        if task.holds:
            self.at_hand.add(task.group)
            self.next_in.discard(task.group)
            self.holding[task.group] -= 1
            if not self.holding[task.group]:
                self.at_hand.discard(task.group)

    def _release(self, group: str, through: float) -> None:
        for other, waits in self.waits_for.items():
            if group in waits:
                waits.discard(group)
                self.free[other] = max(self.free[other], through)
                if not waits:
                    self._open_phase(other)

    def _next_window(self) -> None:
        """On to the next hours; after more than a short break what stood ready has been put away."""
        self.window += 1
        if self.window >= len(self.windows):
            words = "The evenings planned do not hold all of this."
            raise PlanError("no-time", words, "Set more hobby time aside, or paint fewer together.")
        begins = self.windows[self.window][0]
        if begins - self.windows[self.window - 1][1] > PUT_AWAY_MIN:
            self.load = None
        self.now = begins
