"""Which command it is, and its answer on standard output."""

from __future__ import annotations

import argparse
import json
import sys
from collections.abc import Callable, Sequence
from datetime import datetime
from pathlib import Path
from typing import Any

from numerus.cli.books import add_files, diagnoses_of, log_of, schedule_of, status, write_demo, write_messy
from numerus.cli.colours import match, mix, rack_of_book
from numerus.cli.figures import dose_of, joints_of_files, reach_of
from numerus.cli.line import line_of
from numerus.cli.meshes import hollow_of, inspect_files, kit_of, layers_of, poses_of, support_of
from numerus.cli.money import army_of, costs_of, quote_of, shop_of
from numerus.cli.packing import trays_of
from numerus.cli.painting import paint_file
from numerus.cli.plates import plates_made, printed_layers
from numerus.cli.results import refused
from numerus.cli.surfaces import direction, fields_of_file, zones_of_file
from numerus.cli.wash_and_cure import cure_of, wash_of
from numerus.errors import NumerusError

Command = Callable[[str, Any, str], argparse.ArgumentParser]
"""Adds a command: its name, what it runs, what it is for."""


def _moment(text: str) -> datetime:
    return datetime.fromisoformat(text)


def _positive(text: str) -> float:
    value = float(text)
    if not 0 < value < 1e6:
        raise argparse.ArgumentTypeError("must be above zero")
    return value


def _size(text: str) -> tuple[float, float]:
    wide, _, deep = text.partition(",")
    return _positive(wide), _positive(deep)


def _view(text: str) -> tuple[float, float]:
    azimuth, _, elevation = text.partition(",")
    view = float(azimuth), float(elevation or 0)
    if not (abs(view[0]) < 1e4 and abs(view[1]) <= 90):
        raise argparse.ArgumentTypeError("degrees round, and up from -90 to 90")
    return view


def _mesh_commands(command: Command) -> None:
    """On mesh files, and plates of them."""
    schools = ("standing", "tilted", "lying", "measured")
    sub = command("inspect", inspect_files, "health and size of mesh files, folders or zips")
    sub.add_argument("files", nargs="+", type=Path, metavar="FILE")
    sub.add_argument("--below-mm", type=_positive, default=0.4, help="walls under this are thin_area_mm2 (0.4)")
    sub = command("kit", kit_of, "what the parts of an archive or folder are to each other")
    sub.add_argument("path", type=Path, metavar="PATH")
    sub = command("layers", layers_of, "layer areas, volume and islands of a mesh in its own coordinates")
    sub.add_argument("file", type=Path, metavar="FILE")
    sub.add_argument("--layer-mm", type=_positive, default=0.05)
    sub.add_argument("--pixel-mm", type=_positive, default=0.05)
    sub.add_argument("--drop", action="store_true", help="centre it over the origin and stand it on z = 0 first")
    sub = command("pose", poses_of, "ways a part could lie on the machine, best first")
    sub.add_argument("file", type=Path, metavar="FILE")
    sub.add_argument("--school", choices=schools, default="")
    sub = command("support", support_of, "a posed and supported copy of a part, checked")
    sub.add_argument("file", type=Path, metavar="FILE")
    sub.add_argument("--out", type=Path, required=True, metavar="STL")
    sub.add_argument("--keep-pose", action="store_true", help="leave it as it stands")
    sub.add_argument("--school", choices=schools, default="")
    sub = command("hollow", hollow_of, "a hollow copy of a part, with drains")
    sub.add_argument("file", type=Path, metavar="FILE")
    sub.add_argument("--wall-mm", type=_positive, default=2.0)
    sub.add_argument("--drain-mm", type=_positive, default=3.0)
    sub.add_argument("--out", type=Path, required=True, metavar="STL")
    sub = command("fields", fields_of_file, "openness, recess, ridge, lit and seen of every vertex, as .npz")
    sub.add_argument("file", type=Path, metavar="FILE")
    sub.add_argument("--up", type=direction, default=(0.0, 0.0, 1.0), metavar="X,Y,Z")
    sub.add_argument("--lit", type=direction, metavar="X,Y,Z", help="toward the light (from above)")
    sub.add_argument("--spread", type=_positive, default=10.0, metavar="DEG", help="half angle of the light (10)")
    sub.add_argument("--out", type=Path, required=True, metavar="NPZ")
    sub = command("zones", zones_of_file, "a zone for every face: grown from seeds, or patches along creases")
    sub.add_argument("file", type=Path, metavar="FILE")
    sub.add_argument("--seeds", type=Path, metavar="JSON", help='[{"zone": "coat", "at": [x, y, z]}]')
    sub.add_argument("--out", type=Path, required=True, metavar="JSON")
    sub = command("paint", paint_file, "a picture of a mesh painted by a recipe, zone by zone")
    sub.add_argument("file", type=Path, nargs="?", metavar="FILE")
    sub.add_argument("--recipe", type=Path, metavar="JSON")
    sub.add_argument("--zones", type=Path, metavar="JSON")
    sub.add_argument("--out", type=Path, metavar="PNG")
    sub.add_argument("--grey", action="store_true", help="value only")
    sub.add_argument(
        "--from", dest="view", type=_view, default=(20.0, 12.0), metavar="AZ,EL", help="degrees round and up"
    )
    sub.add_argument("--example-recipe", type=Path, metavar="FILE", help="write a recipe to begin with")
    sub = command("plate", plates_made, "plates for a book, or for mesh files posed and supported, as 3MF")
    sub.add_argument("items", nargs="+", type=Path, metavar="BOOK|FILE")
    sub.add_argument("--machine", required=True, metavar="NAME")
    sub.add_argument("--out", type=Path, required=True, metavar="DIR")
    sub = command("print", printed_layers, "read a layer archive back and print it on the simulated machine")
    sub.add_argument("file", type=Path, metavar="ARCHIVE")
    sub.add_argument("--vat-ml", type=float, default=450.0)


