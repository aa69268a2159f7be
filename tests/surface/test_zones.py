"""Zones on a mesh: areas and borders by closed form, and nothing else depends on them."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
import trimesh

from helpers import box_mesh, subdivided
from numerus.book.book import Book
from numerus.domain.painting.zones import UNNAMED, PartZones
from numerus.errors import MeshFileError
from numerus.formats.meshes.face_labels import pack_labels, unpack_labels
from numerus.formats.meshes.packed_mesh import pack_mesh
from numerus.geometry.mesh import Mesh
from numerus.printing.plates.packing import outline_bitmap
from numerus.surface.fields.part_fields import fields_of, packed_fields
from numerus.surface.zones import ATTRIBUTE, ZonedMesh, borders_mm, measured_zones, touching_mm, zoned


def halved(size: float = 10.0) -> ZonedMesh:
    """A cube whose upper half is one zone, the lower another."""
    cube = subdivided(box_mesh((size, size, size)), 3)
    upper = cube.triangles.mean(axis=1)[:, 2] > size / 2
    return ZonedMesh(cube, ("low", "high"), upper.astype(np.uint8))


def test_two_halves_of_a_cube_border_along_its_waist() -> None:
    """Each has half of the skin; the border goes once round: four sides."""
    found = measured_zones("cube", "blob", halved())
    assert found.area_cm2 == pytest.approx((3.0, 3.0))
    assert found.borders_mm == (("high", "low", pytest.approx(40.0)),)


def test_unnamed_skin_borders_on_nothing_and_has_no_area() -> None:
    """Half named: the border is not told."""
    cube = halved()
    half = replace(cube, labels=np.where(cube.labels == 1, UNNAMED, cube.labels).astype(np.uint8))
    assert borders_mm(half) == {}
    assert measured_zones("cube", "", half).area_cm2 == pytest.approx((3.0, 0.0))
    assert (zoned(cube.mesh, (), None).labels == UNNAMED).all()


def test_parts_that_touch_have_their_zones_touch() -> None:
    """A knob on a plate: where it stands the two border, about as long as the foot is round; apart they do not."""
    plate = subdivided(box_mesh((20, 20, 2), (-10, -10, -2)), 4)
    rod = trimesh.creation.cylinder(4, 6, sections=64)
    knob = subdivided(Mesh(np.asarray(rod.vertices) + [0, 0, 3], np.asarray(rod.faces, np.int32)), 2)

    def told(mesh: Mesh, name: str) -> tuple[ZonedMesh, PartZones]:
        whole = ZonedMesh(mesh, (name,), np.zeros(len(mesh.faces), np.uint8))
        return whole, measured_zones(name, "", whole)

    both = touching_mm([told(plate, "plate"), told(knob, "knob")])
    assert both[("knob", "plate")] == pytest.approx(2 * np.pi * 4, rel=0.25)
    assert touching_mm([told(plate, "plate"), told(knob.moved((0, 0, 3)), "knob")]) == {}


def test_labels_come_back_as_they_were_packed_and_others_are_refused() -> None:
    """Of another mesh, cut short, or none."""
    labels = np.array([0, 3, UNNAMED, 1], np.uint8)
    data = pack_labels(labels)
    assert unpack_labels(data, 4).tolist() == labels.tolist()
    for hurt, faces in ((data, 5), (data[:-3], 4), (b"", 4), (b"NLABL1", 4)):
        with pytest.raises(MeshFileError, match="zones"):
            unpack_labels(hurt, faces)


def test_a_zone_changes_neither_what_a_part_is_nor_how_it_is_posed_or_printed(demo: Book) -> None:
    """The same bytes of its mesh, the same fields, outline and pose, whatever its faces are called."""
    cube = halved()
    other = cube.mesh.with_face_attribute(ATTRIBUTE, 1 - cube.labels)
    assert pack_mesh(other) == pack_mesh(cube.mesh)
    assert packed_fields(fields_of(other)) == packed_fields(fields_of(cube.mesh))
    assert np.array_equal(outline_bitmap(other), outline_bitmap(cube.mesh))
    told = next(iter(demo.plans.part_zones.values()))
    before = demo.plans
    demo.commit("another zone", [replace(told, zones=tuple(reversed(told.zones)))])
    assert demo.plans.parts == before.parts and demo.plans.plates == before.plates
