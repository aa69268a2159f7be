"""The word ``line``: what the hands paint and when."""

from __future__ import annotations

import argparse
from datetime import datetime, timedelta
from typing import TYPE_CHECKING

from numerus.cli.results import Result
from numerus.cli.wash_and_cure import washing_of
from numerus.errors import PlanError

if TYPE_CHECKING:
    from numerus.book.book import Book
    from numerus.progress.planning.bench_plan import BenchPlan


def hands_plan(book: Book, now: datetime) -> BenchPlan:
    """All work of the hands in time, the same for every command. Raises PlanError where there is no army or not enough time."""
    from numerus.book.part_meshes import zoned_part
    from numerus.paint.figure.touching import touching_key, zones_between
    from numerus.paint.priming.weather_file import air_from
    from numerus.progress.planning.bench_plan import bench_plan
    from numerus.progress.standing import standing

    army_standing, plans = standing(book.plans, book.history), book.plans
    figures = {touching_key(plans, f.figure): f.figure for f in army_standing.figures.values() if f.next_strokes}
    meshes = {p: zoned_part(book, p) for f in figures.values() for p in f.build.values() if p in plans.part_zones}
    between = zones_between(plans, figures, meshes.__getitem__)
    airs = air_from(plans.army.weather, now) if plans.army else ()
    return bench_plan(plans, book.history.facts, army_standing, now, None, between, washing_of(book), airs)


def evenings_told(book: Book, now: datetime) -> dict[str, object]:
    """The plan's evenings with their minutes of hands, when all is painted and done; why there is none, where there is none."""
    try:
        plan = hands_plan(book, now)
    except PlanError as error:
        return {"why_not": error.message}
    evenings = [
        {"start": _iso(e.window.start), "end": _iso(e.window.end), "hands_min": round(e.hands_min, 3)}
        for e in plan.evenings()
    ]
    return {"painted": _iso(plan.painted or now), "ends": _iso(plan.ends or now), "evenings": evenings}


def line_of(args: argparse.Namespace) -> list[Result]:
    """Every stroke still needed in time, the hours there are for painting, and which zones of a figure touch."""
    from numerus.book.book import Book

    book, now = Book.open(args.book), args.now or datetime.now()
    plan = hands_plan(book, now)
    _refuse_parts(book, plan)
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


def _refuse_parts(book: Book, plan: BenchPlan) -> None:
    """Raises PlanError where a stroke is longer than any evening: it would be told twice, as if there were two of it."""
    for timed in (t for t in plan.strokes if t.task.part[1] > 1):
        figure, zone = book.plans.figures[timed.task.group].name, book.plans.zone_name(timed.task.chain)
        words = f"One stroke on {zone} of {figure} is longer than any evening: it takes {timed.task.part[1]} of them."
        raise PlanError("no-time", words, "Set a longer evening, or part the step; the window plans it in parts.")


def _iso(moment: datetime) -> str:
    """To the millisecond, so that ends and starts that meet are told alike."""
    whole = moment.replace(microsecond=0)
    return (whole + timedelta(milliseconds=round(moment.microsecond / 1000))).isoformat(timespec="milliseconds")
