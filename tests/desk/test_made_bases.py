"""Bases made at Sort in the real window: seen while they are typed, taken into the kit as parts, refused in words."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from bench_steps import sort_bench
from PIL import Image

from numerus.desk.stages.sort.base_dialog import PICTURE, BaseDialog
from numerus.desk.window import MainWindow
from numerus.kit.statements import OTHER_BASE


def asked(window: MainWindow) -> BaseDialog:
    window.session.select("lock")
    window.session.go("sort")
    bench = window.benches["sort"]
    return BaseDialog(window.context, window.renderer, bench, bench.state.unit.base_mm)


def test_three_bases_of_a_kind_become_parts_of_the_kit(window: MainWindow) -> None:
    """Each another, in the slot of bases, closed and of the unit's size; undo takes them back."""
    dialog = asked(window)
    dialog.many.setValue(3)
    dialog.grab()
    before = set(window.session.plans.parts)
    window.benches["sort"].make_bases(dialog)
    made = [p for i, p in window.session.plans.parts.items() if i not in before]
    assert len(made) == 3 and {p.slot for p in made} == {"base"} and len({p.blob for p in made}) == 3
    assert all(p.watertight and abs(p.extents_mm[0] - window.session.unit.base_mm) < 0.1 for p in made)
    while set(window.session.plans.parts) != before:
        window.session.undo()


def test_what_is_typed_is_seen_and_what_cannot_be_is_said(window: MainWindow, tmp_path: Path) -> None:
    """A pocket through the top is refused and nothing can be made; a picture is taken as a height field; sizes are told."""
    dialog = asked(window)
    assert " ml each" in dialog.words.text() and dialog.make.isEnabled()
    dialog.sizes["magnet_deep_mm"].setValue(3.4)
    assert "over it" in dialog.fault.text() and not dialog.make.isEnabled()
    dialog.sizes["magnet_deep_mm"].setValue(2.0)
    assert dialog.make.isEnabled() and not dialog.fault.text()
    Image.fromarray(np.tile(np.linspace(0, 255, 64).astype(np.uint8), (64, 1))).save(tmp_path / "slope.png")
    dialog.texture.setCurrentText(PICTURE)
    dialog.take_picture(tmp_path / "slope.png")
    top = dialog.mesh(0).vertices
    high = top[(top[:, 2] > 3.5) & (np.abs(top[:, 1]) < 3)]
    assert high[high[:, 0] > 5][:, 2].mean() > high[high[:, 0] < -5][:, 2].mean() + 0.2
    dialog.take_picture(tmp_path / "none.png")
    assert dialog.fault.text()


def test_a_base_that_is_not_as_the_roster_asks_is_told_and_scaled(window: MainWindow) -> None:
    """Muster names it, Sort has a card whose click makes it as wide; undo brings it back."""
    session = window.session
    session.commit("asks for more", [replace(session.plans.units["lock"], base_mm=32.0)])
    muster = window.benches["muster"]
    assert "asks for bases of 32 mm: base_" in muster.bases.text() and "lock" in muster.units.base_words
    bench = sort_bench(window, "lock")
    assert "the roster asks for bases of 32 mm" in bench.subtitle.text()
    asked = [s for s in bench.layout_page.cards.statements if s.kind == OTHER_BASE]
    bench.act(asked[0])
    wide = session.plans.parts[asked[0].part_id].extents_mm
    assert max(wide) == pytest.approx(32, abs=0.01)
    assert len(bench.state.other_bases) == len(asked) - 1
    session.undo()
    assert max(session.plans.parts[asked[0].part_id].extents_mm) < 29
