"""Rays against a mesh: what is seen, what is hidden, and a picture where no OpenGL is to be had."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats, Mesh

NOTHING_MM = 1e30  # the library's own distance where a ray meets nothing is larger


class RayScene:
    """A mesh prepared for rays (float32 inside the library; offsets below are chosen for that)."""

    def __init__(self, mesh: Mesh) -> None:
        from embreex import rtcore_scene
        from embreex.mesh_construction import TriangleMesh

        self._scene = rtcore_scene.EmbreeScene()
        TriangleMesh(self._scene, mesh.vertices.astype(np.float32), mesh.faces.astype(np.int32))

    def first_hit(self, origins: Floats, directions: Floats) -> NDArray[np.int32]:
        """The face each ray (n, 3) meets first, -1 where none: int32 (n,)."""
        return np.asarray(self._scene.run(origins.astype(np.float32), directions.astype(np.float32)), np.int32)

    def first_places(self, origins: Floats, direction: Floats) -> tuple[NDArray[np.int32], Floats]:
        """The face parallel rays (n, 3) meet first, -1 where none, int32 (n,); weights of its corners there, (n, 3)."""
        start = np.ascontiguousarray(origins, np.float32)
        along = np.ascontiguousarray(np.broadcast_to(direction, start.shape), np.float32)
        met = self._scene.run(start, along, output=1)
        u, v = np.asarray(met["u"], float), np.asarray(met["v"], float)
        return np.asarray(met["primID"], np.int32), np.stack([1 - u - v, u, v], axis=1)

    def first_mm(self, origins: Floats, directions: Floats) -> Floats:
        """How far each ray (n, 3) goes until it meets anything, infinite where it meets nothing: float64 (n,)."""
        start, along = (np.ascontiguousarray(a, np.float32) for a in (origins, directions))
        far = np.asarray(self._scene.run(start, along, query="DISTANCE"), float)
        return np.where(far < NOTHING_MM, far, np.inf)

    def blocked(
        self, origins: NDArray[Any], directions: NDArray[Any], within_mm: float | Floats | None = None
    ) -> NDArray[np.bool_]:
        """Whether each ray (n, 3) meets anything, at all or ``within_mm``, one for all or one each: bool (n,)."""
        far = None
        if within_mm is not None:
            far = np.ascontiguousarray(np.broadcast_to(within_mm, (len(origins),)), np.float32).copy()
        start, along = (np.ascontiguousarray(a, np.float32) for a in (origins, directions))
        return np.asarray(self._scene.run(start, along, far, query="OCCLUDED") >= 0)


def ring_directions(elevations_deg: tuple[float, ...], around: int) -> Floats:
    """Unit directions toward viewers standing around: (len(elevations) * around, 3)."""
    turn = np.arange(around) * 2 * np.pi / around
    up = np.radians(np.asarray(elevations_deg))[:, None]
    x, y, z = np.cos(up) * np.cos(turn), np.cos(up) * np.sin(turn), np.sin(up) + 0 * turn
    return np.stack([x, y, z], axis=-1).reshape(-1, 3)


@dataclass(frozen=True)
class Camera:
    """An orthographic look at ``centre_mm``: turned about the vertical, raised, ``height_mm`` high in the picture."""

    centre_mm: tuple[float, float, float]
    turn_deg: float
    raise_deg: float
    height_mm: float

    def axes(self) -> tuple[Floats, Floats, Floats]:
        """Right, up and toward-the-viewer unit vectors."""
        t, e = np.radians(self.turn_deg), np.radians(self.raise_deg)
        right = np.array([np.cos(t), np.sin(t), 0.0])
        toward = np.array([np.sin(t) * np.cos(e), -np.cos(t) * np.cos(e), np.sin(e)])
        return right, np.cross(toward, right), toward


LIGHT = np.array([-0.35, -0.45, 0.82]) / np.linalg.norm([-0.35, -0.45, 0.82])
GLOSS = 24.0  # the narrower the higher; of painted metal, not of a mirror
METAL_DARKER, METAL_SHINES = 0.3, 0.7  # what metal gives less as matt paint, and gives back as a glint


def shade(normals: Floats, light: Floats = LIGHT) -> Floats:
    """Soft light from a lamp, on a bench by a window: 0.38..1 for unit normals (n, 3)."""
    lambert = np.maximum(normals @ light, 0)
    sky = 0.5 + 0.5 * normals[:, 2]
    return 0.38 + 0.42 * lambert + 0.2 * sky


def glint(normals: Floats, light: Floats, toward: Floats) -> Floats:
    """How strongly a metal sends a lamp to a viewer ``toward`` it, 0..1 (n,) (Blinn 1977, Models of light reflection)."""
    half = np.asarray(light, float) + toward
    half /= max(float(np.linalg.norm(half)), 1e-9)
    return np.asarray(np.clip(normals @ half, 0, 1) ** GLOSS)


def _as_metal(lit: Floats, base: Floats, metal: Floats, glinting: Floats) -> Floats:
    """Lit colours (n, 3) of which so much is metal (n,)."""
    hue = 255 * base / np.maximum(base.max(axis=1, keepdims=True), 1e-6)
    return np.asarray(lit * (1 - METAL_DARKER * metal)[:, None] + METAL_SHINES * (metal * glinting)[:, None] * hue)


def picture(
    mesh: Mesh, colours: NDArray[np.uint8], camera: Camera, width: int, height: int, scene: RayScene | None = None,
    light: Floats = LIGHT, shine: NDArray[np.uint8] | None = None,
) -> NDArray[np.uint8]:  # fmt: skip
    """A ray-cast picture, uint8 (height, width, 4), transparent where nothing is met.

    ``colours``: uint8 (n, 3) per vertex of the mesh, or (1, 3) for one colour; ``light``: the way to the lamp; ``shine``: how far
    each vertex is metal, uint8 (n,).
    """
    right, up, toward = camera.axes()
    step = camera.height_mm / height
    x = (np.arange(width) - width / 2 + 0.5) * step
    y = (height / 2 - np.arange(height) - 0.5) * step
    far = 2 * float(np.linalg.norm(mesh.extents_mm)) + camera.height_mm
    eye = np.asarray(camera.centre_mm) + far * toward
    origins = (eye + x[None, :, None] * right + y[:, None, None] * up).reshape(-1, 3)
    face = (scene or RayScene(mesh)).first_hit(origins, np.broadcast_to(-toward, origins.shape))
    image = np.zeros((width * height, 4), np.uint8)
    hit = np.flatnonzero(face >= 0)
    corners = mesh.faces[face[hit]]
    normals = mesh.vertex_normals[corners].mean(axis=1)
    normals /= np.maximum(np.linalg.norm(normals, axis=1), 1e-12)[:, None]
    base = colours[corners].mean(axis=1) if len(colours) > 1 else np.broadcast_to(colours[0], (len(hit), 3))
    lit = base * shade(normals, light)[:, None]
    if shine is not None:
        lit = _as_metal(lit, base, shine[corners].mean(axis=1) / 255, glint(normals, light, toward))
    image[hit, :3] = np.clip(lit, 0, 255)
    image[hit, 3] = 255
    return image.reshape(height, width, 4)
