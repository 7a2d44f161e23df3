"""What a simulated device answers on: lines over a socket, on loopback only, until it is switched off."""

from __future__ import annotations

import socketserver
import threading
from collections.abc import Callable

PATIENCE = 10
"""Seconds until a silent line is given up."""


class LineServer:
    """Answers each line with another, until ``BYE``."""

    def __init__(self, answer: Callable[[str], str], longest_line: int) -> None:
        class Talk(socketserver.StreamRequestHandler):
            timeout = PATIENCE

            def handle(self) -> None:
                while line := self.rfile.readline(longest_line).decode("ascii", "replace").strip():
                    if line == "BYE":
                        return
                    self.wfile.write((answer(line) + "\n").encode("ascii"))

        self._server = socketserver.ThreadingTCPServer(("127.0.0.1", 0), Talk)
        self._server.daemon_threads = True
        host, port = self._server.server_address[:2]
        self.address = (str(host), int(port))
        threading.Thread(target=self._server.serve_forever, daemon=True).start()

    def close(self) -> None:
        """Switch it off."""
        self._server.shutdown()
        self._server.server_close()
