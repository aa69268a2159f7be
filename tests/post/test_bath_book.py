"""The bath book: what is in the baths against sums by hand, and where they are spent against users who know."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime, timedelta

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from helpers import EVENING
from numerus.domain.journal import BathChanged, BathFilled, BathSettled, BathsSwapped, Fact, StepDone, WashVerdict
from numerus.post.cautions import cautions
from numerus.post.washing.bath_book import (
    CLEAN,
    CLEAN_PART,
    DIRTY,
    LIQUIDS,
    TACKY,
    WHITE,
    Carried,
    Judged,
    corrected,
    corrected_limit,
    film_by,
    share_of,
    shares_to_come,
    spent_at,
    spent_when,
    thicker,
)
from numerus.post.washing.emptying import Hollow
from numerus.post.washing.wash import LIMIT_MIN, Bath, baths, dry_min
from numerus.post.washing.wash_ways import WetPlate
from numerus.printing.hollow.tip import Tipping
from numerus.progress.done_facts import step
from numerus.progress.washing import Washing

AT = datetime(2026, 3, 1)


def wash(ml: float, run: str = "r") -> Fact:
    return step("wash", (), 8, AT, subject=run, carried_ml=ml)


def test_a_share_is_by_weight() -> None:
    """100 ml of resin in a litre of alcohol: 110 of 900 g; of water, 110 of 1110."""
    assert share_of(100, 1.0, "alcohol") == pytest.approx(110 / 900)
    assert share_of(100, 1.0, "water") == pytest.approx(110 / 1110)


def test_what_is_done_to_a_bath_is_in_the_book() -> None:
    """Filled with other litres of another liquid; settled, a share goes; swapped, the clean one's resin is the dirty one's."""
    carried = Carried()
    carried.take([wash(20.0), Fact(AT, BathSettled(0.5), DIRTY)])
    assert carried.ml == {DIRTY: pytest.approx(8.5), CLEAN: pytest.approx(3.0)}
    carried.take([Fact(AT, BathsSwapped(2.0), DIRTY)])
    assert carried.ml == {DIRTY: pytest.approx(3.0), CLEAN: 0.0} and carried.litres == {DIRTY: 1.5, CLEAN: 2.0}
    carried.take([Fact(AT, BathFilled("water", 3.0), DIRTY)])
    dirty, clean = baths(carried)
    assert (dirty.litres, dirty.liquid, dirty.carried_ml, clean.liquid) == (3.0, "water", 0.0, "alcohol")
    assert [p.what for p in carried.points if p.bath == DIRTY] == ["wash", "settled", "swapped", "filled"]
    carried.take([wash(5.0), Fact(AT, BathChanged(), DIRTY)])
    assert carried.ml[DIRTY] == 0 and carried.litres[DIRTY] == 3.0, "an entry of an older book says no litres"


@given(
    st.lists(
        st.sampled_from([wash(7.0), Fact(AT, BathSettled(0.3), CLEAN), Fact(AT, BathsSwapped(1.0), DIRTY)]), max_size=12
    )
)
def test_resin_is_never_made_nor_shares_out_of_bounds(facts: list[Fact]) -> None:
    """However baths are used, they hold no more than was washed into them."""
    carried = Carried()
    carried.take(facts)
    washed = 7.0 * sum(f.event == wash(7.0).event for f in facts)
    assert sum(carried.ml.values()) <= washed + 1e-9
    assert all(0 <= p.share < 1 for p in carried.points)


@pytest.mark.parametrize("true", [0.05, 0.08, 0.11])
def test_verdicts_find_where_this_user_s_baths_are_spent(true: float) -> None:
    """A user whose parts are tacky above a share of their own, wrong one time in ten: after thirty plates it is known within a
    hundredth, and eight in ten hold it or nearly.
    """
    dice = np.random.default_rng(int(1000 * true))
    judged = []
    for _ in range(30):
        share = float(dice.uniform(0.02, 0.14))
        tacky = (share > true) != (dice.random() < 0.1)
        judged.append(Judged(AT, share, TACKY if tacky else CLEAN_PART))
    found = spent_at(judged)
    assert found.share == pytest.approx(true, abs=0.015) and found.verdicts == 30
    assert found.low - 0.01 <= true <= found.high + 0.01


def test_without_verdicts_it_is_a_default_and_one_moves_it_the_right_way() -> None:
    """Tacky in a fresher bath lowers it, clean in a dirtier one raises it; white says nothing of it, but parts dry longer."""
    start = spent_at(())
    assert start.share == pytest.approx(0.08, abs=0.001) and "a default" in start.description
    assert spent_at([Judged(AT, 0.06, TACKY)]).share < start.share < spent_at([Judged(AT, 0.10, CLEAN_PART)]).share
    assert spent_at([Judged(AT, 0.06, WHITE)]) == start
    wet = WetPlate(100, 0.08)
    assert dry_min([Judged(AT, 0.06, WHITE)], wet) == dry_min((), wet) + 10
    thick, jug = replace(wet, wall_mm=8.0), replace(wet, hollow=[Hollow("jug", 1, Tipping(1.0, (0, 0, 1), (), 2.0))])
    assert dry_min((), thick) == dry_min((), wet) + 15 and dry_min((), jug) == dry_min((), wet) + 10


def test_a_verdict_is_on_the_bath_as_it_was_when_the_plate_was_washed() -> None:
    """Said later, when two more plates went through it."""
    carried = Carried()
    carried.take([wash(30.0, "a"), wash(30.0, "b"), wash(30.0, "c")])
    carried.take([Fact(AT, WashVerdict(TACKY), "b")])
    assert carried.judged[0].share == pytest.approx(share_of(25.5, 1.5, "alcohol"))


def test_the_plate_that_spends_a_bath_is_the_first_over_the_limit() -> None:
    """Ten plates a day: by hand, the first after which resin is over the share; the surer end comes no later than the other."""
    carried, limit = Carried(), spent_at(())
    coming = [(AT + timedelta(days=n), f"P{n}", 20.0) for n in range(1, 11)]
    shares = shares_to_come(carried, coming)
    by_hand = next(n for n in range(1, 11) if share_of(17.0 * n, 1.5, "alcohol") >= limit.share)
    spent = spent_when(carried, limit, coming)
    assert (
        spent is not None
        and spent.plate == f"P{by_hand}"
        and [s for _, _, s in shares] == sorted(s for _, _, s in shares)
    )
    assert (
        spent.earliest is not None and spent.earliest <= spent.at and (spent.latest is None or spent.at <= spent.latest)
    )
    assert spent_when(carried, limit, coming[:1]) is None


def test_each_liquid_takes_its_time_and_has_its_cautions() -> None:
    """Slower ones longer, never over the soak parts bear; alcohol's flame is no caution of water."""
    for liquid in LIQUIDS:
        assert 2 * Bath("Dirty", 1.5, 900.0, liquid).minutes() <= LIMIT_MIN
        assert set(LIQUIDS[liquid].cautions) <= set(cautions("wash", liquid))
    assert any("flame" in c for c in cautions("wash")) and not any("flame" in c for c in cautions("wash", "water"))


