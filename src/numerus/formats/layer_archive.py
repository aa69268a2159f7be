"""The layer archive: a zip of one PNG for each layer at the machine's own pixels, with a JSON manifest; see docs/layer-archive.md.

White is exposed. It is written beside its target and renamed, so that an interrupted export leaves nothing half; read back, its
layers are counted against what the manifest says.
"""

from __future__ import annotations

import io
import json
import zipfile
from collections import deque
from collections.abc import Callable, Iterable, Iterator
from concurrent.futures import Executor, ThreadPoolExecutor
from dataclasses import asdict, dataclass, replace
from pathlib import Path
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.errors import Cancelled, MeshFileError, Progress
from numerus.geometry.kernels import kernel
from numerus.geometry.solids.columns import Columns
from numerus.geometry.solids.layers import layer_runs

FORM = "numerus-layers"
VERSION = 1
MANIFEST = "manifest.json"
THREADS = 2
FAST = 1  # deflate level: pictures of few runs shrink well at any


@dataclass(frozen=True)
class Manifest:
    """What the layers are: mm, seconds, mm/min; ``areas_mm2`` of each layer, to be checked when read."""

    form: str
    version: int
    name: str
    machine: str
    resin: str
    columns: int
    rows: int
    pixel_mm: float
    layer_mm: float
    layers: int
    exposure_s: float
    bottom_exposure_s: float
    bottom_layers: int
    lift_mm: float
    lift_mm_per_min: float
    rest_before_s: float
    minutes: float
    resin_ml: float
    areas_mm2: tuple[float, ...]


@kernel
def _paint(bits, row, x0, x1, n):  # type: ignore[no-untyped-def]
    """Set runs of pixels in rows of bytes, the first pixel in the highest bit."""
    rows, across = bits.shape[0], bits.shape[1] * 8
    for i in range(n):
        if not 0 <= row[i] < rows:
            continue
        line = bits[rows - 1 - row[i]]
        for x in range(max(x0[i], 0), min(x1[i], across)):
            line[x >> 3] |= np.uint8(128 >> (x & 7))


