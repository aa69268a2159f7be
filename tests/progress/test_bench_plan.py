"""Everything the hands have left to do, on one clock: the demo army's, and what the command line tells of it."""

from __future__ import annotations

import json
from dataclasses import replace
from datetime import datetime, timedelta
from itertools import pairwise
from pathlib import Path

import pytest

from helpers import EVENING
from numerus.book.book import Book, Removed
from numerus.book.part_meshes import zoned_part
from numerus.cli.__main__ import main
from numerus.domain.plans import Plans
from numerus.errors import PlanError
from numerus.paint.figure.touching import packed_pairs, touching_key, unpacked_pairs, zones_between
from numerus.paint.priming.primer import prime_setup_min
from numerus.paint.rack.pots import rack_of
from numerus.post.supports_off import USUAL_OFF_MIN
from numerus.post.washing.emptying import Looked, hanging
from numerus.post.washing.wash import HANDS_MIN
from numerus.printing.hollow.tip import Tipping
from numerus.printing.runs.run_records import waiting_plates
from numerus.progress.pace.rates import rates, rates_of
from numerus.progress.painting.painting_line import paint_line, stroke_tasks
from numerus.progress.planning.bench_plan import BenchPlan, bench_plan
from numerus.progress.planning.next_tasks import orders, paint_batch
from numerus.progress.planning.task_kinds import parts_come_out
from numerus.progress.standing import Standing, standing
from numerus.progress.washing import Washing
from numerus.progress.work import UnitWork, work_by_unit


@pytest.fixture
def plan(demo: Book) -> BenchPlan:
    return bench_plan(demo.plans, demo.history.facts, standing(demo.plans, demo.history), EVENING)


def test_every_step_left_is_planned_once(demo: Book, plan: BenchPlan) -> None:
    """Strokes and finishing of every figure, building and priming of those not so far, plates washed and cured."""
    found = standing(demo.plans, demo.history)
    planned = [(t.task.group, t.task.key) for t in plan.tasks]
    assert len(plan.strokes) == len({(t.task.group, t.task.key) for t in plan.strokes})
    for figure in found.figures.values():
        own = {key for group, key in planned if group == figure.figure.id}
        assert {s.key for s in figure.next_strokes} <= own
        assert {s.id for s in figure.finish_left} <= own
        assert ("build" in own) == (figure.number <= 7) and ("prime" in own) == (figure.number <= 8)


def test_nothing_is_painted_before_it_is_primed_and_nothing_built_before_it_is_cured(plan: BenchPlan) -> None:
    """Each figure goes through its stages in order, each dry before the next; what hangs on a plate waits for it."""
    for group in {t.task.group for t in plan.tasks}:
        own = sorted((t for t in plan.tasks if t.task.group == group), key=lambda t: t.start)
        assert all(a.task.phase <= b.task.phase for a, b in pairwise(own))
        for one, other in pairwise(own):
            if one.task.phase < other.task.phase:
                assert other.start >= max(t.dry for t in own if t.task.phase == one.task.phase) - timedelta(seconds=1)
    assert all(a.end <= b.begun + timedelta(seconds=1) for a, b in pairwise(plan.tasks))


def test_figures_of_which_something_lies_on_no_plate_are_told(plan: BenchPlan) -> None:
    """When they come is a default: the Heron is not posed yet, the Kiln watch not plated."""
    assert "heron-0" in plan.guessed and "lock-3" not in plan.guessed


def test_zones_that_touch_across_parts_are_found_and_kept(demo: Book) -> None:
    """Skin of the arm at the coat's shoulder, say; the same for every figure of one build; kept as it was."""
    plans = demo.plans
    figure = plans.figures["lock-3"]
    key = touching_key(plans, figure)
    found = zones_between(plans, {key: figure}, lambda p: zoned_part(demo, p))
    within = {
        (a, b) for p in figure.build.values() if p in plans.part_zones for a, b, _ in plans.part_zones[p].borders_mm
    }
    assert found[key] and set(found[key]) - within
    assert unpacked_pairs(packed_pairs(found[key])) == found[key] and unpacked_pairs(b"no") == ()
    other = replace(figure, id="twin")
    assert touching_key(plans, other) == key


