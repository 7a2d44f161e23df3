"""Files for other programs and for paper: each a pure function of a solved plan to bytes."""
