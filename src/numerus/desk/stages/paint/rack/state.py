"""What the rack shows and may do: pots by family, what lacks, what is chosen and edited, what to buy. No Qt here."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from datetime import date, datetime
from functools import cached_property
from typing import Any

from numerus.book.book import Removed
from numerus.colour.films import Pigment
from numerus.desk.answers import Answers
from numerus.domain.painting.paints import Mix, Paint, Swatch
from numerus.errors import NumerusError, PlanError
from numerus.paint.rack.batches import (
    Comparison,
    Correction,
    compared,
    drops_back,
    poured_on,
    whole_drops,
    with_strengths,
)
from numerus.paint.rack.families import FAMILIES, family_of, family_of_colour
from numerus.paint.rack.parts_text import parts_from_text, parts_text
from numerus.paint.rack.pot_fields import FIELDS, field_text, number_typed
from numerus.paint.rack.pots import Rack, pigment_of, rack_of
from numerus.paint.rack.rack_edits import Use, checked_name, poured_otherwise, put_in_place, uses_of
from numerus.paint.scheme import ml_text
from numerus.progress.painting.mixes import cups_left, leftover_words
from numerus.progress.painting.paint_stock import PotStock, paint_stock

MIXES = "mixed by you"
BY_FAMILY, BY_LACK, BY_NAME = "by family and value", "what runs out first", "by name"
ORDERS = (BY_FAMILY, BY_LACK, BY_NAME)


@dataclass(frozen=True, eq=False)
class Shown:
    """A pot or a mix on the shelf. ``level``: how full, None where nobody knows; ``note``: what is wrong, "" for nothing."""

    id: str
    name: str
    family: str
    pigment: Pigment
    level: float | None
    ml: str
    note: str = ""
    gone: bool = False
    lacks: float = 0.0


@dataclass(frozen=True)
class Line:
    """One line of the shopping list."""

    name: str
    kind: str
    need_ml: float
    left_ml: float | None
    pots: int
    pence: int
    by: date | None

    @property
    def words(self) -> str:
        if self.left_ml is None:
            return f"{self.name}: {ml_text(self.need_ml)} needed; nobody wrote down what is left"
        left = f"{self.left_ml:.1f} left" if self.left_ml else "none on the rack"
        return f"{self.name}: {ml_text(self.need_ml)} needed, {left}"


class RackState:
    """``look`` at the book as it is; what is chosen stays chosen while it is there."""

    def __init__(self, answers: Answers) -> None:
        self.chosen: tuple[str, ...] = ()
        self.query, self.order = "", BY_FAMILY
        self.look(answers)

    def look(self, answers: Answers) -> None:
        self.answers, self.plans = answers, answers.plans
        self.__dict__.pop("stock", None)
        self.__dict__.pop("cups", None)
        self.rack: Rack = rack_of(self.plans)
        self.chosen = tuple(p for p in self.chosen if self.rack.holds(p))

    @cached_property
    def stock(self) -> list[PotStock]:
        forecast = self.answers.forecast
        ready = {} if isinstance(forecast, NumerusError) else {u.unit_id: u.middle for u in forecast.units}
        return paint_stock(self.plans, self.answers.history, self.answers.now, ready)

    def stock_of(self, pot: str) -> PotStock | None:
        return next((s for s in self.stock if s.paint.id == pot), None)

    @property
    def paints(self) -> list[Paint]:
        """The pots chosen."""
        return [self.plans.paints[p] for p in self.chosen if p in self.plans.paints]

    @property
    def mix(self) -> Mix | None:
        """The mix chosen, if one is and nothing else."""
        return self.plans.mixes.get(self.chosen[0]) if len(self.chosen) == 1 else None

    def choose(self, pot: str, more: bool = False) -> None:
        """One pot, or one more or fewer."""
        if not more:
            self.chosen = (pot,)
        elif pot in self.chosen:
            self.chosen = tuple(p for p in self.chosen if p != pot)
        else:
            self.chosen = (*self.chosen, pot)

    def shelf(self) -> list[tuple[str, list[Shown]]]:
        """Boards with their pots: families from light to dark, or one board in another order."""
        pots = [self._shown(s) for s in self.stock if s.paint.id] + [self._shown_mix(m) for m in self._mixes()]
        words = self.query.strip().lower()
        shown_pots = [p for p in pots if all(w in f"{p.name} {self._about(p.id)}".lower() for w in words.split())]
        if self.order == BY_NAME:
            return [(BY_NAME, sorted(shown_pots, key=lambda p: p.name.lower()))] if shown_pots else []
        if self.order == BY_LACK:
            return [(BY_LACK, sorted(shown_pots, key=lambda p: (-p.lacks, p.name.lower())))] if shown_pots else []
        boards = [(family, [p for p in shown_pots if p.family == family]) for family in (MIXES, *FAMILIES)]
        return [(f, sorted(own, key=lambda p: -float(p.pigment.lab[0]))) for f, own in boards if own]

    def _about(self, pot: str) -> str:
        paint = self.plans.paints.get(pot)
        return f"{paint.maker} {paint.kind} {family_of(paint)} {paint.place}" if paint else "mix"

    def _mixes(self) -> list[Mix]:
        return [m for m in self.plans.mixes.values() if self._pourable(m)]

    def _pourable(self, mix: Mix) -> bool:
        try:
            self.rack.shares(mix.parts)
        except PlanError:
            return False
        return True

    def _shown(self, stock: PotStock) -> Shown:
        paint = stock.paint
        left = stock.ml_left
        level = None if left is None else min(left / paint.pot_ml, 1.0)
        note = "gone" if paint.gone else f"out {stock.runs_out:%-d %b}" if stock.runs_out else ""
        ml = "?" if left is None else f"{left:.0f} ml" if left >= 1 else f"{left:.1f} ml"
        return Shown(
            paint.id, paint.name, family_of(paint), pigment_of(paint), level, ml, note, paint.gone, stock.lacking_ml
        )

    def _shown_mix(self, mix: Mix) -> Shown:
        left = self.cups.get(mix.id)
        level = None if left is None else min(left / 18.0, 1.0)
        ml = "recipe" if left is None else f"{left:.1f} ml"
        return Shown(mix.id, mix.name, MIXES, self.rack.pigment(mix.parts), level, ml)

    def family_words(self, pot: str) -> str:
        return (
            family_of(self.plans.paints[pot])
            if pot in self.plans.paints
            else family_of_colour(self.rack.pigment(((pot, 1.0),)))
        )

    def needed_words(self, pot: str) -> str:
        """Who needs it, how much, by when."""
        stock = self.stock_of(pot)
        if stock is None or not stock.by_unit or self.plans.army is None:
            return "No stroke still to be painted needs it."
        units = "; ".join(
            f"{self.plans.units[u].name.rpartition(', ')[2]} {ml_text(ml)}"
            for u, ml in stock.by_unit.items()
            if u in self.plans.units
        )
        end = f" Runs out about {stock.runs_out:%a %-d %b}." if stock.runs_out else ""
        return f"{units}; by {self.plans.army.ready_by:%a %-d %b}.{end}"

    def common(self, name: str) -> str:
        """A field of all chosen pots where it is the same, else ""."""
        values = {field_text(p, name) for p in self.paints}
        return values.pop() if len(values) == 1 else ""

    def edited(self, name: str, text: str, now: datetime) -> list[Paint]:
        """The chosen pots with a field as typed; those it changes nothing of left out. Raises PlanError."""
        paints = [FIELDS[name](p, text, now) for p in self.paints]
        return [new for new, old in zip(paints, self.paints, strict=True) if new != old]

    def renamed(self, text: str) -> Paint | Mix | None:
        """The one chosen pot or mix under another name; recipes go on using it. Raises PlanError."""
        if len(self.chosen) != 1:
            return None
        own = self.chosen[0]
        name = checked_name(text, own, self.rack)
        item = self.plans.paints.get(own) or self.plans.mixes[own]
        return replace(item, name=name) if name != item.name else None

    def uses(self) -> list[Use]:
        return [use for pot in self.chosen for use in uses_of(self.plans, pot)]

    def taken_away(self, instead: tuple[tuple[str, float], ...] = ()) -> list[Any]:
        """Documents of an edit that takes the chosen out: another in their place, or none where nothing uses them."""
        documents: dict[str, Any] = {}
        plans = self.plans
        for pot in self.chosen:
            for document in put_in_place(plans, pot, instead, self.answers.now) if instead else ():
                documents[document.id] = document
        kind = {p: "paint" if p in plans.paints else "mix" for p in self.chosen}
        return [*documents.values(), *(Removed(kind[p], p) for p in self.chosen)]

    def marked_gone(self) -> list[Paint]:
        return [replace(p, gone=True, ml=0.0) for p in self.paints]

    def mix_edited(self, text: str) -> Mix | None:
        """The chosen mix poured otherwise. Raises PlanError."""
        mix = self.mix
        if mix is None:
            return None
        parts = parts_from_text(text, self.rack.by_name)
        return poured_otherwise(self.rack, mix, parts, self.answers.now) if parts != mix.parts else None

    @cached_property
    def cups(self) -> dict[str, float]:
        """ml still in the cups of mixes whose ml were told."""
        return cups_left(self.plans, self.answers.facts)

    def cup_words(self) -> str:
        """What is left of the chosen mix, and for how many bases that does."""
        if self.mix is None or self.mix.id not in self.cups:
            return ""
        left = self.cups[self.mix.id]
        words = leftover_words(self.answers.standing, self.rack, self.mix.parts, left)
        return f"{ml_text(left)} still in the cup by what strokes took. {words}".strip()

    def cup_told(self, text: str) -> Mix | None:
        """The chosen mix with so many ml in its cup; "" is only a recipe. Raises PlanError."""
        if self.mix is None:
            return None
        ml = number_typed(text, "ml in the cup", 0.0, 5000) if text.strip() else None
        return replace(self.mix, ml=ml, ml_told=self.answers.now if ml is not None else None)

    def went_on(self, added: str, left: str, new_id: str) -> Mix:
        """What is in the cup of the chosen mix after more was dropped in. Raises PlanError."""
        if self.mix is None:
            raise PlanError("no-mix", "No mix is chosen.", "Choose one on the shelf.")
        parts = parts_from_text(added, self.rack.by_name)
        self.rack.shares(parts)
        ml = number_typed(left, "ml left", 0.01, 5000)
        name = f"{self.mix.name}, then {self.rack.name_of(parts[0][0])}"
        taken = {n.lower() for n in self.rack.names.values()}
        free = next(n for n in (name, *(f"{name} {k}" for k in range(2, 999))) if n.lower() not in taken)
        return poured_on(self.mix, parts, ml, free, new_id, self.answers.now)

    def in_whole_drops(self, mix: Mix) -> tuple[tuple[str, float], ...]:
        """A mix in the fewest whole drops, to be made again."""
        return tuple((pot, float(n)) for pot, n in whole_drops(self.rack.shares(mix.parts)).items())

    def mix_words(self) -> str:
        return parts_text(self.mix.parts, self.rack.names) if self.mix else ""

    def with_swatch(self, swatch: Swatch) -> list[Any]:
        """The chosen mix with how it came out, and the pots whose strength that tells."""
        if self.mix is None:
            return []
        mix = replace(self.mix, swatches=(*self.mix.swatches, swatch))
        rack = Rack(self.rack.paints, {**self.rack.mixes, mix.id: mix})
        return [mix, *with_strengths(rack)]

    def comparison(self) -> Comparison | None:
        """The newest swatch of the chosen mix against its reference."""
        swatches = self.mix.swatches if self.mix else ()
        return compared(swatches[-1], swatches[0]) if len(swatches) > 1 else None

    def corrections(self, batch_drops: int) -> list[Correction]:
        """Drops that bring today's batch back to the reference."""
        from numerus.colour.light import lab_of, rgb_of

        mix = self.mix
        if mix is None or len(mix.swatches) < 2:
            return []
        seen, wanted = (lab_of(rgb_of(mix.swatches[n].colour)) for n in (-1, 0))
        pots = [p for p in self.plans.paints if not self.plans.paints[p].gone]
        return drops_back(mix.parts, batch_drops, seen, wanted, self.rack, pots)

    def shopping(self) -> list[Line]:
        """What to buy for the whole army, and what nobody knows."""
        stocks = [s for s in self.stock if s.pots_to_buy or (s.paint.id and s.ml_left is None and s.need_ml > 0)]
        return [
            Line(
                s.paint.name,
                s.paint.kind,
                s.need_ml,
                s.ml_left,
                s.pots_to_buy,
                s.pots_to_buy * s.paint.price_pence * bool(s.paint.id),
                s.runs_out,
            )
            for s in stocks
        ]

    def shopping_rows(self) -> list[list[str]]:
        """The list as rows under a head."""
        head = ["name", "kind", "needed ml", "left ml", "pots", "pence", "runs out"]
        rows = [
            [
                li.name,
                li.kind,
                f"{li.need_ml:.1f}",
                "" if li.left_ml is None else f"{li.left_ml:.1f}",
                str(li.pots),
                str(li.pence),
                li.by.isoformat() if li.by else "",
            ]
            for li in self.shopping()
        ]
        return [head, *rows]

    def text_of_chosen(self) -> str:
        """The chosen pots, or all, as lines for the clipboard."""
        pots: Sequence[Paint] = self.paints or list(self.plans.paints.values())
        return "\n".join(
            "\t".join(field_text(p, n) if n != "name" else p.name for n in ("name", "maker", "colour", "kind", "ml"))
            for p in pots
        )
