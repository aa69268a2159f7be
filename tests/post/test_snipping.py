"""Supports come off thin skin first: walls beside tips are those there are, parts with most thin tips are told first."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import box_mesh, subdivided
from numerus.errors import Cancelled
from numerus.geometry.mesh import Mesh, merged
from numerus.post.snipping import Snipping, Supported, shown_share, snipping_of, snippings, walls_at
from numerus.post.supports_off import AFTER, BEFORE, Held, supports_off

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
    found = snipping_of(Supported("flag", part, UP, whole, 4))
    assert found is not None and len(found.walls_mm) == 5 and found.thin == 2
    assert list(found.walls_mm) == sorted(found.walls_mm)
    assert "flag, 4 of them: first 2 tips on skin of 0.5" in found.words and "last the 3" in found.words
    assert snipping_of(Supported("flag", part, UP, part)) is None, "a print without supports tells nothing"


def test_parts_with_most_thin_tips_are_told_first_and_it_can_be_stopped() -> None:
    """A block alone has nothing thin; a stop leaves nothing half told."""
    block, part = subdivided(box_mesh((6, 6, 6)), 3), flag()
    rows = [
        Supported("block", block, UP, on_pillars(block, (2, 2))),
        Supported("flag", part, UP, on_pillars(part, (9, 2.2), (3, 3))),
    ]
    found = snippings(rows)
    assert [s.name for s in found] == ["flag", "block"] and "none under thin skin" in found[1].words
    assert Snipping("x", (0.3,)).words.endswith("never pulled")
    with pytest.raises(Cancelled):
        snippings(rows, lambda _: False)


def test_marks_on_show_are_those_nobody_covers_and_somebody_sees() -> None:
    """Seen from above on top of a block, by nobody under it, nor where another part is glued onto it; half of them where half are."""
    block = subdivided(box_mesh((6, 6, 6)), 3)
    lid = subdivided(box_mesh((6, 6, 2), (0, 0, 6)), 3)
    top, under = np.array([[3.0, 3, 6]]), np.array([[3.0, 3, 0]])
    assert shown_share(block, top, ()) == pytest.approx(1.0)
    assert shown_share(block, under, ()) == 0.0
    assert shown_share(block, top, [lid]) == 0.0, "glue covers it"
    assert shown_share(block, np.concatenate([top, under]), ()) == pytest.approx(0.5)


def test_both_schools_say_how_much_of_their_marks_is_on_show() -> None:
    """A fifth of one part's forty marks and none of the other's sixty; nothing is said while one was not looked at."""
    parts = [Held("arm", 40, 2.0), Held("plinth", 60, 3.0)]
    before, after = (supports_off(school, parts, {"arm": 0.2, "plinth": 0.0}) for school in (BEFORE, AFTER))
    assert before.shown_mm2 == pytest.approx(0.08 * before.marks_mm2)
    assert after.shown_mm2 == pytest.approx(0.08 * after.marks_mm2) and after.shown_mm2 > before.shown_mm2
    assert "on show)" in before.description
    assert supports_off(BEFORE, parts, {"arm": 0.2}).shown_mm2 is None
