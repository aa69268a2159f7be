"""A scheme as a file for another army: zones and pots by name, so that it can be painted from another rack."""

from __future__ import annotations

import json
from collections.abc import Callable
from dataclasses import asdict, replace
from datetime import datetime
from pathlib import Path
from typing import Annotated, Any

from pydantic import BaseModel, ConfigDict, Field, ValidationError

from numerus.domain.painting.paints import Paint
from numerus.domain.painting.recipes import DrawnLine, FinishStep, Placing, Recipe, RecipeStep, Scheme
from numerus.domain.painting.zones import Zone
from numerus.domain.plans import Plans
from numerus.errors import PlanError
from numerus.formats.paint_lists import paints_told
from numerus.paint.finishing.finish_steps import KINDS
from numerus.paint.priming.primer import MOST_FILLER, SCHOOLS
from numerus.paint.rack.exchange import entry_of, paints_of_list
from numerus.paint.rack.pots import rack_of
from numerus.paint.techniques import TECHNIQUES

FORM = "numerus scheme 1"
MOST_BYTES = 4_000_000
Words = Annotated[str, Field(min_length=1, max_length=200)]
Above = Annotated[float, Field(gt=0, le=1e5, allow_inf_nan=False)]
NotBelow = Annotated[float, Field(ge=0, le=1e5, allow_inf_nan=False)]
Number = Annotated[float, Field(ge=-1e5, le=1e5, allow_inf_nan=False)]
Way = tuple[Number, Number, Number]


class _Line(BaseModel):
    points: Annotated[list[Way], Field(min_length=1, max_length=2000)]
    width_mm: Above = 0.6
    normals: list[Way] = []


class _Place(BaseModel):
    mask: str = ""
    toward: Way = (0.0, 0.0, 1.0)
    at: Way = (0.0, 0.0, 0.0)
    size_mm: Above = 0.6
    seed: Annotated[int, Field(ge=0, le=99_999)] = 0
    amount: NotBelow = 1.0
    drawn: Annotated[list[_Line], Field(max_length=200)] = []
    drawn_share: Annotated[float, Field(ge=0, le=1)] = 0.0


class _Stroke(BaseModel):
    name: Words
    technique: Words
    mix: Annotated[dict[Words, Above], Field(min_length=1)]
    thinner: NotBelow = 0.0
    tool: str = ""
    minutes: Above = 3.0
    dries_min: NotBelow = 20.0
    level: Annotated[str, Field(pattern="^(table|good|parade)$")] = "table"
    coats: Annotated[int, Field(ge=1, le=20)] = 1
    placing: _Place = _Place()


class _Recipe(BaseModel):
    zone: Words
    strokes: Annotated[list[_Stroke], Field(min_length=1, max_length=60)]


class _FinishStep(BaseModel):
    name: Words
    minutes: NotBelow = 2.0
    dries_min: NotBelow = 60.0
    kind: Annotated[str, Field(pattern=f"^({'|'.join(KINDS)})?$")] = ""


class _File(BaseModel):
    model_config = ConfigDict(extra="ignore")

    form: Annotated[str, Field(pattern=f"^{FORM}$")]
    name: Words
    primer: str = "grey"
    prime_school: Annotated[str, Field(pattern=f"^({'|'.join(SCHOOLS)})$")] = Scheme.prime_school
    filler_coats: Annotated[int, Field(ge=0, le=MOST_FILLER)] = 0
    recipes: Annotated[list[_Recipe], Field(min_length=1, max_length=300)]
    finish: Annotated[list[_FinishStep], Field(max_length=60)] | None = None
    paints: list[dict[str, Any]] = []


def scheme_text(scheme: Scheme, plans: Plans) -> str:
    """The scheme as JSON with the pots it is painted from, mixes taken apart; strokes whose paint is gone are left out."""
    rack, used = rack_of(plans), dict[str, Paint]()
    recipes = []
    for recipe in scheme.recipes:
        strokes = []
        for step in recipe.steps:
            try:
                share = rack.shares(step.mix)
            except PlanError:
                continue
            used.update({p: rack.paints[p] for p in share})
            whole = sum(n for _, n in step.mix)
            data = {k: v for k, v in asdict(step).items() if k not in ("id", "since", "mix")}
            strokes.append({**data, "mix": {rack.paints[p].name: round(s * whole, 4) for p, s in share.items()}})
        recipes += [{"zone": plans.zone_name(recipe.zone), "strokes": strokes}] if strokes else []
    paints = [entry_of(p).model_dump(exclude_defaults=True) for p in used.values()]
    finish = [{k: v for k, v in asdict(step).items() if k not in ("id", "since")} for step in scheme.finish]
    data = {
        "form": FORM,
        "name": scheme.name,
        "primer": scheme.primer,
        "prime_school": scheme.prime_school,
        "filler_coats": scheme.filler_coats,
        "recipes": recipes,
        "finish": finish,
        "paints": paints,
    }
    return json.dumps(data, indent=1, ensure_ascii=False) + "\n"


