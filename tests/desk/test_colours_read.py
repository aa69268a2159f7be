"""Colours read from pictures in the real window: a card, a swatch kept beside, a place of a photograph."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
from PIL import Image
from PyQt6.QtCore import Qt
from rack_steps import key_press, open_page

from helpers import EVENING
from numerus.colour.light import delta_e, encoded, lab_of, linear, rgb_of
from numerus.colour.reflectance import light_of
from numerus.colour.swatch_card import CardLayout
from numerus.desk.stages.paint.bench import MIX, RACK
from numerus.desk.stages.paint.colours.card_dialog import CardDialog
from numerus.desk.stages.paint.colours.colour_dialog import ColourDialog
from numerus.desk.window import MainWindow
from numerus.devices.simulated_pots import simulated_pigment
from numerus.devices.swatch_camera import Camera, photograph
from numerus.domain.painting.paints import BESIDE, Swatch
from numerus.paint.rack.batches import compared


def test_todays_batch_is_read_beside_the_kept_swatch_in_one_picture(window: MainWindow, tmp_path: Path) -> None:
    """Whatever cast the light has: both are seen in it, so today's colour comes out as against the kept one."""
    kept = Swatch(EVENING.date(), "#8A5A32", 0.4)
    for n, cast in enumerate(((1.0, 0.8, 0.6), (0.6, 0.8, 1.0))):
        looks = [encoded(linear(rgb_of(c)) * cast) for c in ("#7A5A40", "#8A5A32")]
        pixels = np.zeros((200, 400, 3), np.uint8)
        pixels[:, :240], pixels[:, 240:] = (np.round(255 * look) for look in looks)
        Image.fromarray(pixels).save(tmp_path / f"{n}.png")
        dialog = ColourDialog(window.context, window, kept)
        dialog.beside.setCurrentIndex(dialog.beside.count() - 1)
        dialog.show_file(tmp_path / f"{n}.png")
        assert float(delta_e(lab_of(rgb_of(dialog.typed.text())), lab_of(rgb_of("#7A5A40")))) < 1.0
        assert dialog.known == BESIDE
    today = Swatch(EVENING.date(), "#7A5A40", 0.3, BESIDE)
    assert compared(today, replace(kept, error=5.0)).error == 0.3


def test_a_pot_is_measured_from_a_photograph(window: MainWindow, tmp_path: Path) -> None:
    """Corners dragged onto the card: the pot gets what it looked like over black and over white; a wrong picture is refused."""
    pot = simulated_pigment(4)
    dark, pale = (light_of(pot.over(np.full(36, g), 15.0)) for g in (0.04, 0.85))
    others = [light_of(simulated_pigment(n).over(np.full(36, g), 15.0)) for n in range(5, 9) for g in (0.04, 0.85)]
    taken = photograph(CardLayout(5), [dark, *others[::2]], [pale, *others[1::2]], (0.04, 0.85), Camera(9))
    Image.fromarray(taken.pixels).save(tmp_path / "card.png")
    (tmp_path / "no.png").write_bytes(b"not a picture")
    rack = open_page(window, RACK)
    rack.choose("tallow", False)
    dialog = CardDialog(window.context, rack)
    dialog.show_file(tmp_path / "no.png")
    assert "no picture" in dialog.fault.text() and dialog.reading is None
    dialog.show_file(tmp_path / "card.png")
    for place, (x, y) in zip(dialog.view.places, taken.corners, strict=True):
        place.x, place.y = float(x), float(y)
    dialog.read()
    assert dialog.reading is not None
    made = dialog.measured(window.session.plans.paints["tallow"])
    for colour, true in ((made.over_black, dark), (made.over_white, pale)):
        assert float(delta_e(lab_of(rgb_of(colour)), lab_of(encoded(true)))) < made.colour_error + 0.5
    assert made.known == "measured"
    dialog.greys.setText("5, 85")
    dialog.read()
    assert "at least three" in dialog.fault.text()
    dialog.greys.setText("85, 5, 45, 18, 9 %")  # not this card's
    dialog.read()
    assert dialog.reading is None and dialog.fault.text()
    dialog.grab()


def test_a_colour_is_read_from_a_picture_into_mixes(window: MainWindow, tmp_path: Path) -> None:
    """The ring's place beside its grey; moved by keys it is read anew; a picture of 200 megapixels is refused."""
    pixels = np.full((120, 160, 3), 118, np.uint8)
    pixels[:, :100] = (138, 90, 50)
    Image.fromarray(pixels).save(tmp_path / "figure.png")
    mix = open_page(window, MIX)
    mix.show_file(tmp_path / "figure.png")
    assert float(delta_e(lab_of(rgb_of(mix.state.wanted.colour)), lab_of(rgb_of("#8A5A32")))) < 1.5
    assert mix.state.wanted.error > 0 and mix.state.proposals
    before = mix.view.places[0].x
    mix.view.setFocus()
    mix.view.keyPressEvent(key_press(Qt.Key.Key_Left, Qt.KeyboardModifier.ShiftModifier))
    assert mix.view.places[0].x == before - 10
    Image.new("1", (20_000, 10_000)).save(tmp_path / "large.png")
    wanted = mix.state.wanted
    mix.show_file(tmp_path / "large.png")
    assert "megapixels" in mix.fault.text() and mix.state.wanted == wanted
    mix.grab()
