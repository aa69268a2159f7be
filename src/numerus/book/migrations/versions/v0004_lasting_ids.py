"""Steps, finishing steps and zones get ids that last; zones leave the mesh; money is whole pence; minutes say if measured."""

import sqlalchemy as sa
from alembic import op

from numerus.book.migrations.bodies_v4 import Upgrade, measured_minutes

revision = "0004"
down_revision = "0003"


def upgrade() -> None:
    connection = op.get_bind()
    op.execute("DELETE FROM worked_out")  # all of it can be worked out again, and is told otherwise now
    book = Upgrade(connection)
    book.plans()
    book.edits()
    rows = connection.execute(sa.text("SELECT seq, minutes, CAST(data AS BLOB) FROM journal WHERE kind = 'step'")).all()
    measured = [{"seq": seq, "data": data} for seq, minutes, told in rows if (data := measured_minutes(minutes, told))]
    if measured:
        connection.execute(sa.text("UPDATE journal SET data = :data WHERE seq = :seq"), measured)
