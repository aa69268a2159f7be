"""Start the window: ``--demo`` for the demo army, or a book's path."""

from __future__ import annotations

import argparse
import gc
import sys
from pathlib import Path


def main() -> int:
    parser = argparse.ArgumentParser(prog="run app", description="Numerus")
    parser.add_argument("book", nargs="?", type=Path, help="a book to open; it is made if it is not there")
    parser.add_argument("--demo", action="store_true", help="open the demo army")
    args = parser.parse_args()
    gc.disable()  # until the window is there: what a start makes stays, and looking through it takes as long as a library
    from numerus.desk.app import run

    return run(args.book, args.demo)


if __name__ == "__main__":
    sys.exit(main())
