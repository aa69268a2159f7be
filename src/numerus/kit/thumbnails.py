"""Small pictures of parts for lists: ray-cast, so that they need no OpenGL and no window."""

from __future__ import annotations

import io

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Mesh
from numerus.geometry.rays import Camera, picture

RESIN = np.array([[196, 188, 174]], np.uint8)


def fitted_camera(
    mesh: Mesh, turn_deg: float = 24.0, raise_deg: float = 14.0, margin: float = 1.08, aspect: float = 1.0
) -> Camera:
    """A camera that holds the whole mesh in a picture ``aspect`` times as wide as high."""
    centre = mesh.bounds_mm.mean(axis=0)
    right, up, _ = Camera((0, 0, 0), turn_deg, raise_deg, 1).axes()
    offsets = mesh.vertices - centre
    wide, high = 2 * np.abs(offsets @ right).max(), 2 * np.abs(offsets @ up).max()
    x, y, z = (float(c) for c in centre)
    return Camera((x, y, z), turn_deg, raise_deg, float(max(high, wide / aspect)) * margin)


def thumbnail_png(mesh: Mesh, size_px: int = 128, colours: NDArray[np.uint8] | None = None) -> bytes:
    """A square picture with transparent ground, drawn at twice its size and halved."""
    from PIL import Image

    image = picture(mesh, RESIN if colours is None else colours, fitted_camera(mesh), 2 * size_px, 2 * size_px)
    stream = io.BytesIO()
    Image.fromarray(image, "RGBA").resize((size_px, size_px), Image.Resampling.BOX).save(stream, "PNG", optimize=True)
    return stream.getvalue()
