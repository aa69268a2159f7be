"""What revision 0004 makes of each plan, as it stands and as it stood before edits that can be undone.

Works on JSON as it was written, not on today's classes, so that it goes on meaning what it meant. Ids of steps are given by
position, as the journal named them until then ("coat/0"); a step that an older edit held is the one it is like today.
"""

from __future__ import annotations

import hashlib
import json
from typing import Any

import numpy as np
import sqlalchemy as sa

from numerus.formats.meshes.face_labels import pack_labels
from numerus.formats.meshes.packed_mesh import old_vertex_zones, unpack_mesh
from numerus.geometry.mesh import Mesh
from numerus.surface.zones import ZonedMesh, measured_zones

OLD_ZONES = (
    "coat", "skin", "hat", "iron", "brass", "leather", "rope", "wood", "wax", "glass", "feathers", "base", "scarf", "boots",
)  # fmt: skip
"""What the numbers in meshes of that time meant."""
UNZONED = OLD_ZONES[0]
"""What a mesh without zones was painted as."""
KEPT_APART = ("back", "bell", "platform")
"""Slots whose parts were kept apart for the brush whatever the army."""
MONEY = {
    "army": {"solvent_price_per_l": "solvent_pence_per_l"}, "unit": {"bought_price": "bought_pence"},
    "kit": {"price": "price_pence"}, "paint": {"price": "price_pence"}, "resin": {"price_per_l": "pence_per_l"},
}  # fmt: skip

Body = dict[str, Any]


def measured_minutes(minutes: float, zlib_data: bytes) -> str:
    """The data of a step's entry with its minutes called typed, "" where they may be only the plan's.

    Strokes were never timed then: their button wrote the plan, the orders the plan times a factor.
    """
    try:
        data: Body = json.loads(zlib_data)
    except ValueError:  # a damaged entry is told of when the journal is read
        return ""
    if data.get("stage") == "stroke" or abs(minutes - data.get("planned_min", minutes)) < 1e-6:
        return ""
    return json.dumps({**data, "timing": "typed"})


def upgraded(kind: str, body: Body, steps: dict[str, list[Body]]) -> Body:
    """A plan of kind as it is written now; ``steps``: today's steps by zone, which those of older schemes are held against."""
    prices = MONEY.get(kind, {})
    new = {prices.get(k, k): round(100 * v) if k in prices else v for k, v in body.items()}
    if kind == "army":
        new.setdefault("time_zone", new.pop("zone", ""))
        if "power_price_per_kwh" in new:
            new["power_pence_per_kwh"] = round(100 * new.pop("power_price_per_kwh"), 6)
    elif kind == "unit":
        new.setdefault("apart", [slot for slot in new.get("slots", []) if slot in KEPT_APART])
    elif kind == "part":
        for name in ("zones", "zone_cm2", "strokes"):
            new.pop(name, None)
    elif kind == "scheme":
        _scheme(new, steps)
    return new


def _scheme(body: Body, steps: dict[str, list[Body]]) -> None:
    for recipe in body.get("recipes", []):
        if "strokes" in recipe:
            recipe["steps"] = _with_ids(recipe["zone"], recipe.pop("strokes"), steps.get(recipe["zone"], []))
    if body.get("finish") and isinstance(body["finish"][0], list):
        body["finish"] = [
            {"id": name, "name": name, "minutes": minutes, "dries_min": dries}
            for name, minutes, dries in body["finish"]
        ]


def _with_ids(zone: str, old: list[Body], known: list[Body]) -> list[Body]:
    """Steps with the ids of today's they are the same as, or are called as; the rest get ids nobody has."""
    if not known:
        return [{"id": f"{zone}/{n}", **step} for n, step in enumerate(old)]
    free = {step["id"]: step for step in known}
    bodies: list[Body] = []
    for n, step in enumerate(old):
        same = next((i for i, s in free.items() if {**s, "id": 0} == {**step, "id": 0}), "")
        named = next((i for i, s in free.items() if s["name"] == step["name"]), "")
        taken = same or named or f"{zone}/before-{n}"
        free.pop(taken, None)
        bodies.append({"id": taken, **step})
    return bodies


