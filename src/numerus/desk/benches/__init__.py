"""One bench per stage."""

from __future__ import annotations

from numerus.desk.benches.build import BuildBench
from numerus.desk.benches.finish import FinishBench
from numerus.desk.benches.muster import MusterBench
from numerus.desk.benches.paint import PaintBench
from numerus.desk.benches.plate import PlateBench
from numerus.desk.benches.pose import PoseBench
from numerus.desk.benches.prime import PrimeBench
from numerus.desk.benches.print_ import PrintBench
from numerus.desk.benches.ready import ReadyBench
from numerus.desk.benches.sort import SortBench
from numerus.desk.benches.wet import CureBench, WashBench
from numerus.desk.context import Context
from numerus.desk.deeds import Deeds
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.bench import Bench


def make_benches(context: Context, deeds: Deeds, renderer: Renderer) -> dict[str, Bench]:
    """The benches by stage, in the order of the march."""
    made: list[Bench] = [
        MusterBench(context, deeds.new_army, deeds.add_unit, deeds.edit_unit),
        SortBench(context, deeds, renderer),
        PoseBench(context, deeds, renderer),
        PlateBench(context, deeds),
        PrintBench(context),
        WashBench(context),
        CureBench(context, renderer),
        BuildBench(context, renderer),
        PrimeBench(context, renderer),
        PaintBench(context, renderer),
        FinishBench(context, renderer),
        ReadyBench(context, renderer),
    ]
    return {bench.stage: bench for bench in made}
