"""Mixes as people write them: "Tallow coat 2 : Candle cream 1", "3.5:1 Tallow coat, Candle cream", "equal parts Soot and Chalk",
"Tallow coat + a touch of Ember", "Tallow coat 2 ml + Candle cream 10 drops".
"""

from __future__ import annotations

import math
import re
from collections.abc import Mapping, Sequence

from numerus.domain.painting.paints import Parts
from numerus.errors import PlanError
from numerus.paint.rack.kinds import DROP_ML

TOUCH = 0.1  # (default) parts in "a touch of"
AMOUNTS = {
    "a touch of": TOUCH,
    "a little": 2 * TOUCH,
    "half a part": 0.5,
    "one part": 1.0,
    "two parts": 2.0,
    "three parts": 3.0,
}
_NUMBER = r"[0-9]+(?:[.,][0-9]+)?"
_UNITS = {"": 1.0, "part": 1.0, "parts": 1.0, "drop": 1.0, "drops": 1.0, "ml": 1 / DROP_ML, "x": 1.0}
_UNIT = r"(?:ml|drops?|parts?|x)?"
_EXAMPLE = "Write it like Tallow coat 2 : Candle cream 1."


def parts_amount(text: str) -> float:
    """Parts written as a number. Raises PlanError for what is no number above zero: nan, ², -1, 1e999."""
    words = text.strip()
    value = float(words.replace(",", ".")) if re.fullmatch(_NUMBER, words, re.ASCII) else math.nan
    if not 0 < value < 1e6:
        raise PlanError("bad-parts", f"{words!r} is no amount of paint.", "Parts are numbers above zero.")
    return value


def parts_from_text(text: str, by_name: Mapping[str, str]) -> Parts:
    """Ids with their parts. ``by_name``: ids by name in small letters. Raises PlanError naming the piece at fault."""
    words = " ".join(text.split())
    equal = re.fullmatch(r"equal parts(?: of)? (.+)", words, re.IGNORECASE)
    if equal:
        names = _pieces(equal.group(1))
        return _joined([(_known(n, by_name), 1.0) for n in names])
    ahead = re.fullmatch(rf"({_NUMBER}(?: ?: ?{_NUMBER})+) (.+)", words, re.ASCII)
    if ahead:
        names, numbers = _pieces(ahead.group(2)), [parts_amount(n) for n in ahead.group(1).split(":")]
        if len(names) == len(numbers):
            return _joined([(_known(n, by_name), x) for n, x in zip(names, numbers, strict=True)])
        raise PlanError("bad-parts", f"{len(numbers)} numbers for {len(names)} paints in {words!r}.", _EXAMPLE)
    return _joined([_one(piece, by_name) for piece in _pieces(words)])


def _pieces(words: str) -> list[str]:
    """Names between colons, plus signs, commas and "and"."""
    pieces = [p.strip() for p in re.split(r"\s*[:+;]\s*|,(?!\d)\s*|\s+and\s+", words)]
    if not all(pieces) or not words:
        raise PlanError("no-paint", "A mix needs at least one paint.", _EXAMPLE)
    return pieces


def _known(name: str, by_name: Mapping[str, str]) -> str:
    known = by_name.get(name.strip().lower())
    if known is None:
        raise PlanError("no-paint", f"{name.strip()!r} is no paint on the rack.", _EXAMPLE)
    return known


def _one(piece: str, by_name: Mapping[str, str]) -> tuple[str, float]:
    """One paint with its amount before or after it; without one it is one part."""
    if piece.lower() in by_name:  # a name may end in a number
        return by_name[piece.lower()], 1.0
    for words, parts in AMOUNTS.items():
        if piece.lower().startswith(words + " "):
            return _known(piece[len(words) :].removeprefix(" of "), by_name), parts
    after = re.fullmatch(rf"(.+?) (\S+?) ?({_UNIT})", piece, re.IGNORECASE)
    before = re.fullmatch(rf"({_NUMBER}) ?({_UNIT})(?: of)? (.+)", piece, re.IGNORECASE | re.ASCII)
    if after and after.group(1).lower() in by_name:
        return by_name[after.group(1).lower()], parts_amount(after.group(2)) * _UNITS[after.group(3).lower()]
    if before:
        return _known(before.group(3), by_name), parts_amount(before.group(1)) * _UNITS[before.group(2).lower()]
    return _known(piece, by_name), 1.0


def _joined(pairs: Sequence[tuple[str, float]]) -> Parts:
    """A paint named twice counts together."""
    total: dict[str, float] = {}
    for pot, parts in pairs:
        total[pot] = total.get(pot, 0.0) + parts
    return tuple(total.items())


def parts_text(parts: Parts, names: Mapping[str, str]) -> str:
    """``Tallow coat 2 : Candle cream 1``; what has no name any more is shown by its id."""
    return " : ".join(f"{names.get(pot, pot)} {amount:g}" for pot, amount in parts)


def with_part(parts: Parts, pot: str) -> Parts:
    """One part more of a pot or mix."""
    amounts = dict(parts)
    amounts[pot] = amounts.get(pot, 0.0) + 1.0
    return tuple(amounts.items())
