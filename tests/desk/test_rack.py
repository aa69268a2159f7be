"""Rack and mixing bench in the real window: from an army's own pots to a mix in a recipe, with what goes wrong said at entry."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import pytest
from bench_steps import at
from PyQt6.QtCore import QMimeData, QPoint, QPointF, Qt
from PyQt6.QtGui import QDragEnterEvent, QDropEvent, QGuiApplication
from PyQt6.QtWidgets import QDialog, QFileDialog, QInputDialog
from rack_steps import open_page, write

from helpers import EVENING
from numerus.book.book import Book
from numerus.desk.stages.paint.bench import LINE, MIX, RACK, RECIPE
from numerus.desk.stages.paint.colours.colour_dialog import ColourDialog
from numerus.desk.stages.paint.mix.state import ON_DARK
from numerus.desk.stages.paint.page_tab import POT_MIME
from numerus.desk.stages.paint.rack.cup_dialog import CupDialog
from numerus.desk.stages.paint.rack.replace_dialog import ReplaceDialog
from numerus.desk.stages.paint.rack.state import BY_LACK, MIXES, ORDERS
from numerus.desk.window import MainWindow
from numerus.domain.army import Army

PATHS = {
    "rack.csv": "name,hex,kind,ml\nChalk,#F4F2EC,opaque,12\nBrick,#A8412B,semi-opaque,9\nSoot,#17181B,opaque,5\nBog,#4A3524,wash,\n"
}


@pytest.fixture
def empty(make, tmp_path: Path) -> MainWindow:  # type: ignore[no-untyped-def]
    """A new army without a pot."""
    book = Book.open(tmp_path / "own.numerus", create=True)
    book.commit("start", [Army("a", "Own", EVENING.date())])
    return make(book)


def test_an_army_of_ones_own_gets_its_rack_a_mix_and_its_list(empty: MainWindow, tmp_path: Path, monkeypatch) -> None:  # type: ignore[no-untyped-def]
    """From an empty book: pots typed and brought in, a colour hit, the mix kept, everything taken back again."""
    rack = open_page(empty, RACK)
    rack.add_pot("Reed green")
    assert empty.session.plans.paints[rack.state.chosen[0]].known == "guessed"
    write(rack.card.boxes["colour"], "dark olive")
    write(rack.card.boxes["ml"], "14")
    path = tmp_path / "rack.csv"
    path.write_text(PATHS["rack.csv"])
    monkeypatch.setattr(QFileDialog, "getOpenFileName", lambda *_: (str(path), ""))
    rack.bring_in()
    assert {p.name for p in empty.session.plans.paints.values()} == {"Reed green", "Chalk", "Brick", "Soot", "Bog"}
    assert rack.state.shopping() == []
    mix = open_page(empty, MIX)
    mix.typed.setText("#C98A78")
    mix.typed.returnPressed.emit()
    assert mix.state.proposals and all(sum(n for _, n in p.parts) <= 12 for p in mix.state.proposals)
    mix.choose(1)
    wanted = mix.state.proposals[1].parts
    monkeypatch.setattr(QInputDialog, "getText", lambda *_, **__: ("House pink", True))
    mix.keep()
    kept = next(iter(empty.session.plans.mixes.values()))
    assert (kept.name, kept.parts) == ("House pink", wanted)
    boards = dict(open_page(empty, RACK).state.shelf())
    assert [p.name for p in boards[MIXES]] == ["House pink"]
    for _ in range(5):
        empty.session.undo()
    assert not empty.session.plans.paints and not empty.session.plans.mixes


def test_what_is_typed_wrong_is_refused_at_entry_and_the_bench_goes_on(window: MainWindow) -> None:
    """A colour that is none, "²", nan, a name that is taken: said on the card, nothing kept, every page still drawn."""
    rack = open_page(window, RACK)
    rack.choose("tallow", False)
    before = window.session.plans
    for field, words in (("colour", "drak red"), ("ml", "²"), ("hides", "nan"), ("pot", "-3"), ("opened", "spring")):
        write(rack.card.boxes[field], words)
        assert rack.card.fault.isVisible() and rack.card.fault.text()
    write(rack.card.name, "Candle cream")
    assert "already" in rack.card.fault.text()
    assert window.session.plans == before
    for page in (LINE, RACK, MIX):
        open_page(window, page).grab()


def test_several_pots_are_changed_at_once(window: MainWindow) -> None:
    """One edit, one undo; what they share is shown, what differs is not."""
    rack = open_page(window, RACK)
    rack.choose("tallow", False)
    rack.choose("oak", True)
    assert rack.state.chosen == ("tallow", "oak") and rack.card.boxes["colour"].text() == ""
    write(rack.card.boxes["place"], "drawer 2")
    assert {window.session.plans.paints[p].place for p in ("tallow", "oak")} == {"drawer 2"}
    window.session.undo()
    assert {window.session.plans.paints[p].place for p in ("tallow", "oak")} == {""}


def test_the_shelf_is_found_sorted_and_copied(window: MainWindow) -> None:
    """By words, by what runs out first, as text."""
    rack = open_page(window, RACK)
    rack.query.setText("lantern skin")
    assert {p.name for _, pots in rack.state.shelf() for p in pots} >= {"Pale skin", "Ruddy skin"}
    assert all("Lantern" in window.session.plans.paints[p.id].maker for _, pots in rack.state.shelf() for p in pots)
    rack.query.setText("")
    rack.order.setCurrentText(BY_LACK)
    rack._ordered(ORDERS.index(BY_LACK))
    assert rack.state.shelf()[0][1][0].name == "Cobble grey"
    rack.copy()
    assert len(QGuiApplication.clipboard().text().splitlines()) == len(window.session.plans.paints)
    rack.shelf.setFocus(Qt.FocusReason.TabFocusReason)
    rack.grab()


def test_renaming_a_used_pot_empties_nothing(window: MainWindow) -> None:
    """Every recipe that named it still does, and looks the same."""
    before = window.session.plans.scheme
    rack = open_page(window, RACK)
    rack.choose("tallow", False)
    write(rack.card.name, "Tallow, new label")
    assert window.session.plans.paints["tallow"].name == "Tallow, new label"
    assert window.session.plans.scheme == before
    assert "Tallow, new label" in window.benches["paint"].mix.state.rack.names.values() or open_page(window, MIX)


def test_taking_a_used_pot_away_says_where_and_offers_what_may_stand_in(window: MainWindow, monkeypatch) -> None:  # type: ignore[no-untyped-def]
    """Its nearest, a mix, or gone but legible; each is one edit."""
    rack = open_page(window, RACK)
    rack.choose("slate", False)
    asked = ReplaceDialog(window.context, rack.state, rack)
    words = [choice.text() for choice, _, _ in asked.choices]
    assert "instead" in words[0] and words[-1].endswith("marked gone")
    monkeypatch.setattr(ReplaceDialog, "exec", lambda _: QDialog.DialogCode.Accepted)
    uses = len(rack.state.uses())
    rack.take_away()
    assert "slate" not in window.session.plans.paints and uses > 0
    assert not [p for r in window.session.plans.scheme.recipes for s in r.steps for p, _ in s.mix if p == "slate"]
    window.session.undo()
    rack.choose("slate", False)
    monkeypatch.setattr(ReplaceDialog, "_chosen", ((), True))
    rack.take_away()
    assert window.session.plans.paints["slate"].gone
    assert "slate" not in {p.id for p in window.benches["paint"].mix.state.pots} or open_page(window, MIX)
    open_page(window, LINE).grab()


def test_a_mix_goes_into_a_stroke_and_changes_with_it(window: MainWindow, monkeypatch) -> None:  # type: ignore[no-untyped-def]
    """Used by its name; poured otherwise, the stroke is otherwise."""
    mix = open_page(window, MIX)
    mix.parts.setText("Ember 2 : Candle cream 1")
    mix.type_parts()
    mix.keep_as("Warm light")
    kept = next(iter(window.session.plans.mixes))
    mix.parts.setText("Warm light")
    mix.type_parts()
    stroke = next(words for words, _ in mix.state.strokes() if words.startswith("coat: Layer"))
    monkeypatch.setattr(QInputDialog, "getItem", lambda *_: (stroke, True))
    mix.use()
    step = next(s for s in window.session.plans.scheme.recipes[0].steps if s.name == "Layer")
    assert step.mix == ((kept, 1.0),)
    rack = open_page(window, RACK)
    rack.choose(kept, False)
    before = rack.state.rack.pigment(step.mix).colour
    rack.pour("Eel blue 1")
    assert rack.state.rack.pigment(step.mix).colour != before
    with pytest.raises(Exception, match="itself"):
        rack.pour("Warm light 1 : Ember 1")


def test_a_batch_is_compared_with_its_reference_and_brought_back(window: MainWindow, monkeypatch) -> None:  # type: ignore[no-untyped-def]
    """Two swatches of a kept mix: the difference with its error, and the drops; the pots learn from them."""
    mix = open_page(window, MIX)
    mix.parts.setText("Slate grey 3 : Candle cream 1")
    mix.type_parts()
    mix.keep_as("Mist")
    rack = open_page(window, RACK)
    rack.choose(next(iter(window.session.plans.mixes)), False)
    reference = rack.state.rack.pigment((("slate", 3.0), ("candle", 1.0))).colour
    for colour in (reference, rack.state.rack.pigment((("slate", 7.0), ("candle", 1.0))).colour):
        monkeypatch.setattr(
            ColourDialog, "exec", lambda d, c=colour: setattr(d, "colour", c) or setattr(d, "error", 0.5) or 1
        )
        rack.swatch_seen()
    found = rack.state.comparison()
    assert found is not None and found.verdict == "will show"
    assert rack.state.corrections(40)[0].pot == "candle"
    assert "ΔE" in rack.card.mix_note.text() and "Candle cream" in rack.card.mix_note.text()
    assert window.session.plans.paints["slate"].strength_error > 0

    def fill_in(dialog: CupDialog) -> int:
        dialog.left.setText("0.5")
        dialog.added.setText("Ember 1")
        return 1

    monkeypatch.setattr(CupDialog, "exec", fill_in)
    rack.go_on()
    assert sorted(m.name for m in window.session.plans.mixes.values()) == ["Mist", "Mist, then Ember"]


def dropped(pot: str, at: QPointF) -> QDropEvent:
    """A pot let go at a place."""
    data = QMimeData()
    data.setData(POT_MIME, pot.encode())
    made = QDropEvent(at, Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier)
    made.keeps = data  # type: ignore[attr-defined]  # the event does not own it
    return made


def test_a_pot_is_dragged_from_the_rack_into_a_stroke(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """Held over the Recipe's tab its page opens; let go on a stroke, that one has a part more of it; beside them nothing."""
    rack = open_page(window, RACK)
    tab = window.benches["paint"].tabs[RECIPE]
    data = QMimeData()
    data.setData(POT_MIME, b"ember")
    tab.dragEnterEvent(
        QDragEnterEvent(
            QPoint(4, 4),
            Qt.DropAction.CopyAction,
            data,
            Qt.MouseButton.LeftButton,
            Qt.KeyboardModifier.NoModifier,
        )
    )
    qtbot.waitUntil(lambda: window.benches["paint"].page == RECIPE, timeout=3000)
    recipe = window.benches["paint"].recipe
    recipe.strip.grab()
    box, step_id = recipe.strip._places[1]
    recipe.strip.dropEvent(dropped("ember", box.center() * window.context.theme.zoom))
    step = next(s for s in recipe.state.steps if s.id == step_id)
    assert dict(step.mix)["ember"] == 1.0 and recipe.state.step_id == step_id
    recipe.strip.dropEvent(dropped("ember", QPointF(-5, -5)))
    window.session.undo()
    assert "ember" not in dict(next(s for s in recipe.state.steps if s.id == step_id).mix)
    assert rack is not None


