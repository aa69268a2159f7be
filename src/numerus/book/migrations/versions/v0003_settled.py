"""What the journal's older entries tell is thrown away when one of them is touched, by whatever program."""

from alembic import op

revision = "0003"
down_revision = "0002"

FORGET = "BEGIN DELETE FROM worked_out WHERE key = 'journal'; END"


def upgrade() -> None:
    op.execute(f"CREATE TRIGGER journal_changed AFTER UPDATE ON journal {FORGET}")
    op.execute(f"CREATE TRIGGER journal_cut AFTER DELETE ON journal {FORGET}")
    op.execute(
        "CREATE TRIGGER journal_put_between AFTER INSERT ON journal "
        f"WHEN NEW.seq < (SELECT max(seq) FROM journal) {FORGET}"
    )
