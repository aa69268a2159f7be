"""What every command answers with."""

from __future__ import annotations

from pathlib import Path
from typing import Any

from numerus.errors import NumerusError

Result = dict[str, Any]


def refused(name: str, error: NumerusError) -> Result:
    return {"file": name, "ok": False, "error": error.as_dict()}


def load_oriented_mesh(path: Path) -> Any:
    """One file's mesh in mm, whole shells turned right. Raises MeshFileError."""
    from numerus.formats.meshes.mesh_files import read_mesh
    from numerus.kit.sorting import shaped

    return shaped(read_mesh(path), path.name)[0].mesh
