"""Several plates through one pair of tubs with one pair of hands: what is in which tub when, and when the last is out."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

from numerus.post.washing.bath_book import DIRTY_SHARE
from numerus.post.washing.wash import Bath, soak_min
from numerus.post.washing.wash_ways import HANG_MIN, LIFT_MIN, MOVE_MIN, WHOLE, Way

TAKE_MIN = MOVE_MIN / 2  # of hands, from one bath to the next or out of it


@dataclass(frozen=True)
class Turn:
    """A plate's way through the tubs in minutes from now: hands get it ready, it is in either tub, it is out."""

    plate: str
    lifted: tuple[float, float]
    dirty: tuple[float, float]
    clean: tuple[float, float]

    @property
    def out(self) -> float:
        return self.clean[1] + TAKE_MIN


@dataclass(frozen=True)
class Queue:
    """``all_lifted``: every plate is got ready before the first goes in, since lifting one would leave another soaking."""

    turns: tuple[Turn, ...]
    all_lifted: bool
    one_by_one_min: float

    @property
    def minutes(self) -> float:
        return max((t.out for t in self.turns), default=0.0)


def queue_of(plates: Sequence[tuple[str, Way]], dirty: Bath, clean: Bath) -> Queue:
    """Plates in their order, each leaving what it carries in the baths; the sooner of the two ways to share the hands."""
    plates = [basket for name, way in plates for basket in _baskets(name, way)]
    soaks = _soaks(plates, dirty, clean)
    ready = [HANG_MIN if w.key == WHOLE else LIFT_MIN / w.loads for _, w in plates]
    names = [name for name, _ in plates]
    alone = sum(r + d + c + 2 * TAKE_MIN for r, (d, c) in zip(ready, soaks, strict=True))
    ways = [Queue(tuple(_turns(names, ready, soaks, first)), first, alone) for first in (False, True)]
    return min(ways, key=lambda q: q.minutes)


def _baskets(name: str, way: Way) -> list[tuple[str, Way]]:
    """A plate that fills several baskets goes through as so many."""
    if way.loads == 1:
        return [(name, way)]
    each = replace(way, carried_ml=way.carried_ml / way.loads)
    return [(f"{name}, basket {n + 1}", each) for n in range(way.loads)]


def _soaks(plates: Sequence[tuple[str, Way]], dirty: Bath, clean: Bath) -> list[tuple[float, float]]:
    """Minutes of each plate in either bath, by how dirty it is by then."""
    soaks = []
    for _, way in plates:
        soaks.append((soak_min(dirty, way), soak_min(clean, way)))
        dirty = replace(dirty, carried_ml=dirty.carried_ml + DIRTY_SHARE * way.carried_ml)
        clean = replace(clean, carried_ml=clean.carried_ml + (1 - DIRTY_SHARE) * way.carried_ml)
    return soaks


def _turns(
    names: Sequence[str], ready: Sequence[float], soaks: Sequence[tuple[float, float]], all_lifted: bool
) -> list[Turn]:
    """A plate goes in when the hands are free, the tub is, and whatever soaks by then will be met in time."""
    turns: list[Turn] = []
    for number, (name, lift, soak) in enumerate(zip(names, ready, soaks, strict=True)):
        before = sum(ready[:number]), sum(ready[: number + 1])
        begun, hands = (sum(ready), 0.0) if all_lifted else (turns[-1].lifted[1] if turns else 0.0, lift)
        tried = (
            _turn(name, before if all_lifted else (s, s + lift), s + hands, soak)
            for s in _starts(begun, hands, soak, turns)
        )
        turns.append(next(t for t in tried if _fits(t, turns)))
    return turns


def _turn(name: str, lifted: tuple[float, float], into: float, soak: tuple[float, float]) -> Turn:
    over = into + soak[0] + TAKE_MIN
    return Turn(name, lifted, (into, into + soak[0]), (over, over + soak[1]))


def _starts(earliest: float, lift: float, soak: tuple[float, float], turns: Sequence[Turn]) -> list[float]:
    """When a turn may begin, the soonest first: where something it could wait for has just ended. The last always fits."""
    ends = [end for t in turns for span in (*_hands(t), t.dirty, t.clean) for end in span]
    back = (0.0, lift, lift + soak[0], lift + soak[0] + TAKE_MIN, lift + sum(soak) + TAKE_MIN)
    return sorted(
        {max(earliest, end - b) for end in (earliest, *ends) for b in back}
        | {max((t.out for t in turns), default=earliest)}
    )


def _fits(turn: Turn, turns: Sequence[Turn]) -> bool:
    """Neither tub is taken twice, and hands never have two things to do."""
    for other in turns:
        if _overlap(turn.dirty, other.dirty) or _overlap(turn.clean, other.clean):
            return False
        if any(_overlap(a, b) for a in _hands(turn) for b in _hands(other)):
            return False
    return True


def _hands(turn: Turn) -> list[tuple[float, float]]:
    """When a turn needs hands: to get it in, from tub to tub, out."""
    return [turn.lifted, (turn.dirty[1], turn.clean[0]), (turn.clean[1], turn.out)]


def _overlap(one: tuple[float, float], other: tuple[float, float]) -> bool:
    return one[0] < other[1] - 1e-9 and other[0] < one[1] - 1e-9