def _book_commands(command: Command) -> None:
    """On a book as a whole."""
    sub = command("demo", write_demo, "write the demo book")
    sub.add_argument("--out", type=Path, required=True, metavar="BOOK")
    sub.add_argument("--now", type=_moment, help="tell the army's story as of this moment")
    sub = command("messy", write_messy, "write the demo kit as a badly kept archive, to try Sort on")
    sub.add_argument("--out", type=Path, required=True, metavar="ZIP")
    sub = command("status", status, "where everything stands and whether it will be ready")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("--now", type=_moment)
    sub = command("schedule", schedule_of, "which plate runs when, and when the army will be ready")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("--now", type=_moment)
    sub = command("inquest", diagnoses_of, "why runs failed, and what would tell more")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub = command("add", add_files, "read mesh files, folders or zips into a kit of a book")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("files", nargs="+", type=Path, metavar="FILE")
    sub.add_argument("--kit", default="New kit")
    sub = command("rack", rack_of_book, "the paints of a book: what is left, needed and to be bought")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("--csv", type=Path, metavar="FILE", help="write the pots as CSV, too")
    sub.add_argument("--now", type=_moment)
    sub = command("costs", costs_of, "what every unit costs when it is ready, in whole pence by what they go to")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("--csv", type=Path, metavar="FILE", help="write the units as CSV or ODS, too, in whole pence")
    sub.add_argument("--ledger", type=Path, metavar="FILE", help="write every purchase and payment as CSV or ODS")
    sub = command("shop", shop_of, "what to buy and by when, for all the plan of the evenings uses up")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("--csv", type=Path, metavar="FILE", help="write the list as CSV or ODS, too")
    sub.add_argument("--now", type=_moment)
    sub = command("log", log_of, "every entry of the journal as CSV or ODS")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("--out", type=Path, required=True, metavar="FILE")
    sub = command("army", army_of, "the army as one HTML file with pictures, and as rows")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("--out", type=Path, required=True, metavar="HTML")
    sub.add_argument("--costs", action="store_true", help="with what every unit costs")
    sub.add_argument("--roster", type=Path, metavar="CSV", help="the figures as rows, too")
    sub.add_argument("--now", type=_moment)
    sub = command("quote", quote_of, "what to ask for a unit: hours, materials and a price for every stop")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("--unit", required=True, metavar="NAME")
    sub = command("tray", trays_of, "figures packed in foam: SVG and DXF to cut, one each a tray")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("--out", type=Path, required=True, metavar="DIR")
    sub.add_argument("--box", type=_size, metavar="WIDE,DEEP", help="inner mm (the army's, 300,200)")


