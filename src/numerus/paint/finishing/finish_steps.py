"""Finishing steps: what each is, whether their order holds by their solvents, and a table of them in and out."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from datetime import datetime
from functools import lru_cache

from numerus.domain.painting.recipes import FinishStep
from numerus.domain.typed_rows import number_in_row
from numerus.errors import PlanError

DAYLIGHT = "in daylight"
KINDS = {
    "gloss varnish": ("gloss",), "varnish": ("varnish", "satin", "seal"), "decals": ("decal", "transfer"),
    "enamel or oil": ("enamel", "oil", "streak", "filter"), "spirit": ("spirit", "thinner"), "pigment": ("pigment", "powder", "soot"),
    "foam": ("foam", "cork"), "texture": ("texture", "sand", "putty", "mud paste"), "tufts": ("tuft", "grass", "snow", "leaves", "flock"),
    "glue": ("glue",), DAYLIGHT: ("daylight", "colour check", "photograph"), "paint": ("rim", "paint"),
}  # fmt: skip
"""Kinds of step, and words of a name that tell one; looked through in this order."""
WATER_BORNE = ("gloss varnish", "varnish", "decals", "texture", "paint")
SOLVENT, SEALS, LOOSE = ("enamel or oil", "spirit"), ("gloss varnish", "varnish"), ("pigment", "tufts")
OVERNIGHT_MIN = 720.0  # (default) until solvents have left a film; the maker's word comes first
COLUMNS = ("Step", "Kind", "Minutes", "Dries, min", "id")
MOST_MIN, MOST_DRYING_MIN = 600.0, 20_160.0


def kind_of_step(step: FinishStep) -> str:
    """What a step is: as told, else by the words of its name; "" where neither tells."""
    return step.kind or _kind_named(step.name)


@lru_cache(1000)
def _kind_named(name: str) -> str:
    return next((kind for kind, words in KINDS.items() if any(w in name.lower() for w in words)), "")


def order_warnings(steps: Sequence[FinishStep]) -> list[str]:
    """What will not hold in this order, each with its reason; acrylic paint lies below the first."""
    kinds = [kind_of_step(s) for s in steps]
    warnings: list[str] = []
    for at, (step, kind) in enumerate(zip(steps, kinds, strict=True)):
        before, after = kinds[:at], list(zip(steps[at + 1 :], kinds[at + 1 :], strict=True))
        warnings += _about(step, kind, before, after)
    return warnings


def _about(step: FinishStep, kind: str, before: Sequence[str], after: Sequence[tuple[FinishStep, str]]) -> list[str]:
    sealed = any(k in SEALS for k in before)
    reasons = []
    if kind in SOLVENT and not sealed:
        reasons.append(f"{step.name}: its spirit lifts bare acrylic; varnish first, and overnight.")
    if kind in SOLVENT and "foam" in before:
        reasons.append(f"{step.name}: its solvent eats foam; put the foam on later, or seal it.")
    covering = next((s for s, k in after if k not in LOOSE and k not in SOLVENT), None)
    if kind in SOLVENT and covering is not None and step.dries_min < OVERNIGHT_MIN:
        reasons.append(
            f"{step.name} wants {OVERNIGHT_MIN / 60:.0f} h before {covering.name}, or that frosts and cracks."
        )
    if kind == "decals" and "gloss varnish" not in before:
        reasons.append(f"{step.name}: on a matt ground air stays under the film and shines; gloss varnish first.")
    if kind == "decals" and not any(k in SEALS for _, k in after):
        reasons.append(f"{step.name} are rubbed off in use: a varnish over them.")
    late = next((s for s, k in after if k in SEALS), None)
    if kind in LOOSE and late is not None:
        why = "wets and darkens them, and blows them off" if kind == "pigment" else "dulls and glues them"
        reasons.append(f"{step.name} before {late.name}: varnish {why}; last.")
    return reasons


def finish_rows(steps: Sequence[FinishStep]) -> list[list[str]]:
    """A row a step, as ``steps_from_rows`` reads them."""
    return [[s.name, kind_of_step(s), f"{s.minutes:g}", f"{s.dries_min:g}", s.id] for s in steps]


def steps_from_rows(
    rows: Sequence[Sequence[str]], old: Sequence[FinishStep], new_id: Callable[[], str], now: datetime
) -> tuple[FinishStep, ...]:
    """Steps of edited rows; one that was there keeps its id, so that what was done of it stays told, and since when it is wanted.
    Raises PlanError for what cannot be read, naming the row.
    """
    known = {s.id: s for s in old}
    steps = []
    for number, (name, kind, minutes, dries, step_id) in enumerate(rows, 1):
        words = " ".join(name.split())
        if not words:
            raise PlanError("no-name", f"Row {number} has no name.", "Name the step, or remove the row.")
        read = (
            _kind_read(kind, number),
            number_in_row(minutes, MOST_MIN, number, "minutes", "minutes, such as 20"),
            number_in_row(dries, MOST_DRYING_MIN, number, "minutes", "minutes, such as 20"),
        )
        begun = known.get(step_id) or FinishStep(new_id(), words, 0, 0, since=now)
        usual = kind_of_step(replace(begun, name=words, kind=""))
        kept = "" if read[0] == usual else read[0]
        steps.append(replace(begun, name=words, kind=kept, minutes=read[1], dries_min=read[2]))
    if len({s.name.lower() for s in steps}) < len(steps):
        raise PlanError("same-name", "Two steps have the same name.", "Rename one: they are told apart by it.")
    return tuple(steps)


def _kind_read(words: str, number: int) -> str:
    kind = " ".join(words.lower().split())
    if kind and kind not in KINDS:
        raise PlanError("no-kind", f"Row {number}: {words!r} is no kind of step.", f"Kinds are {', '.join(KINDS)}.")
    return kind
