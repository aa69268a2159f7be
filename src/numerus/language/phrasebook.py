"""Says in another language what the program says in its own.

The core makes its sentences where it knows what they are about, in English, without knowing of languages; a book keeps them so,
whoever opens it. What is said is put into another language where it is shown: sentence by sentence, found again by the templates
that were gathered from the code, the values in them each for itself, figures in the language's way. Names that people gave stay.
"""

from __future__ import annotations

import re
from collections.abc import Iterable, Iterator, Mapping
from dataclasses import dataclass, field
from functools import lru_cache

from numerus.language.figures import A_DATE, A_DAY, Figures
from numerus.language.templates import PLACE, WORD, Template, Templates

PARTED = (r"\n+", r"  +", r"(?<=[.?!…]) ", r"; ", r"; |: |, | · | \| | – | \(|\)| × | \+ | / ")
"""What parts things said after one another, the widest first."""

REMEMBERED = 20_000
"""Things said; all are forgotten together, so that a window that is open for weeks does not grow."""

SIDES = 8
"""Blanks at which two things may be said side by side."""

TRIED = 6
"""Templates tried before the best of them is taken; sentences that fit more than a few are very alike."""

TOGETHER = 7
"""Pieces and what parts them, that may be one sentence: three with two signs between."""

A_SIGN = re.compile(r"[–—·|;,:]")
A_DIGIT = re.compile(r"\d")
MARKS = ".:!?…"
"""What a sentence may be ended with by whoever says it."""

NAMED = "\ue000"  # of Unicode's private use: no text has it
SAME_ANYWHERE = """mm cm m µm ml l g kg h min s ms px dpi mah rpm j n k c d a b x y z e de pdf stl obj ply glb svg png csv json zip html
    dxf ods hex rgb rgba id ok δe numerus"""
LEFT_OUT = frozenset(SAME_ANYWHERE.split())
"""Units, kinds of files and letters that stand for themselves in any language."""


@dataclass(frozen=True, order=True)
class Said:
    """Of two ways to say it that is better which leaves fewer letters ``unknown``, then that which takes fewer sentences."""

    unknown: int
    sentences: int
    words: str = field(compare=False)


APART = Said(0, 1, "")
"""What no template joins is worth one sentence more."""


