"""Will the built figure stand? Its centre of mass against the edge of what it stands on."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from numerus.geometry.mesh import Floats, Mesh, merged
from numerus.geometry.solids.mass import centre_of_mass

SAFE_DEG = 15.0
RESIN_G_PER_MM3 = 0.0011
TOUCH_MM = 0.1


@dataclass(frozen=True)
class Balance:
    """Centre of mass in mm, mass in the volume's unit, and the angle at which it tips in its weakest direction;
    ``stands_mm``: the middle of what touches the ground.
    """

    centre_mm: tuple[float, float, float]
    tipping_deg: float
    weakest_deg: float
    edge_mm: float = 0.0
    height_mm: float = 0.0
    volume_mm3: float = 0.0
    stands_mm: tuple[float, float] = (0.0, 0.0)

    @property
    def description(self) -> str:
        if self.tipping_deg < 0:
            return "falls over by itself"
        sure = "stands well" if self.tipping_deg >= SAFE_DEG else "tips easily: pin it, or weight the base"
        return f"{sure}, {self.tipping_deg:.0f}° to tip"

    @property
    def weakest(self) -> str:
        """The direction it tips in most easily, for one who looks at its front (-Y)."""
        return _COMPASS[round(self.weakest_deg / 45) % 8]

    @property
    def advice(self) -> str:
        """What base or weight would make it safe."""
        if self.tipping_deg >= SAFE_DEG:
            return f"Weakest to the {self.weakest}."
        wider = self.height_mm * np.tan(np.radians(SAFE_DEG)) - self.edge_mm
        # A weight on the floor lowers the centre of mass: height * m / (m + w) must come to edge / tan(safe).
        wanted = max(self.edge_mm, 0.0) / np.tan(np.radians(SAFE_DEG))
        weight = self.volume_mm3 * RESIN_G_PER_MM3 * (self.height_mm / wanted - 1) if wanted > 0 else 0.0
        heavy = f", or {weight:.1f} g of weight in it" if 0 < weight < 500 else ""
        return f"Weakest to the {self.weakest}: a base {2 * wider:.0f} mm wider{heavy} would make it stand."


_COMPASS = ("right", "back right", "back", "back left", "left", "front left", "front", "front right")


def balance(parts: Sequence[Mesh]) -> Balance:
    """Tipping of assembled parts on the lowest plane they touch: least over all directions of
    atan(distance of the centre's foot to the contact hull's edge / height); negative if the foot lies outside.
    """
    centre, volume = centre_of_mass(merged(list(parts)))
    floor = min(float(m.bounds_mm[0, 2]) for m in parts)
    touching = np.concatenate([_touching(m, floor + TOUCH_MM) for m in parts])
    edge, direction = _edge_distance(touching, centre[:2])
    height = max(float(centre[2]) - floor, 1e-9)
    x, y, z = (float(c) for c in centre)
    low, high = touching.min(axis=0), touching.max(axis=0)
    stands = (float(low[0] + high[0]) / 2, float(low[1] + high[1]) / 2)
    return Balance((x, y, z), float(np.degrees(np.arctan2(edge, height))), direction, edge, height, volume, stands)


def tipping_on_base_deg(weighed: Balance, radius_mm: float) -> float:
    """Tipping angle on a round base of that radius with the figure set in its middle, by the middle of its feet."""
    away = np.hypot(weighed.centre_mm[0] - weighed.stands_mm[0], weighed.centre_mm[1] - weighed.stands_mm[1])
    return float(np.degrees(np.arctan2(radius_mm - away, max(weighed.height_mm, 1e-6))))


def _touching(mesh: Mesh, below_mm: float) -> Floats:
    """What of the surface lies under a height: corners there, and where sides pass through it; float64 (n, 2)."""
    sides = np.concatenate([mesh.faces[:, [a, b]] for a, b in ((0, 1), (1, 2), (2, 0))])
    a, b = mesh.vertices[sides[:, 0]], mesh.vertices[sides[:, 1]]
    through = (a[:, 2] <= below_mm) & (b[:, 2] > below_mm)
    a, b = a[through], b[through]
    share = (below_mm - a[:, 2]) / (b[:, 2] - a[:, 2])
    low = mesh.vertices[np.unique(mesh.faces[mesh.vertices[mesh.faces][:, :, 2] <= below_mm])]
    return np.concatenate([low[:, :2], (a + share[:, None] * (b - a))[:, :2]])


def _edge_distance(points: Floats, foot: Floats) -> tuple[float, float]:
    """Signed distance from ``foot`` to the nearest edge of the hull (positive inside) and that edge's direction in degrees."""
    from scipy.spatial import ConvexHull, QhullError

    try:
        hull = ConvexHull(points)
    except (QhullError, ValueError):
        return -float(np.min(np.linalg.norm(points - foot, axis=1), initial=1e3)), 0.0
    distances = -(hull.equations[:, :2] @ foot + hull.equations[:, 2])
    nearest = int(np.argmin(distances))
    return float(distances[nearest]), float(
        np.degrees(np.arctan2(hull.equations[nearest, 1], hull.equations[nearest, 0]))
    )
