"""What the Recipe page asks in dialogs of their own: an effect, a way back, the order of zones."""

from __future__ import annotations

from collections.abc import Callable, Iterable

from PyQt6.QtWidgets import QWidget

from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.stages.paint.built_figures import BuiltFigures
from numerus.desk.stages.paint.recipe.draw_dialog import DrawDialog
from numerus.desk.stages.paint.recipe.effects_dialog import EffectsDialog
from numerus.desk.stages.paint.recipe.order_dialog import OrderDialog
from numerus.desk.stages.paint.recipe.rescue_dialog import RescueDialog
from numerus.desk.stages.paint.recipe.rescue_state import RescueState
from numerus.desk.stages.paint.recipe.state import Canvas, RecipeState
from numerus.desk.view3d.renderer import Renderer
from numerus.domain.parts import Part
from numerus.errors import NumerusError, PlanError, Progress
from numerus.paint.advice.effects import Effect
from numerus.paint.advice.zone_order import in_order, openness_by_zone


class RecipeQuestions:
    """``say``: shows what stands in the way, "" for nothing."""

    def __init__(
        self, page: QWidget, context: Context, renderer: Renderer, built: BuiltFigures,
        with_meshes: Callable[[Iterable[Part], Callable[[], object]], None], state: RecipeState, say: Callable[[str], None],
    ) -> None:  # fmt: skip
        self.page, self.context, self.session, self.built = page, context, context.session, built
        self.renderer = renderer
        self.with_meshes, self.state, self.say = with_meshes, state, say

    def _parts(self) -> list[Part]:
        plans, figure = self.session.plans, self.state.figure
        return [plans.parts[p] for p in dict.fromkeys(figure.build.values()) if p in plans.parts] if figure else []

    def add_effect(self) -> None:
        """An effect's strokes after the zone's own; seen at once in the filmstrip, undone as one."""
        state, plans = self.state, self.session.plans
        sources = [(plans.zone_name(z), z) for z in plans.zone_areas_cm2(state.figure)] if state.figure else []
        dialog = EffectsDialog(plans.zone_name(state.zone_id), sources, self.page)
        if dialog.exec():
            parts = self._parts()
            self.with_meshes(parts, lambda: self._effect(dialog.effect, dialog.source, parts))

    def _effect(self, effect: Effect, source: str, parts: list[Part]) -> None:
        zoned = [self.session.zoned(p) for p in parts]
        try:
            documents = self.state.with_effect(effect, zoned, source, new_id)
        except NumerusError as error:
            self.say(f"{error.message} {error.advice}")
            return
        self.say("")
        self.session.commit(f"{effect.name} on {self.session.plans.zone_name(self.state.zone_id)}", documents)

    def draw(self) -> None:
        """The chosen stroke, or where it goes, drawn on the figure: one edit of the scheme."""
        state, parts, step = self.state, self._parts(), self.state.step
        if step is None or not parts:
            self.say("There is no stroke to draw, or no figure to draw it on.")
            return
        make, name = self.built.making(parts), self.session.plans.zone_name(state.zone_id)

        def work(progress: Progress) -> Canvas | PlanError:
            return state.canvas(make(progress), step)

        def ask(canvas: Canvas | PlanError) -> None:
            self.built.keep()
            if isinstance(canvas, PlanError):
                self.say(f"{canvas.message} {canvas.advice}")
                return
            dialog = DrawDialog(self.context, self.renderer, canvas.drawn, canvas.colours, canvas.ink, name, self.page)
            if dialog.exec():
                self.say("")
                self.session.commit(f"{name}: {step.name} drawn", [state.placed(step, canvas.drawn.placing())])

        self.with_meshes(
            parts, lambda: self.context.jobs.start("canvas", "Making the figure ready to draw on", work, ask)
        )

    def rescue(self) -> None:
        """Ways back for the zone, on the chosen figure or on all of its unit that have paint on it."""
        state, parts = self.state, self._parts()
        if state.figure is None or state.recipe is None:
            self.say("There is nothing painted that could have gone wrong.")
            return
        asked = RescueState(self.session.answers, state.figure, state.recipe)
        name = self.session.plans.zone_name(state.zone_id)

        def ask() -> None:
            dialog = RescueDialog(self.context, asked, self.built.making(parts), name, self.page)
            if dialog.exec() and asked.way is not None and asked.way.steps:
                self.session.commit(
                    f"{asked.way.name.lower()} on {name}", facts=asked.facts(state.rescued(dialog.for_all))
                )

        self.with_meshes(parts, ask)

    def order(self) -> None:
        """The zones in a better order, with the reasons; one's own stays unless it is taken."""
        parts = self._parts()
        if self.session.plans.scheme_for(self.state.figure) is None or not parts:
            self.say("There is no scheme to put in order yet.")
            return
        make = self.built.making(parts)
        self.with_meshes(
            parts,
            lambda: self.context.jobs.start(
                "order", "Looking how deep zones lie", lambda p: openness_by_zone(make(p)), self._ask_order
            ),
        )

    def _ask_order(self, openness: dict[str, float]) -> None:
        self.built.keep()
        scheme = self.session.plans.scheme_for(self.state.figure)
        if scheme is None:
            return
        dialog = OrderDialog(self.session.plans, scheme, openness, self.page)
        if dialog.exec():
            self.session.commit("zones in another order", [in_order(scheme, dialog.turns)])
