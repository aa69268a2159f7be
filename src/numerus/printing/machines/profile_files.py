"""Machine, resin and film profiles as readable files: JSON, one profile each, checked where they come in."""

from __future__ import annotations

import json
from dataclasses import fields
from datetime import datetime
from functools import cache
from pathlib import Path
from typing import Any

from pydantic import TypeAdapter, ValidationError

from numerus.domain.printing.machines import Film, Machine, Resin
from numerus.errors import PlanError

FORM, VERSION = "numerus-profile", 2
KINDS: dict[str, type] = {"machine": Machine, "resin": Resin, "film": Film}
Profile = Machine | Resin | Film
MUST_BE_POSITIVE = (
    "plate_x_mm", "plate_y_mm", "height_mm", "pixel_mm", "layer_mm", "exposure_s", "lift_mm", "lift_mm_per_min",
    "bottom_lift_mm_per_min", "retract_mm_per_min", "density_g_per_ml", "tip_n_per_mm2", "pull_n_per_mm2", "scale_xy", "nozzle_mm",
    "layers", "film_layers", "screen_h", "wall_mm_per_s", "fill_mm_per_s", "travel_mm_per_s", "filament_mm", "plastic_g_per_ml",
)  # fmt: skip


@cache
def _adapter(kind: str) -> TypeAdapter[Any]:
    return TypeAdapter(KINDS[kind])


def kind_of(profile: Profile) -> str:
    return next(kind for kind, made in KINDS.items() if isinstance(profile, made))


def profile_text(profile: Profile) -> str:
    """The file: every field by its name, units in the names."""
    data = json.loads(_adapter(kind_of(profile)).dump_json(profile))
    return json.dumps({"form": FORM, "version": VERSION, "kind": kind_of(profile), "profile": data}, indent=1)


def write_profile(profile: Profile, path: Path) -> None:
    """Raises PlanError where it cannot be written."""
    try:
        path.write_text(profile_text(profile))
    except OSError as error:
        raise PlanError(
            "unwritable", f"{path.name} cannot be written: {error.strerror}.", "Choose another folder."
        ) from error


def read_profile(path: Path) -> Profile:
    """A profile from a file; fields it leaves out have their usual values. Raises PlanError with what is wrong."""
    try:
        data = json.loads(path.read_text())
        if data["form"] != FORM or data["version"] > VERSION or data["kind"] not in KINDS:
            raise PlanError("no-profile", f"{path.name} is no profile of this form.", "Nothing was taken over.")
        profile = _of_today(data["profile"])
        known = {f.name for f in fields(KINDS[data["kind"]])}
        decoded = _adapter(data["kind"]).validate_python({k: v for k, v in profile.items() if k in known})
    except (OSError, UnicodeDecodeError, ValueError, KeyError, TypeError, AttributeError, ValidationError) as error:
        raise PlanError(
            "no-profile", f"{path.name} is no profile: {_first_line(error)}.", "Nothing was taken over."
        ) from error
    return checked(decoded)


def _of_today(profile: dict[str, Any]) -> dict[str, Any]:
    """A profile of version 1 told prices in whole units of money."""
    if "price_per_l" in profile:
        return {**profile, "pence_per_l": round(100 * float(profile["price_per_l"]))}
    return profile


def _first_line(error: Exception) -> str:
    if isinstance(error, ValidationError):
        first = error.errors()[0]
        return f"{'.'.join(map(str, first['loc']))}: {first['msg'].lower()}"
    return str(error).splitlines()[0] if str(error) else "it cannot be read"


def _check_back_on(machine: Machine) -> None:
    try:
        datetime.fromisoformat(machine.back_on or "2000-01-01")
    except ValueError as error:
        words = f"{machine.name}: {machine.back_on!r} is no day."
        raise PlanError("bad-day", words, "Write it like 2026-03-14, or leave it empty.") from error


def checked(profile: Profile) -> Profile:
    """The profile, if it makes sense. Raises PlanError that names the field."""
    for field in fields(profile):
        value = getattr(profile, field.name)
        if field.name in MUST_BE_POSITIVE and not value > 0:
            raise PlanError(
                "bad-profile", f"{profile.name}: {field.name} must be more than nothing.", "Nothing was changed."
            )
    if isinstance(profile, Machine):
        _check_back_on(profile)
    if isinstance(profile, Machine) and not profile.pixel_mm <= profile.plate_x_mm / 10:
        raise PlanError(
            "bad-profile", f"{profile.name}: a pixel of {profile.pixel_mm:g} mm is too coarse for its plate."
        )
    return profile
