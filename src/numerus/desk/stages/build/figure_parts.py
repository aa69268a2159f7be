"""A figure's printed parts as it is built: what looks at it, and places on it, depend on. No Qt here."""

from __future__ import annotations

from dataclasses import dataclass

from numerus.desk.answers import Answers
from numerus.domain.army import Figure, Unit
from numerus.domain.parts import Part
from numerus.kit.builds import printed_slots
from numerus.progress.figure_records.breakage import Broken

Key = tuple[tuple[str, str, str], ...]


@dataclass(frozen=True)
class FigureParts:
    """Of one figure of the army."""

    answers: Answers
    figure: Figure

    @property
    def unit(self) -> Unit:
        return self.answers.plans.units[self.figure.unit_id]

    @property
    def parts(self) -> dict[str, Part]:
        """Its printed parts by slot."""
        parts = self.answers.plans.parts
        return {s: parts[p] for s, p in printed_slots(self.figure).items() if p in parts}

    @property
    def kept(self) -> tuple[str, ...]:
        """Slots that its unit keeps apart."""
        return tuple(s for s in self.unit.apart if s in self.parts)

    @property
    def key(self) -> Key:
        """What a look depends on: shapes, and zones on them."""
        zones = self.answers.plans.part_zones
        return tuple((s, p.blob, zones[p.id].labels if p.id in zones else "") for s, p in self.parts.items())

    @property
    def layers_mm(self) -> dict[str, float]:
        """Height of the layers each part was printed in, by slot."""
        return {slot: self.answers.plans.layer_mm_of(part.id) for slot, part in self.parts.items()}

    @property
    def held(self) -> dict[str, Broken]:
        """How its parts held on all figures built with them, by id; those that never broke are left out."""
        broken, own = self.answers.broken, {p.id for p in self.parts.values()}
        return {part: held for part, held in broken.items() if part in own}

    @property
    def flaw_key(self) -> tuple[object, ...]:
        """What places to look at depend on: the look, how the parts were printed, what stays apart, what broke."""
        poses = tuple((p.pose.up, p.pose.supported_blob, p.pose.margin) for p in self.parts.values() if p.pose)
        return self.key, poses, tuple(self.layers_mm.values()), self.kept, tuple(self.held.items())
