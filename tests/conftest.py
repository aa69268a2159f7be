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
from numerus.geometry.kernels import compiler

# The same examples every time: a change that lands is judged by what its author saw.
settings.register_profile("steady", derandomize=True, deadline=None, max_examples=40)
settings.load_profile("steady")

DEMO_FOLDER = "NUMERUS_TESTS_DEMO"  # in the environment: where several runs find the demo that the first has made


def pytest_collection_modifyitems(items: list[pytest.Item]) -> None:
    """The longest first, so that two cores end together."""
    items.sort(key=lambda item: "heron_is_posed" not in item.name)


@pytest.fixture(scope="session")
def shared(tmp_path_factory: pytest.TempPathFactory) -> Path:
    """A folder that all workers of one run share."""
    base = tmp_path_factory.getbasetemp()
    return base.parent if os.environ.get("PYTEST_XDIST_WORKER") else base


@contextmanager
def held(folder: Path, what: str = "demo") -> Iterator[None]:
    """One worker at a time."""
    with (folder / f"{what}.lock").open("w") as lock:
        fcntl.flock(lock, fcntl.LOCK_EX)
        yield


@pytest.fixture(scope="session", autouse=True)
def compiled_once(shared: Path) -> None:
    """A kernel that two workers need is compiled by one; the other waits and reads what was kept."""
    compiler()
    from numba.core.compiler_lock import global_compiler_lock
    from numba.core.dispatcher import Dispatcher

    plain = Dispatcher.compile

    def compile_held(self: Dispatcher, signature: object) -> object:
        name = f"{self.py_func.__module__}.{self.py_func.__qualname__}"
        if not name.startswith("numerus."):  # names of others are not their own
            return plain(self, signature)
        # The thread that compiles is chosen first: one that held a kernel and waited for its turn would block the others.
        with global_compiler_lock, held(shared, name):
            return plain(self, signature)

    if "PYTEST_XDIST_WORKER" in os.environ:
        Dispatcher.compile = compile_held


@pytest.fixture(scope="session")
def demo_file(shared: Path) -> Path:
    """The demo book, made once for all workers; what they work out of it is their run's own."""
    path = shared / "demo.numerus"
    with held(shared):
        if not path.exists():
            shutil.copy(made_demo(Path(os.environ.get(DEMO_FOLDER, shared))), path)
    return path


def made_demo(folder: Path) -> Path:
    """The demo book as it begins, in a folder that runs one after the other may share."""
    path = folder / "made.numerus"
    if not path.exists():
        making = folder / "making.numerus"
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
    """What one test worked out of meshes (it belongs to no edit) the next one finds, as one does who opens a book again; not what was
    under way on the benches, nor how far a plan was.
    """
    with closing(sqlite3.connect(demo_file)) as kept, kept:
        kept.execute("attach ? as used", (str(path),))
        under_way = "key like 'steps %' or key = 'stroke in hand' or key like 'how far %'"
        new = f"select * from used.worked_out where not ({under_way}) and key not in (select key from main.worked_out)"
        kept.execute(f"insert or ignore into worked_out {new}")
