"""The Lampwatch of Sedge Hythe, half-way through its march, as plans and a journal of past weeks.

Everything is told relative to ``now`` and seeded, so that a test, a screenshot and a first start see the same army.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field, replace
from datetime import datetime, time, timedelta
from functools import cache
from itertools import count
from pathlib import Path
from typing import Any

import numpy as np

from numerus.assembly.gluing import build_plan
from numerus.book.book import Book
from numerus.book.documents import read, read_statements
from numerus.demo.kits import BASES, HEADS, LEFT, PACKS, RIGHT, STANCES, TORSOS
from numerus.demo.parts import MESHES, demo_part, demo_zones, labelled, names, supported
from numerus.demo.scheme import SCHEME, ZONES
from numerus.devices.link import stand_in
from numerus.domain.army import BOUGHT, NONE, WEEKDAY, WEEKEND, Army, Day, Figure, Unit
from numerus.domain.journal import Fact, ForecastNoted, PartOutcome, RunEnded, RunStarted
from numerus.domain.parts import Kit
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.plates import Plate, Run
from numerus.geometry.mesh import Mesh
from numerus.paint.scheme import Stroke, strokes_for
from numerus.post.washing.wash import HANDS_MIN
from numerus.post.washing.wash_ways import clinging_ml
from numerus.printing.plates.packing import Outline, outline_bitmap, pack, plates_of
from numerus.printing.runs.run_records import FAILED, FLAWED, GOOD
from numerus.progress.done_facts import step
from numerus.starter.schemes import PAINTS

TEAL = Machine("teal", "Teal 8K", 218, 123, 230, 0.028, 0.03, bad_spots=((16.0, 12.0, 9.0),))
MALLARD = Machine(
    "mallard",
    "Old Mallard 2K",
    120,
    68,
    155,
    0.047,
    exposure_s=6.5,
    bottom_exposure_s=45,
    lift_mm_per_min=70,
    vat_full_ml=180,
    vat_min_ml=60,
)
RESIN = Resin("sedge-tough", "Sedge Tough Grey")
LATE = Day(45, 20 * 60, ((7 * 60, 8 * 60), (18 * 60, 23 * 60)))
HERON_SLOTS = ("base", "legs", "body", "bell", "left wing", "right wing", "neck", "head", "platform")

APART = ("back",)  # the pack hides the back of the coat
UNITS = (
    Unit("lock", "Wickmen, Lock watch", 0, 28.5, "wickmen", "hat", "good", 420, apart=APART),
    Unit("ferry", "Wickmen, Ferry watch", 1, 28.5, "wickmen", "hollow", "good", 420, apart=APART),
    Unit("kiln", "Wickmen, Kiln watch", 2, 28.5, "wickmen", "half", "good", 420, apart=APART),
    Unit("bell", "Bellringers", 3, 28.5, "wickmen", "bell", "parade", 750, apart=APART),
    Unit(
        "heron", "The Tolling Heron", 4, 80.0, "heron", "heron", "parade", 6200, HERON_SLOTS, apart=("bell", "platform")
    ),
)
NAMES = {
    "lock": "Osk Tallboy,Nan Quill,Hob Tarrow,Pell Under,Wat Sallow,Ede Marl,Tam Reed,Jory Sluice,Bess Otter,Corm Hythe",
    "ferry": "Sim Barge,Moll Teasel,Gaffer Roe,Ann Lathe,Pike Orrin,Dot Weir,Ned Fallow,Lorn Mudd,Tib Ferrier,Hale Winch",
    "kiln": "Lew Staith,Una Cutter,Fitch Lowe,Moll Dray,Rob Sedge,Gil Paddock,Arn Weir,Sib Mallow,Dunn Oxbow,Cal Tarn",
    "bell": "Sergeant Dole,Mothbearer Finn,Ladder Jack",
    "heron": "The Tolling Heron",
}


# The Bellringers are built by hand: sergeant, banner, lamplighter boy.
BELLRINGERS: tuple[dict[str, str], ...] = (
    {
        "base": "base_cobbles", "legs": "legs_braced", "torso": "torso_coat", "head": "head_bald",
        "right arm": "arm_R_greatbell", "left arm": "arm_L_belt", "back": "pack_lantern",
    },
    {
        "base": "base_flags", "legs": "legs_striding", "torso": "torso_strap", "head": "head_hood",
        "right arm": "arm_R_banner", "left arm": "arm_L_lantern", "back": "pack_wicks",
    },
    {
        "base": "base_jetty", "legs": "legs_boy", "torso": "torso_boy", "head": "head_boy",
        "right arm": "arm_R_ladder", "left arm": "arm_L_taper", "back": NONE,
    },
)  # fmt: skip


FIRST_RANK = {"lock": 0, "ferry": 10, "kiln": 20}  # no two of the thirty watchmen are alike


def _rank(i: int) -> dict[str, str]:
    """The build of the i-th watchman: alternatives take turns, no two of a unit alike."""
    return {
        "base": f"base_{BASES[i % 3]}", "legs": f"legs_{STANCES[i % 4]}", "torso": f"torso_{TORSOS[i % 3]}",
        "head": f"head_{HEADS[i % 6]}", "right arm": f"arm_R_{RIGHT[i % 5]}", "left arm": f"arm_L_{LEFT[(i + i // 5) % 4]}",
        "back": f"pack_{PACKS[(i + i // 3) % 3]}",
    }  # fmt: skip


def _builds() -> Iterator[Figure]:
    """Every figure's build; four Kiln watchmen lack a left hand."""
    for unit in UNITS[:4]:
        for i, name in enumerate(NAMES[unit.id].split(",")):
            build = BELLRINGERS[i] if unit.id == "bell" else _rank(i + FIRST_RANK[unit.id])
            if unit.id == "kiln" and i >= 6:
                build = {slot: part for slot, part in build.items() if slot != "left arm"}
            yield Figure(f"{unit.id}-{i}", unit.id, name, i, build)
    parts = {
        slot: f"heron_{slot.replace('left wing', 'wing_L').replace('right wing', 'wing_R')}" for slot in HERON_SLOTS
    }
    yield Figure("heron-0", "heron", NAMES["heron"], 0, parts)


