"""The tables."""

from __future__ import annotations

from datetime import datetime

from sqlalchemy import ForeignKey, String, Text, UniqueConstraint
from sqlalchemy.orm import DeclarativeBase, Mapped, mapped_column


class Base(DeclarativeBase):
    """All tables."""


class PlanRow(Base):
    """One plan; its name and document are in its newest revision."""

    __tablename__ = "plan"

    id: Mapped[str] = mapped_column(String(60), primary_key=True)
    name: Mapped[str] = mapped_column(String(120))
    head: Mapped[int]
    """Number of the newest revision."""
    printed: Mapped[int | None]
    """Number of the revision last printed."""
    created: Mapped[datetime]
    changed: Mapped[datetime]
    deleted: Mapped[datetime | None]


class RevisionRow(Base):
    """One state of a plan; ``undo_to`` and ``redo_to`` are numbers of the revisions whose documents come next."""

    __tablename__ = "revision"
    __table_args__ = (UniqueConstraint("plan_id", "number"),)

    id: Mapped[int] = mapped_column(primary_key=True, autoincrement=True)
    plan_id: Mapped[str] = mapped_column(ForeignKey("plan.id", ondelete="CASCADE"), index=True)
    number: Mapped[int]
    kind: Mapped[str] = mapped_column(String(10))
    label: Mapped[str] = mapped_column(String(200))
    field: Mapped[str] = mapped_column(String(400))
    """What was edited: consecutive edits of one field are one undo step."""
    undo_to: Mapped[int | None]
    redo_to: Mapped[int | None]
    made: Mapped[datetime]
    document: Mapped[str] = mapped_column(Text)
