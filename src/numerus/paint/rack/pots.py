"""What is in a pot: paints and mixes as light meets them, mixes taken apart into the pots they were poured from."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field
from functools import lru_cache
from math import inf
from types import MappingProxyType

import numpy as np

from numerus.colour.films import CLEAR, Pigment, mixed, pigment_measured, pigments_that_hide
from numerus.colour.reflectance import reflectances
from numerus.domain.painting.paints import Mix, Paint, Parts
from numerus.domain.plans import Plans
from numerus.errors import PlanError
from numerus.paint.rack.kinds import hiding_um, kind_of

DEEPEST = 12  # mixes of mixes of mixes


def pigment_of(paint: Paint) -> Pigment:
    """A pot's absorption and scattering: measured over black and white where that was done, else from its colour and how
    well it hides. Raises ValueError where its colour is none.
    """
    measured = paint.over_black and paint.over_white
    key = (paint.over_black, paint.over_white, paint.film_um, paint.card_black, paint.card_white)
    return _measured(*key) if measured else pigment_known_by(paint.colour, hiding_um(paint))


@lru_cache(2048)
def _measured(over_black: str, over_white: str, film_um: float, dark: float, pale: float) -> Pigment:
    one, other = reflectances([over_black, over_white])
    return pigment_measured(one, other, film_um, dark, pale)


@lru_cache(2048)
def pigment_known_by(colour: str, hides_um: float) -> Pigment:
    """A paint of a colour that hides in so many µm; clear for 0. Raises ValueError where the colour is none."""
    if hides_um <= 0:
        return CLEAR
    return pigments_that_hide(reflectances([colour]), np.array([hides_um]))[0]


@dataclass(frozen=True)
class Rack:
    """Pots and mixes by id."""

    paints: Mapping[str, Paint]
    mixes: Mapping[str, Mix] = field(default_factory=dict)
    needs: dict[object, Mapping[str, float]] = field(
        default_factory=dict, compare=False, repr=False
    )  # see needed_a_cm2
    _shares: dict[Parts, Mapping[str, float]] = field(default_factory=dict, compare=False, repr=False)

    def holds(self, pot: str) -> bool:
        return pot in self.paints or pot in self.mixes

    def name_of(self, pot: str) -> str:
        item = self.paints.get(pot) or self.mixes.get(pot)
        return item.name if item else pot

    @property
    def names(self) -> dict[str, str]:
        """Names by id."""
        return {pot: self.name_of(pot) for pot in (*self.paints, *self.mixes)}

    @property
    def by_name(self) -> dict[str, str]:
        """Ids by name in small letters."""
        return {name.lower(): pot for pot, name in reversed(self.names.items())}

    def shares(self, parts: Parts, depth: int = 0) -> Mapping[str, float]:
        """Shares of pots in a mix, together 1, mixes in it taken apart; worked out once for a rack. Raises PlanError for a pot that is
        not there, no parts, or a mix within itself.
        """
        if parts not in self._shares:
            self._shares[parts] = MappingProxyType(self._taken_apart(parts, depth))
        return self._shares[parts]

    def _taken_apart(self, parts: Parts, depth: int) -> dict[str, float]:
        if depth > DEEPEST:
            raise PlanError("mix-in-itself", "A mix is poured from itself.", "Take it out of its own parts.")
        if len(parts) == 1 and parts[0][0] in self.paints and 0 < parts[0][1] < inf:
            return {parts[0][0]: 1.0}
        total = sum(amount for _, amount in parts)
        if not 0 < total < inf or any(amount < 0 for _, amount in parts):
            raise PlanError(
                "bad-parts", "A mix has some parts, none below zero.", "Give at least one paint some parts."
            )
        shares: dict[str, float] = {}
        for pot, amount in parts:
            inner: Mapping[str, float] = {pot: 1.0} if pot in self.paints else self._inside(pot, depth)
            for paint, share in inner.items():
                shares[paint] = shares.get(paint, 0.0) + share * amount / total
        return shares

    def _inside(self, mix: str, depth: int) -> Mapping[str, float]:
        if mix not in self.mixes:
            raise PlanError("no-paint", f"{mix!r} is not on the rack.", "Choose another, or add it.")
        return self.shares(self.mixes[mix].parts, depth + 1)

    def pigment(self, parts: Parts) -> Pigment:
        """What a mix of pots and mixes is. Raises PlanError as ``shares``."""
        share = self.shares(parts)
        pots = [self.paints[p] for p in share]
        return mixed([pigment_of(p) for p in pots], list(share.values()), [p.strength for p in pots])

    def solids(self, parts: Parts, thinner: float) -> float:
        """Share of a thinned mix's wet volume that stays as film."""
        share = self.shares(parts)
        whole = sum(amount for _, amount in parts)
        return sum(s * kind_of(self.paints[p]).solids for p, s in share.items()) * whole / (whole + thinner)


def rack_of(plans: Plans) -> Rack:
    """The rack of an army's book."""
    return Rack(plans.paints, plans.mixes)
