"""Find a Chromium for the browser tests; install Debian's when run as root; else say what to install."""

import os
import shutil
import subprocess
import sys

NAMES = ("chromium", "chromium-browser", "google-chrome", "google-chrome-stable", "chrome")
ADVICE = "No Chromium found. Install one (Debian: apt install chromium), or name it in CHROMIUM."


def chromium_path() -> str | None:
    """A browser that is there: the one named in CHROMIUM, or one on the path."""
    named = os.environ.get("CHROMIUM")
    return named or next((path for name in NAMES if (path := shutil.which(name))), None)


def install() -> None:
    """Debian's chromium, where apt is there and we may."""
    quiet = {"stdout": subprocess.DEVNULL, "env": {**os.environ, "DEBIAN_FRONTEND": "noninteractive"}}
    subprocess.run(["apt-get", "update", "-q"], check=True, **quiet)
    subprocess.run(["apt-get", "install", "-y", "-q", "--no-install-recommends", "chromium"], check=True, **quiet)


if __name__ == "__main__":
    if chromium_path() is None and shutil.which("apt-get") and hasattr(os, "geteuid") and os.geteuid() == 0:
        install()
    found = chromium_path()
    print(found or ADVICE)
    sys.exit(0 if found else 1)
