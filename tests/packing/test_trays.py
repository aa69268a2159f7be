"""Pockets and trays of foam: true to the figure, walls measured again by brute force, files that other programs read."""

from __future__ import annotations

import json
import re
from dataclasses import replace
from datetime import date
from itertools import combinations
from pathlib import Path
from xml.etree import ElementTree

import ezdxf
import numpy as np
import pytest

from helpers import box_mesh
from numerus.book.book import Book
from numerus.cli.__main__ import main
from numerus.domain.army import Army
from numerus.errors import Cancelled, PlanError
from numerus.formats.meshes.packed_mesh import unpack_mesh
from numerus.geometry.mesh import Mesh
from numerus.packing.pockets import (
    ATTITUDES,
    CLEARANCE_MM,
    PIXEL_MM,
    Pocket,
    lying_outline,
    packed_pockets,
    pockets_of,
    safest_attitude,
    unpacked_pockets,
)
from numerus.packing.trays import FLOOR_MM, WALL_MM, FoamBox, packed


def pocket(name: str, outline: np.ndarray, high_mm: float = 20.0) -> Pocket:
    wide, deep = np.ptp(outline, axis=0)
    return Pocket(name, name, "unit", wide, deep, high_mm, outline, "on its back", "", 5.0)


def blob(seed: int) -> np.ndarray:
    """A star with arms, 20 to 60 mm across."""
    dice = np.random.default_rng(seed)
    angle = np.sort(dice.uniform(0, 2 * np.pi, 14))
    radius = dice.uniform(8, 30, 14)
    made = np.stack([radius * np.cos(angle), radius * np.sin(angle)], axis=1)
    return made - made.min(axis=0)


def dense(outline: np.ndarray, step_mm: float = 0.25) -> np.ndarray:
    """Points all along a closed outline."""
    pieces = []
    for a, b in zip(outline, np.roll(outline, -1, axis=0), strict=True):
        many = max(int(np.linalg.norm(b - a) / step_mm), 1)
        pieces.append(a + (b - a) * np.arange(many)[:, None] / many)
    return np.concatenate(pieces)


def apart_mm(one: np.ndarray, other: np.ndarray) -> float:
    """Least distance of two outlines, point by point."""
    a, b = dense(one), dense(other)
    return min(float(np.linalg.norm(b - p, axis=1).min()) for p in a[::2])


def test_walls_are_as_thick_as_they_must_be() -> None:
    """Between any two outlines and to the edge, measured along them point by point; and the tray tells its thinnest."""
    found = packed([pocket(f"f{n}", blob(n), 10 + n) for n in range(24)], FoamBox(260, 180))
    assert sorted(p.pocket.figure_id for t in found.trays for p in t.laid) == sorted(f"f{n}" for n in range(24))
    for tray in found.trays:
        between = [apart_mm(a.outline, b.outline) for a, b in combinations(tray.laid, 2)]
        ends = np.concatenate([p.outline for p in tray.laid])
        edges = [*ends.min(axis=0), tray.wide_mm - ends[:, 0].max(), tray.deep_mm - ends[:, 1].max()]
        assert min([*between, *edges]) >= WALL_MM - 1e-6
        assert tray.least_wall_mm == pytest.approx(min([*between, *edges]), abs=0.3)
        assert tray.high_mm == max(p.pocket.height_mm for p in tray.laid) + FLOOR_MM
    assert found.least_trays <= len(found.trays) <= found.least_trays + 1


def test_a_pocket_is_only_turned_and_moved() -> None:
    """Its area and its longest way across are those of its outline with the finger's hole."""
    own = blob(3)
    (tray,) = packed([pocket("a", own)], FoamBox(200, 200)).trays
    laid = tray.laid[0].outline
    centre = laid.mean(axis=0)
    across = np.linalg.norm(own[:, None] - own[None], axis=2).max()
    assert np.linalg.norm(laid[:, None] - laid[None], axis=2).max() >= across - 0.2
    assert np.isfinite(centre).all() and tray.wide_mm < 200  # one tray alone is cut down to what lies in it


def test_what_is_larger_than_the_box_gets_a_tray_of_its_own() -> None:
    """And nothing is lost."""
    large = np.array([[0, 0], [300, 0], [300, 30], [0, 30.0]])
    found = packed([pocket("large", large), pocket("small", blob(1))], FoamBox(150, 120))
    sizes = {t.laid[0].pocket.figure_id: (t.wide_mm, t.deep_mm) for t in found.trays}
    assert sizes["large"][0] >= 310 and sizes["small"] == (150, 120)


def test_a_box_without_room_is_refused() -> None:
    """In words; a job given up stops."""
    with pytest.raises(PlanError, match="no room"):
        packed([pocket("a", blob(1))], FoamBox(10, 10))
    with pytest.raises(PlanError, match="60 to 2000"):
        Army("a", "A", date(2026, 3, 1), tray_mm=(20.0, 200.0))
    with pytest.raises(Cancelled):
        packed([pocket("a", blob(1))], progress=lambda _: False)
    assert packed([]).trays == ()


@pytest.mark.parametrize("attitude", list(ATTITUDES))
def test_a_box_as_it_lies_is_outlined_with_room_all_round(attitude: str) -> None:
    """A box 10 wide, 6 deep, 20 high: on its back 10 by 20 and 6 deep, on a side 6 by 20 and 10 deep, corners rounded."""
    outline, deep = lying_outline(box_mesh((10, 6, 20)), [], attitude)
    wide, high = (10, 6) if attitude == "on its back" else (6, 10)
    assert outline.max(axis=0) == pytest.approx([wide + 2 * CLEARANCE_MM, 20 + 2 * CLEARANCE_MM], abs=2 * PIXEL_MM)
    assert deep == pytest.approx(high)
    x, y = outline.T
    area = abs(np.sum(x * np.roll(y, -1) - y * np.roll(x, -1))) / 2
    assert area == pytest.approx(wide * 20 + 2 * CLEARANCE_MM * (wide + 20) + np.pi * CLEARANCE_MM**2, rel=0.05)


