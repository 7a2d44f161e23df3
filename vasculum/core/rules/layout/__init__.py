"""Dividing the space: rows and columns, again and again, down to cells.

A divider takes its measured thickness; rows over each other without rails share a gap between their fronts. Rows are
absolute (fixed) or relative (shares, graduated); relative rows divide what absolute rows and dividers leave: every row
is a fixed part plus a weight times one unknown. First child is the uppermost, or the leftmost.
"""
