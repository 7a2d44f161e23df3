"""How the walls of a box meet: one file for each joint, the same names in each."""
