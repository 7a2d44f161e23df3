"""Devices at the bench: the simulated tape and label printer, switched on when they are first asked."""

from __future__ import annotations

from io import BytesIO
from threading import Lock
from typing import Annotated

from flask import Response, current_app
from pydantic import Field

from vasculum.core.errors import NoSuchQuantity
from vasculum.devices.label_protocol import Dots, print_labels
from vasculum.devices.protocol import measure
from vasculum.devices.simulated_label_printer import SimulatedLabelPrinter
from vasculum.devices.simulated_tape import SimulatedTape
from vasculum.plan.document import Model
from vasculum.plan.telling.labels import labels_of
from vasculum.web.desk import desk
from vasculum.web.endpoints import Endpoints
from vasculum.web.files import page_of
from vasculum.web.messages import TapeAnswer, TapeAsked

endpoints = Endpoints("devices")
route = endpoints.route


class Bench:
    """The devices of one app."""

    def __init__(self) -> None:
        self._tape: SimulatedTape | None = None
        self._printer: SimulatedLabelPrinter | None = None
        self._lock = Lock()

    def tape(self) -> tuple[str, int]:
        """Where the tape answers."""
        with self._lock:
            if self._tape is None:
                self._tape = SimulatedTape()
            return self._tape.address

    def printer(self) -> SimulatedLabelPrinter:
        """The label printer."""
        with self._lock:
            if self._printer is None:
                self._printer = SimulatedLabelPrinter()
            return self._printer

    def close(self) -> None:
        """Switch everything off."""
        with self._lock:
            if self._tape is not None:
                self._tape.close()
                self._tape = None
            if self._printer is not None:
                self._printer.close()
                self._printer = None


@route("POST", "/devices/tape", TapeAnswer, TapeAsked, refuses=(503,), for_guests=True)
def read_tape(body: TapeAsked) -> TapeAnswer:
    """One reading of the tape; nothing is kept."""
    reading = measure(_bench().tape(), body.of)
    return TapeAnswer(value=reading.value, plus_minus=reading.plus_minus, device=reading.device)


class LabelsWanted(Model):
    """Which labels of a plan go to the printer: of one place, or all of them."""

    plan: Annotated[str, Field(max_length=60)]
    place: Annotated[str | None, Field(max_length=60)] = None


class LabelsPrinted(Model):
    """What the label printer printed; a simulated one shows each by its number."""

    device: str
    numbers: list[int]


@route("POST", "/devices/labels", LabelsPrinted, LabelsWanted, refuses=(404, 503))
def print_on_tape(body: LabelsWanted) -> LabelsPrinted:
    """Print the labels of a plan on the label printer; nothing is changed."""
    from vasculum.export.label_strip import strip_of

    plan = desk().plans.get(body.plan).plan
    wanted = [one for one in labels_of(plan) if body.place in (None, one.place)]
    if not wanted:
        raise NoSuchQuantity("no-such-place", f"There is no label for {body.place!r} in this plan.")

    def made(across: int) -> list[Dots]:
        strips = [strip_of(one, page_of(body.plan, one.place), across) for one in wanted]
        return [Dots(strip.width, strip.height, strip.tobytes()) for strip in strips]

    printed = print_labels(_bench().printer().address, made)
    return LabelsPrinted(device=printed.device, numbers=printed.numbers)


@route("GET", "/devices/labels/<number>.png", media_type="image/png", refuses=(404,), for_guests=False)
def printed_label(number: str) -> Response:
    """What the simulated label printer would have printed."""
    from PIL import Image

    dots = _bench().printer().printed.get(int(number) if number.isascii() and number.isdigit() else 0)
    if dots is None:
        raise NoSuchQuantity(
            "no-such-label", f"The label printer has no label {number[:20]!r} any more.", "Print it again."
        )
    out = BytesIO()
    Image.frombytes("1", (dots.along, dots.across), dots.rows).save(out, "PNG")
    return Response(out.getvalue(), content_type="image/png")


def _bench() -> Bench:
    found: Bench = current_app.extensions["bench"]
    return found
