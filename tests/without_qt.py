"""A pytest plugin under which no Qt can be imported, as on a machine that has none: ``pytest -p without_qt``."""

from __future__ import annotations

import sys

sys.modules["PyQt6"] = None  # type: ignore[assignment]  # any import of it, or from it, fails