def figure_parts(unit: str, number: int) -> list[Mesh]:
    """The meshes of one figure's build."""
    figure = next(f for f in _builds() if f.id == f"{unit}-{number}")
    return [labelled(part) for part in figure.build.values() if part not in (BOUGHT, NONE)]


@dataclass
class _Story:
    """The plans and facts as they grow while the past weeks are told."""

    now: datetime
    plans: Plans
    ids: Iterator[int] = field(default_factory=lambda: count(1))
    facts: list[Fact] = field(default_factory=list)
    plates: list[Plate] = field(default_factory=list)
    runs: list[Run] = field(default_factory=list)

    def new_id(self) -> str:
        return f"d{next(self.ids)}"

    def evening(self, days_ago: int, hour: float = 20.0) -> datetime:
        day = self.now.date() - timedelta(days=days_ago)
        return datetime.combine(day, time()) + timedelta(hours=hour)

    def plate(self, name: str, machine: Machine, copies: list[tuple[str, str]]) -> list[Plate]:
        """Pack copies (figure, slot) onto as many plates as they need."""
        outlines = []
        for figure, slot in copies:
            part = self.plans.parts[self.plans.figures[figure].build[slot]]
            pose: Any = read("part", (MESHES / f"{part.id}.json").read_text()).pose
            ml = part.volume_ml + pose.support_ml
            outlines.append(Outline(part.id, figure, slot, _bitmap(part.id), pose.height_mm, ml))
        plates = plates_of(pack(outlines, [machine], tries=0), outlines, RESIN, name, self.new_id, len(self.plates))
        self.plates += plates
        return plates

    def run(
        self, plate: Plate, start: datetime, state: str, bad: dict[int, tuple[str, float, str]] | None = None,
        fault: str = "none",
    ) -> None:  # fmt: skip
        """A run told up to ``state``: printing, hanging, printed, washed or cured. ``fault``: what the simulated machine will say."""
        machine = TEAL if plate.machine_id == TEAL.id else MALLARD
        run_id = next(i for i in iter(self.new_id, None) if stand_in(plate, machine, i).drawn_fault == fault)
        run = Run(run_id, plate.id, plate.machine_id, start, start + timedelta(minutes=plate.minutes))
        self.runs.append(run)
        end = min(run.end, self.now - timedelta(minutes=21))
        say = self.facts.append
        say(Fact(start, RunStarted(plate.id, plate.machine_id), run.id, (), 10))
        if state == "printing":
            return
        say(Fact(end, RunEnded(), run.id))
        if state == "hanging":
            return
        for number, placed in enumerate(plate.placed):
            outcome, height, looks = (bad or {}).get(number, (GOOD, 0.0, ""))
            say(Fact(end + timedelta(minutes=20), PartOutcome(placed.id, outcome, height, looks), run.id))
        surface = sum(self.plans.parts[p.part_id].surface_cm2 for p in plate.placed)
        if state in ("washed", "cured"):
            wash = step(
                "wash",
                (),
                9.5,
                end + timedelta(minutes=40),
                subject=run.id,
                planned=HANDS_MIN,
                carried_ml=round(clinging_ml(surface, Resin("", "").film_mm), 2),
                timing="typed",
            )
            say(wash)
        if state == "cured":
            say(step("cure", (), 12, end + timedelta(minutes=90), subject=run.id, planned=10, timing="typed"))


