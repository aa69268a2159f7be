"""A book of a hundred years: what the demo tells, told again and again of figures long gone."""

from __future__ import annotations

import json
import sqlite3
from datetime import datetime, timedelta
from pathlib import Path

from numerus.demo.army import make_demo


def make_century(path: Path, now: datetime, many: int) -> int:
    """Make the demo's book with ``many`` entries before its own, one each 100 minutes; how many there are in all."""
    make_demo(path, now).close()
    with sqlite3.connect(path) as own:
        told = own.execute("SELECT kind, subject, figures, minutes, data FROM journal").fetchall()
        own.execute("UPDATE journal SET seq = seq + ?", (many,))
        begun = now - timedelta(minutes=100 * (many + 1))
        old = (
            ((begun + timedelta(minutes=100 * n)).isoformat(), kind, subject and f"old-{n // 40}",
             json.dumps([f"gone-{n % 4000}"]) if figures != "[]" else "[]", minutes, data)
            for n in range(many) for kind, subject, figures, minutes, data in (told[n % len(told)],)
        )  # fmt: skip
        own.executemany(
            "INSERT INTO journal (at, kind, subject, figures, minutes, data) VALUES (?, ?, ?, ?, ?, ?)", old
        )
    own.close()
    return many + len(told)
