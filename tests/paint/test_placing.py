"""Where paint lies, its laws: never negative, as much as is charged, no matter which way round the figure stands."""

from __future__ import annotations

import json
from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from PIL import Image

from helpers import ball_mesh, box_mesh, subdivided
from numerus.cli.__main__ import main
from numerus.colour.films import BLACK_GROUND, WHITE_GROUND
from numerus.colour.light import delta_e
from numerus.colour.reflectance import lab_of_reflectance
from numerus.domain.painting.recipes import Placing, RecipeStep
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.geometry.mesh import Mesh, merged
from numerus.kit.thumbnails import fitted_camera
from numerus.paint.figure.painted import Primer, painted_zone
from numerus.paint.figure.placing import MASKS, Places, lying, mask_of, stroke_laid_ml
from numerus.paint.figure.schools import break_even, difference_words, measured, schools
from numerus.paint.figure.shot import Figure, Shot
from numerus.paint.rack.pots import Rack
from numerus.paint.scheme import laid_um
from numerus.paint.techniques import BROKEN, TECHNIQUES
from numerus.starter.schemes import PAINTS
from numerus.surface.fields.painting_fields import painting_fields

RACK = Rack({p.id: p for p in PAINTS})
STEP = RecipeStep("s", "S", "base", (("tallow", 1.0),), 0.0, "brush", 5, 20)


def figure_of(mesh: Mesh) -> Figure:
    return Figure(mesh, painting_fields(mesh, ridge_mm=0.3), np.zeros(len(mesh.faces), np.int64))


@pytest.fixture(scope="module")
def bust() -> Figure:
    """A ball on a block: ridges, folds, an underside."""
    return figure_of(merged([subdivided(box_mesh((9, 9, 5)), 4), ball_mesh(4.2, (4.5, 4.5, 7.5))]))


@pytest.mark.parametrize("technique", TECHNIQUES)
@pytest.mark.parametrize("mask", ["", *MASKS])
def test_films_are_never_negative_and_shares_lie_within_one(bust: Figure, technique: str, mask: str) -> None:
    """Whatever the technique, wherever it is put."""
    laid = lying(replace(STEP, technique=technique, placing=Placing(mask, seed=3)), bust.places)
    assert laid.film_um.min() >= 0 and laid.covers.min() >= 0 and laid.covers.max() <= 1
    assert np.all(np.isfinite(laid.mean_um))
    if technique not in BROKEN:
        assert laid.covers.min() == 1


def test_a_base_takes_what_its_film_holds(bust: Figure) -> None:
    """By hand: the skin's mm² times the film, over solids, with what the brush keeps; and the rack is charged that."""
    own = np.flatnonzero(~bust.fields.inside)
    area = bust.mesh.vertex_areas_mm2[own]
    laid = lying(STEP, bust.places.some(own))
    solids = RACK.solids(STEP.mix, 0.0)
    by_hand = area.sum() * laid_um(STEP) * 1e-6 * (1 + TECHNIQUES["base"].lost) / solids
    assert stroke_laid_ml(STEP, laid, area, solids) == pytest.approx(by_hand)


def test_washes_run_into_folds_and_dry_brushes_catch_ridges(bust: Figure) -> None:
    """Where ball and block meet, and on the block's rim; a spray from above leaves the underside."""
    places = bust.places
    fold, rim = places.recess > 0.3, (places.ridge > 0.25) & (places.recess < 0.05)
    wash, dry, spray = (lying(replace(STEP, technique=t), places) for t in ("wash", "dry-brush", "spray"))
    assert wash.film_um[fold].mean() > 2 * wash.film_um[rim].mean()
    assert dry.covers[rim].mean() > 2 * dry.covers[fold].mean()
    up, down = places.normal[:, 2] > 0.8, places.normal[:, 2] < -0.8
    assert spray.film_um[down].max() < 0.2 * spray.film_um[up].mean()


def test_masks_are_shares_and_mean_what_they_say(bust: Figure) -> None:
    """Up is not under; everywhere is everywhere."""
    up, under = (mask_of(Placing(m), bust.places) for m in ("up", "under"))
    assert mask_of(Placing("everywhere"), bust.places).min() == 1
    assert np.all(np.minimum(up, under) < 0.2) and up.max() == under.max() == 1


def test_what_is_strewn_is_the_same_for_a_seed_and_other_for_another(bust: Figure) -> None:
    """Chips come again where they were."""
    chips = [lying(replace(STEP, technique="chip", placing=Placing(seed=s)), bust.places).covers for s in (1, 1, 2)]
    assert np.array_equal(chips[0], chips[1]) and not np.array_equal(chips[0], chips[2])
    assert 0 < chips[0].mean() < 0.5