def layer_bits(columns: Columns, rows: int, across: int, drawn_in_px: int = 0) -> Iterator[NDArray[np.uint8]]:
    """Each layer on the whole screen, eight pixels to a byte, uint8 (rows, bytes), the plate's front in the last row as a
    machine shows it. ``drawn_in_px``: outlines drawn in by so many pixels, or out where it is less than nothing.
    """
    grid = columns.grid
    for runs in layer_runs(columns):
        for k in range(len(runs.start) - 1):
            bits = np.zeros((rows, -(-across // 8)), np.uint8)
            here = slice(runs.start[k], runs.start[k + 1])
            x0, x1 = (x[here] + grid.x0_px + by for x, by in ((runs.x0, drawn_in_px), (runs.x1, -drawn_in_px)))
            _paint(bits, runs.row[here] + grid.y0_px, x0, np.minimum(x1, across), len(x0))
            yield _drawn_in(bits, drawn_in_px)


def _drawn_in(bits: NDArray[np.uint8], by: int) -> NDArray[np.uint8]:
    """The same from row to row: a pixel stays if those above and below it are set, or is added where one is."""
    for _ in range(abs(by)):
        beside = np.zeros((len(bits) + 2, bits.shape[1]), np.uint8)
        beside[1:-1] = bits
        bits = bits & beside[:-2] & beside[2:] if by > 0 else bits | beside[:-2] | beside[2:]
    return bits


def write_archive(
    columns: Columns, manifest: Manifest, drawn_in_px: int, path: Path, progress: Progress | None = None
) -> Manifest:
    """All layers as ``manifest`` describes them; what it says of areas and how many layers there are is counted here.

    Raises MeshFileError where it cannot be written, Cancelled; nothing half is left then.
    """
    areas = list[float]()
    beside = path.with_name(path.name + ".part")
    try:
        with zipfile.ZipFile(beside, "w", zipfile.ZIP_STORED) as archive:
            with ThreadPoolExecutor(THREADS) as pool:  # deflating lets others work
                layers = layer_bits(columns, manifest.rows, manifest.columns, drawn_in_px)
                pictures = _mapped(pool, lambda bits: _png(bits, manifest.columns), layers)
                for number, (picture, count) in enumerate(pictures):
                    if progress is not None and not progress(number / max(columns.layers, 1)):
                        raise Cancelled
                    archive.writestr(f"{number:05d}.png", picture)
                    areas.append(round(count * manifest.pixel_mm**2, 4))
            counted = replace(manifest, layers=len(areas), areas_mm2=tuple(areas))
            archive.writestr(MANIFEST, json.dumps(asdict(counted), indent=1))
        beside.replace(path)
    except OSError as error:
        message = f"{path.name} could not be written: {error.strerror}."
        raise MeshFileError("unwritable", message, "Nothing was left behind.") from error
    finally:
        beside.unlink(missing_ok=True)
    return counted


def _mapped(pool: Executor, make: Callable[[Any], Any], items: Iterable[Any]) -> Iterator[Any]:
    """In order and in parallel, with few in hand: a layer of a large screen is many megabytes."""
    waiting: deque[Any] = deque()
    for item in items:
        waiting.append(pool.submit(make, item))
        if len(waiting) > 2 * THREADS:
            yield waiting.popleft().result()
    while waiting:
        yield waiting.popleft().result()


def _png(bits: NDArray[np.uint8], across: int) -> tuple[bytes, int]:
    """A picture, and how many of its pixels are set."""
    from PIL import Image

    buffer = io.BytesIO()
    Image.frombytes("1", (across, len(bits)), bits.tobytes()).save(buffer, "PNG", compress_level=FAST)
    return buffer.getvalue(), _count(bits)


def _count(bits: NDArray[np.uint8]) -> int:
    return int(np.bitwise_count(bits).sum(dtype=np.int64))


def _unpng(ihdr: tuple[bytes, str]) -> NDArray[np.uint8]:
    """A picture's bits; ``told``: its bytes, and what to say where they are none."""
    from PIL import Image

    try:
        with Image.open(io.BytesIO(ihdr[0])) as opened:
            picture = opened if opened.mode == "1" else opened.convert("1")
            return np.frombuffer(picture.tobytes(), np.uint8).reshape(opened.height, -1)
    except OSError as error:
        raise MeshFileError("damaged-layers", ihdr[1], "Export the plate again.") from error


@dataclass(frozen=True, eq=False)
class LayerArchive:
    """A written archive, read layer by layer."""

    path: Path
    manifest: Manifest

    @classmethod
    def open(cls, path: Path) -> LayerArchive:
        """Raises MeshFileError where it is none, or of a newer form."""
        try:
            with zipfile.ZipFile(path) as archive:
                head: dict[str, Any] = json.loads(archive.read(MANIFEST))
                if head["form"] != FORM or head["version"] > VERSION:
                    raise MeshFileError(
                        "newer-layers", f"{path.name} is of another form.", "Open it with what wrote it."
                    )
                manifest = Manifest(**{**head, "areas_mm2": tuple(head["areas_mm2"])})
        except (OSError, zipfile.BadZipFile, KeyError, ValueError, TypeError) as error:
            raise MeshFileError("no-layers", f"{path.name} is no layer archive.", "Export the plate again.") from error
        return cls(path, manifest)

    def bits(self) -> Iterator[NDArray[np.uint8]]:
        """Layers as they were written, eight pixels to a byte, uint8 (rows, bytes). Raises MeshFileError at the first that is
        missing or damaged.
        """
        with zipfile.ZipFile(self.path) as archive, ThreadPoolExecutor(THREADS) as pool:
            yield from _mapped(pool, _unpng, (self._read(archive, n) for n in range(self.manifest.layers)))

    def _read(self, archive: zipfile.ZipFile, number: int) -> tuple[bytes, str]:
        description = f"Layer {number + 1} of {self.path.name} is missing or damaged."
        try:
            return archive.read(f"{number:05d}.png"), description
        except (KeyError, OSError, zipfile.BadZipFile) as error:
            raise MeshFileError("damaged-layers", description, "Export the plate again.") from error

    def check(self, progress: Progress | None = None) -> float:
        """Count every layer against the manifest; the volume in ml. Raises MeshFileError where one differs, Cancelled."""
        manifest, pixel2, whole = self.manifest, self.manifest.pixel_mm**2, 0.0
        for number, bits in enumerate(self.bits()):
            if progress is not None and not progress(number / max(manifest.layers, 1)):
                raise Cancelled
            area = _count(bits) * pixel2
            if abs(area - manifest.areas_mm2[number]) > pixel2 + 1e-3:
                description = f"Layer {number + 1} of {self.path.name} is not what was meant."
                raise MeshFileError("damaged-layers", description, "Export the plate again.")
            whole += area * manifest.layer_mm
        return whole / 1000
