"""What the program asks of a machine, and how it gets it: the simulated one, or a folder a bridge of one's own writes to.

The interface is small, so that any machine can be connected: see docs/machines.md.
"""

from __future__ import annotations

import json
from dataclasses import dataclass, replace
from pathlib import Path
from typing import TYPE_CHECKING, Any, Protocol
from zlib import crc32

from numerus.devices.printer import WARM_C, Reading, SimulatedPrinter
from numerus.domain.journal import PartOutcome
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.printing.machines.timing import height_after, layer_count, layers_after
from numerus.printing.runs.run_records import GOOD, RunRecord
from numerus.printing.runs.vat import levels

if TYPE_CHECKING:
    from numerus.formats.layer_archive import LayerArchive

STATUS = "status.json"
STATES = ("printing", "stopped", "finished")


class MachineLink(Protocol):
    """One run on one machine."""

    def reading(self, minutes: float) -> Reading:
        """What it shows, ``minutes`` of printing after its start."""

    def outcomes(self) -> list[PartOutcome]:
        """What became of each part, as far as a machine can know; corrected by hand."""


def link_for(plate: Plate, machine: Machine, run: RunRecord, zone: str = "") -> MachineLink:
    if machine.link:
        return FolderLink(Path(machine.link), plate, machine)
    resumed = any(p.until for p in run.pauses)
    timing = levels(run, machine, zone) if run.vat_levels else ()
    return replace(stand_in(plate, machine, run.run_id), resumed=resumed, levels=timing)


def stand_in(plate: Plate, machine: Machine, run_id: str) -> SimulatedPrinter:
    """The simulated machine of one run: the run's id decides what befalls it."""
    return SimulatedPrinter(plate, machine, crc32(run_id.encode()))


@dataclass(frozen=True)
class FolderLink:
    """A machine whose bridge writes ``status.json`` into a folder; what it leaves out is reckoned from the clock."""

    folder: Path
    plate: Plate
    machine: Machine

    def reading(self, minutes: float) -> Reading:
        """What the file says; a missing or damaged file is told in the reading's words, and the clock goes on."""
        data, description = self._told()
        layers = int(data.get("layers", layer_count(self.plate.height_mm, self.machine.layer_mm)))
        layer = int(data.get("layer", layers_after(minutes, self.plate.height_mm, self.machine)))
        height = (
            layer * self.machine.layer_mm
            if "layer" in data
            else height_after(minutes, self.plate.height_mm, self.machine)
        )
        state = data.get("state", "printing")
        return Reading(
            state if state in STATES else "printing", layer, layers, height,
            float(data.get("minutes_left", self.plate.minutes * (1 - layer / max(layers, 1)))),
            float(data.get("celsius", float("nan"))), float(data.get("resin_ml", float("nan"))), str(data.get("says", description)),
        )  # fmt: skip

    def _told(self) -> tuple[dict[str, Any], str]:
        try:
            data = json.loads((self.folder / STATUS).read_text())
            numbers = {
                k: float(data[k]) for k in ("layer", "layers", "minutes_left", "celsius", "resin_ml") if k in data
            }
            return {**data, **numbers}, ""
        except FileNotFoundError:
            return {}, f"no {STATUS} in {self.folder.name} yet"
        except (OSError, ValueError, TypeError, AttributeError):
            return {}, f"{STATUS} cannot be read"

    def outcomes(self) -> list[PartOutcome]:
        return [PartOutcome(p.id, GOOD, 0.0, "") for p in self.plate.placed]


@dataclass(frozen=True, eq=False)
class ArchivePrinter:
    """The simulated machine printing a layer archive: its time, height and resin are those of the pictures themselves."""

    archive: LayerArchive
    vat_ml: float

    def reading(self, minutes: float) -> Reading:
        manifest = self.archive.manifest
        share = min(max(minutes / max(manifest.minutes, 1e-9), 0.0), 1.0)
        layer = int(share * manifest.layers)
        used = sum(manifest.areas_mm2[:layer]) * manifest.layer_mm / 1000
        state = "finished" if share >= 1 else "printing" if used < self.vat_ml else "stopped"
        left = max(self.vat_ml - used, 0.0)
        description = "resin out" if state == "stopped" else ""
        return Reading(
            state,
            layer,
            manifest.layers,
            layer * manifest.layer_mm,
            manifest.minutes * (1 - share),
            WARM_C,
            left,
            description,
        )

    def outcomes(self) -> list[PartOutcome]:
        """Pictures know no parts."""
        return []
