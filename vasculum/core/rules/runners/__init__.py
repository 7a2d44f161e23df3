"""What carries a drawer: one file for each runner system, the same names in each."""
