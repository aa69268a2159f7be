"""A saved part across the table: how far its figure looks otherwise than with a new part, for each way to save it.

What hands shape in putty is simulated: detail finer than they shape is smoothed away. Pictures are drawn in grey, blurred as an eye
blurs them from where the figure stands in play.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.assembly.saving import BAND, CORNER, FORMER, HIDE, PUTTY, WHOLE, Damage, Lost, lies_within
from numerus.colour.light import lab_of, linear
from numerus.colour.sight import TABLE_MM, blur_sigma_mm
from numerus.geometry.mesh import Floats, Mesh, merged
from numerus.geometry.rays import Camera, RayScene, picture

GREY, SEAM_GREY = (188, 180, 166), (150, 143, 131)  # a seam that was filled and sanded is a shade, no groove
HAND_MM = 0.7  # (default) what fingers and a tool shape in putty is no finer
SEAM_MM = 0.12  # (default) on either side of a cut that is pinned, glued and filled
STEP, LEFT, MOST_ROUNDS = 0.5, 0.05, 400  # of smoothing: how far to the neighbours' mean, and what is left of such relief
TURNS_DEG, RAISED_DEG, PX_A_MM, MARGIN_MM = (0.0, 90.0, 180.0, 270.0), 40.0, 4.0, 2.0
TOLD_L = 8.0  # (default) difference in L* that is told apart
NOTHING, LITTLE, COVERED = 0.001, 0.01, 0.25  # of the figure as it is seen; of a pixel that is the figure

Image = NDArray[np.uint8]


@dataclass(frozen=True, eq=False)
class AcrossTheTable:
    """``share``: of the figure's picture that looks otherwise, from the side where that is most, ``turn_deg``; both pictures from there,
    RGBA (h, w, 4), as an eye blurs them.
    """

    share: float
    turn_deg: float
    as_new: Image
    saved: Image

    @property
    def in_short(self) -> str:
        """How much of it is told across the table."""
        return f"{self.share:.0%} seen" if self.share >= LITTLE else "unseen"

    @property
    def words(self) -> str:
        if self.share < NOTHING:
            return "Across the table nothing tells it from a new one."
        side = {0.0: "in front", 90.0: "its left", 180.0: "behind", 270.0: "its right"}[self.turn_deg]
        much = "hardly anything" if self.share < LITTLE else f"{self.share:.0%} of the figure"
        return f"Across the table {much} looks otherwise, seen from {side}."


class TableLook:
    """A part with what it stands beside, as new: seen once from every side, then held against as it was saved one way or another."""

    def __init__(self, mesh: Mesh, beside: Sequence[Mesh]) -> None:
        self.beside, new = merged(list(beside)) if beside else None, merged([mesh, *beside])
        self.size_mm = float(np.linalg.norm(new.extents_mm)) + MARGIN_MM
        self.middle: Floats = new.bounds_mm.mean(axis=0)
        self.new = self._sides(new, np.tile(np.array([GREY], np.uint8), (len(new.vertices), 1)))

    def across(self, saved: Mesh, colours: Image) -> AcrossTheTable:
        """From the side where it differs most; ``colours`` (n, 3) of the saved part's vertices."""
        beside = [self.beside] if self.beside is not None else []
        plain = np.tile(np.array([GREY], np.uint8), (sum(len(m.vertices) for m in beside), 1))
        sides = self._sides(merged([saved, *beside]), np.concatenate([colours, plain]))
        looks = [_compared(new, own, turn) for new, own, turn in zip(self.new, sides, TURNS_DEG, strict=True)]
        return max(looks, key=lambda look: look.share)

    def _sides(self, whole: Mesh, colours: Image) -> list[Floats]:
        scene, px = RayScene(whole), int(self.size_mm * PX_A_MM)
        x, y, z = (float(v) for v in self.middle)
        cameras = [Camera((x, y, z), turn, RAISED_DEG, self.size_mm) for turn in TURNS_DEG]
        return [_as_seen(picture(whole, colours, c, px, px, scene), self.size_mm / px) for c in cameras]


