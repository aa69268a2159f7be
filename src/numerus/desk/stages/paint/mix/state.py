"""What the mixing bench shows and may do: the colour wanted, mixes that come near, how much for the batch. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass, replace

import numpy as np

from numerus.colour.films import COAT_UM, Pigment, mixed
from numerus.colour.light import lab_of, rgb_of
from numerus.colour.matching import Target
from numerus.colour.reflectance import reflectances
from numerus.desk.answers import Answers
from numerus.domain.painting.paints import Mix, Paint, Parts
from numerus.domain.painting.recipes import Scheme
from numerus.errors import PlanError, Progress
from numerus.geometry.mesh import Floats
from numerus.paint.priming.primer import primed_ground
from numerus.paint.rack.batches import Bulk, bulk, thinning_warning
from numerus.paint.rack.kinds import kind_of
from numerus.paint.rack.matching import Proposal, coats_over, mixes_for
from numerus.paint.rack.parts_text import parts_from_text, parts_text, with_part
from numerus.paint.rack.pots import Rack, pigment_of, rack_of
from numerus.paint.rack.rack_edits import checked_name, with_parts
from numerus.paint.rack.swatches import DARK, PALE, card_ground
from numerus.paint.scheme import zone_colour
from numerus.paint.techniques import TECHNIQUES
from numerus.progress.painting.mixes import MixDemand, leftover_words, mix_demand
from numerus.words import counted

HIDING, ON_DARK, ON_PALE = "when it hides", "one coat over dark", "one coat over pale"
GROUNDS = {HIDING: "", ON_DARK: DARK, ON_PALE: PALE}
OFFERED = 5
WHITE_FROM_L, PALE_UNDER_CHROMA = 88.0, 7.0  # (default) what is as white as paper
OWN_AREA_CM2 = 10.0  # (default) a figure's share of an unnamed zone


@dataclass(frozen=True)
class Wanted:
    """The colour a mix should have, where it is from, and how sure it is (ΔE)."""

    colour: str
    source: str
    error: float = 0.0


@dataclass(frozen=True)
class OnMap:
    """A pot on the plane of a* and b*: Lab, its colour, whether it is in the chosen mix, how much is left."""

    id: str
    name: str
    lab: tuple[float, float, float]
    colour: str
    chosen: bool
    ml: float | None


class MixState:
    """``look`` at the book as it is. ``struck``: pots to do without."""

    def __init__(self, answers: Answers) -> None:
        self.wanted = Wanted("#8A6A3C", "a default to start from")
        self.proposals: list[Proposal] = []
        self.chosen = 0
        self.own: Parts = ()
        self.struck: set[str] = set()
        self.ground = HIDING
        self.zone_id, self.coats, self.sprayed, self.sessions = "", 2, False, 1
        self._demand: tuple[object, MixDemand] | None = None
        self.count, self.level = 0, ""  # figures mixed for, 0 all that want it; painting level, "" as their units say
        self.look(answers)

    def look(self, answers: Answers) -> None:
        self.answers, self.plans, self._demand = answers, answers.plans, None
        self.rack: Rack = rack_of(self.plans)
        if self.zone_id not in self.plans.zones:
            self.zone_id = ""

    @property
    def pots(self) -> list[Paint]:
        return [p for p in self.plans.paints.values() if p.id not in self.struck and not p.gone]

    @property
    def target(self) -> Target:
        lab = lab_of(rgb_of(self.wanted.colour))
        ground = GROUNDS[self.ground]
        return Target(lab, card_ground(ground)) if ground else Target(lab)

    def search(self) -> Callable[[Progress], list[Proposal]]:
        """The work of looking through every pair and triple, for a job."""
        pots, target = self.pots, self.target
        return lambda progress: mixes_for(pots, target, progress=progress)

    def take(self, proposals: list[Proposal]) -> None:
        self.proposals, self.chosen, self.own = proposals[:OFFERED], 0, ()

    def zone_wanted(self, zone_id: str) -> Wanted | None:
        """What a zone will look like by its recipe."""
        scheme = self.plans.scheme
        recipe = next((r for r in scheme.recipes if r.zone == zone_id), None) if scheme else None
        if scheme is None or recipe is None:
            return None
        return Wanted(
            zone_colour(recipe, self.rack, primed_ground(scheme)),
            f"{self.plans.zone_name(zone_id)} as its recipe makes it",
        )

    def pot_wanted(self, pot: str) -> Wanted:
        return Wanted(self.rack.pigment(((pot, 1.0),)).colour, f"{self.rack.name_of(pot)}, to do without it")

    @property
    def parts(self) -> Parts:
        """What is in hand: typed, or the chosen proposal's."""
        if self.own:
            return self.own
        return self.proposals[self.chosen].parts if self.chosen < len(self.proposals) else ()

    @property
    def paint(self) -> Pigment | None:
        return self.rack.pigment(self.parts) if self.parts and all(self.rack.holds(p) for p, _ in self.parts) else None

    def type_parts(self, text: str) -> None:
        """A mix in words or figures. Raises PlanError."""
        parts = parts_from_text(text, self.rack.by_name)
        self.rack.shares(parts)
        self.own = parts

    def add_pot(self, pot: str) -> None:
        """One part more of a pot or mix in what is in hand. Raises PlanError where it is not there."""
        parts = with_part(self.parts, pot)
        self.rack.shares(parts)
        self.own = parts

    def words_of(self, parts: Parts) -> str:
        return parts_text(parts, self.rack.names)

    def at_hand(self, proposal: Proposal) -> str:
        """What is left of each pot, or which is not written down."""
        unknown = [p for p, _ in proposal.parts if self.plans.paints[p].ml is None]
        if unknown:
            return f"{self.rack.name_of(unknown[0])}: ml not known"
        left = ", ".join(f"{self.plans.paints[p].ml or 0:.0f}" for p, _ in proposal.parts)
        return f"{'little' if proposal.lacking else 'at hand'}: {left} ml"

    def coats_words(self) -> str:
        """Over which grounds what is in hand holds, and in how many coats."""
        if self.paint is None:
            return ""
        words = [
            "never" if n is None else str(n) for n in coats_over(self.paint, [card_ground(DARK), card_ground(PALE)])
        ]
        primer = coats_over(self.paint, [primed_ground(self.plans.scheme)]) if self.plans.scheme else []
        own = f", over this army's primer {primer[0] or 'never'}" if primer else ""
        return f"Coats of {COAT_UM:g} µm to cover: over dark {words[0]}, over pale {words[1]}{own}."

    def on_map(self) -> list[OnMap]:
        share = self.rack.shares(self.parts) if self.parts and self.paint is not None else {}
        listed = []
        for paint in self.pots:
            if kind_of(paint).clear:
                continue
            pigment = pigment_of(paint)
            lightness, a, b = (float(v) for v in pigment.lab)
            listed.append(OnMap(paint.id, paint.name, (lightness, a, b), pigment.colour, paint.id in share, paint.ml))
        return listed

    def paths(self) -> list[Floats]:
        """How each two of the pots in hand mix: Lab along the way, (25, 3) each."""
        pots = [
            p
            for p in (self.rack.shares(self.parts) if self.paint is not None else {})
            if not kind_of(self.plans.paints[p]).clear
        ]
        pigments = [pigment_of(self.plans.paints[p]) for p in pots]
        share = np.linspace(0, 1, 25) ** 2 * 0.5  # close steps where a little changes much
        share = np.concatenate([share, 1 - share[-2::-1]])
        return [
            np.stack([mixed([one, other], [1 - s, s]).lab for s in share])
            for n, one in enumerate(pigments)
            for other in pigments[n + 1 :]
        ]

    def demand(self) -> MixDemand:
        """What the army still wants of it, by the chosen zone and level; worked out once for what is in hand."""
        asked = id(self.answers), self.parts, self.zone_id, self.level, bool(self.count)
        if self._demand is None or self._demand[0] != asked:
            self._demand = asked, self._demanded()
        return self._demand[1]

    def _demanded(self) -> MixDemand:
        if self.paint is None:
            return MixDemand(0, 0.0, 0, 0.0)
        standing, asked = self.answers.standing, (self.plans, self.parts, self.zone_id, self.level)
        left = mix_demand(standing, *asked)
        return left if left.figures or not self.count else mix_demand(standing, *asked, of_all=True)

    @property
    def figures(self) -> int:
        """How many it is mixed for: as typed, or all that still want it; every figure where no stroke and no zone says."""
        return self.count or self.demand().figures or (0 if self.zone_id else len(self.answers.standing.figures))

    @property
    def by_strokes(self) -> bool:
        """Whether strokes of the scheme say how much of it goes on."""
        return self.demand().strokes > 0

    @property
    def cm2(self) -> float:
        """Zone that it is mixed for on all of them: as on the figures that want it, else a default each."""
        wanted = self.demand()
        each = wanted.cm2 / wanted.figures if wanted.figures else 0.0 if self.zone_id else OWN_AREA_CM2
        return self.figures * each

    def wanted_ml(self) -> float:
        """Wet ml on the figures: as strokes of the scheme lay it, else coats of this tool on the whole zone."""
        wanted = self.demand()
        if wanted.strokes:
            return wanted.ml * self.figures / wanted.figures
        how, solids = TECHNIQUES["spray" if self.sprayed else "base"], self.rack.solids(self.parts, 0.0)
        return self.cm2 * self.coats * how.film_um * 1e-4 * (1 + how.lost) / solids if solids > 0 else 0.0

    def batch(self) -> Bulk | None:
        """Drops and ml for all of them, and what stays behind."""
        if self.paint is None or not (ml := self.wanted_ml()):
            return None
        return bulk(self.parts, ml, self.rack, self.sessions, self.sprayed)

    def batch_words(self) -> str:
        demand = self.demand()
        zone = (
            self.plans.zone_name(self.zone_id) if self.zone_id else "every zone it is used on" if demand.strokes else ""
        )
        zone = zone or f"{OWN_AREA_CM2:g} cm² each, a default"
        strokes = f"as its {counted(demand.strokes, 'stroke')} lay it"
        laid = (
            strokes if demand.strokes else f"{counted(self.coats, 'coat')}, {'sprayed' if self.sprayed else 'brushed'}"
        )
        return f"{zone}: {self.cm2:.0f} cm², {laid}"

    def stays_words(self) -> str:
        """What goes onto the figures, what never comes out of cup or palette, how often the drops are repeated."""
        batch = self.batch()
        if batch is None:
            return ""
        where = "the cup" if self.sprayed else "the palette"
        words = f"{batch.wanted_ml:.1f} ml on them, {batch.stays_ml:.1f} ml stay in {where}; {batch.lots} × the drops."
        return f"{words} {leftover_words(self.answers.standing, self.rack, self.parts, batch.left_ml)}".strip()

    def thinning_words(self) -> str:
        """How it is thinned for brush and airbrush, by the kind there is most of; with the airbrush's warning where it fits."""
        if self.paint is None:
            return ""
        share = self.rack.shares(self.parts)
        main = max(share, key=lambda p: share[p])
        kind = kind_of(self.plans.paints[main])
        if kind.thinner_parts <= 0:
            return "Not for the airbrush."
        warning = thinning_warning(kind.thinner_parts, True, [kind.name])
        return f"Airbrush: 1 part to {kind.thinner_parts:g} of {kind.thinner} (default). {warning}".strip()

    def kept(self, name: str, new_id: str) -> Mix:
        """What is in hand as a mix with a name. Raises PlanError for a name that is taken or nothing in hand."""
        if not self.parts:
            raise PlanError("no-mix", "There is nothing mixed yet.", "Choose one of the mixes, or type parts.")
        words = checked_name(name, "", self.rack)
        return Mix(new_id, words, self.parts, made=self.answers.now.date(), note=f"for {self.wanted.source}")

    def strokes(self) -> list[tuple[str, str]]:
        """Strokes a mix may go into: words and ids."""
        scheme = self.plans.scheme
        return [
            (f"{self.plans.zone_name(r.zone)}: {s.name}", s.id)
            for r in (scheme.recipes if scheme else ())
            for s in r.steps
        ]

    def used_in(self, step_id: str) -> Scheme:
        """The scheme with what is in hand in a stroke."""
        return with_parts(self.plans, step_id, self.parts)

    def reasons(self) -> list[tuple[str, Parts]]:
        """Small changes of what is in hand that painters know, each with why and its parts."""
        if self.paint is None:
            return []
        base = self.parts
        whole = sum(n for _, n in base)
        reasons = []
        share = self.rack.shares(base)
        if any(self.plans.paints[p].kind == "metallic" for p in share):
            for word, warm in (("warmer", True), ("cooler", False)):
                pot = self._toned(warm, share)
                if pot:
                    reasons.append(
                        (f"{word}: a metal takes the neighbour's colour", (*base, (pot, round(whole / 8, 2))))
                    )
        lightness, a, b = self.paint.lab
        bone = self._toned(True, share) if lightness > WHITE_FROM_L and np.hypot(a, b) < PALE_UNDER_CHROMA else ""
        if bone:
            reasons.append(("off-white for teeth and eyes: pure white stares", (*base, (bone, round(whole / 12, 2)))))
        darker = self._darkening(share)
        if darker:
            reasons.append(
                ("darker without greying: a deep pot of its own hue, not black", (*base, (darker, round(whole / 4, 2))))
            )
        return reasons

    def _toned(self, warm: bool, share: Mapping[str, float]) -> str:
        """The strongest warm or cool pot that is no metal."""
        pots = [p for p in self.pots if p.id not in share and p.kind in ("opaque", "semi-opaque", "translucent")]
        tone = {p.id: float(pigment_of(p).lab[2]) * (1 if warm else -1) for p in pots}
        best = max(tone, key=lambda p: tone[p], default="")
        return best if best and tone[best] > 12 else ""

    def _darkening(self, share: Mapping[str, float]) -> str:
        """The darker pot whose hue is nearest to what is in hand."""
        assert self.paint is not None
        lightness, a, b = self.paint.lab
        if np.hypot(a, b) < 12:
            return ""
        near: dict[str, float] = {}
        for paint in self.pots:
            deep, c, d = (float(v) for v in pigment_of(paint).lab)
            apart = abs(float(np.angle(complex(c, d) / complex(a, b))))
            if paint.id not in share and deep < lightness - 12 and np.hypot(c, d) > 10 and not kind_of(paint).clear:
                near[paint.id] = apart
        best = min(near, key=lambda p: near[p], default="")
        return best if best and near[best] < 0.5 else ""

    def wanted_reflectance(self) -> Floats:
        return np.asarray(reflectances([self.wanted.colour])[0])

    def strike(self, pot: str) -> None:
        """Do without a pot, or with it again."""
        self.struck ^= {pot}

    def typed(self, colour: str, source: str, error: float = 0.0) -> None:
        self.wanted = replace(Wanted(colour, source), error=error)
