"""Meshes with known answers, and the evening every test lives in."""

from __future__ import annotations

import contextlib
from collections.abc import Iterable
from datetime import datetime, timedelta
from pathlib import Path

import numpy as np
import trimesh

from numerus.book.book import Book
from numerus.book.database import Database
from numerus.book.journal import read_rows
from numerus.domain.journal import Fact, Restored, StepDone, Withdrawn, taken_back
from numerus.geometry.mesh import Mesh
from numerus.progress.history import History
from numerus.progress.planning.next_tasks import orders
from numerus.progress.planning.task_kinds import Task
from numerus.progress.standing import standing

EVENING = datetime(2026, 3, 5, 21, 12)
SATURDAY = datetime(2026, 3, 7, 14)  # a day of three hours


def active(entries: Iterable[Fact]) -> list[Fact]:
    """The entries that count, in order, after all corrections."""
    listed = list(entries)
    return [e for e in listed if not isinstance(e.event, Withdrawn | Restored) and e.seq not in taken_back(listed)]


def all_told(path: Path) -> History:
    """What a book's journal tells when every row is read from the start."""
    with contextlib.closing(Database(path)) as own:
        return History.of(active(read_rows(own)))


def until_painting(book: Book, now: datetime = SATURDAY) -> tuple[datetime, list[Task]]:
    """Ticks the orders of day after day until some of them are to paint: (that day, those orders)."""
    for days in range(10):
        at = now + timedelta(days=days)
        listed = orders(book.plans, book.history.facts, standing(book.plans, book.history), at).listed
        painting = [t for t in listed if t.bench == "paint"]
        if painting:
            return at, painting
        book.commit("a day", facts=[f._replace(at=at) for t in listed for f in t.facts])
    raise AssertionError("nothing to paint in ten days")


def box_mesh(size: tuple[float, float, float], at: tuple[float, float, float] = (0, 0, 0)) -> Mesh:
    """A closed box with its lowest corner at ``at``."""
    corners = np.array([[x, y, z] for x in (0, 1) for y in (0, 1) for z in (0, 1)], float) * size + at
    quads = [(0, 1, 3, 2), (4, 6, 7, 5), (0, 4, 5, 1), (2, 3, 7, 6), (0, 2, 6, 4), (1, 5, 7, 3)]
    faces = [f for a, b, c, d in quads for f in ((a, b, c), (a, c, d))]
    return Mesh(corners, np.array(faces, np.int32))


def ball_mesh(radius: float, at: tuple[float, float, float] = (0, 0, 0), subdivisions: int = 4) -> Mesh:
    ball = trimesh.creation.icosphere(subdivisions, radius)
    return Mesh(np.asarray(ball.vertices) + at, np.asarray(ball.faces, np.int32))


def reversed_mesh(mesh: Mesh) -> Mesh:
    return Mesh(mesh.vertices, np.ascontiguousarray(mesh.faces[:, ::-1]))


def steps(window) -> int:  # type: ignore[no-untyped-def]
    """How many steps of work a window's journal holds."""
    return sum(isinstance(fact.event, StepDone) for fact in window.session.answers.facts)


def stages(window) -> set[str]:  # type: ignore[no-untyped-def]
    """The stages at which a window's figures stand."""
    return {f.stage for f in window.session.answers.standing.figures.values()}


def stranger(folder: Path) -> list[Path]:
    """Three parts no demo has: a twisted body, a knobbed head, a base; the head in inches."""
    body = trimesh.creation.cylinder(4, 20, sections=40)
    body.vertices += np.c_[
        np.sin(body.vertices[:, 2] / 5), np.cos(body.vertices[:, 2] / 5), np.full(len(body.vertices), 13)
    ]
    head = trimesh.util.concatenate(
        [trimesh.creation.icosphere(3, 3.5), trimesh.creation.capsule(height=6, radius=0.8)]
    )
    head.apply_translation([0, 0, 26])
    head.apply_scale(1 / 25.4)
    base = trimesh.creation.cylinder(12.5, 3)
    base.apply_translation([0, 0, 1.5])
    files = {"torso_twist.obj": body, "head knob.stl": head, "base_disc.ply": base}
    for name, mesh in files.items():
        mesh.export(folder / name)
    return [folder / name for name in files]


def handed_mesh(shift: tuple[float, float, float] = (0, 0, 0)) -> Mesh:
    """A closed shape without any symmetry: four boxes through each other; ``shift`` moves one of them."""
    from numerus.geometry.mesh import merged

    last = np.array((3.5, 2, 3)) + shift
    boxes = [
        ((8, 2, 2), (0, 0, 0)),
        ((2, 5, 2), (0.1, 1, 0.1)),
        ((1.5, 1.5, 6), (5, 0.2, 1)),
        ((2.5, 1, 1), tuple(last)),
    ]
    return merged([box_mesh(size, at) for size, at in boxes])


def moved_by(
    mesh: Mesh, turn_deg: float, by: tuple[float, float, float], scale: float = 1.0, mirror: bool = False,
    tilt: tuple[float, float, float] = (0.3, -0.5, 0.8),
) -> Mesh:  # fmt: skip
    """The mesh turned about the vertical, tilted, scaled, mirrored and moved."""
    from numerus.geometry.mesh import about_vertical, rotation_matrix, turning_up

    linear = rotation_matrix(about_vertical(turn_deg) @ turning_up(tilt)) @ np.diag([scale] * 3 + [1.0])
    return mesh.transformed(linear @ np.diag([-1.0 if mirror else 1.0, 1, 1, 1])).moved(by)


def subdivided(mesh: Mesh, times: int = 2) -> Mesh:
    vertices, faces = mesh.vertices, mesh.faces
    for _ in range(times):
        vertices, faces = trimesh.remesh.subdivide(vertices, faces)
    return Mesh(np.asarray(vertices), np.asarray(faces, np.int32))
