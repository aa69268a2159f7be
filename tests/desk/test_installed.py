"""Installed like an application of the desktop: what is written, what is taken away again, one window a book."""

from __future__ import annotations

import configparser
import os
import shutil
import subprocess
import tempfile
import xml.etree.ElementTree as ET
from pathlib import Path

import pytest
from PyQt6.QtGui import QImage

from numerus.desk.app import bring_forward
from numerus.desk.dialogs.handbook import PAGES
from numerus.desk.system.icon_files import write_icons
from numerus.desk.system.one_window import OneWindow, brought_forward, name_of
from numerus.desk.window import MainWindow

ROOT = Path(__file__).parents[2]
SCRIPT = ROOT / "packaging" / "install.sh"
NOBODY = 65534


def run(*words: str, home: Path) -> subprocess.CompletedProcess[str]:
    kept = {k: v for k, v in os.environ.items() if not k.startswith("XDG_")}
    return subprocess.run(
        [str(SCRIPT), *words], env={**kept, "HOME": str(home)}, capture_output=True, text=True, check=True
    )


def test_a_book_that_is_open_brings_its_window_forward(window: MainWindow, tmp_path: Path, qtbot) -> None:  # type: ignore[no-untyped-def]
    """However its path is written; another book does not, and a book that was closed neither."""
    book = window.session.book.path
    assert not brought_forward(book)
    one = OneWindow()
    one.hold(book)
    with qtbot.waitSignal(one.called, timeout=2000):
        assert brought_forward(book.parent / ".." / book.parent.name / book.name)
    bring_forward(window)
    assert not brought_forward(tmp_path / "other.numerus")
    one.hold(tmp_path / "other.numerus")
    assert not brought_forward(book)
    one.release()
    assert not brought_forward(tmp_path / "other.numerus") and name_of(book) != name_of(tmp_path / "other.numerus")


def test_the_icon_is_written_in_every_size(tmp_path: Path, qapp) -> None:  # type: ignore[no-untyped-def]
    """Square, with a transparent ground and something drawn."""
    for size, path in zip((16, 48, 256), write_icons(tmp_path, [16, 48, 256]), strict=True):
        image = QImage(str(path))
        assert (image.width(), image.height()) == (size, size)
        assert image.pixelColor(0, 0).alpha() == 0 and image.pixelColor(size // 2, size // 2).alpha() == 255


def test_menu_file_type_and_metadata_name_the_same_things() -> None:
    """The menu entry opens the type the file type declares, the metadata launches that entry and tells that type."""
    entry = configparser.ConfigParser(interpolation=None, strict=False)
    entry.optionxform = str  # type: ignore[assignment, method-assign]
    entry.read(ROOT / "packaging" / "numerus.desktop.in")
    own = entry["Desktop Entry"]
    assert own["Type"] == "Application" and own["Exec"].endswith("%f") and own["Terminal"] == "false"
    kind = own["MimeType"].rstrip(";")
    names = {"m": "http://www.freedesktop.org/standards/shared-mime-info"}
    declared = ET.parse(ROOT / "packaging" / "numerus-mime.xml").getroot().find("m:mime-type", names)
    assert declared is not None and declared.get("type") == kind
    glob = declared.find("m:glob", names)
    assert glob is not None and glob.get("pattern") == "*.numerus"
    told = ET.parse(ROOT / "packaging" / "numerus.metainfo.xml").getroot()
    assert told.findtext("launchable") == "numerus.desktop" and told.findtext("provides/mediatype") == kind
    if shutil.which("appstreamcli"):
        subprocess.run(
            ["appstreamcli", "validate", "--no-net", str(ROOT / "packaging" / "numerus.metainfo.xml")], check=True
        )


def test_taking_it_away_leaves_books_and_what_is_not_its_own(tmp_path: Path) -> None:
    """Every file it lists goes, with its environment; books beside them, settings and others' files stay."""
    listed = [Path(p) for p in run("files", home=tmp_path).stdout.split("\n") if p]
    assert all(tmp_path in p.parents for p in listed) and len(listed) > 12
    home = tmp_path / ".local/share/numerus"
    for path in [
        *listed,
        home / "app" / "bin" / "python",
        home / "Own army.numerus",
        tmp_path / ".config/numerus/settings.json",
    ]:
        path.parent.mkdir(parents=True, exist_ok=True)
        path.write_text("x")
    other = tmp_path / ".local/share/applications/other.desktop"
    other.write_text("x")
    said = run("uninstall", home=tmp_path).stderr
    assert "Books" in said and not any(p.exists() for p in listed) and not (home / "app").exists()
    assert (
        (home / "Own army.numerus").exists()
        and other.exists()
        and (tmp_path / ".config/numerus/settings.json").exists()
    )


def test_a_source_nobody_can_write_to_is_copied_to_build_from() -> None:
    """By a user who is not its owner: what is copied can be written to, and thrown away after."""
    with tempfile.TemporaryDirectory() as place:
        source, copy = Path(place, "source"), Path(place, "copy")
        for name in ("src/numerus/part.py", "docs/handbook/index.md", "docs/screenshots/one.png", "pyproject.toml"):
            (source / name).parent.mkdir(parents=True, exist_ok=True)
            (source / name).write_text(name)
        shutil.copytree(SCRIPT.parent, source / "packaging")
        subprocess.run(["chmod", "-R", "a-w,a+rX", str(source)], check=True)
        Path(place).chmod(0o777)
        other = NOBODY if os.geteuid() == 0 else None  # to whom modes say nothing
        subprocess.run([str(source / "packaging/install.sh"), "copy", str(copy)], env=os.environ, user=other, check=True)
        there = {str(p.relative_to(copy)) for p in copy.rglob("*") if p.is_file()}
        assert there == {"src/numerus/part.py", "src/numerus/handbook/index.md", "src/numerus/screenshots/one.png", "pyproject.toml"}
        subprocess.run(["rm", "-r", str(copy)], user=other, check=False, stderr=subprocess.DEVNULL)
        assert not list(copy.rglob("*.py"))
        subprocess.run(["chmod", "-R", "u+w", str(source)], check=True)


def test_the_handbook_is_found_where_it_lies() -> None:
    """In the project, or beside the installed package."""
    assert (PAGES / "index.md").exists()


def test_words_that_mean_nothing_are_refused(tmp_path: Path) -> None:
    """With the usage, and nothing is written."""
    with pytest.raises(subprocess.CalledProcessError):
        run("instal", home=tmp_path)
    assert not any(tmp_path.iterdir())
