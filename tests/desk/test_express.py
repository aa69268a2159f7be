"""The express way in the real window: files in, one sheet, plates out."""

from __future__ import annotations

from pathlib import Path

import pytest
import trimesh

from helpers import ball_mesh, box_mesh
from numerus.desk.express.express_dialog import ExpressDialog
from numerus.desk.window import MainWindow
from numerus.formats.meshes.mesh_writing import write_stl


@pytest.fixture
def kit(tmp_path: Path) -> list[Path]:
    """Two parts of a stranger's sculpt and a note among them."""
    write_stl(box_mesh((9, 7, 16)).moved((-4.5, -3.5, 0)), tmp_path / "body.stl")
    write_stl(ball_mesh(3.4).moved((0, 0, 19)), tmp_path / "head.stl")
    (tmp_path / "licence.stl").write_text("own use only")
    return sorted(tmp_path.glob("*.stl"))


def test_files_go_to_written_plates_on_one_sheet(window: MainWindow, kit: list[Path], tmp_path: Path) -> None:
    """Nothing is asked but how many; risks are counted, plates written and read by another program; taken back as one step."""
    before = window.session.plans
    dialog = ExpressDialog(window.context, window)
    assert not dialog.go_button.isEnabled() and not dialog.write_button.isEnabled()
    dialog.take_files(kit)
    dialog.figures.setValue(3)
    dialog.go()
    assert dialog.made is not None and dialog.plates, dialog.fault.text()
    assert "look at before you print" in dialog.says.text() and dialog.picture.plate is dialog.plates[0]
    dialog.grab()
    folder = tmp_path / "out"
    folder.mkdir()
    dialog.write(folder)
    written = sorted(folder.glob("*.3mf"))
    assert len(written) == len(dialog.plates) and "written to out" in dialog.says.text()
    many = sum(len(trimesh.load(p).geometry) for p in written)
    assert many == sum(len(p.placed) for p in dialog.plates) >= 6
    dialog.turn()
    unit = dialog.made.unit_id
    assert window.session.plans.units[unit].name == "body"
    dialog.take_back()
    assert window.session.plans == before and not dialog.write_button.isEnabled() and dialog.go_button.isEnabled()


def test_a_choice_is_changed_at_its_bench(window: MainWindow, kit: list[Path]) -> None:
    """A press leads there, with the new unit chosen."""
    dialog = ExpressDialog(window.context, window)
    dialog.take_files(kit)
    dialog.name.setText("Strangers")
    dialog.go()
    dialog.look("pose")
    session = window.session
    assert (session.stage, session.unit.name if session.unit else "") == ("pose", "Strangers")
    assert "body" in window.benches["pose"].title.text() or "head" in window.benches["pose"].title.text()


def test_files_without_a_mesh_leave_the_book_alone(window: MainWindow, tmp_path: Path) -> None:
    """Why stands on the sheet."""
    note, before = tmp_path / "note.stl", window.session.plans
    note.write_text("no mesh")
    dialog = ExpressDialog(window.context, window)
    dialog.take_files([note])
    dialog.go()
    assert "None of these files" in dialog.fault.text() and window.session.plans == before
