"""What the Value page shows: the figure as it reads, where eyes go, minutes against attention, what would help. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.colour.light import encoded
from numerus.colour.sight import DEUTAN, FULL, PROTAN, TABLE_MM, TRITAN
from numerus.desk.answers import Answers
from numerus.domain.army import Figure
from numerus.domain.painting.recipes import Scheme
from numerus.errors import Progress
from numerus.geometry.mesh import Floats
from numerus.paint.advice.colourways import recoloured, renewed
from numerus.paint.advice.value_help import ValueHelp, value_helps
from numerus.paint.backs import back_of
from numerus.paint.figure.built import Built
from numerus.paint.figure.reading import (
    MORE_WORK,
    Attention,
    Reading,
    attention,
    deepest_by_zone,
    drawn_on,
    reading,
    stairs_um,
)
from numerus.paint.figure.schools import SEEN_UM
from numerus.paint.figure.touching import borders_of
from numerus.paint.looks import figure_shot, lit_light, seen_shares, with_recipe
from numerus.paint.priming.primer import primed_ground
from numerus.paint.rack.pots import Rack, rack_of
from numerus.paint.scheme import LowContrastPair, can_be_mixed, low_contrast_pairs, strokes_for, zone_colour, zone_labs
from numerus.paint.stroke_minutes import sizes_by_figure
from numerus.words import span

CLOSE, TABLE, GREY, EYES, LINES = "close up", "across the table", "value only", "where eyes go", "layer lines"
SIGHTS = {"red-blind sight": PROTAN, "green-blind sight": DEUTAN, "blue-blind sight": TRITAN}
VIEWS = (TABLE, GREY, EYES, CLOSE, *SIGHTS, LINES)
ROUND, PHOTOGRAPH = "from round the table", "in a photograph"
PLACES = (ROUND, PHOTOGRAPH)
SIZE_PX, BACK_PX, FINER = (390, 480), (195, 240), 2
DEEPEST_UM = 60.0
MOST_RINGS = 6  # zones read from one photograph
WARM = np.array([0.91, 0.36, 0.10])  # where eyes go, in sRGB


@dataclass(frozen=True, eq=False)
class Read:
    """What a job came to: the picture as asked, uint8 (h, w, 4), one in miniature, the reading, zones' attention, helps."""

    picture: NDArray[np.uint8]
    height_mm: float
    reading: Reading
    attention: list[Attention]
    melting: list[LowContrastPair]
    helps: list[ValueHelp]
    stairs_um: Mapping[str, float]


