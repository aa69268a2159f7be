"""One way to compile a kernel: cached on disk, without the interpreter's lock, IEEE arithmetic."""

from __future__ import annotations

import os
from collections.abc import Callable
from pathlib import Path
from typing import Any

import platformdirs


def cache_folder() -> Path:
    """The application's cache folder, made if missing; a temporary one where the home is not writable."""
    import tempfile

    folder = Path(platformdirs.user_cache_dir("numerus"))
    try:
        folder.mkdir(parents=True, exist_ok=True)
        if os.access(folder, os.W_OK):
            return folder
    except OSError:
        pass
    return Path(tempfile.mkdtemp(prefix="numerus-"))


# Numba reads this once, at its import: an unwritable default place would fail the import itself.
os.environ.setdefault("NUMBA_CACHE_DIR", str(cache_folder() / "kernels"))

import numba  # noqa: E402

kernel: Callable[..., Any] = numba.njit(cache=True, nogil=True, error_model="numpy")
