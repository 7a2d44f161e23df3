"""Paper: the print pack of a plan, and a blank measuring sheet."""
