"""Taking out kits, units, figures and slots: what else goes with them, as one edit that can be undone.

What was printed stays printed: plates of runs that were started keep what lies on them. From plates that still wait the parts of
what goes are taken, and a plate without parts goes, too.
"""

from __future__ import annotations

from collections.abc import Collection
from dataclasses import replace
from typing import Any

from numerus.book.book import Removed
from numerus.domain.army import Figure, Unit
from numerus.domain.parts import Kit
from numerus.domain.plans import Plans
from numerus.domain.printing.plates import Plate
from numerus.progress.printing.plating import measured_plate

Change = Any
"""A document to be written, or one Removed."""


def without_figures(plans: Plans, figures: Collection[Figure], waiting: Collection[Plate]) -> list[Change]:
    """``waiting``: plates no run was started for."""
    ids = {f.id for f in figures}
    return [*(Removed("figure", i) for i in ids), *_cleared(plans, waiting, gone_figures=ids)]


def without_unit(plans: Plans, unit: Unit, waiting: Collection[Plate]) -> list[Change]:
    """The unit and its figures; its kit stays for others."""
    return [Removed("unit", unit.id), *without_figures(plans, plans.figures_of(unit.id), waiting)]


def without_kit(plans: Plans, kit: Kit, waiting: Collection[Plate]) -> list[Change]:
    """The kit with its parts; units built from it have no kit then, and their builds lose its parts."""
    parts = {p.id for p in plans.parts.values() if p.kit_id == kit.id}
    changes: list[Change] = [Removed("kit", kit.id), *(Removed("part", i) for i in parts)]
    changes += [Removed("part_zones", i) for i in parts if i in plans.part_zones]
    changes += [Removed("brush_stroke", s.id) for s in plans.brush_strokes.values() if s.part_id in parts]
    for unit in plans.units.values():
        if unit.kit_id == kit.id:
            changes.append(without_parts(replace(unit, kit_id=""), parts))
        elif set(unit.guests) & set(parts):
            changes.append(without_parts(unit, parts))
    changes += [f for f in (_bare(f, parts) for f in plans.figures.values()) if f is not None]
    return [*changes, *_cleared(plans, waiting, gone_parts=parts)]


def without_parts(unit: Unit, parts: Collection[str]) -> Unit:
    """The unit without rules, numbers and spares of parts that go, and without those as guests."""
    return replace(
        unit, rules=tuple(r for r in unit.rules if not {r.a, r.b} & set(parts)),
        wanted={i: n for i, n in unit.wanted.items() if i not in parts},
        spares={i: n for i, n in unit.spares.items() if i not in parts}, guests=tuple(g for g in unit.guests if g not in parts),
    )  # fmt: skip


def _bare(figure: Figure, parts: Collection[str]) -> Figure | None:
    """The figure without parts that go, None where it has none of them."""
    build = {slot: part for slot, part in figure.build.items() if part not in parts}
    return replace(figure, build=build) if build != figure.build else None


def without_slot(plans: Plans, unit: Unit, slot: str) -> list[Change]:
    """The unit without one of its slots, and its figures without what fills it."""
    figures = [f for f in plans.figures_of(unit.id) if slot in f.build]
    bare = [replace(f, build={s: p for s, p in f.build.items() if s != slot}) for f in figures]
    slots = tuple(s for s in unit.slots if s != slot)
    return [replace(unit, slots=slots, apart=tuple(s for s in unit.apart if s != slot)), *bare]


def on_other_kit(plans: Plans, unit: Unit, figures: Collection[Figure]) -> list[Unit | Figure]:
    """A unit that has another kit now, and its figures that change: without rules, numbers and parts of earlier kits, or slots it has
    no more.
    """
    own = {p.id for p in plans.parts.values() if p.kit_id == unit.kit_id} | set(unit.guests)
    changed: list[Unit | Figure] = [without_parts(unit, set(plans.parts) - own)]
    for figure in figures:
        build = {s: i for s, i in figure.build.items() if s in unit.slots and (i in own or i not in plans.parts)}
        if build != figure.build:
            changed.append(replace(figure, build=build))
    return changed


def _cleared(
    plans: Plans, waiting: Collection[Plate], gone_figures: Collection[str] = (), gone_parts: Collection[str] = ()
) -> list[Change]:
    changes: list[Change] = []
    for plate in waiting:
        left = tuple(p for p in plate.placed if p.figure_id not in gone_figures and p.part_id not in gone_parts)
        if not left:
            changes.append(Removed("plate", plate.id))
        elif left != plate.placed:
            shorter, machine = replace(plate, placed=left), plans.machines.get(plate.machine_id)
            changes.append(measured_plate(shorter, machine, plans) if machine else shorter)
    return changes
