"""Lists of paints in and out: JSON, CSV, GIMP palettes. A file that is wrong anywhere is refused whole, its line named."""

from __future__ import annotations

import csv
import io
import json
from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from pathlib import Path
from typing import Annotated, Any

from pydantic import BaseModel, ConfigDict, Field, ValidationError

from numerus.errors import PaintListError

MOST_BYTES, MOST_PAINTS = 4_000_000, 5_000
GIMP_HEAD = "GIMP Palette"
Above = Annotated[float, Field(gt=0, le=1e5, allow_inf_nan=False)]
NotBelow = Annotated[float, Field(ge=0, le=1e5, allow_inf_nan=False)]
Share = Annotated[float, Field(ge=0, le=1, allow_inf_nan=False)]
Name = Annotated[str, Field(min_length=1, max_length=120)]


class Card(BaseModel):
    """Reflectances of the grounds a swatch was made on."""

    black: Share = 0.0
    white: Share = 1.0


class PaintEntry(BaseModel):
    """One paint as lists hold it. Numbers are finite and not below zero; colours are read where paints are made of them."""

    model_config = ConfigDict(str_strip_whitespace=True, extra="ignore")

    name: Name
    hex: Name
    kind: str = "opaque"
    maker: str = ""
    ml: NotBelow | None = None
    pot_ml: Above = 18.0
    price_pence: NotBelow = 300
    hides_um: Above | None = None
    over_black: str | None = None
    over_white: str | None = None
    film_um: Above = 15.0
    card: Card = Card()
    strength: Above = 1.0
    density_g_ml: NotBelow = 0.0
    tare_g: NotBelow = 0.0
    batch: str = ""
    place: str = ""


COLUMNS = (
    "name", "maker", "hex", "kind", "ml", "pot_ml", "price_pence", "hides_um", "over_black", "over_white", "film_um", "strength",
    "density_g_ml", "tare_g", "batch", "place",
)  # fmt: skip


@dataclass(frozen=True)
class Listed:
    """An entry and where it stood, for saying what is wrong with it."""

    where: str
    entry: PaintEntry


def read_paint_list(path: Path) -> list[Listed]:
    """The paints of a file by its ending: .json, .csv, .gpl. Raises PaintListError naming the line at fault."""
    text = _text(path)
    if text.startswith(GIMP_HEAD):
        return _gimp(text)
    if path.suffix.lower() == ".json" or text.lstrip().startswith("["):
        return _json(text)
    return _csv(text)


def read_paints_json(path: Path) -> list[Listed]:
    """Raises PaintListError."""
    return _json(_text(path))


def _text(path: Path) -> str:
    try:
        if path.stat().st_size > MOST_BYTES:
            raise PaintListError(
                "too-large", f"{path.name} is larger than any list of paints.", "Nothing was taken over."
            )
        return path.read_bytes().decode("utf-8-sig")
    except OSError as error:
        raise PaintListError("unreadable", f"{path.name} cannot be read: {error.strerror}.") from error
    except UnicodeDecodeError as error:
        raise PaintListError("no-text", f"{path.name} is no text file.", "Save it as UTF-8.") from error


def _listed(where: str, data: Any) -> Listed:
    try:
        return Listed(where, PaintEntry.model_validate(data))
    except ValidationError as error:
        first = error.errors()[0]
        field = ".".join(str(place) for place in first["loc"])
        raise PaintListError(
            "bad-line",
            f"{where}: {field or 'the entry'}: {first['msg'].lower()}.",
            "Nothing was taken over; mend it and try again.",
        ) from error


def _not_too_many(listed: Sequence[Listed]) -> list[Listed]:
    if not listed:
        raise PaintListError("empty", "There is no paint in the file.", "Nothing was taken over.")
    if len(listed) > MOST_PAINTS:
        raise PaintListError(
            "too-many", f"{len(listed)} paints are more than any rack holds.", "Nothing was taken over."
        )
    return list(listed)


def _json(text: str) -> list[Listed]:
    try:
        data = json.loads(text)
    except (ValueError, RecursionError) as error:
        line = f" at line {error.lineno}" if isinstance(error, json.JSONDecodeError) else ""
        raise PaintListError("no-json", f"That is no JSON{line}.", "Nothing was taken over.") from error
    return paints_told(data)


def paints_told(rows: Any) -> list[Listed]:
    """Entries of a list read from JSON. Raises PaintListError naming the entry at fault."""
    if not isinstance(rows, list):
        raise PaintListError(
            "no-list", "A list of paints is expected: [{name, hex, kind}, …].", "Nothing was taken over."
        )
    return _not_too_many([_listed(f"Entry {n}", entry) for n, entry in enumerate(rows, 1)])


def _csv(text: str) -> list[Listed]:
    """The first line names the columns; those not known are left out, name and hex (or colour) must be there."""
    try:
        head, *rows = list(csv.reader(io.StringIO(text), strict=True)) or [[]]
    except csv.Error as error:
        raise PaintListError("no-csv", f"That is no CSV: {error}.", "Nothing was taken over.") from error
    columns = ["hex" if c.strip().lower() in ("colour", "color") else c.strip().lower().replace(" ", "_") for c in head]
    if not {"name", "hex"} <= set(columns):
        raise PaintListError(
            "no-head", "Line 1 should name the columns; name and hex are needed.", "Nothing was taken over."
        )
    listed = []
    for number, row in enumerate(rows, 2):
        if not any(cell.strip() for cell in row):
            continue
        if len(row) > len(columns):
            raise PaintListError("bad-line", f"Line {number} has more cells than line 1.", "Nothing was taken over.")
        cells = {c: cell for c, cell in zip(columns, row, strict=False) if cell.strip() and c in COLUMNS}
        listed.append(_listed(f"Line {number}", cells))
    return _not_too_many(listed)


def _gimp(text: str) -> list[Listed]:
    """``R G B name`` a line, after a head of ``Key: value`` lines and comments."""
    listed = []
    for number, line in enumerate(text.splitlines()[1:], 2):
        words = line.split(None, 3)
        if not words or line.lstrip().startswith("#") or words[0].endswith(":"):
            continue
        levels = [int(w) for w in words[:3] if w.isascii() and w.isdigit() and int(w) <= 255]
        if len(levels) < 3:
            raise PaintListError(
                "bad-line", f"Line {number}: three numbers of 0 to 255 are wanted.", "Nothing was taken over."
            )
        colour = "#" + bytes(levels).hex().upper()
        listed.append(_listed(f"Line {number}", {"name": words[3] if len(words) > 3 else colour, "hex": colour}))
    return _not_too_many(listed)


def gimp_text(title: str, paints: Iterable[tuple[str, str]]) -> str:
    """A GIMP palette of (name, #RRGGBB)."""
    lines = [GIMP_HEAD, f"Name: {' '.join(title.split())}", "#"]
    for name, colour in paints:
        levels = [int(colour[i : i + 2], 16) for i in (1, 3, 5)]
        lines.append(" ".join(f"{level:3d}" for level in levels) + "\t" + " ".join(name.split()))
    return "\n".join(lines) + "\n"


def json_text(entries: Iterable[PaintEntry]) -> str:
    return json.dumps([e.model_dump(exclude_defaults=True) for e in entries], indent=1, ensure_ascii=False) + "\n"
