"""From a measured pose to a posed and supported part: what the Pose bench keeps."""

from __future__ import annotations

from collections.abc import Callable

from numerus.geometry.mesh import Mesh
from numerus.kit.plan import Pose
from numerus.resin.pose import PoseCost, posed
from numerus.resin.profiles import Resin
from numerus.resin.supports import Supported, SupportStyle, support


def kept_pose(
    mesh: Mesh,
    cost: PoseCost,
    resin: Resin,
    style: SupportStyle | None = None,
    progress: Callable[[float], bool] | None = None,
) -> tuple[Pose, Supported]:
    """The pose as it is written into the part, and the supported mesh it was measured on (its blob still to be kept)."""
    made = support(posed(mesh, cost.up), resin, style, progress)
    whole = made.whole
    note = f"{len(made.islands_left)} islands left" if made.islands_left else ""
    pose = Pose(
        cost.up, cost.school, round(float(whole.extents_mm[2]), 3), round(cost.footprint_mm2, 1), round(cost.volume_ml, 3),
        round(made.supports.signed_volume_mm3 / 1000, 3), len(made.pillars), round(cost.peak_mm2, 1), note=note,
    )  # fmt: skip
    return pose, made
