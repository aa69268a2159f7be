"""Loads under the lamp: parts rest where they lie surest, none on another, doses as the whole mesh has them."""

from __future__ import annotations

from dataclasses import replace
from itertools import combinations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh, reversed_mesh, subdivided
from numerus.demo.parts import mesh
from numerus.errors import Cancelled
from numerus.geometry.mesh import Mesh, merged, rotation_matrix, turning_up
from numerus.post.curing.cure import cure_plan
from numerus.post.curing.lamp_dose import Lamp, Station, dose_j_per_cm2
from numerus.post.curing.lamp_load import MOST_MIN, REACHED, at_rest, cured, loads_of, minutes_wanted
from numerus.post.curing.lamps import box

ABOVE = Station((Lamp((0, 0, 4000), 4e6, 0, (0, 0, -1)),), False)


@pytest.mark.parametrize("seed", range(6))
def test_a_box_thrown_anyhow_rests_on_its_largest_side(seed: int) -> None:
    """However it lay before; the same of a part with a flat foot."""
    way = np.random.default_rng(seed).normal(size=3)
    thrown = box_mesh((30, 20, 8)).transformed(rotation_matrix(turning_up(way)))
    rested = at_rest(thrown)
    assert rested.extents_mm[2] == pytest.approx(8, abs=1e-6) and rested.bounds_mm[0, 2] == pytest.approx(0)
    assert rested.bounds_mm[:, :2].mean(axis=0) == pytest.approx([0, 0], abs=1e-6)


def test_no_part_lies_on_another_or_off_the_table() -> None:
    """All of them, once, in as many loads as it takes; what is larger than the table lies alone."""
    table_mm = 60.0
    small = [(f"b{n}", box_mesh((34, 24, 10))) for n in range(18)]
    loads = loads_of([*small, ("large", box_mesh((160, 20, 10)))], table_mm)
    assert sorted(p.name for load in loads for p in load) == sorted([*(n for n, _ in small), "large"])
    assert len(loads) >= 3 and any([p.name for p in load] == ["large"] for load in loads)
    for load in loads:
        for one, other in combinations(load, 2):
            assert _apart(one.mesh, other.mesh), f"{one.name} on {other.name}"
        for part in load:
            assert part.name == "large" or np.hypot(*part.mesh.vertices[:, :2].T).max() <= table_mm + 2


def _apart(one: Mesh, other: Mesh) -> bool:
    """Whether two boxes' outlines seen from above are parted by a side of one of them (separating axes)."""
    sides = []
    for m in (one, other):
        edges = m.vertices[m.faces][:, :2, :2] - m.vertices[m.faces][:, 1:, :2]
        sides += [e / np.linalg.norm(e) for e in edges.reshape(-1, 2) if np.linalg.norm(e) > 1]
    for along in sides:
        axis = np.array([-along[1], along[0]])
        a, b = one.vertices[:, :2] @ axis, other.vertices[:, :2] @ axis
        if a.min() > b.max() or b.min() > a.max():
            return True
    return False


def test_one_side_then_the_other() -> None:
    """Under a far lamp above, a slab's upper face has its dose after the first side, its lower one after both, its sides none."""
    (load,) = loads_of([("slab", box_mesh((40, 40, 6)))])
    done = cured(load, ABOVE, 2.0)
    (slab,) = done.parts
    normals = load[0].mesh.vertex_normals[load[0].sample][:, 2]
    rate = 4e6 / 4000**2 * 100 * 60 * 1e-3
    up, down = normals > 0, normals < 0
    assert slab.first[up] == pytest.approx(2 * rate * normals[up], rel=0.02) and slab.first[down].max() == 0
    assert slab.both == pytest.approx(2 * rate * np.abs(normals), rel=0.02)
    assert done.share_under(False) > 0.4 and done.share_under(True) < done.share_under(False)


