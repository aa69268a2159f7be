"""One bench per stage."""

from __future__ import annotations

from numerus.desk.actions import Actions
from numerus.desk.context import Context
from numerus.desk.stages.build.bench import BuildBench
from numerus.desk.stages.cure.bench import CureBench
from numerus.desk.stages.finish.bench import FinishBench
from numerus.desk.stages.muster.bench import MusterBench
from numerus.desk.stages.paint.bench import PaintBench
from numerus.desk.stages.plate.bench import PlateBench
from numerus.desk.stages.pose.bench import PoseBench
from numerus.desk.stages.prime.bench import PrimeBench
from numerus.desk.stages.print.bench import PrintBench
from numerus.desk.stages.ready.bench import ReadyBench
from numerus.desk.stages.sort.bench import SortBench
from numerus.desk.stages.wash.bench import WashBench
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.bench import Bench


def make_benches(context: Context, user_actions: Actions, renderer: Renderer) -> dict[str, Bench]:
    """The benches by stage, in the order of the march."""
    benches: list[Bench] = [
        MusterBench(context, user_actions.new_army, user_actions.add_unit, user_actions.edit_unit),
        SortBench(context, user_actions, renderer),
        PoseBench(context, user_actions, renderer),
        PlateBench(context, user_actions),
        PrintBench(context, renderer),
        WashBench(context),
        CureBench(context, renderer),
        BuildBench(context, renderer),
        PrimeBench(context, renderer),
        PaintBench(context, renderer),
        FinishBench(context, renderer),
        ReadyBench(context, renderer),
    ]
    return {bench.stage: bench for bench in benches}
