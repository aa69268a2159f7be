"""What the Zones page shows and may do: the parts of a figure, their patches, zones by name, what is still unnamed. No Qt here."""

from __future__ import annotations

import json
from collections.abc import Mapping, Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from numerus.desk.answers import Answers
from numerus.domain.army import Figure
from numerus.domain.painting.zones import UNNAMED, Zone
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats
from numerus.kit.builds import printed_slots
from numerus.surface.patching.patch_splitting import split_along
from numerus.surface.patching.patches import Seed
from numerus.surface.patching.zone_naming import (
    PatchedPart,
    Proposal,
    areas_cm2,
    counted_with,
    none_counted,
    part_at,
    share_right,
)

TONES = (
    "#C99A2E", "#2F7F86", "#A8553F", "#6B8A45", "#6A5A94", "#B98AA0", "#4E6E9C", "#8A6B45", "#9BA5A0", "#C9B48A", "#3E4C57", "#7FB09A",
    "#7A2A45", "#2B4A2C", "#D8845F", "#B9CF7E", "#5FA0CF", "#B8B6D6",
)  # fmt: skip
"""Tones zones are told apart by while they are named; a zone's own colour is its recipe's."""
BARE, SHADES = "#D9D4C8", (1.0, 0.93, 0.86)


class ZonesState:
    """``look`` at the book; ``take`` the parts once their patches are worked out."""

    def __init__(self, answers: Answers) -> None:
        self.zone_id = ""
        self.counts = none_counted()
        self.seeds: list[Seed] = []
        self.growing = False
        self.parts: list[PatchedPart] = []
        self.figure: Figure | None = None
        self.look(answers, "", "")

    def look(self, answers: Answers, unit_id: str, figure_id: str) -> None:
        self.answers, self.plans = answers, answers.plans
        figures = self.plans.figures_of(unit_id)
        before = self.figure
        self.figure = next((f for f in figures if f.id == figure_id), figures[0] if figures else None)
        if before is None or self.figure is None or before.id != self.figure.id:
            self.seeds = []
        if self.zone_id not in self.plans.zones:
            self.zone_id = next((z.id for z in self.zones), "")

    @property
    def zones(self) -> list[Zone]:
        return sorted(self.plans.zones.values(), key=lambda z: z.order)

    def part_ids(self) -> list[str]:
        """Parts of the figure that are printed or bought as meshes, each once."""
        build = self.figure.build.values() if self.figure else ()
        return [p for p in dict.fromkeys(build) if p in self.plans.parts]

    def take(self, parts: Sequence[PatchedPart]) -> None:
        self.parts = list(parts)

    def areas(self) -> Mapping[str, float]:
        return areas_cm2(self.parts)

    @property
    def named_share(self) -> float:
        areas = self.areas()
        return 1 - areas.get("", 0.0) / max(sum(areas.values()), 1e-9)

    def tone(self, zone_id: str) -> str:
        """The tone a zone is told by here."""
        order = [z.id for z in self.zones]
        return TONES[order.index(zone_id) % len(TONES)] if zone_id in order else BARE

    def colours(self, part: PatchedPart) -> NDArray[np.uint8]:
        """Vertex colours of a part: its zones' tones, neighbouring patches a shade apart so that borders are seen."""
        table = np.array([_rgb(self.tone(z)) for z in part.zoned.zones] + [_rgb(BARE)])
        labels = np.where(part.zoned.labels == UNNAMED, len(part.zoned.zones), part.zoned.labels)
        shade = np.array(SHADES)[(part.patches.labels * 7) % len(SHADES)]
        faces = table[labels] * shade[:, None]
        palette = np.zeros((len(part.zoned.mesh.vertices), 3))
        palette[part.zoned.mesh.faces.ravel()] = np.repeat(faces, 3, axis=0)
        return np.round(palette).astype(np.uint8)

    def unnamed_others(self) -> list[str]:
        """Ids of other parts of the unit's kit in slots this figure fills, that have no zones yet."""
        if self.figure is None:
            return []
        shown = set(self.part_ids())
        used = {p for f in self.plans.figures_of(self.figure.unit_id) for p in printed_slots(f).values()}
        return [p for p in sorted(used - shown) if p in self.plans.parts and p not in self.plans.part_zones]

    def named_of_slot(self, part_id: str) -> list[str]:
        """Parts with zones that stand where a part does."""
        slot = self.plans.parts[part_id].slot
        mirrored = slot.replace("left", "right") if "left" in slot else slot.replace("right", "left")
        kit = self.plans.parts[part_id].kit_id
        return [
            p.id
            for p in self.plans.parts.values()
            if p.kit_id == kit and p.slot in (slot, mirrored) and p.id in self.plans.part_zones
        ]

    def zone_called(self, name: str, new_id: str) -> tuple[Zone, bool]:
        """The zone of a name, and whether it is new to the army."""
        words = " ".join(name.split())
        zone = next((z for z in self.plans.zones.values() if z.name.lower() == words.lower()), None)
        return (zone, False) if zone else (Zone(new_id, words, len(self.plans.zones)), True)

    def renamed(self, name: str) -> Zone | None:
        """The chosen zone under another name, None where none is typed or chosen. Raises PlanError where one has it already."""
        words, zone = " ".join(name.split()), self.plans.zones.get(self.zone_id)
        if not words or zone is None:
            return None
        if any(z.name.lower() == words.lower() and z.id != zone.id for z in self.zones):
            raise PlanError(
                "same-name", f"There is a zone called {words} already.", "Name those patches with it instead."
            )
        return replace(zone, name=words)

    def split(self, places: Sequence[Floats]) -> tuple[int, PatchedPart]:
        """The part under a line, by number, with the patch there cut in two. Raises GeometryError."""
        number, _ = part_at(self.parts, places[len(places) // 2])
        part = self.parts[number]
        return number, replace(part, patches=split_along(part.zoned.mesh, part.patches, places))

    def take_counts(self, kept: bytes | None) -> None:
        """How often proposals were right, as the book has it; nothing where that cannot be read."""
        try:
            labels = tuple((int(a), int(r)) for a, r in json.loads(kept or b""))
        except (ValueError, TypeError):
            labels = ()
        self.counts = labels if len(labels) == len(none_counted()) else none_counted()

    def count(self, proposal: Proposal, accepted: bool) -> bytes:
        """The counts with one proposal more, as the book keeps them."""
        self.counts = counted_with(self.counts, proposal.agree, accepted)
        return json.dumps(self.counts).encode()

    def sure_words(self, proposal: Proposal) -> str:
        """How sure a proposal is: the same shape, or its votes and how often such were right here."""
        if proposal.exact:
            return "The same shape, mirrored or scaled perhaps: taken over exactly."
        share, of = share_right(self.counts, proposal.agree)
        measured = f"of {of} such {share:.0%} were right" if of else "how often such are right nobody measured"
        return f"{proposal.agree:.0%} of the votes agree; {measured}."

    def add_seed(self, place: Floats) -> None:
        x, y, z = (float(v) for v in place)
        self.seeds.append(Seed(self.zone_id, (x, y, z)))

    def summary(self) -> str:
        if not self.parts:
            return ""
        areas, patches = self.areas(), sum(len(p.patches) for p in self.parts)
        bare = areas.get("", 0.0)
        left = f"{bare:.1f} cm² still unnamed" if bare > 0.05 else "all of it named"
        return f"{patches} patches; {self.named_share:.0%} named, {left}"


def _rgb(colour: str) -> tuple[int, int, int]:
    return int(colour[1:3], 16), int(colour[3:5], 16), int(colour[5:7], 16)
