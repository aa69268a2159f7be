"""Blobs and worked-out data that nothing refers to any more are let go of.

A blob is referred to while a plan, an edit that can still be undone or redone, or an entry of the journal names it.
"""

from __future__ import annotations

import hashlib
import logging
import re
from collections.abc import Iterable

import sqlalchemy as sa

from numerus.book import tables

HEX = re.compile(r"[0-9a-f]{32,}")  # of which those of just 32 are digests
FIELDS = "fields:"
"""What is worked out of a part's skin is kept under this word, the digest of its mesh, and what else it depends on."""
PAINTING, MOST_PAINTING = "painting ", 150
"""Fields of whole figures for painting begin with this; so many are kept, the newest: older ones may be of parts long gone."""
MOST_FIELDS = 8  # kept for one mesh, the newest: undo and another build come back to them
log = logging.getLogger(__name__)


def digest_of(data: bytes) -> str:
    """The name bytes are kept under."""
    return hashlib.sha256(data).hexdigest()[:32]


def mesh_key(blob: str, about: tuple[object, ...]) -> str:
    """Under which the book keeps what was worked out of a mesh and of what else it is ``about``."""
    return f"{FIELDS}{blob}:{digest_of(repr(about).encode())}"


def prune(engine: sa.Engine) -> tuple[int, int]:
    """Let go of what nobody refers to; how many blobs and how many worked-out entries went."""
    with engine.begin() as connection:
        named = _named(connection)
        blobs = [d for (d,) in connection.execute(sa.select(tables.blob.c.digest)) if d not in named]
        worked = [*_stale(connection, named), *_keys(connection, PAINTING)[MOST_PAINTING:]]
        for table, column, gone in (
            (tables.blob, tables.blob.c.digest, blobs), (tables.worked_out, tables.worked_out.c.key, worked),
        ):  # fmt: skip
            for n in range(0, len(gone), 500):
                connection.execute(sa.delete(table).where(column.in_(gone[n : n + 500])))
    if blobs or worked:
        log.info("pruned %d blobs and %d worked-out entries", len(blobs), len(worked))
    return len(blobs), len(worked)


def _named(connection: sa.Connection) -> set[str]:
    """Every digest that a plan, an edit or a photograph's entry names."""
    texts: Iterable[str] = (
        *connection.execute(sa.select(tables.plan.c.body)).scalars(),
        *connection.execute(sa.select(tables.edit.c.changes)).scalars(),
        *connection.execute(sa.select(tables.journal.c.data).where(tables.journal.c.kind == "photograph")).scalars(),
    )
    return {found for text in texts for found in HEX.findall(text) if len(found) == 32}


def _stale(connection: sa.Connection, named: set[str]) -> list[str]:
    """Keys of fields whose mesh is gone, or that newer ones of the same mesh have taken the place of."""
    kept: dict[str, int] = {}
    gone = []
    for key in _keys(connection, FIELDS):
        blob = key.split(":")[1]
        kept[blob] = kept.get(blob, 0) + 1
        if blob not in named or kept[blob] > MOST_FIELDS:
            gone.append(key)
    return gone


def _keys(connection: sa.Connection, begin: str) -> list[str]:
    """Keys of worked-out data that begin so, the newest first."""
    key = tables.worked_out.c.key
    return list(
        connection.execute(sa.select(key).where(key.startswith(begin)).order_by(sa.text("rowid DESC"))).scalars()
    )
