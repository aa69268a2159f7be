"""Exercises ask the same by their seed and are marked by what is true: recomputed here by other ways."""

from __future__ import annotations

from itertools import combinations, permutations
from math import log

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from numerus.colour.light import value_of
from numerus.diagnosis.likelihoods import ConfirmedCase, Seen, usual
from numerus.domain.painting.paints import Paint
from numerus.trainer.bench_time import POT_MIN, WINDOW_MIN, Job, best_firsts, dries_first, mark_next, what_next, work_in
from numerus.trainer.estimating import SeenPart, calibration, estimate, mark_guess
from numerus.trainer.exercise import GOOD, level_of
from numerus.trainer.failed_plate import FINDS, OWN_SEED, failed_plate, own_plates
from numerus.trainer.matching import mix_to_match
from numerus.trainer.reading import SAME_L, mark_order, melting, values

LEVELS = st.integers(1, 3)
SEEDS = st.integers(0, 10_000)
POTS = [
    Paint(f"p{n}", name, "", colour, 18.0)
    for n, (name, colour) in enumerate(
        (
            ("Soot", "#1d1c1b"),
            ("Bone", "#e6dcc0"),
            ("Rust", "#8a4a24"),
            ("Sedge", "#5d6b3a"),
            ("River", "#2f5d73"),
            ("Flame", "#e0a020"),
        )
    )
]


@given(SEEDS, LEVELS)
def test_the_same_seed_asks_the_same(seed: int, level: int) -> None:
    """Another seed another."""
    for make in (values, melting, dries_first, what_next):
        assert make(seed, level).cards == make(seed, level).cards
    assert values(seed, level).cards != values(seed + 1, level).cards


@given(SEEDS, LEVELS)
def test_values_are_read_from_what_is_shown(seed: int, level: int) -> None:
    """The order by the colours' own lightness is right; turned round it is all wrong; what no eye parts may stand either way."""
    ask = values(seed, level)
    lights = [value_of(c.colour) for c in ask.cards]
    order = sorted(range(6), key=lights.__getitem__)
    assert ask.mark(order).score == 1.0 and ask.mark(order[::-1]).score == 0.0
    near = [50.0, 50.0 + SAME_L / 2, 70.0]
    assert mark_order(near, [0, 1, 2]).score == mark_order(near, [1, 0, 2]).score == 1.0


@given(SEEDS, LEVELS)
def test_one_pair_melts_and_no_other(seed: int, level: int) -> None:
    """By trying all ten pairs on the colours shown."""
    ask = melting(seed, level)
    lights = [value_of(c.colour) for c in ask.cards]
    right = [pair for pair in combinations(range(5), 2) if ask.mark(pair).good]
    assert right == [min(combinations(range(5), 2), key=lambda p: abs(lights[p[0]] - lights[p[1]]))]


@given(SEEDS, LEVELS)
def test_what_dries_first_is_read_off_the_cards(seed: int, level: int) -> None:
    """Minutes it dries less minutes ago; every zone that is as soon dry is right."""
    ask = dries_first(seed, level)
    left = [int(c.lines[1].split()[1]) - int(c.lines[2].split()[2]) for c in ask.cards]
    assert all(n > 0 for n in left) and [ask.mark([n]).good for n in range(4)] == [n == min(left) for n in left]


def simulated(order: tuple[Job, ...], pot: str) -> int:
    """Minute by minute: what an order brings into the window."""
    clock, done, queue = 0, 0, list(order)
    while queue:
        job = queue.pop(0)
        ready = clock + (POT_MIN if job.pot != pot else 0)
        while ready < job.ready_min:
            ready += 1
        if ready + job.minutes <= WINDOW_MIN:
            clock, done, pot = ready + job.minutes, done + job.minutes, job.pot
    return done


@given(SEEDS, LEVELS)
def test_every_beginning_of_a_best_order_is_right(seed: int, level: int) -> None:
    """No first stroke of an order that does as much is marked wrong; by a simulation of its own."""
    ask = what_next(seed, level)
    jobs = [
        Job(
            c.title,
            0 if c.lines[2] == "dry now" else int(c.lines[2].split()[2]),
            int(c.lines[0].split()[0]),
            c.lines[1].split()[1],
        )
        for c in ask.cards
    ]
    most = max(simulated(o, "brown") for o in permutations(jobs))
    can = {jobs.index(o[0]) for o in permutations(jobs) if simulated(o, "brown") == most and _done_first(o)}
    assert all(ask.mark([n]).good for n in can) and can <= best_firsts(jobs, "brown")
    assert work_in(jobs, in_hand="brown") == simulated(tuple(jobs), "brown")


def _done_first(order: tuple[Job, ...]) -> bool:
    return order[0].ready_min + order[0].minutes <= WINDOW_MIN


def test_waiting_for_a_wet_zone_can_cost_the_evening() -> None:
    jobs = [Job("coat", 14, 9, "brown"), Job("hat", 0, 9, "brown"), Job("belt", 0, 9, "brown")]
    assert best_firsts(jobs, "brown") == {1, 2} and not mark_next(jobs, "brown", 0).good


