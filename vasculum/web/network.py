"""The second door: off by default, it lets paired phones in this network measure, and nobody else in.

A guest is a request that came through this door. Without a session it gets the pairing page and nothing more. A code
of six digits pairs one phone, within ten minutes. Who types five wrong ones is shut out for a while, and nobody else;
a new code ends that. Each phone is listed and can be sent away; its session ends with time, and all of them when the
door is closed. The door of this machine stays as it is.
"""

from __future__ import annotations

import hmac
import io
import secrets
import socket
import threading
import time
from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path
from typing import TYPE_CHECKING, Any, cast

import segno
from flask import Flask, Request, request

from vasculum.core.errors import VasculumError

if TYPE_CHECKING:
    import uvicorn

    from vasculum.web.certificate import Certificate

MOST_WRONG = 5
"""Wrong codes of one visitor before it is shut out."""
MOST_WRONG_OF_ALL = 50
"""Wrong codes of all visitors together before the code is another."""
MOST_VISITORS = 1000
"""Visitors whose wrong codes are remembered: those of late."""
SHUT_FOR = 300
"""Seconds."""
CODE_FOR = 600
"""Seconds that a code pairs."""
SESSION = 12 * 3600
"""Seconds that a paired phone stays paired."""
THREADS = 4
HEADERS = 32_768
"""Bytes of the head of a request, at most."""
COOKIE = "vasculum-guest"
GUEST = "vasculum.guest"
"""Marks a request, in its WSGI environment, as come through the second door."""


def is_guest() -> bool:
    """Whether the request that is answered came through the second door."""
    return GUEST in request.environ


class NotPaired(VasculumError):
    """A guest without a session, or one that asks for what guests may not have."""


class PairingShut(VasculumError):
    """Too many wrong codes of late, by this visitor."""


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


@dataclass
class Phone:
    """One phone that was paired."""

    id: str
    name: str
    address: str
    until: float
    seen: float


@dataclass
class Visitor:
    """Who typed wrong codes: how many, and until when it is shut out."""

    wrong: int = 0
    shut_until: float = 0.0


