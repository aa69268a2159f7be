"""The Wickmen's kit as it comes from a careless download: to try Sort on, and for its tests.

What is in it: useless names, a re-meshed and turned duplicate, a mirror twin, a supported copy beside its plain one, a
part in inches, a torn one, one inside out, a file cut short, a missing limb, and a readme of nonsense.
"""

from __future__ import annotations

import struct
import zipfile
from pathlib import Path

import numpy as np

from numerus.demo.parts import mesh, supported
from numerus.formats.meshes.mesh_writing import stl_bytes
from numerus.geometry.mesh import Mesh, about_vertical, rotation_matrix, turning_up

README = (
    "Thank you for your purchase!!! v2 FINAL (really final). Scale: yes. Supports: some. If an arm is missing it is in "
    "the other pack. Do not print upside down unless upside down. Licence: see readme.\n"
)
STAMP = (2026, 1, 1, 0, 0, 0)


def _remeshed(part: Mesh) -> Mesh:
    """The same shape with other triangles: thinned by a third."""
    import fast_simplification

    points, faces = fast_simplification.simplify(
        part.vertices.astype(np.float32), part.faces, target_count=int(len(part.faces) * 0.66), agg=5
    )
    return Mesh(points.astype(float), faces.astype(np.int32))


def _mirrored(part: Mesh) -> Mesh:
    return part.transformed(np.diag([-1.0, 1, 1, 1]))


def _turned(part: Mesh) -> Mesh:
    turn = about_vertical(40) @ turning_up((0.3, -0.5, 0.8))
    return part.transformed(rotation_matrix(turn)).moved((12.0, 3.0, -4.0))


def _torn(part: Mesh) -> Mesh:
    """Without a patch of faces round its foremost point."""
    middle = part.triangles.mean(axis=1)
    foremost = middle[np.argmin(middle[:, 1])]
    return Mesh(part.vertices, part.faces[np.linalg.norm(middle - foremost, axis=1) > 1.2])


def _inside_out(part: Mesh) -> Mesh:
    return Mesh(part.vertices, np.ascontiguousarray(part.faces[:, ::-1]))


def files() -> dict[str, bytes]:
    """Name in the archive -> its bytes."""
    meshes = {
        "wickman_kit/body01.stl": mesh("torso_coat"),
        "wickman_kit/body01_sup.stl": supported("torso_coat"),
        "wickman_kit/b2 (copy).stl": _turned(_remeshed(mesh("torso_coat"))),
        "wickman_kit/legs/lg_A.stl": mesh("legs_standing"),
        "wickman_kit/legs/lg_B_v2.stl": mesh("legs_striding"),
        "wickman_kit/H1.stl": mesh("head_hat"),
        "wickman_kit/h_02_FINAL.stl": mesh("head_hood"),
        "wickman_kit/head3_inch.stl": Mesh(mesh("head_old").vertices / 25.4, mesh("head_old").faces),
        "wickman_kit/wpn/R_arm-pole.stl": mesh("arm_R_snuffer"),
        "wickman_kit/wpn/untitled.stl": _mirrored(mesh("arm_R_snuffer")),
        "wickman_kit/wpn/new folder/arm_r_torn.stl": _torn(mesh("arm_R_cudgel")),
        "wickman_kit/bitz/pack(1).stl": _inside_out(mesh("pack_rope")),
        "wickman_kit/bitz/BASE 28.5.stl": mesh("base_cobbles"),
    }
    contents = {name: stl_bytes(found) for name, found in meshes.items()}
    short = contents["wickman_kit/H1.stl"]
    contents["wickman_kit/H1_hires.stl"] = short[:80] + struct.pack("<I", 400_000) + short[84:20_000]
    contents["README_!!!.txt"] = README.encode()
    return contents


def write_archive(path: Path) -> None:
    """The archive as a zip; the same bytes each time."""
    with zipfile.ZipFile(path, "w", zipfile.ZIP_DEFLATED) as archive:
        for name, data in files().items():
            archive.writestr(zipfile.ZipInfo(name, STAMP), data, zipfile.ZIP_DEFLATED)
