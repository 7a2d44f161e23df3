"""Posts that are made: slotted strips in the corners of a bay, packed out where they stand off a wall. Exact mm."""

from __future__ import annotations

from collections.abc import Callable
from typing import TypeVar

from vasculum.core.catalogue import alternative, cut, good, piece, rule
from vasculum.core.errors import CannotDerive
from vasculum.core.flow import Stand
from vasculum.core.flow.things import Hand
from vasculum.core.lengths import Mm
from vasculum.core.passing import pieces
from vasculum.core.reasons import snap_down
from vasculum.core.rules.fastening.sold import count_along, longest_into
from vasculum.core.rules.obstructions.free import NOTHING

alternative(
    "posts_are.made",
    title="Made",
    about="Strips with slots at even steps; parts to cut, packed out and screwed to the walls.",
    order=2,
)
MADE = ("runner.posts", "posts_are.made", "posts_begin")
S = TypeVar("S", bound=Callable[..., Stand | None])
POSTS = ("post_left_front", "post_left_back", "post_right_front", "post_right_back")
MOST_SLOTS = 400
"""More slots than one post has."""
AFTER_THE_BOX = 22
"""Where posts stand in lists."""


@rule(source="geometry", per=("runner.posts", "below.open", "posts_are.made", "posts_alone"))
def post_from_floor(cell_from_floor: Mm) -> Mm:
    """Where something else hangs below, posts stand on the floor of their own place."""
    return cell_from_floor


@rule(source="common practice", label="length of the posts", per=MADE)
def post_length(cell_from_floor: Mm, cell_height: Mm, post_from_floor: Mm, wanted_post_length: Mm | None = None) -> Mm:
    """Posts are as long as their bay is high, unless a length was chosen."""
    return cell_from_floor + cell_height - post_from_floor if wanted_post_length is None else wanted_post_length


@rule(source="common practice", label="slots of a post, from its lower end", per=MADE)
def post_slots(post_length: Mm, post_first_slot: Mm, post_step: Mm) -> tuple[Mm, ...]:
    """From the first slot on one at each step, as far from the upper end as the first is from the lower.

    Raises:
        CannotDerive: ``too-many-slots``.
    """
    steps = pieces(post_length, post_step)
    if steps > MOST_SLOTS:
        raise CannotDerive(
            "too-many-slots",
            "A slot every {post_step} in a post {post_length} long: nobody cuts so many.",
            "Set them further apart.",
            post_step=post_step,
            post_length=post_length,
        )
    places = (post_first_slot + post_step * number for number in range(steps))
    return tuple(place for place in places if place <= post_length - post_first_slot)


@rule(source="common practice", per=("runner.posts", "posts_are.made"))
def runner_line(
    room_below_box: Mm,
    outside_height: Mm,
    post_step: Mm,
    post_first_slot: Mm,
    room_from_floor: Mm,
    post_from_floor: Mm,
    wanted_runner_line: Mm | None = None,
) -> Mm:
    """The runner line is on the slot at or below half-way up the box, or at or below where it was chosen.

    Above the floor of the box's room, to the centre of the runner.
    """
    wanted = room_below_box + outside_height / 2 if wanted_runner_line is None else wanted_runner_line
    first = post_from_floor + post_first_slot - room_from_floor
    return snap_down(wanted - first, post_step) + first


@rule(source="geometry", label="middle of a post", per=MADE)
def post_middle(post_width: Mm) -> Mm:
    """Slots stand in the middle of the post."""
    return post_width / 2


@rule(source="common practice", label="front posts behind the front", per=MADE)
def front_posts_from_front(members_from_front: Mm, post_inset_front: Mm) -> Mm:
    """The front posts stand behind where the clip rails begin."""
    return members_from_front + post_inset_front


@rule(source="common practice", label="back posts behind the front", per=MADE)
def back_posts_from_front(members_from_front: Mm, runner_length: Mm, post_inset_back: Mm, post_width: Mm) -> Mm:
    """The back posts end before where the clip rails end."""
    return members_from_front + runner_length - post_inset_back - post_width


