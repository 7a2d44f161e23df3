"""Do the locks still hold what pyproject.toml asks for? Offline; run by ``make check``."""

import re
import sys
import tomllib
from pathlib import Path

from packaging.requirements import Requirement
from packaging.utils import canonicalize_name

ROOT = Path(__file__).parent.parent
PIN = re.compile(r"^([A-Za-z0-9._-]+)==([^\s;]+)", re.MULTILINE)
ADDRESS = re.compile(r"https?://")


def faults() -> list[str]:
    project = tomllib.loads((ROOT / "pyproject.toml").read_text())["project"]
    runtime, dev = project["dependencies"], project["optional-dependencies"]["dev"]
    found = []
    for lock, wanted in (("requirements.lock", runtime), ("requirements-dev.lock", runtime + dev)):
        text = (ROOT / lock).read_text()
        pins = {canonicalize_name(name): version for name, version in PIN.findall(text)}
        for requirement in map(Requirement, wanted):
            version = pins.get(canonicalize_name(requirement.name))
            if version is None or not requirement.specifier.contains(version, prereleases=True):
                found.append(f"{lock}: {requirement} is locked at {version}; run make lock")
        if ADDRESS.search(text):
            found.append(f"{lock}: holds a registry address; run make lock")
    if '"resolved": "http' in (ROOT / "frontend/package-lock.json").read_text():
        found.append("frontend/package-lock.json: holds a registry address")
    return found


if __name__ == "__main__":
    for fault in (found := faults()):
        print(fault)
    sys.exit(bool(found))
