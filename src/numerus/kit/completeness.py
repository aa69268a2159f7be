"""Is every part of every figure accounted for? The line that says which is on no plate yet."""

from __future__ import annotations

from collections import Counter
from collections.abc import Collection, Iterable, Mapping
from dataclasses import dataclass

from numerus.domain.army import BOUGHT, NONE, Figure, Unit
from numerus.domain.parts import Part
from numerus.kit.builds import parts_needed, printed_slots, unfilled

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


def sentence(report: Completeness, figures: Mapping[str, Figure], parts: Mapping[str, Part]) -> str:
    """The completeness line in words: what is missing first."""
    if report.whole and not report.accounted:
        return "Nothing is known to be missing yet: no figure of this unit has a part."
    if report.whole:
        return f"Nothing is missing: all {len(report.accounted)} parts lie on plates or are printed."
    words = []
    if report.unfilled:
        slots = Counter(slot for _, slot in report.unfilled)
        words.append("no " + ", ".join(f"{slot} for {n}" for slot, n in slots.most_common(3)))
    if report.owed:
        names = Counter(parts[figures[f].build[s]].label for f, s in report.owed if figures[f].build[s] in parts)
        listed = ", ".join(f"{n} × {name}" for name, n in names.most_common(3))
        more = f" and {len(names) - 3} kinds more" if len(names) > 3 else ""
        words.append(f"on no plate yet: {listed}{more}")
    return (words[0][0].upper() + words[0][1:] + ("; " + words[1] if len(words) > 1 else "")) + "."


MISSING, OWED, PLATED, PRINTED, EMPTY, BOUGHT_IN = "missing", "owed", "plated", "printed", "empty", "bought"
MOST = 0.6  # of a unit's figures: what so many have, the others should have too
FAILS, FAILS_HAIR, FAILS_WEAK, FAILS_MOST = 0.03, 0.9, 0.25, 0.35


def slot_states(unit: Unit, figures: Iterable[Figure], copies: Mapping[Copy, str]) -> dict[Copy, str]:
    """What has become of every slot of every figure; ``copies``: state of each copy on a plate ("owed" if it failed)."""
    return {(f.id, slot): _state(f, slot, copies) for f in figures for slot in unit.slots}


def _state(figure: Figure, slot: str, copies: Mapping[Copy, str]) -> str:
    part = figure.build.get(slot)
    if part is None:
        return MISSING
    if part in (NONE, BOUGHT):
        return EMPTY if part == NONE else BOUGHT_IN
    state = copies.get((figure.id, slot), OWED)
    return state if state == OWED else PLATED if state in ("plated", "printing") else PRINTED


def odd_ones(unit: Unit, figures: Iterable[Figure]) -> list[Copy]:
    """Slots that most figures of the unit have and these have not, be it by decision or not."""
    listed = list(figures)
    odd = []
    for slot in unit.slots:
        without = [f for f in listed if f.build.get(slot, NONE) == NONE]
        if without and len(listed) - len(without) >= MOST * len(listed):
            odd += [(f.id, slot) for f in without]
    return odd


def chance_to_fail(part: Part) -> float:
    """Share of prints of a part that fail for being frail: a floor, and more the more of its skin is thin."""
    skin = max(part.surface_cm2 * 100, 1e-9)
    return min(FAILS + FAILS_HAIR * part.hair_mm2 / skin + FAILS_WEAK * part.weak_mm2 / skin, FAILS_MOST)


def spares_for(figures: Iterable[Figure], parts: Mapping[str, Part]) -> dict[str, int]:
    """Spare copies worth printing with what the figures need: the failures to be expected, to the nearest whole."""
    needed = parts_needed(figures)
    spares = {p: int(n * chance_to_fail(parts[p]) + 0.5) for p, n in needed.items() if p in parts}
    return {part: number for part, number in spares.items() if number}


def missing_for(
    part_ids: Collection[Copy], report: Completeness, figures: Mapping[str, Figure]
) -> dict[str, list[str]]:
    """For the figures on a plate: slots still on no plate when this one is closed, by figure id."""
    on_plate = {figure for figure, _ in part_ids}
    left = [c for c in (*report.unfilled, *report.owed) if c not in part_ids and c[0] in on_plate and c[0] in figures]
    return {figure: [slot for f, slot in left if f == figure] for figure in dict.fromkeys(f for f, _ in left)}
