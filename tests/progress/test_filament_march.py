"""A unit printed in plastic goes the whole march: no vat, no bath, no lamp, and none of them in any plan."""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from datetime import datetime, timedelta

import pytest

from helpers import EVENING
from numerus.book.book import Book
from numerus.domain.journal import Fact, PartOutcome, RunEnded, RunStarted
from numerus.domain.printing.machines import FILAMENT, Machine
from numerus.domain.printing.plates import Plate
from numerus.formats.meshes.packed_mesh import unpack_mesh
from numerus.money.costs import unit_costs
from numerus.printing.machines.settings_note import plate_brims_mm, settings_note
from numerus.progress.done_facts import step
from numerus.progress.history import History
from numerus.progress.pace.rates import rates_of
from numerus.progress.planning.bench_plan import BenchPlan, bench_plan
from numerus.progress.planning.bench_tasks import LAMP, STRINGS, TUB
from numerus.progress.planning.evening_pieces import pieces
from numerus.progress.planning.next_tasks import orders
from numerus.progress.printing.batching import Batch, Batching, plates_for
from numerus.progress.printing.plating import measured_plate, owed_copies
from numerus.progress.standing import Standing, standing
from numerus.progress.work import work_by_unit

SNAIL = Machine("snail", "Snail", 220, 220, 250, kind=FILAMENT, layer_mm=0.08)


@pytest.fixture
def plastic(demo: Book) -> Book:
    """The demo with every plate that waits laid for a machine of plastic."""
    found = standing(demo.plans, demo.history)
    begun = {r.plate_id for r in found.runs.values()}
    waiting = [replace(p, machine_id="snail") for p in demo.plans.plates.values() if p.id not in begun]
    demo.commit("a machine of plastic", [SNAIL])
    demo.commit("its plates", [measured_plate(p, SNAIL, demo.plans) for p in waiting])
    return demo


def dry_plates(book: Book) -> list[Plate]:
    return [p for p in book.plans.plates.values() if p.machine_id == "snail"]


def planned(book: Book) -> tuple[Standing, BenchPlan]:
    found = standing(book.plans, book.history)
    return found, bench_plan(book.plans, book.history.facts, found, EVENING)


def printing(plate: Plate, at: datetime, run: str = "r-snail") -> list[Fact]:
    """Run through, looked at, all good."""
    facts = [Fact(at, RunStarted(plate.id, "snail", plastic=True), run), Fact(at + timedelta(hours=9), RunEnded(), run)]
    return facts + [Fact(at + timedelta(hours=9), PartOutcome(p.id, "good"), run) for p in plate.placed]


def test_no_plan_washes_or_lights_plastic(plastic: Book) -> None:
    """Its plates take no tub and no lamp of any evening; supports and strings come off instead."""
    found, plan = planned(plastic)
    names = {p.id for p in dry_plates(plastic)}
    assert len(names) >= 2
    own = [t.task for t in plan.tasks if t.task.key.rpartition("/")[0] in names]
    assert own and {t.key.rpartition("/")[2] for t in own} == {STRINGS}
    assert all(t.device not in (TUB, LAMP) and not t.urgent for t in own)
    told = [p.title for e in plan.evenings() for p in pieces(e, plastic.plans, found, plan.to_do)]
    for plate in dry_plates(plastic):
        assert f"Supports and strings off {plate.name}" in told
        assert not [t for t in told if plate.name in t and ("Wash" in t or "cure" in t)]


def test_what_comes_off_is_ready_to_be_built(plastic: Book) -> None:
    """As soon as it was looked at; the orders never send it to a bath."""
    plate = dry_plates(plastic)[0]
    plastic.commit("printed", facts=printing(plate, EVENING - timedelta(hours=10)))
    found, _ = planned(plastic)
    copies = [(p.figure_id, p.slot) for p in plate.placed if p.figure_id]
    assert {found.copies[c].state for c in copies} == {"cured"}
    without = replace(plastic.plans, machines={i: m for i, m in plastic.plans.machines.items() if i != "snail"})
    assert {standing(without, plastic.history).copies[c].state for c in copies} == {"cured"}, "its profile may go"
    listed = orders(plastic.plans, plastic.history.facts, found, EVENING).listed
    assert not [t for t in listed if plate.name in t.title]