class Upgrade:
    """One book's plans and edits brought up by hand of its own connection."""

    def __init__(self, connection: sa.Connection) -> None:
        self.connection = connection
        self.steps: dict[str, list[Body]] = {}

    def _rows(self, kind: str) -> list[tuple[str, Body]]:
        rows = self.connection.execute(
            sa.text("SELECT id, CAST(body AS BLOB) FROM plan WHERE kind = :kind ORDER BY rowid"), {"kind": kind}
        )
        bodies = []
        for id_, body in rows:
            try:
                bodies.append((id_, json.loads(body)))
            except ValueError:  # a damaged plan is left out when the book is opened, and told of
                continue
        return bodies

    def _put(self, kind: str, id_: str, body: Body) -> None:
        self.connection.execute(
            sa.text("INSERT OR REPLACE INTO plan (kind, id, body) VALUES (:kind, :id, :body)"),
            {"kind": kind, "id": id_, "body": json.dumps(body)},
        )

    def _change(self, kind: str, id_: str, body: Body) -> None:
        self.connection.execute(
            sa.text("UPDATE plan SET body = :body WHERE kind = :kind AND id = :id"),
            {"kind": kind, "id": id_, "body": json.dumps(body)},
        )

    def plans(self) -> None:
        parts = self._rows("part")
        used: dict[str, None] = {}
        for id_, body in self._rows("scheme"):
            new = upgraded("scheme", body, {})
            self._change("scheme", id_, new)
            for recipe in new.get("recipes", []):
                self.steps.setdefault(recipe["zone"], recipe["steps"])
                used[recipe["zone"]] = None
        for part_id, body in parts:
            self._dabs(part_id, body)
            used.update(dict.fromkeys(self._zones(part_id, body)))
        for kind in ("army", "unit", "kit", "paint", "resin", "part"):
            for id_, body in self._rows(kind):
                self._change(kind, id_, upgraded(kind, body, self.steps))
        for order, zone in enumerate(used):
            self._put("zone", zone, {"id": zone, "name": zone, "order": order})

    def _dabs(self, part_id: str, body: Body) -> None:
        """What was brushed onto a part becomes a stroke of its own."""
        if body.get("strokes"):
            dab = {
                "id": f"{part_id}-brushed",
                "part_id": part_id,
                "blob": body["blob"],
                "order": 0,
                "dabs": body["strokes"],
            }
            self._put("brush_stroke", dab["id"], dab)

    def _zones(self, part_id: str, body: Body) -> list[str]:
        """Label arrays from the zones in a part's mesh; a mesh that had none stays what it was painted as."""
        row = self.connection.execute(
            sa.text("SELECT data FROM blob WHERE digest = :digest"), {"digest": body.get("blob", "")}
        ).first()
        try:
            mesh = unpack_mesh(bytes(row[0])) if row else Mesh(np.zeros((0, 3)), np.zeros((0, 3), np.int32))
        except Exception:  # a damaged mesh is told of where it is used
            return []
        if not len(mesh.faces):
            return []
        of_vertices = old_vertex_zones(bytes(row[0])) if row else None
        numbers = np.zeros(len(mesh.faces), np.uint8) if of_vertices is None else of_vertices[mesh.faces[:, 0]]
        present = [int(n) for n in np.unique(numbers) if n < len(OLD_ZONES)]
        zones = tuple(OLD_ZONES[n] for n in present)
        labels = np.searchsorted(present, numbers).astype(np.uint8)
        data = pack_labels(labels)
        digest = hashlib.sha256(data).hexdigest()[:32]
        self.connection.execute(
            sa.text("INSERT OR IGNORE INTO blob (digest, data) VALUES (:digest, :data)"),
            {"digest": digest, "data": data},
        )
        part_zones = measured_zones(part_id, digest, ZonedMesh(mesh, zones, labels))
        self._put(
            "part_zones", part_id,
            {"id": part_id, "labels": digest, "zones": part_zones.zones, "area_cm2": part_zones.area_cm2, "borders_mm": part_zones.borders_mm},
        )  # fmt: skip
        return list(zones)

    def edits(self) -> None:
        """The plans that undo and redo write back."""
        for seq, changes in self.connection.execute(sa.text("SELECT seq, CAST(changes AS BLOB) FROM edit")).all():
            try:
                edit_rows = [
                    [kind, id_, self._body(kind, a), self._body(kind, b)] for kind, id_, a, b in json.loads(changes)
                ]
            except ValueError:  # bytes that are no longer text: what they held cannot be brought back
                self.connection.execute(sa.text("DELETE FROM edit WHERE seq = :seq"), {"seq": seq})
                continue
            self.connection.execute(
                sa.text("UPDATE edit SET changes = :changes WHERE seq = :seq"),
                {"changes": json.dumps(edit_rows), "seq": seq},
            )

    def _body(self, kind: str, body: str | None) -> str | None:
        return None if body is None else json.dumps(upgraded(kind, json.loads(body), self.steps))
