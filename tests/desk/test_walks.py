"""From an empty book to a running plate on one's own files, by keys alone and by mouse alone: a scan in one piece, a messy kit,
files that came on supports.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path

import pytest
from key_steps import Key, Mod, in_dialog, press, to_stage, use
from PyQt6.QtCore import QPoint, Qt, QTimer
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QDialog, QDialogButtonBox, QFileDialog, QPushButton, QWidget

from helpers import ball_mesh, box_mesh, moved_by, stages, subdivided
from numerus.desk.window import MainWindow
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.stages import STAGES, TITLES
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.geometry.mesh import Mesh, merged
from numerus.printing.preparation.headless import supported_part


def cloaked(tall: float = 28.0) -> Mesh:
    """A small figure in one piece: a cloak with an arm held out, and a head."""
    cloak, arm = box_mesh((8, 7, tall - 5)), box_mesh((7, 2, 2), (7, 3, tall - 9))
    return merged([subdivided(cloak, 1), arm, ball_mesh(3, (4, 3.5, tall - 2.8), 2)])


def scan(folder: Path) -> list[Path]:
    """One mesh, torn open below and with a speck beside it, as scanners leave them."""
    whole = cloaked()
    open_below = Mesh(whole.vertices, whole.faces[whole.triangles[:, :, 2].max(axis=1) > 0.1])
    write_stl(merged([open_below, box_mesh((0.2, 0.2, 0.2), (20, 0, 0))]), folder / "Scan 0412 final(2).stl")
    return [folder / "Scan 0412 final(2).stl"]


def messy(folder: Path) -> list[Path]:
    """Parts in their own places under names that say little, one of them twice, turned."""
    body = merged([box_mesh((10, 7, 14), (-5, -3.5, 8)), box_mesh((4, 4, 8), (-2, -2, 0))])
    heads = [ball_mesh(3.0 + 0.4 * n, (0, 0, 24.6 + 0.4 * n), 2) for n in range(2)]
    write_stl(body, folder / "b v2.stl")
    for n, head in enumerate(heads):
        write_stl(head, folder / f"a mm {n}.stl")
    write_stl(moved_by(heads[1], 40, (60, 0, 0)), folder / "copy of a mm 1.stl")
    return sorted(folder.glob("*.stl"))


def supplied(folder: Path) -> list[Path]:
    """A model that somebody posed and supported."""
    made = supported_part(cloaked(24), Machine("m", "M"), Resin("r", "R"), school="tilted").supported
    write_stl(made.whole, folder / "cloaked_sup.stl")
    return [folder / "cloaked_sup.stl"]


@dataclass
class Hand:
    """How a walker acts: by keys or by mouse."""

    window: MainWindow
    keys: bool

    def press(self, wanted: QPushButton) -> None:
        assert wanted.isVisible() and wanted.isEnabled(), wanted.text()
        use(wanted) if self.keys else click(wanted)

    def go(self, stage: str) -> None:
        number = STAGES.index(stage) + 1
        to_stage(number) if self.keys else self.menu("Bench", TITLES[stage])

    def menu(self, menu: str, title: str) -> None:
        """A menu opened and its entry chosen, both by mouse."""
        bar = self.window.menuBar()
        opened = next(a for a in bar.actions() if a.text().replace("&", "") == menu)
        entry = self.window.actions_by_title[title]
        QTest.mouseClick(bar, Qt.MouseButton.LeftButton, pos=bar.actionGeometry(opened).center())
        shown = opened.menu()
        QTest.mouseClick(shown, Qt.MouseButton.LeftButton, pos=shown.actionGeometry(entry).center())

    def start_army(self) -> None:
        if self.keys:
            in_dialog("Walk", "", "", "teal")
            press(Key.Key_N, Mod.ControlModifier)
            in_dialog("Marsh", "2")
            press(Key.Key_U, Mod.ControlModifier)
            return
        in_dialog_by_mouse(lambda d: (d.name.setText("Walk"), d.machine.setCurrentIndex(1)))
        self.press(
            next(b for b in self.window.findChildren(QPushButton) if b.text() == "Start an army" and b.isVisible())
        )
        in_dialog_by_mouse(lambda d: (d.name.setText("Marsh"), d.count.setValue(2)))
        self.menu("Army", "Add a unit …")

    def add_files(self) -> None:
        press(Key.Key_I, Mod.ControlModifier) if self.keys else self.menu("Figure", "Add mesh files or an archive …")


def click(wanted: QWidget) -> None:
    QTest.mouseClick(wanted, Qt.MouseButton.LeftButton, pos=QPoint(wanted.width() // 2, wanted.height() // 2))


def in_dialog_by_mouse(fill: Callable[[QDialog], object], tries: int = 200) -> None:
    """When a dialog is up: what a mouse cannot type is filled in, then OK is clicked."""

    def act() -> None:
        dialog = QApplication.activeModalWidget()
        if dialog is None and tries:
            in_dialog_by_mouse(fill, tries - 1)
            return
        fill(dialog)
        click(dialog.buttons.button(QDialogButtonBox.StandardButton.Ok))
        if dialog.isVisible():
            dialog.reject()

    QTimer.singleShot(10, act)


@pytest.mark.parametrize(("kit", "manner"), [(scan, "keys"), (messy, "mouse"), (supplied, "keys"), (messy, "keys")])
def test_from_an_empty_book_to_a_running_plate(
    make, qtbot, tmp_path: Path, monkeypatch: pytest.MonkeyPatch, kit: Callable[[Path], list[Path]], manner: str
) -> None:  # type: ignore[no-untyped-def]
    """Army, unit, files, what is in doubt agreed with, builds filled, posed, on a plate, started: nothing stops the walk."""
    (tmp_path / "files").mkdir()
    files = [str(f) for f in kit(tmp_path / "files")]
    monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *_, **__: (str(tmp_path / "Walk.numerus"), ""))
    monkeypatch.setattr(QFileDialog, "getOpenFileNames", lambda *_, **__: (files, ""))
    window = make(None)
    window.activateWindow()
    qtbot.waitUntil(window.isActiveWindow)
    hand = Hand(window, manner == "keys")
    hand.start_army()
    hand.go("sort")
    hand.add_files()
    sort = window.benches["sort"]
    if sort.agree_button.isVisible():
        hand.press(sort.agree_button)
    hand.press(sort.tabs["Builds"])
    hand.press(sort.fill_button)
    assert stages(window) == {"pose"}, "every slot is filled"
    hand.go("pose")
    pose = window.benches["pose"]
    assert (pose.keep_button.text() == "Print as supplied") == (kit is supplied)
    hand.press(pose.all_button)
    assert stages(window) == {"plate"}
    hand.go("plate")
    hand.press(window.benches["plate"].make_button)
    hand.go("print")
    hand.press(window.benches["print"].start_button)
    (run,) = window.session.answers.standing.runs.values()
    assert run.state == "printing"
    copies = window.session.plans.plates[run.plate_id].placed
    needed = {p for f in window.session.plans.figures.values() for p in f.build.values()}
    assert {c.part_id for c in copies} == needed and len(copies) >= 2
    assert all(window.session.plans.parts[p].watertight for p in needed), "what was torn was mended on the way"
