"""Is every part of every figure accounted for? The line that says which is on no plate yet."""

from __future__ import annotations

from collections import Counter
from collections.abc import Collection, Iterable, Mapping
from dataclasses import dataclass

from numerus.kit.builds import printed_slots, unfilled
from numerus.kit.plan import Figure, Part, Unit

Copy = tuple[str, str]
"""A part a figure needs: (figure id, slot)."""


@dataclass(frozen=True)
class Completeness:
    """``unfilled``: (figure, slot) without a part; ``owed``: copies on no plate; ``accounted``: copies that are."""

    unfilled: tuple[Copy, ...]
    owed: tuple[Copy, ...]
    accounted: tuple[Copy, ...]

    @property
    def whole(self) -> bool:
        return not (self.unfilled or self.owed)


def completeness(unit: Unit, figures: Iterable[Figure], accounted: Collection[Copy]) -> Completeness:
    """``accounted``: copies that lie on a plate which has not failed, or are printed already."""
    empty: list[Copy] = []
    owed: list[Copy] = []
    there: list[Copy] = []
    for figure in figures:
        empty += [(figure.id, slot) for slot in unfilled(figure, unit)]
        for slot in printed_slots(figure):
            copy = (figure.id, slot)
            (there if copy in accounted else owed).append(copy)
    return Completeness(tuple(empty), tuple(owed), tuple(there))


def sentence(found: Completeness, figures: Mapping[str, Figure], parts: Mapping[str, Part]) -> str:
    """The completeness line in words: what is missing first."""
    if found.whole:
        return f"Nothing is missing: all {len(found.accounted)} parts lie on plates or are printed."
    said = []
    if found.unfilled:
        slots = Counter(slot for _, slot in found.unfilled)
        said.append("no " + ", ".join(f"{slot} for {n}" for slot, n in slots.most_common(3)))
    if found.owed:
        names = Counter(parts[figures[f].build[s]].name for f, s in found.owed if figures[f].build[s] in parts)
        listed = ", ".join(f"{n} × {name}" for name, n in names.most_common(3))
        more = f" and {len(names) - 3} kinds more" if len(names) > 3 else ""
        said.append(f"on no plate yet: {listed}{more}")
    return (said[0][0].upper() + said[0][1:] + ("; " + said[1] if len(said) > 1 else "")) + "."
