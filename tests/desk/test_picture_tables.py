"""Every picture can be read as rows, and what a press does is done by Enter."""

from __future__ import annotations

from PyQt6.QtWidgets import QApplication

from numerus.desk.dialogs.as_table import PicturesInView, PictureTable, drawings_in
from numerus.desk.window import MainWindow


def test_the_pictures_in_view_are_listed_and_read(window: MainWindow) -> None:
    """Those of the bench in view, by their names; each row is what pointing there tells."""
    window.show()
    for stage in ("muster", "print", "ready"):
        window.session.go(stage)
        window.grab()
        QApplication.processEvents()
        shown = drawings_in(window)
        assert len(shown) >= 2 and all(d.accessibleName() for d in shown)
        for drawing in shown:
            table = PictureTable(drawing)
            assert table.rows.count() == sum(bool(r.description) for r in drawing.regions) > 0


def test_enter_does_what_a_press_does(window: MainWindow) -> None:
    """A stage of the band is gone to from its row."""
    window.show()
    window.session.go("muster")
    window.grab()
    listed = PicturesInView(window)
    band = next(d for d in listed.drawings if d is window.band)
    table = PictureTable(band)
    number = next(n for n, r in enumerate(table.regions) if r.act and "Paint" in r.description)
    table.rows.setCurrentRow(number)
    table.choose()
    assert window.session.stage == "paint"
