"""Which colour each zone of a figure is, by the mixes of its scheme, as far as it is painted, and parts in these colours."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from numerus.colour.light import lab_of, rgb_of
from numerus.domain.painting.recipes import Scheme
from numerus.domain.plans import Plans
from numerus.paint.priming.primer import primed_ground
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import can_be_mixed, zone_colour
from numerus.surface.fields.part_fields import two_tone
from numerus.surface.zones import ZonedMesh

Colours = NDArray[np.uint8]
PRIMER_LIGHT, PRIMER_DARK = np.array([205, 203, 198]), np.array([62, 62, 64])


def primed_colours(zoned_mesh: ZonedMesh) -> Colours:
    """Dark below, pale from above."""
    share = two_tone(zoned_mesh.mesh)[:, None]
    return (PRIMER_DARK + (PRIMER_LIGHT - PRIMER_DARK) * share).astype(np.uint8)


def zone_colours(plans: Plans, scheme: Scheme | None, painted: frozenset[str] | None = None) -> dict[str, str]:
    """Zone id -> colour by a scheme; with ``painted`` only by the steps done, zones not begun are left out."""
    rack = rack_of(plans)
    colours: dict[str, str] = {}
    if scheme is None:
        return colours
    ground = primed_ground(scheme)
    for recipe in scheme.recipes:
        steps = tuple(s for s in recipe.steps if painted is None or s.id in painted)
        if any(can_be_mixed(s, rack) for s in steps):
            colours[recipe.zone] = zone_colour(replace(recipe, steps=steps), rack, ground)
    return colours


def in_grey(colours: Colours) -> Colours:
    """Only the value of colours, uint8 (n, 3)."""
    value = lab_of(colours / 255)[:, :1] * 2.55
    return np.repeat(value.clip(0, 255), 3, axis=1).astype(np.uint8)


def painter_of(colours: Mapping[str, str], grey: bool = False) -> Callable[[ZonedMesh], Colours]:
    """Vertex colours of a part; zones without a colour stay primed. ``grey`` keeps only the value."""
    rgb = {zone: np.round(255 * rgb_of(colour)).astype(np.uint8) for zone, colour in colours.items()}

    def paint(zoned_mesh: ZonedMesh) -> Colours:
        coloured = zoned_mesh.coloured(rgb, primed_colours(zoned_mesh))
        return in_grey(coloured) if grey else coloured

    return paint
