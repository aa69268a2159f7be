"""What the real window takes to answer, and whether its pictures keep memory flat."""

from __future__ import annotations

import time
from datetime import datetime

import numpy as np

from benchmarks.measuring import say
from numerus.geometry.mesh import Mesh


def taking_off_thirty() -> None:
    """A plate of thirty parts taken off with the mouse, five of them not as they should be: what the window takes to answer."""
    import os
    import tempfile
    from pathlib import Path

    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    from benchmarks.takingoff import hanging, take_off
    from numerus.demo.army import make_demo
    from numerus.desk.app import application, make_window

    now, app = datetime(2026, 3, 5, 21, 12), application()
    with tempfile.TemporaryDirectory() as place:
        book = make_demo(Path(place) / "demo.numerus", now)
        window = make_window(book, lambda: now, Path(place) / "settings.json", synchronous=True)
        window.show()
        plate_id = hanging(window.session)
        window.session.go("print")
        app.processEvents()
        hand = take_off(window, plate_id)
        by_hand = f"{len(hand.took_s)} presses, with pointing and thinking {hand.human_s:.0f} s; the longest {max(hand.took_s):.2f} s"
        say("thirty parts taken off, in the window", sum(hand.took_s), by_hand)
        window.close()


def five_hundred_refreshes() -> None:
    """A picture drawn five hundred times with other colours, then as often with another mesh: memory stays as it is."""
    import os

    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    import trimesh

    from numerus.desk.view3d.renderer import Renderer, Thing
    from numerus.kit.thumbnails import fitted_camera

    ball = trimesh.creation.icosphere(5, 10)
    mesh = Mesh(np.asarray(ball.vertices), np.asarray(ball.faces, np.int32))
    renderer, camera, dice = Renderer(), fitted_camera(mesh, 20, 20, 1.1, 1.0), np.random.default_rng(0)

    def draw(times: int, moved: bool) -> float:
        begun, before = time.perf_counter(), resident_mb()
        for number in range(times):
            shown = mesh.moved((0, 0, number * 1e-3)) if moved else mesh
            colours = dice.integers(0, 255, (len(mesh.vertices), 3)).astype(np.uint8)
            renderer.draw([Thing(shown, colours)], camera, 200, 200)
        say(f"{times} refreshes, other {'meshes' if moved else 'colours'}", time.perf_counter() - begun,
            f"{resident_mb() - before:+.1f} MB")  # fmt: skip
        return resident_mb() - before

    print("drawn by OpenGL" if renderer.opengl else "drawn by rays: no OpenGL here")
    for moved in (False, True):
        draw(70, moved)  # what is loaded once
        draw(500, moved)
    renderer.release()


def resident_mb() -> float:
    """Memory of this process now."""
    import os
    from pathlib import Path

    return int(Path("/proc/self/statm").read_text().split()[1]) * os.sysconf("SC_PAGESIZE") / 1e6


def living_with_it() -> None:
    """From the command to a window one can use, from bench to bench and back, and what it takes while nobody does anything."""
    import os
    import subprocess
    import sys
    import tempfile
    from pathlib import Path

    from numerus.demo.army import make_demo

    home = tempfile.mkdtemp()
    path = Path(home) / "demo.numerus"
    make_demo(path, datetime(2026, 3, 5, 21, 12)).close()
    own = {k: v for k, v in os.environ.items() if k != "PYTHONDONTWRITEBYTECODE"}  # as it is on a user's machine
    for start in ("first start", *["known start"] * 5):
        begun = time.time()
        told = subprocess.run(
            [sys.executable, "-c", _START + _LEAVE, str(path)],
            env=own | {"HOME": home},
            stdout=subprocess.PIPE,
            text=True,
            check=True,
        ).stdout.split()
        print(f"{start}: the window painted with the demo after {float(told[0]) - begun:.2f} s")
    told = subprocess.run(
        [sys.executable, "-c", _START + _LIFE + _LEAVE, str(path)],
        env=own | {"HOME": home},
        stdout=subprocess.PIPE,
        text=True,
        check=True,
    ).stdout.split()
    slowest, idle = float(told[1]), float(told[2])
    print(f"slowest way to a bench known {slowest * 1000:.0f} ms ({told[3]}); idle {idle:.2%} of a processor")


_START = """
import gc, sys, time
gc.disable()
from pathlib import Path
from numerus.desk.app import Program, application
app = application()
program = Program(app)
program.open(Path(sys.argv[1]))
window = program.window

from PyQt6.QtCore import QEvent, QEventLoop, QObject, QTimer

class Watch(QObject):
    painted = 0.0

    def eventFilter(self, _, event):
        if event.type() == QEvent.Type.Paint and not self.painted:
            QTimer.singleShot(0, self.told)  # all that is painted with it is there
        return False

    def told(self):
        self.painted = self.painted or time.time()

watch = Watch()
window.installEventFilter(watch)
while not watch.painted:
    app.processEvents()
print(watch.painted, flush=True)
"""

_LEAVE = """
window.close()
"""

_LIFE = """
from numerus.domain.stages import STAGES

def rest(seconds):
    loop = QEventLoop()
    QTimer.singleShot(int(seconds * 1000), loop.quit)
    loop.exec()

def go(stage):
    begun = time.perf_counter()
    window.session.go(stage)
    app.processEvents()
    took = time.perf_counter() - begun
    rest(0.4)
    while window.context.jobs.busy:  # a bench is known when its pictures are there
        rest(0.1)
    return took

rest(5)
for stage in STAGES:
    go(stage)
took = {stage: go(stage) for stage in STAGES}
slowest = max(took, key=took.get)
print(took[slowest])
window.session.go("muster")
rest(5)
begun = time.process_time()
rest(20)
print((time.process_time() - begun) / 20)
print(slowest)
"""
