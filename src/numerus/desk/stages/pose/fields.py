"""The fields of parts as the book keeps them: worked out once for a mesh, what was brushed on it and what stands beside it."""

from __future__ import annotations

from typing import NamedTuple

from numerus.book.pruning import mesh_key
from numerus.desk.session import Session
from numerus.domain.parts import Part
from numerus.domain.printing.poses import BrushDab
from numerus.geometry.mesh import Mesh
from numerus.surface.fields.part_fields import FORM, Fields, fields_of, packed_fields, unpacked_fields


class At(NamedTuple):
    """Under which ``key`` what is ``known`` of a part, the other parts of its build in place, what was brushed onto it."""

    key: str
    known: Fields | None
    beside: list[Mesh]
    dabs: tuple[BrushDab, ...]


class KnownFields:
    """``at`` is taken where the book is, ``of`` may run in a job, ``keep`` writes what is new."""

    def __init__(self, session: Session) -> None:
        self.session = session
        self._known: dict[str, Fields] = {}

    def at(self, part: Part) -> At:
        """What its fields depend on, and what is known of them; the other parts of its build cover and hide it."""
        beside = self.session.beside(part)
        dabs = self.session.plans.dabs_of(part.id)
        key = mesh_key(part.blob, (FORM, part.blob, dabs, *(p.blob for p in beside)))
        if key not in self._known:
            data = self.session.worked_out(key)
            fields = unpacked_fields(data, part.triangles) if data else None
            if fields is not None:
                self._known[key] = fields
        return At(key, self._known.get(key), [self.session.mesh(p.blob) for p in beside], dabs)

    def of(self, part: Part, mesh: Mesh, at: At) -> Fields:
        return at.known or fields_of(mesh, at.beside, at.dabs)

    def keep(self, key: str, fields: Fields) -> None:
        if key not in self._known:
            self._known[key] = fields
            self.session.keep_worked_out(key, packed_fields(fields))
