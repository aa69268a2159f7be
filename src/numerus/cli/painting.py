"""A picture of a painted mesh from files alone: zones of its faces, a recipe of films for each."""

from __future__ import annotations

import argparse
import json
from pathlib import Path
from typing import Any

from numerus.cli.results import Result
from numerus.cli.surfaces import loaded_mesh
from numerus.errors import PlanError

EXAMPLE = {
    "paints": [
        {"name": "Tallow coat", "hex": "#C99A2E", "kind": "semi-opaque"}, {"name": "Candle cream", "hex": "#EBD9A6", "kind": "opaque"},
        {"name": "Peat wash", "hex": "#4A3524", "kind": "wash"}, {"name": "Slate grey", "hex": "#5A6268", "kind": "opaque"},
    ],
    "primer": {"colour": "#3A3A3C", "upper": "#D9D7D0", "toward": [0, 0, 1]},
    "zones": {
        "coat": [
            {"technique": "base", "mix": {"Tallow coat": 2, "Candle cream": 0.3}, "coats": 2},
            {"technique": "wash", "mix": {"Peat wash": 1}},
            {"technique": "layer", "mix": {"Tallow coat": 3, "Candle cream": 1}},
            {"technique": "edge", "mix": {"Candle cream": 1}},
        ],
        "*": [
            {"technique": "base", "mix": {"Slate grey": 1}, "coats": 2},
            {"technique": "dry-brush", "mix": {"Candle cream": 1}, "seed": 4},
        ],
    },
}  # fmt: skip
SIZE = 640, 800


def paint_file(args: argparse.Namespace) -> list[Result]:
    """A PNG of the mesh painted; or, with --example-recipe alone, a recipe to begin with."""
    if args.example_recipe is not None:
        args.example_recipe.write_text(json.dumps(EXAMPLE, indent=1) + "\n")
        return [{"file": str(args.example_recipe), "ok": True}]
    if not (args.file and args.recipe and args.zones and args.out):
        raise PlanError("missing", "A file, --recipe, --zones and --out are needed.", "Or --example-recipe FILE alone.")
    return [_painted(args)]


def _painted(args: argparse.Namespace) -> Result:
    import numpy as np
    from PIL import Image

    from numerus.kit.thumbnails import fitted_camera
    from numerus.paint.figure.painted import painted_zone
    from numerus.paint.figure.placing import stroke_laid_ml
    from numerus.paint.figure.shot import Figure, Shot
    from numerus.surface.fields.painting_fields import BRUSHED_RIDGE_MM, painting_fields

    mesh = loaded_mesh(args.file)
    names, zones = _zones(args.zones, len(mesh.faces))
    recipe = Recipe.read(args.recipe)
    figure = Figure(mesh, painting_fields(mesh, ridge_mm=BRUSHED_RIDGE_MM), zones)
    camera = fitted_camera(mesh, args.view[0], args.view[1], 1.05, SIZE[0] / SIZE[1])
    shot = Shot(figure, camera, *SIZE)
    linear, ml = np.zeros((len(shot.hit), 3)), {}
    for number, name in enumerate(names):
        own, steps = np.flatnonzero(shot.zone == number), recipe.steps_of(name)
        linear[own] = painted_zone(steps, recipe.rack, recipe.primer, shot.places.some(own)).light()
        skin = np.flatnonzero((figure.vertex_zone == number) & ~figure.fields.inside)
        whole = painted_zone(steps, recipe.rack, recipe.primer, figure.places.some(skin))
        area = figure.mesh.vertex_areas_mm2[skin]
        used = [
            stroke_laid_ml(s, laid, area, recipe.rack.solids(s.mix, s.thinner))
            for s, laid in zip(steps, whole.strokes, strict=True)
        ]
        ml[name] = round(sum(used), 4)
    Image.fromarray(shot.picture(0.8 * linear * shot.light()[:, None], args.grey), "RGBA").save(args.out)
    return {"file": str(args.file), "ok": True, "png": str(args.out), "ml": ml}


def _zones(path: Path, faces: int) -> tuple[list[str], Any]:
    """Names and each face's number. Raises PlanError where the file tells of another mesh."""
    import numpy as np

    try:
        labels = [str(z) for z in json.loads(path.read_text())["faces"]]
    except (OSError, ValueError, KeyError, TypeError) as error:
        raise PlanError("no-zones", f"{path.name} holds no zones.", 'Make them with "zones".') from error
    if len(labels) != faces:
        raise PlanError("other-mesh", f"{path.name} has zones for {len(labels)} faces, the mesh has {faces}.")
    names = list(dict.fromkeys(labels))
    number = {name: n for n, name in enumerate(names)}
    return names, np.array([number[z] for z in labels])


