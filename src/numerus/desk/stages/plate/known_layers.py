"""Layers of supported parts that were measured, now or earlier: each once for a machine and a resin."""

from __future__ import annotations

from collections.abc import Mapping

from numerus.book.pruning import mesh_key
from numerus.desk.session import Session
from numerus.domain.printing.machines import Machine, Resin
from numerus.printing.plates.kept_layers import layers_about, unpacked_layers
from numerus.printing.plates.plate_layers import PartLayers

Packed = tuple[PartLayers, bytes]
"""Layers, and they as they are kept: packed where they were measured, since that takes as long."""


class KnownLayers:
    """Read from the book where they were kept."""

    def __init__(self, session: Session) -> None:
        self.session = session
        self._known: dict[str, PartLayers] = {}

    def of(self, blob: str, machine: Machine, resin: Resin) -> PartLayers | None:
        key = mesh_key(blob, layers_about(machine, resin))
        if key not in self._known and (kept := unpacked_layers(self.session.worked_out(key))) is not None:
            self._known[key] = kept
        return self._known.get(key)

    def keep(self, measured: Mapping[str, Packed], machine: Machine, resin: Resin) -> None:
        """Layers of parts, by their supported meshes."""
        about = layers_about(machine, resin)
        found = {mesh_key(blob, about): packed for blob, packed in measured.items()}
        self._known |= {key: layers for key, (layers, _) in found.items()}
        if found:
            self.session.keep_all_worked_out({key: data for key, (_, data) in found.items()})
