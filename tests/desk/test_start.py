"""A start reads what it shows and no more: the window is there before what benches, files and revisions of the schema need."""

from __future__ import annotations

import os
import subprocess
import sys
from pathlib import Path

from numerus.book.book import Book

START = """
import gc, sys
from pathlib import Path
gc.disable()
from PyQt6.QtCore import QEvent, QObject
from numerus.desk.app import Program, application
app = application()
program = Program(app)
program.open(Path(sys.argv[1]))
program.window.show()
app.sendPostedEvents()
program.window.grab()
print(*sys.modules)
print(gc.isenabled(), gc.get_freeze_count() > 100_000, program.window.session.stage)
program.window.close()
"""
HEAVY = {"scipy", "numba", "trimesh", "PIL", "sqlalchemy", "alembic", "pydantic", "moderngl", "networkx", "skimage", "shapely"}


def test_the_first_picture_needs_no_library_that_takes_long(demo: Book, tmp_path: Path) -> None:
    """A whole process opens the demo's book and draws the window; the collector works again once it is there."""
    path = tmp_path / "army.numerus"
    path.write_bytes(demo.path.read_bytes())
    own = os.environ | {"HOME": str(tmp_path), "XDG_CONFIG_HOME": str(tmp_path), "QT_QPA_PLATFORM": "offscreen"}
    told = subprocess.run([sys.executable, "-c", START, str(path)], env=own, capture_output=True, text=True, check=True)
    modules, state = told.stdout.strip().splitlines()
    assert not HEAVY & set(modules.split())
    assert {"numpy", "numerus.desk.stages.muster.bench"} <= set(modules.split())
    assert state == "True True muster"
