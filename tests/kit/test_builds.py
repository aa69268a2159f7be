"""Rules, numbers wanted, all alike; states of slots, odd ones out, spares."""

from __future__ import annotations

from collections import Counter

from hypothesis import given
from hypothesis import strategies as st

from numerus.domain.army import BOUGHT, NONE, BuildRule, Figure, Unit
from numerus.domain.parts import Part, Relation
from numerus.kit.builds import (
    alike_builds,
    alternatives,
    broken,
    equals,
    parts_needed,
    rules_of,
    spread_builds,
    with_wanted,
)  # fmt: skip
from numerus.kit.completeness import (
    EMPTY,
    MISSING,
    OWED,
    PLATED,
    PRINTED,
    chance_to_fail,
    completeness,
    missing_for,
    odd_ones,
    slot_states,
    spares_for,
)  # fmt: skip

UNIT = Unit("u", "U", 0, 28.5, "k", slots=("legs", "head", "left arm"))


def part(name: str, slot: str, **more: float) -> Part:
    made = Part(name, "k", name, slot, "", 12, (1, 1, 1), 1, 10, True, 1, 0, "mm")
    return Part(**{**vars(made), **more})


PARTS = [part(f"{s[0]}{n}", s) for s, many in (("legs", 2), ("head", 3), ("left arm", 2)) for n in range(many)]
CHOICES = alternatives(PARTS, UNIT)


def ranks(count: int) -> list[Figure]:
    return [Figure(f"f{n}", "u", f"F{n}", n) for n in range(count)]


@given(st.integers(1, 12))
def test_while_there_are_combinations_no_two_figures_are_equal(count: int) -> None:
    """Twelve combinations make twelve different figures, and neighbours differ in more than one slot where they can."""
    made = spread_builds(ranks(count), CHOICES)
    assert equals(made) == []
    assert len({frozenset(f.build.items()) for f in made}) == count


@given(st.integers(1, 8), st.sampled_from([p.id for p in PARTS]), st.sampled_from([p.id for p in PARTS]))
def test_rules_hold_wherever_they_can(count: int, a: str, b: str) -> None:
    """Parts kept apart never meet; a part that needs another never goes without it."""
    slots = {p.id: p.slot for p in PARTS}
    for kind in ("apart", "needs"):
        if a != b and slots[a] != slots[b]:
            rules = [BuildRule(kind, a, b)]
            assert not any(broken(f.build.values(), rules) for f in spread_builds(ranks(count), CHOICES, rules))


def test_a_part_wanted_twice_is_in_two_figures() -> None:
    """Two sergeants with the bell, no more and no fewer; the others share the rest."""
    made = spread_builds(ranks(6), CHOICES, wanted={"h2": 2})
    assert parts_needed(made)["h2"] == 2
    assert with_wanted(made, CHOICES, {"h2": 2}) == made


def test_all_alike_are_alike_and_decisions_stay() -> None:
    """Empty slots follow the model; what was decided before is left."""
    first = Figure("m", "u", "M", 0, {"head": "h1"})
    made = alike_builds([*ranks(3), Figure("x", "u", "X", 9, {"head": NONE})], CHOICES, first)
    assert Counter(f.build["head"] for f in made) == {"h1": 3, NONE: 1}
    assert len({f.build["legs"] for f in made}) == 1


def test_clashes_of_the_kit_keep_parts_apart() -> None:
    """What shares space is not built together, unless someone overruled it."""
    clash = Relation("clash", ("h0", "l1"), 0.8, "")
    assert rules_of(UNIT, [clash]) == [BuildRule("apart", "h0", "l1")]
    assert rules_of(UNIT, [Relation("clash", ("h0", "l1"), 0.8, "", overruled=True)]) == []


def test_parts_set_aside_are_no_alternatives() -> None:
    """Doubles and supported copies are not offered."""
    aside = Part(**{**vars(PARTS[0]), "id": "copy", "needed": False})
    assert "copy" not in [p.id for p in alternatives([*PARTS, aside], UNIT)["legs"]]


def test_every_slot_has_a_state() -> None:
    """Missing, empty, owed, plated, printed: told apart."""
    figure = Figure("f", "u", "F", 0, {"legs": "l0", "head": NONE})
    assert slot_states(UNIT, [figure], {}) == {("f", "legs"): OWED, ("f", "head"): EMPTY, ("f", "left arm"): MISSING}
    assert slot_states(UNIT, [figure], {("f", "legs"): "printing"})["f", "legs"] == PLATED
    assert slot_states(UNIT, [figure], {("f", "legs"): "washed"})["f", "legs"] == PRINTED


def test_the_one_without_what_most_have_is_told() -> None:
    """Nine of ten with an arm: the tenth is odd, also when it was left empty on purpose; what few have is no matter."""
    figures = [
        Figure(f"f{n}", "u", "", n, {"legs": "l0", "head": "h0", **({"left arm": "a0"} if n else {"left arm": NONE})})
        for n in range(10)
    ]
    assert odd_ones(UNIT, figures) == [("f0", "left arm")]
    assert odd_ones(UNIT, [Figure("g", "u", "", 0, {"legs": BOUGHT}), *ranks(4)]) == []


def test_a_plate_tells_what_its_figures_still_miss() -> None:
    """Before it is closed: the slots of figures on it that lie on no plate."""
    figure = Figure("f", "u", "F", 0, {"legs": "l0", "head": "h0"})
    found = completeness(UNIT, [figure], {("f", "legs")})
    assert missing_for([("f", "legs")], found, {"f": figure}) == {"f": ["left arm", "head"]}
    assert missing_for([("f", "legs"), ("f", "head")], found, {"f": figure}) == {"f": ["left arm"]}


def test_spares_follow_frailty() -> None:
    """Stout parts get none for ten; hair-thin ones get some; nobody expects more than a third to fail."""
    frail = part("h0", "head", hair_mm2=100, weak_mm2=300)
    stout = part("l0", "legs")
    figures = [Figure(f"f{n}", "u", "", n, {"legs": "l0", "head": "h0"}) for n in range(10)]
    assert spares_for(figures, {"h0": frail, "l0": stout}) == {"h0": 2}
    assert chance_to_fail(part("x", "head", hair_mm2=1e6)) <= 0.35


def test_what_one_arm_alone_holds_goes_with_no_other() -> None:
    """A pole that touches the first of two arms only stays with it; a pack that touches all torsos is free."""
    said = [
        Relation("alternative", ("a0", "a1"), 0.9, ""), Relation("joint", ("pole", "a0"), 0.9, "", (0, 0, 0)),
        Relation("alternative", ("t0", "t1"), 0.9, ""), Relation("joint", ("pack", "t0"), 0.9, "", (0, 0, 0)),
        Relation("joint", ("pack", "t1"), 0.9, "", (0, 0, 0)),
    ]  # fmt: skip
    assert rules_of(UNIT, said) == [BuildRule("apart", "pole", "a1")]