@rule(source="geometry", label="face of the left posts, from the left", per=MADE)
def left_post_face(box_from_left: Mm, beside_box: Mm, post_thickness: Mm) -> Mm:
    """Clip rails and runners stand between the face of the posts and the box."""
    return box_from_left - beside_box + post_thickness


@rule(source="geometry", label="face of the right posts, from the left", per=MADE)
def right_post_face(box_from_left: Mm, outside_width: Mm, beside_box: Mm, post_thickness: Mm) -> Mm:
    """Clip rails and runners stand between the face of the posts and the box."""
    return box_from_left + outside_width + beside_box - post_thickness


@rule(source="common practice", label="packing behind the left posts", per=(*MADE, "left.edge"))
def post_packing_left(packing_blank_left: Mm = NOTHING, post_recess_left: Mm = NOTHING) -> Mm:
    """On the left the posts are packed out by what they do not fill themselves."""
    return packing_blank_left - post_recess_left


@rule(source="common practice", label="packing behind the right posts", per=(*MADE, "right.edge"))
def post_packing_right(packing_blank_right: Mm = NOTHING, post_recess_right: Mm = NOTHING) -> Mm:
    """On the right the posts are packed out by what they do not fill themselves."""
    return packing_blank_right - post_recess_right


@rule(source="geometry", per=("drawer", "left.edge", "runner.posts", "posts_are.made"))
def packing_strip_left() -> Mm:
    """Posts carry the runners: no strip stands behind these."""
    return NOTHING


@rule(source="geometry", per=("drawer", "right.edge", "runner.posts", "posts_are.made"))
def packing_strip_right() -> Mm:
    """Posts carry the runners: no strip stands behind these."""
    return NOTHING


def post(role: str, title: str, hand: Hand) -> Callable[[S], S]:
    """A post of a bay; the function says where it stands."""
    return piece(
        role,
        per=MADE,
        title=f"Post, {title}",
        length="post_length",
        width="post_width",
        thickness="post_thickness",
        stock="hardwood_strip",
        hand=hand,
        order=AFTER_THE_BOX,
    )


def packing(role: str, title: str, hand: Hand) -> Callable[[S], S]:
    """The packing behind a post, as long and as wide as the post; the function says where it stands."""
    side = "left" if hand == "L" else "right"
    return piece(
        f"{role}_packing",
        per=(*MADE, f"{side}.edge"),
        title=f"Packing behind the post, {title}",
        length="post_length",
        width="post_width",
        thickness=f"post_packing_{side}",
        stock="packing_strip",
        hand=hand,
        where=f"post_packing_{side}",
        order=AFTER_THE_BOX,
    )


@post("post_left_front", "left, in front", "L")
def left_front(left_post_face: Mm, post_thickness: Mm, front_posts_from_front: Mm, post_from_floor: Mm) -> Stand:
    """On the left in front, its slots to the right."""
    return Stand(left_post_face - post_thickness, front_posts_from_front, post_from_floor, "up", "back", 1)


@post("post_left_back", "left, behind", "L")
def left_back(left_post_face: Mm, post_thickness: Mm, back_posts_from_front: Mm, post_from_floor: Mm) -> Stand:
    """On the left behind, its slots to the right."""
    return Stand(left_post_face - post_thickness, back_posts_from_front, post_from_floor, "up", "back", 1)


@post("post_right_front", "right, in front", "R")
def right_front(right_post_face: Mm, front_posts_from_front: Mm, post_from_floor: Mm) -> Stand:
    """On the right in front, its slots to the left."""
    return Stand(right_post_face, front_posts_from_front, post_from_floor, "up", "back", -1)


@post("post_right_back", "right, behind", "R")
def right_back(right_post_face: Mm, back_posts_from_front: Mm, post_from_floor: Mm) -> Stand:
    """On the right behind, its slots to the left."""
    return Stand(right_post_face, back_posts_from_front, post_from_floor, "up", "back", -1)


@packing("post_left_front", "left, in front", "L")
def left_front_packing(
    left_post_face: Mm,
    post_thickness: Mm,
    post_packing_left: Mm,
    front_posts_from_front: Mm,
    post_from_floor: Mm,
) -> Stand:
    """Between the wall on the left and the post in front."""
    across = left_post_face - post_thickness - post_packing_left
    return Stand(across, front_posts_from_front, post_from_floor, "up", "back", 1)


