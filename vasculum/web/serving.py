"""Serve the app to this machine, and to no other."""

from __future__ import annotations

import ctypes
import gc
import logging
import socket
import sys
from pathlib import Path
from typing import Any

import click
from flask import Response
from waitress.server import create_server

from vasculum.web.app import MOST_BYTES, create_app

HOST = "127.0.0.1"
OWN_DOOR = {
    "threads": 8,
    "max_request_body_size": 4 * MOST_BYTES,
    "connection_limit": 1000,
    "asyncore_use_poll": True,
    "channel_timeout": 60,
    "cleanup_interval": 10,
}
"""A body that is far too large is refused by its head, and who only connects holds up nobody."""


def serve_forever(data: Path | None, port: int, with_demo: bool) -> None:
    """Open the database, print the address, and answer until stopped."""
    logging.basicConfig(level=logging.WARNING)
    _one_heap()
    if port and _is_taken(port):
        raise click.ClickException(f"Port {port} is taken. Close what uses it, or choose another: --port 0 takes any.")
    app = create_app(data, with_demo)
    app.after_request(_given_back)
    server = create_server(app, host=HOST, port=port, ident="vasculum", **OWN_DOOR)
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


C_LIBRARY: Any = ctypes.CDLL(None) if sys.platform == "linux" else None
"""Its allocator keeps a heap for each thread, and seldom gives anything back."""
ARENA_MAX = -8
"""The number of that setting, in the C library's own header."""
LARGE = 50_000
"""Bytes of an answer after which it is worth giving memory back."""


def _one_heap() -> None:
    """The threads share one heap: they take turns anyway, and a large plan is not kept once for each."""
    if hasattr(C_LIBRARY, "mallopt"):
        C_LIBRARY.mallopt(ARENA_MAX, 1)


def _given_back(response: Response) -> Response:
    """What a large answer took goes back to the machine once it is sent."""
    if (response.content_length or 0) > LARGE:
        response.call_on_close(_tidy)
    return response


def _tidy() -> None:
    gc.collect()
    if hasattr(C_LIBRARY, "malloc_trim"):
        C_LIBRARY.malloc_trim(0)


def _is_taken(port: int) -> bool:
    with socket.socket() as probe:
        return probe.connect_ex((HOST, port)) == 0