def test_a_sample_tells_what_the_whole_skin_gets() -> None:
    """Share under the target by the sample and by every vertex, with the area of each."""
    (load,) = loads_of([("legs", mesh("legs_standing"))])
    done = cured(load, box(), 2.0)
    part = done.parts[0]
    lying, over = (dose_j_per_cm2(m, box(), 2.0) for m in (load[0].mesh, load[0].turned))
    faces = load[0].mesh.faces
    whole = (lying + over)[faces].mean(axis=1)
    for target in (0.6, 1.2, 2.0):
        true = load[0].mesh.areas_mm2[whole < target].sum() / load[0].mesh.areas_mm2.sum()
        assert part.share_under(part.both, target) == pytest.approx(true, abs=0.05)
    first, both, _ = part.by_vertex
    assert np.median(np.abs(both - (lying + over))) < 0.15 * np.median(lying + over)
    assert len(first) == len(load[0].mesh.vertices)


def test_parts_of_a_load_shade_each_other() -> None:
    """A ball among blocks gets less from lamps at the sides than when the blocks are taken away."""
    side = Station(tuple(Lamp((200 * s, 0, 10), 2000, 1, (-s, 0, 0)) for s in (1, -1)))
    (load,) = loads_of([("ball", ball_mesh(8)), *((f"block{n}", box_mesh((40, 40, 40))) for n in range(6))])
    ball = [p for p in load if p.name == "ball"]
    among, alone = (
        next(p for p in cured(parts, side, 1.0).parts if p.part.name == "ball").both.mean() for parts in (load, ball)
    )
    assert among < 0.8 * alone


def test_minutes_bring_most_of_what_is_seen_to_its_dose() -> None:
    """In half minutes, never more than the most; what no lamp sees does not count."""
    rate = np.concatenate([np.linspace(0.5, 1.5, 100), np.zeros(50)])
    minutes = minutes_wanted(rate, 1.2)
    seen = rate[rate > 0] * minutes
    assert (seen >= 1.2).mean() >= REACHED and (seen - 0.5 * rate[rate > 0] >= 1.2).mean() < 1
    assert minutes_wanted(np.zeros(5), 1.2) == MOST_MIN
    plan = cure_plan(30, {"before": 10, "after": 0}, 1.2, loads=3, side_min=minutes)
    assert [s.minutes for s in plan if not s.hands] == [3 * minutes] * 2


def test_a_job_given_up_stops() -> None:
    """Between two stops of the table."""
    with pytest.raises(Cancelled):
        cured(loads_of([("ball", ball_mesh(5))])[0], box(), progress=lambda _: False)


def test_the_inside_of_a_hollow_is_told_apart_from_what_has_too_little() -> None:
    """A closed box in a box: its inner skin sees no lamp; a solid one has none such."""
    outer, inner = (
        subdivided(box_mesh((20, 20, 20)), 3),
        reversed_mesh(subdivided(box_mesh((16, 16, 16), (2, 2, 2)), 3)),
    )
    share = inner.areas_mm2.sum() / (inner.areas_mm2.sum() + outer.areas_mm2.sum())
    station = replace(box(), reflect=0.0)
    hollow, solid = (cured(loads_of([("box", m)])[0], station).parts[0] for m in (merged([outer, inner]), outer))
    assert hollow.unlit_share == pytest.approx(share, abs=0.12) and solid.unlit_share < 0.1


def sword() -> Mesh:
    """A long blade with a heavy hilt."""
    return merged([box_mesh((52, 5, 2), (8, 3, 0)), box_mesh((8, 11, 6))])


def test_blades_point_outward_where_there_is_room() -> None:
    """Of swords laid anyhow: none whose blade points to the middle could be turned half round without lying on another."""
    (load,) = loads_of([(f"s{n}", sword()) for n in range(7)])
    assert all(_apart_boxes(a.mesh, b.mesh) for a, b in combinations(load, 2))
    outward = [_blade(p.mesh) @ p.mesh.bounds_mm.mean(axis=0)[:2] >= 0 for p in load]
    assert sum(outward) >= 5
    for part in (p for p, out in zip(load, outward, strict=True) if not out):
        centre = part.mesh.bounds_mm.mean(axis=0)
        spun = part.mesh.transformed(rotation_matrix(np.diag([-1.0, -1.0, 1.0]))).moved(
            (2 * centre[0], 2 * centre[1], 0)
        )
        near = min(_gap(spun, other.mesh) for other in load if other is not part)
        assert near < 6 or np.hypot(*spun.vertices[:, :2].T).max() > 100