def test_small_changes_painters_know_are_a_press_away(window: MainWindow) -> None:
    """Paper white is offered as the off-white of teeth and eyes, and the leftovers of a batch for bases."""
    mix = open_page(window, MIX)
    window.session.commit(
        "white", [replace(window.session.plans.paints["candle"], id="w", name="Paper", colour="#FBFBFA")]
    )
    mix.refresh()
    mix.parts.setText("Paper 1")
    mix.type_parts()
    shown = [offer for offer in mix.offers if offer.text().startswith("off-white")]
    before = mix.state.paint.lab
    shown[0].click()
    after = mix.state.paint.lab
    assert after[2] > before[2] + 1 and after[0] > 75


def test_pots_are_struck_and_the_ground_changes_what_matches(window: MainWindow) -> None:
    """Without a pot no mix has it; over dark others match than when it hides; a zone is a target, its batch in drops."""
    mix = open_page(window, MIX)
    mix.zones.setCurrentIndex(mix.zones.findText("coat"))
    mix._zone_taken(0)
    assert "coat" in mix.state.wanted.source and mix.state.figures == sum(
        any(s.zone == "coat" for s in f.next_strokes) for f in window.session.answers.standing.figures.values()
    )
    first = mix.state.proposals[0].parts
    struck = first[0][0]
    mix.strike(struck)
    assert all(struck not in dict(p.parts) for p in mix.state.proposals)
    mix.strike(struck)
    assert mix.state.proposals[0].parts == first
    mix.state.ground = ON_DARK
    mix.search()
    assert mix.state.proposals[0].parts != first
    mix.state.sprayed = True
    made = mix.state.batch()
    assert made is not None and made.made_ml >= made.wanted_ml
    mix.state.add_pot("ember")
    assert dict(mix.state.parts)["ember"] >= 1
    mix.grab()


