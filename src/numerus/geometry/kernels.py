"""One way to compile a kernel: cached on disk, without the interpreter's lock, IEEE arithmetic.

The compiler is imported when the first kernel is called, not when a module is: the window opens without it.
"""

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


class Kernel:
    """A function that is compiled at its first call, together with the other kernels of its module.

    They are compiled together since kernels call each other by name: in their module the names must mean the compiled
    functions by then.
    """

    def __init__(self, function: Callable[..., Any]) -> None:
        self.function = function
        self.compiled: Callable[..., Any] | None = None
        self.__doc__ = function.__doc__

    @property
    def ready(self) -> bool:
        """Whether it was compiled for some arguments: calling it with such waits for nothing."""
        return self.compiled is not None and bool(self.compiled.signatures)  # type: ignore[attr-defined]

    def __call__(self, *args: Any) -> Any:
        if self.compiled is None:
            _compile_module(self.function.__globals__)
        assert self.compiled is not None
        return self.compiled(*args)


def compiler() -> Any:
    """Numba, told where what it compiles is kept."""
    # It reads this once, at its import: an unwritable default place would fail the import itself.
    os.environ.setdefault("NUMBA_CACHE_DIR", str(cache_folder() / "kernels"))
    import numba

    return numba


def _compile_module(names: dict[str, Any]) -> None:
    """Put compiled functions in the place of a module's kernels."""
    numba = compiler()
    for name, value in list(names.items()):
        if not isinstance(value, Kernel):
            continue
        if value.function.__globals__ is names:
            value.compiled = numba.njit(cache=True, nogil=True, error_model="numpy")(value.function)
        elif value.compiled is None:
            _compile_module(value.function.__globals__)  # a kernel of another module, with those it calls there
        names[name] = value.compiled


kernel = Kernel
