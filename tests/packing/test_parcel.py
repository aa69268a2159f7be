"""Boxes, weights, magnets and papers of what travels, against sums by hand."""

from __future__ import annotations

from itertools import combinations

import numpy as np
import pytest
from shapely import Polygon

from numerus.assembly.joints import MAGNETS, PULL_LEFT
from numerus.book.book import Book
from numerus.formats.meshes.packed_mesh import unpack_mesh
from numerus.packing.packing_list import label_lines, packing_html
from numerus.packing.parcel import FILL_MM, parcel
from numerus.packing.pockets import Pocket
from numerus.packing.standing import JOLT, magnets_for, standing_pockets
from numerus.packing.trays import WALL_MM, FoamBox, packed

SQUARE = np.array([[0.0, 0], [40, 0], [40, 30], [0, 30]])


def pocket(name: str, grams: float = 10.0, note: str = "") -> Pocket:
    return Pocket(name, name, "Lock <watch>", 40, 30, 25, SQUARE, "on its back", note, grams)


def test_a_parcel_holds_its_trays_and_weighs_what_is_in_it() -> None:
    """Both boxes in whole centimetres, filling all round; more figures weigh more by at least themselves."""
    few, many = (packed([pocket(f"f{n}") for n in range(count)], FoamBox(200, 150)).trays for count in (4, 30))
    one, other = parcel(few), parcel(many)
    assert one is not None and other is not None and parcel([]) is None
    for box, trays in ((one, few), (other, many)):
        assert all(mm % 10 == 0 for mm in (*box.inner_mm, *box.outer_mm))
        assert box.inner_mm[2] >= sum(t.high_mm for t in trays)
        assert all(o - i >= 2 * FILL_MM for i, o in zip(box.inner_mm, box.outer_mm, strict=True))
    assert one.figures_g == 40 and other.grams - one.grams > 260


@pytest.mark.parametrize(
    ("grams", "base_mm", "tall_mm"), [(5, 25, 40), (12, 28, 50), (40, 40, 60), (90, 60, 110), (3, 25, 90)]
)
def test_magnets_hold_the_jolt_and_the_tilt(grams: float, base_mm: float, tall_mm: float) -> None:
    """Weight times the jolt, times how much higher the middle is than the base is wide; one less would not do."""
    held = magnets_for(grams, base_mm, tall_mm)
    wanted = grams / 1000 * 9.81 * JOLT * max(1.0, tall_mm / base_mm)
    assert held.wanted_n == pytest.approx(wanted)
    if held.many:
        assert held.many * held.magnet.pull_n * PULL_LEFT >= wanted
        assert (held.many - 1) * MAGNETS[-1].pull_n * PULL_LEFT < wanted
    else:
        assert 4 * MAGNETS[-1].pull_n * PULL_LEFT < wanted and "foam" in held.words


def test_figures_stand_apart_and_as_wide_as_they_reach(demo: Book) -> None:
    """No circle over another or the box's edge; each reaches round everything of its figure."""
    plans = demo.plans
    figures = [f for u in plans.units_in_order() for f in plans.figures_of(u.id)][:14]
    stood = standing_pockets(plans, figures, lambda blob: unpack_mesh(demo.blob(blob)))
    assert len(stood) == len(figures) and all(p.attitude == "standing" for p in stood)
    for figure, own in zip(figures, stood, strict=True):
        parts = [plans.parts[p] for p in figure.build.values() if p in plans.parts]
        ends = np.concatenate([unpack_mesh(demo.blob(p.blob)).vertices for p in parts])[:, :2]
        assert own.width_mm / 2 >= np.linalg.norm(ends - (ends.min(axis=0) + ends.max(axis=0)) / 2, axis=1).max()
    packing = packed(stood, FoamBox(300, 220), fingers=False)
    for tray in packing.trays:
        cut = [Polygon(p.outline) for p in tray.laid]
        assert all(a.distance(b) >= WALL_MM - 1e-6 for a, b in combinations(cut, 2))


def test_the_list_and_the_labels_name_everything_once() -> None:
    """Every figure with its picture where there is one; nothing is fetched; words of others are not taken for marks."""
    trays = packed([pocket("Osk", 11.0), pocket("Nan", 9.0, "fragile: bell")], FoamBox(200, 150)).trays
    page = packing_html("The Lampwatch", trays, {"Osk": b"png"}, "", {"Nan": ["lantern", "<pack>"]})
    assert "Bags with names" in page and "lantern, &lt;pack&gt;" in page
    assert "Bags" not in packing_html("The Lampwatch", trays, {})
    assert (
        page.count("<b>Osk</b>") == 1
        and page.count("<img") == 1
        and "Lock &lt;watch&gt;" in page
        and "http" not in page
    )
    assert "2 figures, 20 g" in page and "fragile: bell" in page
    (label,) = label_lines("The Lampwatch", trays)
    assert label[1] == "Tray 1 of 1" and "1 fragile figure: this side up" in label and "20 g" in label