def test_the_rack_opens_from_anywhere_by_key(window: MainWindow) -> None:
    """Its command, and the day goes on below it."""
    window.session.go("muster")
    window.actions_by_title["Paint rack"].trigger()
    assert window.session.stage == "paint" and window.benches["paint"].page == RACK
    at(window, EVENING)
    assert window.benches["paint"].add_pot_button.isVisible()


def test_bulk_is_for_as_many_figures_as_one_says_and_to_any_level(window: MainWindow) -> None:
    """Twice the figures, twice the ml; what strokes of the scheme lay counts by them; a level that asks for more takes more."""
    mix, state = open_page(window, MIX), window.benches["paint"].mix.state
    scheme = window.session.plans.scheme
    recipe, shared = next((r, s) for r in scheme.recipes for s in r.steps if len(s.mix) == 1 and s.technique == "base")
    mix.parts.setText(f"{state.rack.name_of(shared.mix[0][0])} 1")
    mix.type_parts()
    mix.zones.setCurrentIndex(mix.zones.findData(recipe.zone))
    state.zone_id = recipe.zone
    mix.count.setValue(10)
    assert state.figures == 10 and state.by_strokes and not mix.many.isEnabled()
    ten = state.wanted_ml()
    mix.count.setValue(20)
    assert state.wanted_ml() == pytest.approx(2 * ten) and mix.batch_title.text() == "For 20 figures"
    asked = {}
    for n in range(mix.level.count()):
        mix.level.setCurrentIndex(n)
        mix._batch_changed()
        asked[mix.level.currentData()] = state.wanted_ml()
    assert asked["table"] <= asked["good"] <= asked["parade"]
    mix.parts.setText("Ember 1 : Candle cream 1")
    mix.type_parts()
    assert not state.by_strokes and mix.many.isEnabled()
    wet = state.wanted_ml()
    mix.many.setValue(4)
    assert state.wanted_ml() == pytest.approx(2 * wet)
