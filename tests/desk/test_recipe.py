"""The Recipe page in the real window: strokes added, changed, moved and taken away, each one edit; what does not cover is said."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import pytest
from PIL import Image
from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtGui import QKeyEvent
from pytestqt.qtbot import QtBot

from numerus.desk.stages.paint.bench import RECIPE
from numerus.desk.stages.paint.colours.colour_dialog import ColourDialog
from numerus.desk.stages.paint.recipe.draw_dialog import DrawDialog
from numerus.desk.stages.paint.recipe.effects_dialog import EffectsDialog
from numerus.desk.stages.paint.recipe.order_dialog import OrderDialog
from numerus.desk.stages.paint.recipe.page import RecipePage
from numerus.desk.stages.paint.recipe.rescue_dialog import BATCH, RescueDialog
from numerus.desk.window import MainWindow
from numerus.domain.painting.recipes import RecipeStep
from numerus.paint.advice.effects import EFFECTS
from numerus.paint.advice.rescue import WRONG_HUE


@pytest.fixture
def page(window: MainWindow) -> RecipePage:
    window.session.select("lock")
    window.session.go("paint")
    window.benches["paint"].open_page(RECIPE)
    return window.benches["paint"].recipe


def steps(window: MainWindow, zone: str = "coat") -> tuple[RecipeStep, ...]:
    return next(r.steps for r in window.session.plans.scheme.recipes if r.zone == zone)


def press(widget, key: Qt.Key) -> None:  # type: ignore[no-untyped-def]
    widget.keyPressEvent(QKeyEvent(QKeyEvent.Type.KeyPress, key, Qt.KeyboardModifier.NoModifier))


def test_every_stroke_has_its_frame_and_they_differ(window: MainWindow, page: RecipePage) -> None:
    """The zone after each; the rest is grey."""
    assert [f.step.id for f in page.state.frames] == [s.id for s in steps(window)]
    pictures = [f.image.astype(int) for f in page.state.frames]
    assert all(np.abs(a - b).max() > 8 for a, b in zip(pictures, pictures[1:], strict=False))
    page.grab()


def test_a_stroke_is_added_changed_moved_and_taken_away(window: MainWindow, page: RecipePage) -> None:
    """By keys and by what is typed; ids last, each is one edit that undo takes back."""
    before = steps(window)
    press(page.strip, Qt.Key.Key_Right)
    chosen = page.state.step_id
    assert chosen == before[1].id
    press(page.strip, Qt.Key.Key_Insert)
    made = steps(window)
    assert len(made) == len(before) + 1 and made[2].id == page.state.step_id
    page.boxes["mix"].setText("Ember 1 : Candle cream 2")
    page.boxes["mix"].setModified(True)
    page.boxes["mix"].editingFinished.emit()
    assert dict(steps(window)[2].mix) == {"ember": 1, "candle": 2}
    page.choices["mask"].setCurrentIndex(page.choices["mask"].findData("up"))
    page.change("mask", "up")
    assert steps(window)[2].placing.mask == "up"
    page.move(-1)
    assert [s.id for s in steps(window)][:3] == [before[0].id, page.state.step_id, before[1].id]
    press(page.strip, Qt.Key.Key_Delete)
    assert steps(window) == before
    window.session.undo()
    assert len(steps(window)) == len(before) + 1


def test_what_is_typed_wrong_is_refused_and_the_recipe_stays(window: MainWindow, page: RecipePage) -> None:
    """Said below the fields; the field shows again what holds."""
    before = window.session.plans.scheme
    wrong = {
        "mix": ("Nobody 2", ""),
        "coats": ("nan", "0"),
        "thinner": ("-1",),
        "minutes": ("²",),
        "name": (" ",),
        "size": ("0",),
    }
    for field, text in ((f, t) for f, texts in wrong.items() for t in texts):
        page.fault.clear()
        page.change(field, text)
        assert page.fault.text() and window.session.plans.scheme == before, field
        assert page.boxes[field].text() != text


def test_a_base_that_does_not_cover_is_warned_of_with_what_would(window: MainWindow, page: RecipePage) -> None:
    """One thin coat of yellow over black: so many would, fewer over a pale undercoat."""
    base = next(s for s in steps(window) if s.technique == "base")
    page.choose(base.id)
    page.change("coats", "1")
    page.change("mix", "Flame yellow")
    page.change("thinner", "2")
    assert any("do" in words and "cover" in words for words in page.minded.words)
    assert "Coats to cover" in page.answer.text()
    page.change("coats", "12")
    assert not any(w.startswith("Base") and "cover" in w for w in page.minded.words)


def test_a_zone_without_a_recipe_gets_its_first_stroke(window: MainWindow, page: RecipePage) -> None:
    """Empty words say what belongs there; the first stroke is a base."""
    from numerus.domain.painting.zones import Zone

    window.session.commit("zone", [Zone("moth", "Moth wing", 40)])
    page.state.zone_id = "moth"
    page.refresh()
    assert page.state.steps == () and page.summary == "no stroke yet"
    page.add()
    assert [s.technique for s in steps(window, "moth")] == ["base"]
    page.grab()


def test_a_paint_gone_from_the_rack_is_named(window: MainWindow, page: RecipePage) -> None:
    """Its stroke stays, hatched; the others go on."""
    from numerus.book.book import Removed

    window.session.commit("lost", [Removed("paint", "peat")])
    assert any("gone" in words for words in page.minded.words)
    assert len(page.state.laid()) == len(steps(window)) - 1
    page.grab()


def test_a_scheme_goes_out_and_comes_back_in(window: MainWindow, page: RecipePage, tmp_path: Path) -> None:
    """As JSON and as a card to print; what is no scheme is refused and the army keeps its own."""
    before = window.session.plans.scheme
    page.save_scheme(tmp_path / "s.json")
    page.save_scheme(tmp_path / "s.pdf")
    assert (tmp_path / "s.pdf").read_bytes()[:4] == b"%PDF"
    (tmp_path / "no.json").write_text("{}")
    page.take_scheme(tmp_path / "no.json")
    assert "no scheme" in page.fault.text() and window.session.plans.scheme == before
    page.take_scheme(tmp_path / "s.json")
    after = window.session.plans.scheme
    assert after.id != before.id and [len(r.steps) for r in after.recipes] == [len(r.steps) for r in before.recipes]
    window.session.undo()
    assert window.session.plans.scheme == before


def test_an_effect_is_put_on_a_zone_in_one_edit(
    window: MainWindow, page: RecipePage, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Chosen by name; its strokes follow the zone's own, its light stands where the chosen zone is; undo takes all of it."""
    before = steps(window)
    source = next(z for z in window.session.plans.zone_areas_cm2(page.state.figure) if z != page.state.zone_id)

    def glow(dialog: EffectsDialog) -> int:
        dialog.names.setCurrentRow([e.name for e in EFFECTS].index("glow"))
        dialog.sources.setCurrentIndex(dialog.sources.findData(source))
        dialog.grab()
        return 1

    monkeypatch.setattr(EffectsDialog, "exec", glow)
    page.asks.add_effect()
    after = steps(window)
    assert after[: len(before)] == before and [s.technique for s in after[len(before) :]] == ["glow"] * 3
    assert len({s.placing.at for s in after[len(before) :]}) == 1 and after[-1].placing.at != (0.0, 0.0, 0.0)
    assert len(page.state.frames) == min(len(after), 12)
    window.session.undo()
    assert steps(window) == before


