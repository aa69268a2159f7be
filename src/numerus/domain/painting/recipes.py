"""Recipes: the ordered steps that paint a zone, and the scheme of an army they belong to.

Steps have ids that last: the journal names them by these, whatever is put before them, renamed or moved about.
"""

from __future__ import annotations

from dataclasses import dataclass, replace
from datetime import datetime

from numerus.domain.painting.paints import Parts

Point = tuple[float, float, float]
BY_HAND = "by hand"
"""The mask that was drawn on the figure."""


@dataclass(frozen=True)
class DrawnLine:
    """A line drawn by hand along a figure's skin, ``width_mm`` wide: its points in the figure's mm, and the skin's normals there
    (none where they are not known: then it is on both sides of what is thin).
    """

    points: tuple[Point, ...]
    width_mm: float
    normals: tuple[Point, ...] = ()


@dataclass(frozen=True)
class Placing:
    """Where a step goes on its zone. ``mask``: "" where its technique goes by itself, else one of paint.placing.MASKS;
    ``toward``: the way to the spray, the light, or against the stroke; ``at``: the point a glow comes from, or the ground, in the figure's mm;
    ``size_mm``: of dabs, chips and stripes; ``seed``: of what is strewn; ``amount``: how much of it, 1 as usual.
    ``drawn``: lines by hand, of a freehand stroke or of the mask; ``drawn_share``: of the zone they cover where they were drawn.
    """

    mask: str = ""
    toward: Point = (0.0, 0.0, 1.0)
    at: Point = (0.0, 0.0, 0.0)
    size_mm: float = 0.6
    seed: int = 0
    amount: float = 1.0
    drawn: tuple[DrawnLine, ...] = ()
    drawn_share: float = 0.0


@dataclass(frozen=True)
class RecipeStep:
    """One step of a recipe: technique, pots or mixes with their parts, parts of thinner, tool, minutes a figure, coats.

    ``dries_min``: of one coat thinned as its technique usually is, in a heated room (see paint.drying).

    ``level``: the lowest painting level that still does this step; ``since``: when it came into the scheme, None from the
    beginning. What was finished before is not asked for it.
    """

    id: str
    name: str
    technique: str
    mix: Parts
    thinner: float
    tool: str
    minutes: float
    dries_min: float
    level: str = "table"
    since: datetime | None = None
    coats: int = 1
    placing: Placing = Placing()

    def __hash__(self) -> int:
        return hash(self.id)  # what is known of a step is looked up for every figure: all of it takes ten times as long


@dataclass(frozen=True)
class Accent:
    """A zone in another colour on some figures of a unit: other mixes for steps, by their ids."""

    name: str
    mixes: tuple[tuple[str, Parts], ...]


@dataclass(frozen=True)
class Recipe:
    """The ordered steps that paint one zone (``zone``: its id). ``accents``: figures wear it as it is and in each of these in turn.

    ``undecided``: other colours it may yet be painted in: which, is kept open until figures are primed.
    """

    zone: str
    steps: tuple[RecipeStep, ...]
    accents: tuple[Accent, ...] = ()
    undecided: tuple[Accent, ...] = ()

    def on_figure(self, number: int) -> Recipe:
        """The recipe as the figure of that number in its unit wears it."""
        turn = number % (len(self.accents) + 1)
        if not turn:
            return self
        other = dict(self.accents[turn - 1].mixes)
        return replace(self, steps=tuple(replace(s, mix=other.get(s.id, s.mix)) for s in self.steps))


@dataclass(frozen=True)
class FinishStep:
    """One step after painting, for the whole figure: minutes of hands, how long it dries, and its kind, "" where its name tells."""

    id: str
    name: str
    minutes: float
    dries_min: float
    since: datetime | None = None
    kind: str = ""


USUAL_FINISH = (
    FinishStep("matt-varnish", "Matt varnish", 2.0, 120.0),
    FinishStep("base-rim", "Base rim", 1.5, 20.0),
    FinishStep("tufts-and-mud", "Tufts and mud", 2.5, 60.0),
)


@dataclass(frozen=True)
class Scheme:
    """The recipes of an army, in the order zones are worked: inside out, messiest first. ``prime_school``: how the primer goes on,
    one of paint.priming.primer.SCHOOLS; ``prime_minutes`` a usual figure takes by airbrush; ``filler_coats``: sanded away over the stairs of
    layers before the primer.
    """

    id: str
    name: str
    recipes: tuple[Recipe, ...]
    primer: str = "pale grey"
    prime_minutes: float = 3.0
    prime_dries_min: float = 30.0
    finish: tuple[FinishStep, ...] = USUAL_FINISH
    prime_school: str = "airbrush"
    filler_coats: int = 0

    def on_figure(self, number: int) -> Scheme:
        """The scheme with every recipe as the figure of that number wears it."""
        if not any(r.accents for r in self.recipes):
            return self
        return replace(self, recipes=tuple(r.on_figure(number) for r in self.recipes))
