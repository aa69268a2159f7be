"""Sentences with places held open: recognised in what is said, and said anew with the same values."""

from __future__ import annotations

import re
from collections import defaultdict
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from functools import cached_property

PLACE = re.compile(r"(%(?:\d+|n))")
WORD = re.compile(r"[^\W\d_]+")
PLURAL = "(s)"
ONE = ("1", "one")


@dataclass(frozen=True)
class Template:
    """``source`` as gathered (%1, %n, plural s as ``(s)``), ``forms`` in the other language: for one and, if there are two, for several."""

    source: str
    forms: tuple[str, ...]

    @cached_property
    def literals(self) -> tuple[str, ...]:
        """The words between places, a plural s left away."""
        return tuple(part for whole in PLACE.split(self.source)[::2] for part in whole.split(PLURAL) if part)

    @cached_property
    def weight(self) -> int:
        """How much of it is words: of two that fit, the one that says more is meant."""
        return sum(map(len, self.literals))

    @cached_property
    def places(self) -> tuple[str, ...]:
        return tuple(PLACE.split(self.source)[1::2])

    def values(self, said: str) -> Iterator[dict[str, str]]:
        """What stands in its places: as little as fits in the first ones, then as much; nothing if it is another sentence."""
        for pattern in self._patterns:
            if (found := pattern.fullmatch(said)) is not None:
                yield dict(zip(self.places, found.groups(), strict=True))

    @cached_property
    def _patterns(self) -> tuple[re.Pattern[str], ...]:
        return tuple(re.compile(self._pattern(some), re.DOTALL) for some in (("(.*?)", "(.*)") if self.places[1:] else ("(.*)",)))

    def _pattern(self, anything: str) -> str:
        parts = PLACE.split(self.source)
        fixed = [re.escape(part).replace(re.escape(PLURAL), "(?:e?s)?") for part in parts[::2]]
        held = [r"([\d.,]+|one)" if place == "%n" else anything for place in parts[1::2]]
        return "".join(part for both in zip(fixed, [*held, ""], strict=True) for part in both)

    def said(self, values: dict[str, str]) -> str:
        """The sentence in the other language with these values, the form for one where its number is one."""
        form = self.forms[0] if values.get("%n") in ONE else self.forms[-1]
        return PLACE.sub(lambda found: values.get(found.group(), found.group()), form)


class Templates:
    """Found by a word that each of them has: the longest, which few others share."""

    def __init__(self, templates: Iterable[Template]) -> None:
        self.by_word: dict[str, list[Template]] = defaultdict(list)
        for template in templates:
            self.by_word[_anchor(template)].append(template)

    def like(self, said: str) -> Sequence[Template]:
        """Those that may be meant, the one with most words first."""
        words = {"", *WORD.findall(said)}
        maybe = (template for word in words & self.by_word.keys() for template in self.by_word[word])
        return sorted((t for t in maybe if all(part in said for part in t.literals)), key=lambda t: -t.weight)


def _anchor(template: Template) -> str:
    """A word that stands whole in whatever is said by the template, or nothing if none does."""
    parts = PLACE.split(template.source)[::2]
    whole = [w for part in parts for w in re.findall(r"(?<![^\s\W])[^\W\d_]+(?=[\s.,;:!?)]|$)", part.split(PLURAL)[0])]
    edge = [WORD.findall(part)[-1] for part in parts[:-1] if part and part[-1].isalpha() and WORD.findall(part)]
    start = [WORD.findall(part)[0] for part in parts[1:] if part and part[0].isalpha()]
    return max((w for w in whole if w not in edge and w not in start), key=len, default="")
