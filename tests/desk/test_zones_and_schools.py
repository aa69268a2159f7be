"""Zones named on sculpts never seen before, and one zone painted by four schools, in the real window."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from PIL import Image
from PyQt6 import sip
from PyQt6.QtWidgets import QInputDialog
from sculpt_steps import add_zone, page

from helpers import EVENING
from numerus.book.book import Book
from numerus.colour.light import encoded, linear, rgb_of
from numerus.desk.app import make_window
from numerus.desk.stages.paint.bench import RECIPE, SCHEME, SCHOOLS, VALUE, ZONES
from numerus.desk.stages.paint.built_figures import BuiltFigures
from numerus.desk.stages.paint.looks import squad
from numerus.desk.stages.paint.looks import state as looks_state
from numerus.desk.stages.paint.looks.state import COLOURWAYS, LEVELS_SHOWN, OWN, SQUAD
from numerus.desk.stages.paint.schools import state as schools_state
from numerus.desk.stages.paint.value import state as value_state
from numerus.desk.stages.paint.value.photo_dialog import PhotoDialog
from numerus.desk.stages.paint.value.state import EYES
from numerus.desk.window import MainWindow


def test_a_zone_is_painted_by_four_schools_and_one_is_kept(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """Pictures, measures, sentences; the chosen strokes become the recipe, one undo brings the old back."""
    monkeypatch.setattr(schools_state, "SHOWN_PX", (52, 70))
    window.session.select("lock")
    schools = page(window, SCHOOLS)
    assert [s.school.letter for s in schools.state.shown] == list("ABCDE")  # the last as it is painted now
    own = schools.state.recipe()
    assert own is not None and schools.state.shown[4].school.steps == own.steps
    schools.choose(4)
    schools.keep()
    assert "so already" in schools.note.text() and schools.state.recipe() == own
    zone = schools.state.zone_id
    assert window.session.plans.zone_name(zone) == "coat"
    pictures = [s.colour.astype(int) for s in schools.state.shown]
    assert all(np.abs(a - b).max() > 12 for n, a in enumerate(pictures) for b in pictures[n + 1 :])
    schools.choose(1)
    assert schools.words.text().startswith("B against")
    before = window.session.plans.scheme
    schools.keep()
    after = next(r for r in window.session.plans.scheme.recipes if r.zone == zone)
    assert [s.technique for s in after.steps] == ["base", "dry-brush", "dry-brush"]
    assert not {s.id for s in after.steps} & {s.id for r in before.recipes for s in r.steps}
    window.session.undo()
    assert window.session.plans.scheme == before
    schools.grab()
    schools.base.setText("Nobody 2")
    schools.base.returnPressed.emit()
    assert "Nobody" in schools.note.text() and schools.state.base() != ()
    schools.base.setText("Eel blue")
    schools.base.returnPressed.emit()
    assert dict(schools.state.base()) == {"eel": 1.0} and schools.note.text() == ""
    schools.zones.setCurrentIndex(2)
    schools._zone_taken(2)
    assert schools.state.zone_id != zone and len(schools.state.shown) == 5


def test_schools_without_a_zone_or_a_pot_say_what_is_missing(own: MainWindow) -> None:
    """No picture is made of nothing."""
    schools = page(own, SCHOOLS)
    assert "first" in schools.summary and "first" in schools.note.text()
    assert not schools.state.shown
    own.grab()


def test_a_figure_that_is_looked_at_is_shown_by_its_films(window: MainWindow) -> None:
    """Flat colours at once; after a moment its washes and edges on its own skin, in colour and in value."""
    window.session.select("lock")
    line = page(window, "Figure")
    flat = [len(np.unique(t.colours, axis=0)) for t in line.view.things]
    line.laying.looked_at.timeout.emit()
    filmed = [len(np.unique(t.colours, axis=0)) for t in line.view.things]
    assert sum(filmed) > 5 * sum(flat)
    assert all(np.ptp(t.colours.astype(int), axis=1).max() == 0 for t in line.table.grey)
    line.grab()


def test_a_figure_that_stands_there_is_not_coloured_anew(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """Who comes back to the bench sees it as it was left; a change of its paint, or another figure, is coloured."""
    window.session.select("lock")
    line, started, start = page(window, "Figure"), [], window.context.jobs.start
    line.laying.looked_at.timeout.emit()
    monkeypatch.setattr(window.context.jobs, "start", lambda name, *rest: (started.append(name), start(name, *rest)))
    shown = line.view.things
    for stage in ("muster", "paint"):
        window.session.go(stage)
    assert "colours" not in started and line.view.things is shown
    figure = line.state.batch[1].figure
    window.session.select("lock", figure.id)
    assert started.count("colours") == 1
    line.laying.looked_at.timeout.emit()
    paint = next(iter(window.session.plans.paints.values()))
    window.session.commit("another pot", [replace(paint, name="Other")])
    assert started.count("colours") == 2


def test_a_figure_nobody_has_looked_at_is_sketched_and_then_painted_by_its_own_fields(
    demo: Book, tmp_path: Path, qtbot, monkeypatch: pytest.MonkeyPatch
) -> None:  # type: ignore[no-untyped-def]
    """In the real window, where jobs take time: as far as it is painted, as it will be, then both by its fields;
    nobody presses anything, and the view is fitted to it.
    """
    monkeypatch.setattr(BuiltFigures, "known", lambda *_: False)
    window = make_window(demo, lambda: EVENING, tmp_path / "settings.json")
    window.show()
    line, shown = page(window, "Figure"), []
    now, whole = line.laying.show_now, line.laying.show_whole
    monkeypatch.setattr(line.laying, "show_now", lambda things: (shown.append(("now", things)), now(things)))
    monkeypatch.setattr(line.laying, "show_whole", lambda *told: (shown.append(("whole", told[0])), whole(*told)))
    line.laying.looked_at.setInterval(50)
    window.session.select("lock")
    qtbot.waitUntil(lambda: len(shown) >= 4, timeout=90_000)
    assert [what for what, _ in shown[:4]] == ["now", "whole"] * 2
    assert sum(len(t.mesh.faces) for t in shown[0][1]) < sum(len(t.mesh.faces) for t in shown[2][1]) / 1.5, (
        "a light sketch"
    )
    fitted = line.view.camera
    line.view.fit()
    assert line.view.camera == fitted
    assert not np.array_equal(shown[1][1][0].colours, shown[3][1][0].colours), (
        "its own fields are other than coarse ones"
    )
    window.close()
    sip.delete(window)


@pytest.fixture
def named(own: MainWindow, monkeypatch: pytest.MonkeyPatch) -> MainWindow:
    """The army of one's own, its sculpts named: a cloak and skin; pictures small."""
    monkeypatch.setattr(looks_state, "SIZE_PX", (52, 70))
    monkeypatch.setattr(squad, "SIZE_PX", (46, 62))
    zones = page(own, ZONES)
    for name, at in (("Cloak", (4.5, 0.0, 8.0)), ("Skin", (4.5, 3.5, 20.1))):
        add_zone(zones, name)
        zones.brushed([np.array(at)])
    zones.carry()
    zones.accept()
    return own


