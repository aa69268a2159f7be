"""What plans and worked-out data are written as: JSON, with NumPy's texts and numbers as Python's."""

from __future__ import annotations

from typing import Any

from msgspec.json import encode


def json_bytes(value: Any) -> bytes:
    """Dataclasses by their fields, tuples as lists; what is no number is null. Raises TypeError for what JSON has no word for."""
    return encode(value, enc_hook=_plain)


def _plain(value: Any) -> Any:
    if not hasattr(value, "item"):
        raise TypeError(f"{type(value).__name__} cannot be written as JSON.")
    return value.item()
