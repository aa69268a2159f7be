"""How long a painted figure lets one wait: its fields, the strip after an edit, all of it under another lamp; beside plain NumPy."""

from __future__ import annotations

import time

import numpy as np

from benchmarks.measuring import say, timed

VERTICES = 150_000
OTHERS = 57_000  # of the demo figure's parts that stay
SOME, FEW = 10, 3_000  # places at which plain NumPy and the library ask


def fields_of_a_build() -> None:
    """All fields of a sculpt of 150,000 vertices, coarse ones, those kept; beside plain NumPy and a general library."""
    import trimesh

    from benchmarks.sculpts import organic
    from numerus.geometry.mesh import Mesh
    from numerus.surface.fields.coarse_fields import coarse_fields
    from numerus.surface.fields.painting_fields import (
        BRUSHED_RIDGE_MM,
        DIRECTIONS,
        OFF_MM,
        packed_painting_fields,
        painting_fields,
        sphere_directions,
        unpacked_painting_fields,
    )

    sculpt = organic(2 * VERTICES)

    def anew() -> Mesh:
        return Mesh(sculpt.vertices.copy(), sculpt.faces.copy())

    painting_fields(sculpt, ridge_mm=BRUSHED_RIDGE_MM)  # compiled
    found = [painting_fields(anew(), ridge_mm=BRUSHED_RIDGE_MM)]
    all_s = timed(lambda: painting_fields(anew(), ridge_mm=BRUSHED_RIDGE_MM))
    data, triangles = packed_painting_fields(found[0]), sculpt.triangles

    def plain() -> None:
        """Each place along every direction, all triangles tried (Moeller and Trumbore 1997)."""
        for n in range(SOME):
            start = sculpt.vertices[n] + OFF_MM * sculpt.vertex_normals[n]
            for toward in sphere_directions(DIRECTIONS)[:: DIRECTIONS // 8]:
                _meets(start, toward, triangles)

    def by_library() -> None:
        """One library's rays from a few places along every direction that they face."""
        ways, normals = sphere_directions(DIRECTIONS), sculpt.vertex_normals[:FEW]
        own, way = np.nonzero(normals @ ways.T > 0)
        general.ray.intersects_any((sculpt.vertices[:FEW] + OFF_MM * normals)[own], ways[way])

    general = trimesh.Trimesh(sculpt.vertices, sculpt.faces, process=False)
    by_library()  # its tree is built once
    library_s = timed(by_library, 1) / FEW * len(sculpt.vertices)
    plain_s = timed(plain, 1) / SOME * 7 * len(sculpt.vertices)
    say(f"openness alone in plain NumPy, foretold from {SOME} places", plain_s)
    say(f"openness alone by a general library, foretold from {FEW:,}", library_s)
    say(
        f"all fields of {len(sculpt.vertices):,} vertices",
        all_s,
        f"{library_s / all_s:.1f} times as fast as the library's openness",
    )
    say("coarse fields, to look at meanwhile", timed(lambda: coarse_fields(anew())))
    say("fields that were kept", timed(lambda: unpacked_painting_fields(data, len(sculpt.vertices))))


def _meets(start: np.ndarray, toward: np.ndarray, triangles: np.ndarray) -> bool:
    """Whether a ray meets any triangle."""
    a, one, other = triangles[:, 0], triangles[:, 1] - triangles[:, 0], triangles[:, 2] - triangles[:, 0]
    p = np.cross(toward, other)
    size = np.einsum("ij,ij->i", one, p)
    with np.errstate(divide="ignore", invalid="ignore"):
        u = np.einsum("ij,ij->i", start - a, p) / size
        q = np.cross(start - a, one)
        v, t = (q @ toward) / size, np.einsum("ij,ij->i", other, q) / size
    return bool(np.any((u >= 0) & (v >= 0) & (u + v <= 1) & (t > 0)))


def a_painted_figure() -> None:
    """The demo's first figure in the window: a stroke changed, the strip of its zone; read across the table; under another lamp."""
    from dataclasses import replace
    from datetime import datetime
    from pathlib import Path
    from tempfile import TemporaryDirectory

    from numerus.demo.army import make_demo
    from numerus.desk.app import application, make_window

    app, evening = application(), datetime(2026, 3, 5, 21, 12)
    assert app is not None
    with TemporaryDirectory() as place:
        book = make_demo(Path(place) / "demo.numerus", evening)
        window = make_window(book, lambda: evening, Path(place) / "settings.json", synchronous=True)
        window.session.select("lock")
        window.session.go("paint")
        bench = window.benches["paint"]
        bench.open_page("Recipe")
        recipe, value = bench.recipe, bench.value
        parts = [window.session.plans.parts[p] for p in dict.fromkeys(recipe.state.figure.build.values())]
        built = recipe.built.making(parts)(lambda _: True)
        minutes = iter(np.linspace(0.1, 0.9, 99))

        def edit() -> None:
            """The chosen stroke thinned otherwise: what the strip then takes, without the book's writing."""
            state, step = recipe.state, recipe.state.steps[2]
            state.step_id = step.id
            scheme = state._with([replace(s, thinner=next(minutes)) if s.id == step.id else s for s in state.steps])
            plans = state.plans
            state.plans = replace(plans, schemes={**plans.schemes, scheme.id: scheme})
            state.filmstrip(built, lambda _: True)
            state.plans = plans

        edit()
        say("a stroke changed: its zone's strip", timed(edit))
        bench.open_page("Value")

        def lamp() -> None:
            value.state.move_lamp(7.0, 0.0)
            value.state.work()(built, lambda _: True)

        lamp()
        say("the whole figure read under another lamp", timed(lamp))
        window.close()


def a_figure_seen_first() -> None:
    """A figure of 150,000 vertices that nobody has looked at, in the real window: from the opening of its page to its first sketch."""
    from dataclasses import replace
    from datetime import datetime
    from pathlib import Path
    from tempfile import TemporaryDirectory

    from PyQt6.QtCore import QEventLoop, QTimer

    from benchmarks.sculpts import organic
    from numerus.book.intake import take_in
    from numerus.demo.army import make_demo
    from numerus.desk.app import application, make_window
    from numerus.formats.meshes.face_labels import pack_labels
    from numerus.formats.meshes.mesh_writing import write_stl

    app, evening = application(), datetime(2026, 3, 5, 21, 12)
    assert app is not None
    with TemporaryDirectory() as place:
        book, file = make_demo(Path(place) / "demo.numerus", evening), Path(place) / "sculpt.stl"
        write_stl(organic(2 * (VERTICES - OTHERS)), file)
        old = set(book.plans.parts)
        take_in(book, [file], "Sculpts")
        sculpt = next(p for p in book.plans.parts.values() if p.id not in old)
        window = make_window(book, lambda: evening, Path(place) / "settings.json")
        window.show()

        def until(done: list[float], most_s: float) -> None:
            loop = QEventLoop()
            watch = QTimer()
            watch.timeout.connect(lambda: loop.quit() if done else None)
            watch.start(5)
            QTimer.singleShot(int(1000 * most_s), loop.quit)
            loop.exec()

        window.session.select("lock")
        window.session.go("paint")
        window.benches["paint"].open_page("Figure")
        page = window.benches["paint"].figure
        until([], 4)
        build = page.state.model.figure.build.values()
        worn = next(p for p in build if len(book.plans.part_zones[p].zones) > 1)
        zones = book.plans.part_zones[worn]
        labels = np.arange(sculpt.triangles) * len(zones.zones) // sculpt.triangles
        shown: list[float] = []
        drawn = [0.0]
        show, draw = page.laying.show_now, window.renderer.draw

        def drawing(*args: object, **named: object) -> np.ndarray:
            begun = time.perf_counter()
            image = draw(*args, **named)
            drawn[0] += time.perf_counter() - begun
            return image

        page.laying.show_now = lambda things: (show(things), page.view.repaint(), shown.append(time.perf_counter()))
        window.renderer.draw = drawing  # type: ignore[method-assign]
        changed = replace(book.plans.parts[worn], blob=sculpt.blob, triangles=sculpt.triangles)
        window.session.go("muster")
        window.session.store("another sculpt", lambda b: [
            changed, replace(zones, labels=b.put_blob(pack_labels(labels.astype(np.uint8))))
        ])  # fmt: skip
        until([], 3)
        begun, drawn[0] = time.perf_counter(), 0.0
        window.session.go("paint")
        until(shown, 30)
        say(
            "a sculpt never seen: its first sketch on screen",
            shown[0] - begun,
            f"{drawn[0]:.2f} s of it to draw pictures",
        )
        window.close()
