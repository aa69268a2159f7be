"""A report worth sending: what the program is, what it holds in numbers, the last lines of its log; no mesh, no name, no path."""

from __future__ import annotations

import logging
import platform
import re
import zipfile
from collections.abc import Iterable
from datetime import datetime
from pathlib import Path

from PyQt6.QtCore import PYQT_VERSION_STR, QT_VERSION_STR

from numerus import __version__
from numerus.domain.plans import Plans
from numerus.errors import BookError

LAST_LINES = 400
PATH = re.compile(r"(?<!\w)(?:~|/[\w.+-]+)(?:/[^/'\":,;\n]+)*/[^\s/'\":,;]+")
COUNTED = (
    "units",
    "figures",
    "kits",
    "parts",
    "machines",
    "resins",
    "plates",
    "paints",
    "mixes",
    "schemes",
    "zones",
    "commissions",
)


def about_text(now: datetime) -> str:
    """The program and what it runs on."""
    system = f"{platform.system()} {platform.release()}, Python {platform.python_version()}"
    return f"Numerus {__version__}, {now:%Y-%m-%d %H:%M}\n{system}, Qt {QT_VERSION_STR}, PyQt {PYQT_VERSION_STR}\n"


def numbers_text(plans: Plans, facts: int) -> str:
    """How much of what the open book holds."""
    told = [f"{name}: {len(getattr(plans, name))}" for name in COUNTED]
    return "\n".join([*told, f"journal entries at hand: {facts}"]) + "\n"


def names_of(plans: Plans) -> list[str]:
    """Every name a user gave, the longest first, so that none is left by another that is part of it."""
    clients = [c.client for c in plans.commissions.values()]
    rooms = (
        plans.units,
        plans.figures,
        plans.kits,
        plans.parts,
        plans.machines,
        plans.resins,
        plans.plates,
        plans.paints,
        plans.mixes,
        plans.zones,
    )
    named = [thing.name for room in rooms for thing in room.values()]
    army = [plans.army.name] if plans.army else []
    return sorted({n.strip() for n in [*army, *clients, *named] if len(n.strip()) > 2}, key=len, reverse=True)


def without_names(text: str, names: Iterable[str]) -> str:
    """Names become […], paths […/ending]."""
    text = PATH.sub(lambda found: f"[…{Path(found.group(0)).suffix}]", text)
    for name in names:
        text = re.sub(rf"(?<!\w){re.escape(name)}(?!\w)", "[…]", text)
    return text


def log_files() -> list[Path]:
    """Where the program writes its log."""
    return [Path(h.baseFilename) for h in logging.getLogger().handlers if isinstance(h, logging.FileHandler)]


def log_text(path: Path) -> str:
    """Its last lines; why not, where it cannot be read."""
    try:
        return "\n".join(path.read_text("utf-8", "replace").splitlines()[-LAST_LINES:]) + "\n"
    except OSError as error:
        return f"The log cannot be read: {error.strerror}.\n"


def write_report(path: Path, plans: Plans, facts: int, now: datetime, said: str, logs: Iterable[Path]) -> None:
    """A zip of two texts. ``said``: what the program said last. Raises BookError where it cannot be written."""
    names = names_of(plans)
    report = f"{about_text(now)}\n{numbers_text(plans, facts)}\nSaid last: {without_names(said, names) or 'nothing'}\n"
    log = "".join(without_names(log_text(p), names) for p in logs) or "There is no log.\n"
    try:
        with zipfile.ZipFile(path, "w", zipfile.ZIP_DEFLATED) as archive:
            archive.writestr("report.txt", report)
            archive.writestr("log.txt", log)
    except OSError as error:
        raise BookError(
            "unwritable", f"{path.name} cannot be written: {error.strerror}.", "Choose another folder."
        ) from error
