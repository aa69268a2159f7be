"""No edit of a scheme changes what the journal says was done."""

from __future__ import annotations

from dataclasses import replace
from datetime import timedelta
from itertools import count

from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from helpers import EVENING
from numerus.book.book import Book
from numerus.domain.journal import Fact
from numerus.domain.painting.recipes import FinishStep, Recipe, Scheme
from numerus.paint.rack.pots import rack_of
from numerus.paint.rows import ID, from_rows, to_rows
from numerus.progress.done_facts import step
from numerus.progress.history import History
from numerus.progress.standing import FigureStanding, standing

LATER = EVENING + timedelta(hours=1)


def edited(book: Book, edits: list[tuple[str, int]]) -> Scheme:
    """The scheme after edits of its table: rows put in, taken out, moved, renamed."""
    plans, ids = book.plans, count()
    assert plans.scheme is not None
    rows = to_rows(plans.scheme, rack_of(plans), plans.zones)
    for what, at in edits:
        n = at % max(len(rows), 1)
        if what == "insert":
            rows.insert(n, [*rows[n][:ID], ""])
        elif what == "remove" and len(rows) > 1:
            rows.pop(n)
        elif what == "move":
            rows.insert(0, rows.pop(n))
        elif what == "rename":
            rows[n] = [rows[n][0], "Another name", *rows[n][2:]]
        elif what == "copy":
            rows.append(list(rows[n]))
    return from_rows(plans.scheme, rows, rack_of(plans), plans.zones, lambda: f"new-{next(ids)}", LATER)[0]


EDITS = st.lists(
    st.tuples(st.sampled_from(["insert", "remove", "move", "rename", "copy"]), st.integers(0, 60)), max_size=6
)


@settings(max_examples=30, suppress_health_check=[HealthCheck.function_scoped_fixture])
@given(EDITS)
def test_what_was_done_stays_done_and_nothing_else_becomes_so(demo: Book, edits: list[tuple[str, int]]) -> None:
    """For every figure: what is painted of it is what was; a step that is new was done on nobody; who was ready is."""
    before = standing(demo.plans, demo.history)
    changed = edited(demo, edits)
    after = standing(replace(demo.plans, schemes={changed.id: changed}), demo.history)
    old = {s.id for r in demo.plans.scheme.recipes for s in r.steps}  # type: ignore[union-attr]
    new = {s.id for r in changed.recipes for s in r.steps} - old
    for name, figure in before.figures.items():
        assert after.figures[name].painted == figure.painted
        assert not new & after.figures[name].painted
        if figure.stage == "ready":
            assert after.figures[name].stage == "ready"
    ids = [s.id for r in changed.recipes for s in r.steps]
    assert len(set(ids)) == len(ids)


def test_a_row_put_before_others_moves_no_ticks(demo: Book) -> None:
    """The step before it is still the one that was done; the new one is open on whoever is being painted."""
    coat = next(r for r in demo.plans.scheme.recipes if r.zone == "coat")  # type: ignore[union-attr]
    changed = edited(demo, [("insert", 0)])
    now = next(r for r in changed.recipes if r.zone == "coat")
    assert [s.id for s in now.steps[1:]] == [s.id for s in coat.steps]
    found = standing(replace(demo.plans, schemes={changed.id: changed}), demo.history)
    painting = next(f for f in found.at("paint") if coat.steps[0].id in f.painted)
    assert now.steps[0].id in {s.key for s in painting.next_strokes}


def test_a_finishing_step_added_later_is_asked_of_who_is_not_ready_yet(demo: Book) -> None:
    """Of the others it is asked, of the ready ones it is not."""
    scheme = demo.plans.scheme
    assert scheme is not None
    decals = FinishStep("decals", "Decals", 4.0, 30.0, LATER)
    changed = replace(scheme, finish=(decals, *scheme.finish))
    found = standing(replace(demo.plans, schemes={scheme.id: changed}), demo.history)
    ready = {f.figure.id for f in standing(demo.plans, demo.history).at("ready")}
    assert ready and ready == {f.figure.id for f in found.at("ready")}
    assert all(decals in f.finish_left for f in found.at("finish"))


def test_an_army_with_none_of_the_demos_words_walks_from_paint_to_ready(demo: Book) -> None:
    """Zones, slots, units and steps called otherwise: every rule goes by what is planned, and no word is known to it."""
    plans, scheme = demo.plans, demo.plans.scheme
    assert scheme is not None
    zone = {z: f"q{n}" for n, z in enumerate(plans.zones)}
    slot = {s: f"w{n}" for n, s in enumerate(dict.fromkeys(s for u in plans.units.values() for s in u.slots))}
    recipes = tuple(
        Recipe(zone[r.zone], tuple(replace(s, id=f"{zone[r.zone]}:{n}", name=f"s{n}") for n, s in enumerate(r.steps)))
        for r in scheme.recipes
    )
    finish = tuple(replace(s, id=f"f{n}", name=f"F{n}") for n, s in enumerate(scheme.finish))
    strange = replace(
        plans,
        plates={
            p.id: replace(p, placed=tuple(replace(q, slot=slot[q.slot]) for q in p.placed)) for p in plans.plates.values()
        },
        zones={zone[z.id]: replace(z, id=zone[z.id], name=zone[z.id]) for z in plans.zones.values()},
        part_zones={i: replace(z, zones=tuple(zone[n] for n in z.zones)) for i, z in plans.part_zones.items()},
        units={
            u.id: replace(u, slots=tuple(slot[s] for s in u.slots), apart=tuple(slot[s] for s in u.apart))
            for u in plans.units.values()
        },
        figures={f.id: replace(f, build={slot[s]: p for s, p in f.build.items()}) for f in plans.figures.values()},
        schemes={scheme.id: replace(scheme, recipes=recipes, finish=finish)},
    )  # fmt: skip
    facts = [f for f in demo.history.facts if not f.figures]  # of runs and plates alone

    def walk(*more: Fact) -> FigureStanding:
        facts.extend(more)
        return standing(strange, History.of(facts)).figures["lock-0"]

    assert walk().stage == "build"
    assert walk(step("build", ("lock-0",), 9, EVENING)).stage == "prime"
    painting = walk(step("prime", ("lock-0",), 3, EVENING))
    assert painting.stage == "paint" and len(painting.strokes) > 10
    assert walk(*(step("stroke", ("lock-0",), 1, EVENING, s.key) for s in painting.strokes)).stage == "finish"
    assert walk(*(step("finish", ("lock-0",), 1, EVENING, s.id) for s in finish)).stage == "ready"
