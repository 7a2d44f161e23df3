"""What a cell must be for what goes in it: one file for each thing that holds contents, in a row and in a column.

Demands come from choices alone, before the space is divided.
"""
