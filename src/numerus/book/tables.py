"""The book's tables, as the newest schema has them; migrations bring older books here."""

from __future__ import annotations

import sqlalchemy as sa

SCHEMA = 5
"""Kept in SQLite's user_version, so that it can be read before anything else is."""
SETTLED = "journal"
"""What older entries tell, among what was worked out; triggers of the file name it, too (revision 0003)."""
APPLICATION_ID = 0x4E554D52  # "NUMR"

metadata = sa.MetaData()

plan = sa.Table(
    "plan", metadata,
    sa.Column("kind", sa.Text, primary_key=True),
    sa.Column("id", sa.Text, primary_key=True),
    sa.Column("body", sa.Text, nullable=False),
)  # fmt: skip

journal = sa.Table(
    "journal", metadata,
    sa.Column("seq", sa.Integer, primary_key=True),
    sa.Column("at", sa.Text, nullable=False),
    sa.Column("kind", sa.Text, nullable=False),
    sa.Column("subject", sa.Text, nullable=False),
    sa.Column("figures", sa.Text, nullable=False),
    sa.Column("minutes", sa.Float, nullable=False),
    sa.Column("data", sa.Text, nullable=False),
)  # fmt: skip

edit = sa.Table(
    "edit", metadata,
    sa.Column("seq", sa.Integer, primary_key=True),
    sa.Column("label", sa.Text, nullable=False),
    sa.Column("changes", sa.Text, nullable=False),
    sa.Column("entries", sa.Text, nullable=False),
    sa.Column("undone", sa.Boolean, nullable=False),
)  # fmt: skip

blob = sa.Table(
    "blob", metadata,
    sa.Column("digest", sa.Text, primary_key=True),
    sa.Column("data", sa.LargeBinary, nullable=False),
)  # fmt: skip

worked_out = sa.Table(
    "worked_out", metadata,
    sa.Column("key", sa.Text, primary_key=True),
    sa.Column("data", sa.LargeBinary, nullable=False),
)  # fmt: skip
