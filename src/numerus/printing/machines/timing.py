"""How long a run takes and how hard its layers pull.

Run time = sum over layers of exposure + rest before lift + lift / lift speed + retract / retract speed + rest after,
bottom layers with their own figures, plus start and end moves.
"""

from __future__ import annotations

import math
from typing import NamedTuple

import numpy as np

from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.plates import Laid
from numerus.geometry.mesh import Floats

LAYER_CHANGE_S = 1.0  # (default) of a filament machine
LINE_OVER_NOZZLE = 1.1  # (default) how wide a line is laid
HOP_MM = 20.0  # (default) from part to part
SEEN_ASIDE = math.pi / 4  # of a skin that looks everywhere, what stands upright: the mean of sin over the sphere


def layer_count(height_mm: float, layer_mm: float) -> int:
    """Layers whose middle lies below ``height_mm``; none for a flat nothing."""
    return max(0, math.ceil(height_mm / layer_mm - 0.5 - 1e-9))


def layer_cycle(machine: Machine, bottom: bool = False) -> dict[str, float]:
    """Seconds of what a machine of light does for one layer, in its order."""
    exposure = machine.bottom_exposure_s if bottom else machine.exposure_s
    lift_speed = machine.bottom_lift_mm_per_min if bottom else machine.lift_mm_per_min
    return {
        "light": exposure,
        "rest before": machine.rest_before_s,
        "lift": 60 * machine.lift_mm / lift_speed,
        "back down": 60 * machine.lift_mm / machine.retract_mm_per_min,
        "rest after": machine.rest_after_s,
    }


def layer_seconds(machine: Machine, bottom: bool) -> float:
    return sum(layer_cycle(machine, bottom).values())


NOTHING = Laid()


def run_minutes(height_mm: float, machine: Machine, laid: Laid = NOTHING) -> float:
    """Minutes of a run whose tallest part is ``height_mm`` high: of light and resin it depends on nothing else; a filament
    machine takes what its nozzle's way takes, see ``lay_seconds``.
    """
    layers = layer_count(height_mm, machine.layer_mm)
    if machine.is_dry:
        return (lay_seconds(layers, machine, laid) + machine.start_end_s) / 60
    bottom = min(layers, machine.bottom_layers)
    seconds = bottom * layer_seconds(machine, True) + (layers - bottom) * layer_seconds(machine, False)
    return (seconds + machine.start_end_s) / 60


def outline_mm(skin_cm2: float, machine: Machine) -> float:
    """Length of one line along the outlines of all layers: a skin's upright share over the layer's height (every layer's outline
    times its height is the skin it closes, seen from the side).
    """
    return SEEN_ASIDE * 100 * skin_cm2 / machine.layer_mm


def light_h(layers: int, machine: Machine) -> float:
    """Hours of light so many layers take."""
    bottom = min(layers, machine.bottom_layers)
    return (bottom * machine.bottom_exposure_s + (layers - bottom) * machine.exposure_s) / 3600


def hop_seconds(machine: Machine) -> float:
    """From part to part, with drawing back and forward again."""
    return machine.retract_s + HOP_MM / machine.travel_mm_per_s


def lay_seconds(layers: int, machine: Machine, laid: Laid) -> float:
    """Walls at their speed, what is left of the plastic at the speed of filling, hops from part to part and changes of layer."""
    line_mm2 = LINE_OVER_NOZZLE * machine.nozzle_mm * machine.layer_mm
    whole_mm = 1000 * laid.ml / line_mm2
    walls_mm = min(machine.walls * outline_mm(laid.skin_cm2, machine), whole_mm)
    fill_mm = (whole_mm - walls_mm) * machine.fill_share
    hops = layers * (laid.parts if laid.parts > 1 else 0)
    return (
        walls_mm / machine.wall_mm_per_s
        + fill_mm / machine.fill_mm_per_s
        + hops * hop_seconds(machine)
        + layers * LAYER_CHANGE_S
    )


def plastic_ml(machine: Machine, laid: Laid) -> float:
    """Plastic that is really laid: walls whole, the rest by its filled share."""
    line_mm2 = LINE_OVER_NOZZLE * machine.nozzle_mm * machine.layer_mm
    walls_ml = min(machine.walls * outline_mm(laid.skin_cm2, machine) * line_mm2 / 1000, laid.ml)
    return walls_ml + (laid.ml - walls_ml) * machine.fill_share


class OffReel(NamedTuple):
    """What a run takes off the reel."""

    grams: float
    metres: float


def off_reel(machine: Machine, laid: Laid) -> OffReel:
    ml = plastic_ml(machine, laid)
    return OffReel(ml * machine.plastic_g_per_ml, ml / (math.pi * machine.filament_mm**2 / 4))


def layers_after(minutes: float, height_mm: float, machine: Machine) -> int:
    """Layers of a run that are done after so many of its estimated minutes: bottom layers take longer than the rest.

    Half of what start and end take is before the first. A filament machine's layers take as their plastic does, which is taken to
    be the same for each.
    """
    layers = layer_count(height_mm, machine.layer_mm)
    if machine.is_dry:
        total = run_minutes(height_mm, machine)
        return min(int(layers * max(minutes, 0.0) / total), layers) if total > 0 else 0
    seconds = 60 * minutes - machine.start_end_s / 2 + 1e-6
    bottom_s, other_s = layer_seconds(machine, True), layer_seconds(machine, False)
    bottom = min(layers, machine.bottom_layers)
    if seconds < bottom * bottom_s:
        return max(int(seconds / bottom_s), 0)
    return min(bottom + int((seconds - bottom * bottom_s) / other_s), layers)


def height_after(minutes: float, height_mm: float, machine: Machine) -> float:
    """How high a run has grown after so many of its estimated minutes, by the layers that are done."""
    return min(layers_after(minutes, height_mm, machine) * machine.layer_mm, height_mm)


def pull_n(
    areas_mm2: Floats, machine: Machine, resin: Resin, edges_mm: Floats | float = 0.0, sealed_mm2: Floats | float = 0.0
) -> Floats:
    """Pull on the film in N, float64 as ``areas_mm2``: area and what it seals (cups) times the resin's peel stress, and
    the outline times its peel line, growing with lift speed.

    The square root of speed follows from lubrication between close plates (Stefan 1874), tamed by the film's flex. A
    sealed cup pulls like the solid that would fill it. A nozzle has no film.
    """
    if machine.is_dry:
        return np.zeros(len(areas_mm2))
    stress = resin.pull_n_per_mm2 * (areas_mm2 + sealed_mm2) + resin.peel_n_per_mm * np.asarray(edges_mm)
    return np.asarray(stress * machine.film_pull * (machine.lift_mm_per_min / 60.0) ** 0.5)
