"""Organic test sculpts that no demo has: limbs grown by chance round a spine, with folds and pores, of any number of faces."""

from __future__ import annotations

import numpy as np

from numerus.geometry.mesh import Mesh

HEIGHT_MM = 42.0
LIMBS, JOINTS = 6, 5


def organic(faces: int, seed: int = 1) -> Mesh:
    """A closed sculpt of about ``faces`` triangles, 42 mm high: a level surface of blended spheres and waves."""
    from skimage.measure import marching_cubes

    coarse = 0.4  # how much skin it has is known once it is made
    some = len(_level(marching_cubes, seed, coarse).faces)
    return _level(marching_cubes, seed, coarse * float(np.sqrt(some / faces)))


def _level(marching_cubes, seed: int, cell: float) -> Mesh:  # type: ignore[no-untyped-def]
    balls, radii = _skeleton(seed)
    low, high = (balls - radii[:, None]).min(axis=0) - 2, (balls + radii[:, None]).max(axis=0) + 2
    shape = np.ceil((high - low) / cell).astype(int)
    axes = [low[a] + np.arange(shape[a]) * cell for a in range(3)]
    x, y, z = np.meshgrid(*[a.astype(np.float32) for a in axes], indexing="ij", sparse=True)
    field = np.full(shape, 9.0, np.float32)
    for ball, r in zip(balls, radii, strict=True):
        # Smooth union: limbs run into each other as clay does; farther than a few mm a ball has no say.
        a, b = (np.clip(np.floor((ball + way * (r + 2.5) - low) / cell).astype(int), 0, shape) for way in (-1, 1))
        near = tuple(slice(i, j) for i, j in zip(a, b, strict=True))
        bx, by, bz = (np.float32(v) for v in ball)
        apart = np.sqrt((x[near[0]] - bx) ** 2 + (y[:, near[1]] - by) ** 2 + (z[:, :, near[2]] - bz) ** 2) - np.float32(
            r
        )
        own = field[near]
        h = np.clip(0.5 + 0.5 * (own - apart) / 1.2, 0, 1)
        field[near] = own * (1 - h) + apart * h - 1.2 * h * (1 - h)
    field += 0.18 * np.sin(1.9 * x + 1.1 * z) * np.sin(1.7 * y - 0.9 * z) + 0.06 * np.sin(7 * x) * np.sin(
        6 * y
    ) * np.sin(6.5 * z)
    vertices, triangles, _, _ = marching_cubes(field, 0.0)
    return Mesh(vertices.astype(float) * cell + low, np.ascontiguousarray(triangles.astype(np.int32))).dropped()


def _skeleton(seed: int):  # type: ignore[no-untyped-def]
    """Balls along a spine and along limbs that wander from it."""
    dice = np.random.default_rng(seed)
    places, radii = [], []
    for t in np.linspace(0, 1, 12):
        places.append([1.5 * np.sin(4 * t), 1.2 * np.cos(3 * t), 6 + 26 * t])
        radii.append(4.5 - 2.2 * abs(t - 0.35))
    for limb in range(LIMBS):
        at = np.array(places[int(dice.integers(1, 12))])
        way = dice.normal(size=3) * [1, 1, 0.6] + [0, 0, (-0.8 if limb < 2 else 0.2)]
        for joint in range(JOINTS):
            way = way + dice.normal(size=3) * 0.35
            for step in range(4):
                at = at + way / np.linalg.norm(way) * 0.9
                places.append(list(at))
                radii.append(1.9 - 0.3 * joint - 0.05 * step)
    return np.array(places), np.maximum(np.array(radii), 0.5)
