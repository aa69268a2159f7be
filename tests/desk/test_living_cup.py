"""What is left of a mix goes on, and one that is poured otherwise than before is told wherever it is painted."""

from __future__ import annotations

from datetime import timedelta

import pytest
from rack_steps import open_page, write

from helpers import EVENING
from numerus.desk.stages.paint.bench import RACK, RECIPE, SCHEME, SCHOOLS, VALUE
from numerus.desk.stages.paint.looks.state import LEVELS_SHOWN
from numerus.desk.stages.paint.rack.cup_dialog import CupDialog
from numerus.desk.window import MainWindow
from numerus.domain.painting.paints import Mix
from numerus.paint.rack.rack_edits import with_parts
from numerus.paint.techniques import TECHNIQUES
from numerus.progress.done_facts import step as done


def house_coat(window: MainWindow) -> list[str]:
    """A mix of its own in the coat's first stroke; the figures that wait for it."""
    plans = window.session.plans
    first = next(r for r in plans.scheme.recipes if r.zone == "coat").steps[0]
    mixed = Mix("house", "House coat", (("tallow", 2.0), ("candle", 1.0)), made=EVENING.date())
    window.session.commit("a mix", [mixed, with_parts(plans, first.id, (("house", 1.0),))])
    standing = window.session.answers.standing.figures.values()
    return [f.figure.id for f in standing if any(s.key == first.id for s in f.next_strokes)]


def test_the_living_cup_goes_on_with_what_was_dropped_in(window: MainWindow) -> None:
    """ml poured, less what strokes took since by the film they lay, and four drops more."""
    session, wearing = window.session, house_coat(window)
    first = next(r for r in session.plans.scheme.recipes if r.zone == "coat").steps[0]
    mixed, rack = session.plans.mixes["house"], open_page(window, RACK)
    rack.choose("house", False)
    write(rack.card.cup, "3")
    assert rack.state.cups == {"house": 3.0}
    session.clock = lambda: EVENING + timedelta(minutes=5)
    session.commit("painted", facts=[done("stroke", wearing[:3], 4.0, session.clock(), first.id)])
    area = sum(session.plans.zone_areas_cm2(session.plans.figures[f])["coat"] for f in wearing[:3])
    how = TECHNIQUES[first.technique]
    wet = (
        area * how.covers * how.film_um * first.coats * 1e-4 * (1 + how.lost) * (1 + how.thinned) / (1 + first.thinner)
    )
    left = 3.0 - wet / rack.state.rack.solids(mixed.parts, 0.0)
    assert rack.state.cups["house"] == pytest.approx(left) and "still in the cup" in rack.card.mix_note.text()
    dialog = CupDialog(window.context, rack.state, rack)
    dialog.added.setText("Ember 4 drops")
    assert dialog.mix is not None and dialog.mix.ml == pytest.approx(round(left, 2) + 0.2)
    dialog.added.setText("Nothing known 4")
    assert dialog.mix is None and "no paint" in dialog.note.text()


def test_a_mix_that_lost_a_pot_is_told_as_poured_otherwise(window: MainWindow) -> None:
    """Another pot in its place is another mix; how far it is from before nobody can say any more, and nothing is said of it."""
    house_coat(window)
    rack = open_page(window, RACK)
    rack.choose("candle", False)
    window.session.commit("candle goes", rack.state.taken_away((("pale", 1.0),)))
    mix = window.session.plans.mixes["house"]
    assert dict(mix.parts) == {"tallow": 2.0, "pale": 1.0} and dict(mix.before) == {"tallow": 2.0, "candle": 1.0}
    recipe = open_page(window, RECIPE)
    recipe.state.zone_id = "coat"
    told = [words for words in recipe.state.warnings() if "poured otherwise" in words]
    assert len(told) == 1 and "ΔE" not in told[0] and "to come" in told[0]


def test_a_mix_poured_otherwise_is_told_on_every_page_that_paints_with_it(window: MainWindow) -> None:
    """Who wears it as it was, who is still to get it; undone, nobody speaks of it."""
    session, wearing = window.session, house_coat(window)
    first = next(r for r in session.plans.scheme.recipes if r.zone == "coat").steps[0]
    session.commit("painted", facts=[done("stroke", wearing[:3], 4.0, session.clock(), first.id)])
    session.clock = lambda: EVENING + timedelta(minutes=5)
    session.tick()
    rack = open_page(window, RACK)
    rack.choose("house", False)
    write(rack.card.parts, "Tallow coat 1 : Candle cream 2")
    recipe = open_page(window, RECIPE)
    recipe.state.zone_id = "coat"
    told = [words for words in recipe.state.warnings() if "House coat is poured otherwise" in words]
    today = [
        f for f in session.answers.facts if f.at.date() == EVENING.date() and getattr(f.event, "key", "") == first.id
    ]
    worn = {f for fact in today for f in fact.figures}
    assert worn == set(wearing[:3])
    assert len(told) == 1 and f"{len(worn)} figures wear it as it was" in told[0]
    figure = window.benches["paint"].figure.state
    figure.zone_id = "coat"
    assert told[0] in figure.needs()
    assert session.answers.changed_mix(["coat"]) == told[0] and session.answers.changed_mix(["skin"]) == ""
    schools, looks, value = (open_page(window, name) for name in (SCHOOLS, SCHEME, VALUE))
    assert schools.state.zone_id == "coat" and told[0] in schools.words.text()
    assert told[0] in value.words.text()
    looks.modes.setCurrentText(LEVELS_SHOWN)
    looks._mode_taken(0)
    assert told[0] in looks.words.text()
    session.undo()
    assert not any("otherwise" in words for words in open_page(window, RECIPE).state.warnings())