@pytest.mark.parametrize(
    ("guess", "good", "some"),
    [
        (10.0, True, True),
        (10.9, True, True),
        (9.2, True, True),
        (14.0, False, True),
        (20.1, False, False),
        (0.0, False, False),
    ],
)
def test_guesses_are_marked_by_proportion(guess: float, good: bool, some: bool) -> None:
    """A tenth off is right, twice off is nothing; half as much is as far as twice as much."""
    mark = mark_guess("resin", 10.0, guess)
    assert mark.good == good and (mark.score > 0) == some
    assert mark_guess("resin", 10.0, 5.0).score == pytest.approx(mark_guess("resin", 10.0, 20.0).score, abs=1e-9)


def test_the_calibration_tells_how_one_guesses() -> None:
    """A third low on resin, every time; of two guesses nothing is said."""
    lines = calibration([("resin", log(0.7))] * 5 + [("run", 0.0)] * 2)
    assert len(lines) == 1 and lines[0].startswith("resin: you guess 30% low")
    ask = estimate(4, 1, [SeenPart("Bell", None, 30.0, 3.0, 24.0, 50.0)])
    truth = {"resin": 3.0, "height": 24.0, "run": 50.0}[ask.unit]
    assert ask.mark([truth]).score == 1.0


@given(st.integers(0, 30), st.floats(0.01, 200.0), st.floats(1.0, 120.0), st.floats(10.0, 900.0))
def test_a_right_guess_can_be_typed(seed: int, ml: float, mm: float, minutes: float) -> None:
    """However small the part: what is true, in as many decimals as the field has, is right."""
    ask = estimate(seed, 1, [SeenPart("Taper", None, 9.0, ml, mm, minutes)])
    assert ask.mark([round({"resin": ml, "height": mm, "run": minutes}[ask.unit], ask.decimals)]).good


@given(st.integers(0, 300), LEVELS)
def test_a_mix_is_met_by_its_own_drops(seed: int, level: int) -> None:
    """The drops it is told to be made of match it, and so do twice as many; black alone does not match what is light."""
    ask = mix_to_match(seed, level, POTS)
    told = ask.mark([1] * len(ask.fields)).words
    drops = [
        next((float(w.split(" ", 1)[0]) for w in _parts(told) if w.split(" ", 1)[1] == name), 0.0)
        for name in ask.fields
    ]
    assert ask.mark(drops).score == 1.0 and ask.mark([2 * d for d in drops]).score == 1.0
    assert ask.mark([0.0] * len(drops)).score == 0.0


def _parts(words: str) -> list[str]:
    return words.partition("The target is ")[2].partition(".")[0].split(", ")


@pytest.mark.parametrize("seed", range(12))
def test_a_failed_plate_is_named_by_what_was_at_work(seed: int) -> None:
    """Every fault of its week is right at once, nothing else is; each test costs what the table says, and the dear ones cost marks."""
    for level in (1, 3):
        plate = failed_plate(seed, level)
        assert plate.seen and not plate.seen[0].startswith("not: ")
        marks = {cause: plate.name(cause) for cause in plate.causes}
        assert {c for c, m in marks.items() if m.score > 0} == set(plate.faults)
        assert all(m.score == 1.0 for c, m in marks.items() if c in plate.faults)
        for key in ("log", "heavier", "vent"):
            plate.test(key)
        assert plate.minutes == sum(usual().tests[k].minutes for k in ("log", "heavier", "vent"))
        assert not {"log", "heavier", "vent"} & set(plate.tests)
        assert 0 < plate.name(plate.faults[0]).score < 1
    assert FINDS.keys() == usual().tests.keys()


def test_levels_follow_what_was_known() -> None:
    """Harder after three good ones, easier after two bad ones, never beyond either end."""
    assert level_of([]) == 1 and level_of([1, 1, 1]) == 2 and level_of([1] * 20) == 3
    assert level_of([1, 1, 1, 0, 0]) == 1 and level_of([0] * 9) == 1 and level_of([1, 1, GOOD]) == 2
    assert np.isfinite(level_of([0.5]))


def test_plates_of_ones_own_say_what_they_said_then() -> None:
    """Only tests that were made can be made; the cause that was sure is right; causes of other tables are left out."""
    seen = Seen({"one part alone": True, "it seals a cup": False, "at one height": None})
    cases = [ConfirmedCase("tips", seen, {"heavier": True, "vat": False}), ConfirmedCase("droop", seen, {})]
    (plate,) = own_plates(cases)
    assert plate.seen == ["one part alone", "not: it seals a cup"] and set(plate.tests) == {"heavier", "vat"}
    assert plate.test("heavier") and not plate.test("vat") and plate.seed >= OWN_SEED
    assert plate.name("tips").score > 0.5 and plate.name("cup").score == 0
