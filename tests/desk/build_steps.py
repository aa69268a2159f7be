"""The Build bench opened on a figure of the demo, which is looked at once for all tests that look at it."""

from __future__ import annotations

import pytest
from PyQt6.QtWidgets import QApplication

from numerus.assembly.build_look import BuildLook, look_at_build
from numerus.desk.stages.build.bench import APART_PAGE
from numerus.desk.window import MainWindow
from numerus.errors import Progress
from numerus.surface.zones import ZonedMesh

LOOKED: dict[tuple[object, ...], BuildLook] = {}


@pytest.fixture(autouse=True)
def looked_at_once(monkeypatch: pytest.MonkeyPatch) -> None:
    """The same figure is looked at once for all tests of this file."""

    def look(parts: list[tuple[str, ZonedMesh]], progress: Progress, tool: str) -> BuildLook:
        key = (tool, *((name, zoned.mesh.vertices.tobytes(), zoned.labels.tobytes()) for name, zoned in parts))
        if key not in LOOKED:
            LOOKED[key] = look_at_build(parts, progress, tool)
        return LOOKED[key]

    monkeypatch.setattr("numerus.desk.stages.build.bench.look_at_build", look)


def opened(window: MainWindow):  # type: ignore[no-untyped-def]
    figure = next(f for f in window.session.plans.figures.values() if "Dole" in f.name)
    window.session.select("bell", figure.id)
    window.session.go("build")
    bench = window.benches["build"]
    bench.open_page(APART_PAGE)
    QApplication.processEvents()
    return bench
