"""What a resin wants of light, learned from what came out of the lamp."""

import numpy as np
import pytest

from helpers import EVENING
from numerus.domain.journal import CureVerdict, Fact
from numerus.domain.printing.machines import Resin
from numerus.post.curing.cure_book import BRITTLE, HARD, TACKY, YELLOWED, Lighted, Lit, targets_of
from numerus.progress.done_facts import step
from numerus.progress.history import History

RESIN = Resin("r", "Resin")


@pytest.mark.parametrize(("target", "brittle"), [(0.8, 6.0), (1.2, 8.0), (2.0, 12.0)])
def test_a_user_who_looks_at_forty_plates_teaches_what_the_resin_wants(target: float, brittle: float) -> None:
    """Parts harden and break at doses spread by a tenth (normal, as this is no logistic curve), one verdict in twenty is wrong."""
    dice = np.random.default_rng(5)
    judged = []
    for _ in range(40):
        reached = float(dice.uniform(0.4, 3.0))
        most = reached * float(dice.uniform(3, 8))
        verdict = (
            TACKY
            if reached < target * dice.normal(1, 0.1)
            else BRITTLE
            if most > brittle * dice.normal(1, 0.1)
            else HARD
        )
        judged.append(Lighted(reached, most, HARD if dice.random() < 0.05 else verdict))
    found = targets_of(RESIN, judged)
    assert found.target.dose == pytest.approx(target, rel=0.15) and found.brittle.dose == pytest.approx(
        brittle, rel=0.2
    )
    assert found.target.low < found.target.dose < found.target.high


def test_without_verdicts_the_profile_stands_and_one_moves_it_a_little() -> None:
    told = targets_of(RESIN)
    assert (told.target.dose, told.brittle.dose, told.verdicts) == (1.2, 8.0, 0) and told.description == ""
    tacky, hard = (targets_of(RESIN, [Lighted(1.2, 4.0, v)]) for v in (TACKY, HARD))
    assert hard.target.dose < 1.2 < tacky.target.dose < 1.2 * 1.5
    yellow, broke = (targets_of(RESIN, [Lighted(1.2, 6.0, v)]) for v in (YELLOWED, BRITTLE))
    assert broke.brittle.dose < yellow.brittle.dose < 8.0, "what yellowed had not broken yet"
    assert "Learned from one verdict" in tacky.description


def test_the_journal_tells_which_light_a_judged_plate_got() -> None:
    """Told at Cure, judged later; a plate nobody followed the light for teaches nothing, and old entries that were let go still do."""
    entries = [
        step("cure", (), 10, EVENING, subject="one", lit=(1.3, 5.0)), step("cure", (), 10, EVENING, subject="two"),
        step("cure", (), 10, EVENING, subject="three", lit=(1.1, 4.0)),
        Fact(EVENING, CureVerdict(TACKY), "one"), Fact(EVENING, CureVerdict(HARD), "two"),
    ]  # fmt: skip
    history = History.of(entries)
    history.settle()
    assert history.facts == [] and history.lit.judged == [Lighted(1.3, 5.0, TACKY)]
    assert history.lit.unjudged == "three"
    lit = Lit()
    lit.take(entries)
    assert lit == history.lit


def test_once_a_plate_is_judged_nobody_is_asked_about_those_before() -> None:
    lit = Lit()
    lit.take([step("cure", (), 10, EVENING, subject=run, lit=(1.2, 4.0)) for run in ("one", "two", "three")])
    lit.take([Fact(EVENING, CureVerdict(HARD), "two")])
    assert lit.unjudged == "three" and list(lit.doses) == ["three"]
    lit.take([Fact(EVENING, CureVerdict(HARD), "three")])
    assert lit.unjudged == "" and len(lit.judged) == 2
