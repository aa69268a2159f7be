"""What stays apart until it is painted: what each part kept apart gives back to the brush, against the minutes it costs.

Parts are taken off one after another, each time the one that gives back most for its minutes, as long as what is left holds
together. How far along that way it is worth going depends on what a minute is worth: see ``worth_it``.
"""

from __future__ import annotations

from collections.abc import Collection, Mapping, Sequence
from dataclasses import dataclass

import numpy as np

from numerus.assembly.joints import Joint
from numerus.surface.reach_apart import ReachStudy

STICK_MIN = 0.75  # (default) to put a part on a stick and prime it apart
BARE_AND_GLUE_MIN = 1.25  # (default) a joint: paint scraped off, glued, held
RETOUCH_MIN_PER_MM = 0.03  # (default) of a joint's edge, touched up where it shows
WORTH_MM2_PER_MIN = 12.0  # (default) skin given back that is worth a minute


@dataclass(frozen=True)
class KeptApart:
    """Parts in the order they were taken off; ``minutes`` more than gluing all first; ``easy_mm2`` of ``seen_mm2`` a brush then comes
    to; ``per_min``: mm² a minute the last of them gave back; ``seam_mm``: edges of joints to be touched up once they are glued on.
    """

    parts: tuple[str, ...]
    minutes: float
    easy_mm2: float
    seen_mm2: float
    per_min: float = 0.0
    seam_mm: float = 0.0

    @property
    def share(self) -> float:
        return self.easy_mm2 / max(self.seen_mm2, 1e-9)


def apart_minutes(part: str, joints: Sequence[Joint], apart: Collection[str] = ()) -> float:
    """Minutes more that keeping ``part`` apart costs; a joint to a part that is apart, too, is counted with that one."""
    own = _own_joints(part, joints, apart)
    return float(STICK_MIN + BARE_AND_GLUE_MIN * len(own) + RETOUCH_MIN_PER_MM * _edges_mm(own))


def apart_seam_mm(part: str, joints: Sequence[Joint], apart: Collection[str] = ()) -> float:
    """Edges of the joints by which ``part`` is glued on later: each taken as round."""
    return _edges_mm(_own_joints(part, joints, apart))


def _own_joints(part: str, joints: Sequence[Joint], apart: Collection[str]) -> list[Joint]:
    return [j for j in joints if part in (j.a, j.b) and not ({j.a, j.b} - {part}) & set(apart)]


def _edges_mm(joints: Sequence[Joint]) -> float:
    return float(sum(2 * np.sqrt(np.pi * j.area_mm2) for j in joints))


def body_of(names: Sequence[str], joints: Sequence[Joint]) -> str:
    """The part all others are glued to: that with most joints, of several the one with most skin in them."""
    skin = {n: [j.area_mm2 for j in joints if n in (j.a, j.b)] for n in names}
    return max(names, key=lambda n: (len(skin[n]), sum(skin[n])))


def in_one_piece(names: Collection[str], joints: Sequence[Joint]) -> bool:
    """Whether parts hang together by their joints alone."""
    left, ask = set(names), list(names)[:1]
    left -= set(ask)
    while ask:
        at = ask.pop()
        near = {j.b if j.a == at else j.a for j in joints if at in (j.a, j.b)} & left
        left -= near
        ask += near
    return not left


def ways_apart(study: ReachStudy, joints: Sequence[Joint]) -> list[KeptApart]:
    """From all glued on, part by part; parts that touch nothing, and the body, are never taken off."""
    joined = [n for n in study.names if any(n in (j.a, j.b) for j in joints)]
    ways = [KeptApart((), 0.0, study.easy_mm2(), study.seen_mm2)]
    if not joined:
        return ways
    while (best := _next_apart(ways[-1], study, joints, joined, body_of(joined, joints))) is not None:
        ways.append(best)
    return ways


def _next_apart(
    way: KeptApart, study: ReachStudy, joints: Sequence[Joint], joined: Sequence[str], body: str
) -> KeptApart | None:
    """One part more, that which gives back most a minute; None where none gives anything back."""
    tried = []
    for part in (n for n in joined if n != body and n not in way.parts):
        apart = (*way.parts, part)
        if in_one_piece([n for n in joined if n not in apart], joints):
            minutes, easy = apart_minutes(part, joints, way.parts), study.easy_mm2(apart)
            per_min = (easy - way.easy_mm2) / minutes
            seam = way.seam_mm + apart_seam_mm(part, joints, way.parts)
            tried.append(KeptApart(apart, way.minutes + minutes, easy, way.seen_mm2, per_min, seam))
    best = max(tried, key=lambda w: w.per_min, default=None)
    return best if best is not None and best.per_min > 0 else None


def worth_it(ways: Sequence[KeptApart], mm2_per_min: float = WORTH_MM2_PER_MIN) -> KeptApart:
    """How far along the ways it pays, where a minute is worth so much skin."""
    return max(ways, key=lambda w: w.easy_mm2 - mm2_per_min * w.minutes)


def as_chosen(parts: Sequence[str], study: ReachStudy, joints: Sequence[Joint]) -> KeptApart:
    """The parts somebody chose, in their order."""
    minutes = sum(apart_minutes(p, joints, parts[:n]) for n, p in enumerate(parts))
    seam = sum(apart_seam_mm(p, joints, parts[:n]) for n, p in enumerate(parts))
    return KeptApart(tuple(parts), minutes, study.easy_mm2(parts), study.seen_mm2, 0.0, seam)


def glued_in_order(
    study: ReachStudy, joints: Sequence[Joint], apart: Collection[str] = ()
) -> tuple[list[str], list[str]]:
    """Parts in the order they are glued to the body before painting, and those glued on after it: from what is glued already
    outward, and what others stand before goes first.
    """
    names = list(study.names)
    covers = study.covers
    inside = {n: float(covers[k].sum() - covers[:, k].sum()) for k, n in enumerate(names)}
    joined = [n for n in names if any(n in (j.a, j.b) for j in joints)]
    glued = [body_of(joined, joints)] if joined else names[:1]
    first = _outward(glued, [n for n in names if n not in apart], joints, inside)
    last = _outward([*glued, *first], [n for n in names if n in apart], joints, inside)
    return first, last


def _outward(
    glued: Sequence[str], wanted: Sequence[str], joints: Sequence[Joint], inside: Mapping[str, float]
) -> list[str]:
    order: list[str] = []
    left = [n for n in wanted if n not in glued]
    while left:
        on = {*glued, *order}
        near = [n for n in left if any({n} < {j.a, j.b} <= {n, *on} for j in joints)] or left
        order.append(max(near, key=lambda n: inside.get(n, 0.0)))
        left.remove(order[-1])
    return order
