"""A patch cut in two along a line drawn over it."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from numerus.errors import GeometryError
from numerus.geometry.mesh import Floats, Mesh
from numerus.surface.patching.patches import Ints64, Patches, face_at


def split_along(mesh: Mesh, patches: Patches, places: Sequence[Floats]) -> Patches:
    """The patches with the one under most of a line (places on the skin, in order) cut along it: the line goes on straight at
    its ends, and through the figure along the skin's mean normal.

    Raises GeometryError where the line does not part the patch.
    """
    line = np.asarray(places, float)
    faces = [face_at(mesh, (float(x), float(y), float(z))) for x, y, z in line]
    if len(line) < 2:
        raise GeometryError("no-line", "Draw a line across the patch.", "Hold Alt and drag from border to border.")
    one = int(np.bincount(patches.labels[faces]).argmax())
    inward = mesh.normals[faces].mean(axis=0)
    own = np.flatnonzero(patches.labels == one)
    right = _side(mesh.triangles[own].mean(axis=1), line, inward) > 0
    if right.all() or not right.any():
        raise GeometryError(
            "not-parted", "That line does not part the patch.", "Draw it across, from border to border."
        )
    labels = patches.labels.copy()
    labels[own[right]] = len(patches)
    return _numbered(mesh, replace(patches, labels=labels))


def _side(points: Floats, line: Floats, normal: Floats) -> Floats:
    """On which side of the line each point (n, 3) lies, as seen along the normal: by the nearest piece of it."""
    a, b = line[:-1], line[1:]
    along = b - a
    across = np.cross(along, normal)
    length2 = np.maximum((along**2).sum(axis=1), 1e-12)
    t = np.einsum("nij,ij->ni", points[:, None] - a[None], along) / length2
    low, high = np.zeros(len(a)), np.ones(len(a))
    low[0], high[-1] = -np.inf, np.inf  # the ends go on
    foot = a[None] + np.clip(t, low, high)[..., None] * along[None]
    away = points[:, None] - foot
    flat = away - (away @ normal)[..., None] * normal / max(float(normal @ normal), 1e-12)
    nearest = np.argmin((flat**2).sum(axis=2), axis=1)
    return np.asarray(np.einsum("ni,ni->n", points - a[nearest], across[nearest]))


def _numbered(mesh: Mesh, patches: Patches) -> Patches:
    """Numbered by their first face, as patches are."""
    _, first, back = np.unique(patches.labels, return_index=True, return_inverse=True)
    rank = np.argsort(np.argsort(first))
    labels: Ints64 = rank[back].astype(np.int64)
    return replace(patches, labels=labels, area_mm2=np.bincount(labels, mesh.areas_mm2, len(first)).astype(float))
