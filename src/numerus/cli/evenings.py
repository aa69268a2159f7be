"""Commands on what the hands do and when: the painting line, baths, the load under the lamp."""

from __future__ import annotations

import argparse
from datetime import datetime, timedelta

from numerus.cli.results import Result


def line_of(args: argparse.Namespace) -> list[Result]:
    """Every stroke still needed in time, the hours there are for painting, and which zones of a figure touch."""
    from numerus.book.book import Book
    from numerus.book.part_meshes import zoned_part
    from numerus.paint.figure.touching import touching_key, zones_between
    from numerus.post.emptying import SHAPES, unpacked_known
    from numerus.progress.bench_plan import bench_plan
    from numerus.progress.standing import standing
    from numerus.progress.washing import Washing

    book, now = Book.open(args.book), args.now or datetime.now()
    army_standing, plans = standing(book.plans, book.history), book.plans
    figures = {touching_key(plans, f.figure): f.figure for f in army_standing.figures.values() if f.next_strokes}
    meshes = {p: zoned_part(book, p) for f in figures.values() for p in f.build.values() if p in plans.part_zones}
    between = zones_between(plans, figures, meshes.__getitem__)
    washing = Washing.of(book.history.carried, unpacked_known(book.worked_out(SHAPES)))
    plan = bench_plan(plans, book.history.facts, army_standing, now, between=between, washing=washing)
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


def cure_of(args: argparse.Namespace) -> list[Result]:
    """Every plate that waits to be washed or cured: its parts in loads under the lamp, minutes, doses, what stays under."""
    from numerus.book.book import Book
    from numerus.formats.packed_mesh import unpack_mesh
    from numerus.post.cure_book import targets_of
    from numerus.post.lamp_load import cured, loads_of
    from numerus.post.lamps import lamp_of
    from numerus.post.supports_off import BEFORE, SCHOOLS, held, supports_off
    from numerus.progress.next_tasks import parts_come_out
    from numerus.progress.standing import standing

    book = Book.open(args.book)
    targets = targets_of(book.plans.resin, book.history.lit.judged)
    lamp, station = lamp_of(book.plans.army, targets)
    answers = []
    for run in standing(book.plans, book.history).runs.values():
        if run.state not in ("hanging", "printed", "washed") or run.plate_id not in book.plans.plates:
            continue
        parts = parts_come_out(book.plans, run)
        loads = [cured(load, station) for load in loads_of([(p.label, unpack_mesh(book.blob(p.blob))) for p in parts])]
        school = book.plans.army.supports_off if book.plans.army else BEFORE
        answers.append({
            "plate": book.plans.plates[run.plate_id].name, "state": run.state, "loads": [_load(c) for c in loads],
            "supports_off": {"school": school, "ways": [_off(supports_off(s, held(parts))) for s in SCHOOLS]},
        })  # fmt: skip
    return [{"file": str(args.book), "ok": True, "lamp": lamp, "plates": answers}]


def _off(way) -> dict[str, object]:  # type: ignore[no-untyped-def]
    told = {"way": way.school, "minutes": round(way.minutes, 2), "tips": dict(way.tips)}
    return {**told, "marks_mm2": round(way.marks_mm2, 2), "may_chip": list(way.may_chip)}


def _load(done) -> dict[str, object]:  # type: ignore[no-untyped-def]
    target = done.station.target_j_per_cm2
    parts = [
        {"name": p.part.name, "least": round(p.spread[0], 3), "median": round(p.spread[1], 3), "most": round(p.spread[2], 3),
         "under_share": round(p.share_under(p.both, target), 4)}
        for p in done.parts
    ]  # fmt: skip
    return {
        "minutes_a_side": done.minutes,
        "target_j_per_cm2": target,
        "under_share": round(done.share_under(True), 4),
        "parts": parts,
    }


def _way(way) -> dict[str, object]:  # type: ignore[no-untyped-def]
    told = {"way": way.key, "hands_min": way.hands_min, "carries_ml": round(way.carried_ml, 2), "loads": way.loads}
    return {**told, "for": list(way.speaks_for), "against": list(way.against)}


def wash_of(args: argparse.Namespace) -> list[Result]:
    """Both baths by what was washed in them, and the steps of every plate that waits."""
    from numerus.book.book import Book
    from numerus.formats.packed_mesh import unpack_mesh
    from numerus.post.emptying import SHAPES, hanging, hollows, unpacked_known
    from numerus.post.wash import baths, dry_min, wash_plan
    from numerus.post.wet_film import USUAL_DRAIN_MIN
    from numerus.progress.next_tasks import parts_come_out
    from numerus.progress.standing import standing
    from numerus.progress.washing import Washing

    book = Book.open(args.book)
    judged = book.history.carried.judged
    tubs, answers, known = baths(book.history.carried), [], unpacked_known(book.worked_out(SHAPES))
    washing = Washing.of(book.history.carried, known)
    drains_min = book.plans.army.drain_min if book.plans.army else USUAL_DRAIN_MIN
    for run in standing(book.plans, book.history).runs.values():
        if run.state not in ("hanging", "printed") or run.plate_id not in book.plans.plates:
            continue
        parts = parts_come_out(book.plans, run)
        hollow = hollows(hanging(parts), lambda blob: unpack_mesh(book.blob(blob)), known=known)
        wet = washing.wet_plate(book.plans, parts, run.machine_id)
        way = washing.way(book.plans, wet)
        steps = [
            {"step": s.title, "minutes": round(s.minutes, 2), "hands": s.hands, "what": s.detail}
            for s in wash_plan(wet, way, *tubs, drains_min, dry_min(judged, wet))
        ]
        name = book.plans.plates[run.plate_id].name
        answers.append(
            {
                "plate": name,
                "parts": len(parts),
                "carries_ml": round(way.carried_ml, 2),
                "film_mm": round(wet.film_mm, 4),
                "deep_share": round(wet.deep_share, 4),
                "way": way.key,
                "ways": [_way(w) for w in washing.ways(book.plans, wet).values()],
                "hollow": [_hollow(h) for h in hollow],
                "steps": steps,
            }
        )
    listed = [
        {
            "name": b.name,
            "liquid": b.liquid,
            "litres": b.litres,
            "spent_at": round(b.limit, 4),
            "resin_ml": round(b.carried_ml, 2),
            "spent": round(b.spent, 4),
        }
        for b in tubs
    ]
    return [{"file": str(args.book), "ok": True, "baths": listed, "plates": answers}]


def _hollow(part) -> dict[str, object]:  # type: ignore[no-untyped-def]
    tips = part.tipping
    kept, left = round(tips.hanging_ml, 3), round(tips.left_ml, 3)
    return {"name": part.name, "count": part.count, "keeps_ml": kept, "left_ml": left, "hold": tips.description}
