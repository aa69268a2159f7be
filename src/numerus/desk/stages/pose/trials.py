"""The poses of the part on the bench: searched, measured and supported as jobs, by turns of the chart and by other weights."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from PyQt6.QtCore import QObject, pyqtSignal

from numerus.book.pruning import mesh_key
from numerus.desk.context import Context
from numerus.desk.stages.pose.fields import KnownFields
from numerus.domain.journal import Fact
from numerus.domain.parts import Part
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import BrushDab, Draft
from numerus.errors import Progress
from numerus.geometry.mesh import Floats, Mesh
from numerus.printing.orientation.kept_poses import FORM as SEARCHED
from numerus.printing.orientation.kept_poses import packed_poses, unpacked_poses
from numerus.printing.orientation.orientation_search import Search, Weights
from numerus.printing.orientation.pose_measures import (
    PoseCost,
    candidates,
    measure,
    measured_score,
    school_up,
    without_cups,
)
from numerus.printing.orientation.preference_learning import choice_of
from numerus.printing.preparation.as_supplied import SuppliedPrint
from numerus.printing.preparation.posed_and_supported import (
    Tried,
    kept_pose,
    redrafted,
    supported_pose,
    tried,
)
from numerus.printing.preparation.supplied_way import SuppliedWay, supplied_copy, supplied_way
from numerus.printing.supports.style import SupportStyle, style_for
from numerus.surface.fields.part_fields import Fields

BEST, OWN = "best found", "your own turn"
OWN_AT = 3  # the place of the best found, or of one's own turn


class Trials(QObject):
    """``begun``: another part, by its mesh; ``grew``: a search so far; ``listed``: other candidates or another of them chosen, with
    the mesh where they are to be drawn anew; ``shown``: one with its supports, and whether it
    is the one that was shown before, changed; ``supplied_shown``: the designer's copy on its own supports.
    """

    begun = pyqtSignal(object)
    grew = pyqtSignal(object)
    listed = pyqtSignal(object)
    shown = pyqtSignal(bool)
    supplied_shown = pyqtSignal(object)

    def __init__(self, context: Context) -> None:
        super().__init__()
        self.context, self.session = context, context.session
        self.known = KnownFields(context.session)
        self.part_id, self.chosen = "", OWN_AT
        self.costs: list[PoseCost] = []
        self.search: Search | None = None
        self.fields: Fields | None = None
        self.weights = Weights()
        self.tried: Tried | None = None
        self.supplied: SuppliedWay | None = (
            None  # the designer's way, where the kit holds a supported copy: the last candidate
        )
        self.drafted: Draft | None = None  # the draft that is shown, None for a candidate as it was placed
        self._about: tuple[str, str, str, tuple[BrushDab, ...]] = ("", "", "", ())

    @property
    def machine(self) -> Machine:
        """What the part on the bench is posed for."""
        return self.session.plans.machine_for(self.part) or Machine("machine", "Printer")

    def how(self, part: Part) -> tuple[Machine, Resin, SupportStyle]:
        """What a part is posed for, and how its machine's parts are supported."""
        machine = self.session.plans.machine_for(part) or self.machine
        return machine, self.resin, style_for(machine.support_style, machine, self.resin)

    @property
    def resin(self) -> Resin:
        return self.session.plans.resin

    @property
    def style(self) -> SupportStyle:
        return style_for(self.machine.support_style, self.machine, self.resin)

    @property
    def part(self) -> Part | None:
        """The part on the bench, as it is planned now."""
        return self.session.plans.parts.get(self.part_id)

    def look_at(self, part: Part, weights: Weights) -> None:
        """Search a part that is another than before; where only its draft is, show that."""
        if self._as_it_is(part) != self._about:
            self._search(part, weights)
        elif part.draft != self.drafted and self.tried is not None:
            self._show_left(part)

    def leave(self, part_id: str) -> None:
        """Nothing is tried of the part on the bench: it stands as it came."""
        self.part_id, self.tried, self.drafted, self.fields, self.search = part_id, None, None, None, None
        self.costs, self.supplied, self._about = [], None, ("", "", "", ())
        for job in ("pose", "measure", "supplied"):
            self.context.jobs.cancel(job)

    def choice(self) -> list[Fact]:
        """What was preferred to what, for the weights to learn from."""
        if self.search is None or len(self.costs) < 2:
            return []
        shares = self.search.shares[[self.search.nearest(c.up) for c in self.costs]]
        return [Fact(self.session.clock(), choice_of(shares, self.chosen), self.part_id)]

    def _as_it_is(self, part: Part) -> tuple[str, str, str, tuple[BrushDab, ...]]:
        plans = self.session.plans
        return part.id, part.blob, plans.material_of(part), plans.dabs_of(part.id)

    def _search(self, part: Part, weights: Weights) -> None:
        self.part_id = part.id
        mesh, machine, resin = self.session.mesh(part.blob), self.machine, self.resin
        self.tried, self.drafted, self.fields, self.supplied = None, None, None, None
        self.weights = weights = weights.on(machine)
        self._about = self._as_it_is(part)
        for job in ("measure", "supplied"):  # of the part before
            self.context.jobs.cancel(job)
        self.begun.emit(mesh)
        at = self.known.at(part)
        searched_key = mesh_key(part.blob, (SEARCHED, at.key, machine, resin, weights))
        kept = self.session.worked_out(searched_key)

        def work(progress: Progress) -> tuple[bytes | None, Fields, list[PoseCost], Search]:
            """What is to be kept, None where it is already, and what was found."""
            fields = self.known.of(part, mesh, at)
            if kept and (known := unpacked_poses(kept)) is not None:
                return None, fields, *known
            found = candidates(mesh, machine, resin, weights, progress, fields, self.grew.emit)
            return packed_poses(*found), fields, *found

        def done(told: tuple[bytes | None, Fields, list[PoseCost], Search]) -> None:
            if told[0] is not None:
                self.session.keep_worked_out(searched_key, told[0])
            self.known.keep(at.key, told[1])
            self._searched(part.id, mesh, *told[1:])

        self.context.jobs.start("pose", "Searching poses", work, done)

    def _searched(self, part_id: str, mesh: Mesh, fields: Fields, costs: list[PoseCost], search: Search) -> None:
        if part_id != self.part_id:
            return
        self.fields, self.costs, self.search = fields, costs, search
        self.chosen = min(self.chosen, len(costs) - 1)
        self.listed.emit(mesh)
        part = self.part
        if part is not None and part.draft is not None:
            self._show_left(part)
        else:
            self.choose(self.chosen)
        self._look_at_supplied()

    def _look_at_supplied(self) -> None:
        """The copy the designer supported, beside our own ways."""
        part, fields, about = self.part, self.fields, self._about
        copy = supplied_copy(self.session.plans, part) if part else None
        if part is None or copy is None or fields is None:
            return
        mesh, other, machine, resin = (
            self.session.mesh(part.blob),
            self.session.mesh(copy.blob),
            self.machine,
            self.resin,
        )

        def done(way: SuppliedWay | None) -> None:
            if about == self._about and way is not None:
                self.supplied, self.costs = way, [*self.costs, way.cost]
                self.listed.emit(mesh)

        self.context.jobs.start(
            "supplied",
            "Looking at the designer's supports",
            lambda _: supplied_way(mesh, other, fields, machine, resin),
            done,
        )

    @property
    def supplied_chosen(self) -> SuppliedPrint | None:
        """The designer's copy, while that candidate is the chosen one."""
        is_it = self.supplied is not None and self.chosen == len(self.costs) - 1
        return self.supplied.printed if is_it and self.supplied else None

    def _show_left(self, part: Part) -> None:
        """The pose and supports as they were left on the bench; without such, the candidate."""
        draft, fields, machine, resin = part.draft, self.fields, self.machine, self.resin
        if draft is None or fields is None:
            self.drafted = None
            self.choose(self.chosen)
            return
        mesh = self.session.mesh(part.blob)

        def done(left: Tried) -> None:
            at = next((n for n, c in enumerate(self.costs) if np.allclose(c.up, left.cost.up, atol=1e-6)), OWN_AT)
            self.costs = [left.cost if n == at else c for n, c in enumerate(self.costs)]
            self.chosen = at
            self.listed.emit(mesh)
            self.show(left, draft)

        self.context.jobs.start(
            "support", "Proving supports", lambda _: redrafted(mesh, draft, fields, machine, resin), done
        )

    def choose(self, number: int) -> None:
        """Support a candidate and show it."""
        part, fields, machine, resin, style = self.part, self.fields, self.machine, self.resin, self.style
        if part is None or fields is None or number >= len(self.costs):
            return
        self.chosen = number
        self.listed.emit(None)
        if self.supplied_chosen is not None:
            self.tried, self.drafted = None, part.draft
            self.supplied_shown.emit(self.supplied_chosen)
            return
        mesh, cost = self.session.mesh(part.blob), self.costs[number]

        def work(progress: Progress) -> Tried:
            _, supported = kept_pose(mesh, cost, machine, resin, style, fields, lambda s: progress(0.9 * s))
            return tried(cost, supported, machine, resin)

        self.context.jobs.start("support", "Placing supports", work, lambda t: self._placed(number, t))

    def _placed(self, number: int, trial: Tried) -> None:
        """A candidate with its supports: shown, its cost as measured; the others are measured so meanwhile."""
        part = self.part
        self._measured_as(number, trial.cost)
        self.show(trial, part.draft if part else None)
        self._measure_others()

    def _measured_as(self, number: int, cost: PoseCost) -> None:
        if number < len(self.costs) and self.costs[number].up == cost.up:
            self.costs = [cost if n == number else c for n, c in enumerate(self.costs)]
            self.listed.emit(None)

    def _measure_others(self) -> None:
        """Candidates with real supports, one after another in the background: what is compared is then measured, not foretold."""
        number = next((n for n, c in enumerate(self.costs) if not c.supported), None)
        if number is None or self.part is None or self.fields is None:
            return
        about = self._about

        def done(cost: PoseCost) -> None:
            if about == self._about:
                self._measured_as(number, cost)
                self._measure_others()

        self.context.jobs.idle("measure", "Measuring the others with their supports", self.measuring(number), done)

    def measuring(self, number: int) -> Callable[[Progress], PoseCost]:
        """The work of measuring a candidate with its supports."""
        part, machine, resin, style = self.part, self.machine, self.resin, self.style
        mesh, cost, fields = self.session.mesh(part.blob if part else ""), self.costs[number], self.fields
        return lambda progress: supported_pose(mesh, cost, machine, resin, style, fields, progress).cost

    @property
    def least(self) -> int | None:
        """Which candidate costs least, once all are measured with their supports."""
        if self.search is None or not self.costs or not all(c.supported for c in self.costs):
            return None
        search, weights = self.search, self.weights
        return min(range(len(self.costs)), key=lambda n: measured_score(self.costs[n], search, weights))

    def try_own(self, up: Floats) -> None:
        """A direction let go on the chart: measured and put in the last place."""
        part, fields = self.part, self.fields
        if part is not None and fields is not None:
            mesh, machine, resin = self.session.mesh(part.blob), self.machine, self.resin
            self._measured(mesh, "Measuring this pose", lambda: measure(mesh, fields, OWN, up, machine, resin))

    def weigh(self, weights: Weights) -> None:
        """Other weights: the map at once, then the best found anew."""
        part, fields = self.part, self.fields
        if part is None or fields is None or self.search is None:
            return
        weights = weights.on(self.machine)
        search, self.weights = self.search.blended(weights), weights
        self.search = search
        self.listed.emit(None)
        mesh, machine, resin = self.session.mesh(part.blob), self.machine, self.resin

        def best() -> PoseCost:
            up = school_up(BEST, without_cups(mesh, search, weights))
            return measure(mesh, fields, BEST, up, machine, resin)

        self._measured(mesh, "Measuring the best", best)

    def _measured(self, mesh: Mesh, words: str, work: Callable[[], PoseCost]) -> None:
        """A pose measured as a job, put in the last place and chosen."""

        def done(cost: PoseCost) -> None:
            supplied = [self.supplied.cost] if self.supplied else []
            self.costs, self.chosen = [*self.costs[:OWN_AT], cost, *supplied], OWN_AT
            self.listed.emit(mesh)
            self.choose(OWN_AT)

        self.context.jobs.start("pose", words, lambda _: work(), done)

    def show(self, trial: Tried, draft: Draft | None, again: bool = False) -> None:
        """A pose with its supports; ``draft``: as the part has it; ``again``: the same, changed."""
        self.tried, self.drafted = trial, draft
        self.shown.emit(again)
