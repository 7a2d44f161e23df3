"""Pieces as solids standing in their space; the proof that nothing meets; meshes.

The geometry library lives here only. Nothing here shares arithmetic with the rules beyond sizes and stands.
"""
