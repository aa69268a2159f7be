"""Every analysis of a mesh tried on shells of absurdly unlike sizes, in a process of its own: which kept how much memory.

``python memory_probe.py`` prints the name of each analysis, how it ended and its peak in MB, one a line.
"""

from __future__ import annotations

import resource
from collections.abc import Callable

import numpy as np
import trimesh

from numerus.assembly.balance import balance
from numerus.domain.printing.machines import Machine, Resin
from numerus.errors import NumerusError
from numerus.geometry.likeness import ShapePrint, alike
from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.repair.findings import findings
from numerus.geometry.repair.health import inspect
from numerus.geometry.repair.mending import mend
from numerus.geometry.thickness import thickness
from numerus.kit.recognise import base_of, supports_of
from numerus.kit.relations import relations
from numerus.kit.sorting import Shaped
from numerus.kit.thumbnails import thumbnail_png
from numerus.printing.checks.print_check import check_mesh_print
from numerus.printing.hollow.hollowing import hollow
from numerus.surface.fields.part_fields import fields_of

LIMIT_MB = 2000  # what docs/house.md states


def unlike_shells() -> Mesh:
    """A ball of 30 mm with balls of three thousandths of a millimetre beside and within it: 10,000 to 1."""
    large = trimesh.creation.icosphere(4, 15.0)
    small = trimesh.creation.icosphere(1, 0.0015)
    near = Mesh(np.asarray(small.vertices) + [15.3, 0, 0], np.asarray(small.faces, np.int32))
    inside = Mesh(np.asarray(small.vertices), np.asarray(small.faces, np.int32))
    return merged([Mesh(np.asarray(large.vertices), np.asarray(large.faces, np.int32)), near, inside])


def analyses(mesh: Mesh) -> dict[str, Callable[[], object]]:
    machine, resin = Machine("m", "M"), Resin("r", "R")
    return {
        "inspect": lambda: inspect(mesh), "findings": lambda: findings(mesh), "mend": lambda: mend(mesh),
        "thickness": lambda: thickness(mesh), "supports": lambda: supports_of(mesh), "base": lambda: base_of(mesh),
        "likeness": lambda: alike(ShapePrint(mesh), ShapePrint(mesh)), "thumbnail": lambda: thumbnail_png(mesh),
        "relations": lambda: relations([Shaped("a", "a.stl", mesh), Shaped("b", "b.stl", mesh.moved((3, 0, 0)))]),
        "balance": lambda: balance([mesh]), "fields": lambda: fields_of(mesh), "hollow": lambda: hollow(mesh),
        "print check": lambda: check_mesh_print(mesh.dropped(), machine, resin),
    }  # fmt: skip


def main() -> None:
    resource.setrlimit(resource.RLIMIT_AS, (8 * LIMIT_MB * 2**20, -1))
    for name, work in analyses(unlike_shells()).items():
        try:
            work()
            end = "done"
        except NumerusError as error:
            end = f"refused: {error.message}"
        except MemoryError:
            end = "out of memory"
        print(f"{name}\t{end}\t{resource.getrusage(resource.RUSAGE_SELF).ru_maxrss // 1024}", flush=True)


if __name__ == "__main__":
    main()
