"""What is put where a hand put it: lines along the skin, masks drawn, what a resist keeps, what rubs where parts meet."""

from __future__ import annotations

import json
from dataclasses import replace

import numpy as np
import pytest

from helpers import EVENING, ball_mesh, box_mesh, subdivided
from numerus.colour.films import WHITE_GROUND
from numerus.colour.light import delta_e
from numerus.domain.painting.recipes import BY_HAND, DrawnLine, Placing, Recipe, RecipeStep, Scheme
from numerus.domain.painting.zones import Zone
from numerus.domain.plans import Plans
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats, merged
from numerus.paint.figure.drawn import drawn_cover, drawn_mm2
from numerus.paint.figure.painted import PaintedZone, Primer, painted_zone
from numerus.paint.figure.placing import BORDER, FRONT, RUBBED, Places, lying, mask_of, stroke_laid_ml
from numerus.paint.figure.shot import BORDER_MM, Figure
from numerus.paint.rack.pots import Rack
from numerus.paint.scheme import covered_share, laid_strokes, stroke_ml
from numerus.paint.scheme_exchange import scheme_from_text, scheme_text
from numerus.starter.schemes import PAINTS
from numerus.surface.fields.painting_fields import painting_fields
from numerus.surface.fields.where_parts_meet import RUB_MM, where_parts_meet

PAINTS_AND_RESIST = [*PAINTS, replace(PAINTS[0], id="resist", name="Resist", kind="resist")]
RACK = Rack({p.id: p for p in PAINTS_AND_RESIST})
STEP = RecipeStep("s", "S", "base", (("wharf", 1.0),), 0.0, "brush", 5, 20)
LINE = DrawnLine(((2.0, 5.0, 0.0), (8.0, 5.0, 0.0)), 1.0, ((0.0, 0.0, 1.0), (0.0, 0.0, 1.0)))


def plane(step_mm: float = 0.05, side: float = 10.0) -> tuple[Places, Floats]:
    """A flat sheet facing up, and the mm² each of its places stands for."""
    x, y = np.meshgrid(np.arange(0, side, step_mm), np.arange(0, side, step_mm))
    at = np.stack([x.ravel(), y.ravel(), np.zeros(x.size)], axis=1)
    flat = np.zeros(len(at))
    return Places(at, np.tile([0, 0, 1.0], (len(at), 1)), flat + 1, flat, flat, flat, flat), np.full(
        len(at), step_mm**2
    )


def test_a_line_covers_its_length_times_its_width_and_two_half_circles() -> None:
    """By closed form, straight and round a corner; two that cross are not counted twice."""
    places, area = plane()
    ends = np.pi * 0.25
    assert drawn_mm2([LINE], places.position, places.normal, area) == pytest.approx(6 + ends, rel=0.01)
    cross = DrawnLine(((5, 2, 0), (5, 8, 0)), 1.0)
    assert drawn_mm2([LINE, cross], places.position, places.normal, area) == pytest.approx(11 + 2 * ends, rel=0.01)
    dot = DrawnLine(((5, 5, 0),), 2.0)
    assert drawn_mm2([dot], places.position, places.normal, area) == pytest.approx(np.pi, rel=0.02)


def test_a_line_on_a_ball_runs_along_its_skin() -> None:
    """A ring round the equator is a belt as high as it is wide: 2πrh by Archimedes."""
    ball = ball_mesh(5.0, subdivisions=6)
    turn = np.linspace(0, 2 * np.pi, 180)
    ring = np.stack([np.cos(turn), np.sin(turn), 0 * turn], axis=1)
    line = DrawnLine(tuple(map(tuple, 5 * ring)), 0.8, tuple(map(tuple, ring)))
    thirds = np.bincount(ball.faces.ravel(), np.repeat(ball.areas_mm2 / 3, 3), len(ball.vertices))
    found = drawn_mm2([line], ball.vertices, ball.vertex_normals, thirds)
    assert found == pytest.approx(2 * np.pi * 5 * 0.8, rel=0.02)


