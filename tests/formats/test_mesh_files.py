"""Every format in and out; every bad file refused in words."""

from __future__ import annotations

import io
import json
import struct
import zipfile
from pathlib import Path

import numpy as np
import pytest
import trimesh

from helpers import ball_mesh, box_mesh
from numerus.errors import MeshFileError
from numerus.formats.meshes.mesh_files import Refusal, names_in, read_any, read_mesh
from numerus.formats.meshes.mesh_formats import MeshFile, parse_mesh
from numerus.formats.meshes.mesh_writing import write_3mf, write_stl
from numerus.formats.meshes.packed_mesh import pack_mesh, unpack_mesh

BALL = ball_mesh(4, (1, 2, 3), 3)


def as_trimesh() -> trimesh.Trimesh:
    return trimesh.Trimesh(BALL.vertices, BALL.faces, process=False)


def stl_bytes(count: int | None = None) -> bytes:
    stream = io.BytesIO()
    as_trimesh().export(stream, file_type="stl")
    data = stream.getvalue()
    return data if count is None else data[:80] + struct.pack("<I", count) + data[84:]


@pytest.mark.parametrize("ending", ["stl", "obj", "ply", "3mf", "glb", "stl_ascii"])
def test_every_format_gives_the_same_solid(ending: str, tmp_path: Path) -> None:
    """A ball written by a general library comes back with its volume and welded vertices; GLB's metres become mm."""
    mesh = as_trimesh()
    if ending == "glb":
        mesh.apply_scale(0.001)
    path = tmp_path / f"ball.{ending[:3]}"
    mesh.export(path, file_type=ending)
    read = read_mesh(path).mesh
    assert len(read.faces) == len(BALL.faces)
    assert len(read.vertices) == len(BALL.vertices)
    assert read.signed_volume_mm3 == pytest.approx(BALL.signed_volume_mm3, rel=1e-4)


def test_written_files_come_back_whole(tmp_path: Path) -> None:
    """STL and 3MF we write are read again with the same volume; no half file stays behind."""
    write_stl(BALL, tmp_path / "a.stl")
    write_3mf([("ball", BALL), ("box & <co>", box_mesh((1, 2, 3), (20, 0, 0)))], tmp_path / "a.3mf")
    assert read_mesh(tmp_path / "a.stl").mesh.signed_volume_mm3 == pytest.approx(BALL.signed_volume_mm3, rel=1e-5)
    assert read_mesh(tmp_path / "a.3mf").mesh.signed_volume_mm3 == pytest.approx(BALL.signed_volume_mm3 + 6, rel=1e-4)
    assert not list(tmp_path.glob("*.part"))


def test_3mf_in_inches_is_turned_to_millimetres(tmp_path: Path) -> None:
    """A declared unit is obeyed and named."""
    write_3mf([("box", box_mesh((1, 1, 1)))], tmp_path / "a.3mf")
    changed = io.BytesIO()
    with zipfile.ZipFile(tmp_path / "a.3mf") as old, zipfile.ZipFile(changed, "w") as new:
        for name in old.namelist():
            new.writestr(name, old.read(name).replace(b'unit="millimeter"', b'unit="inch"'))
    found = parse_mesh("a.3mf", changed.getvalue())
    assert found.declared == "inch"
    assert found.mesh.extents_mm == pytest.approx([25.4] * 3)


def nan_stl() -> bytes:
    data = bytearray(stl_bytes())
    data[96:100] = struct.pack("<f", float("nan"))
    return bytes(data)


BAD = {
    "empty.stl": (b"", "empty-file"),
    "short.stl": (b"abc", "truncated"),
    "cut.stl": (stl_bytes()[:-7], "truncated"),
    "lying.stl": (stl_bytes(4_000_000_000), "truncated"),
    "long.stl": (stl_bytes() + b"xx", "trailing-bytes"),
    "none.stl": (stl_bytes(0)[:84], "no-triangles"),
    "nan.stl": (nan_stl(), "not-finite"),
    "text.stl": (b"solid x\nfacet normal 0 0 1\nouter loop\nvertex 0 0 0\nvertex 1 0 0\n", "truncated"),
    "word.stl": (
        b"solid\nfacet\nouter loop\nvertex a b c\nvertex 0 0 0\nvertex 1 1 1\nendloop\nendfacet\nendsolid",
        "malformed",
    ),
    "prose.obj": (b"hello there\n" * 9, "no-triangles"),
    "index.obj": (b"v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 900\n", "malformed"),
    "lying.ply": (b"ply\nformat binary_little_endian 1.0\nelement vertex 2000000000\nend_header\n", "truncated"),
    "junk.3mf": (b"PK" + b"x" * 400, "truncated"),
    "junk.glb": (b"glTF" + struct.pack("<II", 2, 9999) + b"x" * 40, "truncated"),
    "what.txt": (b"x", "unknown-format"),
}


