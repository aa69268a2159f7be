"""A figure photographed by our own rays: what each sample of a picture sees of the skin, so that paint is worked out as finely as
it is looked at.
"""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from numerus.colour.light import encoded, lab_of
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.rays import LIGHT, Camera, RayScene, glint
from numerus.paint.figure.placing import Places
from numerus.surface.fields.exposure import cosine_sum
from numerus.surface.fields.painting_fields import PaintingFields, cone_directions
from numerus.surface.fields.where_parts_meet import near_others

KEY, SKY, FILL = 0.8, 0.66, 0.2
KEY_RAYS, KEY_SPREAD_DEG = 10, 8.0
OFF_MM = 0.05
BORDER_MM = 1.0  # (default) how far from another zone a lining still reaches


@dataclass(frozen=True, eq=False)
class Figure:
    """A figure as built: its mesh, fields of its vertices and the zone of every face (numbers; -1 for none)."""

    mesh: Mesh
    fields: PaintingFields
    zones: NDArray[np.int64]

    @cached_property
    def scene(self) -> RayScene:
        return RayScene(self.mesh)

    @cached_property
    def places(self) -> Places:
        """Every vertex."""
        own = (_wide(self.fields, n) for n in _FIELDS)
        return Places(self.mesh.vertices, self.mesh.vertex_normals, *own, border_of=lambda: self.near_border)

    @cached_property
    def near_border(self) -> Floats:
        """1 where another zone touches each vertex, falling to 0 at ``BORDER_MM`` from it, (n,)."""
        return near_others(self.mesh, self.zones, self.vertex_zone, BORDER_MM)

    @cached_property
    def vertex_zone(self) -> NDArray[np.int64]:
        """A zone for every vertex: of the last face it belongs to."""
        zones = np.full(len(self.mesh.vertices), -1)
        zones[self.mesh.faces.ravel()] = np.repeat(self.zones, 3)
        return zones


_FIELDS = ("openness", "recess", "ridge", "lit", "meets")


def _wide(fields: PaintingFields, name: str) -> Floats:
    return np.asarray(getattr(fields, name), float)


class Shot:
    """What a camera sees of a figure: ``hit`` samples with their places and zones. ``finer`` samples a pixel each way."""

    def __init__(self, figure: Figure, camera: Camera, width: int, height: int, finer: int = 2) -> None:
        self.figure, self.camera, self.width, self.height, self.finer = figure, camera, width, height, finer
        right, up, self.toward = camera.axes()
        wide, high = width * finer, height * finer
        step = camera.height_mm / high
        x, y = (np.arange(wide) - wide / 2 + 0.5) * step, (high / 2 - np.arange(high) - 0.5) * step
        far = 2 * float(np.linalg.norm(figure.mesh.extents_mm)) + camera.height_mm
        eye = np.asarray(camera.centre_mm) + far * self.toward
        origins = (eye + x[None, :, None] * right + y[:, None, None] * up).reshape(-1, 3)
        face, weights = figure.scene.first_places(origins, -self.toward)
        self.hit = np.flatnonzero(face >= 0)
        self.face, self.weights = face[self.hit], weights[self.hit]
        self.corners = figure.mesh.faces[self.face]
        self.zone = figure.zones[self.face]
        self._lights: dict[tuple[float, ...], Floats] = {}
        self.painted: dict[tuple[object, ...], Floats] = {}  # linear light of zones' samples, by what it depends on

    def forget_beyond(self, most: int) -> None:
        """What was painted long ago, where there is more of it than that."""
        while len(self.painted) >= most:
            self.painted.pop(next(iter(self.painted)))

    def at(self, values: NDArray[np.floating]) -> Floats:  # type: ignore[type-arg]
        """Vertex values (n,) or (n, 3) at every sample."""
        own = np.asarray(values, float)[self.corners]
        return np.asarray(np.einsum("sc,sc...->s...", self.weights, own))

    @cached_property
    def places(self) -> Places:
        mesh, fields = self.figure.mesh, self.figure.fields
        normal = self.at(mesh.vertex_normals)
        normal /= np.maximum(np.linalg.norm(normal, axis=1, keepdims=True), 1e-9)
        own = (self.at(getattr(fields, n)) for n in _FIELDS)
        return Places(self.at(mesh.vertices), normal, *own, border_of=lambda: self.at(self.figure.near_border))

    def light(self, toward: Floats = LIGHT) -> Floats:
        """How much light each sample gets: sky by openness, a soft lamp with its shadow, a little from the viewer's side. From
        where it was asked before it is not worked out again.
        """
        key = tuple(float(v) for v in toward)
        if key not in self._lights:
            self._lights[key] = self._light(np.asarray(toward, float))
        return self._lights[key]

    def _light(self, toward: Floats) -> Floats:
        places, ways = self.places, cone_directions(toward, KEY_SPREAD_DEG, KEY_RAYS)
        total = cosine_sum(places.position, places.normal, ways, self.figure.scene, OFF_MM)
        sky = (0.15 + 0.85 * places.openness) * (0.76 + 0.24 * places.normal[:, 2])
        side = np.maximum(places.normal @ self.toward, 0) * (0.3 + 0.7 * places.openness)
        return KEY * total / KEY_RAYS + SKY * sky + FILL * side

    def glint(self, toward: Floats = LIGHT) -> Floats:
        """How strongly a metal sends the lamp to the viewer at each sample (s,), 0..1, less where it is not open."""
        return glint(self.places.normal, toward, self.toward) * np.clip(1.3 * self.places.openness, 0, 1)

    def pixels(self, linear: Floats) -> tuple[Floats, Floats]:
        """Light (height, width, 3) of linear light per sample (s, 3), dark where nothing is, and how far each pixel is covered."""
        fine = self.finer
        whole = np.zeros((self.height * fine * self.width * fine, 4))
        whole[self.hit, :3], whole[self.hit, 3] = np.clip(linear, 0, 1), 1
        grid = whole.reshape(self.height * fine, self.width * fine, 4)
        total = np.zeros((self.height, self.width, 4))
        for y in range(fine):
            for x in range(fine):
                total += grid[y::fine, x::fine]
        total /= fine**2
        return total[..., :3], total[..., 3]

    def picture(self, linear: Floats, grey: bool = False) -> NDArray[np.uint8]:
        """RGBA uint8 (height, width, 4) of linear light per sample (s, 3); ``grey`` keeps only its value."""
        light, cover = self.pixels(linear)
        rgb = encoded(light / np.maximum(cover, 1e-9)[..., None])
        if grey:
            rgb = np.repeat(lab_of(rgb)[..., :1] / 100, 3, axis=-1)
        image = np.concatenate([rgb, cover[..., None]], axis=-1)
        return np.round(255 * np.clip(image, 0, 1)).astype(np.uint8)
