"""What a book of many years and many parts takes, and what is computed after every change."""

from __future__ import annotations

import time
from datetime import datetime

import numpy as np

from benchmarks.measuring import say, timed


def forecasts_of_seeded_campaigns() -> None:
    """Two hundred lived campaigns: how often the forecast's eighty per cent range held the true date, and which side it missed."""
    from numerus.progress.forecasting.campaigns import campaign, held

    begun = time.perf_counter()
    told = [held(campaign(seed)) for seed in range(200)]
    inside = float(np.mean([low <= true <= high for low, high, true in told]))
    late, wide = np.mean([t > h for _, h, t in told]), np.mean([(h - low).days for low, h, _ in told])
    begun = time.perf_counter() - begun
    say("200 campaigns", begun, f"held {inside:.0%}, later than it {late:.0%}; {wide:.0f} days wide")


def a_century_of_journal() -> None:
    """The demo after half a million entries of figures long gone: opened when nothing of it was gone through before, then as a
    book that has grown, then in the window, beside the demo alone.
    """
    import os
    import tempfile
    from pathlib import Path

    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    from benchmarks.century import make_century
    from numerus.book.book import Book
    from numerus.demo.army import make_demo
    from numerus.desk.app import application, make_window

    now, app = datetime(2026, 3, 5, 21, 12), application()
    with tempfile.TemporaryDirectory() as place:
        alone, path = Path(place) / "demo.numerus", Path(place) / "century.numerus"
        make_demo(alone, now).close()
        many = make_century(path, now, 500_000)
        say(
            f"{many} entries gone through for the first time",
            timed(lambda: Book.open(path).close(), 1),
            "once, then kept",
        )
        say(f"{many} entries opened again", timed(lambda: Book.open(path).close()))
        for book, entries in ((alone, "the demo alone"), (path, f"{many} entries")):
            window = make_window(None, lambda: now, Path(place) / "settings.json", synchronous=True)
            window.show()
            app.processEvents()
            opened = timed(lambda w=window, b=book: (w.user_actions.open_path(b), app.processEvents()), 1)
            say(f"{entries} in the window", opened)
            window.session.open(None)


def ten_years_and_forty_armies() -> None:
    """Thirteen hundred figures of forty armies and what was told of them: opened, and gone through bench by bench in the window."""
    import os
    import tempfile
    from pathlib import Path

    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    from benchmarks.decade import make_decade, opened
    from numerus.desk.app import application, make_window
    from numerus.domain.stages import STAGES

    now, app = datetime(2026, 3, 5, 21, 12), application()
    with tempfile.TemporaryDirectory() as place:
        path = Path(place) / "decade.numerus"
        figures, entries = make_decade(path, now)
        say(f"{figures} figures, {entries} entries opened", timed(lambda: opened(path), 3))
        window = make_window(None, lambda: now, Path(place) / "settings.json", synchronous=True)
        window.show()
        app.processEvents()
        say("the same in the window", timed(lambda: (window.user_actions.open_path(path), app.processEvents()), 1))
        for again in ("first time", "again"):
            took = {s: timed(lambda s=s: (window.session.go(s), app.processEvents()), 1) for s in STAGES}  # type: ignore[misc]
            slowest = max(took, key=lambda s: took[s])
            say(f"slowest bench, {again}", took[slowest], slowest)


def a_thousand_parts() -> None:
    """A thousand supported demo parts packed for a small and a large machine."""
    from numerus.demo.army import MALLARD, TEAL
    from numerus.demo.parts import MESHES, supported
    from numerus.printing.plates.packing import Outline, density, outline_bitmap, pack

    names = [p.stem for p in sorted(MESHES.glob("*.supported")) if "heron" not in p.stem]
    shapes = {n: (outline_bitmap(supported(n)), float(supported(n).extents_mm[2])) for n in names}
    outlines = [Outline(n, f"f{i}", "s", *shapes[n], 1.0) for i, n in enumerate(names * 30)][:1000]
    pack(outlines[:4], [MALLARD], tries=0)
    for machine in (MALLARD, TEAL):
        begun = time.perf_counter()
        packing = pack(outlines, [machine])
        full = density(packing, outlines)[:-1]
        say(
            f"1000 parts on {machine.name}",
            time.perf_counter() - begun,
            f"{len(packing)} plates, {np.mean(full):.0%} covered",
        )


def answers() -> None:
    """What is computed after every change: standing, forecast, orders."""
    import tempfile
    from pathlib import Path

    from numerus.demo.army import make_demo
    from numerus.progress.forecasting.forecast import forecast
    from numerus.progress.planning.next_tasks import orders
    from numerus.progress.standing import standing

    now = datetime(2026, 3, 5, 21, 12)
    with tempfile.TemporaryDirectory() as place:
        book = make_demo(Path(place) / "d.numerus", now)
        found = standing(book.plans, book.history)
        say("standing of 34 figures", timed(lambda: standing(book.plans, book.history)))
        say("forecast with movers and levers", timed(lambda: forecast(book.plans, book.history, now, found)))
        say("orders for the evening", timed(lambda: orders(book.plans, book.history.facts, found, now)))
        say("reopening the book", timed(lambda: type(book).open(book.path).close()))
        book.close()
