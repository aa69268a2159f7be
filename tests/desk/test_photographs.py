"""Photographs of figures in the real window: attached side by side, put into white light, kept, shown on the army's page."""

from __future__ import annotations

import io
from pathlib import Path

import numpy as np
import pytest
from PIL import Image

from numerus.desk.stages.finish.bench import PHOTO_PAGE
from numerus.desk.window import MainWindow
from numerus.progress.army_page import JPEG
from numerus.progress.figure_records.photographs import SIDES, in_white_light, photographs_of, shown_photographs


@pytest.fixture
def photograph(tmp_path: Path) -> Path:
    """Under a warm lamp, a grey card in it at (60, 60)."""
    pixels = np.full((200, 160, 3), (120, 80, 50), np.uint8)
    pixels[40:80, 40:80] = (190, 150, 110)
    Image.fromarray(pixels).save(tmp_path / "front.png")
    return tmp_path / "front.png"


def opened(window: MainWindow):  # type: ignore[no-untyped-def]
    window.session.select("lock", "lock-0")
    window.session.go("finish")
    window.benches["finish"].open_page(PHOTO_PAGE)
    window.grab()
    return window.benches["finish"].photo_page


def test_sides_are_attached_and_ticked_and_kept(window: MainWindow, photograph: Path, tmp_path: Path) -> None:
    """The side in hand, one edit each; the list counts who has all; undo; what is no picture is told."""
    page = opened(window)
    for side in SIDES:
        page.choose("lock-0", side)
        assert page.state.taken is None and "No photograph yet" in page.view.empty_words
        page.attach(photograph)
        assert page.state.taken is not None and page.state.pixels.shape == (200, 160, 3)
    window.grab()
    assert page.heading.text().startswith("1 of 10 figures")
    (tmp_path / "no.png").write_bytes(b"no picture")
    page.attach(tmp_path / "no.png")
    assert window.errors.message.text()
    window.session.undo()
    assert page.heading.text().startswith("0 of 10 figures")
    assert len(page.state.colours) >= 4


def test_a_grey_card_puts_the_photograph_into_white_light(window: MainWindow, photograph: Path) -> None:
    """Dragged onto the card it is one entry more; the picture shown is neutral there, the kept one is as it was."""
    page = opened(window)
    page.attach(photograph)
    page.ask_card()
    page.view.places[0].x, page.view.places[0].y = 60.0, 60.0
    page.view.moved.emit()
    assert page.state.card_at == (60.0, 60.0) and "In white light" in page.note.text()
    shown = page.state.shown[60, 60].astype(int)
    assert np.ptp(shown) <= 2 and np.ptp(page.state.pixels[60, 60].astype(int)) > 50
    facts = window.session.answers.facts
    assert set(photographs_of(facts, "lock-0")) == {"front"}
    fronts = shown_photographs(facts, ["lock-0", "lock-1"], window.session.book.blob)
    assert set(fronts) == {"lock-0"} and fronts["lock-0"].startswith(JPEG)
    small = np.asarray(Image.open(io.BytesIO(fronts["lock-0"])))
    assert np.ptp(small[60, 60].astype(int)) < 8
    assert in_white_light(page.state.pixels, (2.0, 2.0)).shape == page.state.pixels.shape
