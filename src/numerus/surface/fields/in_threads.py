"""Pieces of work done in threads and told in their order, so that sums are the same whatever the threads do."""

from __future__ import annotations

from collections.abc import Callable, Generator, Iterable
from concurrent.futures import ThreadPoolExecutor
from contextlib import contextmanager
from typing import TypeVar

Done = Callable[[float], object]
"""Is told how far work is, 0..1, and may stop it by raising."""
Piece = TypeVar("Piece")
Told = TypeVar("Told")


@contextmanager
def in_threads(
    act: Callable[[Piece], Told], pieces: Iterable[Piece], workers: int
) -> Generator[Iterable[Told], None, None]:
    """What ``act`` makes of each piece, in order; one worker is no thread at all. What has not begun when it is given up never does."""
    if workers == 1:
        yield map(act, pieces)
        return
    with ThreadPoolExecutor(workers) as pool:
        try:
            yield pool.map(act, pieces)
        finally:
            pool.shutdown(cancel_futures=True)
