"""How a posed part rests: flat on the plate itself, or raised over it by supports."""

from __future__ import annotations

from numerus.geometry.mesh import Mesh

LIFT_MM = 4.0  # how far supports raise a part (default)
FLAT_MM2 = 40.0  # a face of so much, level, is printed straight on the plate
LEVEL_COS = 0.98
ON_PLATE_MM = 0.15  # corners no higher over the lowest point lie on the plate


def flat_mm2(turned: Mesh) -> float:
    """How much level skin lies at a part's lowest point."""
    on_plate = turned.triangles[:, :, 2].max(axis=1) <= turned.bounds_mm[0, 2] + ON_PLATE_MM
    return float((turned.areas_mm2 * (turned.normals[:, 2] < -LEVEL_COS) * on_plate).sum())


def lies_flat(turned: Mesh, least_mm2: float = FLAT_MM2) -> bool:
    """Whether a part rests on a face large enough to be printed straight on the plate."""
    return flat_mm2(turned) >= least_mm2


def lift_of(turned: Mesh, lift_mm: float = LIFT_MM, least_mm2: float = FLAT_MM2) -> float:
    """How far a part is raised: not at all where it lies flat."""
    return 0.0 if lies_flat(turned, least_mm2) else lift_mm
