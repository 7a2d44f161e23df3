"""What the insertion check passes really sweeps free: sampled with an independent geometry library."""

from __future__ import annotations

from fractions import Fraction

from hypothesis import assume, given, settings
from hypothesis import strategies as st
from shapely import Polygon, affinity
from shapely.geometry import box as rectangle

from tests.helpers import changed, drawer_of, solved, space_of, split, step
from vasculum.core.passing import AXES, PLACE, Room, Sizes, Way, goes_through, pieces, way_in, ways_through
from vasculum.plan.document.starting import new_plan

SIZE = st.integers(min_value=40, max_value=1600).map(Fraction)
ROOM = st.one_of(st.none(), st.integers(min_value=100, max_value=2400).map(Fraction))
BOXES = st.fixed_dictionaries({"width": SIZE, "height": SIZE, "depth": SIZE})
MOUTHS = st.tuples(SIZE, SIZE)
ROOMS = st.fixed_dictionaries({"across": ROOM, "up": ROOM, "along": ROOM})
ENDLESS = 1e6


def sweeps_free(way: Way, box: Sizes, room: Room) -> bool:
    """Each turn, degree by degree about its middle, stays within the room."""
    for turn in way.turns:
        one, other = (float(box[size]) for size in turn.sizes)
        across, up = (ENDLESS if room[axis] is None else float(room[axis] or 0) for axis in turn.axes)
        walls = rectangle(-across / 2, -up / 2, across / 2, up / 2).buffer(1e-6)
        lying = rectangle(-one / 2, -other / 2, one / 2, other / 2)
        if not all(walls.contains(affinity.rotate(lying, degrees, origin=(0, 0))) for degrees in range(91)):
            return False
    return True


@given(BOXES, MOUTHS, ROOMS)
def test_what_passes_sweeps_free_and_ends_in_place(box: Sizes, mouth: tuple[Fraction, Fraction], room: Room) -> None:
    way = way_in(box, mouth, room)
    if way is None:
        return
    assert box[way.lies[0]] <= mouth[0]
    assert box[way.lies[1]] <= mouth[1]
    assert sweeps_free(way, box, room)
    lies = list(way.lies)
    for turn in way.turns:
        one, other = (AXES.index(axis) for axis in turn.axes)
        assert (lies[one], lies[other]) == turn.sizes
        lies[one], lies[other] = lies[other], lies[one]
    assert tuple(lies) == tuple(PLACE.values())


@given(BOXES, MOUTHS)
def test_the_sorted_sizes_decide_whether_any_way_passes(box: Sizes, mouth: tuple[Fraction, Fraction]) -> None:
    small, middle, _ = sorted(box.values())
    narrow, wide = sorted(mouth)
    assert bool(ways_through(box, mouth)) == (small <= narrow and middle <= wide)


@given(BOXES, MOUTHS, ROOMS)
def test_more_room_never_hinders(box: Sizes, mouth: tuple[Fraction, Fraction], room: Room) -> None:
    wider: Room = {axis: None if size is None else size + 50 for axis, size in room.items()}
    if way_in(box, mouth, room):
        assert way_in(box, mouth, wider)


@given(st.tuples(SIZE, SIZE), MOUTHS)
def test_a_board_that_goes_through_does_so_at_some_angle(
    board: tuple[Fraction, Fraction], mouth: tuple[Fraction, Fraction]
) -> None:
    """Against every quarter of a degree; within a thousandth the sample cannot tell."""
    a, b = (float(side) for side in mouth)
    p, q = (float(side) for side in board)
    frame = rectangle(-a / 2, -b / 2, a / 2, b / 2)
    angles = [n / 4 for n in range(361)]

    def fits(share: float) -> bool:
        lying = rectangle(-p / 2 * share, -q / 2 * share, p / 2 * share, q / 2 * share)
        return any(frame.buffer(1e-9).contains(affinity.rotate(lying, angle, origin=(0, 0))) for angle in angles)

    if goes_through(board, mouth):
        assert fits(0.995)
    else:
        assert not fits(1.000001)


@given(SIZE, SIZE)
def test_pieces_are_the_fewest_that_go_through(size: Fraction, room: Fraction) -> None:
    count = pieces(size, room)
    assert size / count <= room
    assert count == 1 or size / (count - 1) > room


POINTS = st.lists(st.integers(0, 200), min_size=2, max_size=6)


@settings(max_examples=30)
@given(st.sampled_from(["left", "right"]), POINTS, st.integers(1, 12))
def test_no_box_meets_the_profile_that_stands_in_its_way(on: str, reaches: list[int], rise: int) -> None:
    """Two trays over each other beside a wheel arch of any outline: seen from the front, nothing overlaps."""
    assume(any(reaches))
    profile = [{"at": f"{n * rise * 5} mm", "projection": f"{reach} mm"} for n, reach in enumerate(reaches)]
    plan = new_plan("Van", "frameless", "mm", "800", "500", "600", "vehicle")
    plan = changed(plan, step("/choices/front", "none"))
    plan, trays = split(plan, drawer_of(plan), "rows", {"holds": "tray"}, {"holds": "tray"}, divider="board")
    one = {
        "name": "Arch",
        "what": "wheel_arch",
        "space": space_of(plan),
        "on": on,
        "projection": "0 mm",
        "profile": profile,
    }
    number = plan.next_id
    plan = changed(plan, step(f"/obstructions/obstruction-{number}", one), step("/next_id", number + 1, "replace"))
    done = solved(plan).solved
    edge = 0.0 if on == "left" else 800.0
    way = 1 if on == "left" else -1
    outline = [(edge + way * reach, n * rise * 5.0) for n, reach in enumerate(reaches)]
    arch = Polygon([(edge, outline[0][1]), *outline, (edge, outline[-1][1])]).buffer(0)
    for tray in trays:
        left, width = (float(done.value(tray, name)) for name in ("box_from_left", "outside_width"))
        floor, height = (float(done.value(tray, name)) for name in ("cell_from_floor", "cell_height"))
        assert rectangle(left, floor, left + width, floor + height).intersection(arch).area < 1e-6
        assert left >= 0
        assert left + width <= 800
