"""The express way: files the program has never seen become plates; what is absurd among them is named and left out."""

from __future__ import annotations

from collections import Counter
from pathlib import Path

import numpy as np
import pytest

from helpers import EVENING, ball_mesh, box_mesh
from numerus.book.book import Book
from numerus.book.express import Express, Wish, express
from numerus.errors import Cancelled, PlanError
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.formats.meshes.packed_mesh import unpack_mesh
from numerus.geometry.mesh import Mesh


def stranger(folder: Path) -> list[Path]:
    """A figure of boxes and balls in its place, two heads to choose from; a note that is no mesh, and a part of three metres."""
    parts = {
        "lower_half": box_mesh((9, 7, 14)).moved((-4.5, -3.5, 0)),
        "upper_half": box_mesh((11, 6, 10)).moved((-5.5, -3, 14)),
        "head_round": ball_mesh(3.4).moved((0, 0, 27)),
        "head_square": box_mesh((5, 5, 6)).moved((-2.5, -2.5, 24)),
    }
    for name, mesh in parts.items():
        write_stl(mesh, folder / f"{name}.stl")
    (folder / "readme.stl").write_text("thank you for choosing these")
    hole = box_mesh((6, 6, 6)).moved((-3, -3, 14))
    write_stl(Mesh(hole.vertices, hole.faces[:-1]), folder / "pack_with_a_hole.stl")
    write_stl(box_mesh((3000, 2500, 2500)), folder / "head_of_the_giant.stl")
    return sorted(folder.glob("*.stl"))


@pytest.fixture(scope="module")
def files(tmp_path_factory: pytest.TempPathFactory) -> list[Path]:
    return stranger(tmp_path_factory.mktemp("kit"))


def gone(demo: Book, files: list[Path], figures: int = 2) -> Express:
    wish = Wish(tuple(files), "Strangers", figures, 28.5)
    return express(wish, demo.plans, demo.history, EVENING, lambda d: unpack_mesh(demo.blob(d)), lambda _: True)


def test_strange_files_become_plates_and_what_is_absurd_is_named(demo: Book, files: list[Path]) -> None:
    """One edit holds kit, parts, unit, figures and plates; every built copy that has a pose lies on one plate, once."""
    before, made = demo.plans, gone(demo, files)
    risks = [r for c in made.choices for r in c.risks]
    assert any(r.startswith("readme.stl: ") for r in risks)
    assert any("giant" in r for r in risks), risks
    for data in made.blobs.values():
        demo.put_blob(data)
    demo.commit("the express way", made.documents)
    plans = demo.plans
    figures = plans.figures_of(made.unit_id)
    assert len(figures) == 2 and len({tuple(sorted(f.build.items())) for f in figures}) == 2, "built differently"
    owed = Counter((f.id, s) for f in figures for s, p in f.build.items() if p in plans.parts and plans.parts[p].pose)
    assert made.batch is not None
    laid = Counter((x.figure_id, x.slot) for p in made.batch.plates for x in p.placed if x.figure_id)
    assert laid == owed and set(laid.values()) == {1}
    assert all(demo.blob(plans.parts[x.part_id].pose.supported_blob) for p in made.batch.plates for x in p.placed)  # type: ignore[union-attr]
    assert all(plans.parts[p].watertight for f in figures for p in f.build.values() if p in plans.parts)
    demo.undo()
    assert demo.plans == before, "as one step"


def test_poses_stand_inside_the_machine_they_are_for(demo: Book, files: list[Path]) -> None:
    """What was too large for it has none."""
    made = gone(demo, files)
    parts = [d for d in made.documents if hasattr(d, "supported_blob") or hasattr(d, "slot")]
    posed = [p for p in parts if getattr(p, "pose", None) is not None]
    assert posed
    for part in posed:
        machine = demo.plans.machine_for(part)  # type: ignore[arg-type]
        mesh = unpack_mesh(made.blobs[part.pose.supported_blob])  # type: ignore[union-attr]
        assert machine is not None and np.all(
            mesh.extents_mm <= [machine.plate_x_mm, machine.plate_x_mm, machine.height_mm]
        )
    assert not any("giant" in p.name for p in posed)  # type: ignore[union-attr]


def test_nothing_usable_is_refused_with_its_reasons(demo: Book, tmp_path: Path) -> None:
    """No kit is made of notes; without a machine nothing begins; stopping leaves no trace."""
    note = tmp_path / "note.stl"
    note.write_text("no mesh")
    with pytest.raises(PlanError, match="None of these files"):
        gone(demo, [note])
    write_stl(box_mesh((5, 5, 5)), tmp_path / "cube.stl")
    wish = Wish((tmp_path / "cube.stl",), "Cube", 1, 25.0)
    with pytest.raises(Cancelled):
        express(wish, demo.plans, demo.history, EVENING, lambda d: unpack_mesh(demo.blob(d)), lambda _: False)
    from dataclasses import replace

    bare = replace(demo.plans, machines={})
    with pytest.raises(PlanError, match="No machine"):
        express(wish, bare, demo.history, EVENING, lambda d: unpack_mesh(demo.blob(d)), lambda _: True)
