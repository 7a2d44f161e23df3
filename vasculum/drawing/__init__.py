"""Drawings: solution → sheets of primitives, one list for screen, SVG and PDF."""
