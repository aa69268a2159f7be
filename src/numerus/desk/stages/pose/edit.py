"""What a click on the part and the supports page's buttons do: each a change of the supports, proved and kept as an edit."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace

import numpy as np

from numerus.book.intake import new_id
from numerus.book.tidy import Remade, remade, stored, with_dabs
from numerus.desk.context import Context
from numerus.desk.stages.pose.supports import ADD, LOOK, MOVE, SupportsPage
from numerus.desk.stages.pose.trials import Trials
from numerus.domain.printing.poses import BrushDab, BrushStroke, Draft
from numerus.errors import GeometryError, Progress
from numerus.geometry.mesh import Floats
from numerus.geometry.repair.health import oriented
from numerus.printing.hollow.venting import cups_vented
from numerus.printing.preparation import support_editing as editing
from numerus.printing.preparation.posed_and_supported import Tried, kept_pose, tried
from numerus.printing.supports.placement import Supported
from numerus.printing.supports.posed_part import in_part
from numerus.surface.fields.part_fields import fields_of
from numerus.words import counted

CHOOSE_MM = 1.2  # a click this near a tip means it


class SupportEditor:
    """Works on what lies on the bench, with what is chosen on the supports page."""

    def __init__(self, context: Context, trials: Trials, page: SupportsPage) -> None:
        self.context, self.session, self.trials, self.page = context, context.session, trials, page

    def picked(self, place: Floats) -> None:
        """A click on the part does what the tool at hand does."""
        at, mode, chosen = (float(place[0]), float(place[1]), float(place[2])), self.page.mode, self.page.chosen
        if mode == LOOK:
            self.page.choose(self._near(place))
        elif mode == ADD:
            self._edit("a tip added", lambda made: editing.with_tip(made, at, made.style.tips_mm[1]))
        elif mode == MOVE and chosen >= 0:
            self._edit("a tip moved", lambda made: editing.moved_tip(made, chosen, at))

    def _near(self, place: Floats) -> int:
        """The tip that is meant, -1 for none."""
        shown = self.trials.tried
        tips = np.array([p.tip for p in shown.supported.pillars] if shown else []).reshape(-1, 3)
        far = np.linalg.norm(tips - place, axis=1)
        return int(np.argmin(far)) if len(far) and far.min() <= CHOOSE_MM else -1

    def brushed(self, places: Sequence[Floats]) -> None:
        """A stroke over the part, as dabs: one edit."""
        part = self.trials.part
        if part is None or self.trials.tried is None:
            return
        kind, radius = self.page.brush
        mesh = self.session.mesh(part.blob)
        posed_part, up = self.trials.tried.supported.part, self.trials.tried.cost.up
        dabs = tuple(BrushDab(kind, in_part(posed_part, mesh, up, place), radius) for place in places)
        order = max((s.order + 1 for s in self.session.plans.brush_strokes.values()), default=0)
        self.session.commit(f"brush {part.label}: {kind}", [BrushStroke(new_id(), part.id, part.blob, order, dabs)])

    def deed(self, deed: str) -> None:
        """What a button of the supports page asks for."""
        chosen, machine, resin = self.page.chosen, self.trials.machine, self.trials.resin
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
        part, shown, book = self.trials.part, self.trials.tried, self.session.book
        if part is None or shown is None or book is None:
            return
        mesh, cost, style = self.session.labelled_mesh(part), shown.cost, shown.supported.style
        others = [self.session.mesh(p.blob) for p in self.session.beside(part)]
        machine, resin, plans = self.trials.machine, self.trials.resin, self.session.plans
        dabs, part_zones = plans.dabs_of(part.id), plans.part_zones.get(part.id)

        def work(progress: Progress) -> tuple[Remade, int]:
            vented, count = cups_vented(oriented(mesh)[0], cost.up)
            vented_part = remade(part, vented, part_zones)
            fields = fields_of(vented, others, dabs)
            _, again = kept_pose(vented, cost, machine, resin, style, fields)
            draft = Draft(cost.up, cost.school, style.name, again.pillars)
            return replace(vented_part, part=replace(vented_part.part, draft=draft)), count

        def done(outcome: tuple[Remade, int]) -> None:
            vented_part, count = outcome
            if not count:
                self.session.failed.emit(
                    GeometryError("no-vent", "No thin wall leads out of these cups.", "Tilt the part.")
                )
                return
            self.session.store(
                f"{part.label}: {counted(count, 'vent')}", lambda book: with_dabs(stored(book, vented_part), dabs)
            )

        self.context.jobs.start("vent", "Venting cups", work, done)

    def _clear_draft(self) -> None:
        part = self.trials.part
        if part is not None and part.draft is not None:
            self.session.commit(f"supports of {part.label} placed again", [replace(part, draft=None)])
        else:
            self.trials.choose(self.trials.chosen)

    def _edit(self, words: str, act: Callable[[Supported], Supported]) -> None:
        """Change the supports, prove them again, keep the change as an edit of the part."""
        shown, machine, resin, part_id = (
            self.trials.tried,
            self.trials.machine,
            self.trials.resin,
            self.trials.part_id,
        )
        if shown is None:
            return

        def done(after: Tried) -> None:
            part = self.session.plans.parts.get(part_id)
            if part is not None and part_id == self.trials.part_id:
                self.trials.show(after, after.draft, again=True)
                self.session.commit(f"{words}, {part.label}", [replace(part, draft=after.draft)])

        self.context.jobs.start(
            "edit", "Proving the change", lambda _: tried(shown.cost, act(shown.supported), machine, resin), done
        )

    def styled(self, name: str) -> None:
        """Another style, kept with the machine; the supports are placed by it."""
        machine = self.trials.machine
        if machine.support_style != name:
            self.session.commit(f"{machine.name} supports {name}", [replace(machine, support_style=name)])
        self._clear_draft()
