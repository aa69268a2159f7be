"""Between the rack and lists of paints in files: entries to pots, pots to entries and rows."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from dataclasses import replace

from numerus.colour.words import colour_typed
from numerus.domain.painting.paints import MEASURED, TYPED, Paint
from numerus.errors import PaintListError, PlanError
from numerus.formats.paint_lists import COLUMNS, Card, Listed, PaintEntry
from numerus.paint.rack.kinds import KINDS


def paints_of_list(listed: Sequence[Listed], new_id: Callable[[], str] | None = None) -> list[Paint]:
    """Pots of entries; ids are their names where none are made. Raises PaintListError naming the entry at fault."""
    paints = [_paint(one, new_id) for one in listed]
    names = [p.name.lower() for p in paints]
    twice = next((n for n, name in enumerate(names) if name in names[:n]), None)
    if twice is not None:
        raise PaintListError(
            "same-name", f"{listed[twice].where}: {paints[twice].name!r} is there twice.", "Nothing was taken over."
        )
    return paints


def _paint(one: Listed, new_id: Callable[[], str] | None) -> Paint:
    entry = one.entry
    if entry.kind not in KINDS:
        raise PaintListError(
            "no-kind", f"{one.where}: {entry.kind!r} is no kind of paint.", f"It is one of {', '.join(KINDS)}."
        )
    try:
        colour, black, white = (colour_typed(c) if c else "" for c in (entry.hex, entry.over_black, entry.over_white))
    except PlanError as error:
        raise PaintListError("no-colour", f"{one.where}: {error.message}", "Nothing was taken over.") from error
    measured = bool(black and white)
    return Paint(
        new_id() if new_id else entry.name, entry.name, entry.maker, colour, entry.ml, round(entry.price_pence), entry.pot_ml,
        entry.kind, entry.hides_um or 0.0, MEASURED if measured else TYPED, 0.0, black, white, entry.film_um, entry.card.black,
        entry.card.white, entry.strength, 0.0, entry.density_g_ml, entry.tare_g, None, None, entry.batch, entry.place,
    )  # fmt: skip


def entry_of(paint: Paint) -> PaintEntry:
    return PaintEntry(
        name=paint.name, hex=paint.colour, kind=paint.kind, maker=paint.maker, ml=paint.ml, pot_ml=paint.pot_ml,
        price_pence=paint.price_pence, hides_um=paint.hides_um or None, over_black=paint.over_black or None,
        over_white=paint.over_white or None, film_um=paint.film_um, card=Card(black=paint.card_black, white=paint.card_white),
        strength=paint.strength, density_g_ml=paint.density_g_ml, tare_g=paint.tare_g, batch=paint.batch, place=paint.place,
    )  # fmt: skip


def rows_of_paints(paints: Iterable[Paint]) -> list[list[str]]:
    """One row a pot, in the order of ``COLUMNS``; what is not known is empty."""
    rows = [entry_of(p).model_dump() for p in paints]
    return [
        ["" if row[c] is None else f"{row[c]:g}" if isinstance(row[c], float) else str(row[c]) for c in COLUMNS]
        for row in rows
    ]


def taken_over(new: Sequence[Paint], rack: Iterable[Paint]) -> list[Paint]:
    """New pots beside a rack: one of a name that is there brings that pot up to date and keeps its id."""
    known = {p.name.lower(): p for p in rack}
    return [replace(p, id=known[p.name.lower()].id) if p.name.lower() in known else p for p in new]
