"""Meshes out: binary STL and 3MF core, written whole or not at all."""

from __future__ import annotations

import io
import struct
import zipfile
from collections.abc import Sequence
from dataclasses import dataclass
from pathlib import Path
from typing import Any
from xml.sax.saxutils import quoteattr

import numpy as np

from numerus.errors import MeshFileError
from numerus.formats.meshes.mesh_formats import STL_RECORD
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.slices import Slice


def stl_bytes(mesh: Mesh) -> bytes:
    """Binary STL, in the mesh's own numbers."""
    records = np.zeros(len(mesh.faces), STL_RECORD)
    records["normal"], records["corners"] = mesh.normals, mesh.triangles
    header = b"Numerus, millimetres".ljust(80, b"\0")
    return header + struct.pack("<I", len(records)) + records.tobytes()


def write_stl(mesh: Mesh, path: Path) -> None:
    """Binary STL, written beside the target first, so that an interrupted export leaves no half file."""
    _write_whole(path, stl_bytes(mesh))


_3MF_TYPES = (
    '<?xml version="1.0" encoding="UTF-8"?><Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">'
    '<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>'
    '<Default Extension="model" ContentType="application/vnd.ms-package.3dmanufacturing-3dmodel+xml"/></Types>'
)
_3MF_RELATIONS = (
    '<?xml version="1.0" encoding="UTF-8"?>'
    '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'
    '<Relationship Target="/3D/3dmodel.model" Id="rel0" '
    'Type="http://schemas.microsoft.com/3dmanufacturing/2013/01/3dmodel"/></Relationships>'
)


_CORE = "http://schemas.microsoft.com/3dmanufacturing/core/2015/02"
_SLICE = "http://schemas.microsoft.com/3dmanufacturing/slice/2015/07"


def write_3mf(objects: list[tuple[str, Mesh]], path: Path) -> None:
    """3MF core, one object per named mesh, millimetres, each placed as it stands."""
    body = "".join(_3mf_object(number, name, mesh) for number, (name, mesh) in enumerate(objects, 1))
    items = "".join(f'<item objectid="{number}"/>' for number in range(1, len(objects) + 1))
    _write_package(f'xmlns="{_CORE}"', body, items, path)


@dataclass(frozen=True, eq=False)
class Sliced:
    """A mesh standing on z = 0 with its slices, and where copies of it are placed: x and y in mm, degrees counter-clockwise."""

    name: str
    mesh: Mesh
    slices: Sequence[Slice]
    places: Sequence[tuple[float, float, float]]


def write_sliced_3mf(objects: Sequence[Sliced], path: Path) -> None:
    """3MF with the slice extension: each mesh once with its stack of slices, an item for every copy."""
    stacks = "".join(_slice_stack(2 * n + 1, o.slices) for n, o in enumerate(objects))
    meshes = "".join(_3mf_object(2 * n + 2, o.name, o.mesh, 2 * n + 1) for n, o in enumerate(objects))
    items = "".join(
        f'<item objectid="{2 * n + 2}" transform="{_planar(*place)}"/>'
        for n, o in enumerate(objects)
        for place in o.places
    )
    _write_package(f'xmlns="{_CORE}" xmlns:s="{_SLICE}" requiredextensions="s"', stacks + meshes, items, path)


def _planar(x_mm: float, y_mm: float, turn_deg: float) -> str:
    """A turn about the vertical and a shift, as 3MF writes rows of a matrix for row vectors."""
    c, s = np.cos(np.radians(turn_deg)), np.sin(np.radians(turn_deg))
    return " ".join(f"{v:.9g}" for v in (c, s, 0, -s, c, 0, 0, 0, 1, x_mm, y_mm, 0))


def _slice_stack(number: int, slices: Sequence[Slice]) -> str:
    return f'<s:slicestack id="{number}" zbottom="0">{"".join(map(_slice, slices))}</s:slicestack>'


def _slice(one: Slice) -> str:
    corners, outlines, begin = [], [], 0
    for outline in one.outlines:
        corners += [f'<s:vertex x="{x:.9g}" y="{y:.9g}"/>' for x, y in np.round(outline, 4).tolist()]
        ends = [*range(begin + 1, begin + len(outline)), begin]
        outlines.append(
            f'<s:polygon startv="{begin}">{"".join(f"""<s:segment v2="{e}"/>""" for e in ends)}</s:polygon>'
        )
        begin += len(outline)
    whole = f"<s:vertices>{''.join(corners)}</s:vertices>{''.join(outlines)}" if corners else ""
    return f'<s:slice ztop="{one.top_mm:.9g}">{whole}</s:slice>'


def _write_package(spaces: str, body: str, items: str, path: Path) -> None:
    model = (
        f'<?xml version="1.0" encoding="UTF-8"?><model unit="millimeter" xml:lang="en" {spaces}>'
        f"<resources>{body}</resources><build>{items}</build></model>"
    )
    stream = io.BytesIO()
    with zipfile.ZipFile(stream, "w", zipfile.ZIP_DEFLATED, compresslevel=6) as archive:
        archive.writestr("[Content_Types].xml", _3MF_TYPES)
        archive.writestr("_rels/.rels", _3MF_RELATIONS)
        archive.writestr("3D/3dmodel.model", model)
    _write_whole(path, stream.getvalue())


def _3mf_object(number: int, name: str, mesh: Mesh, stack: int = 0) -> str:
    vertices = "".join(f'<vertex x="{x:.9g}" y="{y:.9g}" z="{z:.9g}"/>' for x, y, z in _rounded(mesh.vertices))
    faces = "".join(f'<triangle v1="{a}" v2="{b}" v3="{c}"/>' for a, b, c in mesh.faces.tolist())
    label = quoteattr(name) + (f' s:slicestackid="{stack}"' if stack else "")
    return (
        f'<object id="{number}" type="model" name={label}><mesh><vertices>{vertices}</vertices>'
        f"<triangles>{faces}</triangles></mesh></object>"
    )


def _rounded(vertices: Floats) -> Any:
    """Coordinates to a tenth of a micrometre: shared corners stay shared, text stays short."""
    return (np.round(vertices, 4) + 0.0).tolist()


def _write_whole(path: Path, data: bytes) -> None:
    beside = path.with_name(path.name + ".part")
    try:
        beside.write_bytes(data)
        beside.replace(path)
    except OSError as error:
        beside.unlink(missing_ok=True)
        raise MeshFileError(
            "unwritable", f"{path.name} could not be written: {error.strerror}.", "Nothing was left behind."
        ) from error
