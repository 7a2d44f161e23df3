"""``python -m vasculum``."""

from vasculum.cli import main

main()
