"""How a figure reads across the table: blur by the eye's own width, where contrast lies, other eyes, one help for each fault."""

from __future__ import annotations

from dataclasses import replace
from itertools import count

import numpy as np
import pytest
from scipy.special import erf

from helpers import EVENING, ball_mesh, box_mesh, subdivided
from numerus.colour.light import lab_of_xyz, linear, rgb_of
from numerus.colour.observer import SRGB_TO_XYZ
from numerus.colour.sight import DEUTAN, FULL, PROTAN, TRITAN, blur_sigma_mm, seen_by
from numerus.domain.painting.recipes import Recipe, Scheme
from numerus.geometry.mesh import merged
from numerus.paint.advice.value_help import APART, value_helps
from numerus.paint.backs import back_of
from numerus.paint.figure.built import Built, built_figure
from numerus.paint.figure.reading import (
    attention,
    deepest_by_zone,
    drawn_on,
    mm_a_pixel,
    reading,
    stairs_um,
)
from numerus.paint.figure.shot import Shot
from numerus.paint.looks import figure_shot, lit_light, scheme_light, seen_shares
from numerus.paint.priming.primer import primed_ground
from numerus.paint.rack.pots import Rack
from numerus.paint.scheme import low_contrast_pairs, zone_labs
from numerus.starter.schemes import PAINTS, recipe, step
from numerus.surface.zones import ZonedMesh

RACK = Rack({p.id: p for p in PAINTS})
NAMES = {"low": "low", "high": "high"}
AREAS = {"low": 8.0, "high": 8.0}


@pytest.fixture(scope="module")
def built() -> Built:
    """Two blocks one on the other, a zone each, and a ball of metal beside."""
    blocks = [subdivided(box_mesh((12, 12, 9), (-6, -6, 9 * n)), 3) for n in range(2)]
    ball = ball_mesh(5, (14, 0, 9), 3)
    meshes = [*blocks, ball]
    labels = np.repeat(np.arange(3), [len(m.faces) for m in meshes]).astype(np.uint8)
    return built_figure([ZonedMesh(merged(meshes), ("low", "high", "metal"), labels)], None, lambda _: True)[0]


def scheme(low: str, high: str) -> Scheme:
    """Flat base coats that hide."""
    steps = {
        zone: recipe(zone, step("Base", "base", f"{pot} 1", 0.0, "round", 4, 20, coats=6))
        for zone, pot in (("low", low), ("high", high))
    }
    metal = recipe("metal", step("Base", "base", "pewter 1", 0.0, "round", 4, 20, coats=6))
    return Scheme("s", "s", (*steps.values(), metal), primer="grey")


def test_the_eye_blurs_to_a_minute_of_arc() -> None:
    """0.26 mm full width at half height from 900 mm: a half at 0.13 mm from the middle."""
    sigma = blur_sigma_mm(900.0)
    assert np.exp(-((0.2618 / 2) ** 2) / (2 * sigma**2)) == pytest.approx(0.5, abs=1e-3)
    assert blur_sigma_mm(0.0) == 0.0


