"""What the page of photographs shows: who of a unit was photographed from which side, one of them, the scheme's colours beside. No Qt here."""

from __future__ import annotations

from collections import Counter

import numpy as np
from numpy.typing import NDArray

from numerus.desk.answers import Answers
from numerus.domain.army import Figure
from numerus.domain.journal import Fact, PhotographTaken
from numerus.paint.zone_colours import zone_colours
from numerus.progress.figure_records.photographs import SIDES, in_white_light, photograph_fact, photographs_of
from numerus.words import counted

MOST_COLOURS = 6


class PhotoState:
    """``side`` in hand; ``pixels`` of its photograph as it was taken, None where there is none."""

    def __init__(self, answers: Answers) -> None:
        self.side, self.unit_id, self.figure_id = SIDES[0], "", ""
        self.pixels: NDArray[np.uint8] | None = None
        self.look(answers, "", "")

    def look(self, answers: Answers, unit_id: str, figure_id: str) -> None:
        self.answers, self.plans, self.unit_id, self.figure_id = answers, answers.plans, unit_id, figure_id

    @property
    def figure(self) -> Figure | None:
        return self.plans.figure_or_first(self.unit_id, self.figure_id)

    @property
    def rows(self) -> list[tuple[Figure, dict[str, PhotographTaken]]]:
        """Every figure of the unit with its photographs by side."""
        facts = [f for f in self.answers.facts if isinstance(f.event, PhotographTaken)]
        return [(f, photographs_of(facts, f.id)) for f in self.plans.figures_of(self.unit_id)]

    @property
    def taken(self) -> PhotographTaken | None:
        """Of the figure and side in hand."""
        own = next((sides for f, sides in self.rows if self.figure and f.id == self.figure.id), {})
        return own.get(self.side)

    @property
    def heading(self) -> str:
        rows = self.rows
        whole = sum(len(sides) == len(SIDES) for _, sides in rows)
        return f"{whole} of {counted(len(rows), 'figure')} photographed from all sides"

    @property
    def card_at(self) -> tuple[float, ...]:
        return self.taken.card_at if self.taken else ()

    @property
    def shown(self) -> NDArray[np.uint8] | None:
        """In white light where a card was pointed at."""
        return in_white_light(self.pixels, self.card_at) if self.pixels is not None else None

    @property
    def colours(self) -> list[tuple[str, str]]:
        """(zone, colour) by the scheme, the largest zones first."""
        figure = self.figure
        if figure is None:
            return []
        told, areas = zone_colours(self.plans, self.plans.scheme_on(figure)), Counter(self.plans.zone_areas_cm2(figure))
        return [(self.plans.zone_name(z), told[z]) for z, _ in areas.most_common() if z in told][:MOST_COLOURS]

    def fact(self, blob: str, card_at: tuple[float, ...] = ()) -> Fact | None:
        """The entry of the photograph in hand."""
        figure = self.figure
        return photograph_fact(figure.id, self.side, blob, card_at, self.answers.now) if figure else None
