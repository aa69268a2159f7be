"""It broke: what a part that came off or snapped puts back, by how it is mended, what that takes, and how it is written down."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from datetime import datetime

from numerus.assembly.gluing import GLUE_IDS, LATER_MIN
from numerus.domain.journal import Fact, PartBroke, PartOutcome
from numerus.domain.parts import Part
from numerus.domain.plans import LEAST_ZONE_CM2, Plans
from numerus.domain.stages import NUMBER
from numerus.paint.scheme import Stroke
from numerus.printing.runs.run_records import FAILED
from numerus.progress.standing import FigureStanding, Standing
from numerus.words import counted, span

GLUE, PIN, REPRINT = "glue it again", "pin and glue it", "print it again"
WAYS = (GLUE, PIN, REPRINT)
PIN_MIN, RETOUCH_MIN = 5.0, 2.0  # (defaults) to drill and set a wire; to touch up a break


@dataclass(frozen=True)
class Breakage:
    """``strokes``: of the figure, to be painted again on the part alone; ``minutes`` of hands and ``pence`` of resin it takes."""

    figure: FigureStanding
    slot: str
    how: str
    strokes: tuple[Stroke, ...]
    minutes: float
    pence: float
    facts: tuple[Fact, ...]

    @property
    def description(self) -> str:
        name, back = self.figure.figure.name, self._goes_back
        costs = f", {self.pence / 100:.2f} of resin" if self.pence else ""
        again = (
            f"; {counted(len(self.strokes), 'stroke')} on it again, no other" if self.strokes else "; no stroke is lost"
        )
        return f"{name}: {back}{again}. About {span(self.minutes)} of hands{costs}."

    @property
    def _goes_back(self) -> str:
        if self.how == REPRINT:
            return f"its {self.slot} is owed again, from a spare if one lies ready"
        return f"its {self.slot} is glued on again " + (
            "before it is ready" if _painted(self.figure) else "at Build, before painting goes on"
        )


def broken(
    plans: Plans, standing: Standing, figure_id: str, slot: str, how: str, now: datetime, at_mm: tuple[float, ...] = ()
) -> Breakage:
    """What breaking a part of a figure means; ``at_mm``: where, as far as it was pointed at."""
    figure = standing.figures[figure_id]
    part = plans.parts.get(figure.figure.build.get(slot, ""))
    if how == REPRINT:
        return _printed_again(plans, standing, figure, slot, part, now, at_mm)
    minutes = LATER_MIN + RETOUCH_MIN + (PIN_MIN if how == PIN else 0.0)
    undone = [("finish", f"{GLUE_IDS}{slot}")] if _painted(figure) else [("build", key) for key in figure.built_keys]
    broke = PartBroke(slot, how, tuple(undone), slot if _painted(figure) else "", at_mm)
    event = Fact(now, broke, slot, (figure_id,))
    return Breakage(figure, slot, how, (), minutes, 0.0, (event,))


def _printed_again(
    plans: Plans, standing: Standing, figure: FigureStanding, slot: str, part: Part | None, now: datetime,
    at_mm: tuple[float, ...],
) -> Breakage:  # fmt: skip
    """Owed again; what was painted on it is to be painted again, and what comes after painting, too."""
    own = figure.figure.id
    strokes = tuple(s for s in figure.strokes if s.key in figure.painted and s.zone in _zones_on(plans, part))
    undone = [("build", key) for key in figure.built_keys] + [("prime", "")] + [("stroke", s.key) for s in strokes]
    undone += [("finish", key) for key in figure.finished]
    event = Fact(now, PartBroke(slot, REPRINT, tuple(sorted(undone)), "", at_mm), slot, (own,))
    facts = (*_failed(plans, standing, own, slot, now), event)
    share = _share_of(plans, figure, part)
    minutes = sum(s.minutes * share.get(s.zone, 0.0) for s in strokes) + LATER_MIN + RETOUCH_MIN
    resin = plans.resin
    ml = part.volume_ml * (1 + resin.cling_share) if part else 0.0
    return Breakage(figure, slot, REPRINT, strokes, minutes, ml * resin.pence_per_l / 1000, facts)


def _failed(plans: Plans, standing: Standing, figure_id: str, slot: str, now: datetime) -> Sequence[Fact]:
    """The copy it was printed as counts as failed, so that it is owed again."""
    copy = standing.copies.get((figure_id, slot))
    plate = plans.plates.get(copy.plate_id) if copy else None
    placed = next((p for p in plate.placed if (p.figure_id, p.slot) == (figure_id, slot)), None) if plate else None
    return [Fact(now, PartOutcome(placed.id, FAILED, looks="broke"), copy.run_id)] if placed and copy else []


def _zones_on(plans: Plans, part: Part | None) -> set[str]:
    zones = plans.part_zones.get(part.id) if part else None
    return {z for z, cm2 in zip(zones.zones, zones.area_cm2, strict=True) if cm2 > LEAST_ZONE_CM2} if zones else set()


def _share_of(plans: Plans, figure: FigureStanding, part: Part | None) -> dict[str, float]:
    """How much of each of the figure's zones lies on the part."""
    zones, whole = plans.part_zones.get(part.id) if part else None, plans.zone_areas_cm2(figure.figure)
    if zones is None:
        return {}
    return {z: min(cm2 / whole[z], 1.0) for z, cm2 in zip(zones.zones, zones.area_cm2, strict=True) if whole.get(z)}


@dataclass(frozen=True)
class Broken:
    """How a part held: where it broke, each time it was pointed at; how often in all; on how many built figures it is."""

    at_mm: tuple[tuple[float, float, float], ...] = ()
    times: int = 0
    figures: int = 0


def broken_parts(plans: Plans, standing: Standing, facts: Iterable[Fact]) -> dict[str, Broken]:
    """By part, those that broke."""
    places: dict[str, list[tuple[float, ...]]] = {}
    for fact in facts:
        if isinstance(fact.event, PartBroke):
            own = {plans.figures[f].build.get(fact.event.slot, "") for f in fact.figures if f in plans.figures}
            for part in own & plans.parts.keys():
                places.setdefault(part, []).append(fact.event.at_mm)
    return {
        part: Broken(tuple((x, y, z) for x, y, z in filter(None, broke)), len(broke), built_with(standing, part))
        for part, broke in places.items()
    }


def built_with(standing: Standing, part_id: str) -> int:
    """On how many figures a part was built so far."""
    return sum(can_break(f) and part_id in f.figure.build.values() for f in standing.figures.values())


def _painted(figure: FigureStanding) -> bool:
    return figure.number >= NUMBER["finish"]


def can_break(figure: FigureStanding) -> bool:
    """Only what was built."""
    return bool(figure.built_keys)
