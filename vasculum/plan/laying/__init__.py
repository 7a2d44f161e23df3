"""From a document to places, kinds and given values, and to a solution: the one meeting with the catalogue."""
