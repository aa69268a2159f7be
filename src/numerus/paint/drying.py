"""How long paint stays wet: by how much of it is to leave a coat, coat after coat, and by the air it leaves into.

A recipe's minutes are those of one coat as its technique is usually thinned, in a heated room (``BenchAir()``). While a film is wet
it gives its water off steadily (the constant-rate period of drying), so that its time goes with the water in it over the pull of the
air; spirit does not care for humidity and leaves about twice as fast for ten degrees more (a rule of thumb, a default).
"""

from __future__ import annotations

from dataclasses import dataclass, field
from functools import lru_cache

from numerus.domain.painting.recipes import FinishStep, RecipeStep, Scheme
from numerus.domain.plans import Plans
from numerus.errors import PlanError
from numerus.paint.air import BenchAir
from numerus.paint.finishing.finish_steps import SOLVENT, WATER_BORNE, kind_of_step
from numerus.paint.rack.kinds import KINDS, kind_of
from numerus.paint.rack.pots import Rack, rack_of
from numerus.paint.techniques import BROKEN, TECHNIQUES
from numerus.words import span

FASTEST, SLOWEST = 0.4, 6.0  # times the usual: skin forms in dry air; in wet air nobody waits on without heating
TWICE_PER_C = 10.0
USUAL = BenchAir()
SHOWN = ("opaque", "wash", "varnish", "enamel")


@lru_cache(64)
def water_times(air: BenchAir) -> float:
    """How many times as long as in usual air water takes to leave a film."""
    return _within(USUAL.pull_hpa / max(air.pull_hpa, 1e-9))


@lru_cache(64)
def spirit_times(air: BenchAir) -> float:
    """Likewise spirit and what hardens from oil."""
    return _within(2 ** ((USUAL.celsius - air.celsius) / TWICE_PER_C))


def _within(times: float) -> float:
    return min(max(times, FASTEST), SLOWEST)


@dataclass(frozen=True)
class Drying:
    """Minutes until strokes, primer and finishing steps are dry: paints of ``rack`` in the ``air`` of the bench."""

    rack: Rack
    air: BenchAir = USUAL
    _known: dict[RecipeStep, float] = field(default_factory=dict, repr=False, compare=False)

    @classmethod
    def of(cls, plans: Plans) -> Drying:
        return cls(rack_of(plans), bench_air(plans))

    def stroke_min(self, step: RecipeStep) -> float:
        """From the hands' end until the last coat is dry; each waits for the one below it."""
        if step not in self._known:
            self._known[step] = step.dries_min * step.coats * self.wetness(step) * self._air_times(step)
        return self._known[step]

    def wetness(self, step: RecipeStep) -> float:
        """How much is to leave one coat, over one as usually thinned and laid: a brush lays so much wet paint whatever is in it."""
        whole, usual = sum(parts for _, parts in step.mix), TECHNIQUES[step.technique].thinned
        amount = 1.0 if step.technique in BROKEN else max(step.placing.amount, 0.1)
        try:
            here, there = self.rack.solids(step.mix, step.thinner), self.rack.solids(step.mix, usual * whole)
        except PlanError:  # a pot is gone: as usual
            return amount
        return amount * (1 - here) / (1 - there) if there < 1 else amount

    def _air_times(self, step: RecipeStep) -> float:
        try:
            shares = self.rack.shares(step.mix)
        except PlanError:
            return water_times(self.air)
        in_water = sum(share for pot, share in shares.items() if kind_of(self.rack.paints[pot]).water_borne)
        return in_water * water_times(self.air) + (1 - in_water) * spirit_times(self.air)

    def prime_min(self, scheme: Scheme) -> float:
        """What a can holds is spirit, what an airbrush or a brush lays is water."""
        return scheme.prime_dries_min * (spirit_times if scheme.prime_school == "can" else water_times)(self.air)

    def finish_min(self, step: FinishStep) -> float:
        """Glue, foam and what is only looked at take their time in any air."""
        kind = kind_of_step(step)
        if kind in SOLVENT:
            return step.dries_min * spirit_times(self.air)
        return step.dries_min * (water_times(self.air) if kind in WATER_BORNE else 1.0)


def bench_air(plans: Plans) -> BenchAir:
    """As the army's owner told it; a heated room's where there is no army."""
    army = plans.army
    return BenchAir(army.bench_celsius, army.bench_humidity) if army else USUAL


def air_words(air: BenchAir) -> str:
    """ "20 °C, 50 % (default)"; how much longer or shorter water-borne paint takes, where it does."""
    if air == USUAL:
        return f"{air.celsius:g} °C, {air.humidity:g} % (default)"
    return f"{air.celsius:g} °C, {air.humidity:g} %: dries {water_times(air):.1f} × as long"


def dried_examples(air: BenchAir) -> str:
    """What the air makes of the usual minutes of some kinds of paint."""
    times = {kind: (water_times if KINDS[kind].water_borne else spirit_times)(air) for kind in SHOWN}
    told = "; ".join(
        f"{kind} {span(KINDS[kind].dries_min)} → {span(KINDS[kind].dries_min * t)}" for kind, t in times.items()
    )
    slow = (
        " So damp, a skin of paint hardly dries: heat the room, or dry its air." if water_times(air) >= SLOWEST else ""
    )
    return f"One coat, as the kinds of paint tell it (defaults): {told}. The plan of the evenings goes by this.{slow}"
