"""What Schools and Recipe share: the rest of a figure painted by the scheme, seen by a picture's samples. No Qt here."""

from __future__ import annotations

import numpy as np

from numerus.domain.recipes import Scheme
from numerus.geometry.mesh import Floats
from numerus.paint.figure.built import Built
from numerus.paint.figure.painted import Primer, painted_zone
from numerus.paint.figure.shot import Shot
from numerus.paint.priming import two_tone_primer
from numerus.paint.rack.pots import Rack

EXPOSURE = 0.8
GREY_GROUND = 0.4


def others_painted(shot: Shot, built: Built, scheme: Scheme | None, rack: Rack, but: str) -> Floats:
    """Linear light (s, 3) of every sample by the scheme, a zone left primed; what has no recipe stays primed."""
    primer = two_tone_primer(scheme) if scheme else Primer(np.full(36, GREY_GROUND))
    recipes = {r.zone: r.steps for r in scheme.recipes if r.zone != but} if scheme else {}
    light = np.zeros((len(shot.hit), 3))
    for number in np.unique(shot.zone):
        own = np.flatnonzero(shot.zone == number)
        steps = recipes.get(built.zones[number], ()) if number >= 0 else ()
        light[own] = painted_zone(steps, rack, primer, shot.places.some(own)).light()
    return light
