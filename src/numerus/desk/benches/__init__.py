"""One bench per stage."""

from __future__ import annotations

from numerus.desk.benches.muster import MusterBench
from numerus.desk.benches.pose import PoseBench
from numerus.desk.benches.sort import SortBench
from numerus.desk.context import Context
from numerus.desk.deeds import Deeds
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.bench import Bench


def make_benches(context: Context, deeds: Deeds, renderer: Renderer) -> dict[str, Bench]:
    """The benches by stage."""
    made: list[Bench] = [
        MusterBench(context, deeds.new_army, deeds.add_unit, deeds.edit_unit),
        SortBench(context, deeds, renderer),
        PoseBench(context, deeds, renderer),
    ]
    return {bench.stage: bench for bench in made}
