"""What a runner asks of its box, and how hard it pulls."""

from __future__ import annotations

from fractions import Fraction

from vasculum.core.catalogue import check
from vasculum.core.flow import Finding
from vasculum.core.lengths import Mm
from vasculum.core.reasons import longest_not_over, smallest


@check(source="common practice", per="rolling")
def box_does_not_rack(outside_width: Mm, runner_length: Mm, rack_ratio: Fraction) -> Finding | None:
    """A box is not much wider than its runners are long."""
    if outside_width <= rack_ratio * runner_length:
        return None
    return Finding(
        "box-racks",
        "note",
        "A box {width} wide on runners {length} long racks: it is pulled askew from one side.",
        "Take longer runners, two narrower drawers, or pull it with two hands.",
        {"width": outside_width, "length": runner_length},
        ("outside_width", "runner_length"),
    )


@check(source="from memory", per="runner.undermount")
def undermount_hooks_in(side_thickness: Mm, undermount_side: Mm) -> Finding | None:
    """A concealed runner takes sides up to a thickness."""
    if side_thickness <= undermount_side:
        return None
    return Finding(
        "side-too-thick-for-runner",
        "stop",
        "Concealed runners take sides up to {most}; these are {side}.",
        "Use thinner sides, or another runner; the sheet that came with it comes first.",
        {"most": undermount_side, "side": side_thickness},
        ("outside_width",),
    )


@check(source="from memory", per=("runner.undermount", "in_grooves"))
def bottom_stands_over_the_runner(bottom_raise: Mm, undermount_raise: Mm) -> Finding | None:
    """Over a concealed runner the bottom is raised."""
    if bottom_raise >= undermount_raise:
        return None
    return Finding(
        "bottom-meets-runner",
        "attention",
        "The runner needs {needs} below the bottom; it is raised {raised}.",
        "Raise the bottom.",
        {"needs": undermount_raise, "raised": bottom_raise},
        ("inside_height",),
    )


@check(source="from memory", per="runner.centre_mount")
def centre_mount_stays_narrow(outside_width: Mm, centre_widest: Mm) -> Finding | None:
    """On one rail in the middle a box is narrow and light."""
    if outside_width <= centre_widest:
        return None
    return Finding(
        "wide-on-one-rail",
        "attention",
        "A box {width} wide tips on one rail in the middle; {most} is wide for it.",
        "Hang it on runners at both sides.",
        {"width": outside_width, "most": centre_widest},
        ("outside_width",),
    )


@check(source="from memory", per="drawer")
def pulled_with_one_hand(pull_force: float, hard_pull: Fraction) -> Finding | None:
    """A drawer that is pulled many times a day comes easily."""
    if pull_force <= hard_pull:
        return None
    return Finding(
        "hard-to-pull",
        "note",
        "Full, it is pulled with {force_n}: hard for many times a day.",
        "Put it on rolling runners, wax what slides, or load it less.",
        {"force_n": pull_force},
        ("pull_force",),
    )


@check(source="common practice", per="rated")
def runners_carry_it(
    runner_load: float, most_runner_load: Fraction, carried_weight: float, runner_rating: Fraction
) -> Finding | None:
    """A pair of runners keeps a reserve."""
    if runner_load <= most_runner_load:
        return None
    return Finding(
        "runner-overloaded" if runner_load > 1 else "runner-near-its-rating",
        "stop" if runner_load > 1 else "attention",
        "Full, the drawer weighs {carried_kg}; the pair is rated for {rating_kg}.",
        "Use a stronger pair, or load it less.",
        {"carried_kg": carried_weight, "rating_kg": runner_rating},
        ("runner_load",),
    )


@check(source="common practice", per="runner.batten")
def tray_stays_on_its_battens(batten_engagement: Mm, batten_projection: Mm, tray_play: Mm) -> Finding | None:
    """A tray pushed to one side does not fall between its battens."""
    if batten_engagement > 0:
        return None
    return Finding(
        "tray-falls-between",
        "stop",
        "Battens stand out {lip}, and the tray has a play of {play}: pushed to one side it falls.",
        "Use battens that stand out further, or pack each side by more than {packing}.",
        {"lip": batten_projection, "play": tray_play, "packing": (tray_play - batten_projection) / 2},
        ("batten_engagement",),
    )


@check(source="geometry", per="runner.batten")
def battens_have_their_room(room_below_box: Mm, runner_height: Mm) -> Finding | None:
    """Under a tray is room for the battens that it rides on."""
    if room_below_box >= runner_height:
        return None
    return Finding(
        "no-room-for-battens",
        "stop",
        "Battens {height} high stand under the tray; only {room} are left there.",
        "Give the tray more play below, or use lower battens.",
        {"height": runner_height, "room": room_below_box},
        ("room_below_box",),
    )


@check(source="common practice", per="runner.hung", when=("hung_plate_width",))
def plate_carries_what_hangs(hung_across: Mm, hung_plate_width: Mm) -> Finding | None:
    """The plate is no narrower than what hangs under it."""
    if hung_plate_width >= hung_across:
        return None
    return Finding(
        "plate-too-narrow",
        "stop",
        "Box, runners and rails come to {across}; the plate is {plate} wide.",
        "Use a wider plate, or a narrower box.",
        {"across": hung_across, "plate": hung_plate_width},
        ("hung_across",),
    )


@check(source="common practice", per="runner.hung")
def room_takes_the_rails(room_height: Mm, hung_height_needed: Mm) -> Finding | None:
    """Under the top is room for both rails."""
    if room_height >= hung_height_needed:
        return None
    return Finding(
        "no-room-for-rails",
        "stop",
        "Rails and runners need a height of {needs}; there are {room}.",
        "Use lower rails, or give the drawer more height.",
        {"needs": hung_height_needed, "room": room_height},
        ("hung_height_needed",),
    )


@check(source="from memory", per="rated_in_vehicle")
def runners_carry_it_on_the_road(
    runner_load: float, most_runner_load_moving: Fraction, carried_weight: float, runner_rating: Fraction
) -> Finding | None:
    """In a vehicle, where loads jolt, a pair of runners keeps more in reserve."""
    if runner_load <= most_runner_load_moving:
        return None
    return Finding(
        "runner-loaded-on-the-road",
        "attention",
        "Full, the drawer weighs {carried_kg}; on the road a pair rated for {rating_kg} wants more in reserve.",
        "Use a stronger pair, or load it less.",
        {"carried_kg": carried_weight, "rating_kg": runner_rating},
        ("runner_load",),
    )


@check(source="common practice", per="rolling", when=("wanted_runner_length",))
def runners_are_sold_so_long(wanted_runner_length: Mm, runner_stock_lengths: tuple[Mm, ...]) -> Finding | None:
    """A runner comes in the lengths that it is sold in."""
    if wanted_runner_length in runner_stock_lengths:
        return None
    nearest = longest_not_over(wanted_runner_length, runner_stock_lengths)
    return Finding(
        "runner-not-sold-so-long",
        "note",
        "A runner of {wanted} is not among the lengths that it is sold in.",
        "Measure the pair in hand, or take {nearest}; the lengths that are sold can be changed with the runner.",
        {
            "wanted": wanted_runner_length,
            "nearest": smallest(*runner_stock_lengths) if nearest is None else nearest,
        },
        ("runner_length",),
    )
