"""Commands on the parts of a figure in assembled coordinates: where a brush comes to, what light they get."""

from __future__ import annotations

import argparse
import json
from pathlib import Path
from typing import Any

from numerus.cli.results import Result
from numerus.cli.surfaces import loaded_mesh
from numerus.errors import PlanError


def _named(paths: list[Path], without: str = "") -> list[tuple[str, Any]]:
    """Parts by their files' names, one taken away. Raises PlanError for two of one name, or none left."""
    names = [p.stem for p in paths]
    if len(set(names)) < len(names):
        raise PlanError("same-name", "Two files have the same name.", "Rename one; parts are told apart by it.")
    if without and without not in names:
        raise PlanError("no-part", f"{without!r} is none of the files.", f"They are {', '.join(names)}.")
    kept = [(p.stem, loaded_mesh(p)) for p in paths if p.stem != without]
    if not kept:
        raise PlanError("no-part", "No part is left.", "Name more files.")
    return kept


def reach_of(args: argparse.Namespace) -> list[Result]:
    """mm² of every part that are seen round the table, reached and easily reached by a brush."""
    from dataclasses import asdict

    from numerus.surface.brush_reach import brush_reach

    reaches = brush_reach(_named(args.files, args.without))
    parts = [{k: v if isinstance(v, str) else round(v, 3) for k, v in asdict(p).items()} for p in reaches]
    return [{"ok": True, "parts": parts}]


def dose_of(args: argparse.Namespace) -> list[Result]:
    """J/cm² on the skin of every part after so many minutes; each vertex's as .npz."""
    import numpy as np

    from numerus.geometry.mesh import merged
    from numerus.post.lamp_dose import dose_j_per_cm2, under_target_mm2

    named, station = _named(args.files), _station(args.lamp)
    whole = merged([m.bare() for _, m in named])
    dose = dose_j_per_cm2(whole, station, args.minutes)
    counts = [len(m.vertices) for _, m in named]
    with args.out.open("wb") as out:
        part = np.repeat(np.arange(len(named)), counts)
        np.savez_compressed(out, vertices=whole.vertices.astype(np.float32), dose=dose.astype(np.float32), part=part)
    parts = []
    for (name, mesh), own in zip(named, np.split(dose, np.cumsum(counts)[:-1]), strict=True):
        least, median, most = (round(float(v), 4) for v in (own.min(), np.median(own), own.max()))
        under = round(under_target_mm2(mesh, own, station.target_j_per_cm2), 3)
        parts.append({"name": name, "least": least, "median": median, "most": most, "under_mm2": under})
    return [{"ok": True, "parts": parts}]


def _station(path: Path) -> Any:
    """Raises PlanError for what is no lamp file."""
    import math

    from numerus.post.lamp_dose import Lamp, Station

    try:
        data = json.loads(path.read_text())
        lamps = tuple(
            Lamp(_place(one["at_mm"]), float(one["mw_per_sr"]), float(one["exponent"]), _place(one["toward"]))
            for one in data["lamps"]
        )
        table = data.get("turntable", {})
        station = Station(
            lamps,
            float(table.get("rpm", 0)) > 0,
            int(table.get("steps", 0)),
            float(data.get("reflect", 0)),
            float(data["target_j_per_cm2"]),
        )
        numbers = [
            *(v for la in lamps for v in (*la.at_mm, la.mw_per_sr, la.exponent, *la.toward)),
            station.reflect,
            station.target_j_per_cm2,
        ]
        wrong = (
            not lamps
            or not all(map(math.isfinite, numbers))
            or not 0 <= station.reflect <= 1
            or not 0 <= station.steps <= 3600
        )
        if wrong or any(la.mw_per_sr < 0 or la.exponent < 0 for la in lamps):
            raise ValueError
    except (OSError, ValueError, TypeError, KeyError, AttributeError) as error:
        raise PlanError(
            "no-lamp", f"{path.name} tells of no lamps.", "See the handbook's page on curing for its form."
        ) from error
    return station


def _place(data: Any) -> tuple[float, float, float]:
    """Raises ValueError or TypeError for what are not three numbers."""
    x, y, z = (float(v) for v in data)
    return x, y, z


def joints_of_files(args: argparse.Namespace) -> list[Result]:
    """Joints between parts as built with their loads and advice; the whole's centre of mass, and how far it tips."""
    from numerus.assembly.balance import balance
    from numerus.assembly.joints import joints_of

    named = _named(args.files)
    joint_list, stands = joints_of(named), balance([m for _, m in named])
    joints = [
        {
            "a": j.a, "b": j.b, "area_mm2": round(j.area_mm2, 3), "load_nmm": round(j.load_nmm, 5), "knock_nmm": round(j.knock_nmm, 5),
            "advice": j.advice,
        }
        for j in joint_list
    ]  # fmt: skip
    centre = [round(v, 4) for v in stands.centre_mm]
    return [{"ok": True, "joints": joints, "centre_of_mass_mm": centre, "tipping_deg": round(stands.tipping_deg, 3)}]
