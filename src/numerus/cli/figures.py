"""Commands on the parts of a figure in assembled coordinates: where a brush comes to, what light they get."""

from __future__ import annotations

import argparse
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
    from numerus.post.curing.lamp_dose import dose_j_per_cm2, under_target_mm2
    from numerus.post.curing.lamps import read_lamp

    named, (_, station) = _named(args.files), read_lamp(_text_of(args.lamp), args.lamp.name)
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


def _text_of(path: Path) -> str:
    """Raises PlanError where it cannot be read."""
    try:
        return path.read_text()
    except (OSError, ValueError) as error:
        raise PlanError(
            "unreadable", f"{path.name} cannot be read.", "Is it a text file, and may it be read?"
        ) from error


def joints_of_files(args: argparse.Namespace) -> list[Result]:
    """Joints between parts as built with their loads and advice; the whole's centre of mass, and how far it tips."""
    from numerus.assembly.balance import balance
    from numerus.assembly.joints import joints_of

    named = _named(args.files)
    joint_list, stands = joints_of(named), balance([m for _, m in named])
    joints = [
        {
            "a": j.a, "b": j.b, "area_mm2": round(j.area_mm2, 3), "load_nmm": round(j.load_nmm, 5), "knock_nmm": round(j.knock_nmm, 5),
            "advice": j.advice, "gap_mm": round(j.gap.mean_mm, 3), "gap_most_mm": round(j.gap.most_mm, 3), "fill": j.filling,
        }
        for j in joint_list
    ]  # fmt: skip
    centre = [round(v, 4) for v in stands.centre_mm]
    return [{"ok": True, "joints": joints, "centre_of_mass_mm": centre, "tipping_deg": round(stands.tipping_deg, 3)}]
