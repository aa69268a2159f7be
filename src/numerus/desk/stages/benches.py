"""One bench per stage, each made when it is first opened or, before that, while nobody waits."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping
from importlib import import_module

from numerus.desk.actions import Actions
from numerus.desk.context import Context
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.bench import Bench
from numerus.domain.stages import STAGES

NAMES = {stage: f"{stage.capitalize()}Bench" for stage in STAGES}


class Benches(Mapping[str, Bench]):
    """The benches by stage, in the order of the march. ``made`` is told each as it comes to be."""

    def __init__(
        self, context: Context, user_actions: Actions, renderer: Renderer, made: Callable[[Bench], object]
    ) -> None:
        self.context, self.user_actions, self.renderer, self.made = context, user_actions, renderer, made
        self.there: dict[str, Bench] = {}

    def __getitem__(self, stage: str) -> Bench:
        if stage not in self.there:
            self.there[stage] = self._make(stage)
            self.made(self.there[stage])
        return self.there[stage]

    def __iter__(self) -> Iterator[str]:
        return iter(STAGES)

    def __len__(self) -> int:
        return len(STAGES)

    @property
    def missing(self) -> list[str]:
        """Stages whose bench nobody has opened yet."""
        return [s for s in STAGES if s not in self.there]

    def _make(self, stage: str) -> Bench:
        """Libraries of a bench are read with it, so that the window need not wait for those of all."""
        kind = getattr(import_module(module_of(stage)), NAMES[stage])
        actions = self.user_actions
        known = {
            "muster": (actions.new_army, actions.add_unit, actions.edit_unit),
            "plate": (actions,), "wash": (), "sort": (actions, self.renderer), "pose": (actions, self.renderer),
        }  # fmt: skip
        made: Bench = kind(self.context, *known.get(stage, (self.renderer,)))
        return made


def module_of(stage: str) -> str:
    return f"numerus.desk.stages.{stage}.bench"
