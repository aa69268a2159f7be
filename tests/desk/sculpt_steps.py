"""What tests with sculpts of one's own do: such an army, a page of Paint, a zone more."""

from __future__ import annotations

from pathlib import Path

from helpers import EVENING, ball_mesh, box_mesh, subdivided
from numerus.book.book import Book
from numerus.book.intake import take_in
from numerus.desk.window import MainWindow
from numerus.domain.army import Army, Figure, Unit
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.geometry.mesh import merged
from numerus.starter.schemes import PAINTS


def own_army(make, tmp_path: Path) -> MainWindow:  # type: ignore[no-untyped-def]
    """An army of one's own: two sculpts in one piece, a rack, no zone and no scheme."""
    for n, head in enumerate((2.6, 3.0)):
        body = subdivided(box_mesh((9, 7, 16)), 3)
        write_stl(merged([body, ball_mesh(head, (4.5, 3.5, 17.5), 3)]), tmp_path / f"watcher_{n}.stl")
    book = Book.open(tmp_path / "own.numerus", create=True)
    take_in(book, [tmp_path / f"watcher_{n}.stl" for n in range(2)], "Watchers")
    kit = next(iter(book.plans.kits))
    parts = list(book.plans.parts.values())
    unit = Unit("u", "Watchers", 0, 25, kit, slots=("figure",))
    figures = [Figure(f"f{n}", "u", f"Watcher {n}", n, {"figure": p.id}) for n, p in enumerate(parts)]
    book.commit("muster", [Army("a", "Own", EVENING.date()), unit, *figures, *PAINTS])
    window = make(book)
    window.session.select("u", "f0")
    return window


def page(window: MainWindow, name: str):  # type: ignore[no-untyped-def]
    window.session.go("paint")
    window.benches["paint"].open_page(name)
    return window.benches["paint"].pages[name]


def add_zone(zones, name: str) -> str:  # type: ignore[no-untyped-def]
    zones.name.setText(name)
    zones.add_zone()
    return zones.state.zone_id
