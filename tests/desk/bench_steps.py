"""Steps several tests of the benches take: a bench opened, an army mustered, a kit no demo has."""

from __future__ import annotations

from datetime import datetime
from pathlib import Path

import numpy as np
import trimesh

from helpers import box_mesh, moved_by, subdivided
from numerus.desk.window import MainWindow
from numerus.domain.army import Figure, Unit
from numerus.domain.parts import Part
from numerus.formats.meshes.mesh_writing import write_3mf, write_stl
from numerus.geometry.mesh import Mesh, merged
from numerus.printing.runs.run_records import RunRecord


def sort_bench(window: MainWindow, unit: str = "kiln"):  # type: ignore[no-untyped-def]
    window.session.select(unit)
    window.session.go("sort")
    return window.benches["sort"]


def do(window: MainWindow, title: str) -> None:
    """A command of the menus, by its title."""
    window.actions_by_title[title].trigger()


def muster_ten(window: MainWindow) -> None:
    figures = [Figure(f"ten-{n}", "ten", f"Tenth {n}", n) for n in range(10)]
    window.session.commit("ten more", [Unit("ten", "Ten more", 9, 28.5, "", slots=()), *figures])


def parts_by_label(window: MainWindow) -> dict[str, Part]:
    return {p.label: p for p in window.session.kit_parts()}


def strangers(folder: Path) -> Path:
    """A kit no demo has, in one 3MF and loose files: a walker of boxes and rods with three heads (one torn, one twice), two arms
    for either side, one of them in metres.
    """
    body = box_mesh((10, 8, 6), (-5, -4, 14))
    legs = merged([box_mesh((2, 3, 14), (x, -1.5, 3)) for x in (-4, 2)])
    turret = merged([box_mesh((5, 5, 4), (-2.5, -2.5, 20.1)), box_mesh((1, 7, 1), (-0.5, -8, 21.5))])
    ball = trimesh.creation.icosphere(3, 3.4)
    dome = Mesh(np.asarray(ball.vertices) + [0, 0, 22.6], np.asarray(ball.faces, np.int32))
    crate = subdivided(box_mesh((4, 6, 5), (-2, -3, 20.1)), 3)
    torn = Mesh(crate.vertices, crate.faces[np.linalg.norm(crate.triangles.mean(axis=1) - [0, -3, 23], axis=1) > 0.9])
    arm = merged(
        [
            box_mesh((2.5, 3, 3), (5.1, -1.5, 15)),
            box_mesh((1.5, 6, 1.5), (5.6, -7, 15.5)),
            box_mesh((0.6, 2, 3), (6.9, -5, 16)),
        ]
    )
    low = merged(
        [
            box_mesh((2.5, 3, 3), (5.1, -1.5, 15)),
            box_mesh((1.4, 1.2, 8), (5.7, -0.6, 7.5)),
            box_mesh((1, 2, 1), (6.5, -2, 7.6)),
        ]
    )
    disc = trimesh.creation.cylinder(20, 3, sections=64)
    base = Mesh(np.asarray(disc.vertices) + [0, 0, 1.5], np.asarray(disc.faces, np.int32))
    flip = np.diag([-1.0, 1, 1, 1])
    folder.mkdir()
    write_3mf([("thing", body), ("thing", legs), ("thing", base)], folder / "walker.3mf")
    loose = {
        "t1": turret, "t2": dome, "t3": torn, "t1 again": moved_by(subdivided(turret), 70, (50, 0, 0)), "a": arm, "c": low,
        "d": low.transformed(flip), "b": Mesh(arm.transformed(flip).vertices / 1000, arm.transformed(flip).faces),
    }  # fmt: skip
    for name, mesh in loose.items():
        write_stl(mesh, folder / f"{name}.stl")
    return folder


def schedule_inputs(window: MainWindow):  # type: ignore[no-untyped-def]
    window.session.go("print")
    return window.benches["print"]


def run_in(window: MainWindow, state: str) -> RunRecord:
    return next(r for r in window.session.answers.standing.runs.values() if r.state == state)


def at(window: MainWindow, moment: datetime) -> None:
    window.session.clock = lambda: moment
    window.session.tick()


def cure_the_smallest(window: MainWindow) -> None:
    """The plate with fewest parts washed, and under the lamp."""
    do(window, "Wash")
    wash, plates = window.benches["wash"], window.session.plans.plates
    wash.state.run_id = min(wash.state.waiting, key=lambda r: len(plates[r.plate_id].placed)).run_id
    wash.done()
    window.session.go("cure")
