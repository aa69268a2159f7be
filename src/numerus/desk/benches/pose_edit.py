"""What a click on the part and the supports page's buttons do: each a change of the supports, proved and kept as an edit."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

import numpy as np

from numerus.book.tidy import Remade, remade, stored
from numerus.desk.benches.pose_supports import ADD, LOOK, MOVE
from numerus.desk.context import Context
from numerus.desk.jobs import Progress
from numerus.errors import GeometryError
from numerus.geometry.health import oriented
from numerus.geometry.mesh import Floats
from numerus.kit.plan import Draft, Stroke
from numerus.resin import editing
from numerus.resin.fields import fields_of
from numerus.resin.hanging import in_part
from numerus.resin.posing import Tried, kept_pose, tried
from numerus.resin.supports import Supported
from numerus.resin.venting import cups_vented
from numerus.words import counted

if TYPE_CHECKING:
    from numerus.desk.benches.pose import PoseBench

SUPPORTS = "Supports"
CHOOSE_MM = 1.2  # a click this near a tip means it


class SupportEditor:
    """Works on what lies on the bench."""

    def __init__(self, context: Context, bench: PoseBench) -> None:
        self.context, self.session, self.bench = context, context.session, bench

    def picked(self, place: Floats | None) -> None:
        """A click on the part does what the tool at hand does."""
        if place is None or self.bench.tried is None or self.bench.page != SUPPORTS:
            return
        at, mode, chosen = (
            (float(place[0]), float(place[1]), float(place[2])),
            self.bench.supports.mode,
            self.bench.supports.chosen,
        )
        if mode == LOOK:
            self._choose_near(place)
        elif mode == ADD:
            self._edit("a tip added", lambda made: editing.with_tip(made, at, made.style.tips_mm[1]))
        elif mode == MOVE and chosen >= 0:
            self._edit("a tip moved", lambda made: editing.moved_tip(made, chosen, at))

    def _choose_near(self, place: Floats) -> None:
        assert self.bench.tried is not None
        tips = np.array([p.tip for p in self.bench.tried.made.pillars]).reshape(-1, 3)
        far = np.linalg.norm(tips - place, axis=1)
        self.bench.supports.choose(int(np.argmin(far)) if len(far) and far.min() <= CHOOSE_MM else -1)
        self.bench.view.update()

    def brushed(self, places: Sequence[Floats]) -> None:
        """A stroke over the part, as dabs: one edit."""
        part = self.bench.trials.part
        if part is None or self.bench.tried is None:
            return
        kind, radius = self.bench.supports.brush
        mesh = self.session.mesh(part.blob)
        hanging, up = self.bench.tried.made.part, self.bench.tried.cost.up
        dabs = [Stroke(kind, in_part(hanging, mesh, up, place), radius) for place in places]
        self.session.commit(f"brush {part.label}: {kind}", [replace(part, strokes=(*part.strokes, *dabs))])

    def deed(self, deed: str) -> None:
        """What a button of the supports page asks for."""
        chosen, machine, resin = self.bench.supports.chosen, self.bench.trials.machine, self.bench.trials.resin
        if deed == "again":
            self._clear_draft()
        elif deed == "mend":
            self._edit("supports mended", lambda made: editing.mended(made, machine, resin)[0])
        elif deed == "vent":
            self._vent()
        elif chosen >= 0:
            words, act = {
                "thicker": ("a thicker tip", lambda made: editing.thickened(made, chosen)),
                "finer": ("a finer tip", lambda made: editing.thickened(made, chosen, finer=True)),
                "split": ("a tip split", lambda made: editing.split(made, chosen)),
                "away": ("a tip taken away", lambda made: editing.without_tip(made, chosen)),
            }[deed]
            self._edit(words, act)

    def _vent(self) -> None:
        """Every cup that tells opened by a small hole, the part supported again as it lies."""
        part, shown, book = self.bench.trials.part, self.bench.tried, self.session.book
        if part is None or shown is None or book is None:
            return
        mesh, cost, style = self.session.mesh(part.blob), shown.cost, shown.made.style
        others = [self.session.mesh(p.blob) for p in self.session.beside(part)]
        machine, resin = self.bench.trials.machine, self.bench.trials.resin

        def work(progress: Progress) -> tuple[Remade, int]:
            vented, count = cups_vented(oriented(mesh)[0], cost.up)
            made = remade(part, vented)
            fields = fields_of(vented, others, part.strokes)
            _, again = kept_pose(vented, cost, machine, resin, style, fields)
            draft = Draft(cost.up, cost.school, style.name, again.pillars)
            return replace(made, part=replace(made.part, strokes=part.strokes, draft=draft)), count

        def done(found: tuple[Remade, int]) -> None:
            made, count = found
            if not count:
                self.session.failed.emit(
                    GeometryError("no-vent", "No thin wall leads out of these cups.", "Tilt the part.")
                )
                return
            self.session.store(f"{part.label}: {counted(count, 'vent')}", lambda book: [stored(book, made)])

        self.context.jobs.start("vent", "Venting cups", work, done)

    def _clear_draft(self) -> None:
        part = self.bench.trials.part
        if part is not None and part.draft is not None:
            self.session.commit(f"supports of {part.label} placed again", [replace(part, draft=None)])
        else:
            self.bench.trials.choose(self.bench.trials.chosen)

    def _edit(self, words: str, act: Callable[[Supported], Supported]) -> None:
        """Change the supports, prove them again, keep the change as an edit of the part."""
        shown, machine, resin, part_id = (
            self.bench.tried,
            self.bench.trials.machine,
            self.bench.trials.resin,
            self.bench.trials.part_id,
        )
        if shown is None:
            return

        def done(after: Tried) -> None:
            part = self.session.plans.parts.get(part_id)
            if part is not None and part_id == self.bench.trials.part_id:
                height = self.bench.graph.height_mm
                self.bench.trials.show(after, after.draft)
                self.bench.graph.scrub(height)
                self.session.commit(f"{words}, {part.label}", [replace(part, draft=after.draft)])

        self.context.jobs.start(
            "edit", "Proving the change", lambda _: tried(shown.cost, act(shown.made), machine, resin), done
        )

    def styled(self, name: str) -> None:
        """Another style, kept with the machine; the supports are placed by it."""
        machine = self.bench.trials.machine
        if machine.support_style != name:
            self.session.commit(f"{machine.name} supports {name}", [replace(machine, support_style=name)])
        self._clear_draft()
