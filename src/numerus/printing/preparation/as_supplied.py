"""Meshes that came on supports of their own: printed as they stand, after they were looked at like any other print."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import Pose
from numerus.geometry.hulls import hull_of
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.repair.health import oriented
from numerus.kit.recognise import supports_of
from numerus.printing.checks.print_check import MeshPrintCheck, check_mesh_print
from numerus.printing.orientation.pose_measures import is_significant_cup
from numerus.printing.preparation.posed_and_supported import MOST_MARGIN
from numerus.words import counted

AS_SUPPLIED = "as supplied"


@dataclass(frozen=True, eq=False)
class SuppliedPrint:
    """The mesh standing on the plate, its pose in numbers and what was found of it as a print."""

    standing: Mesh
    pose: Pose
    proof: MeshPrintCheck


def supplied_print(mesh: Mesh, machine: Machine, resin: Resin) -> SuppliedPrint:
    """As it stands in its file, its lowest point on the plate. Its supports count as part of it: none are added."""
    standing = oriented(mesh)[0].dropped()
    proof, supports = check_mesh_print(standing, machine, resin), supports_of(standing)
    hull = hull_of(standing.vertices[:, :2])
    sealed = sum(c.area_mm2 for c in proof.cups if is_significant_cup(c))
    born = [counted(len(proof.islands), "island") + " left"] if proof.islands else []
    pose = Pose(
        (0.0, 0.0, 1.0), AS_SUPPLIED, round(float(standing.extents_mm[2]), 3), round(_area_mm2(hull), 1), 0.0, 0.0,
        supports.pillars if supports else 0, round(proof.peak_mm2, 1), note="; ".join(born),
        margin=round(min(proof.weakest.margin, MOST_MARGIN), 2),
        hull_mm=tuple((round(float(x), 2), round(float(y), 2)) for x, y in hull), cups_mm2=round(sealed, 1),
    )  # fmt: skip
    return SuppliedPrint(standing, pose, proof)


def _area_mm2(outline: Floats) -> float:
    """Of a plain closed outline, float64 (n, 2): half the sum of its cross products."""
    x, y = np.asarray(outline, float).T
    return float(abs(x @ np.roll(y, -1) - y @ np.roll(x, -1)) / 2)


def pose_warnings(pose: Pose) -> list[str]:
    """What is still wrong with a pose that was kept, in words; none where all is well."""
    warnings = [pose.note] if pose.note else []
    if pose.cups_mm2:
        warnings.append(f"a cup seals {pose.cups_mm2:.0f} mm²")
    if 0 < pose.margin < 1:
        warnings.append(f"its supports hold {pose.margin:.1f} times the pull")
    return warnings
