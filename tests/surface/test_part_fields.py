"""What is seen, covered, detailed and brushed, on shapes where that is known."""

from __future__ import annotations

import numpy as np
import pytest
from benchmarks.sculpts import organic

from helpers import ball_mesh, box_mesh, subdivided
from numerus.domain.printing.poses import BrushDab
from numerus.errors import GeometryError
from numerus.surface.fields.part_fields import detail_of, fields_of, importance, packed_fields, unpacked_fields

CUBE = subdivided(box_mesh((10, 10, 10)), 3)
CENTRES = CUBE.triangles.mean(axis=1)


def test_a_neighbour_covers_what_it_touches_and_hides_what_it_shades() -> None:
    """A block set on the cube's right side: that side is glue and unseen, the left side is as it was."""
    alone, built = fields_of(CUBE), fields_of(CUBE, [box_mesh((6, 10, 10), (10.1, 0, 0))])
    right, left = CENTRES[:, 0] > 9.9, CENTRES[:, 0] < 0.1
    assert built.glue[right].all() and not built.glue[left].any()
    assert built.show[right].max() == 0 < alone.show[right].min()
    assert built.show[left] == pytest.approx(alone.show[left])
    assert built.scar_cost[right].max() == 0


def test_what_lies_within_a_neighbour_is_covered() -> None:
    """A peg in a block, far from its skin."""
    peg = subdivided(box_mesh((2, 2, 12)), 3)
    glue = fields_of(peg, [box_mesh((20, 20, 8), (-9, -9, -1))]).glue
    z = peg.triangles.mean(axis=1)[:, 2]
    assert glue[z < 6].all() and not glue[z > 8].any()


def test_fronts_count_more_than_backs() -> None:
    """The figure looks toward -y."""
    said = importance(CUBE)
    assert said[CENTRES[:, 1] < 0.1] == pytest.approx(1.0)
    assert said[CENTRES[:, 1] > 9.9] == pytest.approx(0.6)


def test_detail_is_where_normals_turn() -> None:
    """Faces at a cube's edges have detail, those amid a side have none; a fine ball has hardly any."""
    said = detail_of(CUBE)
    edge = np.sort(np.minimum(CENTRES, 10 - CENTRES), axis=1)[:, 1] < 0.6
    amid = np.sort(np.minimum(CENTRES, 10 - CENTRES), axis=1)[:, 1] > 3
    assert said[edge].min() > 0.2 > 1e-9 >= said[amid].max()
    assert detail_of(ball_mesh(5)).max() < 0.05


def test_the_last_dab_counts_and_only_within_its_reach() -> None:
    """Shown, then hidden in part; keep off and hold replace each other, not what is seen."""
    dabs = [
        BrushDab("hide", (5, 0, 5), 4.0),
        BrushDab("show", (5, 0, 5), 2.0),
        BrushDab("keep off", (5, 0, 5), 3.0),
        BrushDab("hold", (5, 0, 5), 1.5),
    ]
    made = fields_of(CUBE, (), dabs)
    far = np.linalg.norm(CENTRES - [5, 0, 5], axis=1)
    assert made.show[far < 2].min() == 1 and made.show[(far > 2) & (far < 4)].max() == 0
    assert made.hold[far < 1.5].all() and not made.keep_off[far < 1.5].any()
    assert made.keep_off[(far > 1.5) & (far < 3)].all() and not made.keep_off[far > 3].any()
    assert made.show[far > 4] == pytest.approx(fields_of(CUBE).show[far > 4])


def test_what_is_larger_than_any_machine_is_refused_in_words() -> None:
    """Before anything is measured on it."""
    with pytest.raises(GeometryError, match="300 × 300 × 300 mm is more"):
        fields_of(box_mesh((300, 300, 300)))


def test_kept_fields_come_back_the_same() -> None:
    """Byte for byte; what belongs to another mesh, or is damaged, is not taken."""
    mesh = subdivided(box_mesh((8, 8, 20)), 3)
    fields = fields_of(mesh, [box_mesh((8, 8, 4), (0, 0, 20))], [BrushDab("hold", (4, 4, 0), 2.0)])
    back = unpacked_fields(packed_fields(fields), len(mesh.faces))
    assert back is not None
    for name in ("show", "detail", "glue", "keep_off", "hold"):
        assert np.array_equal(getattr(back, name), getattr(fields, name)), name
    assert unpacked_fields(packed_fields(fields), len(mesh.faces) + 1) is None
    assert unpacked_fields(b"nothing", len(mesh.faces)) is None


def test_a_dense_mesh_is_seen_as_a_looked_at_one(monkeypatch: pytest.MonkeyPatch) -> None:
    """Where only some faces are looked at the others take their neighbours' share: a few hundredths off on the whole."""
    sculpt = organic(12_000, 3)
    whole = fields_of(sculpt).show
    monkeypatch.setattr("numerus.surface.fields.part_fields.MOST_LOOKED_AT", 3000)
    some = fields_of(sculpt).show
    assert np.average(np.abs(whole - some), weights=sculpt.areas_mm2) < 0.05
    assert np.corrcoef(whole, some)[0, 1] > 0.95
