"""From what was measured to what is clear: one file for each kind of opening, the same names in each.

A face-frame opening and the inside behind it are two surveys; their difference is packing, not taper.
``opening`` is the hole a front stands in, ``clear`` is what is free between the packing for runners and box.
"""
