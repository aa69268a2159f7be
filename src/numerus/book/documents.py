"""Which kinds of plan a book holds, and how they are written: JSON, checked by msgspec at this border."""

from __future__ import annotations

from functools import cache
from typing import Any

from msgspec import MsgspecError
from msgspec.json import Decoder, decode

from numerus.domain.army import Army, Figure, Unit
from numerus.domain.commissions import Commission
from numerus.domain.painting.paints import Mix, Paint
from numerus.domain.painting.recipes import Scheme
from numerus.domain.painting.zones import PartZones, Zone
from numerus.domain.parts import Kit, Part, Relation
from numerus.domain.printing.machines import Bottle, Machine, Resin
from numerus.domain.printing.plates import Plate, Run
from numerus.domain.printing.poses import BrushStroke
from numerus.errors import BookError
from numerus.formats.plain_json import json_bytes

KINDS: dict[str, type] = {
    "army": Army, "unit": Unit, "figure": Figure, "kit": Kit, "part": Part, "machine": Machine, "resin": Resin,
    "plate": Plate, "run": Run, "bottle": Bottle, "paint": Paint, "mix": Mix, "scheme": Scheme, "zone": Zone, "part_zones": PartZones,
    "brush_stroke": BrushStroke, "commission": Commission,
}  # fmt: skip
_KIND_OF = {made: kind for kind, made in KINDS.items()}


@cache
def _decoder(kind: str) -> Decoder[Any]:
    return Decoder(KINDS[kind])


def kind_of(document: Any) -> str:
    return _KIND_OF[type(document)]


def written(document: Any) -> str:
    return json_bytes(document).decode()


def read(kind: str, body: str) -> Any:
    """The document. Raises BookError where it is damaged or of an unknown kind."""
    try:
        return _decoder(kind).decode(body)
    except (KeyError, MsgspecError) as error:
        raise BookError(
            "damaged-plan", f"A {kind} in the book cannot be read.", "It is left out; the rest is kept."
        ) from error


def read_statements(data: bytes) -> dict[str, tuple[Relation, ...]]:
    """Statements about several kits, kept in a file of their own: JSON by kit."""
    return decode(data, type=dict[str, tuple[Relation, ...]])