def _compared(new: Floats, saved: Floats, turn_deg: float) -> AcrossTheTable:
    values = [lab_of(b[..., :3])[..., 0] * b[..., 3] for b in (new, saved)]
    there = np.maximum(new[..., 3], saved[..., 3]) > COVERED
    share = float((np.abs(values[0] - values[1])[there] > TOLD_L).mean()) if there.any() else 0.0
    rows, columns = (np.flatnonzero(there.any(axis=axis)) for axis in (1, 0))
    shown = (
        (slice(rows[0], rows[-1] + 1), slice(columns[0], columns[-1] + 1)) if len(rows) else (slice(None), slice(None))
    )
    pictures = [(b[shown] * 255).round().astype(np.uint8) for b in (new, saved)]
    return AcrossTheTable(share, turn_deg, *pictures)


def _as_seen(image: Image, mm_a_pixel: float) -> Floats:
    """A picture as an eye blurs it across the table: sRGB and cover 0..1, (h, w, 4)."""
    from scipy.ndimage import gaussian_filter

    sigma = blur_sigma_mm(TABLE_MM) / mm_a_pixel
    cover = image[..., 3:] / 255.0
    light = linear(image[..., :3] / 255.0) * cover
    both = np.concatenate([light, cover], axis=-1)
    both = np.stack([gaussian_filter(both[..., k], sigma) for k in range(4)], axis=-1)
    own = np.clip(both[..., :3] / np.maximum(both[..., 3:], 1e-6), 0, 1)
    srgb = np.where(own <= 0.0031308, 12.92 * own, 1.055 * own ** (1 / 2.4) - 0.055)
    return np.concatenate([srgb, np.clip(both[..., 3:], 0, 1)], axis=-1)


def as_saved(mesh: Mesh, lost: Lost, damage: Damage, key: str) -> tuple[Mesh, Image]:
    """The part as a way leaves it, and the colours of its vertices (n, 3): shaped in putty, with a seam where a new piece begins, broken
    off as it is where that is hidden, whole where it is printed again.
    """
    made = {PUTTY: _smoothed, FORMER: _smoothed}.get(key, lambda m, _: m)(mesh, damage)
    made = lost.left if key == HIDE else made
    colours = np.tile(np.array([GREY], np.uint8), (len(made.vertices), 1))
    if key not in (HIDE, WHOLE):
        colours[_at_the_break(made.vertices, damage)] = SEAM_GREY
    return made, colours


def _at_the_break(points: Floats, damage: Damage) -> NDArray[np.bool_]:
    """Points within a seam's width of where it broke off."""
    away = points - np.asarray(damage.at)
    if damage.kind == CORNER:
        return _near(np.linalg.norm(away, axis=1), damage.wide_mm)
    along = away @ np.asarray(damage.toward)
    return _near(along, 0.0) | (_near(along, damage.wide_mm) if damage.kind == BAND else False)


def _near(values: Floats, edge: float) -> NDArray[np.bool_]:
    return np.asarray(np.abs(values - edge) < SEAM_MM)


def _smoothed(mesh: Mesh, damage: Damage) -> Mesh:
    """What is lost as hands shape it: relief finer than ``HAND_MM`` is gone, the form and the rest are as they were."""
    from scipy.sparse import coo_matrix, diags

    a, b = np.concatenate([mesh.faces[:, [0, 1]], mesh.faces[:, [1, 2]], mesh.faces[:, [2, 0]]]).T
    count = len(mesh.vertices)
    near = coo_matrix((np.ones(2 * len(a)), (np.concatenate([a, b]), np.concatenate([b, a]))), (count, count)).tocsr()
    mean = diags(1 / np.maximum(np.asarray(near.sum(axis=1)).ravel(), 1)) @ near
    gone = lies_within(damage, mesh.vertices)
    edge_mm = (
        float(np.linalg.norm(mesh.vertices[a] - mesh.vertices[b], axis=1)[gone[a]].mean()) if gone[a].any() else HAND_MM
    )
    # A wave that long loses such a share of its height to its neighbours' mean in a round (the mean's Laplacian on even triangles).
    share = min(STEP * (2 * np.pi * edge_mm / HAND_MM) ** 2 / 4, 1.0)
    rounds = int(np.clip(np.log(LEFT) / np.log1p(-min(share, 0.9)), 2, MOST_ROUNDS))
    places = mesh.vertices.copy()
    for _ in range(rounds):
        places[gone] += STEP * (mean @ places - places)[gone]
    return Mesh(places, mesh.faces)
