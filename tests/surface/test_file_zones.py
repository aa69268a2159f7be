"""What a mesh file tells of its surface becomes zones: materials, groups, colours; on files written by others and by hand."""

from __future__ import annotations

import json
import zipfile
from pathlib import Path

import numpy as np
import pytest
import trimesh

from helpers import ball_mesh, box_mesh
from numerus.book.book import Book
from numerus.book.intake import take_in
from numerus.cli.__main__ import main
from numerus.domain.painting.zones import UNNAMED
from numerus.formats.meshes.face_labels import unpack_labels
from numerus.formats.meshes.mesh_files import read_mesh
from numerus.formats.regions import told_regions
from numerus.surface.patching.file_zones import FileZones, zones_of_regions


def told(path: Path) -> FileZones | None:
    found = read_mesh(path)
    return zones_of_regions(found.mesh, *told_regions(found.mesh, found.regions))


def box_obj(path: Path, *marks: str) -> Path:
    """A box as OBJ; each mark goes before the next pair of its six quads."""
    mesh, lines = box_mesh((4, 3, 2)), []
    lines = [f"v {x} {y} {z}" for x, y, z in mesh.vertices]
    for n, (a, b, c) in enumerate(mesh.faces + 1):
        lines += [marks[n // 4]] if n % 4 == 0 and n // 4 < len(marks) else []
        lines.append(f"f {a} {b} {c}")
    path.write_text("\n".join(lines) + "\n")
    return path


@pytest.mark.parametrize("word", ["usemtl", "g"])
def test_materials_and_groups_of_an_obj_are_zones(tmp_path: Path, word: str) -> None:
    """By their names, face by face; what comes before the first mark has none."""
    found = told(box_obj(tmp_path / "a.obj", f"{word} Coat", f"{word} iron  trim", f"{word} Coat"))
    assert found is not None and found.names == ("Coat", "iron trim")
    assert found.labels.tolist() == [0] * 4 + [1] * 4 + [0] * 4
    assert told(box_obj(tmp_path / "b.obj", f"{word} Coat")) is None, "one name tells nothing apart"


@pytest.mark.parametrize("ending", ["ply", "glb"])
def test_colours_of_corners_are_zones_by_their_words(tmp_path: Path, ending: str) -> None:
    """Written by another library: a red ball on a blue box, each its own zone; a file without colours tells none."""
    box, ball = (
        trimesh.Trimesh(m.vertices, m.faces, process=False) for m in (box_mesh((8, 8, 2)), ball_mesh(2, (4, 4, 5), 2))
    )
    whole = trimesh.util.concatenate([box, ball])
    colours = np.repeat([[46, 85, 144, 255], [168, 50, 43, 255]], [len(box.vertices), len(ball.vertices)], axis=0)
    trimesh.Trimesh(whole.vertices, whole.faces, vertex_colors=colours, process=False).export(tmp_path / f"c.{ending}")
    found = told(tmp_path / f"c.{ending}")
    assert found is not None and set(found.names) == {"blue", "red"}
    assert (found.labels == found.names.index("blue")).sum() == len(box.faces)
    whole.export(tmp_path / f"plain.{ending}")
    assert told(tmp_path / f"plain.{ending}") is None


def test_a_painting_in_shades_becomes_a_few_zones(tmp_path: Path) -> None:
    """Hundreds of colours round three: at most eight zones, and what is alike is together."""
    ball = trimesh.creation.icosphere(5, 6.0)
    dice = np.random.default_rng(8)
    base = np.array([[46, 85, 144], [200, 176, 120], [168, 50, 43]])[np.digitize(ball.vertices[:, 2], [-2, 2])]
    shades = np.clip(base + dice.normal(0, 3, base.shape), 0, 255).astype(np.uint8)
    trimesh.Trimesh(ball.vertices, ball.faces, vertex_colors=np.c_[shades, np.full(len(shades), 255)]).export(
        tmp_path / "s.ply"
    )
    found = told(tmp_path / "s.ply")
    assert found is not None and 3 <= len(found.names) <= 8 and len(set(found.names)) == len(found.names)
    centre = read_mesh(tmp_path / "s.ply").mesh.triangles.mean(axis=1)[:, 2]
    tops, feet = set(found.labels[centre > 3]), set(found.labels[centre < -3])
    assert not tops & feet


def package(path: Path, resources: str, triangles: str, of_object: str = "") -> Path:
    """A 3MF by hand: a tetrahedron."""
    corners = "".join(f'<vertex x="{x}" y="{y}" z="{z}"/>' for x, y, z in ((0, 0, 0), (9, 0, 0), (0, 9, 0), (0, 0, 9)))
    model = (
        '<model unit="millimeter" xmlns="http://schemas.microsoft.com/3dmanufacturing/core/2015/02"'
        f' xmlns:m="http://schemas.microsoft.com/3dmanufacturing/material/2015/02"><resources>{resources}'
        f'<object id="1" type="model" {of_object}><mesh><vertices>{corners}</vertices><triangles>{triangles}</triangles></mesh>'
        '</object></resources><build><item objectid="1"/></build></model>'
    )
    with zipfile.ZipFile(path, "w") as archive:
        archive.writestr("3D/3dmodel.model", model)
    return path


def test_materials_and_colour_groups_of_a_3mf_are_zones(tmp_path: Path) -> None:
    """A triangle's own, else its object's; a number that is not there is no material and no fault."""
    faces = ((0, 2, 1), (0, 1, 3), (0, 3, 2), (1, 2, 3))
    own = ('pid="5" p1="1"', "", 'pid="7" p1="0"', 'pid="5" p1="9"')
    triangles = "".join(f'<triangle v1="{a}" v2="{b}" v3="{c}" {t}/>' for (a, b, c), t in zip(faces, own, strict=True))
    resources = (
        '<basematerials id="5"><base name="Sash" displaycolor="#112233FF"/><base name="Mail" displaycolor="#445566"/></basematerials>'
        '<m:colorgroup id="7"><m:color color="#A8322BFF"/></m:colorgroup>'
    )
    found = told(package(tmp_path / "m.3mf", resources, triangles, 'pid="5" pindex="0"'))
    assert found is not None and set(found.names) == {"Sash", "Mail", "red"}
    by_face = [found.names[n] if n != UNNAMED else "" for n in found.labels]
    assert by_face == ["Mail", "Sash", "red", ""]


def test_zones_of_a_file_come_into_the_book_with_it_and_go_with_undo(tmp_path: Path) -> None:
    """Two files that say "Coat" share one zone of the army; their labels are those of their own faces."""
    book = Book.open(tmp_path / "a.numerus", create=True)
    take_in(book, [box_obj(tmp_path / "a.obj", "usemtl Coat", "usemtl Hide")], "Kit")
    take_in(book, [box_obj(tmp_path / "b.obj", "usemtl coat", "usemtl Brass")], "Kit")
    plans = book.plans
    assert sorted(z.name for z in plans.zones.values()) == ["Brass", "Coat", "Hide"]
    for part in plans.parts.values():
        zones = plans.part_zones[part.id]
        assert len(unpack_labels(book.blob(zones.labels), part.triangles)) == part.triangles
        assert sum(zones.area_cm2) == pytest.approx(0.52) and zones.borders_mm
    book.undo()
    assert len(book.plans.part_zones) == 1 and "Brass" not in {z.name for z in book.plans.zones.values()}


def test_the_command_line_takes_a_files_own_zones_first(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """By name, in the file's order of faces; without any the patches are proposed as before."""
    box_obj(tmp_path / "a.obj", "usemtl Coat", "usemtl Hide", "usemtl Coat")
    assert main(["zones", str(tmp_path / "a.obj"), "--out", str(tmp_path / "z.json")]) == 0
    made = json.loads((tmp_path / "z.json").read_text())
    assert made["faces"] == ["Coat"] * 4 + ["Hide"] * 4 + ["Coat"] * 4
    assert sum(made["zones"].values()) == pytest.approx(52.0)
    box_obj(tmp_path / "b.obj")
    assert main(["zones", str(tmp_path / "b.obj"), "--out", str(tmp_path / "z.json")]) == 0
    assert all(name.startswith("patch") for name in json.loads((tmp_path / "z.json").read_text())["zones"])
