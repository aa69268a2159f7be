"""The layers of a supported part as bytes, to be kept: a plate that is looked at again need not be measured again."""

from __future__ import annotations

import zipfile
from io import BytesIO

import numpy as np

from numerus.domain.printing.machines import Machine, Resin
from numerus.printing.plates.plate_layers import LOOK_PX_MM, PartLayers

FORM = 1  # of what is kept; another one where a part's layers are measured otherwise


def layers_about(machine: Machine, resin: Resin) -> tuple[object, ...]:
    """All that a part's layers depend on beside its mesh."""
    return "layers", FORM, LOOK_PX_MM, machine, resin


def packed_layers(layers: PartLayers) -> bytes:
    packed = BytesIO()
    np.savez_compressed(packed, areas_mm2=layers.areas_mm2, pull_n=layers.pull_n, volume_ml=layers.volume_ml)
    return packed.getvalue()


def unpacked_layers(data: bytes | None) -> PartLayers | None:
    """What was packed; None where the bytes are no such thing."""
    try:
        with np.load(BytesIO(data or b"")) as kept:
            return PartLayers(kept["areas_mm2"], kept["pull_n"], float(kept["volume_ml"]))
    except (ValueError, KeyError, OSError, EOFError, zipfile.BadZipFile):
        return None
