"""Alembic's entry: migrate over the connection that the database module hands in."""

from __future__ import annotations

from alembic import context

from vasculum.store.models import Base

context.configure(
    connection=context.config.attributes["connection"], target_metadata=Base.metadata, render_as_batch=True
)
with context.begin_transaction():
    context.run_migrations()
