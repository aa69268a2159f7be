"""What is shown of ways to paint the same figure. No Qt here."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray


@dataclass(frozen=True)
class Row:
    """One thing compared: its words, whether most of it is best, "" for a number that is no merit."""

    words: str
    best: str = "least"


@dataclass(frozen=True, eq=False)
class Card:
    """A way to paint: pictures in colour and value, uint8 (h, w, 4); an amount and its words for each row; what stands below."""

    letter: str
    name: str
    note: str
    colour: NDArray[np.uint8]
    grey: NDArray[np.uint8]
    values: tuple[tuple[float, str], ...]
    foot: str
    description: str = ""
