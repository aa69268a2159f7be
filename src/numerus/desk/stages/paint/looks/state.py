"""What the Scheme page shows: the whole figure by starter schemes, at each level, or with one zone in other colours. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Collection, Mapping, Sequence
from dataclasses import dataclass, field, replace
from typing import Any

from numerus.colour.words import colour_typed, words_of_colour
from numerus.desk.answers import Answers
from numerus.desk.stages.paint.compared import Card, Row
from numerus.domain.army import Figure, Unit
from numerus.domain.painting.paints import Paint
from numerus.domain.painting.recipes import Accent, Recipe, Scheme
from numerus.domain.stages import LEVEL_NAMES, LEVELS
from numerus.errors import PlanError, Progress
from numerus.paint.advice.colourways import MOST_COLOURS, colourways, renewed
from numerus.paint.advice.starters import Starter, ZoneColour, ground_zones, starters, zone_colours
from numerus.paint.figure.built import Built
from numerus.paint.figure.touching import borders_of
from numerus.paint.looks import Candidate, Look, at_level, looks, with_recipe
from numerus.paint.rack.pots import Rack, rack_of
from numerus.words import counted, span

STARTERS, LEVELS_SHOWN, COLOURWAYS, SQUAD = "starter schemes", "levels", "colourways", "the whole unit"
OWN = "own"
MODES = (STARTERS, LEVELS_SHOWN, COLOURWAYS, SQUAD)
USUAL = ("#2E5590", "#C8B078", "#A8412B")  # (default) a blue, a sand and a brick to begin with
SIZE_PX = 208, 280
ROWS = (Row("Hands, all"), Row("Paint, all"), Row("Zones melt"), Row("Focus draws", "most"))


@dataclass(frozen=True, eq=False)
class Worked:
    """What a job came to: candidates as they look, and the starters they are from, if they are, with every zone's colour."""

    shown: list[Look]
    starters: tuple[Starter, ...] = ()
    colours: Mapping[str, ZoneColour] = field(default_factory=dict)


