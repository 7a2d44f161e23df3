"""The face of a drawer: one file for each way it meets the opening."""
