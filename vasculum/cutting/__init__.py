"""Parts on sheets, as one person with one saw can cut them."""