class Phrasebook:
    """``sentences`` by :func:`numerus.language.catalogue.read_sentences`; what was said once is remembered."""

    def __init__(self, sentences: Mapping[str, tuple[str, ...]], figures: Figures) -> None:
        self.exact = {source: forms[0] for source, forms in sentences.items() if not PLACE.search(source)}
        self.templates = Templates(
            Template.of(s, f) for s, f in sentences.items() if PLACE.search(s) and WORD.search(PLACE.sub("", s))
        )
        self.figures = figures
        self._own_words = {w.lower() for source in sentences for w in WORD.findall(source)}
        self._as_given: set[str] | None = None
        self.name(())

    def name(self, names: Iterable[str]) -> None:
        """Names that people gave to things: they stay as they are. One that is a word of the program's too stays where it is a value."""
        given = {name.strip() for name in names if WORD.search(name)}
        if given == self._as_given:
            return
        self._as_given = given
        self.names = given | {word for name in given for word in name.split() if word.lower() not in self._own_words}
        self._unmistakable: dict[str, list[str]] = {}
        for name in sorted(given, key=len, reverse=True):
            if not self._is_ours(name):
                self._unmistakable.setdefault(WORD.findall(name)[0], []).append(name)
        self._forget()

    def _forget(self) -> None:
        self._known: dict[str, Said] = {}
        self._wholes: dict[str, Said] = {}
        self._answers: dict[str, str] = {}
        self._given: set[str] = set()

    def _is_ours(self, name: str) -> bool:
        """Whether a name is a word or a sentence of the program, too, so that only where it stands tells which is meant."""
        alone = len(name.split()) == 1 and {w.lower() for w in WORD.findall(name)} <= self._own_words
        return alone or self._exactly(name) is not None

    def say(self, words: str) -> str:
        """In the other language. What it said itself it leaves alone, so that nothing is put into the language twice."""
        if words not in self._answers:
            if len(self._answers) >= REMEMBERED:
                self._forget()
            self._answers[words] = words if words in self._given else self._say(words)
            self._given.add(self._answers[words])
        return self._answers[words]

    def unknown(self, words: str) -> int:
        """How many letters of it nobody had a word for."""
        return self._all(self._without_names(words)[0]).unknown

    def _say(self, words: str) -> str:
        bare, names = self._without_names(words)
        said = self.figures.written(self._all(bare).words)
        return re.sub(f"{NAMED}(\\d+){NAMED}", lambda found: names[int(found.group(1))], said)

    def _without_names(self, words: str) -> tuple[str, list[str]]:
        names: list[str] = []
        for word in WORD.findall(words):
            for name in self._unmistakable.get(word, ()):
                if re.search(whole := rf"(?<!\w){re.escape(name)}(?!\w)", words):
                    words = re.sub(whole, f"{NAMED}{len(names)}{NAMED}", words)
                    names.append(name)
        return words, names

    def _all(self, words: str) -> Said:
        """The whole of what is shown: where a name is a word of ours, too, the word is meant."""
        return Said(0, 1, words) if words in self.names and words not in self.exact else self._found(words)

    def _put(self, words: str) -> Said:
        """A value or a piece."""
        return Said(0, 0, words) if words.strip() in self.names else self._found(words)

    def _found(self, words: str) -> Said:
        if words not in self._known:
            self._known[words] = _as_it_is(words)  # what holds itself is not looked for again
            self._known[words] = self._find(words)
        return self._known[words]

    def _find(self, words: str) -> Said:
        whole = self._whole(words)
        return whole if whole.unknown == 0 and whole.sentences <= 1 else min(whole, self._piece_by_piece(words))

    def _whole(self, words: str) -> Said:
        """As one sentence, if it is one."""
        if words not in self._wholes:
            self._wholes[words] = _as_it_is(words)
            self._wholes[words] = self._as_one(words)
        return self._wholes[words]

    def _as_one(self, words: str) -> Said:
        if _letters(words) == 0:
            return Said(0, 0, words)
        if (exact := self._exactly(words)) is not None:
            return Said(0, 1, exact)
        best = min(self._by_template(words), default=_as_it_is(words))
        if best.unknown and words[:1].isupper():
            lower = min(self._by_template(words[:1].lower() + words[1:]), default=best)
            best = min(best, Said(lower.unknown, lower.sentences, _capital(lower.words)))
        if best.unknown and words[-1:] in MARKS and words[:-1]:
            bare = self._whole(words[:-1])
            best = min(best, Said(bare.unknown, bare.sentences, bare.words + words[-1]))
        return best

    def _exactly(self, words: str) -> str | None:
        """As a whole sentence, begun with a capital or not, with blanks about it or not."""
        if words in self.exact:
            return self.exact[words]
        core = words.strip()
        for begun, again in ((core, str), (core[:1].lower() + core[1:], _capital), (core[:1].upper() + core[1:], str)):
            if begun in self.exact:
                return words.replace(core, again(self.exact[begun].strip()), 1)
        return None

    def _by_template(self, words: str) -> Iterator[Said]:
        """Ways to say it by the templates it fits, first by those that begin with words of their own: of two alike that is meant which
        leaves a number with what it counts. Where more is unknown in the values than the template says, it is not meant.
        """
        for template in sorted(self.templates.like(words)[:TRIED], key=lambda t: t.source.startswith("%")):
            for values in template.values(words):
                if any(A_SIGN.fullmatch(value.strip()) for value in values.values()):
                    continue  # what only parts two things is no value
                said = self._filled(template, values)
                if said.unknown <= template.weight:
                    yield said

    def _filled(self, template: Template, values: Mapping[str, str]) -> Said:
        put = {place: self._put(value) for place, value in values.items()}
        used = [put[place] for place in {place for form in template.forms for place in PLACE.findall(form)} if place in put]
        said = template.said({place: value.words for place, value in put.items()})
        if values[template.places[-1]] == "":
            said = said.rstrip(" ")
        return Said(sum(value.unknown for value in used), 1 + sum(value.sentences for value in used), said)

    def _piece_by_piece(self, words: str) -> Said:
        """Parted at the widest of the signs that part it, or at a lesser one where that leaves something unknown; pieces that are one
        sentence together are said as one.
        """
        best = None
        for sign in PARTED:
            pieces = re.split(f"({sign})", words)
            if len(pieces) > 1:
                joined = self._joined(pieces)
                best = joined if best is None else min(best, joined)
                if best.unknown == 0:
                    break
        return best or self._side_by_side(words)

    def _joined(self, pieces: list[str]) -> Said:
        """Pieces and, every second, what parts them: the best way to take them together. A sentence may bring its own sign along."""
        best = [Said(0, 0, "")]
        for end in range(1, len(pieces) + 1):
            ways = []
            for start in range(max(end - TOGETHER, 0), end):
                alone, words = start == end - 1, "".join(pieces[start:end])
                put = self._whole(words) if not alone else self._put(words) if start % 2 == 0 else Said(0, 0, words)
                ways.append(_after(best[start], "", put))
            best.append(min(ways))
        return best[-1]

    def _side_by_side(self, words: str) -> Said:
        """With marks or numbers about it, or two things said side by side, if both are known."""
        begin, core, end = re.fullmatch(r"([\W\d_]*)(.*?)([\W\d_]*)", words, re.DOTALL).groups()  # type: ignore[union-attr]
        if core != words:
            put, loose = self._put(core), APART.sentences * bool(A_SIGN.search(begin + end))
            return Said(put.unknown, put.sentences + loose, begin + put.words + end)
        parted = [(words[: m.start()], words[m.end() :]) for m in re.finditer(" ", words)][:SIDES]
        ways = [_after(self._whole(left), " ", _after(self._whole(right), "", APART)) for left, right in parted]
        return min((way for way in ways if way.unknown == 0), default=_as_it_is(words))


def _after(before: Said, parting: str, said: Said) -> Said:
    return Said(before.unknown + said.unknown, before.sentences + said.sentences, before.words + parting + said.words)


def _as_it_is(words: str) -> Said:
    return Said(_letters(words), 1, words)


@lru_cache(maxsize=100_000)
def _letters(words: str) -> int:
    """Letters of words that mean something in one language only."""
    bare = re.sub(f"{NAMED}\\d+{NAMED}", " ", words) if NAMED in words else words
    if A_DIGIT.search(bare):
        bare = A_DATE.sub(" ", bare)
    bare = A_DAY.sub(" ", bare)
    return sum(len(w) for w in WORD.findall(bare) if len(w) > 1 and w.lower() not in LEFT_OUT)


def _capital(words: str) -> str:
    return words[:1].upper() + words[1:]
