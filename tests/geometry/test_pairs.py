"""Pairs, each once: as sorting the rows themselves does."""

from __future__ import annotations

import numpy as np

from numerus.geometry.pairs import unique_pairs


def test_pairs_are_those_of_sorting_rows() -> None:
    """Random ones with many doubles, the largest numbers, and none at all."""
    pairs = np.random.default_rng(3).integers(0, 40, (500, 2)).astype(np.int32)
    pairs[7] = 2**31 - 1, 2**31 - 1
    assert (unique_pairs(pairs) == np.unique(pairs, axis=0)).all()
    assert unique_pairs(np.zeros((0, 2), np.int32)).shape == (0, 2)