def test_it_costs_plastic_and_no_solvent(plastic: Book) -> None:
    """A unit all of whose copies are of plastic pays for no washing; grams are its price's."""
    plans = plastic.plans
    all_dry = {i: replace(p, machine_id="snail") for i, p in plans.plates.items()}
    dry, wet = (unit_costs(p, standing(p, plastic.history)) for p in (replace(plans, plates=all_dry), plans))
    unit = plans.figures[
        plans.plates["heron" if "heron" in plans.plates else next(iter(plans.plates))].placed[0].figure_id
    ].unit_id
    assert dry[unit].washing == 0 < wet[unit].washing
    assert 0 < dry[unit].resin < wet[unit].resin


def test_the_forecast_counts_no_bath_for_it(plastic: Book) -> None:
    """Where everything waiting is of plastic, nothing waiting is washed."""
    plans, found = plastic.plans, standing(plastic.plans, plastic.history)
    all_dry = replace(
        plans, plates={i: replace(p, machine_id="snail") for i, p in plans.plates.items()}, machines={"snail": SNAIL}
    )
    units = work_by_unit(all_dry, standing(all_dry, plastic.history), rates_of(plans, plastic.history.facts))
    assert all("wash" not in u.hands and "cure" not in u.hands and u.wet_runs == 0 for u in units)
    assert any(u.hands.get("print") for u in units) and any(u.machine > 0 for u in units)
    assert found.runs


def test_a_unit_of_plastic_goes_the_whole_march(plastic: Book) -> None:
    """Printed, built, primed, painted, finished, from an empty journal: every stage it stands at is one of plastic's own."""
    old = plastic.plans
    own = old.figures_of("lock")
    ids = {f.id for f in own}
    plates = [p for p in old.plates.values() if any(placed.figure_id in ids for placed in p.placed)]
    plans = replace(old, plates={p.id: measured_plate(replace(p, machine_id="snail"), SNAIL, old) for p in plates})
    facts = [f for n, plate in enumerate(plates) for f in printing(plate, EVENING - timedelta(hours=12), f"r{n}")]
    stood = set()
    for _ in range(200):
        found = standing(plans, History.of(facts))
        ahead = [found.figures[f.id] for f in own if found.figures[f.id].stage != "ready"]
        stood |= {f.stage for f in ahead}
        if not ahead or not (more := _next_facts(ahead[0])):
            break
        facts += more
    assert {standing(plans, History.of(facts)).figures[f.id].stage for f in own} == {"ready"}
    assert stood == {"build", "prime", "paint", "finish"}


def _next_facts(figure) -> list[Fact]:  # type: ignore[no-untyped-def]
    """What is done of a figure next, as its bench would write it."""
    own = (figure.figure.id,)
    if figure.stage in ("build", "prime"):
        return [step(figure.stage, own, 5.0, EVENING)]
    if figure.stage == "paint":
        return [step("stroke", own, 1.0, EVENING, s.key) for s in figure.next_strokes]
    return [step("finish", own, 1.0, EVENING, s.id) for s in figure.finish_left] if figure.stage == "finish" else []


def test_its_settings_go_out_beside_the_plate(plastic: Book) -> None:
    """Nozzle, layers, speeds, and what was estimated with them, grams as they are priced."""
    plate = dry_plates(plastic)[0]
    note = settings_note(SNAIL, plate)
    told = dict(line.split(": ", 1) for line in note.splitlines())
    assert told["nozzle"] == "0.25 mm" and told["layers"] == "0.08 mm" and told["plate"] == plate.name
    minutes, grams, metres = (float(words.split()[0]) for words in told["estimated"].split(", "))
    assert minutes == pytest.approx(plate.minutes, abs=0.5) and grams > 0
    assert metres == pytest.approx(grams / SNAIL.plastic_g_per_ml / 2.405, rel=0.05)


