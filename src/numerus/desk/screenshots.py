"""Pictures of every main view with the demo army, always the same evening: ``./run screenshots``."""

from __future__ import annotations

import os
import sys
import tempfile
from collections.abc import Callable
from datetime import datetime
from pathlib import Path

from numerus.assembly.sub_assemblies import worth_it
from numerus.desk.stages.build.bench import APART_PAGE
from numerus.domain.journal import PartOutcome

EVENING = datetime(2026, 3, 5, 21, 12)


def _at_the_machine(window) -> None:  # type: ignore[no-untyped-def]
    """The plate that is printing."""
    runs = window.session.answers.standing.runs.values()
    window.benches["print"].choose(next(r.plate_id for r in runs if r.state == "printing"))


def _inquest(window) -> None:  # type: ignore[no-untyped-def]
    """A plate that came out with two soft parts in one corner."""
    bench = window.benches["print"]
    runs = window.session.answers.standing.runs.values()
    bench.choose(next(r.plate_id for r in runs if r.state == "hanging"))
    placed = enumerate(bench.state.plate.placed)
    seen = {
        p.id: PartOutcome(p.id, "failed", 9.0, "soft and half made") if n < 2 else PartOutcome(p.id, "good")
        for n, p in placed
    }
    bench.off_button.click()
    bench.off.show_run(bench.state.run, bench.state.plate, seen)


def _evenings(window) -> None:  # type: ignore[no-untyped-def]
    """The plan of the evenings, a Saturday piece by piece."""
    bench = window.benches["muster"]
    bench.tab_buttons[1].click()
    bench.evenings.choose(2)


def _line(window) -> None:  # type: ignore[no-untyped-def]
    """The evening, and what a lighter way to paint would look like."""
    window.benches["paint"].open_page("Line")
    line = window.benches["paint"].line
    line.look_at_lever(next(n for n, lever in enumerate(line.chances.levers) if lever.kind))


def _rack(window) -> None:  # type: ignore[no-untyped-def]
    """The pots, one of them chosen."""
    bench = window.benches["paint"]
    bench.open_page("Rack")
    bench.rack.choose("tallow")


def _mix(window) -> None:  # type: ignore[no-untyped-def]
    """The coat's colour hit from the rack."""
    bench = window.benches["paint"]
    bench.open_page("Mix")
    bench.mix.zones.setCurrentIndex(bench.mix.zones.findText("coat"))
    bench.mix.zones.activated.emit(bench.mix.zones.currentIndex())


def _unit(window) -> None:  # type: ignore[no-untyped-def]
    """All of a unit painted by the scheme."""
    looks = window.benches["paint"].looks
    window.benches["paint"].open_page("Scheme")
    looks.modes.setCurrentText("the whole unit")
    looks.modes.activated.emit(looks.modes.currentIndex())


def _supports(window) -> None:  # type: ignore[no-untyped-def]
    """Some tips of the Heron's head taken away, and what the proof says then."""
    window.session.select("heron", part_id="heron_head")
    bench = window.benches["pose"]
    bench.open_page("Supports")
    for _ in range(5):
        bench.supports.choose(0)
        bench.supports.deed.emit("away")
    bench.supports.choose(2)


def _apart(window) -> None:  # type: ignore[no-untyped-def]
    """What is worth keeping apart of the sergeant."""
    bench = window.benches["build"]
    bench.open_page(APART_PAGE)
    bench.state.try_way(worth_it(bench.state.known.ways))
    bench.apart_page.changed.emit()


def views() -> dict[str, tuple[str, str, bool, Callable | None]]:  # type: ignore[type-arg]
    """File name -> stage, unit, orders folded, and what else to do to the bench."""
    return {
        "01-muster": ("muster", "lock", False, None),
        "06-muster-evenings": ("muster", "lock", False, _evenings),
        "02-sort": ("sort", "kiln", True, None),
        "03-pose": ("pose", "heron", True, lambda window: window.session.select("heron", part_id="heron_neck")),
        "04-plate": ("plate", "lock", True, None),
        "05-print": ("print", "heron", True, _at_the_machine),
        "19-print-inquest": ("print", "ferry", True, _inquest),
        "08-build": ("build", "bell", True, _apart),
        "09-prime": ("prime", "ferry", False, None),
        "10-paint": ("paint", "lock", True, lambda window: window.benches["paint"].open_page("Figure")),
        "20-paint-line": ("paint", "lock", True, _line),
        "13-paint-recipe": ("paint", "lock", True, lambda window: window.benches["paint"].open_page("Recipe")),
        "14-paint-zones": ("paint", "lock", True, lambda window: window.benches["paint"].open_page("Zones")),
        "07-paint-unit": ("paint", "lock", True, _unit),
        "21-paint-value": ("paint", "lock", True, lambda window: window.benches["paint"].open_page("Value")),
        "15-paint-rack": ("paint", "lock", True, _rack),
        "17-paint-mix": ("paint", "lock", True, _mix),
        "12-ready": ("ready", "lock", True, None),
        "18-pose-supports": ("pose", "heron", True, _supports),
    }


def main(folder: Path, only: str = "") -> None:
    from numerus.demo.army import make_demo
    from numerus.desk.app import application, make_window

    app = application()
    with tempfile.TemporaryDirectory() as place:
        book = make_demo(Path(place) / "demo.numerus", EVENING)
        window = make_window(book, lambda: EVENING, Path(place) / "settings.json", synchronous=True)
        window.show()
        for name, (stage, unit, folded, more) in views().items():
            if only not in name:
                continue
            window.orders.fold(folded)
            window.session.select(unit)
            window.session.go(stage)
            for _ in range(5):
                app.processEvents()
            if more is not None:
                more(window)
                for _ in range(8):
                    app.processEvents()
            window.grab().save(str(folder / f"{name}.png"))
            print(name, flush=True)
        window.close()
        app.processEvents()
    os._exit(0)  # drivers of software OpenGL may hang while the interpreter tears down


if __name__ == "__main__":
    main(Path(sys.argv[1]), *sys.argv[2:3])
