"""Zones in the real window: named by clicks and keys, cut by a line, grown from seeds, carried over."""

from __future__ import annotations

import numpy as np
import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtGui import QKeyEvent
from PyQt6.QtWidgets import QApplication
from sculpt_steps import add_zone, page

from numerus.book.book import Book
from numerus.desk.stages.paint.bench import ZONES
from numerus.desk.window import MainWindow


def test_a_sculpt_without_zones_is_named_by_clicks_and_undone(own: MainWindow) -> None:
    """A name typed once becomes a key; a click names a patch, Shift takes it back; it survives undo and a restart."""
    zones = page(own, ZONES)
    assert "still unnamed" in zones.summary
    cloak, skin = add_zone(zones, "Cloak"), add_zone(zones, "skin")
    zones.choose(cloak)
    zones.brushed([np.array([4.5, 0.0, 8.0])])
    zones.choose(skin)
    zones.brushed([np.array([4.5, 3.5, 20.1])])
    part = own.session.plans.figures["f0"].build["figure"]
    told = own.session.plans.part_zones[part]
    assert set(told.zones) == {cloak, skin} and "all of it named" in zones.summary
    own.session.undo()
    assert skin not in own.session.plans.part_zones[part].zones or "unnamed" in zones.summary
    own.session.redo()
    path = own.session.book.path
    own.session.open(Book.open(path))
    assert set(own.session.plans.part_zones[part].zones) == {cloak, skin}
    page(own, ZONES).grab()


def test_keys_choose_names_and_shift_takes_back(own: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """1 to 9; what is taken back is unnamed again."""
    zones = page(own, ZONES)
    first, _ = add_zone(zones, "Cloak"), add_zone(zones, "Skin")
    zones.keyPressEvent(QKeyEvent(QKeyEvent.Type.KeyPress, Qt.Key.Key_1, Qt.KeyboardModifier.NoModifier, "1"))
    assert zones.state.zone_id == first
    zones.brushed([np.array([4.5, 0.0, 8.0])])
    named = zones.state.named_share
    monkeypatch.setattr(QApplication, "keyboardModifiers", lambda: Qt.KeyboardModifier.ShiftModifier)
    zones.brushed([np.array([4.5, 0.0, 8.0])])
    assert zones.state.named_share < named


def test_a_patch_is_cut_by_a_line_and_a_zone_gets_another_name(
    own: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Alt and a line; a line that parts nothing is said; a name another zone has is refused, one undo brings the old back."""
    zones = page(own, ZONES)
    first, _ = add_zone(zones, "Cloak"), add_zone(zones, "Skin")
    before = sum(len(p.patches) for p in zones.state.parts)
    monkeypatch.setattr(QApplication, "keyboardModifiers", lambda: Qt.KeyboardModifier.AltModifier)
    zones.brushed([np.array([4.5, 0.0, z]) for z in (1.0, 8.0, 15.0)])
    assert sum(len(p.patches) for p in zones.state.parts) == before + 1
    zones.brushed([np.array([4.5, 0.0, 8.0])])
    assert "line" in zones.note.text() and sum(len(p.patches) for p in zones.state.parts) == before + 1
    zones.choose(first)
    zones.name.setText("skin")
    zones.rename()
    assert "already" in zones.note.text() and own.session.plans.zones[first].name == "Cloak"
    zones.name.setText("Mantle")
    zones.rename()
    assert own.session.plans.zones[first].name == "Mantle"
    own.session.undo()
    assert own.session.plans.zones[first].name == "Cloak"


def test_zones_grow_from_two_seeds_and_are_carried_over_to_the_other_sculpt(own: MainWindow) -> None:
    """The border lies where ball and block meet; the second figure is proposed the same, shown with its votes, and asked."""
    zones = page(own, ZONES)
    cloak, skin = add_zone(zones, "Cloak"), add_zone(zones, "Skin")
    zones.toggle_growing()
    for zone, at in ((cloak, (4.5, 0.0, 5.0)), (skin, (4.5, 3.5, 20.1))):
        zones.choose(zone)
        zones.brushed([np.array(at)])
    assert len(zones.state.seeds) == 2
    zones.grow()
    areas = zones.state.areas()
    assert areas.get("", 0.0) < 0.01 and areas[skin] < areas[cloak]
    own.session.go("muster")
    page(own, ZONES)
    zones.carry()
    assert zones.proposals and zones.proposals[0].agree > 0.7 and "votes agree" in zones.offered.text()
    other = zones.proposals[0].part_id
    assert other not in own.session.plans.part_zones, "nothing is guessed silently"
    zones.accept()
    assert set(own.session.plans.part_zones[other].zones) == {cloak, skin}
