"""Serve the app to this machine, and to no other."""

from __future__ import annotations

import gc
import logging
import socket
from pathlib import Path

import click
from waitress.server import create_server

from vasculum.web.app import create_app

HOST = "127.0.0.1"


def serve_forever(data: Path | None, port: int, with_demo: bool) -> None:
    """Open the database, print the address, and answer until stopped."""
    logging.basicConfig(level=logging.WARNING)
    if port and _is_taken(port):
        raise click.ClickException(f"Port {port} is taken. Close what uses it, or choose another: --port 0 takes any.")
    server = create_server(create_app(data, with_demo), host=HOST, port=port, threads=8, ident="vasculum")
    _tidy_seldom()
    click.echo(f"Vasculum is at http://{HOST}:{server.effective_port}/  (stop with Ctrl+C)")
    try:
        server.run()
    except KeyboardInterrupt:
        click.echo("Stopped; everything is kept.")


YOUNG, MIDDLE, OLD = 500_000, 20, 20
"""How much is made before the collector looks: solved plans are large, live long and hold no cycles to speak of."""


def _tidy_seldom() -> None:
    """What is loaded by now stays for good, and the collector does not walk through it while somebody types."""
    gc.collect()
    gc.freeze()
    gc.set_threshold(YOUNG, MIDDLE, OLD)


def _is_taken(port: int) -> bool:
    with socket.socket() as probe:
        return probe.connect_ex((HOST, port)) == 0
