"""Slots proposed from how parts fit together, with names to break ties and to supply left and right.

Alternatives share a slot. What all others hang on is the torso; what it stands on, the legs; what sits on top, the
head; what is joined at its two sides, the arms; what is joined behind, the back. Where the kit does not say which way
it looks, it is taken to face -Y, as most sculptors' files do: then its left arm lies at +X.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field

import numpy as np

from numerus.domain.army import WHOLE
from numerus.domain.parts import Relation
from numerus.geometry.mesh import Floats
from numerus.kit.sorting import Shaped, guess_slot

AT_SIDE = 0.6  # of the torso's half width: joints farther out than this are at its side
SURE, NAMED, SHAPED, GUESSED = 0.95, 0.75, 0.7, 0.3
WHOLE_MM = 14.0  # the least a figure in one piece measures
NAMED_AFTER = ("torso", "weapon", "back")  # what a figure in one piece may be named after: a coat, a pole, a cloak
DOUBTFUL = 0.6  # a proposal below this is set apart on the bench
OTHER_SIDE = {"left arm": "right arm", "right arm": "left arm"}


@dataclass(frozen=True)
class Proposal:
    slot: str
    confidence: float
    reason: str


@dataclass
class _Group:
    """Parts that take each other's place."""

    members: list[Shaped]
    votes: Counter[str]
    centre: Floats
    shaped: str = ""
    touching: dict[int, tuple[float, Floats]] = field(default_factory=dict)


def propose(parts: Sequence[Shaped], relations: Sequence[Relation]) -> dict[str, Proposal]:
    """A slot for every part, by id."""
    counted = [r for r in relations if not r.overruled]
    groups = _groups(parts, counted)
    _read_shapes(groups, {r.parts[0] for r in counted if r.kind == "base"})
    proposals = {m.id: _decided(m, g) for g in groups for m in g.members}
    for relation in counted:
        _inherit(relation, proposals)
    proposals = {p.id: proposals.get(p.id) or _by_name(p) for p in parts}
    if not any(g.touching for g in groups):
        _read_as_whole(parts, proposals)
    return proposals


def _read_as_whole(parts: Sequence[Shaped], proposals: dict[str, Proposal]) -> None:
    """In a kit whose parts meet nowhere each is a model in one piece, if it is as large as one and no name says otherwise.

    A name alone says little of the only mesh there is: a watchman with a pole is named after it.
    """
    large = [p for p in parts if p.mesh.extents_mm.max() >= WHOLE_MM and proposals[p.id].slot != "base"]
    for part in large:
        alone = len(large) == 1 and proposals[part.id].slot in NAMED_AFTER and part.mesh.extents_mm[2] >= WHOLE_MM
        if proposals[part.id].slot == "extra" or alone:
            proposals[part.id] = Proposal(WHOLE, SHAPED, "it meets no other part: a model in one piece")


def _groups(parts: Sequence[Shaped], relations: Sequence[Relation]) -> list[_Group]:
    """Parts in their own places, alternatives together, with where groups touch."""
    by_id = {p.id: p for p in parts}
    placed = {i for r in relations if r.kind in ("alternative", "joint") for i in r.parts}
    apart = {r.parts[-1] for r in relations if r.kind in ("supported",)} | {
        r.parts[0] for r in relations if r.kind == "whole"
    }
    twins = {i for r in relations if r.kind == "duplicate" for i in _idle(r.parts[0], r.parts[1], placed)}
    sets = [list(r.parts) for r in relations if r.kind == "alternative"]
    alone = set(by_id) - {i for s in sets for i in s} - apart - twins
    groups = [_group([by_id[i] for i in s if i in by_id]) for s in [*sets, *([i] for i in by_id if i in alone)]]
    index = {m.id: n for n, g in enumerate(groups) for m in g.members}
    for r in relations:
        if r.kind == "joint" and r.place_mm and all(i in index for i in r.parts):
            a, b = (index[i] for i in r.parts)
            for one, other in ((a, b), (b, a)):
                weight, place = groups[one].touching.get(other, (0.0, np.zeros(3)))
                total = weight + r.confidence
                groups[one].touching[other] = total, (place * weight + np.array(r.place_mm) * r.confidence) / total
    return groups


def _idle(one: str, other: str, placed: set[str]) -> list[str]:
    """Of two equal parts those that stand in no place of their own; of two such, the second."""
    idle = [i for i in (one, other) if i not in placed]
    return idle if len(idle) < 2 else [other]


def _group(members: list[Shaped]) -> _Group:
    votes = Counter(slot for slot in (guess_slot(m.name) for m in members) if slot != "extra")
    return _Group(members, votes, np.mean([m.mesh.bounds_mm.mean(axis=0) for m in members], axis=0))


def _read_shapes(groups: list[_Group], bases: set[str]) -> None:
    """Write into each group the slot its place speaks for."""
    for group in groups:
        if any(m.id in bases for m in group.members):
            group.shaped = "base"
    joined = [n for n, g in enumerate(groups) if g.touching and not g.shaped]
    if len(joined) < 2:
        return
    middle = _torso_of(groups, joined)
    torso = groups[middle]
    torso.shaped = "torso"
    around = [n for n in joined if n != middle and middle in groups[n].touching]
    for n in around:
        groups[n].shaped = _shape_slot(groups[n], torso, groups[n].touching[middle][1])
    _one_each(groups, around, torso)
    for n in joined:
        if not groups[n].shaped:
            groups[n].shaped = _hanging_slot(groups, n)


