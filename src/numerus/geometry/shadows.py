"""Which cells of the plane a mesh lies over, looked at from above."""

from __future__ import annotations

import math

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Mesh


def shadow(mesh: Mesh, cell_mm: float, x0: int, y0: int, ny: int, nx: int) -> NDArray[np.bool_]:
    """Cells whose middle lies under or over a face, or that hold a vertex, so that bars between middles are not lost: bool (ny, nx)
    from cell (``x0``, ``y0``) on.
    """
    cells = np.zeros((ny, nx), np.bool_)
    _shade(np.ascontiguousarray(mesh.vertices[:, :2] / cell_mm - [x0, y0]), mesh.faces, cells)
    return cells


@kernel
def _shade(places, faces, cells):  # type: ignore[no-untyped-def]
    """``places`` (n, 2) in cells: the middle of cell (row, column) is at (column + 0.5, row + 0.5)."""
    ny, nx = cells.shape
    for x, y in places:
        cells[min(max(int(math.floor(y)), 0), ny - 1), min(max(int(math.floor(x)), 0), nx - 1)] = True
    for n in range(len(faces)):
        ax, ay = places[faces[n, 0]]
        bx, by = places[faces[n, 1]]
        cx, cy = places[faces[n, 2]]
        for row in range(max(math.ceil(min(ay, by, cy) - 0.5), 0), min(math.floor(max(ay, by, cy) - 0.5), ny - 1) + 1):
            y = row + 0.5
            for column in range(
                max(math.ceil(min(ax, bx, cx) - 0.5), 0), min(math.floor(max(ax, bx, cx) - 0.5), nx - 1) + 1
            ):
                x = column + 0.5
                one = (bx - ax) * (y - ay) - (by - ay) * (x - ax)
                two = (cx - bx) * (y - by) - (cy - by) * (x - bx)
                three = (ax - cx) * (y - cy) - (ay - cy) * (x - cx)
                if (one >= 0 and two >= 0 and three >= 0) or (one <= 0 and two <= 0 and three <= 0):
                    cells[row, column] = True
