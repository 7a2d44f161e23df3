"""Make the TrueType fonts for print from the web fonts of the front end. Run by hand after changing them.

uv pip install fonttools brotli && npm ci --prefix frontend && python tools/print_fonts.py
"""

from pathlib import Path

from fontTools.ttLib import TTFont

ROOT = Path(__file__).parent.parent
WEB = ROOT / "frontend/node_modules/@fontsource"
PRINT = ROOT / "vasculum/export/fonts"
FACES = {
    "sans-regular": "source-sans-3/files/source-sans-3-latin-400-normal.woff2",
    "sans-semibold": "source-sans-3/files/source-sans-3-latin-600-normal.woff2",
    "serif-semibold": "source-serif-4/files/source-serif-4-latin-600-normal.woff2",
}

for name, web in FACES.items():
    font = TTFont(WEB / web)
    font.flavor = None
    font.save(PRINT / f"{name}.ttf")
(PRINT / "LICENSE").write_text((WEB / "source-sans-3/LICENSE").read_text())
