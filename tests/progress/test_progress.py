"""Rates, standing, forecast, orders and costs on the demo army and on small ones."""

from __future__ import annotations

import math
from collections import Counter
from dataclasses import replace
from datetime import datetime, timedelta

import pytest

from helpers import EVENING, SATURDAY, until_painting
from numerus.book.book import Book, Removed
from numerus.domain.army import Day
from numerus.domain.journal import Fact
from numerus.domain.plans import Plans
from numerus.errors import NumerusError, PlanError
from numerus.formats.meshes.packed_mesh import unpack_mesh
from numerus.money.costs import unit_costs
from numerus.printing.runs.run_records import waiting_plates
from numerus.progress.done_facts import step
from numerus.progress.forecasting.drawn_ends import draws, simulate
from numerus.progress.forecasting.forecast import forecast, situation
from numerus.progress.history import History
from numerus.progress.pace.rates import failure_rate, rates, rates_of
from numerus.progress.painting.painting_line import paint_line
from numerus.progress.planning.next_tasks import orders, paint_batch
from numerus.progress.printing.batching import Batch, Batching, failing_spares, plates_for
from numerus.progress.printing.plating import owed_copies, plate_meshes
from numerus.progress.standing import standing
from numerus.progress.work import bottleneck, stage_throughputs, work_by_stage, work_by_unit


def logged(ratio: float, times: int) -> list[Fact]:
    return [step("build", ("f",), 10 * ratio, EVENING, planned=10, timing="timer")] * times


def test_rates_move_from_the_plan_to_what_is_logged() -> None:
    """Nothing known: the plan. A little: a little. Much: what was measured, with less doubt."""
    none, few, many = (rates(logged(1.5, n))["build"] for n in (0, 2, 400))
    assert none.factor == 1
    assert 1 < few.factor < many.factor == pytest.approx(1.5, rel=0.02)
    assert many.spread < none.spread


def test_failure_rate_is_shrunk_to_the_usual() -> None:
    """No record: a few percent; a long record: itself."""
    assert 0.02 < failure_rate(0, 0)[0] < 0.08
    middle, low, high = failure_rate(100, 1000)
    assert low < middle < high
    assert middle == pytest.approx(0.1, abs=0.01)


def test_the_demo_army_stands_where_its_story_says(demo: Book) -> None:
    """Half-way: some painted, some wet, one failed, some not begun."""
    found = standing(demo.plans, demo.history)
    assert found.counts() == {"muster": 0, "sort": 4, "pose": 1, "plate": 6, "print": 4, "wash": 3, "cure": 0, "build": 2, "prime": 4, "paint": 7, "finish": 2, "ready": 1}  # fmt: skip
    assert any(c.failures for c in found.copies.values())


def test_each_figure_stands_at_exactly_one_stage_and_a_step_moves_it_on(demo: Book) -> None:
    """Building the sergeant takes him from Build to Prime and nobody else anywhere."""
    before = standing(demo.plans, demo.history)
    after = standing(demo.plans, History.of([*demo.history.facts, step("build", ("bell-0",), 12, EVENING)]))
    moved = {i for i in before.figures if before.figures[i].stage != after.figures[i].stage}
    assert moved == {"bell-0"}
    assert after.figures["bell-0"].stage == "prime"


def test_the_forecast_is_ordered_and_seeded(demo: Book) -> None:
    """Twenty dots in order, the same each time; chances agree with them."""
    one, other = (forecast(demo.plans, demo.history, EVENING) for _ in range(2))
    assert one == other
    assert list(one.dots) == sorted(one.dots)
    assert one.in_time == sum(d <= one.ready_by for d in one.dots)
    assert one.most[0] <= one.half[0] <= one.middle <= one.half[1] <= one.most[1]


def test_more_time_is_never_later_and_less_work_never_longer(demo: Book) -> None:
    """With the same dice, draw by draw."""
    s, dice = situation(demo.plans, demo.history, EVENING), draws(count=200)
    base = simulate(s, dice)[""]
    assert (simulate(replace(s, extra_evening_min=60), dice)[""] <= base + 1e-9).all()
    less = replace(s, units=tuple(replace(u, hands={k: m * 0.5 for k, m in u.hands.items()}) for u in s.units))
    assert (simulate(less, dice)[""] <= base + 1e-9).all()


def test_hours_left_agree_between_band_and_units(demo: Book) -> None:
    """The same minutes, summed either way."""
    found, rate = standing(demo.plans, demo.history), rates_of(demo.plans, demo.history.facts)
    by_stage = sum(w.hands for w in work_by_stage(demo.plans, found, rate).values())
    by_unit = sum(u.hands_total for u in work_by_unit(demo.plans, found, rate))
    assert by_stage == pytest.approx(by_unit)
    assert forecast(demo.plans, demo.history, EVENING).hands_left_min == pytest.approx(by_unit)


def test_the_bottleneck_is_the_narrowest_gate(demo: Book) -> None:
    """Painting, in this army."""
    found = stage_throughputs(demo.plans, standing(demo.plans, demo.history), rates(demo.history.facts))
    gate = bottleneck(found)
    assert gate is not None and gate.stage == "paint"
    assert gate.per_week == min(g.per_week for g in found if math.isfinite(g.per_week))


def test_an_army_without_hours_or_no_army_is_said(demo: Book) -> None:
    """In words, not as infinity."""
    idle = replace(demo.plans, army=replace(demo.plans.army, week=(Day(0),) * 7))
    with pytest.raises(PlanError, match="hobby"):
        forecast(idle, demo.history, EVENING)
    with pytest.raises(NumerusError):
        forecast(Plans(), [], EVENING)


