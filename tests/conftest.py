"""What tests share: a fixed evening, the demo army, meshes with known answers."""

from __future__ import annotations

import shutil
import sqlite3
from collections.abc import Iterator
from contextlib import closing
from pathlib import Path

import pytest
from hypothesis import settings

from helpers import EVENING
from numerus.book.book import Book
from numerus.demo.army import make_demo

# The same examples every time: a change that lands is judged by what its author saw.
settings.register_profile("steady", derandomize=True, deadline=None)
settings.load_profile("steady")


def pytest_collection_modifyitems(items: list[pytest.Item]) -> None:
    """The longest first, so that two cores end together."""
    items.sort(key=lambda item: "heron_is_posed" not in item.name)


@pytest.fixture(scope="session")
def demo_file(tmp_path_factory: pytest.TempPathFactory) -> Path:
    path = tmp_path_factory.mktemp("demo") / "demo.numerus"
    make_demo(path, EVENING).close()
    return path


@pytest.fixture
def demo(demo_file: Path, tmp_path: Path) -> Iterator[Book]:
    """The demo book, a copy of its own for each test."""
    path = tmp_path / "copy.numerus"
    shutil.copy(demo_file, path)
    book = Book.open(path)
    yield book
    book.close()
    keep_worked_out(path, demo_file)


def keep_worked_out(path: Path, demo_file: Path) -> None:
    """What one test worked out of meshes (it belongs to no edit) the next one finds, as one does who opens a book again."""
    with closing(sqlite3.connect(demo_file)) as kept, kept:
        kept.execute("attach ? as used", (str(path),))
        kept.execute("insert or ignore into worked_out select * from used.worked_out")
