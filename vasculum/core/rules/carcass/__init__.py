"""A new case around the layout: which panel runs through, how it is joined, its back, plinth and top."""
