"""Names to slots, builds that differ, completeness, units of length."""

from __future__ import annotations

from dataclasses import replace

import pytest
from hypothesis import given
from hypothesis import strategies as st

from helpers import box_mesh
from numerus.domain.army import BOUGHT, NONE, Figure, Unit
from numerus.domain.parts import Part
from numerus.formats.meshes.mesh_formats import MeshFile
from numerus.formats.meshes.packed_mesh import unpack_mesh
from numerus.kit.builds import alternatives, printed_slots, spread_builds, unfilled
from numerus.kit.completeness import completeness, sentence
from numerus.kit.sorting import guess_slot, offered_factor, part_from_file, rescaled, telling_words, words_of
from numerus.kit.statements import faults_left

UNIT = Unit("u", "U", 0, 28.5, "k", slots=("base", "legs", "head", "left arm"))


def part(name: str, slot: str) -> Part:
    return Part(name, "k", name, slot, "", 12, (1, 1, 1), 1, 1, True, 1, 0, "mm")


@pytest.mark.parametrize(("name", "slot"), [
    ("L_arm.stl", "left arm"), ("R_armHook03_v2-FINAL.stl", "right arm"), ("kit/head_02.stl", "head"), ("wpn_03.stl", "weapon"),
    ("Legs-striding.obj", "legs"), ("body_SMALL.stl", "torso"), ("base28.stl", "base"), ("backpack.stl", "back"), ("thing.stl", "extra"),
])  # fmt: skip
def test_names_hint_at_slots(name: str, slot: str) -> None:
    """Whatever hyphens, capitals and numbers stand around the word."""
    assert guess_slot(name) == slot


@given(st.text(max_size=40))
def test_any_name_gets_some_slot(name: str) -> None:
    """No name raises."""
    assert guess_slot(name)
    assert words_of(name) == words_of(name).strip()


def test_builds_are_spread_so_that_figures_differ() -> None:
    """With 2 x 3 x 2 alternatives, of the first figures no two neighbours are equal and at least six differ."""
    parts = (
        [part(f"l{n}", "legs") for n in range(2)]
        + [part(f"h{n}", "head") for n in range(3)]
        + [part(f"a{n}", "left arm") for n in range(2)]
    )
    figures = spread_builds(
        [Figure(f"f{n}", "u", f"F{n}", n, {"base": BOUGHT}) for n in range(10)], alternatives(parts, UNIT)
    )
    builds = [tuple(sorted(f.build.items())) for f in figures]
    assert all(a != b for a, b in zip(builds, builds[1:], strict=False))
    assert len(set(builds)) >= 6
    assert all(not unfilled(f, UNIT) for f in figures)


def test_spreading_leaves_decisions_alone() -> None:
    """A slot deliberately empty or bought stays so."""
    figure = Figure("f", "u", "F", 0, {"head": NONE, "base": BOUGHT})
    filled = spread_builds([figure], alternatives([part("h", "head"), part("l", "legs")], UNIT))[0]
    assert (filled.build["head"], filled.build["base"], filled.build["legs"]) == (NONE, BOUGHT, "l")
    assert printed_slots(filled) == {"legs": "l"}


def test_completeness_counts_every_slot_once() -> None:
    """Unfilled, owed and accounted for; the sentence names what is missing first."""
    figure = Figure("f", "u", "F", 0, {"base": BOUGHT, "legs": "l", "head": "h"})
    found = completeness(UNIT, [figure], {("f", "legs")})
    assert (found.unfilled, found.owed, found.accounted) == ((("f", "left arm"),), (("f", "head"),), (("f", "legs"),))
    assert (
        sentence(found, {"f": figure}, {"h": part("hood", "head")}) == "No left arm for 1; on no plate yet: 1 × hood."
    )
    whole = completeness(UNIT, [], {})
    assert whole.whole and "no figure of this unit has a part" in sentence(whole, {}, {})


def test_a_part_in_inches_is_offered_and_turned_to_millimetres() -> None:
    """Everything measured on it is measured anew; the offer is gone."""
    made, mesh = part_from_file(MeshFile("body.stl", box_mesh((0.4, 0.4, 1.2))), "p", "k")
    assert offered_factor(made) == 25.4
    turned, packed = rescaled(made, mesh, 25.4)
    assert turned.extents_mm[2] == pytest.approx(30.48)
    assert turned.volume_ml == pytest.approx(0.4 * 0.4 * 1.2 * 25.4**3 / 1000, rel=1e-2)
    assert offered_factor(turned) == 1
    assert unpack_mesh(packed).extents_mm[2] == pytest.approx(30.48, rel=1e-4)


def test_mended_is_said_only_where_the_check_agrees() -> None:
    """Parts that still have faults are named with what to do next; sound ones and those set aside are not."""
    torn = replace(part("cape", "back"), problems=(("holes", "2 holes"), ("unit", "metres?")))
    words = faults_left([torn, part("hood", "head"), replace(torn, name="old", needed=False)])
    assert "cape is still torn" in words and "hood" not in words and "old" not in words and "cut" in words
    assert faults_left([part("hood", "head")]) == ""


@pytest.mark.parametrize(("names", "words"), [
    (["a mm 0.stl", "a mm 1.stl"], ["0", "1"]),
    (["head_hat_v2.stl", "head_hood_v2.stl", "head_bare_v2.stl"], ["hat", "hood", "bare"]),
    (["Kit/Body-Long-Coat.stl"], ["long coat"]),
    (["x.stl", "x.stl"], ["x", "x"]),
])  # fmt: skip
def test_labels_tell_parts_apart(names: list[str], words: list[str]) -> None:
    """What all share is left out, whether words or numbers."""
    assert telling_words(names) == words


@given(st.lists(st.text(max_size=30), min_size=1, max_size=6))
def test_every_label_fits_and_says_something_of_a_name_that_does(names: list[str]) -> None:
    """None is longer than its place, none empty where there is a letter or digit of ASCII."""
    for name, words in zip(names, telling_words(names), strict=True):
        assert len(words) <= 12 and (words or not name.strip())
