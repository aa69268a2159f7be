"""What the program may say is found in its code, and every language has it."""

from __future__ import annotations

import ast
import re
from pathlib import Path

import pytest

import numerus
from numerus.language.catalogue import kept_by_hand, languages, read_sentences, write_sentences
from numerus.language.gathering import gathered, spoken

PACKAGE = Path(numerus.__file__).parent
PLACES = re.compile(r"%(?:\d+|n)")


def heard(code: str) -> list[str]:
    return [words for words, _ in spoken(ast.parse(code))]


@pytest.mark.parametrize(
    ("code", "said"),
    [
        ('label("No part yet.")', ["No part yet."]),
        ('label(f"{name} has {many:.1f} parts")', ["%1 has %2 parts"]),
        ('say(counted(n, "part"))', ["%n part(s)"]),
        ('say(waits(n, "plate"))', ["%n plate(s) wait(s)"]),
        ('say("Mind: " + ", ".join(all) + more)', ["Mind: %1%2"]),
        ("say(f\"{n} of {f'{a} and more' if a else b}\")", ["%1 of %2", "%1 and more"]),
        ('"""Not said."""\nx = 1', []),
        ('def f():\n    """Not said either."""', []),
        ('raise NumerusError("no-part", "It is gone.", "Add one.")', ["It is gone.", "Add one."]),
        ('label("A fault", "note of a kind")', ["A fault"]),
        ('if kind == "Not A Word": pass', []),
        ('plans["Some Key"]', []),
        ('log.info("%s read", name)', []),
        ('rows = {"High up": 3}', ["High up"]),
    ],
)
def test_sentences_are_heard_and_keys_are_not(code: str, said: list[str]) -> None:
    assert heard(code) == said


def test_every_sentence_is_in_every_language() -> None:
    """``./run words`` puts what is new into the files; somebody has to translate it then."""
    said = gathered(PACKAGE)
    assert len(said) > 3000 and languages()
    for language, path in languages().items():
        known = read_sentences(path)
        missing = [f"{said[s][0]}: {s}" for s in said if s not in known]
        assert not missing, (language, missing[:20])


def test_files_hold_what_is_said_and_nothing_else() -> None:
    """What is said no more was taken out."""
    said = set(gathered(PACKAGE))
    for path in languages().values():
        assert set(read_sentences(path)) - kept_by_hand(path) == said


def test_a_translation_holds_no_place_open_that_nothing_fills() -> None:
    for path in languages().values():
        for source, forms in read_sentences(path).items():
            assert len(forms) == (2 if "%n" in source else 1), source
            for form in forms:
                assert set(PLACES.findall(form)) <= set(PLACES.findall(source)), (source, form)


def test_what_is_written_is_read_again(tmp_path: Path) -> None:
    """With what waits for a translator told; what was kept by hand stays, what is said no more goes."""
    path = tmp_path / "xx.ts"
    said = {"%1 of <b>": ["desk/a.py:3"], "%n part(s)": ["kit/b.py:1"], "New.": ["kit/b.py:9"]}
    known = {
        "%1 of <b>": ("%1 & %2\n“x”",),
        "%n part(s)": ("%n Teil", "%n Teile"),
        "size": ("Größe",),
        "Gone.": ("Weg.",),
    }
    assert write_sentences(path, "xx", said, known, {"size"}) == 1
    assert read_sentences(path) == {s: f for s, f in known.items() if s != "Gone."}
    assert kept_by_hand(path) == {"size"}
