"""Meshes, kits and solids beside general libraries: seconds, ratios and peak memory of a process of its own."""

from __future__ import annotations

import resource
import time

import numpy as np

from benchmarks.measuring import dense, figure_soup, say, timed, welded
from numerus.geometry.mesh import Mesh


def kit_relations() -> None:
    """What 60 parts of 100,000 triangles are to each other: copies, twins, alternatives, joints, supports, bases."""
    import trimesh

    from numerus.demo.parts import mesh, names, supported
    from numerus.geometry.mesh import about_vertical, rotation_matrix
    from numerus.kit.assembly import propose
    from numerus.kit.relations import relations
    from numerus.kit.sorting import Shaped

    own = [n for n in names() if not n.startswith("heron_")]
    parts = [Shaped(n, n, dense(mesh(n), 100_000)) for n in own]
    turn = rotation_matrix(about_vertical(70))
    parts += [Shaped(f"{n} again", n, dense(mesh(n), 100_000).transformed(turn).moved((60, 0, 0))) for n in own[:13]]
    parts += [Shaped(f"{n}_sup", n, dense(supported(n), 100_000)) for n in own[13:25]]
    found: list = []
    seconds = timed(lambda: found.append(relations(parts)), 1)
    kinds = {
        k: sum(r.kind == k for r in found[-1])
        for k in ("duplicate", "mirror", "alternative", "joint", "supported", "base")
    }
    triangles = sum(len(p.mesh.faces) for p in parts)
    say(f"relations of {len(parts)} parts, {triangles / 1e6:.1f} M triangles", seconds, str(kinds))
    say("slots proposed from them", timed(lambda: propose(parts, found[-1])))
    from numerus.geometry.likeness import ShapePrint, alike

    a, b = ShapePrint(parts[0].mesh), ShapePrint(parts[len(own)].mesh)
    ours = timed(lambda: alike(a, b))
    theirs = timed(lambda: trimesh.registration.icp(a.points, b.points, max_iterations=25, threshold=0), 1)
    say("one pair laid over each other from all sides", ours)
    say("one start of a mesh library's point matching alone", theirs, f"{theirs / ours:.1f} times as long")


def walls_and_mending() -> None:
    """Thickness and mending of 200,000 triangles, beside a mesh library doing the like."""
    import fast_simplification
    import trimesh

    from numerus.geometry.repair.findings import findings
    from numerus.geometry.repair.mending import mend
    from numerus.geometry.thickness import thickness

    soup = figure_soup(200_000)
    points, faces = fast_simplification.simplify(*welded(soup), target_count=200_000)
    whole = trimesh.Trimesh(points.astype(float), faces, process=True)
    mesh = Mesh(np.asarray(whole.vertices), np.asarray(whole.faces, np.int32))
    thickness(mesh)
    ours = timed(lambda: thickness(mesh))
    say(f"walls of {len(mesh.faces)} triangles, through all shells", ours)
    points, normals = whole.triangles_center, whole.face_normals

    def library() -> object:
        return trimesh.proximity.thickness(whole, points, normals=normals, method="ray")

    theirs = timed(library, 1)
    say("first hits by a mesh library's rays", theirs, f"{theirs / ours:.1f} times as long")
    torn = Mesh(mesh.vertices, mesh.faces[np.linalg.norm(mesh.triangles.mean(axis=1) - mesh.vertices[0], axis=1) > 1.5])
    mend(torn)
    ours = timed(lambda: mend(torn))
    say(f"mending {len(torn.faces)} triangles", ours, ", ".join(mend(torn).done))
    say("finding its faults", timed(lambda: findings(torn)))

    def filled() -> object:
        copy = trimesh.Trimesh(torn.vertices, torn.faces, process=False)
        trimesh.repair.fix_normals(copy)
        return trimesh.repair.fill_holes(copy)

    theirs = timed(filled, 1)
    say("turning and filling by a mesh library", theirs, f"{theirs / ours:.1f} times as long")


def columns_against_sections() -> None:
    """Layer areas and islands of a million triangles at 50 µm, against a mesh library's plane sections."""
    import trimesh

    from numerus.geometry.solids.columns import solid_columns
    from numerus.geometry.solids.layers import islands, layer_areas_mm2

    soup = figure_soup(1_000_000)

    def ours() -> tuple:
        columns = solid_columns(soup, 0.05, 0.05)
        return layer_areas_mm2(columns), islands(columns)

    ours()
    seconds = timed(ours)
    mesh = trimesh.Trimesh(soup.reshape(-1, 3), np.arange(len(soup) * 3).reshape(-1, 3), process=True)
    heights = (np.arange(int(mesh.bounds[1, 2] / 0.05)) + 0.5) * 0.05
    sample = heights[:: max(1, len(heights) // 24)]

    def sections() -> list:
        return [
            [len(loop) for loop in s.discrete] if s else []
            for s in (mesh.section([0, 0, 1], [0, 0, z]) for z in sample)
        ]

    theirs = timed(sections, 1) * len(heights) / len(sample)
    say(f"columns, areas and islands of {len(soup)} triangles", seconds, f"{len(heights)} layers")
    say(
        "the outlines alone by plane sections (from a 24-layer sample)", theirs, f"{theirs / seconds:.0f} times as long"
    )
    say("peak memory so far", resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1e6, "GB")


def whole_plate() -> None:
    """A plate of figures at 18 µm pixels, about 12k x 7k, streamed: areas and islands within 2 GB."""
    from numerus.geometry.solids.columns import solid_columns
    from numerus.geometry.solids.layers import islands, layer_areas_mm2

    figure = figure_soup(60_000)
    places = [np.array([16 + 30 * i, 16 + 30 * j, 0.0]) for i in range(7) for j in range(4)]
    soup = np.empty((len(places) * len(figure), 3, 3))
    for number, place in enumerate(places):
        soup[number * len(figure) : (number + 1) * len(figure)] = figure + place
    say(f"{len(soup)} triangles; memory before", resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1e6, "GB")
    begun = time.perf_counter()
    columns = solid_columns(soup, 0.018, 0.05)
    found = islands(columns)
    took = time.perf_counter() - begun
    say(
        f"a plate of {columns.grid.nx} x {columns.grid.ny} pixels, {columns.layers} layers",
        took,
        f"{len(found)} islands, {len(layer_areas_mm2(columns))} areas",
    )
    say("peak memory", resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1e6, "GB")
