"""How counts and durations are said, the same everywhere."""

from __future__ import annotations

import re
from collections.abc import Iterable
from functools import lru_cache
from itertools import count

MOST_NAMES = 8192  # whose keys are kept: lists are sorted and written anew at every edit


@lru_cache(MOST_NAMES)
def natural(name: str) -> tuple[tuple[int, str], ...]:
    """A key that sorts names as people count: "head 2" before "head 10"."""
    return tuple((int(w), "") if w.isdigit() else (-1, w) for w in re.split(r"(\d+)", name.lower()) if w)


@lru_cache(MOST_NAMES)
def mesh_name(path: str) -> str:
    """The name of a mesh file without folders and ending."""
    return re.sub(r"\.(stl|obj|ply|3mf|glb)$", "", path.rpartition("/")[2], flags=re.IGNORECASE)


def free_name(wanted: str, taken: Iterable[str]) -> str:
    """The name, numbered where another has it, in capitals or not."""
    known = {name.lower() for name in taken}
    numbered = (wanted if n == 1 else f"{wanted} {n}" for n in count(1))
    return next(name for name in numbered if name.lower() not in known)


def counted(number: int, thing: str) -> str:
    """ "1 figure", "3 figures", "2 mixes": what forms its plural with s or es."""
    plural = "es" if thing.endswith(("x", "ch", "sh", "s")) else "s"
    return f"{number} {thing}{plural * (number != 1)}"


def one_or_many(number: int, thing: str) -> str:
    """ "one verdict", "3 verdicts"."""
    return f"one {thing}" if number == 1 else counted(number, thing)


def waits(number: int, thing: str) -> str:
    """ "1 figure waits", "3 figures wait"."""
    return f"{counted(number, thing)} wait{'s' * (number == 1)}"


def hours(minutes: float) -> str:
    """Hours with one place, as the band writes them."""
    return f"{minutes / 60:.1f} h"


def span(minutes: float) -> str:
    """Minutes under an hour and a half, else hours and minutes."""
    if 0 < minutes < 0.75:
        return "½ min"
    total = round(minutes)
    return f"{total} min" if total < 90 else f"{total // 60} h {total % 60:02d} min"
