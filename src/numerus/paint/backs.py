"""A figure's back against its front: which draws more, and how much of each zone looks forward."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from numerus.domain.painting.recipes import Placing, Scheme
from numerus.geometry.mesh import Floats
from numerus.geometry.rays import LIGHT
from numerus.paint.figure.built import Built
from numerus.paint.figure.placing import FRONT, mask_of
from numerus.paint.figure.reading import reading
from numerus.paint.looks import figure_shot, lit_light
from numerus.paint.rack.pots import Rack

LOUD = 0.85  # (default) of the front's contrast, from which on a back is not quiet


@dataclass(frozen=True)
class Back:
    """``against_front``: the contrast seen from behind over that from the front, in a light that is turned with the viewer; by zone
    the share of the back's contrast (``drawn``) and of its skin that looks forward (``forward``).
    """

    against_front: float
    drawn: Mapping[str, float]
    forward: Mapping[str, float]


def back_of(built: Built, scheme: Scheme, rack: Rack, width: int, height: int, finer: int) -> Back:
    """How a figure painted by a scheme reads from behind, across the table."""
    total, drawn = [], dict[str, float]()
    for behind in (False, True):
        shot = figure_shot(built, width, height, finer, behind)
        light = LIGHT * np.array([-1.0, -1.0, 1.0]) if behind else LIGHT
        read = reading(shot, lit_light(shot, built, scheme, rack, light), built.zones)
        total.append(float(read.contrast.sum()))
        drawn = dict(read.drawn)
    return Back(total[1] / max(total[0], 1e-9), drawn, _forward(built))


def _forward(built: Built) -> dict[str, float]:
    figure = built.figure
    front: Floats = mask_of(Placing(FRONT), figure.places) * figure.mesh.vertex_areas_mm2
    shares = {}
    for number, zone in enumerate(built.zones):
        own = figure.vertex_zone == number
        shares[zone] = float(front[own].sum() / max(figure.mesh.vertex_areas_mm2[own].sum(), 1e-9))
    return shares
