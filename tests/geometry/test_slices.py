"""Slices by planes, and a 3MF that holds them."""

from __future__ import annotations

import zipfile
from pathlib import Path

import lxml.etree
import numpy as np
import pytest

from helpers import ball_mesh, box_mesh, reversed_mesh
from numerus.formats.meshes.mesh_files import read_mesh
from numerus.formats.meshes.mesh_writing import Sliced, write_sliced_3mf
from numerus.geometry.mesh import merged
from numerus.geometry.slices import slices_of

SPACE = {"m": "http://schemas.microsoft.com/3dmanufacturing/core/2015/02",
         "s": "http://schemas.microsoft.com/3dmanufacturing/slice/2015/07"}  # fmt: skip


def test_slices_are_the_sections_of_the_solid() -> None:
    """A box with a void: area of each layer, holes taken off; a ball's slices sum to its volume."""
    hollow = merged([box_mesh((10, 10, 8)), reversed_mesh(box_mesh((4, 4, 4), (3, 3, 2)))])
    areas = [s.area_mm2 for s in slices_of(hollow, 0.5)]
    assert areas == pytest.approx([100.0] * 4 + [84.0] * 8 + [100.0] * 4)
    ball = slices_of(ball_mesh(5.0, (0, 0, 5)), 0.1)
    assert len(ball) == 100 and ball[-1].top_mm == pytest.approx(10)
    assert sum(s.area_mm2 for s in ball) * 0.1 == pytest.approx(4 / 3 * np.pi * 125, rel=0.01)


def test_a_sliced_3mf_is_read_as_meshes_and_its_slices_are_whole(tmp_path: Path) -> None:
    """Each mesh once, an item for each copy, turned and moved; polygons close, areas are those of the slices."""
    mesh, path = box_mesh((10, 4, 2), (-5, -2, 0)), tmp_path / "plate.3mf"
    write_sliced_3mf([Sliced("bar", mesh, slices_of(mesh, 0.5), [(20, 10, 90.0), (40, 10, 0.0)])], path)
    read = read_mesh(path)
    boxes = sorted(tuple(np.round(m, 3)) for m in _extents(read.mesh))
    assert boxes == [(4, 10, 2), (10, 4, 2)]
    with zipfile.ZipFile(path) as archive:
        model = lxml.etree.fromstring(archive.read("3D/3dmodel.model"))
    slices = model.findall(".//s:slice", SPACE)
    assert [float(s.get("ztop")) for s in slices] == [0.5, 1.0, 1.5, 2.0]
    assert model.find(".//m:object", SPACE).get(f"{{{SPACE['s']}}}slicestackid") == "1"
    for one in slices:
        corners = np.array([(float(v.get("x")), float(v.get("y"))) for v in one.findall(".//s:vertex", SPACE)])
        (polygon,) = one.findall(".//s:polygon", SPACE)
        order = [int(p.get("v2")) for p in polygon.findall("s:segment", SPACE)]
        assert order[-1] == int(polygon.get("startv"))
        p = corners[order]
        assert np.sum(p[:, 0] * np.roll(p[:, 1], -1) - np.roll(p[:, 0], -1) * p[:, 1]) / 2 == pytest.approx(40)


def _extents(mesh):  # type: ignore[no-untyped-def]
    """Sizes of a mesh's two halves: copies come one after the other."""
    half = len(mesh.triangles) // 2
    return [np.ptp(part.reshape(-1, 3), axis=0) for part in (mesh.triangles[:half], mesh.triangles[half:])]
