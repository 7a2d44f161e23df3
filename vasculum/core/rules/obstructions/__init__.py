"""What stands in the way: each obstruction beside a cell is a place of its own, a *crossing*, with scalar rules.

A crossing says what it takes from its cell on one side, or nothing where the two do not meet; the cell takes the
largest. A projection gains the clearance past it; the person may want the same on the other side.
"""
