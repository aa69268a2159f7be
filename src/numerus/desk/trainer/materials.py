"""What is practised on: parts, poses and pots of the open book, made ready in a job. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.domain.painting.paints import Paint
from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Laid
from numerus.errors import Progress
from numerus.geometry.mesh import Mesh
from numerus.geometry.rays import Camera, picture
from numerus.printing.machines.timing import run_minutes
from numerus.printing.orientation.pose_measures import candidates, posed
from numerus.trainer.bench_time import dries_first, what_next
from numerus.trainer.estimating import SeenPart, estimate
from numerus.trainer.exercise import DRIES, ESTIMATE, MELT, MIX, NEXT, POSE, VALUE, Exercise
from numerus.trainer.matching import POTS, mix_to_match, usable
from numerus.trainer.posing_practice import Posed, which_way_up
from numerus.trainer.reading import melting, values

PICTURE_PX = 260
GREY = np.array([[188, 180, 164]], np.uint8)


@dataclass(frozen=True)
class Materials:
    """``plans`` of the open book, and where its meshes come from."""

    plans: Plans
    mesh_of: Callable[[str], Mesh]

    @property
    def parts(self) -> list[Part]:
        """Those that were posed, by name: what can be guessed at and turned."""
        return sorted((p for p in self.plans.parts.values() if p.pose is not None), key=lambda p: p.name)

    @property
    def pots(self) -> list[Paint]:
        return usable(list(self.plans.paints.values()))

    def why_not(self, kind: str, level: int) -> str:
        """Why an exercise cannot be had with this book, "" where it can."""
        if kind in (ESTIMATE, POSE) and not self.parts:
            return "It needs posed parts: open a book that has some, the demo say."
        if kind == MIX and len(self.pots) < POTS[level]:
            return f"It needs {POTS[level]} opaque pots on the rack."
        return ""

    def exercise(self, kind: str, seed: int, level: int) -> Callable[[Progress], Exercise]:
        """The work of a job. Not for failed plates, which are taken step by step."""
        plain = {VALUE: values, MELT: melting, DRIES: dries_first, NEXT: what_next}

        def work(progress: Progress) -> Exercise:
            if kind in plain:
                return plain[kind](seed, level)
            if kind == MIX:
                return mix_to_match(seed, level, self.pots)
            part = self.parts[seed % len(self.parts)]
            return (
                which_way_up(seed, level, self._posed(part))
                if kind == POSE
                else estimate(seed, level, [self._seen(part)])
            )

        return work

    @property
    def _machine(self) -> Machine:
        return next(iter(self.plans.machines.values()), Machine("m", "A usual machine"))

    def _seen(self, part: Part) -> SeenPart:
        assert part.pose is not None
        mesh, machine = self.mesh_of(part.blob), self._machine
        minutes = run_minutes(part.pose.height_mm, machine, Laid(part.volume_ml, part.surface_cm2))
        turned = posed(mesh, np.array(part.pose.up))
        return SeenPart(part.label, portrait(turned), _reach_mm(turned), part.volume_ml, part.pose.height_mm, minutes)

    def _posed(self, part: Part) -> Posed:
        mesh = self.mesh_of(part.blob)
        costs, _ = candidates(mesh, self._machine, self.plans.resin)
        different = _apart(costs)
        return Posed(part.label, tuple(different), tuple(portrait(posed(mesh, np.array(c.up))) for c in different))


def _apart(costs: Sequence) -> list:  # type: ignore[type-arg]
    """Poses that look the same are one."""
    kept: list = []  # type: ignore[type-arg]
    for cost in costs:
        if all(np.dot(cost.up, other.up) < 0.98 for other in kept):
            kept.append(cost)
    return kept


def portrait(mesh: Mesh) -> NDArray[np.uint8]:
    """A part in grey from a little above, uint8 (n, n, 4)."""
    low, high = mesh.bounds_mm
    middle = tuple(float(v) for v in (low + high) / 2)
    camera = Camera(middle, 25.0, 12.0, _reach_mm(mesh))  # type: ignore[arg-type]
    return picture(mesh, GREY, camera, PICTURE_PX, PICTURE_PX)


def _reach_mm(mesh: Mesh) -> float:
    """How wide and high its picture is."""
    return 1.15 * float(np.linalg.norm(mesh.extents_mm))