def scheme_from_text(
    text: str, plans: Plans, new_id: Callable[[], str], now: datetime
) -> tuple[Scheme, list[Zone], list[Paint]]:
    """A scheme of a file for this army, with the zones and pots it has not got. Strokes are new steps, there since ``now``.

    Raises PlanError or PaintListError saying what is wrong; then nothing of it is taken over.
    """
    try:
        file = _File.model_validate_json(text)
    except ValidationError as error:
        first = error.errors()[0]
        where = ".".join(str(p) for p in first["loc"]) or "the file"
        raise PlanError(
            "no-scheme", f"That is no scheme: {where}: {first['msg'].lower()}.", "Nothing was taken over."
        ) from error
    paints = _new_paints(file, plans, new_id)
    pots = {p.name.lower(): p.id for p in (*paints, *plans.paints.values())}
    zones = {z.name.lower(): z for z in plans.zones.values()}
    fresh: list[Zone] = []
    recipes = []
    for recipe in file.recipes:
        if recipe.zone.lower() not in zones:
            fresh.append(Zone(new_id(), recipe.zone, len(zones)))
            zones[recipe.zone.lower()] = fresh[-1]
        steps = tuple(_step(recipe.zone, s, pots, new_id(), now) for s in recipe.strokes)
        recipes.append(Recipe(zones[recipe.zone.lower()].id, steps))
    scheme = Scheme(
        new_id(), file.name, tuple(recipes), file.primer, prime_school=file.prime_school, filler_coats=file.filler_coats
    )
    if file.finish is not None:
        finish = (FinishStep(new_id(), s.name, s.minutes, s.dries_min, now, s.kind) for s in file.finish)
        scheme = replace(scheme, finish=tuple(finish))
    return scheme, fresh, paints


def _new_paints(file: _File, plans: Plans, new_id: Callable[[], str]) -> list[Paint]:
    """Pots the rack has not got; nobody knows what is left of them."""
    if not file.paints:
        return []
    listed = paints_of_list(paints_told([{**p, "ml": None} for p in file.paints]), new_id)
    known = {p.name.lower() for p in plans.paints.values()}
    return [p for p in listed if p.name.lower() not in known]


def _step(zone: str, stroke: _Stroke, pots: dict[str, str], step_id: str, now: datetime) -> RecipeStep:
    if stroke.technique not in TECHNIQUES:
        raise PlanError(
            "no-technique",
            f"{zone}, {stroke.name}: {stroke.technique!r} is no technique.",
            f"It is one of {', '.join(TECHNIQUES)}.",
        )
    missing = next((name for name in stroke.mix if name.lower() not in pots), "")
    if missing:
        raise PlanError(
            "no-paint",
            f"{zone}, {stroke.name}: {missing} is neither in the file nor on the rack.",
            "Nothing was taken over.",
        )
    mix = tuple((pots[name.lower()], parts) for name, parts in stroke.mix.items())
    return RecipeStep(
        step_id, stroke.name, stroke.technique, mix, stroke.thinner, stroke.tool, stroke.minutes, stroke.dries_min, stroke.level, now, stroke.coats,
        _placing(stroke.placing),
    )  # fmt: skip


def _placing(place: _Place) -> Placing:
    """Lines whose normals are not as many as their points are read without."""
    drawn = tuple(
        DrawnLine(tuple(d.points), d.width_mm, tuple(d.normals) if len(d.normals) == len(d.points) else ())
        for d in place.drawn
    )
    return replace(Placing(**place.model_dump(exclude={"drawn"})), drawn=drawn)


def read_scheme_file(path: Path) -> str:
    """Raises PlanError where it cannot be read as text."""
    try:
        if path.stat().st_size > MOST_BYTES:
            raise PlanError("too-large", f"{path.name} is larger than any scheme.", "Nothing was taken over.")
        return path.read_text(encoding="utf-8")
    except (OSError, UnicodeDecodeError) as error:
        raise PlanError("unreadable", f"{path.name} cannot be read as a scheme.", "Nothing was taken over.") from error