def test_what_is_drawn_on_one_side_of_a_thin_sheet_does_not_come_through() -> None:
    """Unless nobody told which side it was."""
    places, _ = plane(0.2)
    behind = replace(places, position=places.position - [0, 0, 0.1], normal=-places.normal)
    assert drawn_cover([LINE], behind.position, behind.normal).max() == 0
    assert drawn_cover([replace(LINE, normals=())], behind.position, behind.normal).max() > 0.9


def test_a_freehand_stroke_is_charged_for_what_was_drawn() -> None:
    """The films on the skin and the rack's own reckoning agree; nothing drawn takes nothing."""
    places, area = plane()
    share = drawn_mm2([LINE], places.position, places.normal, area) / area.sum()
    for step in (
        replace(STEP, technique="line", placing=Placing(drawn=(LINE,), drawn_share=share)),
        replace(STEP, placing=Placing(BY_HAND, drawn=(LINE,), drawn_share=share)),
    ):
        laid = stroke_laid_ml(step, lying(step, places), area, RACK.solids(step.mix, 0.0))
        assert stroke_ml(step, float(area.sum()) / 100, RACK) == pytest.approx(laid, rel=1e-6)
    assert (
        covered_share(replace(STEP, technique="line"))
        == lying(replace(STEP, technique="line"), places).covers.max()
        == 0
    )


def rubbed(*between: RecipeStep) -> tuple[PaintedZone, PaintedZone, np.ndarray]:
    """An undercoat, a resist drawn on it, a coat over both; then rubbed back, and which places were drawn on."""
    places, _ = plane(0.1)
    under = replace(STEP, mix=(("saddle", 1.0),), coats=6)
    resist = replace(STEP, technique="resist", mix=(("resist", 1.0),), placing=Placing(BY_HAND, drawn=(LINE,)))
    over = replace(STEP, mix=(("verdigris", 1.0),), coats=6)
    back = replace(STEP, technique="rub-back", mix=(("resist", 1.0),))
    steps = [under, resist, *between, over]
    painted = [painted_zone(s, RACK, Primer(WHITE_GROUND), places) for s in (steps, [*steps, back])]
    return painted[0], painted[1], drawn_cover([LINE], places.position, places.normal)


def test_a_resist_changes_nothing_until_it_is_rubbed_back_and_then_the_undercoat_shows() -> None:
    """Where it was, the undercoat's own colour; everywhere else the coat; half-way on its border."""
    before, after, drawn = rubbed()
    undercoat, coat = (RACK.pigment(((p, 1.0),)).lab for p in ("saddle", "verdigris"))
    assert delta_e(before.lab(), coat).max() < 2
    assert delta_e(after.lab()[drawn == 1], undercoat).max() < 2
    assert delta_e(after.lab()[drawn == 0], coat).max() < 2
    border = after.lab()[(drawn > 0.4) & (drawn < 0.6)]
    assert len(border) and delta_e(border, coat).min() > 5 and delta_e(border, undercoat).min() > 5


def test_what_lies_over_a_resist_goes_with_it_whatever_it_is() -> None:
    """A stroke more between resist and coat is rubbed away, too."""
    wash = replace(STEP, technique="wash", mix=(("peat", 1.0),))
    _, plain, drawn = rubbed()
    _, washed, _ = rubbed(wash)
    assert delta_e(plain.lab()[drawn == 1], washed.lab()[drawn == 1]).max() < 1


def test_from_afar_a_rub_back_shows_a_share_of_the_undercoat() -> None:
    """Between the coat's colour and the undercoat's, nearer the coat; without a resist it shows the primer's."""
    steps = [
        replace(STEP, id="a", mix=(("saddle", 1.0),), coats=6),
        replace(STEP, id="b", technique="resist", mix=(("resist", 1.0),)),
        replace(STEP, id="c", mix=(("verdigris", 1.0),), coats=6),
        replace(STEP, id="d", technique="rub-back", mix=(("resist", 1.0),)),
    ]
    laid = laid_strokes(Recipe("z", tuple(steps)), RACK, WHITE_GROUND)
    undercoat, resisted, coat, back = (s.afar for s in laid)
    assert np.array_equal(undercoat, resisted)
    assert np.allclose(back, 0.9 * coat + 0.1 * undercoat)
    assert stroke_ml(steps[3], 5.0, RACK) == 0 < stroke_ml(steps[1], 5.0, RACK)


