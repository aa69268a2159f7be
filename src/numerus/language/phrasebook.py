"""Says in another language what the program says in its own.

The core makes its sentences where it knows what they are about, in English, without knowing of languages; a book keeps them so,
whoever opens it. What is said is put into another language where it is shown: sentence by sentence, found again by the templates
that were gathered from the code, the values in them each for itself, figures in the language's way. Names that people gave stay.
"""

from __future__ import annotations

import re
from collections.abc import Iterable, Mapping
from dataclasses import dataclass

from numerus.language.figures import A_DATE, A_DAY, Figures
from numerus.language.templates import PLACE, WORD, Template, Templates

PARTED = (r"\n+", r"   +", r"(?<=[.?!]) ", r"; ", r" · | \| | – ", r": ", r" \(|\)", r", ", r" × | \+ | / ")
"""What parts things said after one another, the widest first."""

TRIED = 6
"""Templates tried before the best of them is taken; sentences that fit more than a few are very alike."""

TOGETHER = 6
"""Pieces and what parts them, that may be one sentence: three with two signs between."""

NAMED = "\ue000"  # of Unicode's private use: no text has it
SAME_ANYWHERE = """mm cm m µm ml l g kg h min s ms px dpi mah rpm j n k c d a b x y z e de pdf stl obj ply glb svg png csv json zip html
    dxf ods hex rgb rgba id ok numerus"""
LEFT_OUT = frozenset(SAME_ANYWHERE.split())
"""Units, kinds of files and letters that stand for themselves in any language."""


@dataclass(frozen=True)
class Said:
    """Words in the other language, and how many letters of them nobody had a word for."""

    words: str
    unknown: int = 0


class Phrasebook:
    """``sentences`` by :func:`numerus.language.catalogue.read_sentences`; what was said once is remembered."""

    def __init__(self, sentences: Mapping[str, tuple[str, ...]], figures: Figures) -> None:
        self.exact = {source: forms[0] for source, forms in sentences.items() if not PLACE.search(source)}
        self.templates = Templates(Template(s, f) for s, f in sentences.items() if PLACE.search(s) and WORD.search(PLACE.sub("", s)))
        self.figures = figures
        self._own_words = {w.lower() for source in sentences for w in WORD.findall(source)}
        self.name(())

    def name(self, names: Iterable[str]) -> None:
        """Names that people gave to things: they stay as they are. One that is a word of the program's too stays where it is a value."""
        given = {name.strip() for name in names if WORD.search(name)}
        if given == getattr(self, "names", None):
            return
        self.names = given
        self._unmistakable: dict[str, list[str]] = {}
        for name in sorted(given, key=len, reverse=True):
            if not {w.lower() for w in WORD.findall(name)} <= self._own_words:
                self._unmistakable.setdefault(WORD.findall(name)[0], []).append(name)
        self._known: dict[str, Said] = {}
        self._answers: dict[str, str] = {}
        self._given: set[str] = set()

    def say(self, words: str) -> str:
        """In the other language. What it said itself it leaves alone, so that nothing is put into the language twice."""
        if words not in self._answers:
            self._answers[words] = words if words in self._given else self._say(words)
            self._given.add(self._answers[words])
        return self._answers[words]

    def unknown(self, words: str) -> int:
        """How many letters of it nobody had a word for."""
        bare, _ = self._without_names(words)
        return self._put(bare, top=True).unknown

    def _say(self, words: str) -> str:
        bare, names = self._without_names(words)
        said = self.figures.written(self._put(bare, top=True).words)
        return re.sub(f"{NAMED}(\\d+){NAMED}", lambda found: names[int(found.group(1))], said)

    def _without_names(self, words: str) -> tuple[str, list[str]]:
        names: list[str] = []
        for word in WORD.findall(words):
            for name in self._unmistakable.get(word, ()):
                if re.search(whole := rf"(?<!\w){re.escape(name)}(?!\w)", words):
                    words = re.sub(whole, f"{NAMED}{len(names)}{NAMED}", words)
                    names.append(name)
        return words, names

    def _put(self, words: str, top: bool = False) -> Said:
        """The best way found to say it; ``top``: the whole of what is shown, where a name that is a word of ours is the word."""
        if not top and words in self.names:
            return Said(words)
        if words not in self._known:
            self._known[words] = Said(words, len(words))  # what holds itself is not looked for again
            self._known[words] = self._find(words)
        return self._known[words]

    def _find(self, words: str) -> Said:
        whole = self._whole(words)
        return whole if whole.unknown == 0 else min(whole, self._piece_by_piece(words), key=lambda said: said.unknown)

    def _whole(self, words: str) -> Said:
        """As one sentence, if it is one."""
        if (unknown := _letters(words)) == 0:
            return Said(words)
        if (exact := self._exactly(words)) is not None:
            return Said(exact)
        best = Said(words, unknown)
        for template in self.templates.like(words)[:TRIED]:
            for values in template.values(words):
                best = min(best, self._filled(template, values), key=lambda said: said.unknown)
                if best.unknown == 0:
                    return best
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

    def _filled(self, template: Template, values: Mapping[str, str]) -> Said:
        put = {place: self._put(value) for place, value in values.items()}
        wanted = {place for form in template.forms for place in PLACE.findall(form)}
        said = template.said({place: value.words for place, value in put.items()})
        return Said(said, sum(value.unknown for place, value in put.items() if place in wanted))

    def _piece_by_piece(self, words: str) -> Said:
        """Parted at the widest of the signs that part it; pieces that are one sentence together are said as one."""
        for sign in PARTED:
            pieces = re.split(f"({sign})", words)
            if len(pieces) > 1:
                return self._joined(pieces)
        return self._counted(words)

    def _joined(self, pieces: list[str]) -> Said:
        """``pieces`` with what parts them between: the way to take them together that leaves least unknown, in as few as can be."""
        best: list[tuple[int, int, str]] = [(0, 0, "")]
        for end in range(1, len(pieces) + 1, 2):
            ways = []
            for start in range(max(end - TOGETHER, 1), end + 1, 2):
                unknown, many, before = best[(start - 1) // 2]
                put = self._put(pieces[end - 1]) if start == end else self._whole("".join(pieces[start - 1 : end]))
                parting = pieces[start - 2] if start > 1 else ""
                ways.append((unknown + put.unknown, many + 1, before + parting + put.words))
            best.append(min(ways))
        return Said(best[-1][2], best[-1][0])

    def _counted(self, words: str) -> Said:
        """A number and what it counts, or words with a mark about them."""
        found = re.fullmatch(r"([\W\d_]*)(.*?)([\W\d_]*)", words, re.DOTALL)
        if found is None or found.group(2) == words:
            return Said(words, _letters(words))
        put = self._put(found.group(2))
        return Said(found.group(1) + put.words + found.group(3), put.unknown)


def _letters(words: str) -> int:
    """Letters of words that mean something in one language only."""
    bare = A_DAY.sub(" ", A_DATE.sub(" ", re.sub(f"{NAMED}\\d+{NAMED}", " ", words)))
    return sum(len(w) for w in WORD.findall(bare) if len(w) > 1 and w.lower() not in LEFT_OUT)


def _capital(words: str) -> str:
    return words[:1].upper() + words[1:]
