"""All plans of a book at one moment: frozen, passed to every fold and forecast."""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field
from functools import cached_property
from types import MappingProxyType

from numerus.domain.army import Army, Figure, Unit
from numerus.domain.basing import BaseLayer, BasingRecipe
from numerus.domain.commissions import Commission
from numerus.domain.painting.paints import Mix, Paint
from numerus.domain.painting.recipes import Scheme
from numerus.domain.painting.zones import PartZones, Zone
from numerus.domain.parts import Kit, Part
from numerus.domain.printing.machines import RESIN, Bottle, Machine, Resin
from numerus.domain.printing.plates import Placed, Plate, Run
from numerus.domain.printing.poses import BrushDab, BrushStroke, Pose
from numerus.words import natural

LEAST_ZONE_CM2 = 0.01  # less of a zone on a part is a stray face
NAMED_SHARE = 0.99  # of a part's skin; what is left beyond that is edges of faces
USUAL_LAYER_MM = 0.05  # (default) where the army has no machine


@dataclass(frozen=True)
class Plans:
    """Documents by kind and id; ``army`` is None in an empty book."""

    army: Army | None = None
    units: Mapping[str, Unit] = field(default_factory=dict)
    figures: Mapping[str, Figure] = field(default_factory=dict)
    kits: Mapping[str, Kit] = field(default_factory=dict)
    parts: Mapping[str, Part] = field(default_factory=dict)
    machines: Mapping[str, Machine] = field(default_factory=dict)
    resins: Mapping[str, Resin] = field(default_factory=dict)
    plates: Mapping[str, Plate] = field(default_factory=dict)
    runs: Mapping[str, Run] = field(default_factory=dict)
    bottles: Mapping[str, Bottle] = field(default_factory=dict)
    paints: Mapping[str, Paint] = field(default_factory=dict)
    mixes: Mapping[str, Mix] = field(default_factory=dict)
    schemes: Mapping[str, Scheme] = field(default_factory=dict)
    zones: Mapping[str, Zone] = field(default_factory=dict)
    part_zones: Mapping[str, PartZones] = field(default_factory=dict)
    brush_strokes: Mapping[str, BrushStroke] = field(default_factory=dict)
    commissions: Mapping[str, Commission] = field(default_factory=dict)

    def given_names(self) -> set[str]:
        """What people called their things. Zones and strokes go by the program's own words unless somebody chose others."""
        things = (
            self.units, self.figures, self.kits, self.parts, self.plates, self.machines, self.resins, self.paints, self.mixes,
            self.schemes,
        )  # fmt: skip
        names = {str(thing.name) for kind in things for thing in kind.values() if hasattr(thing, "name")}
        clients = {c.client for c in self.commissions.values()}
        return names | clients | {p.label for p in self.parts.values()} | ({self.army.name} if self.army else set())

    def units_in_order(self) -> list[Unit]:
        return sorted(self.units.values(), key=lambda u: u.order)

    def figures_of(self, unit_id: str) -> list[Figure]:
        return list(self._figures_by_unit.get(unit_id, ()))

    @cached_property
    def _figures_by_unit(self) -> dict[str, list[Figure]]:
        """Asked for by every unit of every view: a large army's figures are gone through once."""
        figures = defaultdict[str, list[Figure]](list)
        for figure in sorted(self.figures.values(), key=lambda f: f.order):
            figures[figure.unit_id].append(figure)
        return figures

    @cached_property
    def _parts_by_kit(self) -> dict[str, list[Part]]:
        parts = defaultdict[str, list[Part]](list)
        for part in sorted(self.parts.values(), key=_as_listed):
            parts[part.kit_id].append(part)
        return parts

    def figure_or_first(self, unit_id: str, figure_id: str) -> Figure | None:
        """A unit's figure, its first one where it has no such figure, None where it has none at all."""
        figures = self.figures_of(unit_id)
        return next((f for f in figures if f.id == figure_id), figures[0] if figures else None)

    def kit_parts(self, unit_id: str) -> list[Part]:
        """The parts of a unit's kit, and those of others it uses, by slot and name; none without a unit."""
        unit = self.units.get(unit_id)
        if unit is None:
            return []
        own = self._parts_by_kit.get(unit.kit_id, [])
        guests = [self.parts[i] for i in unit.guests if i in self.parts and self.parts[i].kit_id != unit.kit_id]
        return sorted([*own, *guests], key=_as_listed) if guests else list(own)

    def zone_areas_cm2(self, figure: Figure) -> Mapping[str, float]:
        """Zones of a figure, by id, and their area in cm², over all its parts; added up once for figures built alike."""
        parts = tuple(figure.build.values())
        if parts not in self._zone_areas_cm2:
            self._zone_areas_cm2[parts] = MappingProxyType(self._added_areas_cm2(parts))
        return self._zone_areas_cm2[parts]

    @cached_property
    def _zone_areas_cm2(self) -> dict[tuple[str, ...], Mapping[str, float]]:
        return {}

    def _added_areas_cm2(self, part_ids: Iterable[str]) -> dict[str, float]:
        areas: dict[str, float] = {}
        for part_zones in filter(None, map(self.part_zones.get, part_ids)):
            for zone, area in zip(part_zones.zones, part_zones.area_cm2, strict=True):
                if area > LEAST_ZONE_CM2:
                    areas[zone] = areas.get(zone, 0.0) + area
        return areas

    def unnamed_parts(self, figure: Figure) -> list[str]:
        """Ids of the figure's parts with skin that belongs to no zone yet."""
        parts = [self.parts[i] for i in dict.fromkeys(figure.build.values()) if i in self.parts]
        named = {p.id: sum(z.area_cm2) if (z := self.part_zones.get(p.id)) else 0.0 for p in parts}
        return [p.id for p in parts if named[p.id] < NAMED_SHARE * p.surface_cm2]

    def zone_name(self, zone_id: str) -> str:
        zone = self.zones.get(zone_id)
        return zone.name if zone else zone_id

    def dabs_of(self, part_id: str) -> tuple[BrushDab, ...]:
        """What was brushed onto a part as it is now, the oldest first."""
        part = self.parts.get(part_id)
        own = [s for s in self.brush_strokes.values() if part and s.part_id == part_id and s.blob == part.blob]
        return tuple(dab for stroke in sorted(own, key=lambda s: s.order) for dab in stroke.dabs)

    def basing_recipe_of(self, unit: Unit) -> BasingRecipe | None:
        """The army's recipe a unit's bases go by, if it goes by one."""
        return next((r for r in self.army.basings if r.name == unit.basing_recipe), None) if self.army else None

    def basing_of(self, unit: Unit) -> tuple[BaseLayer, ...]:
        """What lies on a unit's bases, from below: by its recipe, else its own layers."""
        recipe = self.basing_recipe_of(unit)
        return recipe.layers if recipe else unit.basing

    def commission_of(self, unit_id: str) -> Commission | None:
        """What was agreed on a unit, if it is painted for someone."""
        return next((c for c in self.commissions.values() if c.unit_id == unit_id), None)

    @property
    def time_zone(self) -> str:
        """The time zone hours are told in, "" for the computer's own."""
        return self.army.time_zone if self.army else ""

    @property
    def scheme(self) -> Scheme | None:
        """The army's scheme, or the only one there is."""
        chosen = self.schemes.get(self.army.scheme_id) if self.army else None
        return chosen or next(iter(self.schemes.values()), None)

    def scheme_of(self, unit_id: str) -> Scheme | None:
        """The scheme a unit is painted by: its own, or the army's."""
        unit = self.units.get(unit_id)
        return (self.schemes.get(unit.scheme_id) if unit and unit.scheme_id else None) or self.scheme

    def scheme_for(self, figure: Figure | None) -> Scheme | None:
        """The scheme a figure's unit is painted by; the army's for none."""
        return self.scheme_of(figure.unit_id) if figure else self.scheme

    def scheme_on(self, figure: Figure) -> Scheme | None:
        """The scheme as a figure wears it: in its accents; put together once for figures of one number."""
        scheme = self.scheme_of(figure.unit_id)
        if scheme is None:
            return None
        key = scheme.id, figure.order
        if key not in self._worn:
            self._worn[key] = scheme.on_figure(figure.order)
        return self._worn[key]

    @cached_property
    def _worn(self) -> dict[tuple[str, int], Scheme]:
        return {}

    def layer_mm_of(self, part_id: str) -> float:
        """Height of the layers a part is made of: of the machine of the last plate it lies on, else of the army's first."""
        plates = [p for p in self.plates.values() if any(placed.part_id == part_id for placed in p.placed)]
        own = self.machines.get(max(plates, key=lambda p: p.order).machine_id) if plates else None
        machine = own or self.machine_for(self.parts.get(part_id))
        return machine.layer_mm if machine else USUAL_LAYER_MM

    def material_of(self, part: Part | None) -> str:
        """What a part is to be printed of: as told, else what the army's first machine prints with."""
        first = next(iter(self.machines.values()), None)
        return (part.material if part else "") or (first.kind if first else RESIN)

    def machine_for(self, part: Part | None) -> Machine | None:
        """The machine a part is posed and reckoned for while no plate holds it: the first of its material, in service if one is."""
        fitting = [m for m in self.machines.values() if m.kind == self.material_of(part)]
        return next((m for m in fitting if m.in_service), next(iter(fitting or self.machines.values()), None))

    @property
    def is_mixed(self) -> bool:
        """Whether there are machines for resin and for plastic."""
        return len({m.kind for m in self.machines.values()}) > 1

    def pose_of(self, placed: Placed) -> Pose | None:
        """How something lies on its plate; None where its part is gone or not posed."""
        part = self.parts.get(placed.part_id)
        return part.lying(placed.pose) if part else None

    def is_dry(self, machine_id: str) -> bool:
        """Whether a machine prints with plastic: no vat, no bath, no lamp."""
        machine = self.machines.get(machine_id)
        return machine is not None and machine.is_dry

    @property
    def resin(self) -> Resin:
        return next(iter(self.resins.values()), Resin("resin", "Resin"))


def _as_listed(part: Part) -> tuple[str, tuple[tuple[int, str], ...]]:
    """By slot, and by name as people count."""
    return part.slot, natural(part.name)
