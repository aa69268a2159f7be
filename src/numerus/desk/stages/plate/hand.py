"""A plate laid by hand: dragged, turned, swapped, kept, taken off; each change looked at, then one edit."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from typing import Protocol

from numerus.desk.context import Context
from numerus.domain.machines import Machine
from numerus.domain.plates import Placed, Plate
from numerus.errors import NumerusError
from numerus.printing.machines.timing import run_minutes
from numerus.printing.plates import hand_layout as laying
from numerus.printing.plates.nesting import Bitmap
from numerus.printing.plates.packing import outline_bitmap

TURN_DEG = 7.5


class Shown(Protocol):
    """The plate on the bench, and the part chosen on it."""

    @property
    def plate(self) -> Plate | None: ...
    @property
    def chosen(self) -> Placed | None: ...
    def waits(self, plate: Plate) -> bool: ...
    def show_again(self) -> None: ...


class PlateHand:
    """Works on the plate that is shown, if it waits."""

    def __init__(self, context: Context, bench: Shown) -> None:
        self.session, self.bench = context.session, bench
        self._known: dict[str, Bitmap] = {}

    def shapes(self, plate: Plate) -> dict[str, Bitmap]:
        """Outlines of what lies on it."""
        found = {}
        for placed in plate.placed:
            pose = self.session.plans.pose_of(placed)
            if pose is None or placed.shape in found:
                continue
            if pose.supported_blob not in self._known:
                self._known[pose.supported_blob] = outline_bitmap(self.session.mesh(pose.supported_blob))
            found[placed.shape] = self._known[pose.supported_blob]
        return found

    def _edit(self, words: str, act: Callable[[Plate, dict[str, Bitmap], Machine], Plate]) -> None:
        plate = self.bench.plate
        machine = self.session.plans.machines.get(plate.machine_id) if plate else None
        if plate is None or machine is None or not self.bench.waits(plate):
            return
        try:
            made = act(plate, self.shapes(plate), machine)
        except NumerusError as error:
            self.session.failed.emit(error)
            self.bench.show_again()
            return
        self.session.commit(f"{words}, {plate.name}", [made])

    def moved(self, placed_id: str, x_mm: float, y_mm: float) -> None:
        turn = (
            next((p.turn_deg for p in self.bench.plate.placed if p.id == placed_id), 0.0) if self.bench.plate else 0.0
        )
        self._edit("a part moved", lambda p, shapes, m: laying.moved(p, placed_id, x_mm, y_mm, turn, shapes, m))

    def turn(self, by: float) -> None:
        """The chosen part, so many steps counter-clockwise."""
        placed = self.bench.chosen
        if placed is not None:
            turned = placed.turn_deg + by * TURN_DEG
            self._edit(
                "a part turned",
                lambda p, shapes, m: laying.moved(p, placed.id, placed.x_mm, placed.y_mm, turned, shapes, m),
            )

    def swap(self, one_id: str, other_id: str) -> None:
        self._edit("two parts swapped", lambda p, shapes, m: laying.swapped(p, one_id, other_id, shapes, m))

    def lock(self) -> None:
        placed = self.bench.chosen
        if placed is not None:
            words = "a part let go" if placed.locked else "a part kept where it lies"
            self._edit(words, lambda p, _, m: laying.locked(p, placed.id, not placed.locked))

    def take_off(self) -> None:
        """The chosen part is owed again; the run is as long as what is left is tall."""
        placed = self.bench.chosen
        if placed is not None and self.bench.plate is not None and len(self.bench.plate.placed) > 1:
            self._edit("a part taken off", lambda p, _, m: self._measured(laying.without(p, placed.id), m))

    def _measured(self, plate: Plate, machine: Machine) -> Plate:
        plans = self.session.plans
        poses = [(plans.parts[p.part_id], pose) for p in plate.placed if (pose := plans.pose_of(p)) is not None]
        height = max((pose.height_mm for _, pose in poses), default=0.0)
        ml = sum(part.volume_ml + pose.support_ml for part, pose in poses) * (1 + self.session.plans.resin.cling_share)
        return replace(plate, height_mm=height, minutes=run_minutes(height, machine, ml), resin_ml=ml)

    def pack(self) -> None:
        self._edit("packed anew", laying.repacked)
