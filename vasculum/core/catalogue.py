"""The one catalogue of the trade: rules, checks, pieces, cuts, goods and alternatives."""

from __future__ import annotations

import importlib
import pkgutil
from functools import cache

from vasculum.core.flow import Catalogue

_CATALOGUE = Catalogue()
rule = _CATALOGUE.rule
check = _CATALOGUE.check
piece = _CATALOGUE.piece
body = _CATALOGUE.body
cut = _CATALOGUE.cut
good = _CATALOGUE.good
alternative = _CATALOGUE.alternative


@cache
def the_catalogue() -> Catalogue:
    """Everything in it, collected by importing every module of ``rules`` and ``checks``."""
    from vasculum.core import checks, rules

    for package in (rules, checks):
        for module in pkgutil.walk_packages(package.__path__, package.__name__ + "."):
            importlib.import_module(module.name)
    return _CATALOGUE
