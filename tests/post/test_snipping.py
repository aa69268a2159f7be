"""Supports come off thin skin first: walls beside tips are those there are, parts with most thin tips are told first."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import box_mesh, subdivided
from numerus.errors import Cancelled
from numerus.geometry.mesh import Mesh, merged
from numerus.post.snipping import Snipping, snipping_of, snippings, walls_at

UP = np.array([0.0, 0.0, 1.0])


def flag() -> Mesh:
    """A block of 6 mm with a sheet of 0.5 mm at its side, both over the plate."""
    return merged([subdivided(box_mesh((6, 6, 6)), 3), subdivided(box_mesh((8, 4, 0.5), (5.5, 1, 0)), 4)])


def on_pillars(part: Mesh, *places: tuple[float, float]) -> Mesh:
    """As it stands on the plate: raised by 5 mm, a pillar under each place."""
    pillars = [box_mesh((0.3, 0.3, 4.99), (x - 0.15, y - 0.15, 0)) for x, y in places]
    return merged([part.with_vertices(part.vertices + [0, 0, 5]), *pillars])


def test_walls_beside_tips_are_those_of_the_part() -> None:
    """Half a millimetre under the sheet, six under the block."""
    walls = walls_at(flag(), np.array([[10.0, 3, 0], [3, 3, 0]]))
    assert walls[0] == pytest.approx(0.5, abs=0.02) and walls[1] == pytest.approx(6.0, abs=0.05)


def test_tips_under_thin_skin_come_first_and_it_says_so() -> None:
    """Two under the sheet, three under the block, by how many there are."""
    part = flag()
    whole = on_pillars(part, (9, 2.2), (12, 3.5), (1.5, 1.5), (3, 4), (4, 1.5))
    found = snipping_of("flag", part, UP, whole, 4)
    assert found is not None and len(found.walls_mm) == 5 and found.thin == 2
    assert list(found.walls_mm) == sorted(found.walls_mm)
    assert "flag, 4 of them: first 2 tips on skin of 0.5" in found.words and "last the 3" in found.words
    assert snipping_of("flag", part, UP, part) is None, "a print without supports tells nothing"


def test_parts_with_most_thin_tips_are_told_first_and_it_can_be_stopped() -> None:
    """A block alone has nothing thin; a stop leaves nothing half told."""
    block, part = subdivided(box_mesh((6, 6, 6)), 3), flag()
    rows = [
        ("block", block, UP, on_pillars(block, (2, 2)), 1), ("flag", part, UP, on_pillars(part, (9, 2.2), (3, 3)), 1),
    ]  # fmt: skip
    found = snippings(rows)
    assert [s.name for s in found] == ["flag", "block"] and "none under thin skin" in found[1].words
    assert Snipping("x", (0.3,)).words.endswith("never pulled")
    with pytest.raises(Cancelled):
        snippings(rows, lambda _: False)
