"""The second door: off by default, it lets a paired phone in this network measure, and nobody else in.

A guest is a request that came through this door. Without a session it gets the pairing page and nothing more. A code
of six digits pairs; five wrong ones shut the pairing for a while and change the code. Sessions end with time, and all
of them when the door is closed. The door of this machine stays as it is.
"""

from __future__ import annotations

import hmac
import io
import secrets
import socket
import threading
import time
from collections.abc import Callable
from contextlib import suppress
from typing import Any

import segno
from flask import Flask, Request
from waitress.server import create_server

from vasculum.core.errors import VasculumError

MOST_WRONG = 5
"""Wrong codes before pairing is shut."""
SHUT_FOR = 300
"""Seconds."""
SESSION = 12 * 3600
"""Seconds that a paired phone stays paired."""
COOKIE = "vasculum-guest"
GUEST = "vasculum.guest"
"""Marks a request, in its WSGI environment, as come through the second door."""


class NotPaired(VasculumError):
    """A guest without a session, or one that asks for what guests may not have."""


class PairingShut(VasculumError):
    """Too many wrong codes of late."""


class WrongCode(VasculumError):
    """A code that is not the one on the screen."""


class NoNetwork(VasculumError):
    """The door cannot be opened: this machine is in no network, or the port is not to be had."""


def own_address() -> str:
    """This machine's address in its network. Nothing is sent: a route is only looked up.

    Raises:
        NoNetwork: when there is no route.
    """
    with socket.socket(socket.AF_INET, socket.SOCK_DGRAM) as probe:
        try:
            probe.connect(("192.0.2.1", 9))
            return str(probe.getsockname()[0])
        except OSError as none:
            raise NoNetwork("no-network", "This machine is in no network.", "Join one, then try again.") from none


class Network:
    """The second door of one app."""

    def __init__(
        self,
        app: Flask,
        address: Callable[[], str] = own_address,
        clock: Callable[[], float] = time.monotonic,
    ) -> None:
        self._app, self._address, self._clock = app, address, clock
        self._lock = threading.RLock()
        self._server: Any = None
        self._host = ""
        self._code = ""
        self._wrong = 0
        self._shut_until = 0.0
        self._sessions: dict[str, float] = {}

    # ---- the switch ----------------------------------------------------------------------------------------------

    @property
    def is_on(self) -> bool:
        """Whether the door is open."""
        return self._server is not None

    @property
    def url(self) -> str:
        """What a phone opens."""
        return f"http://{self._host}/pair" if self.is_on else ""

    @property
    def code(self) -> str:
        """The code to type on the phone."""
        return self._code

    @property
    def guests(self) -> int:
        """How many phones are paired."""
        with self._lock:
            return sum(until > self._clock() for until in self._sessions.values())

    def open(self) -> None:
        """Open the door on a free port; an open door stays as it is.

        Raises:
            NoNetwork: when this machine is in no network or may not listen there.
        """
        with self._lock:
            if self.is_on:
                return
            address = self._address()
            try:
                self._server = create_server(self._from_outside, host=address, port=0, threads=4, ident="vasculum")
            except OSError as refused:
                raise NoNetwork("no-network", f"Nothing can be opened at {address}.", "Try again.") from refused
            self._host = f"{address}:{self._server.effective_port}"
            self._new_code()
            threading.Thread(target=self._run, args=(self._server,), daemon=True).start()

    def close(self) -> None:
        """Close the door; every pairing ends."""
        with self._lock:
            server, self._server = self._server, None
            self._sessions.clear()
            self._host, self._code = "", ""
        if server is not None:
            server.close()
            server.task_dispatcher.shutdown()

    @staticmethod
    def _run(server: Any) -> None:
        with suppress(OSError):  # its socket is closed under it
            server.run()

    def _from_outside(self, environ: dict[str, Any], start_response: Any) -> Any:
        environ[GUEST] = "yes"
        return self._app.wsgi_app(environ, start_response)

    def picture(self) -> bytes:
        """The address as a code for a phone's camera, SVG."""
        out = io.BytesIO()
        segno.make(self.url or "off", micro=False).save(out, kind="svg", scale=6, border=3)
        return out.getvalue()

    # ---- guests --------------------------------------------------------------------------------------------------

    def pair(self, code: str) -> str:
        """A session for the right code.

        Raises:
            PairingShut: after too many wrong ones.
            WrongCode: otherwise.
        """
        with self._lock:
            now = self._clock()
            if now < self._shut_until:
                raise PairingShut("pairing-shut", "Too many wrong codes.", "Wait five minutes; the code has changed.")
            if self._code and hmac.compare_digest(code.strip().encode(), self._code.encode()):
                self._wrong = 0
                session = secrets.token_urlsafe(32)
                self._sessions[session] = now + SESSION
                return session
            self._wrong += 1
            left = MOST_WRONG - self._wrong
            if left <= 0:
                self._shut_until = now + SHUT_FOR
                self._new_code()
            raise WrongCode("wrong-code", "That is not the code on the screen.", f"{left} tries are left.")

    def admit(self, request: Request) -> None:
        """Let a guest's request pass, or refuse it.

        Raises:
            NotPaired: without a session; from a page elsewhere; for the switch itself.
        """
        if request.host != self._host:
            raise NotPaired("wrong-host", "This door answers to its own address only.", "Scan the code again.")
        origin = request.headers.get("Origin")
        if origin not in (None, f"http://{self._host}"):
            raise NotPaired("wrong-origin", "A page elsewhere may not ask.", "Open it here.")
        if not self._is_paired(request.cookies.get(COOKIE, "")):
            raise NotPaired("not-paired", "This phone is not paired.", "Type the code that the screen shows.")

    def _is_paired(self, session: str) -> bool:
        with self._lock:
            until = self._sessions.get(session)
            if until is not None and until <= self._clock():
                del self._sessions[session]
                return False
            return until is not None

    def _new_code(self) -> None:
        self._code = f"{secrets.randbelow(1_000_000):06d}"
        self._wrong = 0
