"""A stroke's minutes follow the zone it is put on: the usual figure's are the recipe's, a giant's are more, but less than its skin."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from numerus.book.book import Book
from numerus.domain.painting.recipes import RecipeStep
from numerus.domain.stages import LEVELS
from numerus.paint.scheme import strokes_for
from numerus.paint.stroke_minutes import MOST, figure_sizes, sizes_by_figure, stroke_times, zone_work_cm2
from numerus.paint.techniques import TECHNIQUES

STEP = RecipeStep("s", "Base", "base", (("p", 1.0),), 0.5, "brush", 3.0, 20.0)


@given(st.sampled_from(sorted(TECHNIQUES)), st.floats(0.01, 100), st.floats(1.0, 10), st.floats(0.05, 30))
def test_more_skin_takes_longer_but_never_in_proportion(
    technique: str, size: float, more: float, minutes: float
) -> None:
    """The usual zone takes what the recipe says."""
    step = replace(STEP, technique=technique, minutes=minutes)
    assert stroke_times(step, 1.0) == pytest.approx(1.0)
    one, other = stroke_times(step, size), stroke_times(step, size * more)
    assert one <= other <= one * more + 1e-9


def test_a_giant_takes_hours_where_a_footman_takes_minutes(demo: Book) -> None:
    """The Heron has many times a footman's skin: its strokes of the zones they share are longer, the middle figure's as told."""
    plans, army = demo.plans, sizes_by_figure(demo.plans)
    footmen = [f for f in plans.figures.values() if f.unit_id == "lock"]
    heron = next(f for f in plans.figures.values() if f.unit_id == "heron")
    mine, theirs = zone_work_cm2(plans, heron), zone_work_cm2(plans, footmen[0])
    shared = set(mine) & set(theirs)
    assert sum(mine.values()) > 3 * sum(theirs.values()) and shared
    scheme = plans.scheme_for(heron)
    assert scheme is not None
    told = [
        sum(s.minutes for s in strokes_for(scheme, own, LEVELS[-1], army[f.id].zones) if s.zone in shared)
        for f, own in ((heron, mine), (footmen[0], theirs))
    ]
    assert told[0] > 1.5 * told[1]
    assert army[heron.id].whole_times > 1.5 > army[footmen[0].id].whole_times


def test_borders_are_work_as_skin_is(demo: Book) -> None:
    """What a zone is worth is its skin and six tenths of a square millimetre for each millimetre of border, of all its parts."""
    figure = next(f for f in demo.plans.figures.values() if f.unit_id == "lock")
    work, cm2 = zone_work_cm2(demo.plans, figure), demo.plans.zone_areas_cm2(figure)
    borders = [b for p in figure.build.values() for b in demo.plans.part_zones[p].borders_mm]
    assert work.keys() == cm2.keys()
    for zone in work:
        mm = sum(length for one, other, length in borders if zone in (one, other))
        assert work[zone] == pytest.approx(cm2[zone] + 0.006 * mm)


def test_alone_or_all_alike_every_figure_is_the_usual_one(demo: Book) -> None:
    """So that what was typed for it holds; a figure without named zones takes what was told, too."""
    figure = next(f for f in demo.plans.figures.values() if f.unit_id == "lock")
    bare = replace(figure, id="bare", build={})
    sizes = figure_sizes(demo.plans, [figure, replace(figure, id="twin"), bare])
    assert np.allclose([*sizes[figure.id].zones.values(), *sizes["twin"].zones.values()], 1.0)
    assert sizes["bare"].whole_times == 1.0 and not sizes["bare"].zones


def test_what_was_measured_wrongly_does_not_run_away() -> None:
    """A zone named by mistake on one hair, or on all of a giant, stays within bounds."""
    assert stroke_times(STEP, 1e9) == MOST and stroke_times(STEP, 0.0) >= 0.05
