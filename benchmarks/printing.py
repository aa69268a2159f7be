"""Poses, supports, hollowing and plates: seconds and ratios."""

from __future__ import annotations

import time

import numpy as np

from benchmarks.measuring import dense, say, timed
from numerus.geometry.mesh import Mesh


def posing_and_supports() -> None:
    """An organic sculpt of 200,000 faces: fields, the search of all directions, supports, their proof, one change by hand;
    beside a mesh library's overhang angles for as many directions.
    """
    import trimesh

    from benchmarks.sculpts import organic
    from numerus.domain.printing.machines import Machine, Resin
    from numerus.printing.orientation.orientation_search import Weights, directions, search
    from numerus.printing.orientation.pose_measures import measure, posed, school_up
    from numerus.printing.preparation.posed_and_supported import tried
    from numerus.printing.preparation.support_editing import mended, without_tip
    from numerus.printing.supports.placement import support
    from numerus.printing.supports.style import style_for
    from numerus.surface.fields.part_fields import fields_of

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

    from numerus.domain.printing.machines import Resin
    from numerus.printing.supports.placement import support
    from numerus.printing.supports.style import SupportStyle
    from numerus.surface.fields.part_fields import fields_of

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


def packing_against_boxes() -> None:
    """Plates needed by silhouettes against plates needed by bounding boxes, same parts, same rule."""
    from dataclasses import replace

    from numerus.demo.parts import supported
    from numerus.domain.printing.machines import Machine
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


def diagnoses_of_seeded_weeks() -> None:
    """Two hundred seeded weeks with one fault each: which cause is named first, and how often the true one is of the first two."""
    from numerus.devices.trials import confusion

    begun = time.perf_counter()
    table, share = confusion(range(200))
    say("200 weeks", time.perf_counter() - begun, f"true cause among the first two: {share:.0%}")
    for (fault, cause), many in sorted(table.items()):
        print(f"    {fault:<20} called {cause:<12} {many}", flush=True)


def a_load_under_the_lamp() -> None:
    """Twenty parts of 49,000 faces laid on the turntable and lit from both sides, beside one bare look at as many rays."""
    from numerus.demo.parts import mesh, names
    from numerus.geometry.mesh import merged
    from numerus.geometry.rays import RayScene
    from numerus.post.curing.lamp_load import cured, loads_of
    from numerus.post.curing.lamps import box

    own = [n for n in names() if not n.startswith("heron_")][:20]
    parts = [(n, dense(mesh(n), 49_000)) for n in own]
    loads = []

    def lit() -> None:
        loads[:] = loads_of(parts)
        _ = [cured(load, box()) for load in loads]

    seconds = timed(lit)
    bare = timed(lambda: RayScene(merged([m.bare() for _, m in parts])))
    say(f"{len(parts)} parts laid and lit in {len(loads)} load(s)", seconds)
    say("their faces handed to the ray library once", bare, f"{seconds / bare:.1f} times as long for all of it")
