"""A pot says what kind of paint it is, from which its hiding follows, instead of a share of covering; its colour is one."""

import json
from typing import Any

import sqlalchemy as sa
from alembic import op

from numerus.colour.words import colour_typed
from numerus.errors import PlanError

revision = "0005"
down_revision = "0004"
UNKNOWN = "#808285"
KINDS_BY_NAME = {"wash": "wash", "ink": "ink", "varnish": "varnish", "medium": "medium", "thinner": "thinner"}
TRANSLUCENT_BELOW, SEMI_OPAQUE_BELOW = 0.7, 0.75


def upgraded(body: dict[str, Any]) -> dict[str, Any]:
    """A pot as it is written now. What was typed as its colour and is none becomes a grey, called guessed."""
    new = {k: v for k, v in body.items() if k != "opacity"}
    try:
        new["colour"] = colour_typed(str(body.get("colour", "")))
    except PlanError:
        new.update(colour=UNKNOWN, known="guessed")
    new.setdefault("kind", _kind(str(body.get("name", "")).lower(), float(body.get("opacity", 0.8))))
    return new


def _kind(name: str, opacity: float) -> str:
    kind_name = next((kind for word, kind in KINDS_BY_NAME.items() if word in name.split()), "")
    if kind_name:
        return kind_name
    return "translucent" if opacity < TRANSLUCENT_BELOW else "semi-opaque" if opacity < SEMI_OPAQUE_BELOW else "opaque"


def _told(body: str | bytes | None) -> Any:
    try:
        return None if body is None else json.loads(body)
    except ValueError:  # a damaged plan is left out when the book is opened, and told of
        return None


def upgrade() -> None:
    connection = op.get_bind()
    rows = connection.execute(sa.text("SELECT id, CAST(body AS BLOB) FROM plan WHERE kind = 'paint'")).all()
    for id_, body in rows:
        if isinstance(paint_rows := _told(body), dict):
            connection.execute(
                sa.text("UPDATE plan SET body = :body WHERE kind = 'paint' AND id = :id"),
                {"body": json.dumps(upgraded(paint_rows)), "id": id_},
            )
    for seq, changes in connection.execute(sa.text("SELECT seq, CAST(changes AS BLOB) FROM edit")).all():
        if isinstance(paint_rows := _told(changes), list) and any(change[0] == "paint" for change in paint_rows):
            connection.execute(
                sa.text("UPDATE edit SET changes = :changes WHERE seq = :seq"),
                {"changes": json.dumps([_change(c) for c in paint_rows]), "seq": seq},
            )


def _change(change: list[Any]) -> list[Any]:
    """An edit of a pot with what it was before and after, as it is written now."""
    kind, id_, *bodies = change
    if kind != "paint":
        return change
    return [kind, id_, *(json.dumps(upgraded(t)) if isinstance(t := _told(b), dict) else b for b in bodies)]