def _blade(mesh: Mesh) -> np.ndarray:
    """From the hilt's middle to the blade's: a merged sword has its blade's eight corners first."""
    return mesh.vertices[:8, :2].mean(axis=0) - mesh.vertices[8:, :2].mean(axis=0)


def _boxes(mesh: Mesh) -> list[Mesh]:
    return [Mesh(mesh.vertices[:8], mesh.faces[:12]), Mesh(mesh.vertices[8:], mesh.faces[12:] - 8)]


def _apart_boxes(one: Mesh, other: Mesh) -> bool:
    return all(_apart(a, b) for a in _boxes(one) for b in _boxes(other))


def _gap(one: Mesh, other: Mesh) -> float:
    """The least between points strewn over two parts, seen from above."""
    a, b = (subdivided(m, 4).vertices[:, :2] for m in (one, other))
    return float(np.min(np.linalg.norm(a[:, None] - b[None], axis=2)))


def test_thin_skin_is_brittle_from_less_light() -> None:
    """Light comes through a sheet of half a millimetre as one over e, through six millimetres hardly any."""
    (load,) = loads_of([("sheet", subdivided(box_mesh((40, 40, 0.5)), 3))])
    sheet = cured(load, replace(ABOVE, brittle_j_per_cm2=8.0), 1.0).parts[0]
    flat = np.abs(load[0].mesh.vertex_normals[load[0].sample][:, 2]) > 0.99
    assert flat.any() and sheet.limit[flat] == pytest.approx(8 / (1 + np.exp(-1)), rel=0.01)
    (load,) = loads_of([("slab", subdivided(box_mesh((40, 40, 6)), 2))])
    slab = cured(load, replace(ABOVE, brittle_j_per_cm2=8.0), 1.0).parts[0]
    assert np.median(slab.limit) == pytest.approx(8.0, rel=0.001)


def test_what_thin_skin_got_is_told_as_thick_skin_would_have_to_get_it() -> None:
    """So that a sheet that broke teaches the resin's own limit."""
    (load,) = loads_of([("sheet", subdivided(box_mesh((40, 40, 0.5)), 3))])
    done = cured(load, ABOVE, 1.0)
    (sheet,) = done.parts
    assert done.got[1] > sheet.both.max() * 1.3
    assert sheet.over_share == pytest.approx(float((sheet.both > sheet.limit).mean()))


def test_longer_does_for_what_is_nearly_there_and_for_nothing_that_breaks_by_it() -> None:
    """A fifth of the skin at half its dose: twice as long does, half as long again does not; nor does any where it makes the rest
    brittle, or where a fifth gets no light at all.
    """
    (load,) = loads_of([("slab", subdivided(box_mesh((40, 40, 6)), 2))])
    part = cured(load, ABOVE, 1.0).parts[0]
    many = len(part.both)
    doses = np.where(np.arange(many) < many // 5, 0.5, 1.2)
    near = replace(part, both=doses, limit=np.full(many, 5.0))
    assert not near.does_after(1.5, 1.0, 0.1) and near.does_after(2.0, 1.0, 0.1)
    assert not replace(near, limit=np.full(many, 2.0)).does_after(2.0, 1.0, 0.1)
    assert not replace(near, both=np.where(doses < 1, 0.0, doses)).does_after(2.0, 1.0, 0.1)


def test_a_dense_part_gets_the_light_its_whole_mesh_gets() -> None:
    """Two balls side by side, told by fewer places than they have: shares of skin by dose agree with every vertex of the full meshes."""
    dense = ball_mesh(12.0, subdivisions=6)
    (load,) = loads_of([("one", dense), ("two", dense)])
    assert all(len(p.mesh.faces) < len(dense.faces) / 2 for p in load)
    cure = cured(load, box(), minutes=4.0)
    places = [dense.moved(p.mesh.bounds_mm.mean(axis=0) - dense.bounds_mm.mean(axis=0)) for p in load]
    whole = merged(places)
    full = dose_j_per_cm2(whole, box(), 4.0)
    few = np.concatenate([p.first for p in cure.parts])
    for share in (0.1, 0.25, 0.5, 0.75, 0.9):
        assert float(np.quantile(few, share)) == pytest.approx(float(np.quantile(full, share)), abs=0.06 * full.max())
