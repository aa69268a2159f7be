"""Sculpts weighed before one is printed: one figure of each, counted by hand where that can be done."""

from __future__ import annotations

from dataclasses import replace
from datetime import date

import pytest

from helpers import box_mesh
from numerus.domain.army import Army
from numerus.domain.parts import Kit, Part
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine, Resin
from numerus.errors import Cancelled, PlanError
from numerus.progress.choosing import (
    candidate_look,
    candidates,
    one_figure,
    outline_rows,
    packed_look,
    prices,
    shelved,
    taken,
    unpacked_look,
    with_outlines,
)

MACHINE, RESIN = Machine("m", "M"), Resin("r", "R", pence_per_l=5000)
HUGE = box_mesh((900, 5, 5))


def part(name: str, slot: str, **more: object) -> Part:
    return replace(Part(name, "k", name, slot, f"b-{name}", 12, (20, 20, 3), 1, 1, True, 1, 0, "mm"), **more)


def test_a_figure_is_the_first_part_of_every_slot() -> None:
    """Not what was set aside, nor extras; of a kit of extras alone all that is there."""
    parts = [
        part("b", "torso"),
        part("a", "torso"),
        part("c", "head", needed=False),
        part("d", "base"),
        part("e", "extra"),
    ]
    assert [p.id for p in one_figure(parts)] == ["d", "a"]
    assert [p.id for p in one_figure([part("x", "extra")])] == ["x"]


def test_one_figure_is_measured_as_it_would_be_printed_and_painted() -> None:
    """A base and a post on it: volume by hand and its supports more, skin by hand, the base as it came; an absurd part is named and left out."""
    base, post = part("disc", "base"), part("post", "torso", extents_mm=(6, 6, 30))
    look = candidate_look([(base, box_mesh((20, 20, 3))), (post, box_mesh((6, 6, 30), (7, 7, 3)))], MACHINE, RESIN)
    assert look.height_mm == pytest.approx(33) and look.base_mm == 20 and look.parts == 2
    plain = (20 * 20 * 3 + 6 * 6 * 30) / 1000
    assert plain < look.resin_ml < 2.5 * plain and look.tips > 4
    assert look.skin_cm2 == pytest.approx((2 * 400 + 80 * 3 + 2 * 36 + 24 * 30) / 100)
    wild = candidate_look(
        [(base, box_mesh((20, 20, 3))), (part("wall", "torso", extents_mm=(900, 5, 5)), HUGE)], MACHINE, RESIN
    )
    assert "wall: 900 × 5 × 5 mm is more" in wild.left_out[0] and wild.tips < look.tips
    with pytest.raises(Cancelled):
        candidate_look([(base, box_mesh((20, 20, 3)))], MACHINE, RESIN, lambda _: False)


def test_a_look_is_kept_and_priced() -> None:
    """There and back; the kit's price and the resin of one figure."""
    look = candidate_look([(part("disc", "base"), box_mesh((20, 20, 3)))], MACHINE, RESIN)
    assert unpacked_look(packed_look(look)) == look
    plans = Plans(kits={"k": Kit("k", "K", price_pence=300)}, resins={"r": RESIN})
    assert prices(plans, {"k": look}) == {"k": 300 + round(look.resin_ml * 5)}


def test_what_is_chosen_becomes_a_unit_and_what_is_shelved_waits() -> None:
    """In the slots it fills, on its own base; kits nobody weighs are neither."""
    weighed, idle = Kit("k", "Reeve", considered=True), Kit("i", "Idle")
    plans = Plans(kits={"k": weighed, "i": idle}, parts={p.id: p for p in (part("d", "base"), part("t", "torso"))})
    assert candidates(plans) == [weighed] and shelved(plans) == []
    kit, unit, *figures = taken(plans, weighed, 2, ["u", "f1", "f2"])
    assert not kit.considered and unit.slots == ("base", "torso") and unit.base_mm == 20
    assert [f.name for f in figures] == ["Reeve 1", "Reeve 2"]
    aside = replace(weighed, shelved="too dear")
    assert shelved(replace(plans, kits={"k": aside})) == [aside] and candidates(replace(plans, kits={"k": aside})) == []
    with pytest.raises(PlanError, match="no parts"):
        taken(replace(plans, parts={}), weighed, 1, ["u", "f"])


def test_outlines_are_read_as_they_are_written_and_refused_by_row() -> None:
    """A name, a height and a base."""
    army = Army("a", "A", date(2026, 4, 1))
    made = with_outlines(army, [["Boxed reeve", "32", "25"]])
    assert with_outlines(army, outline_rows(made.outlines)) == made
    for bad in (["", "32", "25"], ["x", "0", "25"], ["x", "tall", "25"]):
        with pytest.raises(PlanError, match="Row 1"):
            with_outlines(army, [bad])
