"""Do the cuts in one wall leave it whole, and is the stock thick enough for its joint."""

from __future__ import annotations

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import largest, smallest


@check(source="from memory", per="in_grooves")
def groove_leaves_its_edge(bottom_raise: Mm, least_groove_edge: Mm) -> Finding | None:
    """Below the groove for the bottom enough of the wall is left to carry."""
    if bottom_raise >= least_groove_edge:
        return None
    return Finding(
        "groove-near-the-edge",
        "attention",
        "Below the groove only {left} of the wall is left; {least} is the least that carries.",
        "Raise the bottom, or plant it under the box.",
        {"left": bottom_raise, "least": least_groove_edge},
        ("inside_height",),
    )


@check(source="geometry", per=("runner.wooden", "in_grooves"))
def grooves_do_not_meet(
    runner_groove_from_edge: Mm,
    runner_groove_width: Mm,
    runner_groove_depth: Mm,
    bottom_raise: Mm,
    groove_width: Mm,
    groove_depth_side: Mm,
    side_thickness: Mm,
) -> Finding | None:
    """The groove for the runner outside and the one for the bottom inside do not cut the side through."""
    web = side_thickness - runner_groove_depth - groove_depth_side
    is_beside = bottom_raise < runner_groove_from_edge + runner_groove_width
    is_beside = is_beside and runner_groove_from_edge < bottom_raise + groove_width
    if web > 0 or not is_beside:
        return None
    return Finding(
        "grooves-meet",
        "stop",
        "The groove for the runner, {outside} deep, meets the one for the bottom, {inside} deep, in a side of {side}.",
        "Put the runner line higher, or cut one of them less deep.",
        {"outside": runner_groove_depth, "inside": groove_depth_side, "side": side_thickness},
        ("runner_groove_from_edge",),
    )


@check(source="from memory", per="joint.half_blind")
def front_is_thick_enough_for_sockets(socket_depth_front: Mm, least_socket: Mm) -> Finding | None:
    """Half-blind sockets are deep enough to hold."""
    if socket_depth_front >= least_socket:
        return None
    return Finding(
        "dovetail-in-thin-stock",
        "attention",
        "Sockets of {depth} hardly hold; {least} is the least.",
        "Use a thicker front, a thinner web, or another joint at the front.",
        {"depth": socket_depth_front, "least": least_socket},
        ("socket_depth_front",),
    )


@check(source="common practice", per="joint.sliding_dovetail")
def slot_leaves_its_end(sliding_set_in: Mm, least_set_in: Mm) -> Finding | None:
    """Outside a sliding dovetail the end grain is not too short."""
    if sliding_set_in >= least_set_in:
        return None
    return Finding(
        "short-grain",
        "attention",
        "Only {left} of short grain is left outside the slot; {least} is the least.",
        "Set the slot further in.",
        {"left": sliding_set_in, "least": least_set_in},
        ("box_front_length",),
    )


@check(source="geometry", per=("back.sliding_dovetail", "lined", "rolling"))
def back_passes_its_runners(box_back_length_cut: Mm, outside_width: Mm) -> Finding | None:
    """A back that reaches past the sides would be pulled into the members that stay in the case."""
    past = (box_back_length_cut - outside_width) / 2
    if past <= 0:
        return None
    return Finding(
        "back-meets-runner",
        "stop",
        "The back reaches {past} past the sides, where the runner stands: the drawer cannot be pulled out.",
        "Join the back in another way, a dado in the sides for one, or carry the box from below.",
        {"past": past},
        ("box_back_length_cut",),
    )


@check(source="geometry", per="joint.sliding_dovetail")
def front_keeps_to_its_room(box_front_length_cut: Mm, free_width: Mm) -> Finding | None:
    """A box front that reaches past the sides stays inside the room beside the box."""
    return _past_its_room("front", box_front_length_cut, free_width)


@check(source="geometry", per="back.sliding_dovetail")
def back_keeps_to_its_room(box_back_length_cut: Mm, free_width: Mm) -> Finding | None:
    """A back that reaches past the sides stays inside the room beside the box."""
    return _past_its_room("back", box_back_length_cut, free_width)


def _past_its_room(end: str, length: Mm, room: Mm) -> Finding | None:
    if length <= room:
        return None
    return Finding(
        f"{end}-past-its-room",
        "stop",
        f"The {end} of the box is {{length}} long, {{over}} more than the {{room}} it stands in.",
        "Set the slots in by less, or join it in another way.",
        {"length": length, "over": length - room, "room": room},
        (f"box_{end}_length_cut",),
    )


@check(source="common practice", per="joint.integral")
def integral_front_closes_its_joint(lock_stand_off: Mm) -> Finding | None:
    """Between a face that is the front of the box and its sides nothing stands off."""
    if lock_stand_off == 0:
        return None
    return Finding(
        "stand-off-opens-the-joint",
        "stop",
        "The face is the front of the box: a stand-off of {off} leaves its joint open by as much.",
        "Take the stand-off away, or give the box a front of its own.",
        {"off": lock_stand_off},
        ("set_back",),
    )


@check(source="common practice", per="divider_joint.housed")
def housings_leave_their_boards(divider_housed: Mm, low_end_host: Mm, high_end_host: Mm) -> Finding | None:
    """A dado for a divider leaves half of the board that it is cut into."""
    host = smallest(low_end_host, high_end_host)
    if 2 * divider_housed <= host:
        return None
    return Finding(
        "dado-too-deep",
        "attention",
        "Dados {depth} deep leave less than half of a board {host} thick.",
        "Half the board is the most; a third leaves a third where dividers are let in from both sides.",
        {"depth": divider_housed, "host": host},
        ("divider_housed",),
    )


@check(source="common practice", per=("divided.board", "divider_unhoused"))
def dividers_are_housed_in_new_boards() -> Finding | None:
    """Nothing can be let into what exists, or into no board at all: such dividers are butted."""
    return Finding(
        "nothing-to-be-let-into",
        "attention",
        "Dividers were chosen to be housed, but they end at what exists, or at no board; they are butted.",
        "Butt them, or build a new case round them.",
        {},
        ("divider_housed",),
    )


@check(source="common practice", per=("divided.board", "ends_in_the_air"))
def dividers_end_at_boards() -> Finding | None:
    """A divider is fixed at both ends."""
    return Finding(
        "divider-ends-at-nothing",
        "attention",
        "Dividers here end at a row without a board: at that end nothing holds them.",
        "Put boards between those rows, or fix the divider from behind.",
        {},
        ("divider_length_cut",),
    )


@check(source="common practice", per=("divided.board", "boards_kept"))
def boards_stay_where_they_are_wanted() -> Finding | None:
    """What hangs on walls, laps them or lies between them has boards beside it, whatever was chosen."""
    return Finding(
        "columns-want-boards",
        "attention",
        "Columns were chosen without boards between them, but one of them holds what wants a wall; boards stand there.",
        "Let the columns hold bins or open bays alone, or take the boards.",
        {},
        ("divider_thickness",),
    )


@check(source="geometry", per="divided.board")
def fasteners_stay_on_their_divider(divider_fixings: tuple[Mm, ...], divider_depth_cut: Mm) -> Finding | None:
    """Fasteners stand before the back edge of the divider that they hold."""
    last = largest(Mm(0), *divider_fixings)
    if last < divider_depth_cut:
        return None
    return Finding(
        "fastener-past-the-edge",
        "attention",
        "The last fastener of the dividers stands {last} behind their front edge; they are {depth} deep.",
        "Put the first fastener further from the end.",
        {"last": last, "depth": divider_depth_cut},
        ("divider_fixings",),
    )
