"""Contact sheets: what is on them comes from the meshes and the scheme."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import pytest

from helpers import ball_mesh
from numerus.colour.light import rgb_of
from numerus.demo import sheets
from numerus.demo.army import BELLRINGERS, figure_parts
from numerus.demo.parts import labelled
from numerus.demo.scheme import SCHEME, ZONES
from numerus.demo.sheets import GROUND, rows_of, shot, zone_palette
from numerus.paint.priming.primer import primed_ground
from numerus.paint.rack.pots import Rack
from numerus.paint.scheme import zone_colour
from numerus.starter.schemes import PAINTS
from numerus.surface.zones import ATTRIBUTE

NAMES = [z.id for z in ZONES]


def test_every_zone_has_the_colour_its_recipe_makes() -> None:
    """Row by row of the palette."""
    rack = Rack({p.id: p for p in PAINTS})
    for recipe in SCHEME.recipes:
        wanted = np.round(255 * rgb_of(zone_colour(recipe, rack, primed_ground(SCHEME))))
        assert zone_palette()[NAMES.index(recipe.zone)] == pytest.approx(wanted)


def test_a_shot_shows_the_part_in_its_zones_colour_on_the_ground() -> None:
    """A ball of brass: verdigris in the middle, ground in the corner; in grey it is not."""
    ball = ball_mesh(5)
    brass = ball.with_face_attribute(ATTRIBUTE, np.full(len(ball.faces), NAMES.index("brass"), np.uint8))
    painted, plain = (np.asarray(shot([brass], (80, 80), p), float) for p in (True, False))
    assert tuple(painted[1, 1]) == GROUND
    wanted = zone_palette()[NAMES.index("brass")].astype(float)
    ratio = painted[40, 40] / np.maximum(wanted, 1)
    assert np.ptp(ratio) < 0.1  # shaded, not recoloured
    assert np.ptp(plain[40, 40]) < 30


def test_rows_stand_below_each_other_and_the_widest_counts() -> None:
    """Width of the widest row, height of all with their names."""
    one = shot([ball_mesh(2)], (60, 50), False)
    sheet = rows_of([[("a", one), ("b", one)], [("c", one)]])
    assert sheet.size == (120, 2 * (50 + 22))


def test_each_unit_gets_its_picture(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    """Written where it was asked, only those asked for."""
    monkeypatch.setattr(
        sheets, "unit_sheet", lambda unit, many: rows_of([[(unit, shot([ball_mesh(2)], (30, 30), False))]])
    )
    sheets.main(tmp_path, "unit-")
    assert {p.stem for p in tmp_path.glob("*.png")} == {
        f"unit-{u}" for u in ("lock", "ferry", "kiln", "bellringers", "heron")
    }


@pytest.mark.parametrize("number", range(len(BELLRINGERS)))
def test_the_bellringers_are_told_apart_by_what_they_carry(number: int) -> None:
    """Sergeant, banner and boy: outlines no one else of the army has, by width or height."""
    own = np.max([m.bounds_mm[1] for m in figure_parts("bell", number)], axis=0) - np.min(
        [m.bounds_mm[0] for m in figure_parts("bell", number)], axis=0
    )
    others = [np.ptp([m.bounds_mm for m in figure_parts("bell", n)], axis=(0, 1)) for n in range(3) if n != number]
    assert all(np.abs(own - other).max() > 1.0 for other in others)


def test_a_boy_is_smaller_than_a_man() -> None:
    """Seven eighths, on the same base."""
    boy, man = labelled("legs_boy"), labelled("legs_striding")
    assert boy.bounds_mm[0, 2] == pytest.approx(man.bounds_mm[0, 2], abs=0.05)
    assert labelled("head_boy").bounds_mm[1, 2] < 0.92 * labelled("head_bald").bounds_mm[1, 2]