def test_a_glow_falls_off_and_does_not_light_what_looks_away() -> None:
    """Twice as far from the flame less than half of it."""
    at = Places(
        np.array([[0, 0, 0], [0, 0, -6.0], [0, 0, 0]]), np.array([[0, 0, 1], [0, 0, 1], [0, 0, -1.0]]), *np.ones((5, 3))
    )
    laid = lying(replace(STEP, technique="glow", placing=Placing(at=(0, 0, 6))), at).film_um
    assert laid[0] > 2 * laid[1] > 0 and laid[2] == 0


def test_looks_agree_with_films_laid_one_by_one(bust: Figure) -> None:
    """The shortcut by alike places against each place's own stack: within the steps it is told in."""
    steps = [
        STEP,
        replace(STEP, technique="wash", mix=(("peat", 1.0),)),
        replace(STEP, technique="edge", mix=(("candle", 1.0),)),
    ]
    some = bust.places.some(np.arange(0, len(bust.places), 37))
    found = painted_zone(steps, RACK, Primer(WHITE_GROUND * 0.6), some)
    look = np.tile(WHITE_GROUND * 0.6, (len(some), 1))
    for step in steps:
        laid = lying(step, some)
        share = laid.covers[:, None]
        look = share * RACK.pigment(step.mix).over(look, laid.film_um[:, None]) + (1 - share) * look
    apart = delta_e(found.lab(), lab_of_reflectance(look))
    assert np.median(apart) < 0.5 and apart.max() < 3


def test_more_coats_never_hide_less_on_a_figure(bust: Figure) -> None:
    """Towards the paint's own colour, at every place."""
    hiding, last = RACK.pigment(STEP.mix).lab, None
    for coats in (1, 2, 4):
        lab = painted_zone([replace(STEP, coats=coats)], RACK, Primer(BLACK_GROUND), bust.places).lab()
        apart = delta_e(lab, hiding)
        assert last is None or np.all(apart <= last + 0.3)
        last = apart


def test_a_mirrored_figure_has_a_mirrored_picture(bust: Figure) -> None:
    """Seen from the other side, without what is strewn."""
    mesh = bust.mesh
    mirror = figure_of(Mesh(mesh.vertices * [-1, 1, 1], mesh.faces[:, ::-1].copy()))
    shown = []
    for figure, turn in ((bust, 30), (mirror, -30)):
        shot = Shot(figure, fitted_camera(figure.mesh, turn, 10, 1.1, 1.0), 60, 60, 2)
        look = painted_zone(
            [STEP, replace(STEP, technique="wash", mix=(("peat", 1.0),))], RACK, Primer(WHITE_GROUND * 0.5), shot.places
        )
        shown.append(shot.picture(look.light() * shot.light(np.array([0, -0.4, 0.9]))[:, None]).astype(float))
    assert np.abs(shown[0] - shown[1][:, ::-1]).mean() < 3


def test_schools_differ_as_painters_say(bust: Figure) -> None:
    """The thin coat shows most of the stairs for its film, the brush takes longest, the airbrush pays from some figures on."""
    made = {s.letter: s for s in schools((("tallow", 1.0),), RACK, 4.0)}
    up = np.array([0, np.sin(0.7), np.cos(0.7)])
    found = {k: measured(s, bust, 0, RACK, 10, up, 0.05) for k, s in made.items()}
    assert max(found, key=lambda k: found[k].minutes) == "C"
    assert found["C"].blotches == min(m.blotches for m in found.values())
    flat = {k: measured(s, bust, 0, RACK, 10, up, 0.0) for k, s in made.items()}
    assert all(m.lines == pytest.approx(0, abs=1e-6) for m in flat.values()), "no layers, no lines"
    pays = break_even(made["D"], made["C"])
    assert pays is not None and pays >= 2
    words = difference_words(found["C"], found["A"], "C", "A")
    assert words.startswith("C against A:") and "longer" in words


def test_a_painted_file_from_the_command_line(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """Zones, a recipe to begin with, a picture; a wrong recipe is refused in words."""
    write_stl(merged([box_mesh((10, 10, 10)), box_mesh((4, 4, 7), (3, 3, 9.5))]), tmp_path / "two.stl")
    zones, recipe, png = (tmp_path / n for n in ("z.json", "r.json", "p.png"))
    zones.write_text(json.dumps({"faces": ["coat"] * 12 + ["knob"] * 12}))
    assert main(["paint", "--example-recipe", str(recipe)]) == 0
    common = ["paint", str(tmp_path / "two.stl"), "--recipe", str(recipe), "--zones", str(zones), "--out", str(png)]
    assert main([*common, "--from", "30,20"]) == 0
    colours = np.asarray(Image.open(png).convert("RGBA")).reshape(-1, 4)
    shown = colours[colours[:, 3] == 255][:, :3].astype(int)
    assert len(shown) > 10_000 and (shown[:, 0] - shown[:, 2]).max() > 60
    told = json.loads(recipe.read_text())
    told["zones"]["coat"][0]["mix"] = {"Nobody": 1}
    recipe.write_text(json.dumps(told))
    assert main(common) == 2
    assert "Nobody" in capsys.readouterr().out
