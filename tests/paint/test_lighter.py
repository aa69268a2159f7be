"""Lighter ways to paint: which strokes are left, and that a figure by them takes less and looks otherwise."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from numerus.book.book import Book
from numerus.book.part_meshes import zoned_part
from numerus.domain.stages import LEVELS
from numerus.paint.figure.built import built_figure
from numerus.paint.lighter import LOWEST, NAMES, ONE_COAT, SMALL_SHARE, SMALL_ZONES, lightened, lighter_scheme
from numerus.paint.rack.pots import rack_of
from numerus.progress.lighter_work import lighter_paint_min
from numerus.progress.pace.rates import rates_of
from numerus.progress.standing import standing


def test_each_way_leaves_out_what_it_says(demo: Book) -> None:
    """The lowest level only its strokes; small zones their first; one coat two strokes at most; nothing else is changed."""
    plans = demo.plans
    figure = plans.figures["lock-3"]
    scheme, areas, rack = plans.scheme_on(figure), plans.zone_areas_cm2(figure), rack_of(plans)
    small = {z for z, a in areas.items() if a < SMALL_SHARE * sum(areas.values())}
    ways = {kind: lighter_scheme(scheme, kind, areas, rack) for kind in NAMES}
    for kind, way in ways.items():
        for before, after in zip(scheme.recipes, way.recipes, strict=True):
            assert before.zone == after.zone and len(after.steps) <= len(before.steps), kind
    assert all(s.level == LEVELS[0] for r in ways[LOWEST].recipes for s in r.steps)
    assert all((len(r.steps) == 1) == (r.zone in small or len(b.steps) == 1) for r, b in zip(ways[SMALL_ZONES].recipes, scheme.recipes, strict=True) if r.zone in areas)  # fmt: skip
    assert all(len(r.steps) <= 2 for r in ways[ONE_COAT].recipes) and small


def test_minutes_left_fall_and_who_is_begun_is_not_begun_anew(demo: Book) -> None:
    """The Lock watch is half painted: one coat saves nothing there; the Ferry watch has all before it."""
    plans, found = demo.plans, standing(demo.plans, demo.history)
    rate = rates_of(plans, demo.history.facts)
    level = {u: plans.units[u].level for u in plans.units}
    for unit in ("lock", "ferry"):
        left = sum(s.minutes * rate["paint"].factor_of(s.step.technique) for f in found.figures.values() if f.unit.id == unit for s in f.next_strokes)  # fmt: skip
        minutes = {kind: lighter_paint_min(plans, found, unit, kind, rate) for kind in NAMES}
        begun = any(f.painted for f in found.figures.values() if f.unit.id == unit)
        assert (minutes[ONE_COAT] >= left) == begun
        assert level[unit] == LEVELS[0] or minutes[LOWEST] < left
        assert minutes[SMALL_ZONES] > 0


def test_both_ways_are_painted_in_one_light(demo: Book) -> None:
    """As large as asked, the lighter one quicker and not the same picture; the same scheme loses nothing."""
    plans = demo.plans
    figure = plans.figures["lock-3"]
    parts = [zoned_part(demo, p) for p in figure.build.values() if p in plans.part_zones]
    built, _ = built_figure(parts, None, lambda _: True)
    scheme, areas, rack = plans.scheme_on(figure), plans.zone_areas_cm2(figure), rack_of(plans)
    found = lightened(built, scheme, ONE_COAT, areas, rack, (60, 70))
    assert [p.shape for p in found.pictures] == [(70, 60, 4)] * 2 and found.minutes[1] < found.minutes[0]
    assert not np.array_equal(*found.pictures)
    bare = replace(scheme, recipes=tuple(replace(r, steps=r.steps[:1]) for r in scheme.recipes))
    same = lightened(built, bare, SMALL_ZONES, areas, rack, (60, 70))
    assert np.array_equal(*same.pictures) and same.contrast_lost == pytest.approx(0)
