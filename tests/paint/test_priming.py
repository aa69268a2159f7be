"""Priming and first colours: what a school, filler and a way to lay a colour cost, and from when it pays."""

from __future__ import annotations

from collections import Counter
from dataclasses import replace

import numpy as np
import pytest

from helpers import ball_mesh
from numerus.domain.painting.recipes import Scheme
from numerus.paint.priming.base_coats import base_coats
from numerus.paint.priming.primer import (
    SCHOOLS,
    deep_stair_um,
    filler_coats_for,
    prime_min,
    prime_plan,
    prime_setup_min,
)

SCHEME = Scheme("s", "Scheme", ())


@pytest.mark.parametrize("school", SCHOOLS)
@pytest.mark.parametrize("filler", [0, 2])
def test_figures_and_one_setting_up_make_the_bench_s_minutes(school: str, filler: int) -> None:
    """However many there are, of any size, with parts on sticks of their own."""
    scheme = replace(SCHEME, prime_school=school, filler_coats=filler)
    times, sticks = [1.0, 2.5, 0.4], [0, 2, 1]
    told = prime_setup_min(scheme) + sum(prime_min(scheme, t, n) for t, n in zip(times, sticks, strict=True))
    plan = prime_plan(3, school, scheme, Counter(back=3), times=sum(times))
    assert sum(s.minutes for s in plan if s.hands) == pytest.approx(told)


def test_stairs_of_a_ball_are_as_deep_as_its_zone_says() -> None:
    """On a sphere the cosine to any direction is spread evenly: nineteen twentieths of its skin have stairs below 0.95 layers."""
    ball = ball_mesh(10.0, subdivisions=5)
    parts = [ball.normals], [ball.areas_mm2], [np.array([0.0, 0.6, 0.8])], [0.05]
    assert deep_stair_um(*parts) == pytest.approx(47.5, rel=0.01)
    doubled = [p * 2 for p in parts]
    assert deep_stair_um(*doubled) == pytest.approx(47.5, rel=0.01)


def test_filler_is_asked_for_as_long_as_primer_does_not_hide_the_stairs() -> None:
    """None for fine layers, more for coarse ones, never without end."""
    wanted = [filler_coats_for(um) for um in (0, 19, 21, 50, 51, 100, 10_000)]
    assert wanted == [0, 0, 1, 1, 2, 3, 4]


def test_a_way_pays_from_the_first_batch_on_which_it_is_quicker() -> None:
    """Against the brush, tried figure by figure; what is lost is part of what is used; a can waits for the weather."""
    ways = {w.name: w for w in base_coats(12, 30.0, 1.5, 2.4, 0.2, 15.0)}
    brush = ways["brush"]
    for way in ways.values():
        quicker = [n for n in range(1, 400) if way.minutes(n) < brush.minutes(n) - 1e-9]
        assert way is brush or way.pays_from(brush) == (quicker[0] if quicker else 0)
        assert 0 <= way.lost_ml < way.ml and way.pence > 0
    assert ways["coloured can"].outdoors and not ways["wide nozzle"].outdoors
    assert [w.minutes(12) for w in base_coats(12, 30.0, 1.5, 2.4, 0.2, 15.0)] == sorted(
        w.minutes(12) for w in ways.values()
    )
    slow = {w.name: w for w in base_coats(12, 3000.0, 1.5, 0.1, 0.2, 15.0)}
    assert slow["small airbrush"].pays_from(slow["brush"]) == 0