def _hand_commands(command: Command) -> None:
    """On what hands, baths and lamp do of a book, and when."""
    sub = command("line", line_of, "every stroke still needed, in time")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub.add_argument("--now", type=_moment)
    sub = command("wash", wash_of, "the baths, and the steps of every plate that waits for them")
    sub.add_argument("book", type=Path, metavar="BOOK")
    sub = command("cure", cure_of, "loads under the lamp of every plate that waits, with the dose of each part")
    sub.add_argument("book", type=Path, metavar="BOOK")


def _colour_commands(command: Command) -> None:
    """On a file of paints."""
    sub = command("mix", mix, "what paints make when they are mixed, hiding or as a film on a ground")
    sub.add_argument("paints", type=Path, metavar="PAINTS.json")
    sub.add_argument("--parts", required=True, metavar="A=2,B=1")
    sub.add_argument("--over", default="", metavar="HEX", help="a film on this ground instead of the hiding colour")
    sub.add_argument("--film-um", type=_positive, default=0.0, metavar="UM", help="dry film (15)")
    sub = command("match", match, "mixes of whole drops that come nearest to a colour, best first")
    sub.add_argument("paints", type=Path, metavar="PAINTS.json")
    sub.add_argument("--target", required=True, metavar="HEX")
    sub.add_argument("--most", type=int, choices=(1, 2, 3), default=3, help="pots in a mix (3)")
    sub.add_argument("--over", default="", metavar="HEX", help="as one film of 15 µm on this ground")


def _figure_commands(command: Command) -> None:
    """On parts as they are glued, or lie under lamps."""
    sub = command("reach", reach_of, "where a brush comes to on parts as they are glued")
    sub.add_argument("files", type=Path, nargs="+", metavar="FILE")
    sub.add_argument("--without", default="", metavar="NAME", help="a part left off, for seeing too")
    sub = command("dose", dose_of, "light on parts under lamps, J/cm²")
    sub.add_argument("files", type=Path, nargs="+", metavar="FILE")
    sub.add_argument("--lamp", type=Path, required=True, metavar="JSON")
    sub.add_argument("--minutes", type=_positive, required=True, metavar="M")
    sub.add_argument("--out", type=Path, required=True, metavar="NPZ")
    sub = command("joints", joints_of_files, "where parts touch, what hangs there, whether to pin it")
    sub.add_argument("files", type=Path, nargs="+", metavar="FILE")


def parser() -> argparse.ArgumentParser:
    arguments = argparse.ArgumentParser(prog="run cli", description="Numerus without a window.")
    commands = arguments.add_subparsers(required=True, metavar="COMMAND")

    def command(name: str, run: Any, description: str) -> argparse.ArgumentParser:
        sub = commands.add_parser(name, help=description, description=description)
        sub.add_argument("--json", action="store_true", help="JSON output (always so; kept for scripts)")
        sub.set_defaults(run=run)
        return sub

    for add in (_mesh_commands, _book_commands, _hand_commands, _colour_commands, _figure_commands):
        add(command)
    return arguments


def main(argv: Sequence[str] | None = None) -> int:
    args = parser().parse_args(argv)
    try:
        results = args.run(args)
    except NumerusError as error:
        results = [
            refused(
                str(
                    next((getattr(args, a) for a in ("book", "path", "file", "paints", "out") if hasattr(args, a)), "")
                ),
                error,
            )
        ]
    print(json.dumps(results[0] if len(results) == 1 else results))
    return 0 if results and all(r["ok"] for r in results) else 2


if __name__ == "__main__":
    sys.exit(main())
