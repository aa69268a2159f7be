"""What a spray hits besides its zone, and in which order zones are painted: on blocks whose answers are known."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import box_mesh, subdivided
from numerus.geometry.mesh import merged
from numerus.paint.advice.zone_order import could_share, in_order, openness_by_zone, proposed_order
from numerus.paint.figure.built import Built, built_figure
from numerus.paint.figure.overspray import masks_words, overspray
from numerus.paint.rack.pots import Rack
from numerus.starter.schemes import PAINTS, SCHEME
from numerus.surface.zones import ZonedMesh

RACK = Rack({p.id: p for p in PAINTS})
FRONT = np.array([0.0, -1.0, 0.0])


def blocks(*parts: tuple[str, tuple[float, float, float], tuple[float, float, float]]) -> Built:
    """Boxes of a zone each: name, size, lowest corner."""
    meshes = [subdivided(box_mesh(size, at), 3) for _, size, at in parts]
    labels = np.repeat(np.arange(len(parts)), [len(m.faces) for m in meshes]).astype(np.uint8)
    return built_figure([ZonedMesh(merged(meshes), tuple(n for n, *_ in parts), labels)], None, lambda _: True)[0]


def test_a_block_beside_is_hit_and_one_behind_is_not() -> None:
    """A spray from the front reaches the neighbour's front within its cone, nothing that stands behind or far aside."""
    built = blocks(
        ("own", (10, 4, 10), (0, 0, 0)), ("beside", (6, 4, 10), (11, 0, 0)), ("behind", (8, 4, 8), (1, 20, 1)), ("far", (6, 4, 10), (90, 0, 0)),
    )  # fmt: skip
    found = {o.zone: o.mm2 for o in overspray(built, "own", FRONT)}
    assert set(found) == {"beside"}
    reach = 60 * np.tan(np.radians(15))  # aims stand half of that apart: the last is within it of the border
    assert 0.5 * 6 * 10 < found["beside"] < 6 * 10 + 2 * 4 * 10 and reach > 7


def test_only_finished_zones_are_worth_a_word() -> None:
    """Sprayed before them there is nothing to mask."""
    built = blocks(("own", (10, 4, 10), (0, 0, 0)), ("beside", (6, 4, 10), (11, 0, 0)))
    found = overspray(built, "own", FRONT)
    assert masks_words(found, {"beside": "sash"}, set()) == ""
    words = masks_words(found, {"beside": "sash"}, {"beside"})
    assert "sash" in words and "tape" in words and "putty" in words


def test_the_deep_and_the_messy_come_first() -> None:
    """A slot between walls before the walls; what is dry-brushed before both; the scheme's recipes follow, none lost."""
    turns = proposed_order(
        SCHEME, {"cloth": 0.9, "lining": 0.3, "skin": 0.8, "leather": 0.7, "wood": 0.6, "metal": 0.95, "base": 0.9}
    )
    order = [t.zone for t in turns]
    assert order[:2] == ["base", "metal"], "dry-brushed, the deeper first"
    assert order[2:] == ["lining", "wood", "leather", "skin", "cloth"] and "deep" in turns[2].why
    made = in_order(SCHEME, turns)
    assert [r.zone for r in made.recipes] == order and set(made.recipes) == set(SCHEME.recipes)


def test_a_slot_lies_deeper_than_its_walls() -> None:
    """Mean openness by zone: the floor of a slot less than the outside."""
    built = blocks(
        ("wall", (4, 20, 16), (0, 0, 0)), ("wall2", (4, 20, 16), (8, 0, 0)), ("floor", (3.9, 20, 2), (4.05, 0, 0))
    )
    found = openness_by_zone(built)
    assert found["floor"] < found["wall"] and found["wall"] == pytest.approx(found["wall2"], abs=0.05)


def test_zones_that_could_share_a_pot_are_told_by_how_near_they_are() -> None:
    """Leather and wood of one brown, not cloth and lining; a pot shared already is not told."""
    near = could_share(SCHEME, RACK)
    assert {"leather", "wood"} in [{s.one, s.other} for s in near] and {"cloth", "lining"} not in [
        {s.one, s.other} for s in near
    ]
    assert [s.delta_e for s in near] == sorted(s.delta_e for s in near)
