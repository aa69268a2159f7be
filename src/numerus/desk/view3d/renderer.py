"""Figures in 3D off screen: OpenGL without a window, read back as an image; a ray-cast picture where there is none.

Knows nothing of widgets, so thumbnails, benches and tests use the same one.
"""

from __future__ import annotations

import logging
from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.rays import LIGHT, Camera, RayScene, picture

log = logging.getLogger(__name__)
Image = NDArray[np.uint8]

_VERTEX = """
#version 330
uniform mat4 view; in vec3 place; in vec3 normal; in vec4 colour;
out vec3 n; out vec4 c; out vec3 at;
void main() { n = normal; c = colour; at = place; gl_Position = view * vec4(place, 1.0); }
"""
_FRAGMENT = """
#version 330
uniform vec3 light; uniform float cut; uniform vec4 cap; in vec3 n; in vec4 c; in vec3 at; out vec4 shown;
void main() {
  if (at.z > cut) discard;
  vec3 m = normalize(n);
  if (!gl_FrontFacing) { if (c.a < 1.0) discard; shown = cap; return; }
  float s = 0.38 + 0.42 * max(dot(m, light), 0.0) + 0.2 * (0.5 + 0.5 * m.z);
  shown = vec4(c.rgb * s, c.a);
}
"""


@dataclass(frozen=True, eq=False)
class Thing:
    """A mesh to be drawn: colour per vertex or one for all, RGB 0..255; ``alpha`` below 1 is drawn last, as a ghost."""

    mesh: Mesh
    colours: NDArray[np.uint8]
    alpha: float = 1.0
    cut: bool = False

    def vertex_colours(self) -> NDArray[np.float32]:
        rgb = (
            self.colours
            if len(self.colours) == len(self.mesh.vertices)
            else np.broadcast_to(self.colours[0], (len(self.mesh.vertices), 3))
        )
        return np.concatenate([rgb / 255, np.full((len(rgb), 1), self.alpha)], axis=1).astype("f4")


def view_matrix(camera: Camera, aspect: float, depth_mm: float) -> Floats:
    """World to clip space for the orthographic camera, 4x4."""
    right, up, toward = camera.axes()
    half = camera.height_mm / 2
    rotate = np.eye(4)
    rotate[:3, :3] = np.stack([right, up, toward])
    rotate[:3, 3] = -rotate[:3, :3] @ np.asarray(camera.centre_mm)
    return np.diag([1 / (half * aspect), 1 / half, -1 / depth_mm, 1.0]) @ rotate


