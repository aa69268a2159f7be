"""Plans are written as JSON and read as they were."""

from __future__ import annotations

import json
from dataclasses import fields, replace

import numpy as np
import pytest
from pydantic import TypeAdapter

from numerus.book.book import Book
from numerus.book.documents import KINDS, kind_of, read, written
from numerus.domain.parts import Part
from numerus.errors import BookError
from numerus.formats.plain_json import json_bytes


def plans_of(book: Book) -> list[object]:
    """All of a book's plans."""
    kinds = (getattr(book.plans, f.name) for f in fields(book.plans) if f.name != "army")
    return [book.plans.army, *(p for kind in kinds if isinstance(kind, dict) for p in kind.values())]


def test_what_is_written_is_what_another_checker_writes_and_reads(demo: Book) -> None:
    """Every plan of the demo: the same bytes by pydantic, which wrote books before, and the same plan by either."""
    listed = plans_of(demo)
    assert {kind_of(p) for p in listed} >= {"army", "unit", "figure", "part", "plate", "run", "scheme", "part_zones"}
    for plan in listed:
        kind, adapter = kind_of(plan), TypeAdapter(KINDS[kind_of(plan)])
        assert written(plan) == adapter.dump_json(plan).decode()
        assert read(kind, written(plan)) == adapter.validate_json(written(plan)) == plan


def test_numpys_own_values_are_written_as_pythons(demo: Book) -> None:
    """Measures come as such, and a name out of an array of names."""
    part = next(iter(demo.plans.parts.values()))
    measured = replace(part, volume_ml=np.float64(1.5), triangles=np.int64(7), name=np.str_("hat"))
    assert read("part", written(measured)) == replace(part, volume_ml=1.5, triangles=7, name="hat")
    with pytest.raises(TypeError, match="object"):
        json_bytes(object())


@pytest.mark.parametrize("change", [{"volume_ml": "much"}, {"extents_mm": [1.0]}, {"problems": 3}, {"id": None}])
def test_a_plan_whose_fields_are_not_its_own_is_refused(change: dict[str, object], demo: Book) -> None:
    """And so is what is no plan at all, or of no kind."""
    part: Part = next(iter(demo.plans.parts.values()))
    with pytest.raises(BookError):
        read("part", json.dumps(json.loads(written(part)) | change))
    for kind, body in (("part", "{"), ("part", "[]"), ("ghost", "{}")):
        with pytest.raises(BookError):
            read(kind, body)
