"""The fields of a stroke as they are typed and chosen, each read and told by itself. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import replace

from numerus.domain.painting.recipes import Placing, RecipeStep
from numerus.domain.stages import LEVELS
from numerus.errors import PlanError
from numerus.paint.figure.placing import MASKS
from numerus.paint.rack.parts_text import parts_from_text, parts_text
from numerus.paint.rack.pot_fields import number_typed
from numerus.paint.rack.pots import Rack
from numerus.paint.techniques import TECHNIQUES

DIRECTIONS: Mapping[str, tuple[float, float, float]] = {
    "from above": (0.0, 0.0, 1.0), "from the front": (0.0, -1.0, 0.4), "from the left": (-1.0, -0.2, 0.4),
    "from the right": (1.0, -0.2, 0.4), "from below": (0.0, 0.0, -1.0), "from behind": (0.0, 1.0, 0.4),
}  # fmt: skip


def _choice(name: str, choices: tuple[str, ...] | list[str]) -> Callable[[RecipeStep, str, Rack], RecipeStep]:
    def read(step: RecipeStep, text: str, _: Rack) -> RecipeStep:
        if text not in choices:
            raise PlanError("bad-choice", f"{text!r} is not one of {', '.join(choices)}.")
        return replace(step, **{name: text})  # type: ignore[arg-type]

    return read


def _number(name: str, what: str, least: float, most: float) -> Callable[[RecipeStep, str, Rack], RecipeStep]:
    return lambda step, text, _: replace(step, **{name: number_typed(text, what, least, most)})  # type: ignore[arg-type]


def _coats(step: RecipeStep, text: str, _: Rack) -> RecipeStep:
    return replace(step, coats=round(number_typed(text, "coats", 1, 20)))


def _mix(step: RecipeStep, text: str, rack: Rack) -> RecipeStep:
    parts = parts_from_text(text, rack.by_name)
    rack.shares(parts)
    return replace(step, mix=parts)


def _placed(change: Callable[[Placing, str], Placing]) -> Callable[[RecipeStep, str, Rack], RecipeStep]:
    return lambda step, text, _: replace(step, placing=change(step.placing, text))


def _mask(placing: Placing, text: str) -> Placing:
    if text not in ("", *MASKS):
        raise PlanError("bad-choice", f"{text!r} is not one of {', '.join(MASKS)}.")
    return replace(placing, mask=text)


def _name(step: RecipeStep, text: str, _: Rack) -> RecipeStep:
    words = " ".join(text.split())
    if not words:
        raise PlanError("no-name", "A stroke needs a name.", "Base, shade, edges …")
    return replace(step, name=words)


EDITS: dict[str, Callable[[RecipeStep, str, Rack], RecipeStep]] = {
    "name": _name, "technique": _choice("technique", list(TECHNIQUES)), "mix": _mix, "thinner": _number("thinner", "thinner", 0, 50), "coats": _coats,
    "tool": lambda step, text, _: replace(step, tool=" ".join(text.split())), "minutes": _number("minutes", "minutes", 0.05, 600),
    "dries": _number("dries_min", "drying", 0, 10_000), "level": _choice("level", LEVELS), "mask": _placed(_mask),
    "toward": _placed(lambda p, text: replace(p, toward=DIRECTIONS[text]) if text in DIRECTIONS else p),
    "size": _placed(lambda p, text: replace(p, size_mm=number_typed(text, "size", 0.05, 50))),
    "amount": _placed(lambda p, text: replace(p, amount=number_typed(text, "amount", 0, 5))),
    "seed": _placed(lambda p, text: replace(p, seed=round(number_typed(text, "seed", 0, 9999)))),
}  # fmt: skip


def field_words(step: RecipeStep, name: str, names: Mapping[str, str]) -> str:
    """A field of a stroke as it is typed; ``names`` of pots by id."""
    way = next((words for words, toward in DIRECTIONS.items() if toward == step.placing.toward), "from above")
    by_name = {
        "name": step.name, "technique": step.technique, "mix": parts_text(step.mix, names), "thinner": f"{step.thinner:g}", "coats": str(step.coats),
        "tool": step.tool, "minutes": f"{step.minutes:g}", "dries": f"{step.dries_min:g}", "level": step.level, "mask": step.placing.mask,
        "toward": way, "size": f"{step.placing.size_mm:g}", "amount": f"{step.placing.amount:g}", "seed": str(step.placing.seed),
    }  # fmt: skip
    return by_name[name]
