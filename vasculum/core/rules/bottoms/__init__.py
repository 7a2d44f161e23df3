"""How the bottom is held: one file for each way, the same names in each."""
