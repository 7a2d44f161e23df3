"""Edge bands: the core of a banded part is smaller by its bands."""
