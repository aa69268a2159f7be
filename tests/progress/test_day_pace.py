"""What lies in the day: a painter who is slow at first and late is found out, one who is not is left alone."""

from __future__ import annotations

from datetime import datetime, timedelta

import numpy as np
import pytest

from numerus.domain.journal import Fact
from numerus.progress.done_facts import step
from numerus.progress.pace.day_pace import day_pace
from numerus.progress.pace.rates import rates, technique_words

EVENING = datetime(2026, 1, 5, 19)


def lived(first: float, two_hours: float, days: int, seed: int, timing: str = "timer") -> list[Fact]:
    """Evenings of two strokes on ten figures each: the first so many times as long as the tenth, falling by a power of the number,
    and two hours in so many times as long; every stroke with its own chance.
    """
    rng, facts = np.random.default_rng(seed), []
    for day in range(days):
        at = EVENING + timedelta(days=day)
        for key in ("a", "b"):
            for n in range(1, 11):
                hours = (at - EVENING - timedelta(days=day)).total_seconds() / 3600
                power = np.log(first) / np.log(10)
                minutes = 5.0 * first * n**-power * two_hours ** (hours / 2) * np.exp(rng.normal(0, 0.25))
                at += timedelta(minutes=minutes)
                facts.append(step("stroke", (f"f{n}",), minutes, at, key, planned=5.0, timing=timing))  # type: ignore[arg-type]
    return facts


@pytest.mark.parametrize(("first", "late"), [(1.6, 1.0), (1.5, 1.25), (1.0, 1.0)])
def test_what_was_put_in_is_found(first: float, late: float) -> None:
    """Within the range that is told (eight times in ten), for six painters of ten at the least."""
    found = [day_pace(lived(first, late, 40, seed)) for seed in range(10)]
    assert sum(f.first[0] <= first <= f.first[2] for f in found) >= 6
    assert sum(f.late[0] <= late <= f.late[2] for f in found) >= 6
    assert np.mean([f.first[1] for f in found]) == pytest.approx(first, rel=0.06)


def test_little_known_is_little_told_and_what_was_only_ticked_teaches_nothing() -> None:
    """One evening of a slow beginner moves it, but says nothing yet; ticks do not move it."""
    one = day_pace(lived(1.6, 1.0, 1, 3))
    assert not one.words or one.first[0] > 1
    assert day_pace(lived(1.6, 1.0, 40, 3, "planned")).measured == 0
    assert day_pace([]).words == []
    sure = day_pace(lived(1.6, 1.0, 40, 3))
    assert sure.measured == 800 and sure.words[0].startswith("The first figure of a stroke takes 1.")


def test_each_technique_has_its_own_rate_about_that_of_all_painting() -> None:
    """Half as slow again with washes and as told with the rest: both are found; one never measured goes by all of them."""
    facts = [
        step("stroke", ("f",), 1.5 * 4 if key == "wash-step" else 4.0, EVENING, key, planned=4.0, timing="timer")
        for key in ("wash-step", "base-step", "base-step") * 40
    ]
    paint = rates(facts, None, {"wash-step": "wash", "base-step": "base"})["paint"]
    assert paint.factor_of("wash") == pytest.approx(1.5, rel=0.05) and paint.factor_of("base") == pytest.approx(
        1.0, rel=0.05
    )
    assert paint.factor_of("edge") == paint.factor and 1.0 < paint.factor < 1.5
    assert paint.techniques["wash"].range[0] < 1.5 < paint.techniques["wash"].range[1]
    words = technique_words(paint)
    assert words[0].startswith("Base 1.0") and words[1].startswith("Wash 1.") and "40 strokes measured" in words[1]
