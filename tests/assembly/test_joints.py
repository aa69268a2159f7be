"""Joints against sums by hand: a bar on a post, a peg in a block, a chain of parts."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import box_mesh
from numerus.assembly.balance import RESIN_G_PER_MM3
from numerus.assembly.joints import GRAVITY, KNOCK_G, Gap, Joint, built_before_cured, joints_of

POST, BAR = box_mesh((6, 6, 10), (-3, -3, 0)), box_mesh((23, 6, 3), (-3, -3, 10))


def test_a_bar_on_a_post_hangs_on_the_post_s_top() -> None:
    """36 mm²; the bar's own weight at 8.5 mm from the joint's middle, standing; at a knock five times it, over the whole arm."""
    joint = joints_of([("post", POST), ("bar", BAR)])[0]
    newton = 23 * 6 * 3 * RESIN_G_PER_MM3 * GRAVITY
    assert (joint.a, joint.b) == ("post", "bar")
    assert joint.area_mm2 == pytest.approx(36, rel=0.03)
    assert joint.load_nmm == pytest.approx(newton * 8.5, rel=0.02)
    assert joint.knock_nmm == pytest.approx(KNOCK_G * newton * np.hypot(8.5, 1.5), rel=0.02)
    assert joint.advice.startswith("glue")


def test_a_peg_counts_with_its_sides() -> None:
    """A peg of 2 × 2 mm, 3 deep: its top and four sides within the block."""
    peg = box_mesh((2, 2, 6), (-1, -1, -3))
    block = box_mesh((20, 20, 3), (-10, -10, 0))
    joint = joints_of([("peg", peg), ("block", block)])[0]
    assert joint.area_mm2 == pytest.approx(4 * 2 * 3, rel=0.12)


def test_parts_that_do_not_touch_have_no_joint() -> None:
    """Half a millimetre apart."""
    assert joints_of([("post", POST), ("bar", BAR.moved((0, 0, 0.5)))]) == []


def test_what_hangs_on_a_joint_is_all_that_comes_off_with_it() -> None:
    """A block on the bar's end loads the bar's joint, too; its own bears only itself. A thin one wants a pin."""
    end = box_mesh((4, 4, 4), (15, -2, 13))
    found = {(j.a, j.b): j for j in joints_of([("post", POST), ("bar", BAR), ("end", end)])}
    alone = joints_of([("post", POST), ("bar", BAR)])[0]
    assert found["post", "bar"].load_nmm > alone.load_nmm
    assert found["bar", "end"].load_nmm < found["post", "bar"].load_nmm
    heavy = box_mesh((40, 40, 40), (-20, -20, 20))
    stem = box_mesh((1, 1, 20), (-0.5, -0.5, 0))
    assert joints_of([("stem", stem), ("top", heavy)])[0].advice.startswith("pin")


def test_what_building_before_the_lamp_shades_is_the_skin_that_touches() -> None:
    """All of it together, the largest named, half a minute of a torch for each; nothing touches, nothing is said."""
    joints = [Joint("body", "head", 12.0, 0, 0, Gap()), Joint("body", "arm", 30.4, 0, 0, Gap())]
    said = built_before_cured(joints)
    assert "42 mm² in 2 joints" in said and "between body and arm (30 mm²)" in said and "1 min" in said
    assert built_before_cured([]) == ""
