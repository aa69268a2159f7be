"""Bases held against what the roster asks of a unit: parts as they measure now, and the plate of a stack."""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterable, Sequence
from dataclasses import dataclass

from numerus.domain.army import Figure, Unit
from numerus.domain.parts import Part, Relation
from numerus.domain.plans import Plans
from numerus.kit.sorting import offered_factor

BASE = "base"
AS_ASKED_MM = 0.6  # (default) a base this near is the one that was asked for: files and prints differ by less
ROUND = 0.03  # sides this near each other are those of a disc or a square


@dataclass(frozen=True)
class OtherBase:
    """A base that is not as wide as asked: ``part_id`` "" for the plate of the unit's stack; worn by so many ``figures``."""

    part_id: str
    label: str
    is_mm: float
    asked_mm: float
    figures: int

    @property
    def factor(self) -> float:
        """What makes it as wide as asked."""
        return self.asked_mm / self.is_mm


def base_mm(part: Part, relations: Iterable[Relation]) -> float | None:
    """How wide a part is as a base: its longer side; None for what is no base, or one whose size nobody can tell from its sides."""
    *_, short, long = sorted(part.extents_mm)
    if part.slot != BASE or not part.needed or long <= 0 or offered_factor(part) != 1:  # its unit is asked for first
        return None
    plain = long - short <= ROUND * long
    told = (r.kind == BASE and r.parts[0] == part.id and not r.overruled for r in relations)
    return long if plain or any(told) else None


def other_bases(
    unit: Unit, parts: Sequence[Part], relations: Sequence[Relation], figures: Sequence[Figure]
) -> list[OtherBase]:
    """What is not as the unit asks, the most worn first; a base no figure wears counts where none is worn."""
    if unit.stack:
        foot = unit.stack[0]
        off = abs(foot.wide_mm - unit.base_mm) > AS_ASKED_MM
        return [OtherBase("", foot.name, foot.wide_mm, unit.base_mm, len(figures))] if off else []
    worn = [f.build[BASE] for f in figures if BASE in f.build]
    found = []
    for part in parts:
        wide = base_mm(part, relations)
        many = worn.count(part.id)
        if (
            wide is not None
            and abs(wide - unit.base_mm) > AS_ASKED_MM
            and (many or not any(p.id in worn for p in parts))
        ):
            found.append(OtherBase(part.id, part.label, wide, unit.base_mm, many))
    return sorted(found, key=lambda o: -o.figures)


def other_bases_of(plans: Plans, unit_id: str) -> list[OtherBase]:
    """Of a unit of the army."""
    return other_bases_by_unit(plans, [unit_id]).get(unit_id, [])


def other_bases_by_unit(plans: Plans, unit_ids: Iterable[str]) -> dict[str, list[OtherBase]]:
    """Of several, by id; only of those where some are not as asked."""
    by_kit, of_unit = defaultdict[str, list[Part]](list), defaultdict[str, list[Figure]](list)
    for part in plans.parts.values():
        if part.slot == BASE:
            by_kit[part.kit_id].append(part)
    for figure in plans.figures.values():
        of_unit[figure.unit_id].append(figure)
    found = {}
    for unit in (plans.units[i] for i in unit_ids if i in plans.units):
        kit, guests = plans.kits.get(unit.kit_id), [plans.parts[g] for g in unit.guests if g in plans.parts]
        bases = [*by_kit[unit.kit_id], *(g for g in guests if g.slot == BASE and g.kit_id != unit.kit_id)]
        found[unit.id] = other_bases(unit, bases, kit.relations if kit else (), of_unit[unit.id])
    return {unit_id: others for unit_id, others in found.items() if others}


def base_words(found: Sequence[OtherBase]) -> str:
    """ "asks for 32 mm; plinth 1 is 28.5 (on 3 figures)", "" where all are as asked."""
    if not found:
        return ""
    listed = [
        f"{o.label} is {o.is_mm:.1f}".rstrip("0").rstrip(".") + (f" (on {o.figures})" if o.figures else "")
        for o in found[:3]
    ]
    more = f" and {len(found) - 3} more" if len(found) > 3 else ""
    return f"asks for bases of {found[0].asked_mm:g} mm: {', '.join(listed)}{more}"