def test_the_bench_paints_what_the_line_says(demo: Book) -> None:
    """The batch at the bench wants the same strokes, with the same minutes, as the plan of all."""
    found = standing(demo.plans, demo.history)
    batch = paint_batch(found)
    blocks = paint_line(demo.plans, demo.history.facts, batch, EVENING)
    plan = bench_plan(demo.plans, demo.history.facts, found, EVENING)
    ids = {f.figure.id for f in batch}
    minutes = {(t.task.group, t.task.key): t.task.minutes for t in plan.strokes if t.task.group in ids}
    told = {(d.figure_id, d.stroke.key): (d.end - d.start).total_seconds() / 60 for b in blocks for d in b.strokes}
    assert told == pytest.approx(minutes, abs=1e-3)


def test_a_zone_that_goes_into_spirit_waits_for_the_whole_figure(demo: Book) -> None:
    """Oil over what is painted: no acrylic stroke of the figure comes after it, but in a phase of its own."""
    plans = demo.plans
    scheme = plans.scheme
    assert scheme is not None
    oil = replace(plans.paints["peat"], id="oil", kind="oil", name="Oil")
    steps = tuple(replace(s, mix=(("oil", 1.0),)) if n == 2 else s for n, s in enumerate(scheme.recipes[0].steps))
    recipes = (replace(scheme.recipes[0], steps=steps), *scheme.recipes[1:])
    demo.commit("oil", [oil, replace(scheme, recipes=recipes)])
    found = standing(demo.plans, demo.history)
    tasks = stroke_tasks([f for f in found.figures.values() if f.figure.id == "kiln-0"], rack_of(demo.plans))
    phases = {t.key: t.phase for t in tasks}
    oiled = steps[2].id
    assert phases[oiled] == 11 and all(phase == 10 for key, phase in phases.items() if not key.startswith("coat"))
    assert all(phases[s.id] == 12 for s in steps[3:] if s.id in phases)


def test_no_army_and_no_hours_are_said(demo: Book) -> None:
    """In words, not by an endless search."""
    found = standing(demo.plans, demo.history)
    with pytest.raises(PlanError, match="no army"):
        bench_plan(Plans(), [], found, EVENING)
    army = demo.plans.army
    assert army is not None
    idle = replace(army, week=tuple(replace(d, hobby_minutes=0) for d in army.week))
    with pytest.raises(PlanError, match="hobby time"):
        bench_plan(replace(demo.plans, army=idle), [], found, EVENING)


def test_the_line_on_the_command_line_keeps_its_own_rules(demo: Book, capsys: pytest.CaptureFixture[str]) -> None:
    """Hours, touching zones and strokes as they are told: one thing at a time, inside the hours, nothing on wet paint."""
    path = Path(demo.path)
    assert main(["line", str(path), "--now", EVENING.isoformat()]) == 0
    told = json.loads(capsys.readouterr().out)
    at = datetime.fromisoformat
    strokes = sorted(told["strokes"], key=lambda s: s["start"])
    hours = [(at(h["start"]), at(h["end"])) for h in told["hours"]]
    assert all(at(a["end"]) <= at(b["start"]) for a, b in pairwise(strokes))
    assert all(any(h[0] <= at(s["start"]) and at(s["end"]) <= h[1] for h in hours) for s in strokes)
    near = {(f, a, b) for f, x, y in told["touching"] for a, b in ((x, y), (y, x))}
    by_figure: dict[str, list[dict[str, str]]] = {}
    for stroke in strokes:
        own = by_figure.setdefault(stroke["figure"], [])
        for before in own:
            if before["zone"] == stroke["zone"] or (stroke["figure"], before["zone"], stroke["zone"]) in near:
                assert at(stroke["start"]) >= at(before["dry"])
        own.append(stroke)
    assert told["ends"] == strokes[-1]["end"] and near


