"""What tests share: a fixed evening, the demo army, meshes with known answers."""

from __future__ import annotations

import fcntl
import os
import shutil
import sqlite3
from collections.abc import Iterator
from contextlib import closing, contextmanager
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
def shared(tmp_path_factory: pytest.TempPathFactory) -> Path:
    """A folder that all workers of one run share."""
    base = tmp_path_factory.getbasetemp()
    return base.parent if os.environ.get("PYTEST_XDIST_WORKER") else base


@contextmanager
def held(folder: Path) -> Iterator[None]:
    """One worker at a time."""
    with (folder / "demo.lock").open("w") as lock:
        fcntl.flock(lock, fcntl.LOCK_EX)
        yield


@pytest.fixture(scope="session")
def demo_file(shared: Path) -> Path:
    """The demo book, made once for all workers."""
    path = shared / "demo.numerus"
    with held(shared):
        if not path.exists():
            making = shared / "making.numerus"
            make_demo(making, EVENING).close()
            making.rename(path)
    return path


@pytest.fixture
def demo(demo_file: Path, shared: Path, tmp_path: Path) -> Iterator[Book]:
    """The demo book, a copy of its own for each test."""
    path = tmp_path / "copy.numerus"
    with held(shared):
        shutil.copy(demo_file, path)
    book = Book.open(path)
    yield book
    book.close()
    with held(shared):
        keep_worked_out(path, demo_file)


def keep_worked_out(path: Path, demo_file: Path) -> None:
    """What one test worked out of meshes (it belongs to no edit) the next one finds, as one does who opens a book again."""
    with closing(sqlite3.connect(demo_file)) as kept, kept:
        kept.execute("attach ? as used", (str(path),))
        kept.execute("insert or ignore into worked_out select * from used.worked_out")