class Network:
    """The second door of one app."""

    def __init__(
        self,
        app: Flask,
        folder: Path,
        address: Callable[[], str] = own_address,
        clock: Callable[[], float] = time.monotonic,
    ) -> None:
        self._app, self._folder, self._address, self._clock = app, folder, address, clock
        self._lock = threading.RLock()
        self._server: uvicorn.Server | None = None
        self._thread: threading.Thread | None = None
        self._certificate: Certificate | None = None
        self._host = ""
        self._code = ""
        self._code_until = 0.0
        self._wrong_of_all = 0
        self._visitors: dict[str, Visitor] = {}
        self._phones: dict[str, Phone] = {}
        self._paired = 0

    # ---- the switch ----------------------------------------------------------------------------------------------

    @property
    def is_on(self) -> bool:
        """Whether the door is open."""
        return self._server is not None

    @property
    def is_private(self) -> bool:
        """Whether what goes through the door can be read by nobody else in the network."""
        return self._certificate is not None

    @property
    def origin(self) -> str:
        """Where the door is, as a page names it."""
        return f"http{'s' if self.is_private else ''}://{self._host}"

    @property
    def url(self) -> str:
        """What a phone opens."""
        return f"{self.origin}/pair" if self.is_on else ""

    @property
    def fingerprint(self) -> str:
        """Of the certificate, to be compared on both screens."""
        return self._certificate.fingerprint if self._certificate else ""

    @property
    def code(self) -> str:
        """The code to type on the phone; after its time it is another."""
        with self._lock:
            if self.is_on and self._clock() >= self._code_until:
                self._next_code()
            return self._code

    @property
    def code_for(self) -> int:
        """Seconds that the code still pairs."""
        return max(0, round(self._code_until - self._clock())) if self.is_on else 0

    def open(self, is_private: bool = False) -> None:
        """Open the door on a free port; a door that is open in this way already stays as it is.

        Raises:
            NoNetwork: when this machine is in no network, may not listen there, or can make no certificate.
        """
        with self._lock:
            if self.is_on and self.is_private == is_private:
                return
            self.close()
            address = self._address()
            try:
                listening = socket.create_server((address, 0), backlog=256)
                self._certificate = self._certified(address) if is_private else None
            except OSError as refused:
                raise NoNetwork("no-network", f"Nothing can be opened at {address}.", "Try again.") from refused
            self._host = f"{address}:{listening.getsockname()[1]}"
            self._server = self._made()
            self._thread = threading.Thread(target=self._server.run, args=([listening],), daemon=True)
            self.new_code()
            self._thread.start()

    def _certified(self, address: str) -> Certificate:
        from vasculum.web.certificate import certificate_for  # loaded by the few who open a private door

        return certificate_for(address, self._folder)

    def _made(self) -> uvicorn.Server:
        """What answers at the door: whoever only connects takes no thread, and no place of another."""
        import uvicorn
        from a2wsgi import WSGIMiddleware

        app = WSGIMiddleware(cast("Any", self._from_outside), workers=THREADS)
        secret = str(self._certificate.file) if self._certificate else None
        config = uvicorn.Config(
            app, interface="asgi3", lifespan="off", log_config=None, access_log=False, server_header=False,
            date_header=False, proxy_headers=False, timeout_keep_alive=10, timeout_graceful_shutdown=1,
            h11_max_incomplete_event_size=HEADERS, http="h11", ws="none", loop="asyncio", ssl_certfile=secret,
        )  # fmt: skip
        return uvicorn.Server(config)

    def close(self) -> None:
        """Close the door; every pairing ends."""
        with self._lock:
            server, self._server = self._server, None
            thread, self._thread = self._thread, None
            self._phones.clear()
            self._visitors.clear()
            self._host, self._code, self._certificate = "", "", None
        if server is not None and thread is not None:
            server.should_exit = True
            thread.join(5)

    def _from_outside(self, environ: dict[str, Any], start_response: Any) -> Any:
        environ[GUEST] = "yes"
        return self._app.wsgi_app(environ, start_response)

    def picture(self) -> bytes:
        """The address as a code for a phone's camera, SVG."""
        out = io.BytesIO()
        segno.make(self.url or "off", micro=False).save(out, kind="svg", scale=6, border=3)
        return out.getvalue()

    # ---- pairing -------------------------------------------------------------------------------------------------

    def new_code(self) -> None:
        """Another code; whoever was shut out may try again."""
        with self._lock:
            self._visitors.clear()
            self._next_code()

    def _next_code(self) -> None:
        self._code = f"{secrets.randbelow(1_000_000):06d}"
        self._code_until = self._clock() + CODE_FOR
        self._wrong_of_all = 0

    def pair(self, code: str, visitor: str, agent: str = "") -> str:
        """A session for the right code, which pairs nobody else.

        Raises:
            PairingShut: after too many wrong ones by this visitor.
            WrongCode: otherwise.
        """
        with self._lock:
            now, known = self._clock(), self._visitors.get(visitor, Visitor())
            if now < known.shut_until:
                raise PairingShut(
                    "pairing-shut", "Too many wrong codes.", "Wait five minutes, or ask for a new code at the machine."
                )
            right = self.code
            if right and hmac.compare_digest(code.strip().encode("utf-8", "replace"), right.encode()):
                self._visitors.pop(visitor, None)
                self._next_code()
                return self._let_in(visitor, agent)
            raise self._refused(visitor, known)

    def _let_in(self, visitor: str, agent: str) -> str:
        session = secrets.token_urlsafe(32)
        self._paired += 1
        now = self._clock()
        name = f"Phone {self._paired}" + (f", {agent}" if agent else "")
        self._phones[session] = Phone(f"phone-{self._paired}", name, visitor, now + SESSION, now)
        return session

    def _refused(self, visitor: str, known: Visitor) -> WrongCode:
        """Count a wrong code, of this visitor and of all."""
        if known.shut_until and known.wrong >= MOST_WRONG:
            known = Visitor()
        known.wrong += 1
        self._visitors.pop(visitor, None)
        self._visitors[visitor] = known
        while len(self._visitors) > MOST_VISITORS:
            del self._visitors[next(iter(self._visitors))]
        left = MOST_WRONG - known.wrong
        if left <= 0:
            known.shut_until = self._clock() + SHUT_FOR
        self._wrong_of_all += 1
        if self._wrong_of_all >= MOST_WRONG_OF_ALL:
            self._next_code()
        return WrongCode("wrong-code", "That is not the code on the screen.", f"{max(left, 0)} tries are left.")

    @property
    def shut_out(self) -> list[tuple[str, int]]:
        """Who is shut out, by address, and for how many seconds."""
        with self._lock:
            now = self._clock()
            return [(at, round(one.shut_until - now)) for at, one in self._visitors.items() if one.shut_until > now]

    # ---- guests --------------------------------------------------------------------------------------------------

    @property
    def phones(self) -> list[Phone]:
        """The phones that are paired."""
        with self._lock:
            now = self._clock()
            self._phones = {session: one for session, one in self._phones.items() if one.until > now}
            return list(self._phones.values())

    def since(self, phone: Phone) -> int:
        """Seconds since a phone was last heard of."""
        return round(self._clock() - phone.seen)

    def send_away(self, phone_id: str) -> None:
        """End the session of one phone.

        Raises:
            NotPaired: where there is no such phone.
        """
        with self._lock:
            found = [session for session, one in self._phones.items() if one.id == phone_id]
            if not found:
                raise NotPaired("no-such-phone", f"No phone {phone_id!r} is paired.", "Look at the list.")
            del self._phones[found[0]]

    def check_address(self, asked: Request) -> None:
        """Let a request pass that was meant for this door, and comes from its own pages.

        Raises:
            NotPaired: for another name, or from a page elsewhere.
        """
        if asked.host != self._host:
            raise NotPaired("wrong-host", "This door answers to its own address only.", "Scan the code again.")
        origin = asked.headers.get("Origin")
        if origin not in (None, self.origin):
            raise NotPaired("wrong-origin", "A page elsewhere may not ask.", "Open it here.")

    def admit(self, asked: Request) -> None:
        """Let a paired guest's request pass, or refuse it.

        Raises:
            NotPaired: without a session.
        """
        with self._lock:
            phone = self._phones.get(asked.cookies.get(COOKIE, ""))
            if phone is None or phone.until <= self._clock():
                raise NotPaired("not-paired", "This phone is not paired.", "Type the code that the screen shows.")
            phone.seen = self._clock()
