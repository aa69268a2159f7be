"""The word ``line``: what the hands paint and when."""

from __future__ import annotations

import argparse
from datetime import datetime, timedelta

from numerus.cli.results import Result
from numerus.cli.wash_and_cure import washing_of


def line_of(args: argparse.Namespace) -> list[Result]:
    """Every stroke still needed in time, the hours there are for painting, and which zones of a figure touch."""
    from numerus.book.book import Book
    from numerus.book.part_meshes import zoned_part
    from numerus.paint.figure.touching import touching_key, zones_between
    from numerus.progress.planning.bench_plan import bench_plan
    from numerus.progress.standing import standing

    book, now = Book.open(args.book), args.now or datetime.now()
    army_standing, plans = standing(book.plans, book.history), book.plans
    figures = {touching_key(plans, f.figure): f.figure for f in army_standing.figures.values() if f.next_strokes}
    meshes = {p: zoned_part(book, p) for f in figures.values() for p in f.build.values() if p in plans.part_zones}
    between = zones_between(plans, figures, meshes.__getitem__)
    plan = bench_plan(plans, book.history.facts, army_standing, now, between=between, washing=washing_of(book))
    strokes = [{
        "figure": t.task.group, "zone": t.task.chain, "stroke": t.task.key, "start": _iso(t.start), "end": _iso(t.end), "dry": _iso(t.dry),
        "setup_min": round(t.setup_min, 3),
    } for t in plan.strokes]  # fmt: skip
    touching = [
        [f, a, b] for f, zones in plan.touching.items() for a, others in zones.items() for b in sorted(others) if a < b
    ]
    ends = plan.painted or now
    return [{
        "file": str(args.book), "ok": True, "hours": [{"start": _iso(w.start), "end": _iso(w.end)} for w in plan.painting_hours],
        "touching": touching, "strokes": strokes, "ends": _iso(ends), "unplated": sorted(plan.guessed),
    }]  # fmt: skip


def _iso(moment: datetime) -> str:
    """To the millisecond, so that ends and starts that meet are told alike."""
    whole = moment.replace(microsecond=0)
    return (whole + timedelta(milliseconds=round(moment.microsecond / 1000))).isoformat(timespec="milliseconds")