def judged_by(limit: float, film: float, many: int, seed: int) -> list[Judged]:
    """What somebody says of plates washed at shares told by a profile, whose film really is so many times as thick and whose baths are
    spent at ``limit`` of what really is in them.
    """
    rng, listed = np.random.default_rng(seed), []
    for n in range(many):
        told = float(rng.uniform(0.02, 0.16))
        really = film * told / (1 + (film - 1) * told)
        listed.append(
            Judged(EVENING + timedelta(days=n), told, TACKY if rng.normal(really, 0.004) > limit else CLEAN_PART)
        )
    return listed


@pytest.mark.parametrize(("limit", "film"), [(0.08, 1.0), (0.08, 1.5), (0.06, 1.2), (0.1, 0.8)])
def test_verdicts_correct_film_and_limit_together(limit: float, film: float) -> None:
    """A bath is spent at the very plate it is spent at, however that is laid to film and limit; the film moves by half of what is
    found out, in logarithms.
    """
    judged = judged_by(limit, film, 150, 3)
    found, corrected_to = film_by(judged), corrected_limit(judged)
    plain = spent_at(judged)
    assert thicker(plain.share, found.times) == pytest.approx(corrected_to.share)
    ratio = np.log(film * 0.08 / limit)  # what verdicts can tell: how much earlier than by the defaults baths are spent
    assert np.log(found.times * 0.08 / corrected_to.share) == pytest.approx(ratio, abs=0.12)
    assert found.times == pytest.approx(np.exp(ratio / 2), rel=0.1) and found.low < found.times < found.high
    assert "150 verdicts" in found.description


def test_without_a_verdict_nothing_is_corrected_and_with_some_all_of_it_alike() -> None:
    """Resin, course and verdicts of the corrected book are those of one into which so much more came; the journal stays as it is."""
    carried = Carried()
    carried.take([Fact(EVENING, StepDone("wash", carried_ml=40.0), "r1")])
    assert film_by(carried.judged).times == 1.0 and film_by(carried.judged).description == ""
    assert corrected(carried).ml == carried.ml
    carried.take([Fact(EVENING + timedelta(days=1), WashVerdict("tacky"), "r1")])
    times = film_by(carried.judged).times
    more = Carried()
    more.take([Fact(EVENING, StepDone("wash", carried_ml=40.0 * times), "r1")])
    assert times > 1.0 and corrected(carried).ml == pytest.approx(more.ml)
    assert [p.share for p in corrected(carried).points] == pytest.approx([p.share for p in more.points])
    assert carried.ml[DIRTY] == pytest.approx(34.0)


def test_what_is_written_down_is_told_by_the_profile_so_that_it_is_not_corrected_twice() -> None:
    """What a plate is said to bring in, written down and read again, is the same."""
    judged = judged_by(0.06, 1.3, 30, 5)
    washing = Washing.of(Carried(judged=judged), {})
    assert washing.film_times > 1.1
    assert washing.told_ml(10.0) * washing.film_times == pytest.approx(10.0, abs=0.01)


def test_the_clean_bath_is_spent_later_by_what_the_dirty_one_leaves() -> None:
    """Plate after plate of 20 ml: each bath by the plate that takes it over the limit, counted out one by one."""
    carried, limit = Carried(), spent_at(())
    coming = [(EVENING + timedelta(days=n), f"p{n}", 20.0) for n in range(60)]
    for bath, part in ((DIRTY, 0.85), (CLEAN, 0.15)):
        spent = spent_when(carried, limit, coming, bath)
        grams = [(n + 1) * 20.0 * part * 1.1 for n in range(60)]
        first = next(n for n, g in enumerate(grams) if g / (g + 1500 * 0.79) >= limit.share)
        assert spent is not None and spent.plate == f"p{first}"
