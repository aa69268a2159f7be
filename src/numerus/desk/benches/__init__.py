"""One bench per stage."""

from __future__ import annotations

from numerus.desk.benches.muster import MusterBench
from numerus.desk.context import Context
from numerus.desk.deeds import Deeds
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.bench import Bench


def make_benches(context: Context, deeds: Deeds, renderer: Renderer) -> dict[str, Bench]:
    """The benches by stage."""
    made: list[Bench] = [MusterBench(context, deeds.new_army, deeds.add_unit, deeds.edit_unit)]
    return {bench.stage: bench for bench in made}
