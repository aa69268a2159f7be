"""Spares by what fails, and what they are for."""

from __future__ import annotations

from dataclasses import replace
from itertools import count as count_from

import pytest

from helpers import EVENING, box_mesh
from numerus.domain.army import Army, Figure, Unit
from numerus.domain.journal import PartOutcome
from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.domain.printing.poses import Pose
from numerus.geometry.mesh import Mesh
from numerus.kit.completeness import chance_to_fail
from numerus.printing.runs.run_records import RunRecord, copy_states
from numerus.progress.history import History
from numerus.progress.printing.batching import Batching, failing_spares, part_rate, plates_for
from numerus.progress.standing import standing

PART = Part("part", "k", "Head", "head", "", 100, (9, 9, 9), 1.0, 5.0, True, 1, 0, "mm", weak_mm2=20.0)


def test_spares_follow_how_often_a_part_failed() -> None:
    """By its frailty where nothing is known; after twelve failures in twenty prints about half as many spares as copies."""
    assert part_rate(PART, 0, 0) == pytest.approx(chance_to_fail(PART))
    assert part_rate(PART, 0, 400) < chance_to_fail(PART)
    assert part_rate(PART, 12, 20) == pytest.approx((12 + 16 * chance_to_fail(PART)) / 36)
    figures = {f"f{n}": Figure(f"f{n}", "u", "F", n, {"head": PART.id}) for n in range(10)}
    placed = tuple(Placed(f"x{n}", PART.id, "", "head", 10, 10) for n in range(20))
    plates = {"p": Plate("p", "P", "m", "r", placed, 10, 60, 10)}
    plans = Plans(units={"u": Unit("u", "U", 0, 25.0, "k")}, figures=figures, parts={PART.id: PART}, plates=plates)
    outcomes = {p.id: PartOutcome(p.id, "failed" if n < 12 else "good") for n, p in enumerate(placed)}
    record = RunRecord("r", "p", "m", EVENING, EVENING, outcomes, False, False)
    copies = [(f, "head") for f in figures]
    assert failing_spares(plans, replace(standing(plans, History()), runs={"r": record}), copies) == [PART.id] * 4
    assert failing_spares(plans, standing(plans, History()), copies) == []


def test_a_good_spare_takes_the_place_of_a_failed_copy() -> None:
    """Of the same part and only once; without one the copy is owed again."""
    placed = [Placed(f"x{n}", "part", f"f{n}", "head", 10, 10) for n in range(3)] + [
        Placed("s", "part", "", "head", 9, 9)
    ]
    plates = {"p": Plate("p", "P", "m", "r", tuple(placed), 10, 60, 10)}
    came_out = {"x0": "good", "x1": "failed", "x2": "failed", "s": "good"}
    outcomes = {p: PartOutcome(p, what, 3.0 if what == "failed" else 0.0) for p, what in came_out.items()}
    record = RunRecord("r", "p", "m", EVENING, EVENING, outcomes, True, False)
    states = copy_states(plates, {"r": record})
    assert [states[f"f{n}", "head"].state for n in range(3)] == ["washed", "washed", "owed"]
    assert states["f1", "head"].failures == 1


def lying(height_mm: float, size: tuple[float, float], blob: str) -> tuple[Pose, Mesh]:
    """A pose and the block it stands for."""
    mesh = box_mesh((*size, height_mm), (-size[0] / 2, -size[1] / 2, 0))
    return Pose((0, 0, 1), blob, height_mm, size[0] * size[1], 1.0, 0.1, 4, 10.0, blob), mesh


@pytest.mark.parametrize("broad", [12.0, 90.0])
def test_a_batch_takes_the_lower_pose_where_that_makes_the_plates_shorter(broad: float) -> None:
    """One tall part among low ones lies down where it then still fits beside them; where lying fills plates it stands."""
    tall, tall_mesh = lying(80.0, (8.0, 8.0), "tall")
    flat, flat_mesh = lying(12.0, (broad, broad), "flat")
    low, low_mesh = lying(14.0, (8.0, 8.0), "low")
    count = 2 if broad < 50 else 12
    parts = {"tall": replace(PART, id="tall", pose=tall, others=(flat,)), "low": replace(PART, id="low", pose=low)}
    figures = {
        f"f{n}": Figure(f"f{n}", "u", "F", n, {"head": "tall" if n < count else "low"}) for n in range(count + 8)
    }
    machine = Machine("m", "M", 100.0, 100.0, 150.0)
    army = Army("a", "A", EVENING.date())
    plans = Plans(
        army, units={"u": Unit("u", "U", 0, 25.0, "k")}, figures=figures, parts=parts, machines={"m": machine}
    )
    ids, meshes = count_from(0), {"tall": tall_mesh, "flat": flat_mesh, "low": low_mesh}
    batching = Batching(
        plans, standing(plans, History()), [machine], meshes.__getitem__, lambda: f"n{next(ids)}", EVENING
    )
    made = plates_for(batching, ["u"]).plates
    poses = {p.pose for plate in made for p in plate.placed if p.part_id == "tall"}
    assert poses == ({1} if broad < 50 else {0})
    assert all(plans.pose_of(p) == (flat if p.pose else parts[p.part_id].pose) for plate in made for p in plate.placed)
    assert max(p.height_mm for p in made) == (14.0 if broad < 50 else 80.0)
