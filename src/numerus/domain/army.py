"""The army: its date and hours, its units and figures, and what each figure is built from.

Plain frozen values. Lengths in mm, money in the army's currency, clock times as minutes after midnight.
"""

from __future__ import annotations

from dataclasses import dataclass, field, replace
from datetime import date

from numerus.domain.basing import BaseLayer, BasePiece, BasingRecipe, Decal
from numerus.errors import PlanError

WHOLE = "figure"  # the slot of a model in one piece: one part is the figure, but perhaps for its base
SLOTS = ("base", WHOLE, "legs", "torso", "head", "left arm", "right arm", "weapon", "back", "extra")
BASES_MM = (25.0, 28.5, 32.0, 40.0, 50.0, 60.0, 80.0, 100.0)
NONE = "none"  # a slot deliberately left empty
FOAM, MAGNETS = "foam", "magnets"
BOUGHT = "bought"  # a slot filled by something that is not printed


@dataclass(frozen=True)
class Day:
    """One weekday: hobby time in minutes beginning at ``hobby_from``; at home and awake in ``home`` windows."""

    hobby_minutes: int = 90
    hobby_from: int = 20 * 60
    home: tuple[tuple[int, int], ...] = ((7 * 60, 8 * 60), (18 * 60, 23 * 60))


WEEKDAY = Day()
WEEKEND = Day(180, 14 * 60, ((8 * 60, 23 * 60),))


@dataclass(frozen=True)
class Outline:
    """A bought figure as its box tells it, to be stood beside others."""

    name: str
    height_mm: float
    base_mm: float


USUAL_CELSIUS, USUAL_HUMIDITY = 20.0, 50.0  # (defaults) of a heated room


@dataclass(frozen=True)
class Army:
    """The army, when it must be ready and the time there is; ``week`` begins with Monday.

    ``days``: single days that are not like their weekday, away or up late. ``time_zone``: the time zone's name, "" for the
    computer's own. ``tub_parts``, ``lamp_parts``: how many parts are washed or cured at once;
    ``tub_mm``: inner width and depth of the tubs; ``drain_min``: how long a plate drips off before; ``wash_way``: how it goes in, "" for as
    advised; ``supports_off``: "before" the lamp, "after" it or "by part"; ``worth_mm2_per_min``: skin given back to
    the brush that is worth a minute; ``people``: pairs of hands at the bench in hobby time. ``tray_mm``: inner width and depth of the box it
    travels in. ``bench_celsius``, ``bench_humidity``: of the air paint dries in.
    """

    id: str
    name: str
    ready_by: date
    week: tuple[Day, ...] = (WEEKDAY,) * 5 + (WEEKEND,) * 2
    evenings_kept: float = 0.8
    currency: str = "£"
    scheme_id: str = ""
    solvent_pence_per_l: int = 600
    power_pence_per_kwh: float = 30.0  # a tariff, not a sum: it may be a fraction
    days: tuple[tuple[date, Day], ...] = ()
    time_zone: str = ""
    tub_parts: int = 24
    tub_mm: tuple[float, float] = (200.0, 140.0)
    drain_min: float = 5.0
    travels: str = FOAM
    wash_way: str = ""
    supports_off: str = "before"
    worth_mm2_per_min: float = 12.0
    lamp_parts: int = 12
    tray_mm: tuple[float, float] = (300.0, 200.0)
    people: int = 1
    weather: str = ""  # what the air will be like, as CSV; "" where nobody told
    bench_celsius: float = USUAL_CELSIUS
    bench_humidity: float = USUAL_HUMIDITY
    lamp: str = ""  # the curing lamp as its JSON, "" for the one all begin with
    basings: tuple[BasingRecipe, ...] = ()  # recipes for bases that several units go by
    outlines: tuple[Outline, ...] = ()  # bought figures that sculpts are held against
    likelihoods: str = ""  # the inquest's table where it was changed, as its JSON

    def __post_init__(self) -> None:
        if len(self.week) != 7:
            raise PlanError("bad-week", "A week has seven days.")
        if not 0 < self.evenings_kept <= 1:
            raise PlanError("bad-share", "The share of evenings kept lies between 0 and 1.")
        if not all(60 <= mm <= 2000 for mm in self.tray_mm):
            raise PlanError("bad-box", "A box for figures is 60 to 2000 mm wide and deep inside.")
        if not all(40 <= mm <= 2000 for mm in self.tub_mm) or not 0 <= self.drain_min <= 600:
            raise PlanError("bad-tub", "A tub is 40 to 2000 mm wide and deep inside; a plate drains for up to 600 min.")
        if not 1 <= self.people <= 6:
            raise PlanError("bad-people", "One to six people work at a bench.")
        if not 0 <= self.bench_celsius <= 45 or not 5 <= self.bench_humidity <= 98:
            raise PlanError("bad-air", "A bench stands at 0 to 45 °C and 5 to 98 % humidity.")
        if min(self.tub_parts, self.lamp_parts) < 1:
            raise PlanError("bad-load", "At least one part is washed or cured at once.")

    def day(self, of: date) -> Day:
        """What a day is like."""
        return next((like for when, like in self.days if when == of), self.week[of.weekday()])

    def hands_min(self, of: date) -> int:
        """Minutes of hands a day has in hobby time, of all that are there."""
        return self.day(of).hobby_minutes * self.people

    def with_day(self, of: date, like: Day | None) -> Army:
        """The army with one day unlike its weekday, or None: as usual again."""
        others = {when: day for when, day in self.days if when != of}
        days = others if like is None else {**others, of: like}
        return replace(self, days=tuple(sorted(days.items(), key=lambda d: d[0])))


@dataclass(frozen=True)
class BuildRule:
    """``kind`` "needs": who has part ``a`` has ``b`` too; "apart": never both in one figure."""

    kind: str
    a: str
    b: str


@dataclass(frozen=True)
class Unit:
    """Figures that fight together. ``mark`` names the sign it is drawn by; ``level`` where painting stops.

    ``wanted``: part id -> in how many figures; ``spares``: part id -> how many to print besides what figures need.
    ``apart``: slots whose parts are painted before they are glued on. ``scheme_id``: a scheme of its own, "" for the army's.
    ``basing``: what lies on its bases, from below; ``decals`` its figures wear. ``guests``: parts of other kits its builds may use.
    ``basing_recipe``: the army's recipe its bases go by instead of ``basing``, "" for none.
    ``stack``: pieces its bases are stacked of, from below; none where they are one piece.
    """

    id: str
    name: str
    order: int
    base_mm: float
    kit_id: str
    mark: str = "hat"
    level: str = "good"
    bought_pence: int = 0
    slots: tuple[str, ...] = ("base", "legs", "torso", "head", "left arm", "right arm", "back")
    rules: tuple[BuildRule, ...] = ()
    wanted: dict[str, int] = field(default_factory=dict)
    spares: dict[str, int] = field(default_factory=dict)
    apart: tuple[str, ...] = ()
    scheme_id: str = ""
    basing: tuple[BaseLayer, ...] = ()
    decals: tuple[Decal, ...] = ()
    guests: tuple[str, ...] = ()
    stack: tuple[BasePiece, ...] = ()
    basing_recipe: str = ""


@dataclass(frozen=True)
class Figure:
    """One model on one base; ``build`` maps a slot to a part's id, NONE or BOUGHT. A slot without entry is unfilled."""

    id: str
    unit_id: str
    name: str
    order: int
    build: dict[str, str] = field(default_factory=dict)