def test_a_way_back_is_seen_taken_for_the_batch_and_kept_in_the_journal(
    window: MainWindow, page: RecipePage, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Cards with what each way comes to; words that are no colour are refused; its strokes are extra, the scheme stays."""
    before, shown, runs = window.session.plans, [], window.session.answers.standing.runs

    def take(dialog: RescueDialog) -> int:
        dialog.show()
        dialog.faults.setCurrentText(WRONG_HUE)
        dialog.work()
        assert "colour" in dialog.note.text() and not dialog.take.isEnabled()
        dialog.colour.setText("gren")
        dialog.work()
        assert "gren" in dialog.note.text()
        dialog.colour.setText("dark green")
        dialog.work()
        dialog.grab()
        shown.extend(dialog.state.shown)
        dialog.scope.setCurrentText(BATCH)
        return 1

    monkeypatch.setattr(RescueDialog, "exec", take)
    page.asks.rescue()
    assert 2 <= len(shown) <= 4 and shown[0].way.steps
    facts = [f for f in window.session.answers.facts if getattr(f.event, "stage", "") == "rescue"]
    assert len(facts) == len(shown[0].way.steps) and len(facts[0].figures) > 1 and not facts[0].event.measured
    assert window.session.plans.scheme == before.scheme
    assert window.session.answers.standing.runs.keys() == runs.keys(), "it is no run of a machine"
    window.session.undo()
    assert not [f for f in window.session.answers.facts if getattr(f.event, "stage", "") == "rescue"]


def test_a_photograph_tells_what_colour_it_is_now(
    page: RecipePage, monkeypatch: pytest.MonkeyPatch, tmp_path: Path
) -> None:
    """The ring's colour becomes what is to be rescued; the ways back begin there."""
    Image.fromarray(np.full((60, 80, 3), (40, 110, 60), np.uint8)).save(tmp_path / "gone_wrong.png")
    told: list[str] = []

    def read(dialog: ColourDialog) -> int:
        dialog.show_file(tmp_path / "gone_wrong.png")
        dialog._accept()
        return 1

    def ask(dialog: RescueDialog) -> int:
        dialog.from_photograph()
        told.extend([dialog.faults.currentText(), dialog.colour.text(), dialog.note.text()])
        assert dialog.state.shown
        return 0

    monkeypatch.setattr(ColourDialog, "exec", read)
    monkeypatch.setattr(RescueDialog, "exec", ask)
    page.asks.rescue()
    assert told == [WRONG_HUE, "#286E3C", ""]


def test_zones_are_put_in_order_when_one_takes_it(
    window: MainWindow, page: RecipePage, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Sprays and messy zones first, each with its reason; one's own order stays until then, and comes back by undo."""
    before = window.session.plans.scheme
    monkeypatch.setattr(OrderDialog, "exec", lambda dialog: dialog.grab() is None)
    page.asks.order()
    assert window.session.plans.scheme == before
    monkeypatch.setattr(OrderDialog, "exec", lambda _: 1)
    page.asks.order()
    after = window.session.plans.scheme
    assert {r.zone for r in after.recipes} == {r.zone for r in before.recipes} and after != before
    sprayed = [any(s.technique == "spray" for s in r.steps) for r in after.recipes]
    assert sprayed == sorted(sprayed, reverse=True)
    window.session.undo()
    assert window.session.plans.scheme == before


def test_a_spray_over_a_finished_zone_is_told(window: MainWindow, page: RecipePage) -> None:
    """What it would hit and what to do about it; sprayed first of all, nothing is said."""
    last = window.session.plans.scheme.recipes[-1].zone
    page.zones.setCurrentIndex(page.zones.findData(last))
    page._zone_taken(0)
    page.change("technique", "spray")
    told = [words for words in page.state.warnings() if "Overspray" in words]
    assert told and "cm²" in told[0] and "tape" in told[0]


def test_a_freehand_line_is_drawn_on_the_figure_by_mouse_and_by_keys(
    qtbot: QtBot, window: MainWindow, page: RecipePage, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Measured while one draws, the last line taken back; one edit of the stroke, seen in its frame; undo takes it back."""
    press(page.strip, Qt.Key.Key_Insert)
    page.change("technique", "line")
    assert any("nothing is drawn" in words for words in page.state.warnings())
    bare, before = page.state.frames[page.state.steps.index(page.state.step)].image, steps(window)
    told: list[str] = []

    def draw(dialog: DrawDialog) -> int:
        dialog.show()
        view, middle = dialog.view, dialog.view.rect().center()
        qtbot.mousePress(view, Qt.MouseButton.LeftButton, pos=middle)
        for n in range(1, 9):
            qtbot.mouseMove(view, middle + QPoint(0, 6 * n))
        qtbot.mouseRelease(view, Qt.MouseButton.LeftButton, pos=middle + QPoint(0, 48))
        told.append(dialog.told.text())
        for key in (Qt.Key.Key_Space, Qt.Key.Key_Left, Qt.Key.Key_Space, Qt.Key.Key_Return):
            qtbot.keyClick(view, key)
        told.append(dialog.told.text())
        dialog.take_back()
        told.append(dialog.told.text())
        return 1

    monkeypatch.setattr(DrawDialog, "exec", draw)
    page.asks.draw()
    assert told[0].startswith("1 line,") and told[1].startswith("2 lines,") and told[2] == told[0]
    step = page.state.step
    assert len(step.placing.drawn) == 1 and 0 < step.placing.drawn_share < 0.2 and step.placing.mask == ""
    assert not any("nothing is drawn" in words for words in page.state.warnings())
    assert np.abs(page.state.frames[page.state.steps.index(step)].image.astype(int) - bare).max() > 8
    window.session.undo()
    assert steps(window) == before


def test_any_stroke_goes_only_where_a_hand_drew_it(
    window: MainWindow, page: RecipePage, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Its mask becomes by hand; one that is drawn to nothing says so, and Cancel changes nothing."""
    before = steps(window)
    monkeypatch.setattr(DrawDialog, "exec", lambda dialog: dialog.start_over())
    page.asks.draw()
    assert steps(window) == before

    def empty(dialog: DrawDialog) -> int:
        dialog.start_over()
        assert dialog.told.text() == "Nothing drawn yet."
        return 1

    monkeypatch.setattr(DrawDialog, "exec", empty)
    page.asks.draw()
    assert page.state.step.placing.mask == "by hand" and page.choices["mask"].currentData() == "by hand"
    assert any("nothing is drawn" in words for words in page.state.warnings())
