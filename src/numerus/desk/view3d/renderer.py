"""Figures in 3D off screen: OpenGL without a window, read back as an image; a ray-cast picture where there is none.

Knows nothing of widgets, so thumbnails, benches and tests use the same one.
"""

from __future__ import annotations

import logging
from collections import OrderedDict
from dataclasses import dataclass
from functools import cached_property
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.rays import GLOSS, LIGHT, METAL_DARKER, METAL_SHINES, Camera, RayScene, picture

log = logging.getLogger(__name__)
Image = NDArray[np.uint8]
MOST_MESHES = 60  # kept on the card, or prepared for rays
MOST_SIZES = 6  # of pictures

_VERTEX = """
#version 330
uniform mat4 view; in vec3 place; in vec3 normal; in vec4 colour; in float shine;
out vec3 n; out vec4 c; out vec3 at; out float metal;
void main() { n = normal; c = colour; at = place; metal = shine; gl_Position = view * vec4(place, 1.0); }
"""
_FRAGMENT = """
#version 330
uniform vec3 light; uniform vec3 toward; uniform vec3 metallic; uniform float cut; uniform vec4 cap;
in vec3 n; in vec4 c; in vec3 at; in float metal; out vec4 shown;
void main() {
  if (at.z > cut) discard;
  vec3 m = normalize(n);
  if (!gl_FrontFacing) { if (c.a < 1.0) discard; shown = cap; return; }
  float s = 0.38 + 0.42 * max(dot(m, light), 0.0) + 0.2 * (0.5 + 0.5 * m.z);
  float g = pow(max(dot(m, normalize(light + toward)), 0.0), metallic.x);
  vec3 hue = c.rgb / max(max(c.r, max(c.g, c.b)), 0.001);
  shown = vec4(c.rgb * s * (1.0 - metallic.y * metal) + metallic.z * metal * g * hue, c.a);
}
"""


@dataclass(frozen=True, eq=False)
class Thing:
    """A mesh to be drawn: colour per vertex or one for all, RGB 0..255; ``alpha`` below 1 is drawn last, as a ghost; ``shine``: how
    far each vertex is metal, 0..255, none where it is not told.
    """

    mesh: Mesh
    colours: NDArray[np.uint8]
    alpha: float = 1.0
    cut: bool = False
    shine: NDArray[np.uint8] | None = None

    def looks_like(self, other: Thing) -> bool:
        """Whether nothing about it is seen otherwise: the same mesh in the same colours."""
        same = self.mesh is other.mesh and (self.alpha, self.cut) == (other.alpha, other.cut)
        shine = self.shine is other.shine or (
            self.shine is not None and other.shine is not None and np.array_equal(self.shine, other.shine)
        )
        return same and shine and (self.colours is other.colours or np.array_equal(self.colours, other.colours))

    def vertex_colours(self) -> NDArray[np.uint8]:
        """RGBA, shine and three unused bytes of each vertex, uint8 (n, 8)."""
        colours = np.zeros((len(self.mesh.vertices), 8), np.uint8)
        colours[:, :3] = self.colours if len(self.colours) == len(colours) else self.colours[0]
        colours[:, 3] = round(255 * self.alpha)
        if self.shine is not None:
            colours[:, 4] = self.shine
        return colours


