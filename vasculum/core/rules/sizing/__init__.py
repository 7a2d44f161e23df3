"""How large a row wants to be: one file for each way; each gives a fixed part and a weight.

Where fronts stand over each other without rails, relative rows are sized by their fronts: the gaps are the fixed part.
"""