def zone_id(window: MainWindow, name: str) -> str:
    return next(z.id for z in window.session.plans.zones.values() if z.name == name)


def test_the_whole_figure_is_compared_by_starters_levels_and_colourways(
    named: MainWindow, tmp_path: Path, monkeypatch
) -> None:  # type: ignore[no-untyped-def]
    """Three ways to ask how the army shall look; what is taken is one edit, and undone by one."""
    looks, cloak = page(named, SCHEME), zone_id(named, "Cloak")
    before = named.session.plans
    assert [s.candidate.letter for s in looks.state.worked.shown] == list("ABCD")
    looks.colours.setText("no such thing")
    looks.colours.returnPressed.emit()
    assert "no such thing" in looks.fault.text() and named.session.plans == before
    looks.colours.setText("dark green, bone, rust")
    looks.colours.returnPressed.emit()
    assert looks.fault.text() == "" and looks.state.worked.colours[cloak].colour == looks.state.colours[0]
    monkeypatch.setattr(QInputDialog, "getText", lambda *_, **__: ("navy", True))
    looks.say(cloak)
    assert looks.state.worked.colours[cloak].reason == "as you said"
    assert looks.state.cards()[0].values[3][1] == "none marked"
    marked = [replace(named.session.plans.zones[cloak], focus=True)]
    named.session.commit("eyes go to the cloak", marked)
    shares = [c.values[3][0] for c in looks.state.cards()]
    assert all(0 < s < 1 for s in shares) and len(set(shares)) > 1
    looks.choose(1)
    looks.keep()
    taken = named.session.plans.scheme
    assert taken.primer == "black" and {r.zone for r in taken.recipes} == set(looks.state.zone_ids)
    named.session.undo()
    assert named.session.plans.scheme is None
    named.session.redo()
    for mode in (LEVELS_SHOWN, COLOURWAYS):
        looks.modes.setCurrentText(mode)
        looks._mode_taken(0)
        looks.grab()
        assert len(looks.state.worked.shown) == 3
        looks.choose(2)
        looks.keep()
    assert named.session.plans.units["u"].level == "parade"
    zone = looks.state.zone_id
    old, new = (next(r for r in s.recipes if r.zone == zone) for s in (taken, named.session.plans.scheme))
    assert old.steps[0].mix != new.steps[0].mix and old.steps[0].id != new.steps[0].id
    looks.vary()
    worn = [named.session.plans.scheme_on(f) for f in named.session.plans.figures_of("u")]
    assert worn[0] != worn[1] and not looks.same.isHidden()
    looks.make_alike()
    assert named.session.plans.scheme_on(named.session.plans.figures_of("u")[1]) == named.session.plans.scheme
    plans, ids = named.session.plans, [s.id for s in new.steps]
    looks.leave_open()
    left = next(r for r in named.session.plans.scheme.recipes if r.zone == zone)
    assert [a.name for a in left.undecided] == list(looks.state.others) and not left.accents
    assert "Left open until figures are primed" in looks.words.text() and [s.id for s in left.steps] == ids
    looks.choose(0)
    looks.keep()
    assert named.session.plans.scheme == plans.scheme, "decided for what it was: nothing else changed"
    Image.fromarray(np.full((40, 40, 3), (46, 85, 144), np.uint8)).save(tmp_path / "blue.png")
    looks.show_file(tmp_path / "blue.png")
    assert looks.state.others == ("#2E5590",)


