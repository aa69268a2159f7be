"""Ways back from paint that went wrong: leaving it is the worst or nothing was wrong, painting anew comes to the goal."""

from __future__ import annotations

from itertools import count

import numpy as np
import pytest

from helpers import ball_mesh
from numerus.colour.light import delta_e
from numerus.domain.painting.recipes import Recipe, Scheme
from numerus.errors import PlanError
from numerus.paint.advice.rescue import FAULTS, FLAT, FORGOTTEN, OVERDONE, POOLED, WRONG_HUE, spoilt, ways_back
from numerus.paint.figure.built import Built, built_figure
from numerus.paint.figure.painted import painted_zone
from numerus.paint.priming.primer import two_tone_primer
from numerus.paint.rack.pots import Rack
from numerus.starter.schemes import PAINTS, SCHEME, recipe, step
from numerus.surface.zones import ZonedMesh

RACK = Rack({p.id: p for p in PAINTS})
CLOTH = next(r for r in SCHEME.recipes if r.zone == "cloth")
PRIMER = two_tone_primer(Scheme("", "", (), primer="grey"))


@pytest.fixture(scope="module")
def built() -> Built:
    ball = ball_mesh(6, (0, 0, 6), 4)
    return built_figure([ZonedMesh(ball, ("cloth",), np.zeros(len(ball.faces), np.uint8))], None, lambda _: True)[0]


def ids():  # type: ignore[no-untyped-def]
    numbers = count()
    return lambda: f"r{next(numbers)}"


@pytest.mark.parametrize("fault", FAULTS)
def test_some_way_comes_nearer_than_leaving_it(built: Built, fault: str) -> None:
    """Ordered by how near; each with its minutes, paint and risk; nothing done costs nothing."""
    found = spoilt(built, CLOTH, RACK, PRIMER, fault, "#3F7A3D")
    ways = ways_back(found, CLOTH, RACK, 6.0, ids())
    leave = next(w for w in ways if not w.steps)
    assert leave.minutes == 0 and leave.ml == 0 and leave.delta_e > 0.3
    assert ways[0].delta_e < leave.delta_e and ways[0].steps
    assert [round(w.delta_e, 1) for w in ways] == sorted(round(w.delta_e, 1) for w in ways)
    assert all(w.risk and (w.minutes > 0 and w.ml > 0 or w is leave) for w in ways)
    steps = [s.id for w in ways for s in w.steps]
    assert len(set(steps)) == len(steps)


def test_the_difference_is_that_of_an_independent_sum(built: Built) -> None:
    """Leaving a flat zone: mean ΔE between base alone and the whole recipe over the ball, weighted by area and sight, by hand."""
    found = spoilt(built, CLOTH, RACK, PRIMER, FLAT)
    flat, whole = (painted_zone(s, RACK, PRIMER, built.figure.places).lab() for s in (CLOTH.steps[:1], CLOTH.steps))
    weight = built.figure.mesh.vertex_areas_mm2 * np.maximum(built.figure.fields.seen, 1e-3)
    by_hand = np.average(delta_e(flat, whole), weights=weight)
    leave = next(w for w in ways_back(found, CLOTH, RACK, 6.0, ids()) if not w.steps)
    assert leave.delta_e == pytest.approx(by_hand, rel=0.02)


def test_what_cannot_have_gone_wrong_is_refused() -> None:
    """No wash that pooled, no light overdone, no colour told."""
    ball = ball_mesh(4, (0, 0, 4), 2)
    small = built_figure([ZonedMesh(ball, ("plain",), np.zeros(len(ball.faces), np.uint8))], None, lambda _: True)[0]
    plain = recipe("plain", step("Base", "base", "oak 1", 0.5, "round", 4, 20))
    for fault, words in ((POOLED, "wash"), (OVERDONE, "light"), (WRONG_HUE, "colour")):
        with pytest.raises(PlanError, match=words):
            spoilt(small, plain, RACK, PRIMER, fault)
    with pytest.raises(PlanError, match="stroke"):
        ways_back(spoilt(small, plain, RACK, PRIMER, FLAT), Recipe("plain", ()), RACK, 4.0, ids())


def test_a_forgotten_mix_is_found_again(built: Built) -> None:
    """The colour of a mix of the rack, as it hides, leads back to a mix within what an eye tells; more pots never come less near."""
    told = RACK.pigment((("tallow", 2.0), ("candle", 1.0)))
    found = spoilt(built, CLOTH, RACK, PRIMER, FORGOTTEN, told.colour)
    ways = ways_back(found, CLOTH, RACK, 6.0, ids())
    assert ways[0].name.startswith("Mix ") and ways[0].delta_e < 1.5 and ways[-1].name == "Leave it"
    mixes = sorted((len(w.steps[0].mix), w.delta_e) for w in ways if w.steps)
    assert all(b[1] <= a[1] + 0.3 for a, b in zip(mixes, mixes[1:], strict=False))
    with pytest.raises(PlanError):
        spoilt(built, CLOTH, RACK, PRIMER, FORGOTTEN)