class LooksState:
    """``look`` at the book; ``work`` gives what a job makes; ``take`` what it came to."""

    def __init__(self, answers: Answers) -> None:
        self.mode, self.chosen = STARTERS, 2
        self.colours: tuple[str, ...] = USUAL
        self.colours_asked: dict[str, str] = {}  # zones whose colour was told by hand
        self.zone_id = ""
        self.others: tuple[str, ...] = ("#5B6E3A", "#6A3F86")
        self._open_seen: tuple[str, tuple[str, ...]] = "", ()
        self.worked = Worked([])
        self.figure: Figure | None = None
        self.look(answers, "", "")

    def look(self, answers: Answers, unit_id: str, figure_id: str) -> None:
        self.answers, self.plans = answers, answers.plans
        self.figure = self.plans.figure_or_first(unit_id, figure_id)
        if self.zone_id not in self.zone_ids:
            self.zone_id = max(self.zone_ids, key=lambda z: (self._parts_with(z), self.areas_cm2[z]), default="")
        if self.left_open and (self.zone_id, self.left_open) != self._open_seen:
            self.others, self._open_seen = self.left_open, (self.zone_id, self.left_open)

    def _parts_with(self, zone: str) -> int:
        """Parts of the figure that wear a zone: what goes over many is its coat, what is on one alone most often its base."""
        zoned = [self.plans.part_zones.get(p) for p in (self.figure.build.values() if self.figure else ())]
        return sum(told is not None and zone in told.zones for told in zoned)

    @property
    def scheme(self) -> Scheme | None:
        """The one the figure's unit is painted by."""
        return self.plans.scheme_for(self.figure)

    def owners(self) -> list[tuple[str, str]]:
        """Whose schemes the unit may be painted by: words and ids, "" for the army's, OWN for one of its own."""
        army, unit = self.plans.scheme, self.unit
        own = "a scheme of its own …" if unit is None or not unit.scheme_id else "another of its own …"
        others = [(s.name, s.id) for s in self.plans.schemes.values() if army is None or s.id != army.id]
        return [("the army's scheme", ""), *others, (own, OWN)]

    def owned(self, choice: str, new_id: Callable[[], str]) -> list[Any]:
        """Documents of an edit that paints the unit by another scheme. A new one begins as what it had: with the same strokes, so
        that what is painted stays painted.
        """
        unit, army, scheme = self.unit, self.plans.army, self.scheme
        if unit is None or scheme is None or army is None or choice == unit.scheme_id:
            return []
        fixed = [replace(army, scheme_id=self.plans.scheme.id)] if self.plans.scheme and not army.scheme_id else []
        if choice != OWN:
            return [replace(unit, scheme_id=choice), *fixed]
        own_scheme = replace(scheme, id=new_id(), name=f"{unit.name}'s scheme")
        return [own_scheme, replace(unit, scheme_id=own_scheme.id), *fixed]

    @property
    def rack(self) -> Rack:
        return rack_of(self.plans)

    @property
    def unit(self) -> Unit | None:
        return self.plans.units.get(self.figure.unit_id) if self.figure else None

    @property
    def areas_cm2(self) -> dict[str, float]:
        return dict(self.plans.zone_areas_cm2(self.figure)) if self.figure else {}

    @property
    def zone_ids(self) -> list[str]:
        """Zones of the figure, the largest first."""
        areas = self.areas_cm2
        return sorted(areas, key=lambda z: -areas[z])

    @property
    def figures(self) -> int:
        return len(self.plans.figures_of(self.figure.unit_id)) if self.figure else 0

    def zone_colours(self, ground: Collection[str]) -> dict[str, ZoneColour]:
        """What colour every zone of the army gets in a starter, and why."""
        names = {z.id: z.name for z in sorted(self.plans.zones.values(), key=lambda z: z.order)}
        areas = {z: sum(self.plans.zone_areas_cm2(f).get(z, 0.0) for f in self.plans.figures.values()) for z in names}
        return zone_colours(names, areas, self.colours, self.colours_asked, ground)

    def type_colours(self, text: str) -> None:
        """The chosen colours, or those a zone is shown in, as typed. Raises PlanError naming what is no colour."""
        typed = tuple(colour_typed(piece) for piece in text.split(",") if piece.strip())
        most = MOST_COLOURS - 1
        if not 1 <= len(typed) <= most:
            raise PlanError(
                "colours", f"One to {most} colours, with commas between them.", "Like dark red, bone, #2E5590."
            )
        if self.mode == COLOURWAYS:
            self.others = typed
        else:
            self.colours = typed

    def say(self, zone: str, text: str) -> None:
        """A zone's own colour; "" gives it back to the rule. Raises PlanError."""
        if text.strip():
            self.colours_asked[zone] = colour_typed(text)
        else:
            self.colours_asked.pop(zone, None)

    @property
    def colours_words(self) -> str:
        return ", ".join(self.others if self.mode == COLOURWAYS else self.colours)

    @property
    def asked(self) -> tuple[object, ...]:
        """What the pictures depend on, beside the figure's meshes."""
        plans = self.plans
        own = (
            (self.zone_id, self.others)
            if self.mode == COLOURWAYS
            else (self.colours, tuple(self.colours_asked.items()))
        )
        return (
            self.mode, own, self.scheme, tuple(plans.paints.values()), tuple(plans.mixes.values()), self.figures,
            tuple(plans.zones.values()),
        )  # fmt: skip

    def missing(self) -> str:
        """What has to be there first, "" for nothing."""
        if self.figure is None or not self.zone_ids:
            return "Name a zone on the Zones page first: a scheme paints zones."
        if self.mode != STARTERS and self.scheme is None:
            return "There is no scheme yet: take a starter first."
        if self.mode == COLOURWAYS and self.recipe is None:
            return f"{self.plans.zone_name(self.zone_id).capitalize()} has no recipe yet."
        return ""

    def work(self, new_id: Callable[[], str]) -> Callable[[Built, Progress], Worked]:
        """The work of painting every candidate, for a job; the book as it is now is what it works from."""
        scheme, rack, areas, figures = self.scheme, self.rack, self.areas_cm2, self.figures
        mode, zone, others = self.mode, self.zone_id, self.others
        borders = borders_of(self.plans, self.figure, self.answers.between) if self.figure else {}
        colour_all, now = self.zone_colours, self.answers.now

        def made(built: Built, progress: Progress) -> Worked:
            if mode == STARTERS:
                colours = colour_all(ground_zones(built))
                tried_starters = tuple(starters(colours, areas, rack, new_id, now, lambda s: progress(0.3 * s)))
                own = Rack({**rack.paints, **{p.id: p for s in tried_starters for p in s.paints}}, rack.mixes)
                listed = [s.candidate for s in tried_starters]
                return Worked(
                    looks(built, listed, own, areas, figures, borders, SIZE_PX, progress=progress),
                    tried_starters,
                    colours,
                )
            assert scheme is not None
            listed = [*_levels(scheme)] if mode == LEVELS_SHOWN else colourways(scheme, zone, others, rack, progress)
            return Worked(looks(built, listed, rack, areas, figures, borders, SIZE_PX, progress=progress))

        return made

    def take(self, worked: Worked) -> None:
        self.worked = worked
        self.chosen = min(self.chosen, max(len(worked.shown) - 1, 0))

    def cards(self) -> list[Card]:
        return [self._card(n, look) for n, look in enumerate(self.worked.shown)]

    def _card(self, n: int, look: Look) -> Card:
        own, many = look.candidate, len(look.melting)
        focus = self._focus(look)
        values = (
            (look.minutes, span(look.minutes)), (look.ml, f"{look.ml:.1f} ml"), (float(many), f"{many}"),
            (focus or 0.0, "none marked" if focus is None else f"{focus:.0%}"),
        )  # fmt: skip
        note = words_of_colour(own.name).capitalize() if own.name.startswith("#") else own.note
        return Card(
            own.letter, own.name, note, look.colour, look.grey, values, self._foot(n, look), self._described(look)
        )

    def _focus(self, look: Look) -> float | None:
        """Share of what draws the eye that lies where eyes should go, None where nobody said where that is."""
        marked = [z.id for z in self.plans.zones.values() if z.focus]
        return sum(look.drawn.get(z, 0.0) for z in marked) if marked else None

    def _foot(self, n: int, look: Look) -> str:
        if self.worked.starters:
            return self.worked.starters[n].goes_wrong
        if self.mode == COLOURWAYS:
            return ", ".join(f"{word} {share:.0%}" for word, share in list(look.balance.items())[:3])
        if not look.melting:
            return "zones stand apart"
        worst = look.melting[0]
        return f"{self.plans.zone_name(worst.one)} into {self.plans.zone_name(worst.other)}"

    def _described(self, look: Look) -> str:
        strokes = sum(len(r.steps) for r in look.candidate.scheme.recipes)
        return f"{look.candidate.letter}: {look.candidate.name}, {counted(strokes, 'stroke')}, {span(look.minutes)} for {self.figures}"

    @property
    def foot_words(self) -> str:
        return {STARTERS: "Goes wrong", LEVELS_SHOWN: "Melts", COLOURWAYS: "Seen share"}.get(self.mode, "")

    def sentence(self) -> str:
        """What the chosen one asks for, and a mix of the scheme that is poured otherwise than before."""
        if not self.worked.shown:
            return ""
        recipes = self.scheme.recipes if self.scheme else ()
        return f"{self._asked_for()} {self.answers.changed_mix(r.zone for r in recipes)}".strip()

    def _asked_for(self) -> str:
        if self.mode == COLOURWAYS and self.left_open:
            return (
                f"Left open until figures are primed: as it is, or {' or '.join(map(words_of_colour, self.left_open))}."
            )
        if self.worked.starters:
            bought = self.worked.starters[self.chosen].paints
            names = ", ".join(p.name.removesuffix(", to buy") for p in bought)
            return (
                f"The rack does not reach {names}: {counted(len(bought), 'pot')} to buy."
                if bought
                else "The rack has it all."
            )
        first, own = self.worked.shown[0], self.worked.shown[self.chosen]
        more = own.minutes - first.minutes
        if not more:
            return ""
        apart = f"{span(abs(more))} {'more' if more > 0 else 'less'}"
        return (
            f"{own.candidate.name}: {apart} than {first.candidate.name.lower()} for {counted(self.figures, 'figure')}."
        )

    def taken(self, new_id: Callable[[], str]) -> tuple[str, list[Any]]:
        """Words and documents of an edit that takes the chosen one. Raises PlanError where nothing is shown."""
        if not self.worked.shown:
            raise PlanError("nothing-shown", "Nothing is painted yet.", "Wait until the figures are there.")
        candidate = self.worked.shown[self.chosen].candidate
        if self.mode == LEVELS_SHOWN:
            unit = self.unit
            return f"level {candidate.name}", [replace(unit, level=LEVELS[self.chosen])] if unit else []
        if self.mode == COLOURWAYS:
            return f"{self.plans.zone_name(self.zone_id)} in {candidate.name}", self._in_colour(candidate, new_id)
        return f"scheme by {candidate.name.lower()}", self._as_scheme(self.worked.starters[self.chosen], new_id)

    def varied(self) -> tuple[str, list[Scheme]]:
        """Words and documents of an edit by which figures of the unit wear the zone as it is and in each colour shown, in turn.

        Raises PlanError where nothing is shown.
        """
        scheme, old = self.scheme, self.recipe
        others = [look.candidate for look in self.worked.shown[1:]]
        if scheme is None or old is None or self.mode != COLOURWAYS or not others:
            raise PlanError("nothing-shown", "No colourway is painted yet.", "Wait until the figures are there.")
        ways = [(next(r for r in c.scheme.recipes if r.zone == self.zone_id), c.name) for c in others]
        accents = tuple(_accent(old, new, name) for new, name in ways)
        return f"{self.plans.zone_name(self.zone_id)} in turns", [with_recipe(scheme, replace(old, accents=accents))]

    def kept_open(self) -> tuple[str, list[Scheme]]:
        """Words and documents of an edit that leaves open which of the colours shown the zone is painted in: it is asked again once
        figures are primed. Raises PlanError where nothing is shown.
        """
        scheme = self.varied()[1][0]
        old = next(r for r in scheme.recipes if r.zone == self.zone_id)
        left_open = replace(old, accents=(), undecided=old.accents)
        return f"{self.plans.zone_name(self.zone_id)}: colour left open", [with_recipe(scheme, left_open)]

    @property
    def left_open(self) -> tuple[str, ...]:
        """The other colours the zone may yet be painted in."""
        return tuple(a.name for a in self.recipe.undecided) if self.recipe else ()

    def alike(self) -> tuple[str, list[Scheme]]:
        """Words and documents of an edit by which all figures wear the zone as it is."""
        scheme, old = self.scheme, self.recipe
        if scheme is None or old is None or not old.accents:
            return "", []
        return f"{self.plans.zone_name(self.zone_id)} alike", [with_recipe(scheme, replace(old, accents=()))]

    @property
    def in_turns(self) -> bool:
        """Whether figures wear the zone in several colours."""
        return self.recipe is not None and bool(self.recipe.accents)

    @property
    def recipe(self) -> Recipe | None:
        """The zone's own, as it is."""
        return next((r for r in (self.scheme.recipes if self.scheme else ()) if r.zone == self.zone_id), None)

    def _in_colour(self, candidate: Candidate, new_id: Callable[[], str]) -> list[Scheme]:
        """The zone in another colour: strokes whose mix is another are new ones, what was done of the old stays told."""
        scheme, old = self.scheme, self.recipe
        if scheme is None or old is None:
            return []
        new = next(r for r in candidate.scheme.recipes if r.zone == self.zone_id)
        taken = renewed(replace(old, undecided=()), replace(new, undecided=()), new_id, self.answers.now)
        return [with_recipe(scheme, taken)] if taken != old else []

    def _as_scheme(self, starter: Starter, new_id: Callable[[], str]) -> list[Scheme | Paint]:
        """The army's scheme with the starter's recipes; zones the starter does not know keep theirs."""
        own_scheme, scheme = starter.candidate.scheme, self.scheme
        if scheme is None:
            return [replace(own_scheme, id=new_id()), *starter.paints]
        for recipe in own_scheme.recipes:
            scheme = with_recipe(scheme, recipe)
        return [replace(scheme, primer=own_scheme.primer, name=own_scheme.name), *starter.paints]


def _accent(old: Recipe, new: Recipe, name: str) -> Accent:
    """The mixes by which a recipe in another colour differs."""
    pairs = zip(old.steps, new.steps, strict=True)
    return Accent(name, tuple((a.id, b.mix) for a, b in pairs if a.mix != b.mix))


def _levels(scheme: Scheme) -> Sequence[Candidate]:
    return [
        Candidate(letter, LEVEL_NAMES[level], f"strokes up to {LEVEL_NAMES[level]}", at_level(scheme, level))
        for letter, level in zip("ABC", LEVELS, strict=True)
    ]
