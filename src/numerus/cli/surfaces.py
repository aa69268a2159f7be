"""Commands on the skin of a mesh: fields for painting, zones by seeds or as patches."""

from __future__ import annotations

import argparse
import json
from pathlib import Path
from typing import Any

from numerus.cli.results import Result
from numerus.errors import PlanError


def direction(text: str) -> tuple[float, float, float]:
    """``X,Y,Z``, not all zero."""
    import math

    try:
        x, y, z = (float(v) for v in text.split(","))
    except ValueError as error:
        raise argparse.ArgumentTypeError("three numbers like 0,0,1") from error
    if not all(map(math.isfinite, (x, y, z))) or x == y == z == 0:
        raise argparse.ArgumentTypeError("a direction, not all of it zero")
    return x, y, z


def loaded_mesh(path: Path) -> Any:
    """A file's mesh as it is: its own coordinates, its faces in its order."""
    from numerus.formats.meshes.mesh_files import read_mesh

    return read_mesh(path).mesh


def fields_of_file(args: argparse.Namespace) -> list[Result]:
    """Openness, recess, ridge, lit and seen of every vertex, as .npz."""
    import numpy as np

    from numerus.geometry.mesh import turning_up
    from numerus.surface.fields.painting_fields import painting_fields

    mesh = loaded_mesh(args.file)
    turn = turning_up(args.up)
    standing = mesh.with_vertices(np.ascontiguousarray(mesh.vertices @ turn.T))
    light = tuple(float(v) for v in turn @ np.asarray(args.lit or args.up, float))
    fields = painting_fields(standing, light, args.spread)  # type: ignore[arg-type]
    answer = {name: getattr(fields, name) for name in ("openness", "recess", "ridge", "lit", "seen")}
    with args.out.open("wb") as out:
        np.savez_compressed(out, vertices=mesh.vertices.astype(np.float32), faces=mesh.faces, **answer)
    means = {name: round(float(values.mean()), 4) for name, values in answer.items()}
    return [
        {"file": str(args.file), "ok": True, "vertices": len(mesh.vertices), "faces": len(mesh.faces), "mean": means}
    ]


def zones_of_file(args: argparse.Namespace) -> list[Result]:
    """A zone for every face: grown from seeds, as the file tells by materials, groups or colours, or the patches proposed."""
    import numpy as np

    from numerus.formats.meshes.mesh_files import read_mesh
    from numerus.formats.regions import told_regions
    from numerus.surface.patching.file_zones import zones_of_regions
    from numerus.surface.patching.patches import grown, patches_of

    mesh_file = read_mesh(args.file)
    mesh, patches = mesh_file.mesh, patches_of(mesh_file.mesh)
    own = zones_of_regions(mesh, *told_regions(mesh, mesh_file.regions))
    if args.seeds:
        names, labels = grown(mesh, patches, _seeds(args.seeds))
    elif own is not None:
        names, labels = (*own.names, "unnamed"), np.minimum(own.labels, len(own.names)).astype(np.int64)
    else:
        names, labels = tuple(f"patch {n + 1}" for n in range(len(patches))), patches.labels
    area = np.bincount(labels, mesh.areas_mm2, len(names))
    answer = {
        "faces": [names[n] for n in labels],
        "zones": {n: round(float(a), 4) for n, a in zip(names, area, strict=True)},
    }
    args.out.write_text(json.dumps(answer))
    return [{"file": str(args.file), "ok": True, "zones": answer["zones"], "patches": len(patches)}]


def _seeds(path: Path) -> list[Any]:
    """Raises PlanError for what are no seeds."""
    import math

    from numerus.surface.patching.patches import Seed

    try:
        data = json.loads(path.read_text())
        seeds = [Seed(str(s["zone"]), tuple(float(v) for v in s["at"])) for s in data]  # type: ignore[arg-type]
        if not seeds or any(len(s.at) != 3 or not all(map(math.isfinite, s.at)) or not s.zone for s in seeds):
            raise ValueError
    except (OSError, ValueError, TypeError, KeyError) as error:
        raise PlanError(
            "no-seeds", f"{path.name} holds no seeds.", 'Write [{"zone": "coat", "at": [x, y, z]}].'
        ) from error
    return seeds