def test_a_step_between_two_zones_is_as_steep_as_a_blurred_edge_can_be(built: Built) -> None:
    """From far off the border's steepest L* a mm is that of an edge of the two lights blurred by itself (error function)."""
    shot, far = figure_shot(built, 120, 150, 2), 4000.0
    flat = scheme_light(shot, built, scheme("saddle", "candle"), RACK)
    read = reading(shot, flat, built.zones, far)
    assert sum(read.drawn.values()) == pytest.approx(1) and sum(read.shown.values()) == pytest.approx(1)
    assert mm_a_pixel(shot) == pytest.approx(shot.camera.height_mm / 150)
    near = np.linspace(-2, 2, 4001)
    share = 0.5 * (1 + erf(near / (np.sqrt(2) * blur_sigma_mm(far))))[:, None]
    one, other = (np.median(flat[shot.zone == n], axis=0) for n in (0, 1))
    value = lab_of_xyz((one + (other - one) * share) @ SRGB_TO_XYZ.T)[:, 0]
    expected = float(np.abs(np.gradient(value, near)).max())
    row, column = (int(v) for v in np.argwhere(_borders(shot))[len(np.argwhere(_borders(shot))) // 2])
    seen = read.contrast[row - 3 : row + 4, column].max()
    assert seen == pytest.approx(expected, rel=0.15)
    assert reading(shot, flat, built.zones, 0.0).contrast.max() > 2 * read.contrast.max()


def _borders(shot: Shot) -> np.ndarray:  # type: ignore[type-arg]
    """Pixels of the lower block with the upper right above them, read off the samples by hand."""
    zone = np.full((shot.height * shot.finer, shot.width * shot.finer), -1)
    zone.ravel()[shot.hit] = shot.zone
    coarse = zone[:: shot.finer, :: shot.finer]
    made = np.zeros(coarse.shape, bool)
    made[1:] = (coarse[1:] == 0) & (coarse[:-1] == 1)
    return made


def test_greys_look_the_same_to_all_and_red_and_green_come_nearer_to_some() -> None:
    """Each row of the matrices sums to one; blue-blind sight keeps red and green apart."""
    grey = np.array([[0.3, 0.3, 0.3]])
    for sight in (PROTAN, DEUTAN, TRITAN):
        assert np.allclose(seen_by(grey, sight), grey, atol=2e-3)
    red, green = (linear(rgb_of(c)) for c in ("#B03A2E", "#5B8C3A"))
    apart = {s: float(np.abs(seen_by(red, s) - seen_by(green, s)).max()) for s in (FULL, PROTAN, DEUTAN, TRITAN)}
    assert apart[DEUTAN] < 0.4 * apart[FULL] and apart[TRITAN] > 0.6 * apart[FULL]


def test_the_lamp_is_moved_and_metal_throws_it_back(built: Built) -> None:
    """From the left the left is lit; the ball of metal is brighter at its brightest than matt paint of its colour, darker elsewhere."""
    shot = figure_shot(built, 120, 150, 2)
    own = scheme("oak", "candle")
    left, right = (lit_light(shot, built, own, RACK, np.array([x, -0.5, 0.6])) for x in (-0.8, 0.8))
    side = shot.places.normal @ np.cross((0, 0, 1), shot.toward)  # to the viewer's right
    assert (left - right)[side < -0.5].mean() > 0.02 and (left - right)[side > 0.5].mean() < -0.02
    toward = np.array([0.2, -0.7, 0.7])
    metal = shot.zone == built.zones.index("metal")
    shiny = lit_light(shot, built, own, RACK, toward)[metal].mean(axis=1)
    matt_pot = {**RACK.paints, "pewter": replace(RACK.paints["pewter"], kind="opaque")}
    matt = lit_light(shot, built, own, Rack(matt_pot), toward)[metal].mean(axis=1)
    assert shiny.max() > 1.15 * matt.max() and np.median(shiny) < np.median(matt)


def test_work_is_held_against_what_is_seen() -> None:
    """Much work nobody sees, little on what all see; marked zones are told; what draws most is first."""
    told = attention(
        {"rope": 6.0, "coat": 2.0, "hat": 2.0},
        {"rope": 0.05, "coat": 0.75, "hat": 0.2},
        {"hat": 0.6, "coat": 0.4},
        {"hat"},
    )
    by_zone = {a.zone: a for a in told}
    assert told[0].zone == "hat" and by_zone["hat"].focus
    assert by_zone["rope"].verdict == "more work than is seen" and by_zone["coat"].verdict == "seen more than worked on"
    assert by_zone["hat"].verdict == ""


def helps(built: Built, own: Scheme, focus: set[str] = frozenset()) -> list:  # type: ignore[type-arg, assignment]
    shot, numbers = figure_shot(built, 120, 150, 2), count()
    read = reading(shot, lit_light(shot, built, own, RACK), built.zones)
    pairs = low_contrast_pairs(zone_labs(own, RACK, primed_ground(own)), {("high", "low"): 40.0})
    told = attention({z: 1.0 for z in NAMES}, seen_shares(built), read.drawn, set(focus))
    return value_helps(own, RACK, read, pairs, told, NAMES, AREAS, lambda: f"n{next(numbers)}", EVENING)


def test_zones_that_melt_are_set_apart_by_the_help(built: Built) -> None:
    """With the help taken the pair melts no more; its new strokes are new ones; zones apart from the start get none."""
    own = scheme("oak", "saddle")
    found = helps(built, own)
    assert found and "melts" in found[0].fault
    labs = zone_labs(found[0].scheme, RACK, primed_ground(own))
    assert abs(labs["low"][0] - labs["high"][0]) > APART - 4
    assert not low_contrast_pairs(labs, {("high", "low"): 40.0})
    ids = {s.id for r in own.recipes for s in r.steps}
    changed = [s for r in found[0].scheme.recipes for s in r.steps if s.id not in ids]
    assert len(changed) == 1 and changed[0].since == EVENING
    assert not any("melts" in h.fault for h in helps(built, scheme("wharf", "candle")))


def test_what_shouts_before_the_focus_is_made_quieter(built: Built) -> None:
    """The louder zone loses its last light; without a focus nobody is told to be quiet."""
    own = scheme("oak", "wharf")
    edged = replace(step("Edges", "edge", "candle 1", 0.0, "round", 2, 20), id="edges")
    loud = replace(own, recipes=(own.recipes[0], Recipe("high", (*own.recipes[1].steps, edged)), own.recipes[2]))
    found = [h for h in helps(built, loud, {"low"}) if "Eyes go" in h.fault]
    assert len(found) == 1 and "high without edges" in found[0].words
    assert all(s.id != "edges" for r in found[0].scheme.recipes for s in r.steps)
    assert not any("Eyes go" in h.fault for h in helps(built, loud))


def test_a_back_as_loud_as_the_front_is_made_quieter(built: Built) -> None:
    """Blocks are the same from both sides; their edges then stay on the front half, for the minutes of that half, and the back
    draws less. A figure whose back is bare is left alone.
    """
    edged = replace(step("Edges", "edge", "candle 1", 0.0, "round", 2, 20), id="edges")
    own = scheme("wharf", "wharf")
    own = replace(own, recipes=(Recipe("low", (*own.recipes[0].steps, edged)), *own.recipes[1:]))
    back = back_of(built, own, RACK, 120, 150, 2)
    assert back.against_front == pytest.approx(1.0, abs=0.15) and back.forward["low"] == pytest.approx(0.7, abs=0.05)
    shot = figure_shot(built, 120, 150, 2)
    read = reading(shot, lit_light(shot, built, own, RACK), built.zones)
    found = [
        h for h in value_helps(own, RACK, read, [], [], NAMES, AREAS, lambda: "n", EVENING, back) if "back" in h.fault
    ]
    changed = next(s for r in found[0].scheme.recipes for s in r.steps if s.id == "edges")
    assert changed.placing.mask == "front" and changed.minutes == pytest.approx(2 * back.forward["low"], abs=0.01)
    assert back_of(built, found[0].scheme, RACK, 120, 150, 2).against_front < back.against_front - 0.05
    quiet = replace(back, against_front=0.5)
    assert not [
        h for h in value_helps(own, RACK, read, [], [], NAMES, AREAS, lambda: "n", EVENING, quiet) if "back" in h.fault
    ]


def test_contrast_is_kept_off_layer_lines(built: Built) -> None:
    """All of a picture flawed, all contrast is on flaws, and what catches rims is laid more thinly; none flawed, nothing is said."""
    edged = replace(step("Edges", "edge", "candle 1", 0.0, "round", 2, 20), id="edges")
    own = scheme("oak", "wharf")
    own = replace(own, recipes=(own.recipes[0], Recipe("high", (*own.recipes[1].steps, edged)), own.recipes[2]))
    shot = figure_shot(built, 120, 150, 2)
    read = reading(shot, lit_light(shot, built, own, RACK), built.zones)
    all_of_it = drawn_on(shot, read, np.ones(read.contrast.shape, bool), built.zones)
    assert sum(all_of_it.values()) == pytest.approx(1.0, abs=0.01) and all_of_it == pytest.approx(read.drawn, abs=0.02)

    def told(flawed: dict[str, float]) -> list[Scheme]:
        found = value_helps(own, RACK, read, [], [], NAMES, AREAS, lambda: "n", EVENING, None, flawed)
        return [h.scheme for h in found if "layer lines" in h.fault]

    softer = next(s for r in told(all_of_it)[0].recipes for s in r.steps if s.id == "edges")
    assert softer.placing.amount == 0.5 and not told({}) and not told({"high": 0.1})
    bare = scheme("oak", "wharf")
    assert not value_helps(bare, RACK, read, [], [], NAMES, AREAS, lambda: "n", EVENING, None, all_of_it)


def test_layers_leave_stairs_where_the_skin_leans_to_them(built: Built) -> None:
    """Printed upright the walls have none, tops are flat to the layers; printed leaning by 30° walls show half a layer."""
    upright = stairs_um(built, [np.array([0, 0, 1.0])], [0.05])
    leaning = stairs_um(built, [np.array([0.5, 0, np.sqrt(0.75)])], [0.05])
    normal = built.figure.mesh.vertex_normals
    wall, top = np.abs(normal[:, 0]) > 0.9999, normal[:, 2] > 0.9999
    assert upright[wall].max() < 1 and upright[top].max() == 0
    assert leaning[wall] == pytest.approx(25.0, abs=1) and leaning[top] == pytest.approx(50 * np.sqrt(0.75), abs=0.1)
    told = deepest_by_zone(built, leaning)
    assert list(told.values()) == sorted(told.values(), reverse=True) and max(told.values()) <= 50
