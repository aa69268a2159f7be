"""Plate or basket, and several plates through one pair of tubs."""

from itertools import combinations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from helpers import ball_mesh, box_mesh, subdivided
from numerus.geometry.mesh import merged
from numerus.post.washing.emptying import Hanging, Hollow, Looked, deep_share, known_deep_share
from numerus.post.washing.wash import Bath, soak_min
from numerus.post.washing.wash_queue import TAKE_MIN, queue_of
from numerus.post.washing.wash_ways import (
    BASKET,
    HANG_MIN,
    LIFT_MIN,
    MOVE_MIN,
    OFF_CLEAN_MIN,
    WHOLE,
    Tub,
    WetPlate,
    advised,
    ways_of,
)
from numerus.printing.hollow.tip import Tipping

TUB = Tub(200, 140, 1.5)
JUG = Hollow("jug", 2, Tipping(1.0, (0, 0, 1), (), 2.0))


def plate(**how: object) -> WetPlate:
    return WetPlate(
        **{"surface_cm2": 300.0, "film_mm": 0.08, "parts": 10, "tallest_mm": 40.0, "plate_mm": (140.0, 85.0), **how}
    )  # type: ignore[arg-type]


def test_liquid_stands_as_high_as_its_litres_over_the_tubs_floor() -> None:
    assert TUB.liquid_mm == pytest.approx(1500 / (20 * 14) * 10)
    assert TUB.takes(140, 85) and TUB.takes(85, 140) and TUB.takes(192, 132)
    assert not TUB.takes(192, 133) and not TUB.takes(195, 80)


def test_a_whole_plate_brings_its_own_film_along_and_spares_the_scraping() -> None:
    ways = ways_of(plate(), TUB, 24)
    assert ways[BASKET].carried_ml == pytest.approx(300 * 0.08 / 10)
    assert ways[WHOLE].carried_ml == pytest.approx((300 + 14 * 8.5) * 0.08 / 10)
    assert ways[WHOLE].hands_min == HANG_MIN + MOVE_MIN + OFF_CLEAN_MIN < ways[BASKET].hands_min == LIFT_MIN + MOVE_MIN
    assert advised(ways) == WHOLE and not ways[WHOLE].against


@pytest.mark.parametrize(
    ("how", "why"),
    [
        ({"plate_mm": (218.0, 123.0)}, "does not go into the tub"),
        ({"tallest_mm": 90.0}, "1.0 l short"),
        ({"hollow": (JUG,)}, "turned by hand (jug)"),
    ],
)
def test_what_speaks_against_the_whole_plate_is_named_and_a_basket_is_advised(how: dict, why: str) -> None:
    ways = ways_of(plate(**how), TUB, 24)
    assert advised(ways) == BASKET and why in ways[WHOLE].against[0]


def test_hollow_parts_are_swirled_by_either_way_and_bring_what_they_keep() -> None:
    dry, wet = ways_of(plate(), TUB, 24), ways_of(plate(hollow=(JUG,)), TUB, 24)
    assert wet[BASKET].carried_ml == pytest.approx(dry[BASKET].carried_ml + 2 * 1.0)
    assert wet[BASKET].hands_min == dry[BASKET].hands_min + 3.0
    assert ways_of(plate(parts=50), TUB, 24)[BASKET].loads == 3


@given(st.lists(st.sampled_from([WHOLE, BASKET]), min_size=1, max_size=5), st.floats(0, 60), st.floats(0, 60))
def test_plates_one_behind_the_other_never_meet_in_a_tub_nor_need_two_pairs_of_hands(
    keys: list[str], dirty_ml: float, clean_ml: float
) -> None:
    """Each soaks as long as its bath asks by then and is met when it is due; all together are never later than one by one."""
    ways = [ways_of(plate(), TUB, 24)[key] for key in keys]
    dirty, clean = Bath("Dirty", 1.5, dirty_ml), Bath("Clean", 1.5, clean_ml)
    queue = queue_of([(str(n), way) for n, way in enumerate(ways)], dirty, clean)
    assert [t.plate for t in queue.turns] == [str(n) for n in range(len(keys))]
    for one, other in combinations(queue.turns, 2):
        for mine, theirs in ((one.dirty, other.dirty), (one.clean, other.clean)):
            assert mine[1] <= theirs[0] + 1e-6 or theirs[1] <= mine[0] + 1e-6
    hands = sorted(h for t in queue.turns for h in (t.lifted, (t.dirty[1], t.clean[0]), (t.clean[1], t.out)))
    assert all(before[1] <= after[0] + 1e-6 for before, after in zip(hands, hands[1:], strict=False))
    assert all(
        t.dirty[0] >= t.lifted[1] - 1e-6 and t.clean[0] == pytest.approx(t.dirty[1] + TAKE_MIN) for t in queue.turns
    )
    assert queue.turns[0].dirty[1] - queue.turns[0].dirty[0] == pytest.approx(dirty.minutes())
    assert queue.minutes <= queue.one_by_one_min + 1e-6


def test_whole_plates_share_the_tubs_where_scraping_one_would_leave_another_soaking() -> None:
    """Hung in within a minute they overlap; baskets are all filled first."""
    ways = ways_of(plate(), TUB, 24)
    hung, filled = (
        queue_of([(str(n), ways[k]) for n in range(3)], Bath("D", 1.5, 0), Bath("C", 1.5, 0)) for k in (WHOLE, BASKET)
    )
    assert hung.minutes < hung.one_by_one_min and filled.minutes < filled.one_by_one_min
    assert filled.all_lifted


def test_what_lies_in_recesses_soaks_longer_within_what_thin_parts_bear() -> None:
    """Two blocks a millimetre apart have what faces the gap deep, a ball has nothing; a bath takes longer by that share."""
    jaws = merged([subdivided(box_mesh((4, 20, 20)), 4), subdivided(box_mesh((4, 20, 20), (5, 0, 0)), 4)])
    assert deep_share(ball_mesh(8.0)) == 0 and 0.2 < deep_share(jaws) < 0.5
    part = Hanging("jaws", "j", (0, 0, 1), 30.0), Hanging("ball", "b", (0, 0, 1), 10.0)
    known = {part[0].key: Looked(None, 0.4), part[1].key: Looked(None, 0.0)}
    assert known_deep_share(part, known) == pytest.approx(0.3)
    ways = ways_of(plate(deep_share=0.3), TUB, 24)
    bath = Bath("Dirty", 1.5, 0)
    assert soak_min(bath, ways[BASKET]) == pytest.approx(1.3 * bath.minutes())
    assert soak_min(Bath("Dirty", 1.5, 500, "glycol"), ways[WHOLE]) == 6.0


def test_a_plate_of_several_baskets_takes_the_tubs_as_often() -> None:
    """Three baskets of one plate are three turns, lifted off once, leaving all it carries."""
    way = ways_of(plate(parts=50), TUB, 24)[BASKET]
    queue = queue_of([("large", way)], Bath("D", 1.5, 0), Bath("C", 1.5, 0))
    assert [t.plate for t in queue.turns] == [f"large, basket {n}" for n in (1, 2, 3)]
    assert sum(t.lifted[1] - t.lifted[0] for t in queue.turns) == pytest.approx(LIFT_MIN)
    alone = queue_of([("small", ways_of(plate(), TUB, 24)[BASKET])], Bath("D", 1.5, 0), Bath("C", 1.5, 0))
    assert queue.minutes > alone.minutes