def test_a_bought_base_counts_though_no_mesh_has_it() -> None:
    """As a box under the figure."""
    based, _ = lying_outline(box_mesh((10, 6, 20)), [np.array([[-7, -10, -3.0], [17, 10, 0]])])
    assert based.max(axis=0) == pytest.approx([24 + 2 * CLEARANCE_MM, 23 + 2 * CLEARANCE_MM], abs=2 * PIXEL_MM)


def test_a_figure_lies_so_that_it_is_low_and_buries_nothing_fragile() -> None:
    """Wide wings make it lie flat; a staff on the left makes it lie on the right, where both sides are alike."""
    flat = box_mesh((40, 5, 20))
    assert safest_attitude([flat], []) == "on its back"
    body, left = box_mesh((6, 30, 20)), box_mesh((2, 2, 60)).moved((-8, 10, 0))
    right = left.moved((20, 0, 0))
    lies = {side: safest_attitude([body, staff], [staff]) for side, staff in (("left", left), ("right", right))}
    assert set(lies.values()) == {"on its left side", "on its right side"}


def test_every_figure_of_the_demo_has_its_pocket(demo: Book) -> None:
    """Those of one build share it; the pole is called fragile."""
    figures = demo.plans.figures_of("lock")
    pockets = pockets_of(demo.plans, figures, lambda b: unpack_mesh(demo.blob(b)))
    assert [p.figure_id for p in pockets] == [f.id for f in figures]
    assert all(np.allclose(p.outline.max(axis=0), (p.width_mm, p.depth_mm)) for p in pockets)
    assert any("fragile" in p.note for p in pockets) and all(p.grams > 1 for p in pockets)
    with pytest.raises(Cancelled):
        pockets_of(demo.plans, figures, lambda b: unpack_mesh(demo.blob(b)), lambda _: False)


def test_cut_files_hold_the_outlines_at_true_size(
    demo: Book, tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    """Read back by another reader: every pocket closed, millimetres, the same in both files, all figures in one or another."""
    few = [f for f in demo.plans.figures.values() if f.unit_id == "bell"]
    others = [replace(f, build={}) for f in demo.plans.figures.values() if f.unit_id != "bell"]
    demo.commit("only the Bellringers", others)
    assert main(["tray", str(demo.path), "--out", str(tmp_path / "cut"), "--box", "200,150"]) == 0
    told = json.loads(capsys.readouterr().out)
    (tray,) = told["trays"]
    assert sorted(tray["figures"]) == sorted(f.id for f in few) and tray["least_wall_mm"] >= WALL_MM
    drawing = ezdxf.readfile(tmp_path / "cut" / "tray-1.dxf")
    assert drawing.units == ezdxf.units.MM and not drawing.audit().errors
    cut = [np.array(p.get_points("xy")) for p in drawing.modelspace().query('LWPOLYLINE[layer=="POCKETS"]')]
    assert len(cut) == len(few) and all(p.closed for p in drawing.modelspace().query("LWPOLYLINE"))
    sheet = ElementTree.parse(tmp_path / "cut" / "tray-1.svg").getroot()
    wide, deep, _ = tray["mm"]
    assert (sheet.get("width"), sheet.get("height"), sheet.get("viewBox")) == (
        f"{wide:g}mm",
        f"{deep:g}mm",
        f"0 0 {wide:g} {deep:g}",
    )
    drawn = [
        np.array([[float(v) for v in pair.split(",")] for pair in re.findall(r"[-\d.]+,[-\d.]+", p.get("d", ""))])
        for p in sheet.iter("{http://www.w3.org/2000/svg}path")
    ]
    for one, other in zip(cut, drawn, strict=True):
        assert np.allclose(one, np.stack([other[:, 0], deep - other[:, 1]], axis=1), atol=2e-3)
    assert all(apart_mm(a, b) >= WALL_MM - 1e-3 for a, b in combinations(cut, 2))


def test_what_was_packed_once_is_known_and_what_is_gone_is_let_go(demo: Book) -> None:
    """Kept and read back, no mesh is asked for again, and the pockets are the same; damaged or of another form all is worked out."""
    figures = list(demo.plans.figures.values())[:3]
    known: dict[str, Pocket] = {}
    first = pockets_of(demo.plans, figures, lambda b: unpack_mesh(demo.blob(b)), known=known)
    again = unpacked_pockets(packed_pockets(known))

    def nothing(blob: str) -> Mesh:
        raise AssertionError("asked for a mesh that is known")

    for one, other in zip(first, pockets_of(demo.plans, figures, nothing, known=again), strict=True):
        assert np.allclose(one.outline, other.outline, atol=0.001)
        assert one.figure_id == other.figure_id
        assert (one.width_mm, one.depth_mm, one.height_mm, one.attitude, one.note, one.grams) == (
            other.width_mm, other.depth_mm, other.height_mm, other.attitude, other.note, other.grams,
        )  # fmt: skip
    pockets_of(demo.plans, figures[:1], nothing, known=again)
    assert len(again) == 1
    assert unpacked_pockets(b"nonsense") == unpacked_pockets(None) == unpacked_pockets(b'{"form": 0}') == {}
