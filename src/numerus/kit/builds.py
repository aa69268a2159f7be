"""Builds: which part fills each slot of each figure, by rules, by numbers wanted, all different or all alike."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import replace
from itertools import islice, product

from numerus.domain.army import BOUGHT, NONE, BuildRule, Figure, Unit
from numerus.domain.parts import Part, Relation
from numerus.words import natural


def alternatives(parts: Iterable[Part], unit: Unit) -> dict[str, list[Part]]:
    """The needed parts of the unit's kit, and those of others it uses, for each of its slots, by name."""
    here = (p for p in parts if p.needed and (p.kit_id == unit.kit_id or p.id in unit.guests))
    own = sorted(here, key=lambda p: natural(p.name))
    return {slot: [p for p in own if p.slot == slot] for slot in unit.slots}


MOST_COMBINATIONS = 2000  # looked through for each figure; more alternatives than that differ enough anyway


def rules_of(unit: Unit, relations: Iterable[Relation] = ()) -> list[BuildRule]:
    """The unit's own rules, and what the kit's assembled place says: parts that clash do not go together, and what is
    held by one arm alone does not go with another arm.
    """
    stated = [r for r in relations if not r.overruled]
    build_rules = [BuildRule("apart", r.parts[0], r.parts[1]) for r in stated if r.kind == "clash"] + _held_alone(
        stated
    )
    return [*unit.rules, *(c for c in build_rules if BuildRule("needs", c.a, c.b) not in unit.rules)]


def _held_alone(relations: Sequence[Relation]) -> list[BuildRule]:
    """Parts whose every joint is with some, not all, of one set of alternatives: a weapon made for one hand."""
    group = {i: frozenset(r.parts) for r in relations if r.kind == "alternative" for i in r.parts}
    touching: dict[str, set[str]] = {}
    for r in relations:
        if r.kind == "joint":
            for one, other in (r.parts, r.parts[::-1]):
                touching.setdefault(one, set()).add(other)
    rules = []
    for part, holders in touching.items():
        sets = {group.get(h) for h in holders}
        only = sets.pop() if len(sets) == 1 else None
        rules += [BuildRule("apart", part, other) for other in sorted(only - holders)] if only else []
    return rules


def broken(build: Iterable[str], rules: Iterable[BuildRule]) -> list[BuildRule]:
    """The rules a choice of parts breaks."""
    chosen = set(build)
    return [r for r in rules if r.a in chosen and (r.b in chosen) == (r.kind == "apart")]


def with_wanted(
    figures: list[Figure], choices: Mapping[str, Sequence[Part]], wanted: Mapping[str, int]
) -> list[Figure]:
    """Give parts that are wanted in a number of figures to the first figures with that slot free."""
    changed = {f.id: f for f in figures}
    slot_of = {p.id: slot for slot, parts in choices.items() for p in parts}
    for part, number in wanted.items():
        have = sum(part in f.build.values() for f in changed.values())
        free = [f for f in changed.values() if slot_of.get(part, "?") not in f.build and part in slot_of]
        for figure in free[: max(number - have, 0)]:
            changed[figure.id] = replace(figure, build={**figure.build, slot_of[part]: part})
    return [changed[f.id] for f in figures]


def spread_builds(
    figures: list[Figure], choices: Mapping[str, Sequence[Part]], rules: Iterable[BuildRule] = (),
    wanted: Mapping[str, int] | None = None,
) -> list[Figure]:  # fmt: skip
    """Fill every empty slot so that figures differ: each takes the combination that breaks fewest rules, then is used
    least, then least like its neighbour's, then of the parts used least. Parts ``wanted`` in a number get that number.
    """
    wanted, rules = wanted or {}, list(rules)
    figures = with_wanted(figures, choices, wanted)
    changed: list[Figure] = []
    used: Counter[tuple[str, ...]] = Counter()
    parts: Counter[str] = Counter()
    for figure in figures:
        before = changed[-1].build if changed else {}
        options = [[figure.build[s]] if s in figure.build else _open_choices(choices[s], wanted) for s in choices]
        best = min(
            islice(product(*options), MOST_COMBINATIONS),
            key=lambda c: (len(broken(c, rules)), used[c], _alike(c, choices, before), sum(parts[p] for p in c)),
        )
        used[best] += 1
        parts.update(best)
        build = {**figure.build, **{slot: part for slot, part in zip(choices, best, strict=True) if part}}
        changed.append(replace(figure, build=build))
    return changed


def _open_choices(parts: Sequence[Part], wanted: Mapping[str, int]) -> list[str]:
    """Parts whose number is fixed are given out before; the rest are free, or all where nothing else is left."""
    return [p.id for p in parts if p.id not in wanted] or [p.id for p in parts] or [""]


def alike_builds(figures: list[Figure], choices: Mapping[str, Sequence[Part]], like: Figure) -> list[Figure]:
    """Fill every empty slot as in one figure; where it has none, with the first part there is."""
    first = {slot: parts[0].id for slot, parts in choices.items() if parts}
    return [replace(f, build={**first, **like.build, **f.build}) for f in figures]


def _alike(combination: Iterable[str], slots: Iterable[str], build: Mapping[str, str]) -> int:
    """How many slots a combination shares with a build."""
    return sum(build.get(slot) == part for slot, part in zip(slots, combination, strict=True))


def equals(figures: Sequence[Figure]) -> list[tuple[str, str]]:
    """Pairs of figures that are built alike, by id: each with the first of its kind."""
    met: dict[frozenset[tuple[str, str]], str] = {}
    pairs = []
    for figure in figures:
        build = frozenset(figure.build.items())
        if build in met:
            pairs.append((met[build], figure.id))
        met.setdefault(build, figure.id)
    return pairs


def printed_slots(figure: Figure) -> dict[str, str]:
    """Slot -> part id of what must come from a machine."""
    return {slot: part for slot, part in figure.build.items() if part not in (NONE, BOUGHT)}


def parts_needed(figures: Iterable[Figure]) -> Counter[str]:
    """How many of each part the figures' builds ask for."""
    return Counter(part for figure in figures for part in printed_slots(figure).values())


def unfilled(figure: Figure, unit: Unit) -> list[str]:
    """Slots of the unit for which this figure has neither a part nor a decision."""
    return [slot for slot in unit.slots if slot not in figure.build]
