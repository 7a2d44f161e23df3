"""The plan document, and the only place where it meets the rule catalogue."""
