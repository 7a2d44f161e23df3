"""Rules of the trade, a file each: survey → openings → layout → runners, box, joints, bottoms, fronts → marking."""
