"""Make the fonts for print, and the web font of signs that the front end's own subsets lack. Run by hand.

In an empty folder: ``npm pack source-sans source-serif``, unpack each to ``sans`` and ``serif``; then
``uv pip install fonttools brotli`` and ``python tools/print_fonts.py FOLDER``. They are the same faces as the front
end's, whole: Latin with its accents, Greek, Cyrillic, fractions and arrows.
"""

import sys
from pathlib import Path
from shutil import copyfile

from fontTools.subset import Options, Subsetter
from fontTools.ttLib import TTFont

ROOT = Path(__file__).parent.parent
PRINT = ROOT / "vasculum/export/fonts"
WEB = ROOT / "frontend/src/fonts"
FACES = {
    "sans-regular": "sans/package/TTF/SourceSans3-Regular.ttf",
    "sans-semibold": "sans/package/TTF/SourceSans3-Semibold.ttf",
    "serif-semibold": "serif/package/TTF/SourceSerif4-Semibold.ttf",
}
SIGNS = [*range(0x2150, 0x2160), 0x2189, *range(0x2190, 0x2194), 0x2248, 0x2264, 0x2265, 0x25A0, 0x25A1]
"""Fractions that one key types, arrows, comparisons, squares."""

unpacked = Path(sys.argv[1])
for name, file in FACES.items():
    copyfile(unpacked / file, PRINT / f"{name}.ttf")
    font, options = TTFont(unpacked / file), Options(flavor="woff2", layout_features=[])
    subsetter = Subsetter(options)
    subsetter.populate(unicodes=SIGNS)
    subsetter.subset(font)
    font.flavor = "woff2"
    font.save(WEB / f"{name}-signs.woff2")
copyfile(unpacked / "sans/package/LICENSE.md", PRINT / "LICENSE")
copyfile(unpacked / "sans/package/LICENSE.md", WEB / "LICENSE")
