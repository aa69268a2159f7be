"""What tests share: a fixed evening, the demo army, meshes with known answers."""

from __future__ import annotations

import shutil
from collections.abc import Iterator
from pathlib import Path

import pytest
from hypothesis import settings

from helpers import EVENING
from numerus.book.book import Book
from numerus.demo.army import make_demo

# The same examples every time: a change that lands is judged by what its author saw.
settings.register_profile("steady", derandomize=True, deadline=None)
settings.load_profile("steady")


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
