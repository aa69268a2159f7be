"""Analyses keep the bound on memory they state, on shells of absurdly unlike sizes."""

from __future__ import annotations

import subprocess
import sys
from pathlib import Path

from memory_probe import LIMIT_MB, analyses, unlike_shells


def test_every_analysis_of_shells_10000_to_1_stays_within_its_memory() -> None:
    """Each ends, or refuses in words; none takes more than is stated, in a process of its own."""
    run = subprocess.run(
        [sys.executable, str(Path(__file__).with_name("memory_probe.py"))], capture_output=True, text=True
    )
    assert run.returncode == 0, run.stderr[-2000:]
    ends = {name: (end, int(peak)) for name, end, peak in (line.split("\t") for line in run.stdout.splitlines())}
    assert set(ends) == set(analyses(unlike_shells()))
    for name, (end, peak) in ends.items():
        assert end == "done" or end.startswith("refused: "), name
        assert peak < LIMIT_MB, name
