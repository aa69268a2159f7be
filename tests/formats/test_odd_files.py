"""Files as they come from elsewhere: written oddly and read, or wrong and refused by name; one bad one loses no other."""

from __future__ import annotations

import io
import struct
import tracemalloc
import zipfile
from pathlib import Path

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh
from numerus.book.intake import read_and_sort
from numerus.domain.parts import Kit
from numerus.errors import MeshFileError
from numerus.formats.meshes.mesh_files import read_mesh
from numerus.formats.meshes.mesh_formats import parse_objects
from numerus.formats.meshes.mesh_writing import write_3mf, write_stl
from numerus.geometry.mesh import Floats, merged
from numerus.geometry.repair.findings import share_space
from numerus.geometry.repair.health import edges_of, shell_of_faces


def ascii_stl(triangles: Floats, ends: str = "\n", last: str = "endsolid part") -> bytes:
    facets = [
        ends.join(["\tfacet normal 0 0 0", "", "\t outer loop", *(f"\t\tvertex\t{x:g}\t{y:g} {z:g}" for x, y, z in t), "endloop", "endfacet"])
        for t in triangles
    ]  # fmt: skip
    return ends.join(["solid part", "", *facets, last]).encode()


@pytest.mark.parametrize(
    "data",
    [
        b"\xef\xbb\xbf" + ascii_stl(box_mesh((3, 3, 3)).triangles),
        ascii_stl(box_mesh((3, 3, 3)).triangles, "\r\n"),
        ascii_stl(box_mesh((3, 3, 3)).triangles, last=""),
    ],
    ids=["byte-order mark", "carriage returns", "no last line"],
)
def test_text_written_oddly_is_read(data: bytes) -> None:
    """Marks, tabs, blank lines, a missing last line: the box is whole."""
    (found,) = parse_objects("box.stl", data)
    assert found.mesh.signed_volume_mm3 == pytest.approx(27)


def test_text_that_stops_within_a_facet_is_refused() -> None:
    """Cut anywhere else than between facets."""
    with pytest.raises(MeshFileError, match="before its last facet"):
        parse_objects("box.stl", ascii_stl(box_mesh((3, 3, 3)).triangles, last="")[:-12])


def test_what_strayed_is_told() -> None:
    """One triangle ten kilometres off is named as such, with how many and how far."""
    far = np.concatenate([box_mesh((10, 10, 10)).triangles, [[[9.9e6, 0, 0], [9.9e6, 1, 0], [9.9e6, 0, 1]]]])
    with pytest.raises(MeshFileError, match=r"far.stl has 1 of 13 triangles far from the rest, up to 9.9 km"):
        parse_objects("far.stl", ascii_stl(far))


def test_a_face_of_too_many_corners_is_refused() -> None:
    """A PLY face that claims 255 corners, in text and in bytes."""
    text, corners = "ply\nformat {} 1.0\nelement vertex 4\n", np.eye(4, 3, dtype="<f4")
    head = (
        text
        + "".join(f"property float {a}\n" for a in "xyz")
        + "element face 1\nproperty list uchar int vertex_indices\nend_header\n"
    )
    lines = "\n".join(" ".join(f"{v:g}" for v in row) for row in corners)
    for data in (
        head.format("ascii").encode() + f"{lines}\n255 0 1 2\n".encode(),
        head.format("binary_little_endian").encode() + corners.tobytes() + struct.pack("<B3i", 255, 0, 1, 2),
    ):
        with pytest.raises(MeshFileError):
            parse_objects("part.ply", data)


def test_a_package_that_points_outside_itself_is_refused(tmp_path: Path) -> None:
    """A 3MF whose relations name a place above it."""
    write_3mf([("box", box_mesh((3, 3, 3)))], tmp_path / "box.3mf")
    good, bad = zipfile.ZipFile(tmp_path / "box.3mf"), io.BytesIO()
    with zipfile.ZipFile(bad, "w") as out:
        for entry in good.namelist():
            data = good.read(entry)
            out.writestr(entry, data.replace(b"/3D/", b"/../../3D/") if entry.endswith(".rels") else data)
    with pytest.raises(MeshFileError, match="points outside its package"):
        parse_objects("box.3mf", bad.getvalue())


def test_one_absurd_file_loses_no_other(tmp_path: Path) -> None:
    """Among good ones a mesh of absurd size, a web page and an empty file: the good are read, the others named with reasons."""
    for number in range(6):
        write_stl(box_mesh((4 + number, 5, 6)), tmp_path / f"good {number}.stl")
    write_stl(box_mesh((4, 5, 6)).scaled(9e5), tmp_path / "absurd.stl")
    write_stl(merged([box_mesh((4, 5, 6)), ball_mesh(2).moved((5e3, 0, 1.9e4))]), tmp_path / "wide apart.stl")
    (tmp_path / "page.stl").write_text("<!DOCTYPE html><html><body>Not found</body></html>")
    (tmp_path / "empty.stl").write_bytes(b"")
    found = read_and_sort([tmp_path], Kit("k", "Kit"))
    assert sorted(r.part.name for r in found.read if r.part.name.startswith("good")) == [
        f"good {n}.stl" for n in range(6)
    ]
    refused = {r.name: r.error.message for r in found.refused}
    assert {"absurd.stl", "page.stl", "empty.stl"} <= set(refused)
    assert "web page" in refused["page.stl"]
    with pytest.raises(MeshFileError):
        read_mesh(tmp_path / "absurd.stl")


@pytest.mark.parametrize("inside", [True, False])
def test_shells_of_very_different_size_are_compared_in_little_memory(inside: bool) -> None:
    """A ball ten thousand times as small, across the skin of a large one or just off it: right, and in a few megabytes."""
    large, small = ball_mesh(500.0), ball_mesh(0.05)
    at = float(large.vertices[:, 0].max()) + (0.0 if inside else 0.11)
    both = merged([large, small.moved((at, 0, 0))])
    _, label = shell_of_faces(both, edges_of(both))
    boxes = np.array(
        [[both.triangles[label == s].min(axis=(0, 1)), both.triangles[label == s].max(axis=(0, 1))] for s in (0, 1)]
    )
    tracemalloc.start()
    told = share_space(both, label, boxes, 0, 1)
    peak = tracemalloc.get_traced_memory()[1]
    tracemalloc.stop()
    assert told == inside
    assert peak < 60e6
