"""A book of ten years: forty armies, all but the last of them ready, each with its units, kits, parts, plates and what was told of it."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime, timedelta
from pathlib import Path

from numerus.book.book import Book
from numerus.demo.army import make_demo
from numerus.domain.army import BOUGHT
from numerus.domain.journal import Fact, StepDone
from numerus.domain.plans import Plans

DAYS_AN_ARMY = 90


def make_decade(path: Path, now: datetime, armies: int = 40) -> tuple[int, int]:
    """The demo's book with ``armies`` - 1 finished ones before its own; how many figures and entries there are in all."""
    book = make_demo(path, now)
    demo, facts = book.plans, list(book.history.facts)
    for number in range(1, armies):
        begun = now - timedelta(days=DAYS_AN_ARMY * (armies - number))
        book.commit(f"army {number}", _army(demo, number), _told(demo, facts, number, begun))
    many = len(book.plans.figures), len(book.history.facts)
    book.close()
    return many


def _army(demo: Plans, number: int) -> list[object]:
    """Units, figures, kits, parts and plates of the demo under names of their own; what was printed once is bought now."""

    def own(name: str) -> str:
        return f"{name}-{number}"

    kits = [replace(k, id=own(k.id), name=f"{k.name} {number}") for k in demo.kits.values()]
    parts = [replace(p, id=own(p.id), kit_id=own(p.kit_id)) for p in demo.parts.values()]
    units = [
        replace(u, id=own(u.id), name=f"{u.name} {number}", kit_id=own(u.kit_id), order=u.order + 10 * number)
        for u in demo.units.values()
    ]
    figures = [
        replace(f, id=own(f.id), unit_id=own(f.unit_id), build=dict.fromkeys(demo.units[f.unit_id].slots, BOUGHT))
        for f in demo.figures.values()
    ]
    return [*kits, *parts, *units, *figures]


def _told(demo: Plans, facts: list[Fact], number: int, begun: datetime) -> list[Fact]:
    """What hands did to every figure until it was ready, an hour apart."""
    scheme = next(iter(demo.schemes.values()))
    told, at = list[Fact](), begun
    for figure in demo.figures.values():
        steps = [StepDone("build", "", 6.0), StepDone("prime", "", 2.0), *(StepDone("finish", s.id, 2.0) for s in scheme.finish)]
        strokes = [f.event for f in facts if isinstance(f.event, StepDone) and f.event.stage == "stroke"][:30]
        for step in (*steps, *strokes):
            at += timedelta(minutes=40)
            told.append(Fact(at, step, "", (f"{figure.id}-{number}",), 4.0))
    return told


def opened(path: Path) -> None:
    Book.open(path).close()
