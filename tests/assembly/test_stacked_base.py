"""Bases stacked of pieces: height, weight and tipping against closed forms; rows that cannot be read are named."""

from __future__ import annotations

import math

import pytest
from hypothesis import given
from hypothesis import strategies as st

from helpers import box_mesh
from numerus.assembly.balance import balance
from numerus.assembly.stacked_base import (
    MATERIALS,
    USUAL,
    figure_g,
    on_stack,
    piece_dries_min,
    piece_g,
    stack_dries_min,
    stack_from_rows,
    stack_of,
    stack_rows,
    stack_words,
)
from numerus.domain.basing import BasePiece
from numerus.errors import PlanError

POST = balance([box_mesh((6, 6, 40))])
PLATE = BasePiece("Plate", "plastic", 3.0, 30.0)


def test_a_piece_weighs_by_its_size_or_as_weighed() -> None:
    """A disc of its material; on the scales it is what they say."""
    assert piece_g(PLATE) == pytest.approx(math.pi * 15**2 * 3 * 1.05e-3)
    assert piece_g(BasePiece("Plate", "plastic", 3.0, 30.0, 2.6)) == 2.6


def test_pieces_lie_on_one_another_and_scatter_lifts_nothing() -> None:
    """Height is that of those below, mass lies at their middles' mean."""
    cork = BasePiece("Cork", "cork", 6.0, 20.0, 0.5, 120)
    made = stack_of([PLATE, cork, BasePiece("Leaves", "scatter", 1.0, 20.0)])
    assert made.high_mm == 9.0 and made.pence == 120 and made.foot_mm == 30.0
    two = stack_of([PLATE, cork])
    assert two.centre_mm == pytest.approx((piece_g(PLATE) * 1.5 + 0.5 * 6.0) / (piece_g(PLATE) + 0.5))


def test_a_post_on_its_plate_tips_by_the_angle_of_their_common_mass() -> None:
    """Two masses on one axis, by hand."""
    own, plate = figure_g(POST), piece_g(PLATE)
    height = (plate * 1.5 + own * (3.0 + 20.0)) / (plate + own)
    assert own == pytest.approx(6 * 6 * 40 * 0.0011)
    assert on_stack(POST, [PLATE]) == pytest.approx(math.degrees(math.atan2(15.0, height)))


@given(st.floats(0, 50), st.floats(0.1, 20))
def test_weight_on_the_floor_never_makes_it_tip_sooner(washer: float, more: float) -> None:
    """And a higher riser never later."""
    assert on_stack(POST, [PLATE], washer + more) >= on_stack(POST, [PLATE], washer) - 1e-9
    riser = [PLATE, BasePiece("Riser", "cork", 5.0, 20.0, 0.3)]
    higher = [PLATE, BasePiece("Riser", "cork", 5.0 + more, 20.0, 0.3)]
    assert on_stack(POST, higher) <= on_stack(POST, riser) + 1e-9


def test_what_tips_is_told_the_washer_that_makes_it_stand() -> None:
    """And that its lowest piece is not what the unit's bases are."""
    narrow = [BasePiece("Plate", "board", 2.0, 10.0), BasePiece("Cork", "cork", 12.0, 9.0)]
    words = stack_words(POST, narrow, 25.0)
    washer = float(words.partition("a washer of ")[2].partition(" g")[0])
    assert on_stack(POST, narrow, washer) >= 15 > on_stack(POST, narrow, washer - 1)
    assert "bases are 25 mm, its lowest piece is 10" in words
    assert "washer" not in stack_words(POST, [PLATE], 30.0) and "lowest" not in stack_words(POST, [PLATE], 30.0)


def test_clay_twice_as_thick_dries_four_times_as_long_and_layers_one_after_another() -> None:
    """What is cut and glued does not wait; damp air counts for what gives off water, not for putty."""
    clay, thick, putty = (BasePiece("", m, high, 30.0) for m, high in (("clay", 4.0), ("clay", 8.0), ("putty", 2.0)))
    assert piece_dries_min(thick) == pytest.approx(4 * piece_dries_min(clay))
    assert stack_dries_min([PLATE, clay, thick]) == pytest.approx(5 * piece_dries_min(clay))
    assert stack_dries_min([PLATE]) == 0
    assert piece_dries_min(clay, 2.0) == pytest.approx(2 * piece_dries_min(clay))
    assert piece_dries_min(putty, 2.0) == piece_dries_min(putty)


def test_rows_are_read_as_they_are_written() -> None:
    """There and back; a row that makes no sense is named."""
    assert stack_from_rows(stack_rows(USUAL)) == USUAL and {p.material for p in USUAL} <= set(MATERIALS)
    with pytest.raises(PlanError, match="Row 1: 'glass' is no material"):
        stack_from_rows([["a", "glass", "1", "1", "", ""]])
    for bad in (["a", "cork", "high", "1", "", ""], ["a", "cork", "1", "0", "", ""], ["a", "cork", "1", "2", "-3", ""]):
        with pytest.raises(PlanError, match="Row 1"):
            stack_from_rows([bad])
