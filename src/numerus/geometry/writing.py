"""Meshes out: binary STL and 3MF core, written whole or not at all."""

from __future__ import annotations

import io
import struct
import zipfile
from pathlib import Path
from typing import Any
from xml.sax.saxutils import quoteattr

import numpy as np

from numerus.errors import MeshFileError
from numerus.geometry.formats import STL_RECORD
from numerus.geometry.mesh import Floats, Mesh


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


def write_3mf(objects: list[tuple[str, Mesh]], path: Path) -> None:
    """3MF core, one object per named mesh, millimetres, each placed as it stands."""
    body = "".join(_3mf_object(number, name, mesh) for number, (name, mesh) in enumerate(objects, 1))
    items = "".join(f'<item objectid="{number}"/>' for number in range(1, len(objects) + 1))
    model = (
        '<?xml version="1.0" encoding="UTF-8"?><model unit="millimeter" xml:lang="en" '
        'xmlns="http://schemas.microsoft.com/3dmanufacturing/core/2015/02">'
        f"<resources>{body}</resources><build>{items}</build></model>"
    )
    stream = io.BytesIO()
    with zipfile.ZipFile(stream, "w", zipfile.ZIP_DEFLATED, compresslevel=6) as archive:
        archive.writestr("[Content_Types].xml", _3MF_TYPES)
        archive.writestr("_rels/.rels", _3MF_RELATIONS)
        archive.writestr("3D/3dmodel.model", model)
    _write_whole(path, stream.getvalue())


def _3mf_object(number: int, name: str, mesh: Mesh) -> str:
    vertices = "".join(f'<vertex x="{x:.9g}" y="{y:.9g}" z="{z:.9g}"/>' for x, y, z in _rounded(mesh.vertices))
    faces = "".join(f'<triangle v1="{a}" v2="{b}" v3="{c}"/>' for a, b, c in mesh.faces.tolist())
    label = quoteattr(name)
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
