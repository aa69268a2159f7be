"""Run the migrations on the connection the book passes in."""

from alembic import context

from numerus.book.tables import metadata

connection = context.config.attributes["connection"]
context.configure(connection=connection, target_metadata=metadata)
with context.begin_transaction():
    context.run_migrations()
