"""What is said is said in another language: sentences found again, values kept, names left alone, figures in its way."""

from __future__ import annotations

import re

import pytest
from hypothesis import given
from hypothesis import strategies as st

from numerus.language.catalogue import languages, read_sentences
from numerus.language.figures import Figures
from numerus.language.phrasebook import Phrasebook
from numerus.language.templates import Template, Templates

GERMAN = Figures(",", ".", "{day}. {month}")
SOME = {
    "Plate": ("Platte",),
    "by hand": ("von Hand",),
    "left": ("links",),
    "%1 left": ("%1 übrig",),
    "%n part(s)": ("%n Teil", "%n Teile"),
    "%n box(s) wait(s)": ("%n Kiste wartet", "%n Kisten warten"),
    "%1 of %2 parts": ("%1 von %2 Teilen",),
    "Remove %1": ("%1 entfernen",),
    "Mind: %1": ("Achtung: %1",),
    "no flame; window open": ("keine Flamme; Fenster offen",),
    "Prime %1": ("%1 grundieren",),
    "%1 figures": ("%1 Figuren",),
    "wear gloves": ("Handschuhe tragen",),
    ", %1 more": (", %1 mehr",),
    "%1 wait%2": ("%1 warten",),
    "ends %1. %2": ("endet %1. %2",),
}


@pytest.fixture
def book() -> Phrasebook:
    return Phrasebook(SOME, GERMAN)


@pytest.mark.parametrize(
    ("words", "said"),
    [
        ("Plate", "Platte"),
        ("plate", "Platte"),
        (" By hand", " Von Hand"),
        ("1 part", "1 Teil"),
        ("12 parts", "12 Teile"),
        ("one part", "one Teil"),
        ("1 box waits", "1 Kiste wartet"),
        ("3 boxes wait", "3 Kisten warten"),
        ("3.5 ml left", "3,5 ml übrig"),
        ("1,204 of 3,000 parts", "1.204 von 3.000 Teilen"),
        ("Mind: wear gloves; no flame; window open", "Achtung: Handschuhe tragen; keine Flamme; Fenster offen"),
        ("12 parts, 3 more", "12 Teile, 3 mehr"),
        ("Prime 4 figures", "4 Figuren grundieren"),
        ("3 parts wait    1 part wears gloves", "3 Teile warten    1 part wears gloves"),
        ("whoever will wait", "whoever will wait"),
        ("3 parts wait", "3 Teile warten"),
        ("ends 4 May.", "endet 4. May."),
        ("Words nobody knows.", "Words nobody knows."),
    ],
)
def test_sentences_are_found_again(book: Phrasebook, words: str, said: str) -> None:
    assert book.say(words) == said


def test_what_is_not_known_is_told_by_its_letters(book: Phrasebook) -> None:
    """Units, numbers and names are known to everyone."""
    book.name(["Sedge Hythe"])
    assert [book.unknown(w) for w in ("12 parts", "3 mm", "Sedge Hythe", "Sedge Hythe left", "4 May", "odd words")] == [
        0,
        0,
        0,
        0,
        0,
        8,
    ]


def test_names_stay_even_if_they_are_words(book: Phrasebook) -> None:
    """A unit called Plate is not put into German where its name is a value; the button beside it is."""
    book.name(["Plate", "left"])
    assert book.say("Remove Plate") == "Plate entfernen" and book.say("Plate") == "Platte"
    book.name(["Parts of 3 parts", "by hand left"])
    assert book.say("Remove Parts of 3 parts") == "Parts of 3 parts entfernen"
    assert book.say("by hand left, 2 parts") == "by hand left, 2 Teile"


def test_nothing_is_put_into_the_language_twice(book: Phrasebook) -> None:
    once = book.say("1,204 of 3,000 parts")
    assert book.say(once) == once and book.say("0.050 mm") == "0,050 mm" == book.say("0,050 mm")


@pytest.mark.parametrize(
    ("words", "written"),
    [
        ("2.50 of 12,345.6", "2,50 of 12.345,6"),
        ("version 3.11.7, 14:05, 2026-03-14, plate 1.stl, a.5", "version 3.11.7, 14:05, 2026-03-14, plate 1.stl, a.5"),
        ("28 Mar to 4 November", "28. Mar to 4. November"),
        ("(0.5)", "(0,5)"),
    ],
)
def test_figures_are_written_in_the_languages_way(words: str, written: str) -> None:
    assert GERMAN.written(words) == written


def test_days_and_months_have_their_names() -> None:
    months = tuple(f"{n}. Monat" for n in range(1, 13))
    figures = Figures(
        ",", ".", "{day}. {month}", months, tuple(m[:4] for m in months), tuple("ABCDEFG"), tuple("abcdefg")
    )
    assert Figures(months=months, short_months=tuple("abcdefghijk") + ("l.",)).written("by 3 Dec. Or 4 Jan.") == "by 3 l. Or 4 a."
    assert figures.written("Sat 28 Mar, Monday 4 November: Sun, high") == "f 28. 3. M, A 4. 11. Monat: g, high"


WORDS = st.text("abcdefg ", min_size=1, max_size=8).map(str.strip).filter(bool)


@given(st.lists(WORDS, min_size=2, max_size=4), st.lists(st.integers(0, 999), min_size=3, max_size=3))
def test_values_come_out_of_a_sentence_as_they_went_in(fixed: list[str], numbers: list[int]) -> None:
    """Whatever words stand between them."""
    source = " ".join(f"{words} %{n + 1}" for n, words in enumerate(fixed[:3]))
    said = " ".join(f"{words} {numbers[n]}" for n, words in enumerate(fixed[:3]))
    template = Template.of(source, [source])
    assert template in Templates([template]).like(said)
    assert {f"%{n + 1}": str(numbers[n]) for n in range(len(fixed[:3]))} in list(template.values(said))


def test_each_sentence_of_a_language_is_said_by_its_own_translation() -> None:
    """Filled with numbers, wherever the words alone tell which it is: two sentences of the same words may be taken for each other."""
    for path in languages().values():
        sentences = read_sentences(path)
        book, wrong = Phrasebook(sentences, Figures()), []
        plain = {s: f for s, f in sentences.items() if "%n" not in s and len(re.sub(r"%\d|\W", "", s)) > 12}
        for source, (form,) in plain.items():
            filled = [re.sub(r"%(\d)", r"7\1", words) for words in (source, form)]
            if book.say(filled[0]) != filled[1]:
                wrong.append((filled[0], book.say(filled[0])))
        assert len(wrong) < 0.03 * len(plain), wrong[:30]
