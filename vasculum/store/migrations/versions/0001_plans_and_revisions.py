"""Plans and their revisions."""

import sqlalchemy as sa
from alembic import op

revision = "0001"
down_revision = None


def upgrade() -> None:
    op.create_table(
        "plan",
        sa.Column("id", sa.String(60), primary_key=True),
        sa.Column("name", sa.String(120), nullable=False),
        sa.Column("head", sa.Integer, nullable=False),
        sa.Column("printed", sa.Integer, nullable=True),
        sa.Column("created", sa.DateTime, nullable=False),
        sa.Column("changed", sa.DateTime, nullable=False),
        sa.Column("deleted", sa.DateTime, nullable=True),
    )
    op.create_table(
        "revision",
        sa.Column("id", sa.Integer, primary_key=True, autoincrement=True),
        sa.Column("plan_id", sa.String(60), sa.ForeignKey("plan.id", ondelete="CASCADE"), nullable=False),
        sa.Column("number", sa.Integer, nullable=False),
        sa.Column("kind", sa.String(10), nullable=False),
        sa.Column("label", sa.String(200), nullable=False),
        sa.Column("field", sa.String(400), nullable=False),
        sa.Column("undo_to", sa.Integer, nullable=True),
        sa.Column("redo_to", sa.Integer, nullable=True),
        sa.Column("made", sa.DateTime, nullable=False),
        sa.Column("document", sa.Text, nullable=False),
        sa.UniqueConstraint("plan_id", "number"),
    )
    op.create_index("ix_revision_plan_id", "revision", ["plan_id"])
