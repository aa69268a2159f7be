"""Finishing steps: their order by solvents, and their table."""

from __future__ import annotations

from dataclasses import replace
from itertools import count

import pytest

from helpers import EVENING
from numerus.domain.painting.recipes import USUAL_FINISH, FinishStep
from numerus.errors import PlanError
from numerus.paint.finishing.finish_steps import finish_rows, kind_of_step, order_warnings, steps_from_rows


def steps(*names: str, dries_min: float = 60.0) -> list[FinishStep]:
    return [FinishStep(str(n), name, 2.0, dries_min) for n, name in enumerate(names)]


def test_the_order_that_is_taught_holds() -> None:
    """Gloss, decals, oil and spirit overnight, matt, then what lies loose; and the usual three steps."""
    taught = steps(
        "Gloss varnish", "Decals", "Oil wash", "Spirit wipe", "Matt varnish", "Pigments", "Tufts", dries_min=720
    )
    assert order_warnings(taught) == [] == order_warnings(USUAL_FINISH)


@pytest.mark.parametrize(
    "names, told",
    [
        (("Enamel streaks", "Matt varnish"), "lifts bare acrylic"),
        (("Gloss varnish", "Oil wash", "Matt varnish"), "12 h before Matt varnish"),
        (("Decals", "Matt varnish"), "gloss varnish first"),
        (("Gloss varnish", "Decals"), "rubbed off"),
        (("Pigments", "Matt varnish"), "blows them off"),
        (("Tufts", "Matt varnish"), "dulls and glues"),
        (("Varnish", "Foam rocks", "Enamel wash"), "eats foam"),
    ],
)
def test_an_order_that_will_not_hold_is_told_with_its_reason(names: tuple[str, ...], told: str) -> None:
    assert any(told in words for words in order_warnings(steps(*names)))


def test_a_kind_that_is_told_counts_more_than_the_name() -> None:
    """A "blue bottle" nobody knows, and an oil that is none."""
    blue, oil = steps("Blue bottle", "Oil paint effect")
    assert kind_of_step(blue) == "" and kind_of_step(replace(blue, kind="spirit")) == "spirit"
    assert order_warnings([replace(blue, kind="spirit")]) and not order_warnings([replace(oil, kind="paint")])


def test_edited_rows_keep_ids_and_new_ones_are_wanted_from_now_on() -> None:
    """Written and read they are the same; a moved, renamed step stays itself."""
    ids = count()
    rows = finish_rows(USUAL_FINISH)
    assert steps_from_rows(rows, USUAL_FINISH, str, EVENING) == USUAL_FINISH
    rows = [["Gloss coat", "gloss varnish", "1,5", "60", ""], *reversed(rows)]
    rows[1][0] = "Reeds"
    read = steps_from_rows(rows, USUAL_FINISH, lambda: f"new{next(ids)}", EVENING)
    assert [s.id for s in read] == ["new0", "tufts-and-mud", "base-rim", "matt-varnish"]
    assert (read[0].since, read[0].minutes) == (EVENING, 1.5) and read[1].since is None and read[1].name == "Reeds"
    assert kind_of_step(read[1]) == "tufts"  # as it was, though its new name no longer tells


@pytest.mark.parametrize(
    "row, told",
    [(["", "", "1", "1", ""], "no name"), (["A", "magic", "1", "1", ""], "no kind"), (["A", "", "-1", "1", ""], "minutes"),
     (["A", "", "1", "nan", ""], "minutes"), (["A", "", "²", "1", ""], "minutes"), (["Matt varnish", "", "1", "1", ""], "same name")],
)  # fmt: skip
def test_a_row_that_cannot_be_read_is_named(row: list[str], told: str) -> None:
    with pytest.raises(PlanError, match=told):
        steps_from_rows([*finish_rows(USUAL_FINISH), row], USUAL_FINISH, str, EVENING)
