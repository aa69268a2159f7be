"""What was bought, as the journal has it: kinds of things, and single purchases."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import datetime

from numerus.domain.journal import Fact, Purchased
from numerus.errors import PlanError


@dataclass(frozen=True)
class Thing:
    """A kind of purchase: its name, the unit its amount is told in ("" where none is), for how many days it keeps once it is bought
    (default, 0: it keeps).
    """

    name: str
    unit: str = ""
    keeps_days: int = 0


THINGS = {
    "kit": Thing("Kits and files"), "resin": Thing("Resin", "ml", 540), "plastic": Thing("Filament", "g", 720),
    "solvent": Thing("Solvent", "l"), "gloves": Thing("Gloves", "pairs"), "film": Thing("Films", "pieces"), "screen": Thing("Screens", "pieces"),
    "paint": Thing("Paint, primer, varnish", "ml", 1800), "glue": Thing("Glue", "g", 360), "putty": Thing("Putty", "g", 720),
    "bases": Thing("Bases", "pieces"), "basing": Thing("Basing"), "blades": Thing("Blades", "pieces"), "tools": Thing("Tools and machines"),
    "postage": Thing("Postage"), "other": Thing("Other"),
}  # fmt: skip


def purchase(now: datetime, thing: str, words: str, pence: int, amount: float, unit_id: str = "") -> Fact:
    """An entry of the ledger. Raises PlanError for senseless ones."""
    if thing not in THINGS or not 0 <= pence <= 10_000_000 or not 0 <= amount <= 1e7:
        raise PlanError("bad-purchase", "A purchase has a kind, a price and an amount that are not less than nothing.")
    return Fact(now, Purchased(thing, words.strip(), pence, amount), unit_id)


def purchases(facts: Iterable[Fact]) -> list[Fact]:
    """The oldest first."""
    return [f for f in facts if isinstance(f.event, Purchased)]