def test_the_command_line_refuses_a_stroke_no_evening_holds(demo: Book, capsys: pytest.CaptureFixture[str]) -> None:
    """By name: told in two parts it would seem to be two strokes."""
    assert demo.plans.army is not None
    short = tuple(replace(d, hobby_minutes=18) for d in demo.plans.army.week)
    demo.commit("short evenings", [replace(demo.plans.army, week=short)])
    assert main(["line", str(Path(demo.path)), "--now", EVENING.isoformat()]) != 0
    assert "longer than any evening" in capsys.readouterr().out


def test_baths_and_waiting_plates_are_told(demo: Book, capsys: pytest.CaptureFixture[str]) -> None:
    """Each bath with what was washed in it; each plate with what it carries in, soaking within its limit."""
    assert main(["wash", str(demo.path)]) == 0
    told = json.loads(capsys.readouterr().out)
    assert [b["name"] for b in told["baths"]] == ["Dirty", "Clean"]
    assert told["baths"][0]["resin_ml"] > told["baths"][1]["resin_ml"] > 0
    assert told["plates"] and all(p["carries_ml"] > 0 for p in told["plates"])
    for plate in told["plates"]:
        soak = sum(s["minutes"] for s in plate["steps"] if "bath" in s["step"] and not s["hands"])
        assert 0 < soak <= 12


def test_loads_under_the_lamp_are_told(demo: Book, capsys: pytest.CaptureFixture[str]) -> None:
    """Every part that came out, in one load or another, with its doses in order."""
    found = standing(demo.plans, demo.history)
    waiting = [r.plate_id for r in found.runs.values() if r.state in ("hanging", "printed", "washed")]
    fewest = min(waiting, key=lambda p: len(demo.plans.plates[p].placed))
    demo.commit("one is enough", [Removed("plate", p) for p in waiting if p != fewest])
    assert main(["cure", str(demo.path)]) == 0
    told = json.loads(capsys.readouterr().out)
    assert len(told["plates"]) == 1
    parts = [p for plate in told["plates"] for load in plate["loads"] for p in load["parts"]]
    assert len(parts) == len(demo.plans.plates[fewest].placed)
    for plate in told["plates"]:
        for load in plate["loads"]:
            assert load["minutes_a_side"] > 0
            assert all(p["least"] <= p["median"] <= p["most"] and 0 <= p["under_share"] <= 1 for p in load["parts"])


def test_the_evenings_and_the_orders_wash_hollow_parts_for_as_long_as_the_bench_does(
    demo: Book, plan: BenchPlan
) -> None:
    """Looked into, every copy of a part that keeps something is swirled: a minute and a half more in both."""
    found = standing(demo.plans, demo.history)
    run = next(r for r in found.runs.values() if r.state == "printed")
    parts = hanging(parts_come_out(demo.plans, run))
    copies = sum(p.key == parts[0].key for p in parts)
    emptying = {parts[0].key: Looked(Tipping(0.4, (0.0, 0.0, 1.0), (), 3.0))}
    longer = bench_plan(demo.plans, demo.history.facts, found, EVENING, washing=Washing(emptying))
    factor = rates(demo.history.facts, demo.plans.army)["wash and cure"].factor
    before, after = (
        next(t.task.minutes for t in p.tasks if t.task.key == f"{run.plate_id}/wash") for p in (plan, longer)
    )
    assert after - before == pytest.approx(1.5 * copies * factor)
    quick, slow = (
        next(t.minutes for t in orders(demo.plans, demo.history.facts, found, EVENING, washing=Washing(e)).listed if t.bench == "wash")
        for e in ({}, emptying)
    )  # fmt: skip
    assert slow - quick == 1.5 * copies