class Recipe:
    """What a recipe file holds: its rack, its primer, strokes by zone, "*" for zones it does not name."""

    def __init__(self, rack: Any, primer: Any, zones: dict[str, list[Any]]) -> None:
        self.rack, self.primer, self.zones = rack, primer, zones

    def steps_of(self, zone: str) -> list[Any]:
        return self.zones.get(zone, self.zones.get("*", []))

    @classmethod
    def read(cls, path: Path) -> Recipe:
        """Raises PlanError naming what is wrong, PaintListError for its paints."""
        from numerus.colour.reflectance import reflectances
        from numerus.colour.words import colour_typed
        from numerus.formats.paint_lists import paints_told
        from numerus.paint.figure.painted import Primer
        from numerus.paint.rack.exchange import paints_of_list
        from numerus.paint.rack.pots import Rack

        try:
            data = json.loads(path.read_text())
            paints, primer, zones = data["paints"], data.get("primer", {}), dict(data["zones"])
            rack = Rack({p.id: p for p in paints_of_list(paints_told(paints))})
            grounds = [colour_typed(str(primer[k])) for k in ("colour", "upper") if k in primer] or ["#9A9A98"]
            looks = reflectances(grounds)
            toward = tuple(float(v) for v in primer.get("toward", (0, 0, 1)))
            primer_read = Primer(looks[0], looks[1] if len(looks) > 1 else None, toward)  # type: ignore[arg-type]
            steps = {str(z): [_step(z, n, row, rack) for n, row in enumerate(rows, 1)] for z, rows in zones.items()}
        except (OSError, ValueError, KeyError, TypeError, AttributeError) as error:
            raise PlanError(
                "no-recipe", f"{path.name} is no recipe: {error}.", "Begin with --example-recipe FILE."
            ) from error
        return cls(rack, primer_read, steps)


def _line(row: dict[str, Any]) -> Any:
    """A line drawn by hand: {"points": [[x, y, z] …], "width_mm": w}. Raises ValueError, KeyError or TypeError."""
    import numpy as np

    from numerus.domain.painting.recipes import DrawnLine

    points, width = np.asarray(row["points"], float), float(row["width_mm"])
    if points.ndim != 2 or points.shape[1] != 3 or not np.all(np.isfinite(points)) or not 0 < width < 1000:
        raise ValueError("a drawn line is [x, y, z] points and a width in mm")
    return DrawnLine(tuple(map(tuple, points.tolist())), width)


def _step(zone: str, number: int, row: dict[str, Any], rack: Any) -> Any:
    """One stroke of a recipe file. Raises PlanError, ValueError or TypeError."""
    import math

    from numerus.domain.painting.recipes import Placing, RecipeStep
    from numerus.paint.figure.placing import MASKS
    from numerus.paint.techniques import TECHNIQUES

    where = f"{zone}, stroke {number}"
    if row["technique"] not in TECHNIQUES or row.get("mask", "everywhere") not in MASKS:
        raise PlanError("bad-stroke", f"{where}: techniques are {', '.join(TECHNIQUES)}; masks {', '.join(MASKS)}.")
    parts = []
    for name, amount in row["mix"].items():
        if name.lower() not in rack.by_name or not math.isfinite(float(amount)) or float(amount) <= 0:
            raise PlanError("bad-stroke", f"{where}: {name} {amount} is no paint of the file with its parts.")
        parts.append((rack.by_name[name.lower()], float(amount)))
    how, whole = TECHNIQUES[row["technique"]], sum(n for _, n in parts)
    numbers = [
        float(row.get(k, d))
        for k, d in (("thinner", how.thinned * whole), ("coats", 1), ("size_mm", 0.6), ("amount", 1.0), ("seed", 0))
    ]
    if not all(map(math.isfinite, numbers)) or min(numbers) < 0 or not 1 <= numbers[1] <= 20:
        raise PlanError("bad-stroke", f"{where}: numbers are finite and not below zero, coats 1 to 20.")
    toward, at = (tuple(float(v) for v in row.get(k, d)) for k, d in (("toward", (0, 0, 1)), ("at", (0, 0, 0))))
    drawn = tuple(_line(d) for d in row.get("drawn", ()))
    placing = Placing(row.get("mask", ""), toward, at, numbers[2] or 0.6, int(numbers[4]), numbers[3], drawn)  # type: ignore[arg-type]
    return RecipeStep(
        f"{zone}/{number}",
        row["technique"],
        row["technique"],
        tuple(parts),
        numbers[0],
        "",
        1,
        20,
        coats=int(numbers[1]),
        placing=placing,
    )
