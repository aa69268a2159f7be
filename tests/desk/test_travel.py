"""How the army travels, in the real window: files to cut, pin on and tick; foam or magnets."""

from __future__ import annotations

import re
from dataclasses import replace
from pathlib import Path

import pytest

from numerus.desk.window import MainWindow
from numerus.domain.army import FOAM, MAGNETS


def test_everything_to_pack_by_is_written(window: MainWindow, tmp_path: Path) -> None:
    """Sheets as large as their trays, to the tenth of a millimetre; labels; the list with a picture of every figure that has parts."""
    window.session.go("ready")
    bench = window.benches["ready"]
    bench.cut_into(tmp_path)
    trays = bench.state.packed.trays
    pages = re.findall(rb"/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]", (tmp_path / "trays.pdf").read_bytes())
    sizes = {(round(float(w) / 72 * 25.4, 1), round(float(h) / 72 * 25.4, 1)) for w, h in pages}
    assert len(pages) == len(trays)
    assert all(any(abs(w - t.wide_mm) < 0.4 and abs(h - t.deep_mm) < 0.4 for w, h in sizes) for t in trays)
    assert (tmp_path / "labels.pdf").read_bytes()[:5] == b"%PDF-"
    page = (tmp_path / "packing-list.html").read_text()
    assert page.count("<tr>") == page.count("<img") == sum(len(t.laid) for t in trays)
    assert "outer box" in bench.sent.text()


def test_magnets_instead_of_foam_is_one_choice_kept_in_the_book(window: MainWindow) -> None:
    """Figures stand in circles and say their magnets; undo lays them down again."""
    session = window.session
    session.go("ready")
    bench = window.benches["ready"]
    lying = bench.state.packed
    bench.travels.setCurrentIndex(bench.travels.findData(MAGNETS))
    bench.travels.activated.emit(bench.travels.currentIndex())
    assert session.plans.army.travels == MAGNETS and bench.state.packed is not lying
    laid = [p.pocket for t in bench.state.packed.trays for p in t.laid]
    assert {p.attitude for p in laid} == {"standing"} and all("magnet" in p.note for p in laid)
    assert "steel" in bench.words.text() and not bench.sent.text()
    bench.grab()
    session.undo()
    assert session.plans.army.travels == FOAM and "foam" in bench.words.text()


def test_packing_that_is_under_way_or_stopped_is_not_told_as_an_army_without_parts(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Who comes back before it has ended still sees that it is being packed; once it was stopped, opening the bench packs again."""
    started: list[tuple[object, ...]] = []
    monkeypatch.setattr(
        window.context.jobs, "start", lambda name, *given: started.append(given) if name == "packing" else None
    )
    bench = window.benches["ready"]
    for stage in ("ready", "muster", "ready"):
        window.session.go(stage)
    assert len(started) == 1 and bench.packing.busy
    started[0][3]()  # the user pressed Cancel
    assert "stopped" in bench.words.text()
    for stage in ("muster", "ready"):
        window.session.go(stage)
    assert len(started) == 2 and "stopped" not in bench.words.text()
    window.session.commit("another way", [replace(window.session.plans.army, travels=MAGNETS)])
    assert len(started) == 3
    started[1][3]()  # told late, of what is no longer waited for
    assert "stopped" not in bench.words.text()
