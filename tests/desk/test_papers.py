"""What a designer put beside the meshes: kept with the kit, offered at Sort, Pose and Build, read in the window."""

from __future__ import annotations

import io
import zipfile
from pathlib import Path

import pytest
from PIL import Image
from PyQt6.QtGui import QPdfWriter, QTextDocument

from helpers import box_mesh
from numerus.desk.window import MainWindow
from numerus.formats.meshes.mesh_files import papers_in
from numerus.formats.meshes.mesh_writing import write_stl


@pytest.fixture
def archive(tmp_path: Path, qapp) -> Path:  # type: ignore[no-untyped-def]
    """A part with a readme, a picture, a page, and what is no paper."""
    write_stl(box_mesh((8, 6, 12)), tmp_path / "body.stl")
    picture = io.BytesIO()
    Image.new("RGB", (400, 300), (90, 120, 110)).save(picture, "PNG")
    writer, document = QPdfWriter(str(tmp_path / "page.pdf")), QTextDocument("Glue the lantern last.")
    document.print(writer)
    del writer
    path = tmp_path / "strangers.zip"
    with zipfile.ZipFile(path, "w") as made:
        made.write(tmp_path / "body.stl", "kit/body.stl")
        made.writestr("kit/readme.txt", "Print the body lying on its back.")
        made.writestr("kit/box.png", picture.getvalue())
        made.write(tmp_path / "page.pdf", "kit/how to.pdf")
        made.writestr("kit/thumbs.db", b"no paper")
        made.writestr("../outside.txt", "a name that leads out of the archive")
    return path


def test_papers_of_an_archive_are_listed_and_nothing_hostile(archive: Path) -> None:
    """Words, pictures, pages by their names."""
    assert [n for n, _ in papers_in(archive)] == ["kit/readme.txt", "kit/box.png", "kit/how to.pdf"]
    assert list(papers_in(archive.parent / "none.zip")) == []


def test_papers_stay_with_the_kit_and_open_where_they_are_wanted(window: MainWindow, archive: Path) -> None:
    """At Sort, Pose and Build of a unit whose kit has some; words, pages, and pictures beside the figure; undone with the kit."""
    session = window.session
    session.select("bell")
    assert window.benches["sort"].papers.isHidden()
    window.user_actions.take_in([archive], new_kit=True)
    kit = session.plans.kits[session.plans.units["bell"].kit_id]
    assert [n for n, _ in kit.papers] == ["kit/readme.txt", "kit/box.png", "kit/how to.pdf"]
    for stage in ("sort", "pose"):
        session.go(stage)
        assert not window.benches[stage].papers.isHidden(), stage
        assert [a.text() for a in window.benches[stage].papers.menu().actions()] == [
            "readme.txt",
            "box.png",
            "how to.pdf",
        ]
    dialog = window.benches["sort"].papers.dialog("kit/readme.txt")
    assert dialog.words.toPlainText() == "Print the body lying on its back." and dialog.view.isHidden()
    dialog.names.setCurrentIndex(1)
    dialog.read()
    assert not dialog.picture.pixmap().isNull() and not dialog.view.isHidden()
    dialog.grab()
    dialog.names.setCurrentIndex(2)
    dialog.read()
    assert not dialog.pages.isHidden() and not dialog.fault.text()
    dialog.grab()
    session.undo()
    session.undo()
    session.go("sort")
    assert window.benches["sort"].papers.isHidden()


def test_a_paper_is_saved_as_it_came(
    window: MainWindow, archive: Path, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Byte for byte; what cannot be written is told."""
    window.session.select("bell")
    window.user_actions.take_in([archive], new_kit=True)
    window.session.go("sort")
    dialog = window.benches["sort"].papers.dialog("kit/readme.txt")
    for name, fine in (("kept.txt", True), ("none/kept.txt", False)):
        monkeypatch.setattr(
            "PyQt6.QtWidgets.QFileDialog.getSaveFileName", lambda *_, n=name: (str(tmp_path / n), "")
        )
        dialog.ask_save()
        assert bool(dialog.fault.text()) != fine
    assert (tmp_path / "kept.txt").read_text() == "Print the body lying on its back."
