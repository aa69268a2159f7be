"""The fields of parts as the book keeps them: worked out once for a mesh, what was brushed on it and what stands beside it."""

from __future__ import annotations

import hashlib

from numerus.book.pruning import FIELDS
from numerus.desk.session import Session
from numerus.domain.parts import Part
from numerus.domain.printing.poses import BrushDab
from numerus.geometry.mesh import Mesh
from numerus.surface.fields.part_fields import FORM, Fields, fields_of, packed_fields, unpacked_fields

At = tuple[str, Fields | None, list[Mesh], tuple[BrushDab, ...]]
"""Under which key, what is known of a part, the other parts of its build in place, what was brushed onto it."""


class KnownFields:
    """``at`` is taken where the book is, ``of`` may run in a job, ``keep`` writes what is new."""

    def __init__(self, session: Session) -> None:
        self.session = session
        self._known: dict[str, Fields] = {}

    def at(self, part: Part) -> At:
        """What its fields depend on, and what is known of them; the other parts of its build cover and hide it."""
        beside = self.session.beside(part)
        about = (FORM, part.blob, self.session.plans.dabs_of(part.id), *(p.blob for p in beside))
        key = f"{FIELDS}{part.blob}:{hashlib.sha256(repr(about).encode()).hexdigest()[:32]}"
        if key not in self._known:
            data = self.session.worked_out(key)
            fields = unpacked_fields(data, part.triangles) if data else None
            if fields is not None:
                self._known[key] = fields
        return (
            key,
            self._known.get(key),
            [self.session.mesh(p.blob) for p in beside],
            self.session.plans.dabs_of(part.id),
        )

    def of(self, part: Part, mesh: Mesh, at: At) -> Fields:
        return at[1] or fields_of(mesh, at[2], at[3])

    def keep(self, key: str, fields: Fields) -> None:
        if key not in self._known:
            self._known[key] = fields
            self.session.keep_worked_out(key, packed_fields(fields))