class Renderer:
    """Draws things. ``opengl`` tells whether it does so by OpenGL or by rays."""

    def __init__(self, allow_opengl: bool = True) -> None:
        self._context = _context() if allow_opengl else None
        self._program = self._context.program(_VERTEX, _FRAGMENT) if self._context else None
        self._buffers: dict[int, tuple[Thing, object]] = {}
        self._targets: dict[tuple[int, int], tuple[object, object]] = {}
        self._scenes: dict[int, tuple[Mesh, RayScene]] = {}

    @property
    def opengl(self) -> bool:
        return self._context is not None

    def draw(
        self,
        things: list[Thing],
        camera: Camera,
        width: int,
        height: int,
        cut_mm: float = 1e9,
        cap: tuple[int, int, int] = (217, 162, 27),
    ) -> Image:
        """An image, uint8 (height, width, 4), transparent where nothing is. Nothing above ``cut_mm`` of cut things is drawn."""
        things = [t for t in things if len(t.mesh.faces)]
        if not things or width < 2 or height < 2:
            return np.zeros((max(height, 1), max(width, 1), 4), np.uint8)
        if self._context is None:
            return self._by_rays(things, camera, width, height)
        try:
            return self._by_opengl(things, camera, width, height, cut_mm, cap)
        except Exception:  # a driver that fails once will fail again: go on without it
            log.exception("OpenGL failed; drawing by rays from now on")
            self._context = None
            return self._by_rays(things, camera, width, height)

    def _by_rays(self, things: list[Thing], camera: Camera, width: int, height: int) -> Image:
        shown = np.zeros((height, width, 4), np.uint8)
        for thing in (t for t in things if t.alpha >= 1):
            kept = self._scenes.get(id(thing.mesh))
            if kept is None or kept[0] is not thing.mesh:
                kept = self._scenes[id(thing.mesh)] = (thing.mesh, RayScene(thing.mesh))
            image = picture(thing.mesh, thing.colours, camera, width, height, kept[1])
            shown[image[..., 3] > 0] = image[image[..., 3] > 0]
        return shown

    def _by_opengl(
        self, things: list[Thing], camera: Camera, width: int, height: int, cut_mm: float, cap: tuple[int, int, int]
    ) -> Image:
        import moderngl

        gl, program = self._context, self._program
        assert gl is not None and program is not None
        smooth, plain = self._target(width, height)
        smooth.use()  # type: ignore[attr-defined]
        gl.clear(0, 0, 0, 0, depth=1.0)
        gl.enable(moderngl.DEPTH_TEST)
        gl.enable(moderngl.BLEND)
        gl.blend_func = moderngl.SRC_ALPHA, moderngl.ONE_MINUS_SRC_ALPHA, moderngl.ONE, moderngl.ONE_MINUS_SRC_ALPHA
        depth = (
            4 * max(float(np.abs(t.mesh.bounds_mm - np.asarray(camera.centre_mm)).max()) for t in things)
            + camera.height_mm
        )
        program["view"].write(view_matrix(camera, width / height, depth).T.astype("f4").tobytes())
        program["light"].value = tuple(LIGHT)
        program["cap"].value = tuple(v / 255 for v in cap) + (1.0,)
        for thing in sorted(things, key=lambda t: -t.alpha):
            program["cut"].value = cut_mm if thing.cut else 1e9
            self._array(thing).render()  # type: ignore[attr-defined]
        gl.copy_framebuffer(plain, smooth)
        image = np.frombuffer(plain.read(components=4), np.uint8).reshape(height, width, 4)[::-1].copy()  # type: ignore[attr-defined]
        return _unpremultiplied(image)

    def _target(self, width: int, height: int) -> tuple[object, object]:
        assert self._context is not None
        if (width, height) not in self._targets:
            if len(self._targets) > 6:
                self._targets.clear()
            gl = self._context
            smooth = gl.framebuffer(
                gl.renderbuffer((width, height), samples=4), gl.depth_renderbuffer((width, height), samples=4)
            )
            self._targets[width, height] = smooth, gl.simple_framebuffer((width, height), components=4)
        return self._targets[width, height]

    def _array(self, thing: Thing) -> object:
        assert self._context is not None
        kept = self._buffers.get(id(thing))
        if kept is None:
            if len(self._buffers) > 120:
                self._buffers.clear()
            mesh, gl = thing.mesh, self._context
            data = np.concatenate([mesh.vertices, mesh.vertex_normals, thing.vertex_colours()], axis=1).astype("f4")
            index = gl.buffer(mesh.faces.astype("i4").tobytes())
            array = gl.vertex_array(
                self._program, [(gl.buffer(data.tobytes()), "3f 3f 4f", "place", "normal", "colour")], index
            )
            kept = self._buffers[id(thing)] = thing, array
        return kept[1]


def _unpremultiplied(image: Image) -> Image:
    """Undo the darkening of half covered edge pixels over a transparent ground."""
    alpha = image[..., 3:].astype(np.float32) / 255
    with np.errstate(divide="ignore", invalid="ignore"):
        rgb = np.where(alpha > 0, image[..., :3] / np.maximum(alpha, 1e-6), 0)
    image[..., :3] = np.clip(rgb, 0, 255)
    return image


def _context():  # type: ignore[no-untyped-def]
    """A standalone OpenGL context, None where there is none to be had."""
    import moderngl

    choices: tuple[dict[str, Any], ...] = ({"backend": "egl"}, {})
    for options in choices:
        try:
            return moderngl.create_context(standalone=True, require=330, **options)
        except Exception as error:  # drivers fail with whatever they like
            log.info("no OpenGL by %s: %s", options or "default", error)
    return None