@cache
def _bitmap(name: str) -> np.ndarray:
    return outline_bitmap(supported(name))


def _copies(plans: Plans, unit: str, which: range, slots: tuple[str, ...] | None = None) -> list[tuple[str, str]]:
    copies = []
    for i in which:
        build = plans.figures[f"{unit}-{i}"].build
        copies += [
            (f"{unit}-{i}", s) for s, p in build.items() if p not in (BOUGHT, NONE) and (slots is None or s in slots)
        ]
    return copies


def _printing(story: _Story) -> None:
    """Weeks of plates: Lock and Bellringers long cured, Ferry in thirds, with failures on the way."""
    p, bodies = story.plans, ("base", "legs", "torso")
    for number, plate in enumerate(story.plate("Lock watch", TEAL, _copies(p, "lock", range(10)))):
        story.run(
            plate, story.evening(24 - number, 22.5), "cured", {3: (FLAWED, 0.0, "soft edge")} if number == 0 else None
        )
    for plate in story.plate("Bellringers", MALLARD, _copies(p, "bell", range(3))):
        story.run(plate, story.evening(16, 21.5), "cured")
    for plate in story.plate("Ferry 1-3", TEAL, _copies(p, "ferry", range(3))):
        story.run(plate, story.evening(11, 22.6), "cured")
    second = story.plate("Ferry 4-6", TEAL, _copies(p, "ferry", range(3, 6)))[0]
    torn = next(i for i, spot in enumerate(second.placed) if spot.slot == "torso")
    lost = second.placed[torn]
    story.run(second, story.evening(3, 22.6), "printed", {torn: (FAILED, 14.2, "torn off its supports")})
    again = story.plate("Ferry, one coat again", MALLARD, [(lost.figure_id, lost.slot)])[0]
    story.run(again, story.evening(2, 19.0), "printed")
    hanging = story.plate("Ferry 7-10 bodies", TEAL, _copies(p, "ferry", range(6, 10), bodies))[0]
    story.run(hanging, story.now - timedelta(minutes=hanging.minutes + 21), "hanging", fault="one part lets go")
    rest = ("head", "left arm", "right arm", "back")
    printing = story.plate("Ferry 7-10 arms and heads", MALLARD, _copies(p, "ferry", range(6, 10), rest))[0]
    story.run(printing, story.now - timedelta(minutes=printing.minutes * 0.6), "printing")
    for name, machine, slots in (
        ("Heron legs, neck", TEAL, ("legs", "neck")),
        ("Heron wings", MALLARD, ("left wing", "right wing")),
        ("Great bell", MALLARD, ("bell",)),
    ):
        story.plate(name, machine, _copies(p, "heron", range(1), slots))


