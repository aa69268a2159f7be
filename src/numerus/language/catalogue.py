"""A language's sentences as a file of Qt's translators (.ts): what Linguist opens, what lrelease compiles, what is read here."""

from __future__ import annotations

import xml.etree.ElementTree as ET
from collections.abc import Iterable, Mapping, Sequence
from itertools import groupby
from pathlib import Path

FOLDER = Path(__file__).parent / "words"
BY_HAND = "words"
"""The context of what nobody gathers: words that stand alone, which nothing tells from keys, and what is put together from parts."""

Sentences = Mapping[str, tuple[str, ...]]
"""What is said, in the code's words, and how it is said in the language: one form, or one for one and one for several."""


def languages() -> dict[str, Path]:
    """The languages there are, by their code."""
    return {path.stem: path for path in sorted(FOLDER.glob("*.ts"))}


def read_sentences(path: Path) -> dict[str, tuple[str, ...]]:
    """Every sentence the file has a finished translation for."""
    return {source: forms for source, forms in map(_read, ET.parse(path).iter("message")) if forms}


def kept_by_hand(path: Path) -> set[str]:
    """What stands in the file though the code does not say it in one place."""
    contexts = [context for context in ET.parse(path).iter("context") if context.findtext("name") == BY_HAND]
    return {message.findtext("source") or "" for context in contexts for message in context.iter("message")}


def _read(message: ET.Element) -> tuple[str, tuple[str, ...]]:
    source, translation = message.findtext("source") or "", message.find("translation")
    if translation is None or translation.get("type"):
        return source, ()
    forms = [form.text or "" for form in translation.iter("numerusform")] or [translation.text or ""]
    return source, tuple(form for form in forms if form)


def write_sentences(
    path: Path, language: str, said: Mapping[str, Sequence[str]], known: Sentences, by_hand: Iterable[str] = ()
) -> int:
    """Write what is said, and what is kept by hand, with what is known of it; returns how many sentences nobody has translated.

    What is said no more is left out.
    """
    root = ET.Element("TS", version="2.1", language=language, sourcelanguage="en")
    for context, sources in groupby(sorted(said, key=lambda s: _room(said, s)), key=lambda s: _room(said, s)):
        _write_context(root, context, sources, said, known)
    _write_context(root, BY_HAND, sorted(set(by_hand) - set(said)), {}, known)
    ET.indent(root, " ")
    text = ET.tostring(root, encoding="unicode")
    path.write_text(f'<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n{text}\n', "utf-8")
    return sum(source not in known for source in said)


def _room(said: Mapping[str, Sequence[str]], source: str) -> str:
    return said[source][0].rpartition("/")[0] or "numerus"


def _write_context(
    root: ET.Element, name: str, sources: Iterable[str], said: Mapping[str, Sequence[str]], known: Sentences
) -> None:
    context = ET.SubElement(root, "context")
    ET.SubElement(context, "name").text = name
    for source in sources:
        _write_message(context, source, said.get(source, ()), known.get(source, ()))


def _write_message(context: ET.Element, source: str, places: Sequence[str], forms: Sequence[str]) -> None:
    several = "%n" in source
    message = ET.SubElement(context, "message", {"numerus": "yes"} if several else {})
    for place in places:
        ET.SubElement(message, "location", filename=place.rpartition(":")[0])
    ET.SubElement(message, "source").text = source
    translation = ET.SubElement(message, "translation", {} if forms else {"type": "unfinished"})
    if several:
        for form in forms or ("", ""):
            ET.SubElement(translation, "numerusform").text = form
    else:
        translation.text = forms[0] if forms else ""
