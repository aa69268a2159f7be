"""Sculpts side by side before one is printed: what is weighed, what is known of it, what is kept or shelved. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import NamedTuple

import numpy as np

from numerus.book.intake import Sorted, new_id, read_and_sort
from numerus.book.pruning import mesh_key
from numerus.desk.answers import Answers
from numerus.domain.army import Figure, Outline, Unit
from numerus.domain.money import money_text
from numerus.domain.parts import Kit, Part
from numerus.domain.printing.machines import Machine
from numerus.errors import PlanError, Progress
from numerus.geometry.mesh import Floats, Mesh
from numerus.printing.checks.as_printed import AsPrinted, as_printed, most_wide_mm
from numerus.printing.orientation.pose_measures import school_up
from numerus.progress.choosing import (
    CandidateLook,
    candidate_look,
    candidates,
    look_key,
    one_figure,
    packed_look,
    prices,
    shelved,
    taken,
    unpacked_look,
)
from numerus.words import free_name, span

MOST_BESIDE, MOST_MACHINES = 5, 3
LOUPE_MM, TOWARD = 12.0, np.array([0.28, -0.93, 0.24])
Reader = Callable[[str], Mesh]


class Question(NamedTuple):
    """A row of the comparison: how long its bar is, what is written there, what it means, and whether less of it is better."""

    name: str
    value: Callable[[CandidateLook], float]
    words: Callable[[CandidateLook], str]
    meaning: str
    less_is_better: bool = True


class ChoosingState:
    def __init__(self, answers: Answers) -> None:
        self.looks: dict[str, CandidateLook] = {}
        self.first = 0
        self.look(answers)

    def look(self, answers: Answers) -> None:
        self.answers, self.plans = answers, answers.plans

    @property
    def machine(self) -> Machine:
        return self.plans.machine_for(None) or Machine("m", "a usual machine")

    @property
    def all_weighed(self) -> list[Kit]:
        return candidates(self.plans)

    @property
    def kits(self) -> list[Kit]:
        """Those that are beside each other now."""
        self.first = max(min(self.first, len(self.all_weighed) - MOST_BESIDE), 0)
        return self.all_weighed[self.first : self.first + MOST_BESIDE]

    @property
    def shelf(self) -> list[tuple[Kit, str]]:
        return [(k, f"{k.name}: {k.shelved}") for k in shelved(self.plans)]

    @property
    def outlines(self) -> tuple[Outline, ...]:
        return self.plans.army.outlines if self.plans.army else ()

    def figure_of(self, kit: Kit) -> list[Part]:
        return one_figure(p for p in self.plans.parts.values() if p.kit_id == kit.id)

    @property
    def own(self) -> list[Part]:
        """A figure of the army, for its size: the first that is built."""
        plans = self.plans
        built = (f for u in plans.units_in_order() for f in plans.figures_of(u.id) if f.build)
        figure = next(built, None)
        return [plans.parts[i] for i in figure.build.values() if i in plans.parts] if figure else []

    def key(self, kit: Kit) -> str:
        """Under which the look at a kit is kept; "" where it has no part."""
        parts = self.figure_of(kit)
        return mesh_key(*look_key(parts, self.machine, self.plans.resin)) if parts else ""

    def take_known(self, kept: Callable[[str], bytes | None]) -> list[Kit]:
        """Looks that the book keeps are taken; which kits are still to be looked at."""
        self.looks = {k.id: self.looks[k.id] for k in self.all_weighed if k.id in self.looks}
        for kit in self.kits:
            data = kept(self.key(kit)) if kit.id not in self.looks and self.key(kit) else None
            found = unpacked_look(data) if data else None
            if found is not None:
                self.looks[kit.id] = found
        return [k for k in self.kits if k.id not in self.looks and self.figure_of(k)]

    def looking(self, kit: Kit, read: Reader) -> Callable[[Progress], tuple[CandidateLook, bytes]]:
        """The work of a job."""
        parts, machine, resin = self.figure_of(kit), self.machine, self.plans.resin

        def work(progress: Progress) -> tuple[CandidateLook, bytes]:
            found = candidate_look([(p, read(p.blob)) for p in parts], machine, resin, progress)
            return found, packed_look(found)

        return work

    def questions(self) -> list[Question]:
        """What is compared."""
        currency = self.plans.army.currency if self.plans.army else ""
        cost = prices(self.plans, self.looks)
        pence = {id(look): cost[k] for k, look in self.looks.items() if k in cost}
        return [
            Question("Price", lambda c: pence.get(id(c), 0), lambda c: money_text(pence.get(id(c), 0), currency),
                     "What the kit was bought for, and resin for one figure"),
            Question("Resin", lambda c: c.resin_ml, lambda c: f"{c.resin_ml:.1f} ml", "One figure with its supports, leaning back"),
            Question("Machine", lambda c: c.minutes, lambda c: span(c.minutes), f"One figure by itself on {self.machine.name}"),
            Question("Tips", lambda c: c.tips, lambda c: str(c.tips), "Marks of supports to be filed, leaning back"),
            Question("Snaps", lambda c: c.fragile, lambda c: f"{c.fragile} places", "Limbs thin and long enough to snap in use"),
            Question("To paint", lambda c: c.patches, lambda c: f"{c.patches} patches", "Pieces its skin falls into along creases"),
            Question("Hard to reach", lambda c: c.hard_share, lambda c: f"{c.hard_share:.0%}", "Of the skin that is seen, glued whole"),
            Question("Skin", lambda c: c.skin_cm2, lambda c: f"{c.skin_cm2:.0f} cm²", "Of one figure", False),
            Question("Base", lambda c: c.base_mm, lambda c: f"{c.base_mm:g} mm",
                     "Its own, else the least usual one that holds its feet", False),
        ]  # fmt: skip

    def machines(self) -> list[Machine]:
        """On which it is looked at close; a usual one where there is none."""
        return list(self.plans.machines.values())[:MOST_MACHINES] or [self.machine]

    def close_parts(self, kit: Kit) -> list[Part]:
        """Parts to be looked at close, heads first."""
        return sorted(self.figure_of(kit), key=lambda p: (p.slot not in ("head", "figure"), p.slot))

    def printing(self, part: Part, read: Reader) -> Callable[[Progress], list[AsPrinted]]:
        """The work of looking at a part as each machine would leave it."""
        machines, up = self.machines(), school_up("leans back")

        def work(_: Progress) -> list[AsPrinted]:
            mesh = read(part.blob)
            middle, wide = close_place(mesh)
            wide = min(wide, *map(most_wide_mm, machines))
            toward = TOWARD / np.linalg.norm(TOWARD)
            return [as_printed(mesh, up, m, middle, wide, toward) for m in machines]

        return work

    def letter_words(self) -> str:
        """What test pieces told of lettering."""
        told = [f"{m.name}: letters under {m.least_letter_mm:.1f} mm" for m in self.machines() if m.least_letter_mm]
        untold = [m.name for m in self.machines() if not m.least_pin_mm]
        words = f"Not to be read, by test pieces: {'; '.join(told)}. " if told else ""
        return words + (
            f"No test piece told {', '.join(untold)} its least pin: two pixels or a thread's width (default)."
            if untold
            else ""
        )

    def reading(self, paths: Sequence[Path]) -> Callable[[Progress], list[tuple[Kit, Sorted]]]:
        """The work of reading files, folders and archives, each a kit of its own."""
        names = {k.name for k in self.plans.kits.values()}

        def work(progress: Progress) -> list[tuple[Kit, Sorted]]:
            found = []
            for number, path in enumerate(paths):
                name = free_name(path.stem, names)
                names.add(name)
                kit = Kit(new_id(), name, considered=True)
                found.append((kit, read_and_sort([path], kit, (), partial(_shared, progress, number, len(paths)))))
            return found

        return work

    def chosen(self, kit: Kit, figures: int) -> list[Kit | Unit | Figure]:
        return taken(self.plans, kit, figures, [new_id() for _ in range(figures + 1)])

    def put_on_shelf(self, kit: Kit, reason: str) -> list[Kit]:
        """Raises PlanError without a reason."""
        words = " ".join(reason.split())
        if not words:
            raise PlanError(
                "no-reason",
                "Nothing is shelved without a reason.",
                "Too dear, breaks, too like another: say it in a word.",
            )
        return [replace(kit, shelved=words)]

    def taken_up(self, kit: Kit) -> list[Kit]:
        return [replace(kit, shelved="", considered=True)]


def close_place(mesh: Mesh) -> tuple[Floats, float]:
    """Middle and width of what of a part is looked at close: all of it, of a taller one its upmost."""
    low, high = mesh.bounds_mm
    upmost = mesh.vertices[mesh.vertices[:, 2] >= high[2] - min(float((high - low).max()), LOUPE_MM)]
    low, high = upmost.min(axis=0), upmost.max(axis=0)
    return (low + high) / 2, float(min((high - low).max(), LOUPE_MM)) * 1.04


def _shared(progress: Progress, number: int, count: int, share: float) -> bool:
    """Progress of one of several."""
    return progress((number + share) / count)


def in_a_row(meshes: Sequence[Mesh], joined: bool) -> list[Mesh]:
    """Parts as they stand together; of a kit whose parts are not placed, beside each other."""
    if joined or len(meshes) < 2:
        return list(meshes)
    placed, x = list[Mesh](), 0.0
    for mesh in meshes:
        low = mesh.bounds_mm[0]
        placed.append(mesh.moved((x - low[0], -float(mesh.bounds_mm[:, 1].mean()), -low[2])))
        x += float(mesh.extents_mm[0]) + 1.5
    return placed


def stands_together(kit: Kit | None) -> bool:
    """Whether a kit's parts are where they belong: its shapes told of joints."""
    return kit is not None and any(r.kind in ("joint", "whole", "alternative") for r in kit.relations)


def fault_words(sortings: Mapping[str, Sorted]) -> str:
    """What of the files could not be read."""
    refused = [r for s in sortings.values() for r in s.refused]
    return f"{len(refused)} not read: {refused[0].error.message}" if refused else ""
