"""What leaving parts off gives back to the brush, against asking anew with the parts taken away."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh
from numerus.domain.painting.zones import UNNAMED
from numerus.errors import Cancelled
from numerus.surface.brush_reach import EASY_SHARE, brush_reach, free_axes
from numerus.surface.fields.exposure import RayScene
from numerus.surface.reach_apart import MOST_PARTS, ReachStudy, reach_study
from numerus.surface.zones import zoned

PARTS = [
    ("floor", box_mesh((20, 20, 1))),
    ("table", box_mesh((16, 16, 1), (2, 2, 4))),
    ("leg", box_mesh((2, 2, 3.2), (9, 9, 0.9))),
]


@pytest.fixture(scope="module")
def study() -> ReachStudy:
    return reach_study([(name, zoned(mesh, (), None)) for name, mesh in PARTS])


def test_with_all_glued_it_is_what_the_brush_finds_part_by_part(study: ReachStudy) -> None:
    """The same mm² as part by part, seen and easily reached."""
    parts = brush_reach(PARTS)
    assert study.seen_mm2 == pytest.approx(sum(p.seen_mm2 for p in parts))
    assert study.easy_mm2() == pytest.approx(sum(p.easy_mm2 for p in parts))


@pytest.mark.parametrize("apart", ["table", "floor", "leg"])
def test_a_part_left_off_gives_back_what_asking_anew_finds(study: ReachStudy, apart: str) -> None:
    """The same places, asked against a scene without the part, and those of the part against itself alone."""
    off = study.names.index(apart)
    rest = RayScene(zoned_without(apart))
    alone = RayScene(dict(PARTS)[apart])
    for own, scene in ((False, rest), (True, alone)):
        here = np.flatnonzero((study.part == off) == own)
        normals = np.concatenate(
            [dict(PARTS)[study.names[p]].normals[[f]] for p, f in zip(study.part[here], study.face[here], strict=True)]
        )
        asked = free_axes(study.point[here], normals, scene, brush_default()) >= EASY_SHARE * 28
        assert (asked == study.easy((apart,))[here]).mean() > 0.995
    assert study.easy_mm2((apart,)) >= study.easy_mm2()


def zoned_without(apart: str):  # type: ignore[no-untyped-def]
    from numerus.geometry.mesh import merged

    return merged([mesh for name, mesh in PARTS if name != apart])


def brush_default():  # type: ignore[no-untyped-def]
    from numerus.surface.brush_reach import Brush

    return Brush()


def test_all_apart_only_own_shapes_are_in_the_way(study: ReachStudy) -> None:
    """Three boxes, each by itself: no side of a box keeps a brush from it."""
    assert study.easy_mm2(study.names) == pytest.approx(study.seen_mm2, rel=0.01)


def test_what_stands_before_what_is_told(study: ReachStudy) -> None:
    """The table stands before the floor below it, not the other way."""
    floor, table = study.names.index("floor"), study.names.index("table")
    assert study.covers[floor, table] > 10 * max(study.covers[table, floor], 1)


def test_zones_share_out_the_skin() -> None:
    """A ball in two zones and the rest: their mm² add up, names by label, unnamed skin under no name."""
    ball = ball_mesh(5)
    labels = np.full(len(ball.faces), UNNAMED, np.uint8)
    up = ball.normals[:, 2] > 0.5
    labels[up], labels[ball.normals[:, 2] < -0.5] = 0, 1
    told = reach_study([("ball", zoned(ball, ("top", "bottom"), labels))])
    zones = {name: seen for name, seen, _ in told.zones()}
    assert sum(zones.values()) == pytest.approx(told.seen_mm2) and set(zones) <= {"top", "bottom", ""}
    assert zones["top"] == pytest.approx(2 * np.pi * 25 * 0.5, rel=0.05)


def test_it_can_be_stopped_and_says_what_is_too_much() -> None:
    """Cancelled at once; more parts than bits are refused."""
    parts = [(name, zoned(mesh, (), None)) for name, mesh in PARTS]
    with pytest.raises(Cancelled):
        reach_study(parts, progress=lambda _: False)
    with pytest.raises(ValueError, match="parts"):
        reach_study(parts * MOST_PARTS)
