"""Blobs and worked-out data that nothing refers to any more are let go of.

A blob is referred to while a plan, an edit that can still be undone or redone, or an entry of the journal names it.
"""

from __future__ import annotations

import hashlib
import logging
import re

from numerus.book.database import Database

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


def prune(database: Database) -> tuple[int, int]:
    """Let go of what nobody refers to; how many blobs and how many worked-out entries went."""
    with database.transaction():
        named = _named(database)
        blobs = [d for (d,) in database.rows("SELECT digest FROM blob") if d not in named]
        worked = [*_stale(database, named), *_keys(database, PAINTING)[MOST_PAINTING:]]
        for digest in blobs:
            database.execute("DELETE FROM blob WHERE digest = ?", (digest,))
        for key in worked:
            database.execute("DELETE FROM worked_out WHERE key = ?", (key,))
    if blobs or worked:
        log.info("pruned %d blobs and %d worked-out entries", len(blobs), len(worked))
    return len(blobs), len(worked)


def _named(database: Database) -> set[str]:
    """Every digest that a plan, an edit or a photograph's entry names."""
    texts = database.rows(
        "SELECT body FROM plan UNION ALL SELECT changes FROM edit UNION ALL SELECT data FROM journal WHERE kind = 'photograph'"
    )
    return {found for (text,) in texts for found in HEX.findall(text) if len(found) == 32}


def _stale(database: Database, named: set[str]) -> list[str]:
    """Keys of fields whose mesh is gone, or that newer ones of the same mesh have taken the place of."""
    kept: dict[str, int] = {}
    gone = []
    for key in _keys(database, FIELDS):
        blob = key.split(":")[1]
        kept[blob] = kept.get(blob, 0) + 1
        if blob not in named or kept[blob] > MOST_FIELDS:
            gone.append(key)
    return gone


def _keys(database: Database, begin: str) -> list[str]:
    """Keys of worked-out data that begin so, the newest first."""
    found = database.rows("SELECT key FROM worked_out WHERE substr(key, 1, ?) = ? ORDER BY rowid DESC", (len(begin), begin))
    return [key for (key,) in found]
