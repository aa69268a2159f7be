"""Commands on paints: what a mix looks like, which mixes come near a colour, the rack of a book."""

from __future__ import annotations

import argparse
from pathlib import Path
from typing import Any

from numerus.cli.results import Result
from numerus.errors import PlanError


def _rack(path: Path) -> Any:
    from numerus.formats.paint_lists import read_paints_json
    from numerus.paint.rack.exchange import paints_of_list
    from numerus.paint.rack.pots import Rack

    return Rack({p.id: p for p in paints_of_list(read_paints_json(path))})


def _ground(text: str) -> Any:
    from numerus.colour.reflectance import reflectances
    from numerus.colour.words import colour_typed

    return reflectances([colour_typed(text)])[0]


def _parts(text: str, by_name: dict[str, str]) -> tuple[tuple[str, float], ...]:
    """``A=2,B=1``. Raises PlanError for an unknown paint or no amount."""
    from numerus.paint.rack.parts_text import parts_amount

    pairs = []
    for piece in text.split(","):
        name, _, amount = piece.rpartition("=")
        if name.strip().lower() not in by_name:
            raise PlanError(
                "no-paint", f"{name.strip()!r} is no paint of the file.", "Write parts like Chalk=2,Brick=1."
            )
        pairs.append((by_name[name.strip().lower()], parts_amount(amount)))
    return tuple(pairs)


def mix(args: argparse.Namespace) -> list[Result]:
    """A mix: its hiding colour, or one film of it on a ground; how much hides, how many coats."""
    from numerus.colour.films import BLACK_GROUND, COAT_UM, WHITE_GROUND, coats_to_cover
    from numerus.colour.reflectance import hex_of_reflectance, lab_of_reflectance

    rack = _rack(args.paints)
    paint = rack.pigment(_parts(args.parts, rack.by_name))
    film_um = args.film_um or COAT_UM
    seen = paint.over(_ground(args.over), film_um) if args.over else paint.hiding
    over = {
        "black": coats_to_cover(paint, BLACK_GROUND, film_um),
        "white": coats_to_cover(paint, WHITE_GROUND, film_um),
    }
    coats = coats_to_cover(paint, _ground(args.over), film_um) if args.over else over["black"]
    hides = paint.hides_um
    return [{
        "ok": True, "hex": hex_of_reflectance(seen), "lab": [round(float(v), 4) for v in lab_of_reflectance(seen)],
        "hides_um": round(hides, 2) if hides < 1e5 else None, "coats": coats, "coats_over": over, "film_um": film_um,
    }]  # fmt: skip


def match(args: argparse.Namespace) -> list[Result]:
    """Mixes of whole drops that come nearest to a colour."""
    from numerus.colour.light import lab_of, rgb_of
    from numerus.colour.matching import Target
    from numerus.colour.words import colour_typed
    from numerus.paint.rack.matching import mixes_for

    rack = _rack(args.paints)
    wanted = lab_of(rgb_of(colour_typed(args.target)))
    target = Target(wanted, _ground(args.over)) if args.over else Target(wanted)
    listed = mixes_for(list(rack.paints.values()), target, args.most)
    mixes = [
        {"parts": {rack.name_of(p): n for p, n in m.parts}, "hex": m.colour, "delta_e": round(m.delta_e, 3)}
        for m in listed
    ]
    return [{"ok": True, "target": colour_typed(args.target), "over": args.over, "mixes": mixes}]


def rack_of_book(args: argparse.Namespace) -> list[Result]:
    """The rack: what is left, what the army still needs, what to buy; as CSV where asked."""
    from datetime import datetime

    from numerus.book.book import Book
    from numerus.formats.paint_lists import COLUMNS
    from numerus.formats.tables import write_table
    from numerus.paint.rack.exchange import rows_of_paints
    from numerus.progress.painting.paint_stock import paint_stock

    book = Book.open(args.book)
    stock = paint_stock(book.plans, book.history, args.now or datetime.now())
    if args.csv:
        write_table(args.csv, [COLUMNS, *rows_of_paints(book.plans.paints.values())], "Rack")
    paints = [{
        "name": s.paint.name, "hex": s.paint.colour, "kind": s.paint.kind, "ml_left": s.ml_left, "need_ml": round(s.need_ml, 3),
        "buy": s.pots_to_buy, "runs_out": s.runs_out.isoformat() if s.runs_out else None, "gone": s.paint.gone,
    } for s in stock]  # fmt: skip
    return [{"file": str(args.book), "ok": True, "paints": paints}]