def test_an_army_without_zones_is_asked_to_name_them_before_a_scheme(own: MainWindow) -> None:
    """No picture of nothing; the page says what comes first."""
    looks = page(own, SCHEME)
    assert "Zones page first" in looks.cards.waiting and not looks.state.worked.shown
    looks.grab()


def test_a_figure_is_read_across_the_table_and_helped(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """Views, the lamp, other eyes; a press says where eyes should go; a help is tried before it is taken, and undone."""
    monkeypatch.setattr(value_state, "SIZE_PX", (117, 144))
    window.session.select("lock")
    value = page(window, VALUE)
    state = value.state
    seen = {state.view: state.read.picture}
    for view in (EYES, "green-blind sight"):
        value.views.setCurrentText(view)
        value._view_taken(0)
        seen[view] = state.read.picture
        value.grab()
    assert len({p.tobytes() for p in seen.values()}) == 3
    before = state.read.picture.copy()
    value.picture.lamp.emit(120.0, 0.0)
    assert "right" in value.summary and np.abs(state.read.picture.astype(int) - before).max() > 20
    zone = next(a.zone for a in state.read.attention if a.minutes > 0)
    value.rows.marked.emit(zone)
    assert window.session.plans.zones[zone].focus and zone in {a.zone for a in state.read.attention if a.focus}
    window.session.undo()
    assert not window.session.plans.zones[zone].focus
    scheme, shown = window.session.plans.scheme, state.read.picture.copy()
    assert state.helps and "Would help" in value.helps[0][0].text()
    value.try_help(0)
    assert window.session.plans.scheme == scheme and (state.read.picture != shown).any()
    value.take_help(0)
    assert window.session.plans.scheme != scheme and state.tried == -1
    window.session.undo()
    assert window.session.plans.scheme == scheme


def test_a_photograph_is_held_against_the_scheme_and_a_reference_is_taken(
    window: MainWindow, tmp_path: Path, monkeypatch
) -> None:  # type: ignore[no-untyped-def]
    """Zone by zone beside a grey card under a warm light: what is as the scheme says is the same; other colours are taken."""
    window.session.select("lock")
    value = page(window, VALUE)
    wanted = value.state.wanted()
    cast, high, wide = np.array([1.1, 1.0, 0.8]), 300, 600
    light = np.ones((high, wide, 3)) * 0.5
    light[240:, 420:] = 0.18
    shown = {zone: colour for zone, (_, colour) in wanted.items()}
    other = list(wanted)[1]
    shown[other] = "#6A3F86"
    for n, colour in enumerate(shown.values()):
        x = int(0.2 * wide + 0.7 * wide / len(wanted) * n)
        light[:200, max(x - 20, 0) : x + 20] = linear(rgb_of(colour))
    Image.fromarray(np.round(255 * encoded(np.clip(light * cast * 0.8, 0, 1))).astype(np.uint8)).save(
        tmp_path / "photo.png"
    )
    (tmp_path / "no.png").write_bytes(b"no picture")

    def taken(dialog: PhotoDialog) -> int:
        dialog.show_file(tmp_path / "no.png")
        assert dialog.fault.text() and not dialog.take.isEnabled()
        dialog.show_file(tmp_path / "photo.png")
        dialog.grab()
        lines = dialog.note.text().splitlines()
        assert len(lines) == len(wanted)
        assert [words.endswith("will show") for words in lines] == [z == other for z in wanted], lines
        return 1

    monkeypatch.setattr(PhotoDialog, "exec", taken)
    before = window.session.plans.scheme
    value.photograph()
    after = window.session.plans.scheme
    old, new = (next(r for r in s.recipes if r.zone == other) for s in (before, after))
    assert [s.mix for s in old.steps] != [s.mix for s in new.steps] and {s.id for s in old.steps} != {
        s.id for s in new.steps
    }
    window.session.undo()
    assert window.session.plans.scheme == before


def test_an_army_of_ones_own_goes_from_bare_sculpts_to_a_painted_squad(named: MainWindow) -> None:
    """Zones by clicks and carried over, a starter in colours by words, both figures shown; another scheme paints them anew."""
    own = named
    looks = page(own, SCHEME)
    looks.colours.setText("dark green, bone")
    looks.colours.returnPressed.emit()
    looks.choose(0)
    looks.keep()
    assert {own.session.plans.zone_name(r.zone) for r in own.session.plans.scheme.recipes} == {"Cloak", "Skin"}
    looks.modes.setCurrentText(SQUAD)
    looks._mode_taken(0)
    first = list(looks.squad.images)
    assert len(first) == 2
    looks.grab()
    looks.refresh()
    assert [a is b for a, b in zip(first, looks.squad.images, strict=True)] == [True] * 2
    scheme = own.session.plans.scheme
    own.session.commit("bare", [replace(scheme, recipes=tuple(replace(r, steps=()) for r in scheme.recipes))])
    assert all((a != b).any() for a, b in zip(first, looks.squad.images, strict=True))


def test_a_unit_gets_a_scheme_of_its_own_and_goes_back_to_the_army_s(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """It begins as what it had, so that what is painted stays painted; a starter taken then changes this unit alone."""
    monkeypatch.setattr(looks_state, "SIZE_PX", (52, 70))
    window.session.select("bell")
    window.session.go("paint")
    looks = window.benches["paint"].looks
    looks.state.mode = LEVELS_SHOWN
    page(window, SCHEME)
    before = window.session.plans
    looks.modes.setCurrentText(LEVELS_SHOWN)
    looks._mode_taken(0)
    looks.owner.setCurrentIndex(looks.owner.findData(OWN))
    looks._owner_taken(0)
    plans = window.session.plans
    own = plans.scheme_of("bell")
    assert own.id != before.scheme.id and own.recipes == before.scheme.recipes and plans.scheme == before.scheme
    assert looks.owner.currentData() == own.id
    recipe = page(window, RECIPE)
    recipe.change("minutes", "9")
    changed = window.session.plans
    assert changed.scheme == before.scheme and changed.scheme_of("bell") != own
    page(window, SCHEME)
    looks.owner.setCurrentIndex(looks.owner.findData(""))
    looks._owner_taken(0)
    assert window.session.plans.scheme_of("bell") == before.scheme and looks.owner.count() == 3
    for _ in range(3):
        window.session.undo()
    assert window.session.plans == before


def test_a_zone_whose_only_pot_is_gone_stops_neither_value_nor_scheme(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """The other zones are read, helped and compared; nothing is told as a fault of the program."""
    monkeypatch.setattr(value_state, "SIZE_PX", (117, 144))
    monkeypatch.setattr(looks_state, "SIZE_PX", (52, 70))
    said: list[object] = []
    window.context.jobs.failed.connect(said.append)
    scheme = window.session.plans.scheme
    lost = [replace(s, mix=(("nowhere", 1.0),)) for s in scheme.recipes[0].steps]
    window.session.commit(
        "lost", [replace(scheme, recipes=(replace(scheme.recipes[0], steps=tuple(lost)), *scheme.recipes[1:]))]
    )
    window.session.select("lock")
    value = page(window, VALUE)
    assert value.state.read is not None and scheme.recipes[0].zone not in value.state.wanted()
    looks = window.benches["paint"].looks
    looks.state.mode = LEVELS_SHOWN
    page(window, SCHEME)
    assert len(looks.state.worked.shown) == 3 and not said
