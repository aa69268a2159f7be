"""Commands on how an army travels: trays of foam, as cut files."""

from __future__ import annotations

import argparse
from functools import cache

from numerus.cli.results import Result


def trays_of(args: argparse.Namespace) -> list[Result]:
    """Every figure that has parts in a pocket of foam; a file of each kind for every tray."""
    from numerus.book.book import Book
    from numerus.formats.meshes.packed_mesh import unpack_mesh
    from numerus.packing.cutting import write_cut_files
    from numerus.packing.pockets import pockets_of
    from numerus.packing.trays import FoamBox, packed
    from numerus.progress.figure_records.breakage import broken_parts
    from numerus.progress.standing import standing

    book = Book.open(args.book)
    figures = [f for u in book.plans.units_in_order() for f in book.plans.figures_of(u.id)]
    held = broken_parts(book.plans, standing(book.plans, book.history), book.history.facts)
    broke = {part: broken.times for part, broken in held.items()}
    pockets = pockets_of(book.plans, figures, cache(lambda blob: unpack_mesh(book.blob(blob))), broke=broke)
    box = args.box or (book.plans.army.tray_mm if book.plans.army else None)
    packing = packed(pockets, FoamBox(*box) if box else FoamBox())
    files = write_cut_files(packing.trays, args.out)
    answers = [{
        "figures": [p.pocket.figure_id for p in t.laid], "names": [p.pocket.figure for p in t.laid],
        "mm": [t.wide_mm, t.deep_mm, round(t.high_mm, 1)], "least_wall_mm": round(t.least_wall_mm, 2), "grams": round(t.grams, 1),
        "fragile": {p.pocket.figure_id: p.pocket.note for p in t.laid if p.pocket.note}, "files": [f.name for f in own],
    } for t, own in zip(packing.trays, files, strict=True)]  # fmt: skip
    return [{"file": str(args.book), "ok": True, "trays": answers, "least_trays": packing.least_trays}]
