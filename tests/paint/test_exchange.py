"""Racks and schemes given out and brought in: they come back as they were, what is wrong is refused whole."""

from __future__ import annotations

import json
from dataclasses import replace
from datetime import datetime
from pathlib import Path

import pytest

from numerus.demo.scheme import SCHEME, ZONES
from numerus.domain.painting.recipes import FinishStep
from numerus.domain.plans import Plans
from numerus.errors import NumerusError, PaintListError, PlanError
from numerus.formats.paint_lists import COLUMNS, gimp_text, json_text, read_paint_list
from numerus.formats.tables import csv_text
from numerus.paint.priming.primer import primed_ground
from numerus.paint.rack.exchange import entry_of, paints_of_list, rows_of_paints, taken_over
from numerus.paint.rack.pots import Rack
from numerus.paint.scheme import zone_colour
from numerus.paint.scheme_exchange import scheme_from_text, scheme_text
from numerus.starter.schemes import PAINTS

NOW = datetime(2026, 3, 5, 21)
RACK = Rack({p.id: p for p in PAINTS})
PLANS = Plans(paints=RACK.paints, schemes={SCHEME.id: SCHEME})
TALLOW = RACK.paints["tallow"]


@pytest.mark.parametrize("suffix", [".csv", ".json", ".gpl"])
def test_a_rack_given_out_comes_back(tmp_path: Path, suffix: str) -> None:
    """All of it by CSV and JSON; names and colours by a palette. Known names keep their ids."""
    paints = [
        replace(TALLOW, over_black="#504020", over_white="#D0A030", known="measured", place="left, top"),
        *PAINTS[1:],
    ]
    path = tmp_path / f"rack{suffix}"
    text = {
        ".csv": csv_text([COLUMNS, *rows_of_paints(paints)]), ".json": json_text(map(entry_of, paints)),
        ".gpl": gimp_text("Rack", [(p.name, p.colour) for p in paints]),
    }[suffix]  # fmt: skip
    path.write_text(text)
    back = taken_over(paints_of_list(read_paint_list(path), lambda: "new"), paints)
    if suffix == ".gpl":
        assert [(p.id, p.name, p.colour) for p in back] == [(p.id, p.name, p.colour) for p in paints]
    else:
        assert back == paints


@pytest.mark.parametrize(
    ("name", "text", "where"),
    [
        ("a.csv", "name,hex\nA,#112233\nB,dark\n", "Line 3"), ("a.csv", "name,hex,ml\nA,#112233,nan\n", "Line 2"),
        ("a.csv", "name,hex,ml\nA,#112233,-1\n", "Line 2"), ("a.csv", "a,b\n1,2\n", "Line 1"), ("a.csv", "name,hex\nA,#112233,x,y\n", "Line 2"),
        ("a.csv", "name,hex,kind\nA,#112233,soup\n", "Line 2"), ("a.csv", "name,hex\nA,#112233\na,#112234\n", "Line 3"), ("a.csv", "", ""),
        ("a.json", "[{", "line 1"), ("a.json", "{}", "list"), ("a.json", '[{"name": "A"}]', "Entry 1"), ("a.json", "[" * 100_000, "JSON"),
        ("a.json", '[{"name":"A","hex":"#112233","strength":0}]', "Entry 1"), ("a.json", '[{"name":"A","hex":"#112233","ml":1e999}]', "Entry 1"),
        ("a.gpl", "GIMP Palette\n1 2 x A\n", "Line 2"), ("a.gpl", "GIMP Palette\n1 2 300 A\n", "Line 2"),
    ],
)  # fmt: skip
def test_a_wrong_list_is_refused_whole_with_its_line(tmp_path: Path, name: str, text: str, where: str) -> None:
    """Nothing of it is taken over."""
    path = tmp_path / name
    path.write_text(text)
    with pytest.raises(PaintListError) as refused:
        paints_of_list(read_paint_list(path))
    assert where in refused.value.message + refused.value.advice


def test_files_that_are_no_lists_are_refused(tmp_path: Path) -> None:
    """Bytes, a folder, none, too large a one."""
    (tmp_path / "b.csv").write_bytes(bytes(range(256)))
    (tmp_path / "large.csv").write_bytes(b"a" * 5_000_000)
    for name in ("b.csv", "large.csv", "none.csv", "."):
        with pytest.raises(NumerusError):
            read_paint_list(tmp_path / name)


def test_a_scheme_given_out_paints_another_army_the_same() -> None:
    """Into a book without its zones and pots: every zone has the colour it had, under ids of its own; a name on the rack is kept."""
    zones = {z.id: z for z in ZONES}
    full = replace(PLANS, zones=zones)
    dice = iter(f"n{i}" for i in range(10_000))
    other = Plans(paints={"mine": replace(TALLOW, id="mine")})
    given = replace(SCHEME, finish=(*SCHEME.finish, FinishStep("o", "Streaks", 3.0, 720.0, None, "enamel or oil")))
    given = replace(given, prime_school="can", filler_coats=2)
    scheme, fresh, paints = scheme_from_text(scheme_text(given, full), other, lambda: next(dice), NOW)
    assert [(s.name, s.minutes, s.dries_min, s.kind) for s in scheme.finish] == [
        (s.name, s.minutes, s.dries_min, s.kind) for s in given.finish
    ]
    assert (scheme.prime_school, scheme.filler_coats) == ("can", 2)
    assert all(s.since == NOW and s.id.startswith("n") for s in scheme.finish)
    assert {z.name for z in fresh} == {plans_name for plans_name in (zones[r.zone].name for r in SCHEME.recipes)}
    assert "Tallow coat" not in {p.name for p in paints} and all(p.ml is None for p in paints)
    rack = Rack({**other.paints, **{p.id: p for p in paints}})
    ground = primed_ground(SCHEME)
    made = {next(z.name for z in fresh if z.id == r.zone): zone_colour(r, rack, ground) for r in scheme.recipes}
    assert made == {zones[r.zone].name: zone_colour(r, RACK, ground) for r in SCHEME.recipes}
    assert not {s.id for r in scheme.recipes for s in r.steps} & {s.id for r in SCHEME.recipes for s in r.steps}


@pytest.mark.parametrize("spoil", ["{", "[]", "form", "technique", "mix", "parts", "coats", "finish"])
def test_a_wrong_scheme_is_refused_whole(spoil: str) -> None:
    """What is wrong is named."""
    told = json.loads(scheme_text(SCHEME, replace(PLANS, zones={z.id: z for z in ZONES})))
    stroke = told["recipes"][0]["strokes"][0]
    changes = {"form": lambda: told.update(form="x"), "technique": lambda: stroke.update(technique="soup"), "mix": lambda: stroke.update(mix={"Nobody": 1}),
               "parts": lambda: stroke.update(mix={"Candle cream": -1}), "coats": lambda: stroke.update(coats=0),
               "finish": lambda: told["finish"][0].update(kind="magic")}  # fmt: skip
    changes.get(spoil, lambda: None)()
    with pytest.raises(PlanError):
        scheme_from_text(spoil if spoil in ("{", "[]") else json.dumps(told), Plans(), lambda: "x", NOW)
