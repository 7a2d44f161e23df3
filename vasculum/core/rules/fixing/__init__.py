"""What a new case is fixed to where it stands: studs, masonry, a holed frame, a cabinet, a top over it."""
