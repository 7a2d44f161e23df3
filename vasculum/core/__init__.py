"""The trade: exact lengths, the rule catalogue, and what it works out. See README.md for what may not be done here."""