def test_parts_rub_where_they_meet() -> None:
    """By distance to the other part's skin, as told part by part and as shells of one mesh."""
    lower, upper = subdivided(box_mesh((10, 10, 5)), 4), subdivided(box_mesh((4, 4, 5), (3, 3, 5.5)), 4)
    both = merged([lower, upper])
    told = where_parts_meet(both, (len(lower.vertices), len(upper.vertices)))
    assert np.array_equal(told, where_parts_meet(both))
    own = np.all((both.vertices[:, :2] > 3.01) & (both.vertices[:, :2] < 6.99), axis=1)
    top = own & (np.abs(both.vertices[:, 2] - 5) < 1e-6)
    assert top.any() and np.allclose(told[top], 1 - 0.5 / RUB_MM, atol=0.03)
    assert told[both.vertices[:, 2] < 3].max() == 0
    assert where_parts_meet(lower).max() == 0


def test_a_border_is_where_another_zone_begins() -> None:
    """On one box of two halves: by distance to the line between them; a figure of one zone has none, nor have places by themselves."""
    box = subdivided(box_mesh((10, 4, 4)), 5)
    left = box.vertices[box.faces].mean(axis=1)[:, 0] < 5
    figure = Figure(box, painting_fields(box), left.astype(np.int64))
    away = np.abs(box.vertices[:, 0] - 5)
    assert figure.places.border == pytest.approx(np.clip(1 - away / BORDER_MM, 0, 1), abs=0.12)
    some = figure.places.some(np.flatnonzero(away < 2))
    assert np.array_equal(some.border, figure.places.border[away < 2])
    lining = lying(replace(STEP, placing=Placing(BORDER)), figure.places).film_um
    assert lining[away < 0.1].min() > 0 == lining[away > BORDER_MM].max()
    whole = Figure(box, figure.fields, np.zeros(len(box.faces), np.int64))
    assert whole.places.border.max() == 0 == plane(1.0)[0].border.max()


def test_masks_by_front_and_by_what_rubs() -> None:
    """The front is what looks to the viewer's side; what nothing touches is never rubbed."""
    places, _ = plane(1.0)
    turned = replace(places, normal=np.tile([0, -1.0, 0], (len(places), 1)))
    assert mask_of(Placing(FRONT), turned).min() == 1
    assert mask_of(Placing(FRONT), replace(turned, normal=-turned.normal)).max() == 0
    assert mask_of(Placing(RUBBED), places).max() == 0
    assert mask_of(Placing(RUBBED), replace(places, meets=places.meets + 1)).min() == 1


def test_what_was_drawn_goes_out_with_a_scheme_and_comes_back() -> None:
    """Line for line, with its normals; normals that are not as many as points are left out, a line without points is refused."""
    step = replace(STEP, id="line", technique="line", placing=Placing(drawn=(LINE,), drawn_share=0.03))
    zone = Zone("z", "Sash", 0)
    plans = Plans(paints=RACK.paints, zones={"z": zone})
    text = scheme_text(Scheme("s", "Drawn", (Recipe("z", (step,)),)), plans)
    read, _, _ = scheme_from_text(text, plans, lambda: "new", EVENING)
    assert read.recipes[0].steps[0].placing == step.placing
    told = json.loads(text)
    drawn = told["recipes"][0]["strokes"][0]["placing"]["drawn"]
    drawn[0]["normals"] = drawn[0]["normals"][:1]
    read, _, _ = scheme_from_text(json.dumps(told), plans, lambda: "new", EVENING)
    assert read.recipes[0].steps[0].placing.drawn == (replace(LINE, normals=()),)
    drawn[0]["points"] = []
    with pytest.raises(PlanError):
        scheme_from_text(json.dumps(told), plans, lambda: "new", EVENING)
