"""The one catalogue of the trade's rules and checks."""

from __future__ import annotations

import importlib
import pkgutil
from functools import cache

from vasculum.core.flow import Catalogue

_CATALOGUE = Catalogue()
rule = _CATALOGUE.rule
check = _CATALOGUE.check


@cache
def the_catalogue() -> Catalogue:
    """All rules and checks, collected by importing every module of ``rules`` and ``checks``."""
    from vasculum.core import checks, rules

    for package in (rules, checks):
        for module in pkgutil.walk_packages(package.__path__, package.__name__ + "."):
            importlib.import_module(module.name)
    return _CATALOGUE