def test_orders_fit_the_evening_and_begin_with_what_is_wet(demo: Book) -> None:
    """The hanging plate first, then washing; no more than the time there is; nothing ordered twice."""
    found = orders(demo.plans, demo.history.facts, standing(demo.plans, demo.history), EVENING)
    assert found.listed[0].title.startswith("Lift the plate")
    assert found.work_min <= found.minutes
    assert len({o.title + o.detail for o in found.listed}) == len(found.listed)
    assert all(o.cautions for o in found.listed if o.bench == "wash")


def test_an_order_of_paint_tells_how_often_its_mix_is_wanted_again(demo: Book) -> None:
    """Every figure that still wants the stroke is in the order or among those to come, ten to a session."""
    _, found = until_painting(demo)
    now = standing(demo.plans, demo.history)
    order = next(o for o in found if "to come" in o.detail)
    key = order.facts[0].event.key  # type: ignore[union-attr]
    wanting = sum(any(s.key == key for s in f.next_strokes) for f in now.figures.values())
    left = wanting - len(order.facts)
    assert f"the same for {left} figures to come, {-(-left // 10)} more session" in order.detail


def test_ticking_every_order_evening_after_evening_brings_the_lock_watch_home(demo: Book) -> None:
    """The orders alone lead a unit from paint to ready."""
    now = SATURDAY
    for _ in range(40):
        found = orders(demo.plans, demo.history.facts, standing(demo.plans, demo.history), now)
        facts = [f for o in found.listed for f in o.facts]
        demo.commit("evening", facts=[f._replace(at=now) for f in facts])
        now += timedelta(days=1)
        stages = {f.stage for f in standing(demo.plans, demo.history).figures.values() if f.unit.id == "lock"}
        if stages == {"ready"}:
            return
    pytest.fail(f"still at {stages}")


def test_the_paint_line_knows_what_is_done(demo: Book) -> None:
    """Only strokes still wanted are on it."""
    found = standing(demo.plans, demo.history)
    batch = paint_batch(found)
    planned = {
        (d.figure_id, d.stroke.key)
        for b in paint_line(demo.plans, demo.history.facts, batch, EVENING)
        for d in b.strokes
    }
    assert planned == {(f.figure.id, s.key) for f in batch for s in f.next_strokes}


def test_plates_hold_everything_owed_and_then_nothing_is(demo: Book) -> None:
    """One action for a unit; afterwards the completeness is whole; each exported mesh lies on the plate."""
    plans, found = demo.plans, standing(demo.plans, demo.history)

    def mesh_of(digest: str):  # type: ignore[no-untyped-def]
        return unpack_mesh(demo.blob(digest))

    owed = owed_copies(plans, found, "kiln")
    ids = iter(range(1000))
    teal, new_id = [plans.machines["teal"]], lambda: f"n{next(ids)}"
    plates = plates_for(Batching(plans, found, teal, mesh_of, new_id, EVENING), ["kiln"]).plates
    assert sorted((p.figure_id, p.slot) for plate in plates for p in plate.placed if p.figure_id) == sorted(owed)
    demo.commit("plates", plates)
    assert owed_copies(demo.plans, standing(demo.plans, demo.history), "kiln") == []
    for _, mesh in plate_meshes(plates[0], plans, mesh_of):
        low, high = mesh.bounds_mm
        assert low[:2].min() >= 0 and high[0] <= 218 and high[1] <= 123
    with pytest.raises(PlanError):
        plates_for(Batching(demo.plans, standing(demo.plans, demo.history), teal, mesh_of, new_id, EVENING), ["kiln"])


def test_a_batch_of_units_takes_no_longer_than_unit_after_unit(demo: Book) -> None:
    """Waiting plates taken apart and packed together: every owed copy lies on one plate, fewer minutes, and it is said."""
    waiting = waiting_plates(demo.plans.plates, standing(demo.plans, demo.history).runs)
    demo.commit("apart", [Removed("plate", p.id) for p in waiting])
    plans, found = demo.plans, standing(demo.plans, demo.history)
    units = [u.id for u in plans.units_in_order()]
    owed = sorted(c for u in units for c in owed_copies(plans, found, u))
    assert len({figure.partition("-")[0] for figure, _ in owed}) > 1
    ids = iter(range(1000))
    told: list[Batch] = []
    both = list(plans.machines.values())
    made_of = Batching(plans, found, both, lambda b: unpack_mesh(demo.blob(b)), lambda: f"n{next(ids)}", EVENING)
    batch = plates_for(made_of, units, better=told.append)
    assert {p.machine_id for p in batch.plates} == {m.id for m in both} and told[-1].ends == batch.ends
    spares = [p.part_id for plate in batch.plates for p in plate.placed if not p.figure_id]
    assert Counter(spares) >= Counter(failing_spares(plans, found, owed))
    assert sorted((p.figure_id, p.slot) for plate in batch.plates for p in plate.placed if p.figure_id) == owed
    assert sum(p.minutes for p in batch.plates) <= batch.apart_minutes
    assert len(batch.plates) <= batch.apart_plates
    assert "of machine" in batch.description


def test_costs_add_up_and_lie_below_the_bought_price(demo: Book) -> None:
    """Kit shares sum to the kit's price; hands are kept beside, not in."""
    costs = unit_costs(demo.plans, standing(demo.plans, demo.history))
    wickmen = sum(costs[u].kit for u in ("lock", "ferry", "kiln", "bell"))
    assert wickmen == demo.plans.kits["wickmen"].price_pence
    assert costs["lock"].hands_min > 100
    assert costs["lock"].total < 4200


def test_the_clock_may_stand_past_the_date(demo: Book) -> None:
    """A date that is past gives no chance in twenty, and no error."""
    late = datetime(2027, 1, 1, 20)
    assert forecast(demo.plans, demo.history, late).in_time == 0
