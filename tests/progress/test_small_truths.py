"""What is said of an army before and while it is planned: nothing is claimed that was not counted."""

from __future__ import annotations

import math
from dataclasses import replace

import numpy as np
import pytest

from helpers import EVENING, box_mesh
from numerus.assembly.balance import balance, tipping_on_base_deg
from numerus.book.book import Book
from numerus.domain.army import Figure
from numerus.errors import PlanError
from numerus.kit.completeness import completeness, sentence
from numerus.post.cautions import cautions
from numerus.progress.forecasting.forecast import forecast
from numerus.progress.pace.rates import rates
from numerus.progress.standing import standing
from numerus.progress.work import stage_throughputs, uncounted, work_by_stage


def test_a_stage_lets_through_what_a_line_with_all_hands_there_does(demo: Book) -> None:
    """Figures taken one after another with a week's minutes, until the week is over: as many as the stage is said to let through."""
    found = standing(demo.plans, demo.history)
    rate = rates(demo.history.facts, demo.plans.army)
    work = work_by_stage(demo.plans, found, rate)
    army = demo.plans.army
    assert army is not None
    week = sum(day.hobby_minutes for day in army.week) * army.evenings_kept
    for gate in stage_throughputs(demo.plans, found, rate):
        if work[gate.stage].machine or not math.isfinite(gate.per_week):
            continue
        coming = [f for f in found.figures.values() if f.number <= _number(gate.stage)]
        each, left, passed = work[gate.stage].hands / len(coming), week, 0.0
        while left > 0:
            share = min(left / each, 1.0)
            passed, left = passed + share, left - each
        assert gate.per_week == pytest.approx(passed, rel=1e-6)


def _number(stage: str) -> int:
    from numerus.domain.stages import NUMBER

    return NUMBER[stage]


def test_what_has_no_parts_is_no_chance_and_nothing_is_missing_of_it_is_not_said(demo: Book) -> None:
    """No figure, or none with parts: no forecast, and the reason; one of them bare: counted as bare."""
    plans, history = demo.plans, demo.history
    kept = dict(plans.figures)
    try:
        plans.figures.clear()
        with pytest.raises(PlanError, match="no figure"):
            forecast(plans, history, EVENING)
        bare = Figure("bare", next(iter(plans.units)), "Bare", 0)
        plans.figures["bare"] = bare
        with pytest.raises(PlanError, match="no figure has parts"):
            forecast(plans, history, EVENING)
        unit = plans.units[bare.unit_id]
        assert "Nothing is missing" not in sentence(completeness(unit, [], set()), {}, {})
        plans.figures.update(kept)
        assert uncounted(plans) == ["bare"]
        assert forecast(plans, history, EVENING).uncounted == 1
    finally:
        plans.figures.clear()
        plans.figures.update(kept)


def test_a_lever_lowers_only_what_is_painted_higher(demo: Book) -> None:
    """A unit that stops at table-ready already is not offered to be taken there."""
    offered = [lever.name for lever in forecast(demo.plans, demo.history, EVENING).levers]
    lowered = [u.name.rpartition(", ")[2] for u in demo.plans.units.values() if u.level == "table"]
    assert not any(name.startswith(f"{unit} to ") for unit in lowered for name in offered)


def test_a_lower_level_helps_as_much_as_it_does_once_it_is_chosen(demo: Book) -> None:
    """The dots of a lever are those of the army whose units really are at that level: by the scheme's own strokes, not by a share."""
    plans, history = demo.plans, demo.history
    levers = {lever.name: lever.dots for lever in forecast(plans, history, EVENING).levers}
    ranks = [u for u in plans.units.values() if u.level == "good" and len(plans.figures_of(u.id)) > 1]
    assert len(ranks) > 1 and "Ranks to table-ready" in levers
    for name in [n for n in levers if n.endswith("to table-ready")]:
        chosen = (
            ranks
            if name.startswith("Ranks")
            else [u for u in plans.units.values() if u.name.endswith(name.split(" to ")[0])]
        )
        lowered = replace(plans, units={**plans.units, **{u.id: replace(u, level="table") for u in chosen}})
        really = forecast(lowered, history, EVENING).dots
        assert all(abs((a - b).days) <= 1 for a, b in zip(levers[name], really, strict=True)), name


def test_on_its_base_a_figure_stands_in_the_middle_wherever_its_kit_lies() -> None:
    """The same figure far from the origin tips at the same angle: that of the base's rim over the height of its middle."""
    here, there = (balance([box_mesh((6, 6, 20), at)]) for at in ((-3, -3, 0), (80, 40, 7)))
    angles = [tipping_on_base_deg(found, 12.5) for found in (here, there)]
    assert angles == pytest.approx([np.degrees(np.arctan2(12.5, 10))] * 2)


@pytest.mark.parametrize(
    ("stage", "words"),
    [
        ("print", "Pouring"), ("print", "pets"), ("print", "see a doctor"), ("wash", "pets"), ("cure", "goggles"),
        ("cure", "Closed hollow"), ("finish", "Varnish"), ("paint", "solvents"), ("repair", "sensitive"), ("repair", "wet, with a mask"),
        ("filament", "fumes"),
    ],
)  # fmt: skip
def test_each_danger_is_told_at_its_step(stage: str, words: str) -> None:
    """By a word of it."""
    assert any(words in line for line in cautions(stage))


def test_an_army_that_is_ready_is_said_to_be_ready_and_not_likely(demo: Book) -> None:
    """Only the figures that are done left: nothing to do for hands or machines; with one more that is not, there is."""
    found = standing(demo.plans, demo.history)
    done = {i: f.figure for i, f in found.figures.items() if f.stage == "ready"}
    units = {u: demo.plans.units[u] for u in {f.unit_id for f in done.values()}}
    ready = replace(demo.plans, figures=done, units=units)
    assert done and forecast(ready, demo.history, EVENING).nothing_left
    other = next(f.figure for f in found.figures.values() if f.stage == "paint" and f.unit.id in units)
    more = replace(ready, figures={**done, other.id: other})
    assert not forecast(more, demo.history, EVENING).nothing_left
