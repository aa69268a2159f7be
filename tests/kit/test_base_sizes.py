"""Bases held against what the roster asks."""

from __future__ import annotations

from dataclasses import replace

import pytest

from numerus.domain.army import Figure, Unit
from numerus.domain.basing import BasePiece
from numerus.domain.parts import Part, Relation
from numerus.kit.base_sizes import base_words, other_bases

UNIT = Unit("u", "Watch", 0, 32.0, "k")


def base(name: str, x: float, y: float) -> Part:
    return Part(name, "k", name, "base", "", 12, (x, y, 3.0), 1, 1, True, 1, 0, "mm")


def test_only_what_is_worn_and_not_as_asked_is_told() -> None:
    """28.5 is not 32 and told with its figures; what nobody wears, a scenic slab of no plain outline and what is as asked are not."""
    parts = [base("right", 32, 32), base("less", 28.5, 28.5), base("idle", 25, 25), base("slab", 50, 30)]
    figures = [Figure(str(n), "u", "", n, {"base": name}) for n, name in enumerate(("right", "less", "less", "slab"))]
    (found,) = other_bases(UNIT, parts, (), figures)
    assert (found.part_id, found.figures) == ("less", 2)
    assert found.factor * found.is_mm == pytest.approx(32)
    assert base_words([found]) == "asks for bases of 32 mm: less is 28.5 (on 2)"


def test_an_oval_counts_by_its_longer_side_once_it_is_known_for_a_base() -> None:
    """And one the user said is none is left alone; where nothing is worn yet, every base of the kit is looked at."""
    oval = base("oval", 40, 30)
    said = Relation("base", ("oval",), 0.9, "", size_mm=(40.0, 30.0))
    assert [o.is_mm for o in other_bases(UNIT, [oval], [said], [])] == [40]
    assert not other_bases(UNIT, [oval], [replace(said, overruled=True)], [])


def test_a_base_whose_unit_is_still_in_doubt_is_not_measured_yet() -> None:
    """1.1 inches are agreed to be 28 mm first."""
    inches = replace(base("in", 1.122, 1.122), unit="in", problems=(("unit", "inches"),))
    assert not other_bases(UNIT, [inches], (), [])


def test_of_a_stack_its_plate_counts_and_the_kits_bases_do_not() -> None:
    """For they lie on it."""
    unit = replace(UNIT, stack=(BasePiece("Plate", "plastic", 3, 28.5), BasePiece("Riser", "cork", 6, 20)))
    assert [o.label for o in other_bases(unit, [base("inlay", 20, 20)], (), [Figure("f", "u", "", 0)])] == ["Plate"]
    assert not other_bases(replace(unit, stack=(BasePiece("Plate", "plastic", 3, 32.4),)), [], (), [])
