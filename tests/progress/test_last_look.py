"""What is still to be seen on a painted figure before varnish."""

from dataclasses import replace

import numpy as np
import pytest

from helpers import box_mesh, subdivided
from numerus.assembly.flaws import LEAVE, SCAR, THIN, Flaw
from numerus.book.book import Book
from numerus.domain.painting.zones import UNNAMED
from numerus.geometry.rays import Camera
from numerus.progress.figure_records.last_look import UNPAINTED, VIEWS, last_flaws
from numerus.progress.standing import FigureStanding, standing
from numerus.surface.zones import ZonedMesh


@pytest.fixture
def done(demo: Book) -> FigureStanding:
    """A figure of the demo with every stroke painted."""
    return standing(demo.plans, demo.history).at("finish")[0]


def block(zone: str, labels: int = 0) -> dict[str, ZonedMesh]:
    mesh = subdivided(box_mesh((10, 10, 10), (-5, -5, 0)), 3)
    return {"torso": ZonedMesh(mesh, (zone,), np.full(len(mesh.faces), labels, np.uint8))}


def told(figure: FigureStanding, parts: dict[str, ZonedMesh]) -> list[str]:
    return [f.words for f in last_flaws([], figure, parts, {"z": "strap"}) if f.kind == UNPAINTED]


def test_skin_of_no_zone_and_zones_no_recipe_paints_are_found(done: FigureStanding) -> None:
    """With their area; what is painted through is not."""
    assert told(done, block("z", UNNAMED)) == ["skin of no zone: it is still primer, 6.0 cm²"]
    assert told(done, block("z")) == ["strap: no recipe paints it, 6.0 cm²"]
    assert told(done, block(done.strokes[0].zone)) == []


def test_strokes_that_are_missing_are_named(done: FigureStanding) -> None:
    """A stroke taken back is told by its name, on its zone, where it is seen most."""
    stroke = done.strokes[0]
    left = replace(done, painted=done.painted - {stroke.key})
    parts = block(stroke.zone)
    (flaw,) = last_flaws([], left, parts, {stroke.zone: "coat"})
    assert flaw.words == f"coat: {stroke.step.name.lower()} missing, 6.0 cm²" and flaw.ways[-1].name == LEAVE
    assert flaw.at_mm[2] > 0 and flaw.seen > 0.5 and flaw.facing[2] > -0.6


def test_of_what_build_looked_at_only_what_paint_does_not_hide_is_seen_again(done: FigureStanding) -> None:
    """A scar in sight, with ways over paint; not a thin place, nor a scar nobody sees."""
    seen = Flaw(f"{SCAR} torso 0", SCAR, "torso", (0, -5, 5), 0.45, 0.8, "a tip", ())
    found = [seen, replace(seen, key="scar torso 1", seen=0.0), replace(seen, key="thin torso 0", kind=THIN)]
    (flaw,) = last_flaws(found, done, block(done.strokes[0].zone), {})
    assert flaw.key == seen.key and "paint the spot" in flaw.ways[0].name


def test_the_walk_goes_round_by_quarters() -> None:
    """From the front, its left, its back and its right: the looks are at right angles."""
    ways = [Camera((0, 0, 0), turn, 0, 10).axes()[2] for turn in VIEWS.values()]
    assert ways[0] == pytest.approx([0, -1, 0]) and ways[1] == pytest.approx([1, 0, 0])
    assert all(abs(one @ other) < 1e-9 for one, other in zip(ways, ways[1:], strict=False))
