"""Machine, resin and film profiles that come with the program: invented examples to begin with."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path

from numerus.printing.machines.profile_files import Profile, read_profile

SHIPPED = Path(__file__).with_name("profiles")


def shipped_profiles() -> Iterator[Profile]:
    """The invented examples that come with the program."""
    for path in sorted(SHIPPED.glob("*.json")):
        yield read_profile(path)
