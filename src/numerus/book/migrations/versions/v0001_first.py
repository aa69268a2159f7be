"""The first book: plans, journal, edits, blobs."""

import sqlalchemy as sa
from alembic import op

revision = "0001"
down_revision = None


def upgrade() -> None:
    op.create_table(
        "plan",
        sa.Column("kind", sa.Text, primary_key=True),
        sa.Column("id", sa.Text, primary_key=True),
        sa.Column("body", sa.Text, nullable=False),
    )
    op.create_table(
        "journal",
        sa.Column("seq", sa.Integer, primary_key=True),
        sa.Column("at", sa.Text, nullable=False),
        sa.Column("kind", sa.Text, nullable=False),
        sa.Column("subject", sa.Text, nullable=False),
        sa.Column("figures", sa.Text, nullable=False),
        sa.Column("minutes", sa.Float, nullable=False),
        sa.Column("data", sa.Text, nullable=False),
    )
    op.create_table(
        "edit",
        sa.Column("seq", sa.Integer, primary_key=True),
        sa.Column("label", sa.Text, nullable=False),
        sa.Column("changes", sa.Text, nullable=False),
        sa.Column("entries", sa.Text, nullable=False),
        sa.Column("undone", sa.Boolean, nullable=False),
    )
    op.create_table(
        "blob",
        sa.Column("digest", sa.Text, primary_key=True),
        sa.Column("data", sa.LargeBinary, nullable=False),
    )