def test_the_forecast_washes_plates_and_takes_supports_off_in_the_minutes_of_the_evenings(demo: Book) -> None:
    """By whichever way and school the user chose: what lies on plates counts there as it is planned."""
    found, army = standing(demo.plans, demo.history), demo.plans.army
    assert army is not None
    rate, seen = rates(demo.history.facts, army), []
    for changed in (army, replace(army, wash_way="plate", supports_off="after")):
        plans = replace(demo.plans, army=changed)
        planned = bench_plan(plans, demo.history.facts, found, EVENING).tasks
        wet = {k: sum(t.task.minutes for t in planned if t.task.key.endswith(f"/{k}")) for k in ("wash", "cure")}
        units = work_by_unit(plans, found, rate)
        unplated = sum(_usual_runs(u, plans, found) for u in units)
        for stage, usual in (("wash", HANDS_MIN), ("cure", USUAL_OFF_MIN)):
            told = sum(u.hands.get(stage, 0.0) for u in units)
            assert told == pytest.approx(wet[stage] + unplated * usual * rate["wash and cure"].factor)
        seen.append(wet)
    assert seen[0] != seen[1]


def _usual_runs(unit: UnitWork, plans: Plans, found: Standing) -> float:
    """A unit's runs for what lies on no plate: all it has less its share of plates."""
    coming = {p.id for p in waiting_plates(plans.plates, found.runs)} | {
        r.plate_id for r in found.runs.values() if r.state in ("printing", "hanging", "printed", "washed")
    }
    placed = [plans.plates[p].placed for p in coming]
    owners = [[plans.figures[p.figure_id].unit_id for p in own if p.figure_id in plans.figures] for own in placed]
    return unit.wet_runs - sum(own.count(unit.unit_id) / len(own) for own in owners if own)


def test_the_forecast_counts_the_minutes_the_evenings_hold(demo: Book, plan: BenchPlan) -> None:
    """Stage by stage the same minutes of the same work; pots opened once a unit there, as often as the plan opens them here."""
    found, rate = standing(demo.plans, demo.history), rates_of(demo.plans, demo.history.facts)
    units = work_by_unit(demo.plans, found, rate)
    told = {stage: sum(u.hands.get(stage, 0.0) for u in units) for stage in ("build", "prime", "paint", "finish")}
    left = {s.key for f in found.figures.values() for s in f.next_strokes}
    finish = {step.id for f in found.figures.values() for step in f.finish_left}
    planned = {
        stage: sum(t.task.minutes for t in plan.tasks if is_of(t.task.key))
        for stage, is_of in {
            "build": "build".__eq__, "prime": "prime".__eq__, "paint": left.__contains__, "finish": finish.__contains__,
        }.items()
    }  # fmt: skip
    pots = sum(t.setup_min for t in plan.strokes)
    units_to_prime = {f.unit.id for f in found.figures.values() if f.number <= 8}
    told["prime"] -= sum(prime_setup_min(demo.plans.scheme_of(unit)) for unit in units_to_prime)
    for stage in ("build", "prime", "finish"):
        assert told[stage] == pytest.approx(planned[stage]), stage
    assert planned["paint"] < told["paint"] and told["paint"] == pytest.approx(planned["paint"] + pots, rel=0.1)


def test_status_and_schedule_tell_the_plan_of_the_line(demo: Book, capsys: pytest.CaptureFixture[str]) -> None:
    """To the minute: when all is painted, and evenings that hold every stroke."""
    told = {}
    for word in ("line", "status", "schedule"):
        assert main([word, str(demo.path), "--now", EVENING.isoformat()]) == 0
        told[word] = json.loads(capsys.readouterr().out)
    plan = told["status"]["plan"]
    assert plan == told["schedule"]["plan"] and plan["painted"] == told["line"]["ends"]
    at = datetime.fromisoformat
    evenings = [(at(e["start"]), at(e["end"])) for e in plan["evenings"]]
    strokes = [(at(s["start"]), at(s["end"])) for s in told["line"]["strokes"]]
    assert all(any(a <= start and end <= b for a, b in evenings) for start, end in strokes)
    lifted = {r["met"] for r in told["schedule"]["runs"]}
    assert lifted and plan["ends"] >= max(lifted)
