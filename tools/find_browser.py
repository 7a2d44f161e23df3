"""Find a Chromium for the browser tests; as root, install Debian's headless one, which opens a page in half the time.

Whatever is named in CHROMIUM goes first; then the headless shell; then any Chromium on the path.
"""

import os
import shutil
import subprocess
import sys

SHELL = "chromium-headless-shell"
NAMES = (SHELL, "chromium", "chromium-browser", "google-chrome", "google-chrome-stable", "chrome")
ADVICE = f"No Chromium found. Install one (Debian: apt install {SHELL}), or name it in CHROMIUM."


def chromium_path() -> str | None:
    """A browser that is there: the one named in CHROMIUM, or one on the path."""
    named = os.environ.get("CHROMIUM")
    return named or next((path for name in NAMES if (path := shutil.which(name))), None)


def _may_install() -> bool:
    return bool(shutil.which("apt-get")) and hasattr(os, "geteuid") and os.geteuid() == 0


def _apt(*words: str) -> bool:
    quiet = {"stdout": subprocess.DEVNULL, "env": {**os.environ, "DEBIAN_FRONTEND": "noninteractive"}}
    return subprocess.run(["apt-get", "-q", "-y", *words], check=False, **quiet).returncode == 0


def install() -> None:
    """Debian's headless shell, or where there is none of it, Chromium."""
    _apt("update")
    for name in (SHELL, "chromium"):
        if _apt("install", "--no-install-recommends", name):
            return


if __name__ == "__main__":
    if not os.environ.get("CHROMIUM") and not shutil.which(SHELL) and _may_install():
        install()
    found = chromium_path()
    print(found or ADVICE)
    sys.exit(0 if found else 1)
