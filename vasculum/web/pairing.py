"""The switch of the second door, and the page on which a phone is paired."""

from __future__ import annotations

from html import escape

from flask import Blueprint, Response, current_app, redirect, request

from vasculum.core.errors import VasculumError
from vasculum.web.endpoints import Endpoints
from vasculum.web.messages import NetworkState, NetworkSwitch, Nothing, PhoneShown, ShutOut
from vasculum.web.network import COOKIE, SESSION, Network, NotPaired, is_guest

endpoints = Endpoints("network")
route = endpoints.route
pages = Blueprint("pairing", __name__)
FORM_POLICY = "default-src 'none'; style-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'"
STYLE = """body { font: 1.25rem/1.5 system-ui, sans-serif; max-width: 22rem; margin: 3rem auto; padding: 0 1rem;
  background: #f6f2e7; color: #1e2a25; }
label { display: block; margin-bottom: .4rem; }
input, button { font: inherit; width: 100%; box-sizing: border-box; min-height: 3.2rem; padding: .4rem .8rem;
  border: 1px solid #7c857d; border-radius: .3rem; margin-bottom: 1rem; }
input { font-size: 2rem; letter-spacing: .3em; }
button { background: #2e5e4a; color: #fffdf6; border: 0; font-weight: 600; }
.note { font-size: 1rem; }
.print { font-family: ui-monospace, monospace; font-size: 1.05rem; }
.refused { color: #8c2437; font-weight: 600; }
"""
PAGE = """<!doctype html><html lang="en"><head><meta charset="utf-8"><title>Pair with Vasculum</title>
<meta name="viewport" content="width=device-width, initial-scale=1">
<link rel="stylesheet" href="/pair/style.css"></head>
<body><h1>Pair this phone</h1>{said}
<form method="post" action="/pair"><label for="code">The six digits on the
screen</label><input id="code" name="code" inputmode="numeric" autocomplete="one-time-code" maxlength="6" autofocus
required><button>Pair</button></form>{note}</body></html>
"""
READABLE = """<p class="note"><strong>Not encrypted.</strong> Whoever is in this network can read what these pages
show and send: the code, names, notes and sizes; and could measure in their place. At the machine this door can be
opened encrypted.</p>
"""
PRIVATE = """<p class="note"><strong>Encrypted,</strong> with a certificate made on that machine. Both screens show its
fingerprint; in your browser it stands with the certificate. If they differ, somebody is in between.</p>
<p class="print">{fingerprint}</p>
"""


def network() -> Network:
    """The second door of the app that answers now."""
    found: Network = current_app.extensions["network"]
    return found


def _owner() -> Network:
    if is_guest():
        raise NotPaired("not-for-guests", "The door is opened and closed at the machine itself.", "Ask there.")
    return network()


def _state() -> NetworkState:
    door = network()
    if is_guest():
        return NetworkState(
            is_on=True, is_guest=True, is_private=door.is_private, fingerprint=door.fingerprint, url="", code="",
            code_for=0, phones=[], shut_out=[],
        )  # fmt: skip
    return NetworkState(
        is_on=door.is_on,
        is_guest=False,
        is_private=door.is_private,
        fingerprint=door.fingerprint,
        url=door.url,
        code=door.code,
        code_for=door.code_for,
        phones=[PhoneShown(id=one.id, name=one.name, address=one.address, seen=door.since(one)) for one in door.phones],
        shut_out=[ShutOut(address=address, seconds=seconds) for address, seconds in door.shut_out],
    )


@route("GET", "/network", NetworkState)
def network_state() -> NetworkState:
    """Whether the second door is open; its address and code are told at this machine only."""
    return _state()


@route("POST", "/network", NetworkState, NetworkSwitch, refuses=(403, 503))
def switch_network(body: NetworkSwitch) -> NetworkState:
    """Open or close the second door."""
    door = _owner()
    if body.is_on:
        door.open(body.is_private)
    else:
        door.close()
    return _state()


@route("POST", "/network/code", NetworkState, Nothing, refuses=(403,))
def make_new_code(body: Nothing) -> NetworkState:
    """Another code; whoever was shut out may try again."""
    _owner().new_code()
    return _state()


@route("DELETE", "/network/phones/<phone_id>", NetworkState, refuses=(403,))
def send_phone_away(phone_id: str) -> NetworkState:
    """End the session of one phone."""
    _owner().send_away(phone_id)
    return _state()


@route("GET", "/network/code.svg", media_type="image/svg+xml", refuses=(403,), for_guests=False)
def network_picture() -> Response:
    """The address of the second door as a picture for a phone's camera."""
    return Response(_owner().picture(), content_type="image/svg+xml")


@pages.get("/pair")
def pairing_page() -> Response:
    """The page that asks for the code; at this machine there is nothing to pair."""
    return _page("") if is_guest() else Response(status=404)


@pages.get("/pair/style.css")
def pairing_style() -> Response:
    """How it looks."""
    return Response(STYLE, content_type="text/css; charset=utf-8")


@pages.post("/pair")
def pair() -> Response:
    """Pair a phone by its code, or say why not."""
    if not is_guest():
        return Response(status=404)
    try:
        agent = _kind_of(request.user_agent.string)
        session = network().pair(request.form.get("code", ""), request.remote_addr or "", agent)
    except VasculumError as refused:
        return _page(f"{refused.message} {refused.fix}", 429 if refused.code == "pairing-shut" else 403)
    response = redirect("/", 303)
    secure = network().is_private
    response.set_cookie(COOKIE, session, max_age=SESSION, httponly=True, samesite="Strict", secure=secure)
    return Response(response.get_data(), response.status_code, response.headers)


def _page(said: str, status: int = 200) -> Response:
    told = f'<p class="refused" role="alert">{escape(said)}</p>' if said else ""
    headers = {
        "Content-Security-Policy": FORM_POLICY,
        "Cache-Control": "no-store",
        "Referrer-Policy": "same-origin",  # else a browser sends its form from nowhere
    }
    door = network()
    note = PRIVATE.format(fingerprint=in_fours(door.fingerprint)) if door.is_private else READABLE
    return Response(PAGE.format(said=told, note=note), status, headers, content_type="text/html; charset=utf-8")


def in_fours(fingerprint: str) -> str:
    """A fingerprint that two people can compare by reading it aloud: bytes in groups of four, a line for each."""
    parts = fingerprint.split(":")
    return "<br>".join(" ".join(parts[at : at + 4]) for at in range(0, len(parts), 4))


def _kind_of(agent: str) -> str:
    """What a browser says of its machine, as far as it is one of the usual words."""
    return next((word for word in ("iPhone", "iPad", "Android", "Windows", "Macintosh", "Linux") if word in agent), "")
