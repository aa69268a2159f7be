"""The words ``wash`` and ``cure``: plates that wait for the baths or the lamp, as the benches tell it."""

from __future__ import annotations

import argparse
from collections.abc import Callable, Iterator
from typing import TYPE_CHECKING

from numerus.cli.results import Result

if TYPE_CHECKING:
    from numerus.book.book import Book
    from numerus.geometry.mesh import Mesh
    from numerus.post.curing.lamp_load import Cured
    from numerus.post.supports_off import SupportsOff
    from numerus.post.washing.emptying import Hollow, Looked
    from numerus.post.washing.wash_ways import Way
    from numerus.printing.runs.run_records import RunRecord
    from numerus.progress.washing import Washing


def _known_shapes(book: Book) -> dict[str, Looked]:
    from numerus.post.washing.emptying import SHAPES, unpacked_known

    return unpacked_known(book.worked_out(SHAPES))


def washing_of(book: Book) -> Washing:
    """How this book's user washes, as far as anybody looked into the parts."""
    from numerus.progress.washing import Washing

    return Washing.of(book.history.carried, _known_shapes(book))


def _mesh_reader(book: Book) -> Callable[[str], Mesh]:
    from functools import cache

    from numerus.formats.meshes.packed_mesh import unpack_mesh

    return cache(lambda blob: unpack_mesh(book.blob(blob)))


def _waiting(book: Book, *states: str) -> Iterator[RunRecord]:
    """Runs in one of these states whose plate is still in the book; what is of plastic waits for neither."""
    from numerus.progress.standing import standing

    runs = standing(book.plans, book.history).runs.values()
    return (r for r in runs if r.state in states and r.plate_id in book.plans.plates and not r.dry)


def cure_of(args: argparse.Namespace) -> list[Result]:
    """Every plate that waits to be washed or cured: its parts in loads under the lamp, minutes, doses, what stays under."""
    from numerus.book.book import Book
    from numerus.post.curing.cure_book import targets_of
    from numerus.post.curing.lamps import lamp_of

    book = Book.open(args.book)
    lamp, station = lamp_of(book.plans.army, targets_of(book.plans.resin, book.history.lit.judged))
    plates = [_cured_plate(book, run, station) for run in _waiting(book, "hanging", "printed", "washed")]
    return [{"file": str(args.book), "ok": True, "lamp": lamp, "plates": plates}]


def _cured_plate(book: Book, run: RunRecord, station) -> dict[str, object]:  # type: ignore[no-untyped-def]
    from numerus.post.curing.lamp_load import cured, loads_of
    from numerus.post.snipping import snippings, supported_parts
    from numerus.post.supports_off import BEFORE, SCHOOLS, held, supports_off
    from numerus.progress.planning.task_kinds import parts_come_out

    mesh_of, plate, parts = _mesh_reader(book), book.plans.plates[run.plate_id], parts_come_out(book.plans, run)
    loads = [cured(load, station) for load in loads_of([(p.label, mesh_of(p.blob)) for p in parts])]
    shown = {s.name: s.shown for s in snippings(supported_parts(book.plans, plate, parts, mesh_of))}
    school = book.plans.army.supports_off if book.plans.army else BEFORE
    return {
        "plate": plate.name,
        "state": run.state,
        "loads": [_load(c) for c in loads],
        "supports_off": {"school": school, "ways": [_off(supports_off(s, held(parts), shown)) for s in SCHOOLS]},
    }


def _off(way: SupportsOff) -> dict[str, object]:
    told = {"way": way.school, "minutes": round(way.minutes, 2), "tips": dict(way.tips)}
    shown = None if way.shown_mm2 is None else round(way.shown_mm2, 2)
    return {**told, "marks_mm2": round(way.marks_mm2, 2), "shown_mm2": shown, "may_chip": list(way.may_chip)}


def _load(done: Cured) -> dict[str, object]:
    target = done.station.target_j_per_cm2
    parts = [
        {
            "name": p.part.name,
            **dict(zip(("least", "median", "most"), (round(dose, 3) for dose in p.spread), strict=True)),
            "under_share": round(p.share_under(p.both, target), 4),
            "brittle_share": round(p.over_share, 4),
        }
        for p in done.parts
    ]
    return {
        "minutes_a_side": done.minutes,
        "target_j_per_cm2": target,
        "under_share": round(done.share_under(True), 4),
        "parts": parts,
    }


def wash_of(args: argparse.Namespace) -> list[Result]:
    """Both baths by what was washed in them, and the steps of every plate that waits."""
    from numerus.book.book import Book
    from numerus.post.washing.wash import baths

    book = Book.open(args.book)
    tubs = baths(book.history.carried)
    plates = [_washed_plate(book, run) for run in _waiting(book, "hanging", "printed")]
    listed = [
        {"name": b.name, "liquid": b.liquid, "litres": b.litres, "spent_at": round(b.limit, 4),
         "resin_ml": round(b.carried_ml, 2), "spent": round(b.spent, 4)}
        for b in tubs
    ]  # fmt: skip
    return [{"file": str(args.book), "ok": True, "baths": listed, "plates": plates}]


def _washed_plate(book: Book, run: RunRecord) -> dict[str, object]:
    from numerus.post.washing.emptying import hanging, hollows
    from numerus.post.washing.wash import baths, dry_min, wash_plan
    from numerus.post.washing.wet_film import USUAL_DRAIN_MIN
    from numerus.progress.planning.task_kinds import parts_come_out

    plans, carried, parts = book.plans, book.history.carried, parts_come_out(book.plans, run)
    hollow = hollows(hanging(parts), _mesh_reader(book), known=_known_shapes(book))
    washing = washing_of(book)
    wet = washing.wet_plate(plans, parts, run.machine_id)
    way, drains_min = washing.way(plans, wet), plans.army.drain_min if plans.army else USUAL_DRAIN_MIN
    steps = wash_plan(wet, way, *baths(carried), drains_min, dry_min(carried.judged, wet))
    return {
        "plate": plans.plates[run.plate_id].name,
        "parts": len(parts),
        "carries_ml": round(way.carried_ml, 2),
        "film_mm": round(wet.film_mm, 4),
        "deep_share": round(wet.deep_share, 4),
        "way": way.key,
        "ways": [_way(w) for w in washing.ways(plans, wet).values()],
        "hollow": [_hollow(h) for h in hollow],
        "steps": [{"step": s.title, "minutes": round(s.minutes, 2), "hands": s.hands, "what": s.detail} for s in steps],
    }


def _way(way: Way) -> dict[str, object]:
    told = {"way": way.key, "hands_min": way.hands_min, "carries_ml": round(way.carried_ml, 2), "loads": way.loads}
    return {**told, "for": list(way.speaks_for), "against": list(way.against)}


def _hollow(part: Hollow) -> dict[str, object]:
    tips = part.tipping
    kept, left = round(tips.hanging_ml, 3), round(tips.left_ml, 3)
    return {"name": part.name, "count": part.count, "keeps_ml": kept, "left_ml": left, "hold": tips.description}