def _torso_of(groups: Sequence[_Group], joined: Sequence[int]) -> int:
    """The group that the most others are joined to, one named torso before any."""
    return max(joined, key=lambda n: (groups[n].votes["torso"] > 0, _hung(groups, n)))


def _hung(groups: Sequence[_Group], n: int) -> float:
    return sum(min(weight, 1.0) for other, (weight, _) in groups[n].touching.items() if groups[other].shaped != "base")


def _half(group: _Group) -> Floats:
    return np.asarray(np.mean([m.mesh.extents_mm for m in group.members], axis=0) / 2)


def _shape_slot(group: _Group, torso: _Group, place: Floats) -> str:
    """By where it is joined to the torso and on which side of the joint it lies."""
    offset, half = place - torso.centre, np.maximum(_half(torso), 1e-6)
    # The direction the part lies in counts as much as the joint: a neck is joined low, yet the head is above.
    lie = (group.centre - torso.centre) / (half + _half(group))
    pull = offset / half * 0.6 + lie * 0.6
    axis = int(np.argmax(np.abs(pull)))
    if axis == 2 and abs(offset[0]) < AT_SIDE * half[0]:
        return "head" if pull[2] > 0 else "legs"
    if axis == 0 or abs(offset[0]) > AT_SIDE * half[0]:
        return "left arm" if offset[0] > 0 else "right arm"
    return "back" if offset[1] > 0 else "extra"


def _one_each(groups: Sequence[_Group], around: Sequence[int], torso: _Group) -> None:
    """Names that say left and right of one side turn both sides about, when they all say so."""
    arms = [groups[n] for n in around if groups[n].shaped in OTHER_SIDE]
    agree = sum(g.votes[g.shaped] for g in arms)
    against = sum(g.votes[OTHER_SIDE[g.shaped]] for g in arms)
    if against > agree:
        for group in arms:
            group.shaped = OTHER_SIDE[group.shaped]
        for n in around:
            if groups[n].shaped == "extra" and abs(groups[n].centre[1] - torso.centre[1]) > 0.5:
                groups[n].shaped = "back"
    heads = sorted((n for n in around if groups[n].shaped == "head"), key=lambda n: -_hung(groups, n))
    for n in heads[1:]:
        groups[n].shaped = "extra"


def _hanging_slot(groups: Sequence[_Group], n: int) -> str:
    """What is not joined to the torso: something held, or else an extra."""
    return "weapon" if {groups[other].shaped for other in groups[n].touching} & set(OTHER_SIDE) else "extra"


def _decided(part: Shaped, group: _Group) -> Proposal:
    """Name and place together: agreed, or the one there is, or the stronger with doubt."""
    own = guess_slot(part.name)
    named, count = group.votes.most_common(1)[0] if group.votes else ("", 0)
    agreed = count / max(sum(group.votes.values()), 1)
    if group.shaped and named == group.shaped:
        return Proposal(named, SURE, f"its place in the figure and {_name_words(part, own, named)}")
    if named and (not group.shaped or group.shaped == "extra"):
        sure = NAMED if own == named else NAMED - 0.1
        return Proposal(named, sure * max(agreed, 0.7), _name_words(part, own, named))
    if group.shaped and not named:
        return Proposal(group.shaped, GUESSED if group.shaped == "extra" else SHAPED, "its place in the figure")
    if group.shaped:
        return Proposal(named if agreed > 0.7 else group.shaped, 0.45, f"name says {named}, place says {group.shaped}")
    return _by_name(part)


def _name_words(part: Shaped, own: str, named: str) -> str:
    return "its name" if own == named else "the names of its alternatives"


def _by_name(part: Shaped) -> Proposal:
    slot = guess_slot(part.name)
    return Proposal(slot, GUESSED if slot == "extra" else 0.6, "its name alone")


def _inherit(relation: Relation, proposals: dict[str, Proposal]) -> None:
    """Twins and supported copies go where the part they repeat goes; an unplaced mirror twin goes to the other side."""
    if relation.kind not in ("duplicate", "supported", "mirror") or len(relation.parts) < 2:
        return
    first, second = relation.parts[:2]
    for one, other in ((first, second), (second, first)):
        known = proposals.get(one)
        weak = other not in proposals or (relation.kind == "mirror" and proposals[other].confidence <= GUESSED)
        if known and weak:
            slot = OTHER_SIDE.get(known.slot, known.slot) if relation.kind == "mirror" else known.slot
            words = {"duplicate": "same shape as", "supported": "supported copy of", "mirror": "mirror twin of"}
            proposals[other] = Proposal(
                slot, known.confidence * 0.95, f"{words[relation.kind]} another in {known.slot}"
            )


def repeats(stated: Iterable[Relation]) -> set[str]:
    """Ids of parts that repeat others (duplicates, supported copies, assembled copies): no build needs them.

    A copy that has a joint of its own is needed: an arm that equals the other arm.
    """
    kept = [r for r in stated if not r.overruled]
    placed = {i for r in kept if r.kind in ("joint", "alternative") for i in r.parts}
    second = {i for r in kept if r.kind == "duplicate" for i in _idle(r.parts[0], r.parts[1], placed)}
    second |= {r.parts[1] for r in kept if r.kind == "supported" and len(r.parts) > 1}
    return second | {r.parts[0] for r in kept if r.kind == "whole"}