@dataclass(eq=False)
class _Uploaded:
    """A mesh on the graphics card; its colours in a buffer of their own, written when they are others."""

    mesh: Mesh
    shape: Any
    index: Any
    colour: Any
    array: Any
    shown: Thing | None = None  # whose colours are buffered

    def write_colours(self, thing: Thing) -> None:
        old = self.shown
        same = (
            old is not None and old.colours is thing.colours and old.shine is thing.shine and old.alpha == thing.alpha
        )
        if not same:
            self.colour.write(thing.vertex_colours().tobytes())
            self.shown = thing

    def release(self) -> None:
        """The card's memory is given back: nothing does so by itself."""
        for held in (self.array, self.shape, self.index, self.colour):
            held.release()


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
        self._allowed = allow_opengl
        self._uploaded: OrderedDict[int, _Uploaded] = OrderedDict()
        self._targets: OrderedDict[tuple[int, int], tuple[Any, ...]] = OrderedDict()
        self._scenes: OrderedDict[int, tuple[Mesh, RayScene]] = OrderedDict()

    @property
    def opengl(self) -> bool:
        return self._allowed and self._context is not None

    def prepare(self) -> None:
        """Get the driver before something is to be drawn."""
        if self.opengl:
            _ = self._program

    @cached_property
    def _context(self) -> Any:
        """Made when something is drawn first: a driver takes a twentieth of a second, and not every bench asks for it."""
        return _context()

    @cached_property
    def _program(self) -> Any:
        return self._context.program(_VERTEX, _FRAGMENT)

    def draw(
        self,
        things: list[Thing],
        camera: Camera,
        width: int,
        height: int,
        cut_mm: float = 1e9,
        cap: tuple[int, int, int] = (217, 162, 27),
        light: Floats = LIGHT,
    ) -> Image:
        """An image, uint8 (height, width, 4), transparent where nothing is. Nothing above ``cut_mm`` of cut things is drawn;
        ``light``: the way to the lamp.
        """
        things = [t for t in things if len(t.mesh.faces)]
        if not things or width < 2 or height < 2:
            return np.zeros((max(height, 1), max(width, 1), 4), np.uint8)
        if not self.opengl:
            return self._by_rays(things, camera, width, height, light)
        try:
            return self._by_opengl(things, camera, width, height, cut_mm, cap, light)
        except Exception:  # a driver that fails once will fail again: go on without it
            log.exception("OpenGL failed; drawing by rays from now on")
            self._allowed = False
            return self._by_rays(things, camera, width, height, light)

    def _by_rays(self, things: list[Thing], camera: Camera, width: int, height: int, light: Floats) -> Image:
        shown = np.zeros((height, width, 4), np.uint8)
        for thing in (t for t in things if t.alpha >= 1):
            image = picture(
                thing.mesh, thing.colours, camera, width, height, self._scene(thing.mesh), light, thing.shine
            )
            shown[image[..., 3] > 0] = image[image[..., 3] > 0]
        return shown

    def _scene(self, mesh: Mesh) -> RayScene:
        if id(mesh) not in self._scenes:
            self._scenes[id(mesh)] = (mesh, RayScene(mesh))
            if len(self._scenes) > MOST_MESHES:
                self._scenes.popitem(last=False)
        self._scenes.move_to_end(id(mesh))
        return self._scenes[id(mesh)][1]

    def _by_opengl(
        self,
        things: list[Thing],
        camera: Camera,
        width: int,
        height: int,
        cut_mm: float,
        cap: tuple[int, int, int],
        light: Floats,
    ) -> Image:
        import moderngl

        gl, program = self._context, self._program
        assert gl is not None and program is not None
        smooth, plain = self._target(width, height)
        smooth.use()
        gl.clear(0, 0, 0, 0, depth=1.0)
        gl.enable(moderngl.DEPTH_TEST)
        gl.enable(moderngl.BLEND)
        gl.blend_func = moderngl.SRC_ALPHA, moderngl.ONE_MINUS_SRC_ALPHA, moderngl.ONE, moderngl.ONE_MINUS_SRC_ALPHA
        depth = (
            4 * max(float(np.abs(t.mesh.bounds_mm - np.asarray(camera.centre_mm)).max()) for t in things)
            + camera.height_mm
        )
        program["view"].write(view_matrix(camera, width / height, depth).T.astype("f4").tobytes())
        program["light"].value, program["toward"].value = tuple(light), tuple(camera.axes()[2])
        program["metallic"].value = GLOSS, METAL_DARKER, METAL_SHINES
        program["cap"].value = tuple(v / 255 for v in cap) + (1.0,)
        for thing in sorted(things, key=lambda t: -t.alpha):
            program["cut"].value = cut_mm if thing.cut else 1e9
            self._upload(thing).array.render()
        gl.copy_framebuffer(plain, smooth)
        image = np.frombuffer(plain.read(components=4), np.uint8).reshape(height, width, 4)[::-1].copy()
        return _unpremultiplied(image)

    def _target(self, width: int, height: int) -> tuple[Any, Any]:
        """Framebuffers of a size: one with smooth edges to draw on, one to read from."""
        assert self._context is not None
        gl, size = self._context, (width, height)
        if size not in self._targets:
            colour, depth = gl.renderbuffer(size, samples=4), gl.depth_renderbuffer(size, samples=4)
            shown, below = gl.renderbuffer(size, components=4), gl.depth_renderbuffer(size)
            self._targets[size] = (
                gl.framebuffer(colour, depth), gl.framebuffer(shown, below), colour, depth, shown, below,
            )  # fmt: skip
            if len(self._targets) > MOST_SIZES:
                for held in self._targets.popitem(last=False)[1]:
                    held.release()
        self._targets.move_to_end(size)
        return self._targets[size][0], self._targets[size][1]

    def _upload(self, thing: Thing) -> _Uploaded:
        """A thing's mesh on the card, in its colours."""
        key = id(thing.mesh)
        if key not in self._uploaded:
            self._uploaded[key] = self._new_upload(thing.mesh)
            if len(self._uploaded) > MOST_MESHES:
                self._uploaded.popitem(last=False)[1].release()
        self._uploaded.move_to_end(key)
        self._uploaded[key].write_colours(thing)
        return self._uploaded[key]

    def _new_upload(self, mesh: Mesh) -> _Uploaded:
        gl = self._context
        assert gl is not None
        shape = gl.buffer(np.concatenate([mesh.vertices, mesh.vertex_normals], axis=1).astype("f4").tobytes())
        index, colour = gl.buffer(mesh.faces.astype("i4").tobytes()), gl.buffer(reserve=8 * len(mesh.vertices))
        parts = [(shape, "3f 3f", "place", "normal"), (colour, "4f1 1f1 3x1", "colour", "shine")]
        return _Uploaded(mesh, shape, index, colour, gl.vertex_array(self._program, parts, index))

    def release(self) -> None:
        """Everything on the card given back: before the window closes."""
        for mesh in self._uploaded.values():
            mesh.release()
        for held in (h for target in self._targets.values() for h in target):
            held.release()
        self._uploaded.clear()
        self._targets.clear()
        self._scenes.clear()


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
