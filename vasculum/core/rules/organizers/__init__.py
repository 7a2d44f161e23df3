"""What the inside of a drawer is fitted with."""
