"""3MF in: the core specification's objects, components and build items, streamed so that hostile files stay small.

An own reader, since a general one builds the whole document in memory: 94 MB of XML took it 2.3 GB.
"""

from __future__ import annotations

import io
import re
import zipfile
from array import array
from collections.abc import Iterator
from dataclasses import dataclass, field
from typing import IO
from xml.parsers import expat

import numpy as np

from numerus.errors import MeshFileError
from numerus.formats.regions import REGION
from numerus.geometry.mesh import Floats, Mesh

MAX_ELEMENTS = 4_000_000
MAX_XML_BYTES = 400 << 20
MAX_RELATIONS_BYTES = 1 << 20
MAX_PIECES = 4000
MAX_DEPTH = 8
CHUNK = 1 << 20
Place = tuple[str, str]
"""An object: the model file it is in, its id."""
Use = tuple[Place, Floats]
"""An object placed by a 4x4 matrix."""


@dataclass
class _Object:
    name: str
    vertices: array[float] = field(default_factory=lambda: array("d"))
    faces: array[int] = field(default_factory=lambda: array("q"))
    components: list[Use] = field(default_factory=list)
    material: tuple[str, str] = ("", "0")
    shades: array[int] = field(default_factory=lambda: array("i"))


class _Model:
    """What one model file says, gathered from the parser's events."""

    def __init__(self, path: str) -> None:
        self.path, self.unit = path, "millimeter"
        self.objects: dict[Place, _Object] = {}
        self.items: list[Use] = []
        self._now, self._slices = _Object(""), False
        self._begin = {
            "vertex": self._vertex, "triangle": self._triangle, "object": self._object, "component": self._component,
            "item": self._item, "model": self._model, "basematerials": self._group, "colorgroup": self._group,
            "base": self._base, "color": self._base,
        }  # fmt: skip
        self._group_id, self.shades, self.shade_numbers = "", dict[str, list[str]](), dict[tuple[str, str], int]()

    def start(self, tag: str, attributes: dict[str, str]) -> None:
        name = tag.rpartition(":")[2]
        self._slices = name == "slicestack" or (self._slices and name != "object")  # its corners have no height
        begin = self._begin.get(name)
        if begin and not (self._slices and name == "vertex"):
            begin(attributes)

    def _vertex(self, a: dict[str, str]) -> None:
        self._now.vertices.extend((float(a["x"]), float(a["y"]), float(a["z"])))

    def _triangle(self, a: dict[str, str]) -> None:
        self._now.faces.extend((int(a["v1"]), int(a["v2"]), int(a["v3"])))
        pid, index = self._now.material
        colour = (a["pid"], a.get("p1", "0")) if "pid" in a else (pid, a.get("p1", index))
        self._now.shades.append(self.shade_numbers.setdefault(colour, len(self.shade_numbers)))

    def _group(self, a: dict[str, str]) -> None:
        self._group_id = a.get("id", "")
        self.shades.setdefault(self._group_id, [])

    def _base(self, a: dict[str, str]) -> None:
        """A colour of a group, or a material with its name."""
        colour = a.get("color") or a.get("displaycolor", "")
        self.shades.setdefault(self._group_id, []).append(a.get("name") or colour[:7].upper())

    def shade(self, colour: tuple[str, str]) -> str:
        """A material by its group and number, "" where there is none."""
        listed = self.shades.get(colour[0], [])
        return listed[int(colour[1])] if colour[1].isdigit() and int(colour[1]) < len(listed) else ""

    def _object(self, a: dict[str, str]) -> None:
        self._now = self.objects[self.path, a["id"]] = _Object(
            a.get("name", ""), material=(a.get("pid", ""), a.get("pindex", "0"))
        )

    def _component(self, a: dict[str, str]) -> None:
        self._now.components.append(self._use(a))

    def _item(self, a: dict[str, str]) -> None:
        self.items.append(self._use(a))

    def _model(self, a: dict[str, str]) -> None:
        self.unit = a.get("unit", "millimeter")

    def _use(self, a: dict[str, str]) -> Use:
        path = next((v.lstrip("/") for k, v in a.items() if k.rpartition(":")[2] == "path"), self.path)
        return (path, a["objectid"]), _matrix(a.get("transform", ""))


def _matrix(text: str) -> Floats:
    """The twelve numbers of a 3MF transform, row vectors, as a 4x4 matrix for column vectors."""
    matrix = np.eye(4)
    if text:
        matrix[:3] = np.array(text.split(), float).reshape(4, 3).T
    return matrix


