"""What the Ready bench shows: how many stand on the table, what it all cost, how the unit is packed. No Qt here."""

from __future__ import annotations

from numerus.desk.answers import Answers
from numerus.domain.army import Figure, Unit
from numerus.domain.parts import Part
from numerus.kit.builds import printed_slots
from numerus.money.costs import Cost
from numerus.packing.trays import Tray


class ReadyState:
    def __init__(self, answers: Answers) -> None:
        self.trays: list[Tray] = []
        self.look(answers, "", "")

    def look(self, answers: Answers, unit_id: str, figure_id: str) -> None:
        self.answers, self.plans = answers, answers.plans
        self.unit_id, self.figure_id = unit_id, figure_id

    @property
    def unit(self) -> Unit | None:
        return self.plans.units.get(self.unit_id)

    @property
    def figure(self) -> Figure | None:
        """The one chosen in the roll, or the unit's first."""
        figures = self.plans.figures_of(self.unit_id)
        return self.plans.figures.get(self.figure_id) or next(iter(figures), None)

    @property
    def parts(self) -> list[Part]:
        """All printed parts of the unit's figures, each once."""
        used = [p for f in self.plans.figures_of(self.unit_id) for p in printed_slots(f).values()]
        return [self.plans.parts[p] for p in dict.fromkeys(used) if p in self.plans.parts]

    @property
    def subtitle(self) -> str:
        standing = self.answers.standing
        return f"{len(standing.at('ready'))} of {len(standing.figures)} figures stand on the table"

    @property
    def packed_for(self) -> tuple[object, ...]:
        """What the trays depend on: builds, their meshes, the base."""
        builds = tuple(tuple(sorted(f.build.items())) for f in self.plans.figures_of(self.unit_id))
        base = self.unit.base_mm if self.unit else 0.0
        return self.unit_id, base, builds, tuple(p.blob for p in self.parts)

    @property
    def costs(self) -> dict[str, Cost]:
        return self.answers.costs

    @property
    def bought_pence(self) -> int:
        return sum(u.bought_pence * len(self.plans.figures_of(u.id)) for u in self.plans.units.values())

    @property
    def packing_text(self) -> str:
        """The packing list as text, one line a figure."""
        return "\n".join(
            f"{t.unit}\t{t.figure}\t{t.width_mm:.0f} × {t.depth_mm:.0f} × {t.height_mm:.0f} mm\t{t.note}"
            for t in self.trays
        )
