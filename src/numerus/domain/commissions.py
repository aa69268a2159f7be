"""A unit painted for someone else: who for, what was agreed, by when."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import date

from numerus.errors import PlanError


@dataclass(frozen=True)
class Commission:
    """``unit_id``: what is painted. ``pence_per_h``, ``margin``, ``deposit``: terms, shares of 1; ``prints``: the user prints it,
    otherwise it is paint on the client's own figures; ``postage_pence``: with insurance; ``stop``: where to stop, by its name,
    "" until agreed; ``agreed_pence``, ``agreed_h``: the price and the hours (p10, p50, p90) as they were when it was kept.
    ``references``: where pictures of what is wanted are; ``theirs``: what they send. All that is of the client is in this document alone,
    so that it goes with it.
    """

    id: str
    unit_id: str
    client: str = ""
    brief: str = ""
    wanted_by: date | None = None
    pence_per_h: int = 1250
    margin: float = 0.15
    deposit: float = 0.30
    prints: bool = False
    postage_pence: int = 0
    stop: str = ""
    references: str = ""
    theirs: str = ""
    agreed_pence: int = 0
    agreed_h: tuple[float, float, float] = (0.0, 0.0, 0.0)
    agreed_on: date | None = None

    def __post_init__(self) -> None:
        if not 0 <= self.pence_per_h <= 100_000_00 or not 0 <= self.postage_pence <= 100_000_00:
            raise PlanError("bad-sum", "A sum of a commission lies between nothing and a hundred thousand.")
        if not (0 <= self.margin <= 5 and 0 <= self.deposit <= 1):
            raise PlanError("bad-share", "The margin lies between 0 and 5, the deposit between 0 and 1.")
