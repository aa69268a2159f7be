"""Supports off before the lamp, after it, or part by part: minutes, marks, raw touches and what may chip."""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from types import MappingProxyType
from typing import NamedTuple

from numerus.domain.parts import Part
from numerus.words import span

BEFORE, AFTER, BY_PART = "before", "after", "by part"
SCHOOLS = (BEFORE, AFTER, BY_PART)
NAMES = {BEFORE: "supports off before the lamp", AFTER: "supports off after it", BY_PART: "supports off part by part"}
OFF_MIN_PER_TIP = {BEFORE: 0.03, AFTER: 0.06}  # warm and soft they fall away; cured they are cut one by one
OFF_LEAST_MIN = 2.0
USUAL_TIPS = 330  # on a plate that is not laid yet (default)
USUAL_TIP_MM = 0.45  # (default) across the mark a tip leaves
TORN_SHARE = {BEFORE: 1.0, AFTER: 1.4}  # (default) of a tip's section: hard resin takes skin along
MARK_MM = {BEFORE: 0.05, AFTER: 0.12}  # (default) how deep a mark is
SAND_MIN_PER_MM2 = 0.05  # (default) of marks sanded flush
FRAGILE_MM = 0.8  # walls that hard resin chips at
MOST_NAMED = 2


class Held(NamedTuple):
    """A part on its supports: how many tips hold it, how thin it is, mm (0: not measured), and the school chosen for it, "" for none."""

    name: str
    tips: int
    thinnest_mm: float
    own: str = ""

    @property
    def chips(self) -> bool:
        """Whether hard resin may chip at it."""
        return self.tips > 0 and 0 < self.thinnest_mm < FRAGILE_MM


def held(parts: Iterable[Part]) -> list[Held]:
    return [Held(p.label, p.pose.tips if p.pose else 0, p.thinnest_mm, p.supports_off) for p in parts]


def school_of(part: Held, school: str) -> str:
    """When a part's supports come off by a school; part by part, thin ones while they are soft unless it was said otherwise."""
    if school != BY_PART:
        return school
    return part.own or (BEFORE if part.chips else AFTER)


def tips_off(parts: Iterable[Held], school: str) -> dict[str, int]:
    """How many tips come off before the lamp and after it."""
    tips = {BEFORE: 0, AFTER: 0}
    for part in parts:
        tips[school_of(part, school)] += part.tips
    return tips


def supports_off_min(tips: Mapping[str, int]) -> float:
    """Minutes of hands for so many tips before the lamp and after it."""
    return max(OFF_LEAST_MIN, sum(count * OFF_MIN_PER_TIP[school] for school, count in tips.items()))


STRING_MIN, PLASTIC_TIP_MIN = 0.4, 0.05  # (defaults) a part's strings pulled and singed off, a support of plastic snapped off
STRINGS_OFF_MIN = 8.0  # (default) of a plate nobody has laid yet


def strings_off_min(parts: Sequence[Held]) -> float:
    """Minutes of hands for what comes off a filament machine: supports snapped off, strings, the first layer's foot trimmed."""
    return max(OFF_LEAST_MIN, sum(STRING_MIN + p.tips * PLASTIC_TIP_MIN for p in parts))


USUAL_OFF_MIN = supports_off_min({BEFORE: USUAL_TIPS})
"""Of a plate nobody has laid yet, by the school all begin with (default)."""


@dataclass(frozen=True)
class SupportsOff:
    """Taking the supports of a plate off by one school: tips before and after the lamp, minutes of hands, mm² of marks, the thin parts
    that may chip, and those that are done before the lamp where it goes part by part; ``shown_mm2``: of marks that are seen once all is
    built, None where nobody looked.
    """

    school: str
    tips: Mapping[str, int]
    minutes: float
    marks_mm2: float
    may_chip: tuple[str, ...] = ()
    first: tuple[str, ...] = ()
    shown_mm2: float | None = None

    @property
    def sand_min(self) -> float:
        """Of hands, to sand all marks flush."""
        return self.marks_mm2 * SAND_MIN_PER_MM2

    @property
    def deep_mm(self) -> float:
        """How deep the deepest marks are."""
        return max((MARK_MM[when] for when, count in self.tips.items() if count), default=0.0)

    @property
    def description(self) -> str:
        shown = "" if self.shown_mm2 is None else f" ({self.shown_mm2:.0f} on show)"
        marks = f"{self.marks_mm2:.0f} mm² of marks{shown}, {self.deep_mm:g} mm deep, {span(self.sand_min)} to sand"
        costs, raw = f"{span(self.minutes)}, {marks}", f"raw resin touched {self.tips[BEFORE]} times"
        if self.school == BEFORE:
            return f"Before the lamp: {costs}; {raw}."
        chips = f"may chip: {_named(self.may_chip)}" if self.may_chip else "nothing on it is thin"
        if self.school == AFTER:
            return f"After it: {costs}; {chips}."
        soft = f"before it {_named(self.first)} ({raw})" if self.first else "none before the lamp"
        return f"Part by part: {costs}; {soft}, the others after it" + (f"; {chips}." if self.may_chip else ".")


def _named(names: Sequence[str]) -> str:
    more = f" and {len(names) - MOST_NAMED} more" if len(names) > MOST_NAMED else ""
    return f"{', '.join(names[:MOST_NAMED])}{more}"


def _marks_mm2(tips: Mapping[str, int]) -> float:
    """What so many tips before the lamp and after it leave."""
    return sum(count * TORN_SHARE[when] for when, count in tips.items()) * math.pi / 4 * USUAL_TIP_MM**2


def _shown_mm2(parts: Sequence[Held], school: str, shown: Mapping[str, float]) -> float | None:
    """Of marks that are seen, by the share of each part's; None where a part with tips is not among them."""
    marked = [p for p in parts if p.tips]
    if any(p.name not in shown for p in marked):
        return None
    return sum(shown[p.name] * _marks_mm2(tips_off([p], school)) for p in marked)


def supports_off(school: str, parts: Sequence[Held], shown: Mapping[str, float] = MappingProxyType({})) -> SupportsOff:
    """What a school costs on a plate of these parts; ``shown``: by name the share of a part's marks that is seen once it is built."""
    tips = tips_off(parts, school)
    after = [p for p in parts if p.chips and school_of(p, school) == AFTER]
    first = [p.name for p in parts if p.tips and school_of(p, school) == BEFORE] if school == BY_PART else []
    return SupportsOff(
        school,
        tips,
        supports_off_min(tips),
        _marks_mm2(tips),
        tuple(dict.fromkeys(p.name for p in after)),
        tuple(dict.fromkeys(first)),
        _shown_mm2(parts, school, shown),
    )