def read_3mf(data: bytes) -> tuple[list[tuple[str, Mesh]], str, tuple[str, ...]]:
    """Every placed object by name, in the file's own unit, that unit, and names of the regions faces are of.

    Raises MeshFileError, or what a parser raises.
    """
    try:
        with zipfile.ZipFile(io.BytesIO(data)) as archive:
            paths = [e.filename for e in archive.infolist() if e.filename.lower().endswith(".model")]
            if not paths:
                raise MeshFileError("malformed", "The 3MF holds no model.")
            if sum(archive.getinfo(p).file_size for p in paths) > MAX_XML_BYTES:
                raise MeshFileError("zip-bomb", "The 3MF unpacks to more than can be read.")
            _refuse_outward(archive)
            models = [_parsed(archive, p) for p in paths]
    except zipfile.BadZipFile as error:
        raise MeshFileError("truncated", f"The 3MF is not a sound package: {error}.") from error
    objects = {place: o for model in models for place, o in model.objects.items()}
    uses = [use for model in models for use in model.items] or [(place, np.eye(4)) for place in objects]
    shades = tuple(dict.fromkeys(s for m in models for listed in m.shades.values() for s in listed if s))
    number = {shade: n for n, shade in enumerate(shades)}
    for model in models:
        table = np.array([number.get(model.shade(told), -1) for told in model.shade_numbers], np.int32)
        for own in model.objects.values():
            own.shades = (
                array("i", table[np.frombuffer(own.shades, np.int32)].tolist()) if len(own.shades) else own.shades
            )
    return list(_pieces(objects, uses)), models[0].unit, shades


def _refuse_outward(archive: zipfile.ZipFile) -> None:
    """A relation to something outside the package is refused, whatever it names."""
    for entry in archive.infolist():
        if entry.filename.lower().endswith(".rels") and entry.file_size <= MAX_RELATIONS_BYTES:
            for target in re.findall(rb"""Target\s*=\s*["']([^"']*)""", archive.read(entry)):
                if b".." in target.split(b"/") or b":" in target:
                    raise MeshFileError(
                        "hostile-name",
                        f"The 3MF points outside its package: {target.decode(errors='replace')}.",
                        "Not read.",
                    )


def _parsed(archive: zipfile.ZipFile, path: str) -> _Model:
    with archive.open(path) as stream:
        _refuse_hostile(stream, path)
    model, parser = _Model(path.lstrip("/")), expat.ParserCreate()
    parser.StartElementHandler, parser.buffer_text = model.start, True
    with archive.open(path) as stream:
        parser.ParseFile(stream)
    return model


def _refuse_hostile(stream: IO[bytes], path: str) -> None:
    """Too many elements, or entities, are refused by a look at the text: parsing would take minutes and gigabytes."""
    elements = read = 0
    for chunk in iter(lambda: stream.read(CHUNK), b""):
        if b"<!" in chunk and (b"<!ENTITY" in chunk or b"<!DOCTYPE" in chunk):
            raise MeshFileError("hostile-name", "The 3MF defines XML entities.", "Not read.")
        elements += chunk.count(b"<")
        read += len(chunk)
        if elements > MAX_ELEMENTS or read > MAX_XML_BYTES:
            raise MeshFileError("too-large", f"{path} has more than {MAX_ELEMENTS} elements.", "Save it as STL.")


def _pieces(objects: dict[Place, _Object], uses: list[Use], depth: int = 0) -> Iterator[tuple[str, Mesh]]:
    count = 0
    for place, matrix in uses:
        if depth > MAX_DEPTH or place not in objects:
            raise MeshFileError("malformed", f"The 3MF uses an object that is not there: {place[1]}.")
        thing = objects[place]
        inside = _pieces(objects, [(p, matrix @ m) for p, m in thing.components], depth + 1)
        for name, mesh in [*_own(thing, matrix), *((n or thing.name, m) for n, m in inside)]:
            count += 1
            if count > MAX_PIECES:
                raise MeshFileError("too-many", f"The 3MF places more than {MAX_PIECES} objects.")
            yield name, mesh


def _own(thing: _Object, matrix: Floats) -> list[tuple[str, Mesh]]:
    if not thing.faces:
        return []
    vertices = np.frombuffer(thing.vertices, float).reshape(-1, 3)
    faces = np.frombuffer(thing.faces, np.int64).reshape(-1, 3)
    if faces.min() < 0 or faces.max() >= len(vertices):
        raise MeshFileError("malformed", "The 3MF names corners that are not there.")
    mesh = Mesh(vertices, faces.astype(np.int32)).transformed(matrix)
    return [(thing.name, mesh.with_face_attribute(REGION, np.frombuffer(thing.shades, np.int32)))]
