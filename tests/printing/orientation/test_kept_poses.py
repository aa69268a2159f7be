"""A search that was kept is the search that was made."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import box_mesh
from numerus.domain.printing.machines import Machine, Resin
from numerus.printing.orientation.kept_poses import ARRAYS, packed_poses, unpacked_poses
from numerus.printing.orientation.pose_measures import candidates


def test_a_kept_search_comes_back_to_the_last_digit() -> None:
    """Costs of every pose, all directions, and the best of them under other weights."""
    costs, search = candidates(box_mesh((9, 5, 4)), Machine("m", "M"), Resin("r", "R"))
    told = unpacked_poses(packed_poses(costs, search))
    assert told is not None and told[0] == costs
    assert all(np.array_equal(getattr(told[1], a), getattr(search, a)) for a in ARRAYS)


@pytest.mark.parametrize("data", [b"", b"no such thing", b"PK\x03\x04 cut short"])
def test_bytes_that_are_no_search_are_none(data: bytes) -> None:
    """Who cannot read what was kept searches anew."""
    assert unpacked_poses(data) is None
