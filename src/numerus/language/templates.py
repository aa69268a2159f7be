"""Sentences with places held open: recognised in what is said, and said anew with the same values."""

from __future__ import annotations

import re
from collections import Counter, defaultdict
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from functools import cached_property

PLACE = re.compile(r"(%(?:\d+|n))")
WORD = re.compile(r"[^\W\d_]+")
WHOLE = re.compile(r"(?<![^\s\W])[^\W\d_]+(?=[\s.,;:!?)]|$)")
A_COUNT = re.compile(r"\d|\bone\b")
PLURAL = "(s)"
ONE = ("1", "one")
NO_MORE_THAN_PLURAL = ("", "s", "es")


@dataclass(frozen=True)
class Template:
    """``source`` as gathered (%1, %n, plural s as ``(s)``), ``forms`` in the other language: for one and, if there are two, for several."""

    source: str
    forms: tuple[str, ...]

    @classmethod
    def of(cls, source: str, forms: Sequence[str]) -> Template:
        """Places that stand side by side in every form are one: nothing tells where one value ends and the next begins."""
        for run in re.findall(r"%\d(?: ?%\d)+", source):
            if all(run in form for form in forms):
                source, forms = source.replace(run, run[:2]), [form.replace(run, run[:2]) for form in forms]
        return cls(source, tuple(forms))

    @cached_property
    def literals(self) -> tuple[str, ...]:
        """The words between places, a plural s left away."""
        return tuple(part for whole in PLACE.split(self.source)[::2] for part in whole.split(PLURAL) if part)

    @cached_property
    def needed(self) -> tuple[str, ...]:
        """What has to be somewhere in what is said, or it is another sentence."""
        return tuple(sorted({part.strip() for part in self.literals}, key=len, reverse=True))

    def may_be(self, said: str) -> bool:
        """Whether all its words are somewhere in what is said."""
        return all(map(said.__contains__, self.needed))

    @cached_property
    def weight(self) -> int:
        """How much of it is words: of two that fit, the one that says more is meant."""
        return sum(map(len, self.literals))

    @cached_property
    def places(self) -> tuple[str, ...]:
        return tuple(PLACE.split(self.source)[1::2])

    def values(self, said: str) -> Iterator[dict[str, str]]:
        """What stands in its places: as little as fits in the first ones, then as much; nothing if it is another sentence.

        A blank before a last place that is empty may be gone.
        """
        ways = (self._counted,) if "%n" in self.places else (_at_first, _at_last) if self.places[1:] else (_at_first,)
        for way in ways:
            if (found := way(said, self._fixed) or way(f"{said} ", self._fixed)) is not None:
                values = dict(zip(self.places, found, strict=True))
                if all(values[place] in NO_MORE_THAN_PLURAL for place in self.dropped):
                    yield values

    @cached_property
    def dropped(self) -> frozenset[str]:
        """Places the other language has no use for: what stands there is an English plural, or it is another sentence."""
        return frozenset(self.places) - {place for form in self.forms for place in PLACE.findall(form)}

    @cached_property
    def _fixed(self) -> tuple[str, ...]:
        return tuple(PLACE.split(self.source)[::2])

    def _counted(self, said: str, fixed: Sequence[str]) -> Sequence[str] | None:
        found = self._pattern.fullmatch(said)
        return found.groups() if found is not None else None

    @cached_property
    def _pattern(self) -> re.Pattern[str]:
        """Of a template with a number: its words may end in a plural s."""
        fixed = [re.escape(part).replace(re.escape(PLURAL), "(?:e?s)?") for part in self._fixed]
        held = [r"([\d.,]+|one)" if place == "%n" else "(.*)" for place in self.places]
        return re.compile("".join(part for both in zip(fixed, [*held, ""], strict=True) for part in both), re.DOTALL)

    def said(self, values: dict[str, str]) -> str:
        """The sentence in the other language with these values, the form for one where its number is one."""
        form = self.forms[0] if values.get("%n") in ONE else self.forms[-1]
        return PLACE.sub(lambda found: values.get(found.group(), found.group()), form)


def _at_first(said: str, fixed: Sequence[str]) -> list[str] | None:
    """What stands between the fixed parts, each where it is first met."""
    if not said.startswith(fixed[0]) or not said.endswith(fixed[-1]):
        return None
    at, end, between = len(fixed[0]), len(said) - len(fixed[-1]), []
    for part in fixed[1:-1]:
        found = said.find(part, at, end)
        if found < 0:
            return None
        between.append(said[at:found])
        at = found + len(part)
    return [*between, said[at:end]] if at <= end else None


def _at_last(said: str, fixed: Sequence[str]) -> list[str] | None:
    """Each where it is last met."""
    turned = _at_first(said[::-1], [part[::-1] for part in reversed(fixed)])
    return [value[::-1] for value in reversed(turned)] if turned is not None else None


class Templates:
    """Found by a word that each of them has: the one that fewest others have."""

    def __init__(self, templates: Iterable[Template]) -> None:
        whole = [(template, _whole_words(template)) for template in templates]
        often = Counter(word for _, words in whole for word in words)
        self.by_word: dict[str, list[Template]] = defaultdict(list)
        self.counting: list[Template] = []
        for template, words in whole:
            if not words and "%n" in template.places:
                self.counting.append(template)
            else:
                self.by_word[min(words, key=lambda w: (often[w], -len(w)), default="")].append(template)

    def like(self, said: str) -> Sequence[Template]:
        """Those that may be meant, the one with most words first."""
        words = {"", *WORD.findall(said)}
        maybe = [template for word in words & self.by_word.keys() for template in self.by_word[word]]
        if A_COUNT.search(said):
            maybe += self.counting
        return sorted((t for t in maybe if t.may_be(said)), key=lambda t: -t.weight)


def _whole_words(template: Template) -> set[str]:
    """Words that stand whole in whatever is said by the template."""
    parts = PLACE.split(template.source)[::2]
    whole = {w for part in parts for w in WHOLE.findall(part.replace(PLURAL, "_"))}
    edge = {WORD.findall(part)[-1] for part in parts[:-1] if part and part[-1].isalpha()}
    start = {WORD.findall(part)[0] for part in parts[1:] if part and part[0].isalpha()}
    return whole - edge - start
