"""Gathers the words again and writes them into every language's file: ``python -m numerus.language``."""

from __future__ import annotations

import sys
from pathlib import Path

from numerus.language.catalogue import kept_by_hand, languages, read_sentences, write_sentences
from numerus.language.gathering import gathered


def main() -> int:
    """How many sentences of all languages wait for a translator."""
    said, waiting = gathered(Path(__file__).parents[1]), 0
    for language, path in languages().items():
        missing = write_sentences(path, language, said, read_sentences(path), kept_by_hand(path))
        print(f"{path.name}: {len(said)} sentences, {missing} not translated", file=sys.stderr)
        waiting += missing
    return waiting


if __name__ == "__main__":
    sys.exit(main() > 0)
