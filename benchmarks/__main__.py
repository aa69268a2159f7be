"""``./run bench``: every benchmark, or those whose name holds a word."""

from __future__ import annotations

import multiprocessing
import sys

from benchmarks.measures import ALL


def main() -> None:
    """Each benchmark in a process of its own, so that peak memory is its own."""
    wanted = sys.argv[1] if len(sys.argv) > 1 else ""
    context = multiprocessing.get_context("spawn")
    for bench in ALL:
        if wanted in bench.__name__:
            print(f"\n{bench.__doc__}", flush=True)
            child = context.Process(target=bench)
            child.start()
            child.join()


if __name__ == "__main__":
    main()
