"""Regions a mesh file tells of its surface: materials, groups, colours. A face attribute carries each face's, beside a table of names."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Mesh

REGION = "region"
"""The face attribute: a number into the file's names, COLOUR + 0xRRGGBB for a colour, -1 for none."""
COLOUR = 1 << 24


def colour_code(rgb: NDArray[np.integer]) -> NDArray[np.int32]:  # type: ignore[type-arg]
    """Codes (n,) of colours (n, 3) 0..255."""
    wide = np.asarray(rgb, np.int64)
    return np.asarray(COLOUR + (wide[:, 0] << 16) + (wide[:, 1] << 8) + wide[:, 2], np.int32)


def faces_of_vertex_colours(mesh: Mesh, rgb: NDArray[np.integer]) -> NDArray[np.int32]:  # type: ignore[type-arg]
    """Each face's code from its corners' colours (n, 3): what two of them share, else the first's."""
    codes = colour_code(rgb)[mesh.faces]
    return np.where(codes[:, 1] == codes[:, 2], codes[:, 1], codes[:, 0])


def told_regions(mesh: Mesh, names: tuple[str, ...]) -> tuple[NDArray[np.int32], tuple[str, ...]]:
    """Number of every face's region, -1 for none, into names of those that are there: a name, or "#RRGGBB"."""
    codes = mesh.face_attributes.get(REGION)
    if codes is None:
        return np.full(len(mesh.faces), -1, np.int32), ()
    there, number = np.unique(codes, return_inverse=True)
    known = there[there >= 0]
    region_names = tuple(f"#{c - COLOUR:06X}" if c >= COLOUR else names[c] for c in known.tolist())
    return (number - (len(there) - len(known))).clip(-1).astype(np.int32), region_names
