"""Effects lie where they would: mud low, snow on top, glow on what faces its light; each can be mixed and painted."""

from __future__ import annotations

from itertools import count

import numpy as np
import pytest

from helpers import EVENING, ball_mesh, box_mesh, subdivided
from numerus.colour.films import WHITE_GROUND
from numerus.colour.light import delta_e
from numerus.geometry.mesh import merged
from numerus.paint.advice.effects import EFFECTS, EffectSteps, effect_named, effect_steps
from numerus.paint.figure.painted import Primer, painted_zone
from numerus.paint.figure.placing import LOW_MM, lying
from numerus.paint.figure.schools import school_step
from numerus.paint.figure.shot import Figure
from numerus.paint.rack.pots import Rack
from numerus.starter.schemes import PAINTS
from numerus.surface.fields.painting_fields import painting_fields

RACK = Rack({p.id: p for p in PAINTS})


@pytest.fixture(scope="module")
def post() -> Figure:
    """A tall post with a ball on it, each a zone, on the ground at 3 mm."""
    parts = [subdivided(box_mesh((8, 8, 20), (-4, -4, 3)), 4), ball_mesh(5, (0, 0, 27), 4)]
    mesh = merged(parts)
    return Figure(mesh, painting_fields(mesh), np.repeat([0, 1], [len(p.faces) for p in parts]))


def made(name: str, at: tuple[float, float, float] = (0, 0, 3.0)) -> EffectSteps:
    numbers = count()
    return effect_steps(effect_named(name), (("tallow", 1.0),), RACK, 6.0, lambda: f"e{next(numbers)}", EVENING, at)


@pytest.mark.parametrize("name", [e.name for e in EFFECTS])
def test_every_effect_can_be_mixed_and_is_seen_somewhere_but_not_as_a_coat(post: Figure, name: str) -> None:
    """Its pots are on the rack or told as to buy; each stroke lies on some of the skin, none evenly on all of it."""
    found = made(name, (0, -9, 20.0))
    rack = Rack({**RACK.paints, **{p.id: p for p in found.paints}})
    assert len({s.id for s in found.steps}) == len(found.steps) == len(effect_named(name).strokes)
    for step in found.steps:
        assert rack.shares(step.mix) and step.minutes > 0 and step.since == EVENING
        if step.technique == "rub-back":  # lays nothing, but takes away: seen below
            continue
        laid = lying(step, post.places).mean_um
        assert laid.max() > 0.05, step.name
        under = step.technique in ("glaze", "base")
        assert under or np.ptp(laid) > 0.1 * laid.max(), step.name
    assert effect_named(name).mind


def test_mud_is_low_and_snow_on_top(post: Figure) -> None:
    """By the height of the skin above the ground it stands on, and by where it faces."""
    height, up = post.mesh.vertices[:, 2] - 3.0, post.places.normal[:, 2]
    for step in made("mud").steps:
        laid = lying(step, post.places).mean_um
        assert laid[height < 2].mean() > 0 and laid[height > LOW_MM + 0.01].max() == 0
    for step in made("snow").steps:
        laid = lying(step, post.places).mean_um
        assert laid[up < -0.2].max() == 0 and laid[up > 0.7].mean() > 0


def test_a_glow_falls_off_and_leaves_what_faces_away(post: Figure) -> None:
    """By the square of the distance on faces that look at it: twice as far, a quarter, beyond its own reach."""
    far, near = made("glow", (0, -80, 13.0)).steps[0], made("glow", (0, -40, 13.0)).steps[0]
    front = (post.places.normal[:, 1] < -0.99) & (np.abs(post.mesh.vertices[:, 2] - 13) < 2)
    one, other = (lying(s, post.places).film_um for s in (near, far))
    assert one[front].mean() / other[front].mean() == pytest.approx((76 / 36) ** 2, rel=0.08)
    assert one[post.places.normal[:, 1] > 0.5].max() == 0


def test_a_resist_goes_under_the_base_coat_and_the_undercoat_shows_through_it(post: Figure) -> None:
    """Undercoat and resist first, rubbed back right after the base, before the zone's other strokes; seen on some of the skin."""
    base = school_step(1, "Base", "base", (("tallow", 1.0),), 6.0, 3)
    shade = school_step(2, "Shade", "wash", (("peat", 1.0),), 6.0)
    found = made("resist chipping")
    steps = found.among((base, shade), base)
    assert [s.technique for s in steps] == ["base", "resist", "base", "rub-back", "wash"]
    rack = Rack({**RACK.paints, **{p.id: p for p in found.paints}})
    own = post.places.some(np.flatnonzero(~post.fields.inside))
    before, after = (painted_zone(steps[:n], rack, Primer(WHITE_GROUND), own).lab() for n in (3, 4))
    changed = delta_e(before, after) > 5
    assert 0.01 < changed.mean() < 0.4
    assert np.median(delta_e(after[changed], rack.pigment(steps[0].mix).lab)) < np.median(
        delta_e(before[changed], rack.pigment(steps[0].mix).lab)
    )
    assert found.paints[-1].kind == "resist" and not made("rust").goes.count("before")
