"""What the desk remembers between starts: declared once, checked when read, written whole."""

from __future__ import annotations

import json
from dataclasses import asdict, dataclass, fields, replace
from pathlib import Path

import platformdirs

RECENT_MOST = 8

LARGEST_TEXT = 1.5


@dataclass(frozen=True)
class Settings:
    """``lamplight``: the dark twin; ``text_scale``: 1 to 1.5; ``recent``: books, newest first; ``silent``: nothing is told aloud;
    ``still``: less moves; ``language``: its code, or nothing for the desktop's.
    """

    lamplight: bool = False
    text_scale: float = 1.0
    recent: tuple[str, ...] = ()
    silent: bool = False
    still: bool = False
    language: str = ""

    def opened(self, book: Path) -> Settings:
        others = tuple(p for p in self.recent if p != str(book))
        return replace(self, recent=(str(book), *others)[:RECENT_MOST])


def default_path() -> Path:
    return Path(platformdirs.user_config_dir("numerus")) / "settings.json"


def load(path: Path) -> Settings:
    """The settings; whatever is missing or senseless has its default."""
    try:
        settings = json.loads(path.read_text())
        known = {f.name: settings[f.name] for f in fields(Settings) if f.name in settings}
        scale = min(max(float(known.get("text_scale", 1.0)), 1.0), LARGEST_TEXT)
        recent = tuple(str(p) for p in known.get("recent", ()))
        lamplight, silent, still = (bool(known.get(name, False)) for name in ("lamplight", "silent", "still"))
        return Settings(lamplight, scale, recent, silent, still, str(known.get("language", "")))
    except (OSError, ValueError, TypeError, AttributeError):
        return Settings()


def save(settings: Settings, path: Path) -> None:
    """Written beside and moved into place; a folder that cannot be written loses only the settings."""
    beside = path.with_suffix(".part")
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
        beside.write_text(json.dumps(asdict(settings)))
        beside.replace(path)
    except OSError:
        beside.unlink(missing_ok=True)