class ValueState:
    """``look`` at the book; ``work`` gives a job's work; ``take`` what it came to."""

    def __init__(self, answers: Answers, new_id: Callable[[], str]) -> None:
        self.new_id = new_id
        self.view, self.place, self.tried = TABLE, ROUND, -1
        self.turn_deg, self.raise_deg = -35.0, 50.0  # where the lamp stands
        self.read: Read | None = None
        self.helps: list[ValueHelp] = []
        self._shown_of: Scheme | None = None
        self.figure: Figure | None = None
        self.look(answers, "", "")

    def look(self, answers: Answers, unit_id: str, figure_id: str) -> None:
        self.answers, self.plans = answers, answers.plans
        self.figure = self.plans.figure_or_first(unit_id, figure_id)
        if self._shown_of != self.plans.scheme_for(self.figure):
            self._shown_of, self.tried = self.plans.scheme_for(self.figure), -1

    @property
    def scheme(self) -> Scheme | None:
        """The scheme shown: the army's, or with the help that is tried."""
        if 0 <= self.tried < len(self.helps):
            return self.helps[self.tried].scheme
        return self.plans.scheme_for(self.figure)

    @property
    def lamp(self) -> Floats:
        turn, up = np.radians(self.turn_deg), np.radians(self.raise_deg)
        return np.array([np.sin(turn) * np.cos(up), -np.cos(turn) * np.cos(up), np.sin(up)])

    def move_lamp(self, turn_deg: float, raise_deg: float) -> None:
        self.turn_deg = (self.turn_deg + turn_deg + 180) % 360 - 180
        self.raise_deg = min(max(self.raise_deg + raise_deg, -20.0), 89.0)

    @property
    def asked(self) -> tuple[object, ...]:
        return (
            self.view,
            self.place,
            self.scheme,
            tuple(self.plans.paints.values()),
            tuple(self.plans.mixes.values()),
            self.turn_deg,
            self.raise_deg,
            tuple(self.plans.zones.values()),
        )

    def missing(self) -> str:
        """What has to be there first, "" for nothing."""
        if self.figure is None or not self.plans.zone_areas_cm2(self.figure):
            return "Name a zone on the Zones page first."
        return "" if self.plans.scheme_for(self.figure) else "There is no scheme yet: the Scheme page has starters."

    def minutes(self, scheme: Scheme) -> dict[str, float]:
        """Planned minutes by zone, at the unit's level."""
        minutes: dict[str, float] = {}
        unit = self.plans.units.get(self.figure.unit_id) if self.figure else None
        if self.figure is None or unit is None:
            return minutes
        sizes = sizes_by_figure(self.plans)[self.figure.id].zones
        for stroke in strokes_for(scheme, self.plans.zone_areas_cm2(self.figure), unit.level, sizes):
            minutes[stroke.zone] = minutes.get(stroke.zone, 0.0) + stroke.minutes
        return minutes

    def work(self) -> Callable[[Built, Progress], Read]:
        """The work of painting and reading the figure, for a job."""
        scheme, base, rack = self.scheme, self.plans.scheme_for(self.figure), rack_of(self.plans)
        assert scheme is not None and base is not None and self.figure is not None
        minutes, borders = self.minutes(scheme), borders_of(self.plans, self.figure, self.answers.between)
        areas, names = dict(self.plans.zone_areas_cm2(self.figure)), {z.id: z.name for z in self.plans.zones.values()}
        ups, layers = self.print_ups()
        focus = {z.id for z in self.plans.zones.values() if z.focus}
        view, place, lamp, now, tried = self.view, self.place, self.lamp, self.answers.now, self.tried

        def made(built: Built, progress: Progress) -> Read:
            shot = figure_shot(built, *SIZE_PX, FINER)
            linear = lit_light(shot, built, scheme, rack, lamp)
            sight = SIGHTS.get(view, FULL)
            read = reading(shot, linear, built.zones, 0.0 if view == CLOSE else TABLE_MM, sight)
            seen = seen_shares(built) if place == ROUND else read.shown
            attentions = attention(minutes, seen, read.drawn, focus)
            melting = _melting(scheme, rack, borders)
            stairs = stairs_um(built, ups, layers)
            lines = shot.pixels(np.repeat(shot.at(stairs)[:, None] / DEEPEST_UM, 3, axis=1))[0][..., 0]
            helps = []
            if tried < 0:
                on_stairs = drawn_on(shot, read, lines * DEEPEST_UM > SEEN_UM, built.zones)
                back = back_of(built, base, rack, *BACK_PX, FINER)
                helps = value_helps(
                    base, rack, read, melting, attentions, names, areas, self.new_id, now, back, on_stairs
                )
            picture = shown_picture(read, view, lines)
            return Read(
                picture, shot.camera.height_mm, read, attentions, melting, helps, deepest_by_zone(built, stairs)
            )

        return made

    def print_ups(self) -> tuple[list[Floats], list[float]]:
        """Which way each part of the figure was printed, in the order they are built, upright where it is not posed; and the
        height of its layers.
        """
        build = dict.fromkeys(self.figure.build.values()) if self.figure else {}
        parts = [self.plans.parts[p] for p in build if p in self.plans.parts]
        ups = [np.asarray(p.pose.up if p.pose else (0.0, 0.0, 1.0), float) for p in parts]
        return ups, [self.plans.layer_mm_of(p.id) for p in parts]

    def take(self, read: Read) -> None:
        self.read = read
        if self.tried < 0:
            self.helps = read.helps

    def wanted(self) -> dict[str, tuple[str, str]]:
        """Name and scheme's colour of the figure's largest zones that have a recipe, by id."""
        scheme, areas = (
            self.plans.scheme_for(self.figure),
            self.plans.zone_areas_cm2(self.figure) if self.figure else {},
        )
        if scheme is None:
            return {}
        rack, ground = rack_of(self.plans), primed_ground(scheme)
        mixable = [r for r in scheme.recipes if r.zone in areas and any(can_be_mixed(s, rack) for s in r.steps)]
        own = sorted(mixable, key=lambda r: -areas[r.zone])
        return {r.zone: (self.zone_name(r.zone), zone_colour(r, rack, ground)) for r in own[:MOST_RINGS]}

    def coloured_as(self, colours: Mapping[str, str]) -> list[Scheme]:
        """The scheme with every such zone's recipe moved to a colour; strokes whose mix is another are new ones."""
        scheme, rack = self.plans.scheme_for(self.figure), rack_of(self.plans)
        for recipe in scheme.recipes if scheme else ():
            if scheme is not None and recipe.zone in colours:
                moved = recoloured(recipe, colours[recipe.zone], rack)
                scheme = with_recipe(scheme, renewed(recipe, moved, self.new_id, self.answers.now))
        return [scheme] if scheme is not None else []

    def zone_name(self, zone: str) -> str:
        return self.plans.zone_name(zone)

    def sentence(self) -> str:
        """What draws the eye against what should, and who melts."""
        if self.read is None:
            return ""
        attentions, melting = self.read.attention, self.read.melting
        if self.view == LINES:
            deep = [f"{self.zone_name(z)} {um:.0f} µm" for z, um in list(self.read.stairs_um.items())[:4] if um > 0]
            return (
                f"Stairs of the layers, deepest: {', '.join(deep)}. What fills them: the Schools page says."
                if deep
                else "No stairs."
            )
        focus = [a for a in attentions if a.focus]
        words = ""
        if attentions:
            words = f"{self.zone_name(attentions[0].zone).capitalize()} draws the eye first, {attentions[0].drawn:.0%} of all contrast. "
        if focus:
            words += f"Of what should: {', '.join(f'{self.zone_name(a.zone)} {a.drawn:.0%}' for a in focus[:3])}. "
        else:
            words += "Nobody said where eyes should go: press a zone to mark it. "
        words += self._spare_words(attentions)
        names = [f"{self.zone_name(p.one)} and {self.zone_name(p.other)}" for p in melting[:2]]
        words += f"Melting: {'; '.join(names)}. " if names else "No two zones that touch melt. "
        recipes = self.scheme.recipes if self.scheme else ()
        return (words + self.answers.changed_mix(r.zone for r in recipes)).strip()

    def _spare_words(self, attentions: list[Attention]) -> str:
        """The stroke that is seen least for its minutes, and what leaving it out saves."""
        over = next((a for a in attentions if a.verdict == MORE_WORK), None)
        recipe = next((r for r in self.scheme.recipes if over and r.zone == over.zone), None) if self.scheme else None
        if recipe is None or len(recipe.steps) < 2 or self.figure is None:
            return ""
        last, many = recipe.steps[-1], len(self.plans.figures_of(self.figure.unit_id))
        name = f"{last.name.lower()} on {self.zone_name(recipe.zone)}"
        return f"Least seen for its minutes: {name}, {span(last.minutes * many)} for the unit. "


def _melting(scheme: Scheme, rack: Rack, borders: dict[tuple[str, str], float]) -> list[LowContrastPair]:
    return low_contrast_pairs(zone_labs(scheme, rack, primed_ground(scheme)), borders)


def shown_picture(read: Reading, view: str, lines: Floats) -> NDArray[np.uint8]:
    """A reading as it is looked at, uint8 (h, w, 4). ``lines``: depth of the layers' stairs (h, w), 1 the deepest shown."""
    rgb = encoded(read.linear)
    if view in (GREY, EYES, LINES):
        rgb = np.repeat(read.value[..., None] / 100, 3, axis=2)
    if view in (EYES, LINES):
        drawn = read.contrast / max(float(np.percentile(read.contrast, 99.3)), 1e-9) if view == EYES else lines
        heat = np.clip(drawn, 0, 1)[..., None]
        rgb = (0.75 * rgb + 0.2) * (1 - heat) + WARM * heat
    picture = np.concatenate([np.clip(rgb, 0, 1), np.ones((*rgb.shape[:2], 1))], axis=2)
    return np.round(255 * picture).astype(np.uint8)