def _bench(story: _Story) -> None:
    """Building, priming and painting of the past weeks, each a little slower than planned."""
    rng = np.random.default_rng(28)
    p = story.plans
    for days_ago, ids in ((18, range(0, 5)), (17, range(5, 10))):
        for i in ids:
            _log(
                story,
                rng,
                "build",
                f"lock-{i}",
                sum(s.minutes for s in build_plan(list(p.figures[f"lock-{i}"].build), APART)),
                days_ago,
            )
            _log(story, rng, "prime", f"lock-{i}", SCHEME.prime_minutes, days_ago - 1)
    for i in range(3):
        _log(story, rng, "build", f"ferry-{i}", 14, 7)
    _log(story, rng, "build", "bell-2", 14, 6)
    for number in range(10):
        strokes = strokes_for(SCHEME, p.zone_areas_cm2(p.figures[f"lock-{number}"]), "good")
        done = len(strokes) if number < 3 else _share(strokes, 0.62 - 0.03 * (number - 3))
        for position, stroke in enumerate(strokes[:done]):
            _log(
                story,
                rng,
                "stroke",
                f"lock-{number}",
                stroke.step.minutes,
                14 - (12 * position) // len(strokes),
                stroke.key,
            )
    for number, steps in ((0, 3), (1, 1), (2, 2)):
        for wanted in SCHEME.finish[:steps]:
            _log(story, rng, "finish", f"lock-{number}", wanted.minutes, 1, wanted.id)


def _share(strokes: list[Stroke], share: float) -> int:
    return int(len(strokes) * share)


def _log(
    story: _Story, rng: np.random.Generator, stage: str, figure: str, planned: float, days_ago: int, key: str = ""
) -> None:
    minutes = round(planned * float(np.exp(rng.normal(0.13, 0.22))), 1)
    at = story.evening(max(days_ago, 1), 20 + rng.uniform(0, 2.4))
    story.facts.append(step(stage, (figure,), minutes, at, key, planned=planned, timing="typed"))


def make_demo(path: Path, now: datetime) -> Book:
    """Write the demo book at ``path`` (which must not exist) and open it."""
    book = Book.open(path, create=True)
    ready_by = now.date() + timedelta(days=23 + (5 - (now.date() + timedelta(days=23)).weekday()) % 7)
    week = (
        WEEKDAY,
        LATE,
        WEEKDAY,
        replace(WEEKDAY, hobby_minutes=180),
        replace(WEEKDAY, hobby_minutes=90),
        WEEKEND,
        WEEKEND,
    )
    army = Army("army", "The Lampwatch of Sedge Hythe", ready_by, week, 0.86, scheme_id=SCHEME.id)
    stated = read_statements((MESHES / "relations.json").read_bytes())
    got = now.date() - timedelta(days=40)
    kits = [
        Kit(i, name, "the town's own sculptor", pence, "personal", got, relations=stated[i])
        for i, name, pence in (("wickmen", "Wickmen of Sedge Hythe", 2400), ("heron", "The Tolling Heron", 1600))
    ]
    parts = [demo_part(name, book.put_blob) for name in names()]
    zones = [demo_zones(name, book.put_blob) for name in names()]
    figures = list(_builds())
    documents: list[Any] = [
        army,
        *kits,
        *UNITS,
        *parts,
        *figures,
        TEAL,
        MALLARD,
        RESIN,
        *PAINTS,
        *ZONES,
        *zones,
        SCHEME,
    ]
    plans = Plans(
        army,
        {u.id: u for u in UNITS},
        {f.id: f for f in figures},
        parts={p.id: p for p in parts},
        part_zones={z.id: z for z in zones},
    )
    story = _Story(now, plans)
    _printing(story)
    _bench(story)
    for days_ago, middle in ((15, 24), (10, 25), (5, 24), (1, 26)):
        story.facts.append(
            Fact(story.evening(days_ago, 22), ForecastNoted((now.date() + timedelta(days=middle)).isoformat()))
        )
    facts = sorted(story.facts, key=lambda f: f.at)
    book.commit("muster the Lampwatch", [*documents, *story.plates, *story.runs], facts)
    return book
