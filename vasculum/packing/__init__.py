"""Rectangles on floors: which go where, and what is left over."""
