"""Scales as people write them, and heights as they measure them."""

from __future__ import annotations

import pytest

from helpers import box_mesh
from numerus.errors import PlanError
from numerus.kit.scale import factor_between, factor_of, heights, ratio_of


@pytest.mark.parametrize(("text", "factor"), [
    ("110 %", 1.1), ("1.25", 1.25), ("x 2", 2), ("1:48 to 1:56", 48 / 56), ("28 mm to 32 mm", 32 / 28), ("1/72 → 1/35", 72 / 35),
])  # fmt: skip
def test_factors_as_people_write_them(text: str, factor: float) -> None:
    """Percent, plain numbers, ratios, and sizes to the eyes."""
    assert factor_of(text) == pytest.approx(factor)


def test_there_and_back_is_as_before() -> None:
    """Converting to another scale and back changes nothing."""
    assert factor_between("1:48", "32 mm") * factor_between("32 mm", "1:48") == pytest.approx(1)


@pytest.mark.parametrize("text", ["", "big", "1:0", "0 %", "-3", "1:56 to tall", "0 mm"])
def test_what_is_no_scale_is_refused_in_words(text: str) -> None:
    """Never a factor of nothing."""
    with pytest.raises(PlanError, match=r"no (scale|enlargement)"):
        factor_of(text)
    if "mm" in text:
        with pytest.raises(PlanError):
            ratio_of(text)


def test_heights_begin_above_the_base() -> None:
    """Eyes half way from the neck to the bare crown, whatever hat or beard is on; the base does not count."""
    build = {
        "base": box_mesh((20, 20, 3)),
        "legs": box_mesh((4, 4, 14), (0, 0, 3)),
        "head": box_mesh((3, 3, 12), (0, 0, 26)),
    }
    found = heights(build, 26.5, 33)
    assert found.eyes_mm == pytest.approx(26.5 + 3.25 - 3)
    assert (found.top_mm, found.whole_mm) == (35, 38)
    assert "28-32 mm family" in found.description
    assert heights({"base": build["base"]}).eyes_mm is None