def mixed(book: Book) -> list[str]:
    """Every body of the Kiln watch is to be of plastic, posed anew for it; the rest stays of resin."""
    plans, snail = book.plans, replace(SNAIL, support_style="posts")
    book.commit("a machine of plastic", [snail])
    bodies = [p for p in plans.parts.values() if p.slot == "torso" and p.pose is not None]
    book.commit("bodies of plastic", [replace(p.of_material(FILAMENT), pose=p.pose) for p in bodies])
    return [p.id for p in bodies]


def test_a_part_of_plastic_is_posed_and_reckoned_for_a_machine_of_plastic(demo: Book) -> None:
    """Its pose goes with another material; others stay as they were; layers, grams and runs are of that machine."""
    body = next(p for p in demo.plans.parts.values() if p.slot == "torso" and p.pose is not None)
    assert body.of_material(FILAMENT).pose is None
    ids = mixed(demo)
    plans = demo.plans
    assert plans.is_mixed and {plans.machine_for(plans.parts[i]).id for i in ids} == {"snail"}  # type: ignore[union-attr]
    others = [p for i, p in plans.parts.items() if i not in ids]
    assert all(not plans.machine_for(p).is_dry for p in others)  # type: ignore[union-attr]
    free = replace(plans, plates={})
    assert free.layer_mm_of(ids[0]) == SNAIL.layer_mm != free.layer_mm_of(others[0].id)
    found = standing(plans, demo.history)
    kiln = next(u for u in work_by_unit(plans, found, rates_of(plans, demo.history.facts)) if u.unit_id == "kiln")
    assert kiln.wet_runs > 0 and kiln.machine > 0


def test_plates_of_a_mixed_army_hold_one_material_each(demo: Book) -> None:
    """One action fills machines of both kinds: bodies on plastic's, all else on light's; every copy owed lies somewhere, once."""
    ids, plans = set(mixed(demo)), demo.plans
    found, machines = standing(plans, demo.history), [m for m in plans.machines.values() if m.in_service]
    numbers, told = iter(range(10_000)), list[Batch]()
    batching = Batching(
        plans, found, machines, lambda b: unpack_mesh(demo.blob(b)), lambda: f"n{next(numbers)}", EVENING
    )
    batch = plates_for(batching, ["kiln"], better=told.append)
    by_kind = {kind: [p for p in batch.plates if plans.machines[p.machine_id].kind == kind] for kind in batching.kinds}
    assert all(by_kind.values()) and len({p.order for p in batch.plates}) == len(batch.plates)
    assert all(x.part_id in ids for p in by_kind[FILAMENT] for x in p.placed)
    assert not any(x.part_id in ids for p in by_kind["resin"] for x in p.placed)
    laid = Counter((x.figure_id, x.slot) for p in batch.plates for x in p.placed if x.figure_id)
    assert laid == Counter(owed_copies(plans, found, "kiln"))
    assert told and len(told[-1].plates) == len(batch.plates)
    light = replace(batching, machines=[m for m in machines if not m.is_dry])
    assert not any(x.part_id in ids for p in plates_for(light, ["kiln"]).plates for x in p.placed)


def test_brims_and_the_wider_foot_go_out_with_the_plate(plastic: Book) -> None:
    """What keeps a part standing is told beside the plate, by its name."""
    plate = dry_plates(plastic)[0]
    first = plastic.plans.parts[plate.placed[0].part_id]
    assert first.pose is not None
    brims = plate_brims_mm(plate, plastic.plans)
    assert not brims
    plastic.commit("brim", [replace(first, pose=replace(first.pose, brim_mm=4.5))])
    told = settings_note(SNAIL, plate, plate_brims_mm(plate, plastic.plans))
    assert f"brim of {first.label}: 4.5 mm" in told and "first layer drawn in: 0.15 mm" in told
