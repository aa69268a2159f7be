"""What is measured: each function prints seconds, ratios and peak memory of its own process."""

from __future__ import annotations

import resource
import time
from collections.abc import Callable
from datetime import datetime

import numpy as np


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


def _welded(soup: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    from numerus.geometry.mesh import welded

    mesh = welded(soup)
    return mesh.vertices.astype(np.float32), mesh.faces


def kit_relations() -> None:
    """What 60 parts of 100,000 triangles are to each other: copies, twins, alternatives, joints, supports, bases."""
    import fast_simplification
    import trimesh

    from numerus.demo.parts import mesh, names, supported
    from numerus.geometry.mesh import Mesh, about_vertical, rotation_matrix
    from numerus.kit.assembly import propose
    from numerus.kit.relations import relations
    from numerus.kit.sorting import Shaped

    def fine(part: Mesh) -> Mesh:
        vertices, faces = part.vertices, part.faces
        while len(faces) < 100_000:
            vertices, faces = trimesh.remesh.subdivide(vertices, faces)
        points, faces = fast_simplification.simplify(vertices.astype(np.float32), faces, target_count=100_000)
        return Mesh(points.astype(float), faces.astype(np.int32))

    own = [n for n in names() if not n.startswith("heron_")]
    parts = [Shaped(n, n, fine(mesh(n))) for n in own]
    turn = rotation_matrix(about_vertical(70))
    parts += [Shaped(f"{n} again", n, fine(mesh(n)).transformed(turn).moved((60, 0, 0))) for n in own[:13]]
    parts += [Shaped(f"{n}_sup", n, fine(supported(n))) for n in own[13:25]]
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

    from numerus.geometry.mesh import Mesh
    from numerus.geometry.repair.findings import findings
    from numerus.geometry.repair.mending import mend
    from numerus.geometry.thickness import thickness

    soup = figure_soup(200_000)
    points, faces = fast_simplification.simplify(*_welded(soup), target_count=200_000)
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


def posing_and_supports() -> None:
    """An organic sculpt of 200,000 faces: fields, the search of all directions, supports, their proof, one change by hand;
    beside a mesh library's overhang angles for as many directions.
    """
    import trimesh

    from benchmarks.sculpts import organic
    from numerus.domain.machines import Machine, Resin
    from numerus.printing.orientation.orientation_search import Weights, directions, search
    from numerus.printing.orientation.pose_measures import measure, posed, school_up
    from numerus.printing.preparation.posed_and_supported import tried
    from numerus.printing.preparation.support_editing import mended, without_tip
    from numerus.printing.supports.placement import support
    from numerus.printing.supports.style import style_for
    from numerus.surface.part_fields import fields_of

    machine, resin, part = Machine("m", "M"), Resin("r", "R"), organic(200_000)
    fields = fields_of(part)
    say(f"fields of {len(part.faces)} faces", timed(lambda: fields_of(part), 1))
    search(part, fields, Weights(), 300)
    own = timed(lambda: search(part, fields, Weights()), 1)
    general, some = trimesh.Trimesh(part.vertices, part.faces, process=False), directions(60)
    theirs = (
        timed(lambda: [np.clip(-(general.face_normals @ up), 0, 1) @ general.area_faces for up in some], 1) / 60 * 1500
    )
    say("search of 1500 directions, eleven costs, refined", own, f"a library's normals, one cost: {theirs:.2f} s")
    posed_part = posed(part, school_up("lies on its back"))
    for name in ("balanced", "safe"):
        style = style_for(name, machine, resin)
        made = support(posed_part, resin, style, None, fields)
        say(
            f"supports, {name}: {len(made.pillars)} tips",
            timed(lambda style=style: support(posed_part, resin, style, None, fields), 1),
        )
    say("proved and mended", timed(lambda: mended(made, machine, resin), 1))
    cost, less = measure(part, fields, "x", school_up("lies on its back"), machine, resin), len(made.pillars) // 2
    say("a tip taken away and all proved again", timed(lambda: tried(cost, without_tip(made, less), machine, resin)))


def many_tips() -> None:
    """A slab of 200,000 faces that asks for three hundred tips."""
    import trimesh

    from numerus.domain.machines import Resin
    from numerus.geometry.mesh import Mesh
    from numerus.printing.supports.placement import support
    from numerus.printing.supports.style import SupportStyle
    from numerus.surface.part_fields import fields_of

    slab = trimesh.creation.box((42, 42, 3))
    while len(slab.faces) < 190_000:
        slab = slab.subdivide()
    x, y = slab.vertices[:, 0], slab.vertices[:, 1]
    part = Mesh(
        np.asarray(slab.vertices) + np.c_[0 * x, 0 * x, 0.4 * x + np.sin(x) * np.sin(y)],
        np.asarray(slab.faces, np.int32),
    ).dropped()
    fields = fields_of(part)
    made = support(part, Resin("r", "R"), SupportStyle(spacing_mm=2.1), None, fields)
    say(
        f"supports of {len(part.faces)} faces: {len(made.pillars)} tips, {len(made.islands_left)} islands left",
        timed(lambda: support(part, Resin("r", "R"), SupportStyle(spacing_mm=2.1), None, fields), 1),
    )


def hollowing() -> None:
    """An organic sculpt of 200,000 faces hollowed, beside a library's inner offset alone."""
    import trimesh

    from benchmarks.sculpts import organic
    from numerus.printing.hollow.hollowing import hollow

    part = organic(200_000)
    made = hollow(part, 1.5)
    general = trimesh.Trimesh(part.vertices, part.faces, process=False)
    voxels = timed(lambda: general.voxelized(1.5 / 8).fill(), 1)
    say(
        f"hollow with walls of 1.5 mm, {len(part.faces)} faces", timed(lambda: hollow(part, 1.5), 1),
        f"thinnest {made.min_wall_mm:.2f} mm, saves {made.saved_ml:.2f} ml; a library's voxels alone: {voxels:.1f} s",
    )  # fmt: skip


def inquests_of_seeded_weeks() -> None:
    """Two hundred seeded weeks with one fault each: which cause is named first, and how often the true one is of the first two."""
    from numerus.devices.trials import confusion

    begun = time.perf_counter()
    table, share = confusion(range(200))
    say("200 weeks", time.perf_counter() - begun, f"true cause among the first two: {share:.0%}")
    for (fault, cause), many in sorted(table.items()):
        print(f"    {fault:<20} called {cause:<12} {many}", flush=True)


def forecasts_of_seeded_campaigns() -> None:
    """Two hundred lived campaigns: how often the forecast's eighty per cent range held the true date, and which side it missed."""
    from numerus.progress.campaigns import campaign, held

    begun = time.perf_counter()
    told = [held(campaign(seed)) for seed in range(200)]
    inside = float(np.mean([low <= true <= high for low, high, true in told]))
    late, wide = np.mean([t > h for _, h, t in told]), np.mean([(h - low).days for low, h, _ in told])
    begun = time.perf_counter() - begun
    say("200 campaigns", begun, f"held {inside:.0%}, later than it {late:.0%}; {wide:.0f} days wide")


def a_century_of_journal() -> None:
    """The demo after half a million entries of figures long gone: opened when nothing of it was gone through before, then as a
    book that has grown, then in the window, beside the demo alone.
    """
    import os
    import tempfile
    from pathlib import Path

    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    from benchmarks.century import make_century
    from numerus.book.book import Book
    from numerus.demo.army import make_demo
    from numerus.desk.app import application, make_window

    now, app = datetime(2026, 3, 5, 21, 12), application()
    with tempfile.TemporaryDirectory() as place:
        alone, path = Path(place) / "demo.numerus", Path(place) / "century.numerus"
        make_demo(alone, now).close()
        many = make_century(path, now, 500_000)
        say(
            f"{many} entries gone through for the first time",
            timed(lambda: Book.open(path).close(), 1),
            "once, then kept",
        )
        say(f"{many} entries opened again", timed(lambda: Book.open(path).close()))
        for book, entries in ((alone, "the demo alone"), (path, f"{many} entries")):
            window = make_window(None, lambda: now, Path(place) / "settings.json", synchronous=True)
            window.show()
            app.processEvents()
            opened = timed(lambda w=window, b=book: (w.user_actions.open_path(b), app.processEvents()), 1)
            say(f"{entries} in the window", opened)
            window.session.open(None)


def taking_off_thirty() -> None:
    """A plate of thirty parts taken off with the mouse, five of them not as they should be: what the window takes to answer."""
    import os
    import tempfile
    from pathlib import Path

    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    from benchmarks.takingoff import hanging, take_off
    from numerus.demo.army import make_demo
    from numerus.desk.app import application, make_window

    now, app = datetime(2026, 3, 5, 21, 12), application()
    with tempfile.TemporaryDirectory() as place:
        book = make_demo(Path(place) / "demo.numerus", now)
        window = make_window(book, lambda: now, Path(place) / "settings.json", synchronous=True)
        window.show()
        plate_id = hanging(window.session)
        window.session.go("print")
        app.processEvents()
        hand = take_off(window, plate_id)
        by_hand = f"{len(hand.took_s)} presses, with pointing and thinking {hand.human_s:.0f} s; the longest {max(hand.took_s):.2f} s"
        say("thirty parts taken off, in the window", sum(hand.took_s), by_hand)
        window.close()


def a_thousand_parts() -> None:
    """A thousand supported demo parts packed for a small and a large machine."""
    from numerus.demo.army import MALLARD, TEAL
    from numerus.demo.parts import MESHES, supported
    from numerus.printing.plates.packing import Outline, density, outline_bitmap, pack

    names = [p.stem for p in sorted(MESHES.glob("*.supported")) if "heron" not in p.stem]
    shapes = {n: (outline_bitmap(supported(n)), float(supported(n).extents_mm[2])) for n in names}
    outlines = [Outline(n, f"f{i}", "s", *shapes[n], 1.0) for i, n in enumerate(names * 30)][:1000]
    pack(outlines[:4], [MALLARD], tries=0)
    for machine in (MALLARD, TEAL):
        begun = time.perf_counter()
        packing = pack(outlines, [machine])
        full = density(packing, outlines)[:-1]
        say(
            f"1000 parts on {machine.name}",
            time.perf_counter() - begun,
            f"{len(packing)} plates, {np.mean(full):.0%} covered",
        )


def packing_against_boxes() -> None:
    """Plates needed by silhouettes against plates needed by bounding boxes, same parts, same rule."""
    from dataclasses import replace

    from numerus.demo.parts import supported
    from numerus.domain.machines import Machine
    from numerus.printing.plates.packing import Outline, outline_bitmap, pack

    machine = Machine("m", "M", 120, 68)
    names = ["torso_coat", "arm_R_snuffer", "arm_R_hook", "head_hat", "arm_L_bell", "pack_lantern"] * 20
    bitmaps = {n: outline_bitmap(supported(n)) for n in set(names)}
    outlines = [Outline(n, "f", "s", bitmaps[n], 20.0, 1.0) for n in names]
    pack(outlines[:2], [machine], tries=0)
    boxes = {}
    for n, bitmap in bitmaps.items():
        rows, columns = np.flatnonzero(bitmap.any(axis=1)), np.flatnonzero(bitmap.any(axis=0))
        boxes[n] = np.zeros_like(bitmap)
        boxes[n][rows[0] : rows[-1] + 1, columns[0] : columns[-1] + 1] = True
    by_shape, by_box = (
        len(pack(o, [machine], tries=1)) for o in (outlines, [replace(o, bitmap=boxes[o.part_id]) for o in outlines])
    )
    say(
        f"packing {len(names)} parts by silhouette",
        timed(lambda: pack(outlines, [machine], tries=1), 1),
        f"{by_shape} plates; by boxes {by_box}",
    )


def answers() -> None:
    """What is computed after every change: standing, forecast, orders."""
    import tempfile
    from pathlib import Path

    from numerus.demo.army import make_demo
    from numerus.progress.forecast import forecast
    from numerus.progress.next_tasks import orders
    from numerus.progress.standing import standing

    now = datetime(2026, 3, 5, 21, 12)
    with tempfile.TemporaryDirectory() as place:
        book = make_demo(Path(place) / "d.numerus", now)
        found = standing(book.plans, book.history)
        say("standing of 34 figures", timed(lambda: standing(book.plans, book.history)))
        say("forecast with movers and levers", timed(lambda: forecast(book.plans, book.history, now, found)))
        say("orders for the evening", timed(lambda: orders(book.plans, book.history.facts, found, now)))
        say("reopening the book", timed(lambda: type(book).open(book.path).close()))
        book.close()


ALL = (
    kit_relations,
    walls_and_mending,
    columns_against_sections,
    whole_plate,
    posing_and_supports,
    many_tips,
    hollowing,
    inquests_of_seeded_weeks,
    forecasts_of_seeded_campaigns,
    a_century_of_journal,
    taking_off_thirty,
    a_thousand_parts,
    packing_against_boxes,
    answers,
)
