"""Measuring devices behind one small interface; the ones that ship are simulated, and say so.

A laser distance meter that speaks the line protocol of :mod:`vasculum.devices.protocol` on a socket can take the
place of the simulated one.
"""
