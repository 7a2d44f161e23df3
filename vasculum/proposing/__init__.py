"""Ways to divide a space for the things that go in: tried with a solver, built as plans, told side by side."""
