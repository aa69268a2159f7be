"""Kits, units, figures and slots taken out: what goes with them, what stays, and all of it back with undo."""

from __future__ import annotations

from typing import Any

import pytest

from numerus.book.book import Book
from numerus.book.removal import on_other_kit, without_figures, without_kit, without_slot, without_unit
from numerus.domain.army import NONE, BuildRule, Figure, Unit
from numerus.domain.plans import Plans
from numerus.printing.runs.run_records import waiting_plates
from numerus.progress.standing import standing


def removed(book: Book, what: str) -> tuple[Plans, Plans]:
    """The plans before and after a removal."""
    before = book.plans
    waiting = waiting_plates(before.plates, standing(before, book.history).runs)
    unit = before.units["ferry"]
    changes: dict[str, Any] = {
        "figure": lambda: without_figures(before, before.figures_of("ferry")[:1], waiting),
        "unit": lambda: without_unit(before, unit, waiting),
        "kit": lambda: without_kit(before, before.kits[unit.kit_id], waiting),
        "slot": lambda: without_slot(before, unit, "head"),
    }
    book.commit(f"remove {what}", changes[what]())
    return before, book.plans


@pytest.mark.parametrize("what", ["figure", "unit", "kit", "slot"])
def test_nothing_is_left_of_what_goes_and_undo_brings_all_back(demo: Book, what: str) -> None:
    """No figure without a unit, no build or plate that waits with a part or figure that is gone; then all as before."""
    before, after = removed(demo, what)
    assert after != before
    assert all(f.unit_id in after.units for f in after.figures.values())
    assert {p for f in after.figures.values() for p in f.build.values()} <= set(after.parts) | {NONE, "bought"}
    assert all(u.kit_id in ("", *after.kits) for u in after.units.values())
    for plate in waiting_plates(after.plates, standing(after, demo.history).runs):
        assert plate.placed and all(
            p.part_id in after.parts and p.figure_id in ("", *after.figures) for p in plate.placed
        )
    demo.undo()
    assert demo.plans == before


def test_what_was_printed_stays_and_others_are_not_touched(demo: Book) -> None:
    """Plates of runs that began keep what lies on them; other units keep their figures and builds."""
    ran = {r.plate_id for r in standing(demo.plans, demo.history).runs.values()}
    before, after = removed(demo, "unit")
    assert {i: before.plates[i] for i in ran} == {i: after.plates[i] for i in ran}
    assert {f.id: f for f in before.figures.values() if f.unit_id != "ferry"} == dict(after.figures)
    assert after.kits == before.kits


def test_a_unit_on_another_kit_keeps_no_ghosts(demo: Book) -> None:
    """Builds lose parts of the earlier kit and slots the unit has no more, the unit its rules and numbers; what is bought or empty stays."""
    from dataclasses import replace

    unit = replace(demo.plans.units["ferry"], kit_id=demo.plans.units["heron"].kit_id, slots=("base", "torso"))
    figure = replace(demo.plans.figures_of("ferry")[0], build={"base": NONE, "torso": "coat_long", "head": NONE})
    unit = replace(
        unit, wanted={"head_hat": 2}, spares={"head_hat": 1}, rules=(BuildRule("apart", "head_hat", "coat_long"),)
    )
    fitted, changed = on_other_kit(demo.plans, unit, [figure])
    assert isinstance(fitted, Unit) and isinstance(changed, Figure)
    assert not fitted.wanted and not fitted.spares and not fitted.rules
    assert changed.build.get("base") == NONE and "head" not in changed.build
    own = {p.id for p in demo.plans.parts.values() if p.kit_id == unit.kit_id}
    assert set(changed.build.values()) <= own | {NONE} or "coat_long" not in demo.plans.parts
