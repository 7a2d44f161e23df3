"""The switch of the second door, and the page on which a phone is paired."""

from __future__ import annotations

from html import escape

from flask import Blueprint, Response, current_app, redirect, request

from vasculum.core.errors import VasculumError
from vasculum.web.endpoints import Endpoints
from vasculum.web.messages import NetworkState, NetworkSwitch
from vasculum.web.network import COOKIE, GUEST, SESSION, Network, NotPaired

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
.refused { color: #8c2437; font-weight: 600; }
"""
PAGE = """<!doctype html><html lang="en"><head><meta charset="utf-8"><title>Pair with Vasculum</title>
<meta name="viewport" content="width=device-width, initial-scale=1">
<link rel="stylesheet" href="/pair/style.css"></head>
<body><h1>Pair this phone</h1>{said}
<form method="post" action="/pair"><label for="code">The six digits on the
screen</label><input id="code" name="code" inputmode="numeric" autocomplete="one-time-code" maxlength="6" autofocus
required><button>Pair</button></form></body></html>
"""


def network() -> Network:
    """The second door of the app that answers now."""
    found: Network = current_app.extensions["network"]
    return found


def is_guest() -> bool:
    """Whether the request came through the second door."""
    return GUEST in request.environ


def _owner() -> Network:
    if is_guest():
        raise NotPaired("not-for-guests", "The door is opened and closed at the machine itself.", "Ask there.")
    return network()


def _state() -> NetworkState:
    if is_guest():
        return NetworkState(is_on=True, is_guest=True, url="", code="", guests=0)
    door = network()
    return NetworkState(is_on=door.is_on, is_guest=False, url=door.url, code=door.code, guests=door.guests)


@route("GET", "/network", NetworkState)
def network_state() -> NetworkState:
    """Whether the second door is open; its address and code are told at this machine only."""
    return _state()


@route("POST", "/network", NetworkState, NetworkSwitch, refuses=(403, 503))
def switch_network(body: NetworkSwitch) -> NetworkState:
    """Open or close the second door."""
    door = _owner()
    if body.is_on:
        door.open()
    else:
        door.close()
    return _state()


@route("GET", "/network/code.svg", media_type="image/svg+xml", refuses=(403,))
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
        session = network().pair(request.form.get("code", ""))
    except VasculumError as refused:
        return _page(f"{refused.message} {refused.fix}", 429 if refused.code == "pairing-shut" else 403)
    response = redirect("/", 303)
    response.set_cookie(COOKIE, session, max_age=SESSION, httponly=True, samesite="Strict")
    return Response(response.get_data(), response.status_code, response.headers)


def _page(said: str, status: int = 200) -> Response:
    told = f'<p class="refused" role="alert">{escape(said)}</p>' if said else ""
    headers = {"Content-Security-Policy": FORM_POLICY, "Cache-Control": "no-store"}
    return Response(PAGE.format(said=told), status, headers, content_type="text/html; charset=utf-8")