@pytest.mark.parametrize("name", BAD)
def test_bad_files_are_refused_by_name_of_their_fault(name: str) -> None:
    """Truncated, lying, empty, hostile: a typed error with a sentence, never an empty mesh."""
    data, code = BAD[name]
    with pytest.raises(MeshFileError) as caught:
        parse_mesh(name, data)
    assert caught.value.code == code
    assert len(caught.value.message) > 10


def test_a_zip_gives_what_can_be_read_and_names_the_rest(tmp_path: Path) -> None:
    """Good members are read; hostile names, bombs and torn ones are listed with their reason; nothing is unpacked."""
    path = tmp_path / "kit.zip"
    with zipfile.ZipFile(path, "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr("good.stl", stl_bytes())
        archive.writestr("../evil.stl", stl_bytes())
        archive.writestr("bomb.stl", b"\0" * 30_000_000)
        archive.writestr("torn.stl", stl_bytes()[:-9])
        archive.writestr("readme.txt", "nonsense")
    found = list(read_any(path))
    assert [f.name for f in found if isinstance(f, MeshFile)] == ["good.stl"]
    assert {f.name: f.error.code for f in found if isinstance(f, Refusal)} == {
        "../evil.stl": "hostile-name",
        "bomb.stl": "zip-bomb",
        "torn.stl": "truncated",
    }
    assert [p.name for p in tmp_path.iterdir()] == ["kit.zip"]


def nested(data: bytes, times: int) -> bytes:
    for turn in range(times):
        stream = io.BytesIO()
        with zipfile.ZipFile(stream, "w") as archive:
            archive.writestr("in.zip" if turn else "deep.stl", data)
        data = stream.getvalue()
    return data


def test_zips_within_zips_are_read_and_bottomless_ones_named(tmp_path: Path) -> None:
    """A kit packed twice is read, names tell where it was; five deep is left out; the neighbours are read all the same."""
    with zipfile.ZipFile(tmp_path / "kit.zip", "w") as archive:
        archive.writestr("inner.zip", nested(stl_bytes(), 1))
        archive.writestr("deep.zip", nested(b"x", 5))
        archive.writestr("broken.zip", b"PK no zip")
        archive.writestr("plain.stl", stl_bytes())
    found = list(read_any(tmp_path / "kit.zip"))
    assert [f.name for f in found if isinstance(f, MeshFile)] == ["inner.zip/deep.stl", "plain.stl"]
    assert {f.error.code for f in found if isinstance(f, Refusal)} == {"too-deep", "bad-archive"}
    assert names_in(tmp_path / "kit.zip") == ["inner.zip", "deep.zip", "broken.zip", "plain.stl"]


def test_an_archive_of_thousands_is_read_as_far_as_it_goes(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    """Up to the limit every mesh, then one line that says the rest was left out; what is no mesh does not count."""
    monkeypatch.setattr("numerus.formats.meshes.mesh_files.MAX_MESHES", 3)
    with zipfile.ZipFile(tmp_path / "kit.zip", "w") as archive:
        for number in range(6):
            archive.writestr(f"{number}.txt", "x")
            archive.writestr(f"{number}.stl", stl_bytes())
    found = list(read_any(tmp_path / "kit.zip"))
    assert [f.name for f in found if isinstance(f, MeshFile)] == ["0.stl", "1.stl", "2.stl"]
    assert [f.error.code for f in found if isinstance(f, Refusal)] == ["too-many"]


def test_each_object_of_a_file_is_a_part_of_its_own(tmp_path: Path) -> None:
    """3MF objects, GLB nodes and OBJ objects come one by one, where their file places them, and as one when asked whole."""
    boxes = [("hat", box_mesh((1, 2, 3))), ("boot", box_mesh((1, 1, 1), (9, 0, 0)))]
    write_3mf(boxes, tmp_path / "a.3mf")
    scene = trimesh.Scene()
    for name, mesh in boxes:
        solid = trimesh.Trimesh(mesh.vertices / 1000, mesh.faces, process=False)
        scene.add_geometry(solid, node_name=name, geom_name=name)
    scene.export(tmp_path / "b.glb")
    lines, start = [], 1
    for name, mesh in boxes:
        lines += [f"o {name}", *(f"v {x} {y} {z}" for x, y, z in mesh.vertices)]
        lines += [f"f {a + start} {b + start} {c + start}" for a, b, c in mesh.faces]
        start += len(mesh.vertices)
    (tmp_path / "c.obj").write_text("\n".join(lines))
    for name in ("a.3mf", "b.glb", "c.obj"):
        found = list(read_any(tmp_path / name))
        assert [f.name for f in found] == [f"{name}/hat", f"{name}/boot"]
        assert found[1].mesh.bounds_mm[0] == pytest.approx(boxes[1][1].bounds_mm[0], abs=1e-4)
        assert len(list(read_any(tmp_path / name, whole=True))) == 1
        assert read_mesh(tmp_path / name).mesh.signed_volume_mm3 == pytest.approx(7, rel=1e-5)


def test_a_3mf_of_placed_components_is_placed() -> None:
    """Components and items carry transforms, one inside the other; an object that uses itself is refused."""
    model = """<model unit="millimeter" xmlns="http://schemas.microsoft.com/3dmanufacturing/core/2015/02"><resources>
    <object id="1" name="tri"><mesh><vertices><vertex x="0" y="0" z="0"/><vertex x="1" y="0" z="0"/><vertex x="0" y="1" z="0"/>
    </vertices><triangles><triangle v1="0" v2="1" v3="2"/></triangles></mesh></object>
    <object id="2"><components><component objectid="1" transform="0 1 0 -1 0 0 0 0 1 5 0 0"/></components></object>
    </resources><build><item objectid="2" transform="1 0 0 0 1 0 0 0 1 0 0 7"/></build></model>"""

    def packed(text: str) -> bytes:
        stream = io.BytesIO()
        with zipfile.ZipFile(stream, "w") as archive:
            archive.writestr("3D/3dmodel.model", text)
        return stream.getvalue()

    found = parse_mesh("a.3mf", packed(model)).mesh
    assert sorted(map(tuple, found.vertices.tolist())) == [(4, 0, 7), (5, 0, 7), (5, 1, 7)]
    with pytest.raises(MeshFileError):
        parse_mesh("a.3mf", packed(model.replace('<component objectid="1"', '<component objectid="2"')))
    with pytest.raises(MeshFileError, match="entities"):
        parse_mesh("a.3mf", packed("<!DOCTYPE x [<!ENTITY y 'z'>]>" + model))


def test_what_promises_too_much_is_refused_before_it_is_read() -> None:
    """A PLY's header and a GLB's accessors are held against the limits; an OBJ's negative and odd polygons are obeyed."""
    ply = b"ply\nformat binary_little_endian 1.0\nelement vertex 5000001\nelement face 1\nend_header\n" + bytes(
        5_100_000
    )
    with pytest.raises(MeshFileError) as fault:
        parse_mesh("a.ply", ply)
    assert fault.value.code == "too-large"
    odd = b"v 0 0 0\nv 2 0 0\nv 2 2 0\nv 0 2 0\nv 0 0 1\nf -5 -4 -3 -2\nf 1/1 2/2/2 5//3\n"
    assert parse_mesh("a.obj", odd).mesh.areas_mm2.sum() == pytest.approx(5)


def test_a_folder_is_read_in_order(tmp_path: Path) -> None:
    """Every mesh below the folder, by its place in it."""
    (tmp_path / "sub").mkdir()
    for place in ("b.stl", "sub/a.stl"):
        (tmp_path / place).write_bytes(stl_bytes())
    assert [f.name for f in read_any(tmp_path)] == ["b.stl", "sub/a.stl"]


@pytest.mark.parametrize("data", [b"not a zip", b""])
def test_a_zip_that_is_none_is_refused(data: bytes, tmp_path: Path) -> None:
    """One clear error for the whole archive."""
    (tmp_path / "a.zip").write_bytes(data)
    with pytest.raises(MeshFileError):
        list(read_any(tmp_path / "a.zip"))


def test_glb_with_hostile_json_is_refused() -> None:
    """A buffer that lies about its length raises, whatever the library thinks of it."""
    body = json.dumps(
        {
            "asset": {"version": "2.0"},
            "buffers": [{"byteLength": 10**12}],
            "meshes": [{"primitives": [{"attributes": {"POSITION": 0}}]}],
        }
    ).encode()
    body += b" " * (-len(body) % 4)
    data = b"glTF" + struct.pack("<III", 2, 20 + len(body), len(body)) + b"JSON" + body
    with pytest.raises(MeshFileError):
        parse_mesh("a.glb", data)


def test_packed_meshes_come_back_within_a_step() -> None:
    """Packing moves no vertex by more than half a 65535th of the box."""
    back = unpack_mesh(pack_mesh(BALL))
    assert np.array_equal(back.faces, BALL.faces)
    assert np.abs(back.vertices - BALL.vertices).max() <= 8 / 65535
    with pytest.raises(MeshFileError):
        unpack_mesh(pack_mesh(BALL)[:-20])


def test_an_empty_folder_is_said(tmp_path: Path) -> None:
    """Not answered by silence."""
    (tmp_path / "readme.txt").write_text("nothing here")
    with pytest.raises(MeshFileError) as fault:
        list(read_any(tmp_path))
    assert fault.value.code == "no-mesh"


@pytest.mark.parametrize("corners", [np.zeros((4, 3, 3)), np.array([[[0, 0, 0], [1, 0, 0], [2, 0, 0]]] * 3)])
def test_triangles_without_area_are_no_part(corners: np.ndarray) -> None:
    """All at one point, or all on one line."""
    records = np.zeros(len(corners), [("n", "<f4", 3), ("c", "<f4", (3, 3)), ("a", "<u2")])
    records["c"] = corners
    with pytest.raises(MeshFileError) as fault:
        parse_mesh("flat.stl", bytes(80) + struct.pack("<I", len(corners)) + records.tobytes())
    assert fault.value.code == "no-triangles"


def test_an_obj_with_groups_and_quads_is_one_solid() -> None:
    """Groups are pieces of one part; a quad is two triangles."""
    corners = [(x, y, z) for x in (0, 1) for y in (0, 1) for z in (0, 1)]
    lines = [f"v {x * 2} {y * 3} {z * 4}" for x, y, z in corners] + ["g one"]
    quads = [(0, 1, 3, 2), (4, 6, 7, 5), (0, 4, 5, 1), (2, 3, 7, 6), (0, 2, 6, 4), (1, 5, 7, 3)]
    for number, quad in enumerate(quads):
        lines += ["g two"] * (number == 3) + ["f " + " ".join(str(i + 1) for i in quad)]
    mesh = parse_mesh("box.obj", "\n".join(lines).encode()).mesh
    assert len(mesh.vertices) == 8
    assert mesh.signed_volume_mm3 == pytest.approx(24)


def test_an_ascii_stl_of_several_solids_is_read_whole() -> None:
    """Capitals and blank lines do not matter."""
    text = b""
    for at in (0, 20):
        corners = box_mesh((5, 5, 5), (at, 0, 0)).triangles
        facets = [
            "facet normal 0 0 0\n OUTER LOOP\n"
            + "".join(f"  VERTEX {x} {y} {z}\n" for x, y, z in t)
            + " endloop\nendfacet\n"
            for t in corners
        ]
        text += f"solid piece{at}\n{''.join(facets)}\nendsolid piece{at}\n\n".encode()
    mesh = parse_mesh("two.stl", text).mesh
    assert mesh.signed_volume_mm3 == pytest.approx(250)


def test_a_binary_stl_that_calls_itself_solid_is_binary() -> None:
    """The count decides, not the first word."""
    data = bytearray(stl_bytes())
    data[:5] = b"solid"
    assert len(parse_mesh("x.stl", bytes(data)).mesh.faces) == len(BALL.faces)
