"""Changes of the rack that keep whatever uses it: where a pot is used, another in its place, a pot gone but legible."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, replace
from datetime import datetime
from typing import Any

from numerus.domain.painting.paints import Mix, Paint, Parts
from numerus.domain.painting.recipes import Recipe, Scheme
from numerus.domain.plans import Plans
from numerus.errors import PlanError
from numerus.paint.rack.pots import Rack


@dataclass(frozen=True)
class Use:
    """A stroke or a mix that a pot is in: ``words`` say which; ``step`` or ``mix`` is its id."""

    words: str
    step: str = ""
    mix: str = ""


def uses_of(plans: Plans, pot: str) -> list[Use]:
    """Every stroke of every scheme and every mix that names a pot or mix."""
    uses = [
        Use(f"{plans.zone_name(recipe.zone)}: {step.name}", step=step.id)
        for scheme in plans.schemes.values()
        for recipe in scheme.recipes
        for step in recipe.steps
        if any(p == pot for mix in _mixes_of(recipe, step.id, step.mix) for p, _ in mix)
    ]
    return uses + [Use(f"mix {m.name}", mix=m.id) for m in plans.mixes.values() if any(p == pot for p, _ in m.parts)]


def put_in_place(plans: Plans, pot: str, instead: Parts, now: datetime) -> list[Scheme | Mix]:
    """Schemes and mixes with other parts wherever a pot was, in the same amount; such mixes are poured otherwise from ``now`` on.
    ``instead``: parts, or one pot alone.
    """
    whole = sum(amount for _, amount in instead)
    share = [(p, amount / whole) for p, amount in instead]
    schemes = [
        s
        for s in plans.schemes.values()
        if any(p == pot for r in s.recipes for t in r.steps for mix in _mixes_of(r, t.id, t.mix) for p, _ in mix)
    ]
    mixes = [m for m in plans.mixes.values() if any(p == pot for p, _ in m.parts)]
    return [
        *(_scheme_with(s, pot, share) for s in schemes),
        *(replace(m, parts=_parts_with(m.parts, pot, share), changed=now, before=m.parts) for m in mixes),
    ]


def _scheme_with(scheme: Scheme, pot: str, share: list[tuple[str, float]]) -> Scheme:
    return replace(scheme, recipes=tuple(_recipe_with(r, pot, share) for r in scheme.recipes))


def _recipe_with(recipe: Recipe, pot: str, share: list[tuple[str, float]]) -> Recipe:
    steps = tuple(replace(t, mix=_parts_with(t.mix, pot, share)) for t in recipe.steps)
    accents, undecided = (
        tuple(replace(a, mixes=tuple((step, _parts_with(mix, pot, share)) for step, mix in a.mixes)) for a in own)
        for own in (recipe.accents, recipe.undecided)
    )
    return replace(recipe, steps=steps, accents=accents, undecided=undecided)


def _mixes_of(recipe: Recipe, step_id: str, mix: Parts) -> list[Parts]:
    """A step's mix, and those it has in accents and in colours not decided on."""
    return [mix, *(own for a in (*recipe.accents, *recipe.undecided) for step, own in a.mixes if step == step_id)]


def _parts_with(parts: Parts, pot: str, share: list[tuple[str, float]]) -> Parts:
    total: dict[str, float] = {}
    for p, amount in parts:
        for q, part in share if p == pot else [(p, 1.0)]:
            total[q] = total.get(q, 0.0) + amount * part
    return tuple(total.items())


def with_parts(plans: Plans, step_id: str, parts: Parts) -> Scheme:
    """The scheme with another mix in one stroke. Raises PlanError where there is no such stroke."""
    for scheme in plans.schemes.values():
        if any(t.id == step_id for r in scheme.recipes for t in r.steps):
            recipes = [
                replace(r, steps=tuple(replace(t, mix=parts) if t.id == step_id else t for t in r.steps))
                for r in scheme.recipes
            ]
            return replace(scheme, recipes=tuple(recipes))
    raise PlanError("no-stroke", "That stroke is not in any scheme.", "Choose another.")


def poured_otherwise(rack: Rack, mix: Mix, parts: Parts, now: datetime) -> Mix:
    """The mix with other parts, which remembers when and what it was before. Raises PlanError as ``free_to_mix``."""
    return free_to_mix(rack, replace(mix, parts=parts, changed=now, before=mix.parts))


def free_to_mix(rack: Rack, mix: Mix) -> Mix:
    """The mix, if it can be poured. Raises PlanError as ``Rack.shares``, also for a mix within itself."""
    Rack(rack.paints, {**rack.mixes, mix.id: mix}).shares(mix.parts)
    return mix


def checked_name(name: str, own_id: str, rack: Rack) -> str:
    """A name no other pot or mix has. Raises PlanError."""
    words = " ".join(name.split())
    if not words:
        raise PlanError("no-name", "A pot needs a name.", "Write what stands on it.")
    if rack.by_name.get(words.lower(), own_id) != own_id:
        raise PlanError("same-name", f"{words} is on the rack already.", "Give it a name of its own.")
    return words


def changed(paints: Mapping[str, Paint], edits: Mapping[str, Mapping[str, Any]]) -> list[Paint]:
    """Pots with fields changed, those that are the same left out."""
    listed = [replace(paints[pot], **fields) for pot, fields in edits.items()]
    return [p for p in listed if p != paints[p.id]]
