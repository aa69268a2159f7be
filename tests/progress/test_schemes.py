"""Several schemes in one army: a unit painted by its own is planned, charged and told by it; the others by the army's."""

from __future__ import annotations

from dataclasses import replace

import pytest

from helpers import EVENING, until_painting
from numerus.book.book import Book
from numerus.domain.painting.recipes import Accent, FinishStep
from numerus.domain.stages import NUMBER
from numerus.paint.looks import with_recipe
from numerus.paint.rack.pots import rack_of
from numerus.paint.rack.rack_edits import put_in_place, uses_of
from numerus.progress.done_facts import step
from numerus.progress.history import History
from numerus.progress.painting.paint_stock import done_strokes, needed_by_unit
from numerus.progress.planning.next_tasks import orders
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
    kept = {f.figure.id: ["glue-on:back"] * (f.number <= NUMBER["build"] and "back" in f.figure.build) for f in bells}
    assert all([s.id for s in f.finish] == [*kept[f.figure.id], "wax"] for f in bells if not f.finished)
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


def test_a_colour_left_open_is_decided_on_before_its_zone_is_painted(demo: Book) -> None:
    """The order asks for it in place of that zone's strokes, which are planned as long; a pot put in another's place is so there, too."""
    scheme = demo.plans.scheme
    now, usual = until_painting(demo)
    painted = next(t for t in usual if " on " in t.title)
    name = painted.title.partition(" on ")[2].partition(",")[0]
    zone = next(z.id for z in demo.plans.zones.values() if z.name == name)
    recipe = next(r for r in scheme.recipes if r.zone == zone)
    other = Accent("#2F4A66", tuple((s.id, (("eel", 1.0),)) for s in recipe.steps))
    demo.commit("left open", [with_recipe(scheme, replace(recipe, undecided=(other,)))])
    asked = orders(demo.plans, demo.history.facts, standing(demo.plans, demo.history), now).listed
    first = next(t for t in asked if t.bench == "paint")
    assert first.title == f"Decide the colour of {name}" and first.asks == "paint" and not first.facts
    assert "as it is or" in first.detail
    assert not [t for t in asked if f" on {name}," in t.title]
    changed = next(d for d in put_in_place(demo.plans, "eel", (("slate", 1.0),), EVENING) if d.id == scheme.id)
    assert next(r for r in changed.recipes if r.zone == zone).undecided[0].mixes[0][1] == (("slate", 1.0),)


def test_accents_go_over_a_unit_in_turns(demo: Book) -> None:
    """With one accent every second figure has its mixes, by the same strokes; a pot put in another's place is so there, too."""
    scheme = demo.plans.scheme
    coat = next(r for r in scheme.recipes if r.zone == "coat")
    accent = Accent("navy", tuple((s.id, (("eel", 1.0),)) for s in coat.steps[:2]))
    demo.commit("turns", [with_recipe(scheme, replace(coat, accents=(accent,)))])
    plans, found = demo.plans, standing(demo.plans, demo.history).figures
    for figure in plans.figures_of("lock"):
        own = {s.key: s.step.mix for s in found[figure.id].strokes}
        worn = [own[s.id] for s in coat.steps[:2] if s.id in own]
        assert worn == (
            [(("eel", 1.0),)] * len(worn) if figure.order % 2 else [s.mix for s in coat.steps[:2] if s.id in own]
        )
    assert any("coat" in use.words for use in uses_of(plans, "eel"))
    changed = next(d for d in put_in_place(plans, "eel", (("slate", 1.0),), EVENING) if d.id == plans.scheme.id)
    assert next(r for r in changed.recipes if r.zone == "coat").accents[0].mixes[0][1] == (("slate", 1.0),)
    path = demo.path
    demo.close()
    again = Book.open(path)
    assert again.plans.scheme == plans.scheme
    again.close()


def test_layers_are_those_of_the_machine_a_part_was_printed_on(demo: Book) -> None:
    """By the last plate it lies on; a part on none by the army's first machine, without any by the usual."""
    plans = demo.plans
    plate = max(plans.plates.values(), key=lambda p: p.order)
    part = plate.placed[0].part_id
    coarse = replace(plans.machines[plate.machine_id], layer_mm=0.2)
    changed = replace(plans, machines={**plans.machines, coarse.id: coarse})
    assert changed.layer_mm_of(part) == 0.2
    first = next(iter(plans.machines.values()))
    assert plans.layer_mm_of("nowhere") == first.layer_mm
    assert replace(plans, machines={}).layer_mm_of(part) == 0.05