@packing("post_left_back", "left, behind", "L")
def left_back_packing(
    left_post_face: Mm,
    post_thickness: Mm,
    post_packing_left: Mm,
    back_posts_from_front: Mm,
    post_from_floor: Mm,
) -> Stand:
    """Between the wall on the left and the post behind."""
    across = left_post_face - post_thickness - post_packing_left
    return Stand(across, back_posts_from_front, post_from_floor, "up", "back", 1)


@packing("post_right_front", "right, in front", "R")
def right_front_packing(
    right_post_face: Mm, post_thickness: Mm, front_posts_from_front: Mm, post_from_floor: Mm
) -> Stand:
    """Between the post in front and the wall on the right."""
    return Stand(right_post_face + post_thickness, front_posts_from_front, post_from_floor, "up", "back", -1)


@packing("post_right_back", "right, behind", "R")
def right_back_packing(
    right_post_face: Mm, post_thickness: Mm, back_posts_from_front: Mm, post_from_floor: Mm
) -> Stand:
    """Between the post behind and the wall on the right."""
    return Stand(right_post_face + post_thickness, back_posts_from_front, post_from_floor, "up", "back", -1)


cut(
    "holes",
    per=MADE,
    into=POSTS,
    title="Slots for the hooks",
    datums="front",
    at="post_middle",
    holes="post_slots",
    holes_from="lower",
)


@rule(source="common practice", label="screws of the posts of one side", per=MADE, unit="count")
def post_screws(post_length: Mm, joint_screw_margin: Mm, joint_screw_pitch: Mm) -> Mm:
    """Both posts of a side are screwed to their wall, two screws at least in each."""
    return Mm(2 * count_along(post_length, joint_screw_margin, joint_screw_pitch, 2))


@rule(source="from memory", label="length of screws of the left posts", per=MADE)
def post_screw_left(
    post_thickness: Mm,
    post_wall_left: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
    post_packing_left: Mm = NOTHING,
) -> Mm:
    """The longest that is sold and ends inside the wall, through post and packing."""
    return longest_into(
        screw_lengths,
        post_thickness + post_packing_left,
        post_wall_left,
        thin_stock,
        least_thin_cover,
        least_screw_cover,
    )


@rule(source="from memory", label="length of screws of the right posts", per=MADE)
def post_screw_right(
    post_thickness: Mm,
    post_wall_right: Mm,
    thin_stock: Mm,
    least_thin_cover: Mm,
    least_screw_cover: Mm,
    screw_lengths: tuple[Mm, ...],
    post_packing_right: Mm = NOTHING,
) -> Mm:
    """The longest that is sold and ends inside the wall, through post and packing."""
    return longest_into(
        screw_lengths,
        post_thickness + post_packing_right,
        post_wall_right,
        thin_stock,
        least_thin_cover,
        least_screw_cover,
    )


@rule(source="from memory", label="wall that the left posts are screwed to", per=(*MADE, "left.edge"))
def post_wall_left(post_thickness: Mm, standing_wall: Mm | None = None) -> Mm:
    """As thick as was measured; until then as thick as the posts."""
    return post_thickness if standing_wall is None else standing_wall


@rule(source="from memory", label="wall that the right posts are screwed to", per=(*MADE, "right.edge"))
def post_wall_right(post_thickness: Mm, standing_wall: Mm | None = None) -> Mm:
    """As thick as was measured; until then as thick as the posts."""
    return post_thickness if standing_wall is None else standing_wall


for side in ("left", "right"):
    good(
        "screw",
        per=(*MADE, f"{side}.edge"),
        title="Screw for posts",
        count="post_screws",
        size=f"post_screw_{side}",
        through=("post_thickness", f"post_packing_{side}"),
        holds="walls",
    )
    good(
        "screw",
        per=(*MADE, f"{side}.divider"),
        title="Screw for posts",
        count="post_screws",
        size=f"post_screw_{side}",
        through=("post_thickness",),
        holds="walls",
    )
