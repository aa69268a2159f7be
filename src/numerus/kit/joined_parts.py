"""Parts a kit joins to each other, and those that are not as large as what they were made for."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence

from numerus.domain.parts import Part, Relation

SAME_SCALE = 0.005


def joined_to(part: Part, relations: Iterable[Relation], parts: Mapping[str, Part]) -> list[Part]:
    """Parts the kit joins to this one that a build may use, bases apart: on those it only stands."""
    own = [r for r in relations if r.kind == "joint" and part.id in r.parts and not r.overruled]
    ids = dict.fromkeys(i for r in own for i in r.parts if i != part.id)
    return [parts[i] for i in ids if i in parts and parts[i].needed and "base" not in (parts[i].slot, part.slot)]


def other_sizes(part: Part, joined: Sequence[Part]) -> list[Part]:
    """Those of another scale than this part."""
    return [p for p in joined if abs(p.scale / part.scale - 1) > SAME_SCALE]


def along_with(part: Part, relations: Sequence[Relation], parts: Mapping[str, Part]) -> list[Part]:
    """All that hang together with a part by joints, itself left out: what is scaled with it so that everything fits again."""
    seen, wait = {part.id: part}, [part]
    while wait:
        for other in joined_to(wait.pop(), relations, parts):
            if other.id not in seen:
                seen[other.id] = other
                wait.append(other)
    return [p for i, p in seen.items() if i != part.id]


def names_of(others: Sequence[Part]) -> str:
    return ", ".join(p.label for p in others[:2]) + (f" and {len(others) - 2} more" if len(others) > 2 else "")


def size_words(part: Part, others: Sequence[Part]) -> str:
    """How large it is beside what it was made for."""
    they = "they are as they came" if others[0].scale == 1 else f"they are {others[0].scale:.3g} ×"
    return f"{part.scale:.3g} × as large as it came, {they}"
