"""A plate laid by hand: dragged, turned, swapped, kept, taken off; each change looked at, then one edit."""

from __future__ import annotations

from collections.abc import Callable

from numerus.desk.context import Context
from numerus.desk.stages.plate.state import PlateState
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.errors import NumerusError
from numerus.printing.plates import hand_layout as laying
from numerus.printing.plates.nesting import Bitmap
from numerus.printing.plates.packing import outline_bitmap

TURN_DEG = 7.5


class PlateHand:
    """Works on the plate that is shown, if it waits."""

    def __init__(self, context: Context, state: PlateState, show_again: Callable[[], None]) -> None:
        self.session, self.state, self.show_again = context.session, state, show_again
        self._known: dict[str, Bitmap] = {}

    def shapes(self, plate: Plate) -> dict[str, Bitmap]:
        """Outlines of what lies on it."""
        shapes = {}
        for placed in plate.placed:
            pose = self.session.plans.pose_of(placed)
            if pose is None or placed.shape in shapes:
                continue
            if pose.supported_blob not in self._known:
                self._known[pose.supported_blob] = outline_bitmap(self.session.mesh(pose.supported_blob))
            shapes[placed.shape] = self._known[pose.supported_blob]
        return shapes

    def _edit(self, words: str, act: Callable[[Plate, dict[str, Bitmap], Machine], Plate]) -> None:
        plate = self.state.plate
        machine = self.session.plans.machines.get(plate.machine_id) if plate else None
        if plate is None or machine is None or not self.state.waits(plate):
            return
        try:
            edited_plate = act(plate, self.shapes(plate), machine)
        except NumerusError as error:
            self.session.failed.emit(error)
            self.show_again()
            return
        self.session.commit(f"{words}, {plate.name}", [edited_plate])

    def moved(self, placed_id: str, x_mm: float, y_mm: float) -> None:
        turn = (
            next((p.turn_deg for p in self.state.plate.placed if p.id == placed_id), 0.0) if self.state.plate else 0.0
        )
        self._edit("a part moved", lambda p, shapes, m: laying.moved(p, placed_id, x_mm, y_mm, turn, shapes, m))

    def turn(self, by: float) -> None:
        """The chosen part, so many steps counter-clockwise."""
        placed = self.state.chosen
        if placed is not None:
            turned = placed.turn_deg + by * TURN_DEG
            self._edit(
                "a part turned",
                lambda p, shapes, m: laying.moved(p, placed.id, placed.x_mm, placed.y_mm, turned, shapes, m),
            )

    def swap(self, one_id: str, other_id: str) -> None:
        self._edit("two parts swapped", lambda p, shapes, m: laying.swapped(p, one_id, other_id, shapes, m))

    def lock(self) -> None:
        placed = self.state.chosen
        if placed is not None:
            words = "a part let go" if placed.locked else "a part kept where it lies"
            self._edit(words, lambda p, _, m: laying.locked(p, placed.id, not placed.locked))

    def take_off(self) -> None:
        """The chosen part is owed again; the run is as long as what is left is tall."""
        placed = self.state.chosen
        if placed is not None and self.state.plate is not None and len(self.state.plate.placed) > 1:
            self._edit("a part taken off", lambda p, _, m: self.state.without_chosen(p, m))

    def pack(self) -> None:
        self._edit("packed anew", laying.repacked)
