"""How speed is measured and told, and the figure that most of it is measured on."""

from __future__ import annotations

import time
from collections.abc import Callable

import numpy as np

from numerus.geometry.mesh import Mesh


def timed(work: Callable[[], object], runs: int = 3) -> float:
    """Median seconds of a few runs."""
    took = []
    for _ in range(runs):
        begun = time.perf_counter()
        work()
        took.append(time.perf_counter() - begun)
    return sorted(took)[len(took) // 2]


def say(name: str, seconds: float, more: str = "") -> None:
    print(f"{name:<58} {seconds:8.3f} s  {more}", flush=True)


def figure_soup(faces: int) -> np.ndarray:
    """A Wickman, assembled and subdivided to ``faces`` triangles or more, standing on the platform: float64 (m, 3, 3)."""
    import trimesh

    from numerus.demo.parts import mesh
    from numerus.geometry.mesh import merged

    whole = merged(
        [
            mesh(n)
            for n in (
                "base_cobbles",
                "legs_standing",
                "torso_coat",
                "head_hat",
                "arm_R_snuffer",
                "arm_L_bell",
                "pack_lantern",
            )
        ]
    )
    vertices, triangles = whole.vertices, whole.faces
    while len(triangles) < faces:
        vertices, triangles = trimesh.remesh.subdivide(vertices, triangles)
    return np.ascontiguousarray(vertices[triangles])


def welded(soup: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    from numerus.geometry.mesh import welded

    mesh = welded(soup)
    return mesh.vertices.astype(np.float32), mesh.faces


def dense(part: Mesh, faces: int) -> Mesh:
    """A part told by exactly so many faces or hardly fewer, as printed sculpts are."""
    import fast_simplification
    import trimesh

    points, triangles = part.vertices, part.faces
    while len(triangles) < faces:
        points, triangles = trimesh.remesh.subdivide(points, triangles)
    points, triangles = fast_simplification.simplify(points.astype(np.float32), triangles, target_count=faces)
    return Mesh(points.astype(float), triangles.astype(np.int32))
