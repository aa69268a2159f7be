"""What was bought, as the journal has it: kinds of things, and single purchases."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import datetime

from numerus.domain.journal import Fact, PackOpened, Purchased
from numerus.errors import PlanError


@dataclass(frozen=True)
class Thing:
    """A kind of purchase: its name, the unit its amount is told in ("" where none is), for how many days it keeps once it is bought, and
    once it is opened (defaults, 0: it keeps).
    """

    name: str
    unit: str = ""
    keeps_days: int = 0
    open_days: int = 0


THINGS = {
    "kit": Thing("Kits and files"), "resin": Thing("Resin", "ml", 540, 365), "plastic": Thing("Filament", "g", 720, 60),
    "solvent": Thing("Solvent", "l"), "gloves": Thing("Gloves", "pairs"), "film": Thing("Films", "pieces"), "screen": Thing("Screens", "pieces"),
    "paint": Thing("Paint, primer, varnish", "ml", 1800, 1080), "glue": Thing("Glue", "g", 360, 90), "putty": Thing("Putty", "g", 720, 360),
    "bases": Thing("Bases", "pieces"), "texture": Thing("Basing paste", "ml", 1080, 540), "strewn": Thing("Sand, snow, leaves", "g"),
    "tufts": Thing("Tufts", "pieces"), "basing": Thing("Basing, other"), "blades": Thing("Blades", "pieces"), "tools": Thing("Tools and machines"),
    "postage": Thing("Postage"), "other": Thing("Other"),
}  # fmt: skip


def purchase(now: datetime, thing: str, words: str, pence: int, amount: float, unit_id: str = "") -> Fact:
    """An entry of the ledger. Raises PlanError for senseless ones."""
    if thing not in THINGS or not 0 <= pence <= 10_000_000 or not 0 <= amount <= 1e7:
        raise PlanError("bad-purchase", "A purchase has a kind, a price and an amount that are not less than nothing.")
    return Fact(now, Purchased(thing, words.strip(), pence, amount), unit_id)


FOR_BASES = ("texture", "strewn", "tufts", "basing")


def opened_on(facts: Iterable[Fact]) -> dict[int, datetime]:
    """When things bought were first opened, by the entry of their purchase."""
    first: dict[int, datetime] = {}
    for fact in facts:
        if isinstance(fact.event, PackOpened):
            first.setdefault(fact.event.purchase, fact.at)
    return first


def purchases(facts: Iterable[Fact]) -> list[Fact]:
    """The oldest first."""
    return [f for f in facts if isinstance(f.event, Purchased)]
