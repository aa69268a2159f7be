"""The stages of the march, in working order."""

from __future__ import annotations

STAGES = (
    "muster", "sort", "pose", "plate", "print", "wash", "cure", "build", "prime", "paint", "finish", "ready",
)  # fmt: skip
TITLES = {stage: stage.capitalize() for stage in STAGES}
NUMBER = {stage: number for number, stage in enumerate(STAGES)}
MACHINE_STAGES = ("print", "wash", "cure")  # stages in which a device works while hands are free
LEVELS = ("table", "good", "parade")
LEVEL_NAMES = {"table": "table-ready", "good": "good", "parade": "parade"}
