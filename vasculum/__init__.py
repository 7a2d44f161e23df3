"""Vasculum plans drawers and organizers that fit spaces which already exist."""

__version__ = "0.1.0"
