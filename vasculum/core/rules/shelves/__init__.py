"""Shelves: how long and deep they are, and what they rest on."""
