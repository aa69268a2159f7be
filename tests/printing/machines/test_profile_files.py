"""Profiles as files, test pieces and what follows from them."""

from __future__ import annotations

import json
from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
import trimesh
from hypothesis import given
from hypothesis import strategies as st

from numerus.domain.printing.machines import Film, Machine, Resin
from numerus.errors import PlanError
from numerus.geometry.repair.health import count_holes, edges_of
from numerus.printing.machines.calibration import (
    FLOOR_MM,
    INNER_MM,
    LETTER_RAISED_MM,
    LETTERS_MM,
    OUTER_MM,
    Exposed,
    Measured,
    corrected,
    correction_of,
    dimension_piece,
    exposure_piece,
    least_detail_mm,
    lettering_piece,
    right_exposure_s,
)
from numerus.printing.machines.profile_files import kind_of, profile_text, read_profile, write_profile
from numerus.starter.shipped_profiles import shipped_profiles


def test_shipped_profiles_are_whole_and_come_back_as_they_went(tmp_path: Path) -> None:
    """Machines small and large, one of filament, three resins, films; written and read they are the same."""
    found = list(shipped_profiles())
    kinds = [kind_of(p) for p in found]
    assert (kinds.count("machine"), kinds.count("resin"), kinds.count("film")) == (4, 3, 2)
    assert {p.kind for p in found if isinstance(p, Machine)} == {"resin", "filament"}
    for number, profile in enumerate(found):
        write_profile(profile, tmp_path / f"{number}.json")
        assert read_profile(tmp_path / f"{number}.json") == profile


@pytest.mark.parametrize(
    ("change", "description"),
    [
        ({"pixel_mm": 0}, "pixel_mm"),
        ({"exposure_s": "long"}, "exposure_s"),
        ({"pixel_mm": 30.0}, "too coarse"),
        ({"name": None}, "name"),
    ],
)
def test_a_profile_that_makes_no_sense_is_refused_by_its_field(change: dict, description: str, tmp_path: Path) -> None:
    """And so are files that are none, or of a later form; what is not known is passed over."""
    told = json.loads(profile_text(Machine("m", "M")))
    path = tmp_path / "machine.json"
    path.write_text(json.dumps({**told, "profile": {**told["profile"], **change}}))
    with pytest.raises(PlanError, match=description):
        read_profile(path)
    for text in ("", "[]", "{}", json.dumps({**told, "version": 9}), json.dumps({**told, "kind": "lamp"})):
        path.write_text(text)
        with pytest.raises(PlanError, match="profile"):
            read_profile(path)
    path.write_text(json.dumps({**told, "profile": {**told["profile"], "colour": "teal"}}))
    assert read_profile(path) == Machine("m", "M")
    with pytest.raises(PlanError, match="cannot be written"):
        write_profile(Film("f", "F"), tmp_path / "none" / "film.json")


def test_test_pieces_are_sound_and_made_to_measure() -> None:
    """Closed solids; the frame is its widths."""
    for piece in (exposure_piece(), dimension_piece()):
        assert count_holes(edges_of(piece)) == 0
    assert dimension_piece().extents_mm[:2] == pytest.approx([OUTER_MM, OUTER_MM])


@given(st.floats(1.2, 8.0), st.floats(0.2, 0.6))
def test_the_right_exposure_is_where_pins_and_slots_are_alike(right: float, slope: float) -> None:
    """Pieces made by the law itself give its exposure back."""
    tried = [right * f for f in (0.8, 1.0, 1.3)]
    pieces = [Exposed(e, 0.3 - slope * np.log(e / right) / 2, 0.3 + slope * np.log(e / right) / 2) for e in tried]
    assert right_exposure_s(pieces) == pytest.approx(right, rel=1e-6)


def test_the_least_detail_is_where_pins_and_slots_come_out_alike() -> None:
    """Between two pieces half way in the logarithm: the mean of both widths, taken over with the exposure."""
    pieces = [Exposed(2.0, 0.30, 0.10), Exposed(4.5, 0.10, 0.30)]
    assert right_exposure_s(pieces) == pytest.approx(3.0)
    assert least_detail_mm(pieces) == pytest.approx(0.2)
    machine = corrected(Machine("m", "M"), 3.0, detail_mm=least_detail_mm(pieces))
    assert (machine.exposure_s, machine.least_pin_mm, machine.least_slot_mm) == (3.0, 0.2, 0.2)


def test_letters_to_be_printed_are_raised_and_closed() -> None:
    """Three of each height on a slab: their volume by hand, strokes a fifth of their height."""
    piece = lettering_piece()
    assert trimesh.Trimesh(piece.vertices, piece.faces).is_watertight
    x, y, _ = piece.extents_mm
    each = [(h / 5) * h + 3 * (h / 5) * (0.6 * h - h / 5) for h in LETTERS_MM]
    assert piece.signed_volume_mm3 == pytest.approx(
        x * y * FLOOR_MM + 3 * sum(each) * (LETTER_RAISED_MM - 0.01), rel=1e-3
    )


def test_pieces_that_say_nothing_are_refused() -> None:
    """One alone, and two that contradict each other."""
    with pytest.raises(PlanError, match="Two test pieces"):
        right_exposure_s([Exposed(2.0, 0.2, 0.3)])
    with pytest.raises(PlanError, match="More light"):
        right_exposure_s([Exposed(2.0, 0.2, 0.4), Exposed(3.0, 0.4, 0.2)])


@given(st.floats(-0.1, 0.15), st.floats(0.98, 1.02))
def test_a_measured_frame_gives_bleed_and_scale_back(bleed: float, scale: float) -> None:
    """And a machine corrected by it would print the frame true."""
    measured = Measured(scale * OUTER_MM + 2 * bleed, scale * INNER_MM - 2 * bleed)
    found = correction_of(measured)
    assert (found.bleed_mm, found.scale) == (pytest.approx(bleed, abs=1e-9), pytest.approx(scale))
    machine = corrected(Machine("m", "M"), 2.345678, found)
    printed = machine.scale_xy * (OUTER_MM) * scale + 2 * (bleed - machine.xy_comp_mm)
    assert printed == pytest.approx(OUTER_MM, abs=2e-3) and machine.exposure_s == 2.35
    with pytest.raises(PlanError, match="does not measure"):
        correction_of(replace(measured, outer_mm=12.0))


def test_a_resin_that_is_washed_with_water_is_shipped() -> None:
    """One of each kind."""
    assert {p.cure for p in shipped_profiles() if isinstance(p, Resin)} == {"standard", "tough", "water-washable"}
