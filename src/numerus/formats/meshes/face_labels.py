"""A label for every face of a mesh, as a book keeps it: bytes, compressed."""

from __future__ import annotations

import struct
import zlib

import numpy as np
from numpy.typing import NDArray

from numerus.errors import MeshFileError

MAGIC = b"NLABL1"


def pack_labels(labels: NDArray[np.uint8]) -> bytes:
    """``labels``: uint8 (faces,)."""
    return MAGIC + struct.pack("<I", len(labels)) + zlib.compress(labels.astype(np.uint8).tobytes())


def unpack_labels(data: bytes, faces: int) -> NDArray[np.uint8]:
    """The labels that were packed. Raises MeshFileError where the bytes are not those of so many faces."""
    try:
        if not data.startswith(MAGIC) or struct.unpack_from("<I", data, len(MAGIC))[0] != faces:
            raise ValueError("no labels of this mesh")
        labels = np.frombuffer(zlib.decompress(data[len(MAGIC) + 4 :]), np.uint8)
        if len(labels) != faces:
            raise ValueError("cut short")
    except (ValueError, struct.error, zlib.error) as error:
        raise MeshFileError("damaged", "The zones of a part are damaged.", "Name them again.") from error
    return labels
