"""Several schemes in one army: a unit painted by its own is planned, charged and told by it; the others by the army's."""

from __future__ import annotations

from dataclasses import replace

import pytest

from helpers import EVENING
from numerus.book.book import Book
from numerus.domain.recipes import FinishStep
from numerus.paint.rack.pots import rack_of
from numerus.progress.history import History
from numerus.progress.next_tasks import step
from numerus.progress.painting.paint_stock import done_strokes, needed_by_unit
from numerus.progress.standing import standing


@pytest.fixture
def two(demo: Book) -> Book:
    """The Bellringers by a scheme of their own: one stroke of oil-dark wood everywhere, one finishing step."""
    army = demo.plans.scheme
    recipes = tuple(replace(r, steps=(replace(r.steps[0], mix=(("oak", 1.0),), minutes=1.0),)) for r in army.recipes)
    own = replace(
        army, id="own", name="Bells", recipes=recipes, finish=(FinishStep("wax", "Wax", 5.0, 30.0),), prime_minutes=9.0
    )
    demo.commit(
        "own", [own, replace(demo.plans.units["bell"], scheme_id="own"), replace(demo.plans.army, scheme_id=army.id)]
    )
    return demo


def test_a_unit_is_painted_and_finished_by_its_own_scheme(two: Book) -> None:
    """Its strokes and finishing steps are the scheme's own, the others' what they were."""
    plans = two.plans
    found = standing(plans, two.history).figures
    bells = [f for f in found.values() if f.unit.id == "bell"]
    assert bells and all({s.step.minutes for s in f.strokes} == {1.0} for f in bells)
    assert all([s.id for s in f.finish] == ["wax"] for f in bells if not f.finished)
    assert all("wax" not in {s.id for s in f.finish} for f in found.values() if f.unit.id != "bell")
    assert plans.scheme_of("lock") == plans.scheme != plans.scheme_of("bell")


def test_paint_is_charged_by_the_scheme_a_figure_has(two: Book) -> None:
    """The Bellringers ask for oak alone; a stroke done on both kinds of figures is charged to each one's own pots."""
    plans, rack = two.plans, rack_of(two.plans)
    need = needed_by_unit(plans, two.history, rack)
    assert set(need["bell"]) & set(plans.paints) <= {"oak"} | {
        p.id for p in plans.paints.values() if p.kind in ("primer", "varnish", "medium", "thinner")
    }
    first = plans.scheme.recipes[0].steps[0].id
    figures = (plans.figures_of("bell")[0].id, plans.figures_of("lock")[0].id)
    done = done_strokes(step("stroke", figures, 4.0, EVENING, first), plans)
    assert [dict(s.step.mix) for s, _ in done][0] == {"oak": 1.0} and len(done) == 2
    assert dict(done[1][0].step.mix) == dict(plans.scheme.recipes[0].steps[0].mix)


def test_a_scheme_that_is_gone_leaves_the_army_s(two: Book) -> None:
    """A unit whose scheme is not there any more is painted by the army's."""
    plans = replace(two.plans, units={**two.plans.units, "bell": replace(two.plans.units["bell"], scheme_id="nowhere")})
    assert plans.scheme_of("bell") == plans.scheme
    assert standing(plans, History()).figures
