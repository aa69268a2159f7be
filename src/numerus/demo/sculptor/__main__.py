"""Make the demo meshes again: ``./run sculpt [WORD]``. Two processes; the same shapes always give the same files."""

from __future__ import annotations

import sys
import time
from functools import partial
from multiprocessing import get_context
from pathlib import Path

from numerus.demo.prepare import relate
from numerus.demo.sculptor.studio import recipes, sculpt

PROCESSES = 2


def main(folder: Path, only: str = "") -> None:
    begun, wanted = time.monotonic(), [name for name in recipes() if only in name]
    with get_context("spawn").Pool(PROCESSES) as pool:
        for arguments in pool.imap_unordered(partial(sculpt, folder), wanted, chunksize=1):
            print(arguments, flush=True)
    print(relate(folder), flush=True)
    print(f"{len(wanted)} parts in {time.monotonic() - begun:.0f} s", flush=True)


if __name__ == "__main__":
    main(Path(__file__).parents[1] / "meshes", *sys.argv[1:2])
