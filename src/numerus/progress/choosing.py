"""Sculpts weighed against each other before one is printed: one figure of each, measured as this workshop would print and paint it."""

from __future__ import annotations

import json
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import asdict, dataclass, replace

import numpy as np

from numerus.assembly.fragility import fragile_places
from numerus.domain.army import BASES_MM, Army, Figure, Outline, Unit
from numerus.domain.parts import Kit, Part
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.plates import Laid
from numerus.domain.typed_rows import number_in_row
from numerus.errors import Cancelled, NumerusError, PlanError, Progress
from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.repair.health import oriented
from numerus.kit.base_sizes import base_mm
from numerus.kit.sorting import offered_factor
from numerus.printing.machines.timing import run_minutes
from numerus.printing.orientation.pose_measures import measure, school_up
from numerus.printing.preparation.posed_and_supported import supported_pose
from numerus.surface.brush_reach import brush_reach
from numerus.surface.fields.part_fields import fields_of
from numerus.surface.patching.patches import patches_of

FORM = 1
USUAL_SLOTS = ("base", "figure", "legs", "torso", "head", "left arm", "right arm", "weapon", "back")
FEET_MM, EDGE_MM = 1.5, 2.0  # skin so near the lowest stands on the base; so much is left round it
OUTLINE_COLUMNS = ("Bought figure", "Height, mm", "Base, mm")
MOST_MM = 600.0


@dataclass(frozen=True)
class CandidateLook:
    """One figure of a kit: parts, mm high, resin with its supports, minutes of machine for it alone, leaning back as a school of its own
    would; tips; places that snap; skin, the patches it falls into, and the share of what is seen that a brush reaches only with trouble;
    the base it wants; parts that could not be looked at, with the reason.
    """

    parts: int
    height_mm: float
    resin_ml: float
    minutes: float
    tips: int
    fragile: int
    skin_cm2: float
    patches: int
    hard_share: float
    base_mm: float
    left_out: tuple[str, ...] = ()


def candidates(plans: Plans) -> list[Kit]:
    """Kits that are weighed and not shelved, by name."""
    return sorted((k for k in plans.kits.values() if k.considered and not k.shelved), key=lambda k: k.name.lower())


def shelved(plans: Plans) -> list[Kit]:
    return sorted((k for k in plans.kits.values() if k.shelved), key=lambda k: k.name.lower())


def one_figure(parts: Iterable[Part]) -> list[Part]:
    """The first part of every slot a figure of a kit may wear; all of a kit that names no slot."""
    needed = [p for p in parts if p.needed]
    slotted = [p for p in needed if p.slot != "extra"] or needed
    firsts: dict[str, Part] = {}
    for part in sorted(slotted, key=lambda p: (p.slot, p.name)):
        firsts.setdefault(part.slot, part)
    order = {slot: n for n, slot in enumerate(USUAL_SLOTS)}
    return sorted(firsts.values(), key=lambda p: order.get(p.slot, len(order)))


def candidate_look(
    parts: Sequence[tuple[Part, Mesh]], machine: Machine, resin: Resin, progress: Progress = lambda _: True
) -> CandidateLook:  # fmt: skip
    """``parts`` of one figure with their meshes. Raises Cancelled; a part that cannot be posed is left out and named."""
    meshes = [(p, m if (f := offered_factor(p)) == 1 else m.scaled(f)) for p, m in parts]
    printed, left_out = list[_Printed](), list[str]()
    for number, (part, mesh) in enumerate(meshes):
        if not progress(0.8 * number / max(len(meshes), 1)):
            raise Cancelled
        try:
            printed.append(_printed(oriented(mesh)[0], machine, resin))
        except NumerusError as error:
            left_out.append(f"{part.label}: {error.message}")
    tall = max((p.height_mm for p in printed), default=0.0)
    laid = Laid(sum(p.ml for p in printed), sum(p.skin_cm2 for p in printed))
    reach = brush_reach([(p.slot, m.bare()) for p, m in meshes])
    seen, easy = sum(r.seen_mm2 for r in reach), sum(r.easy_mm2 for r in reach)
    whole = merged([m.bare() for _, m in meshes])
    return CandidateLook(
        len(meshes), float(whole.extents_mm[2]), laid.ml, run_minutes(tall, machine, laid) if printed else 0.0,
        sum(p.tips for p in printed), sum(len(fragile_places(m.bare())) for _, m in meshes), float(whole.areas_mm2.sum()) / 100,
        sum(len(patches_of(m.bare())) for _, m in meshes), 1 - easy / seen if seen else 0.0, _base(meshes, whole),
        tuple(left_out),
    )  # fmt: skip


@dataclass(frozen=True)
class _Printed:
    height_mm: float
    ml: float
    skin_cm2: float
    tips: int


def _printed(mesh: Mesh, machine: Machine, resin: Resin) -> _Printed:
    """Leaning back on its supports."""
    fields = fields_of(mesh)
    cost = measure(mesh, fields, "leans back", school_up("leans back"), machine, resin)
    made = supported_pose(mesh, cost, machine, resin, fields=fields)
    props = abs(made.supported.supports.signed_volume_mm3) / 1000
    return _Printed(cost.height_mm, cost.volume_ml + props, float(mesh.areas_mm2.sum()) / 100, made.pose.tips)


def _base(parts: Sequence[tuple[Part, Mesh]], whole: Mesh) -> float:
    """As wide as the base it came with; else the least usual one that holds its feet."""
    own = next((w for p, _ in parts if (w := base_mm(p, ())) is not None), None)
    if own is not None:
        return round(own, 1)
    feet = whole.vertices[whole.vertices[:, 2] < whole.bounds_mm[0, 2] + FEET_MM, :2]
    middle = (feet.min(axis=0) + feet.max(axis=0)) / 2
    wide = 2 * float(np.linalg.norm(feet - middle, axis=1).max()) + EDGE_MM
    return next((b for b in BASES_MM if b >= wide), round(wide, 1))


def packed_look(look: CandidateLook) -> bytes:
    return json.dumps([FORM, asdict(look)]).encode()


def unpacked_look(data: bytes) -> CandidateLook | None:
    """None for what was written otherwise."""
    form, told = json.loads(data)
    return CandidateLook(**{**told, "left_out": tuple(told["left_out"])}) if form == FORM else None


def taken(plans: Plans, kit: Kit, figures: int, ids: Sequence[str]) -> list[Kit | Unit | Figure]:
    """A candidate that is printed: a unit of it with so many figures, in the slots its parts fill. ``ids``: of the unit and its figures.

    Raises PlanError where the kit has no parts.
    """
    parts = [p for p in plans.parts.values() if p.kit_id == kit.id]
    chosen = one_figure(parts)
    if not chosen:
        raise PlanError("no-parts", f"{kit.name} has no parts.", "Add its files first.")
    base = next((w for p in chosen if (w := base_mm(p, kit.relations)) is not None), 32.0)
    unit = Unit(ids[0], kit.name, len(plans.units), round(base, 1), kit.id, slots=tuple(p.slot for p in chosen))
    named = [
        Figure(own, unit.id, f"{kit.name} {n}" if figures > 1 else kit.name, n - 1) for n, own in enumerate(ids[1:], 1)
    ]
    return [replace(kit, considered=False, shelved=""), unit, *named]


def outline_rows(outlines: Sequence[Outline]) -> list[list[str]]:
    return [[o.name, f"{o.height_mm:g}", f"{o.base_mm:g}"] for o in outlines]


def with_outlines(army: Army, rows: Sequence[Sequence[str]]) -> Army:
    """Raises PlanError for what cannot be read, naming the row."""
    made = []
    for number, (name, height, base) in enumerate(rows, 1):
        tall, wide = number_in_row(height, MOST_MM, number), number_in_row(base, MOST_MM, number)
        if not name.strip() or min(tall, wide) <= 0:
            raise PlanError("no-outline", f"Row {number}: an outline has a name, a height and a base.", "Fill them in.")
        made.append(Outline(" ".join(name.split()), tall, wide))
    return replace(army, outlines=tuple(made))


def look_key(kit_parts: Sequence[Part], machine: Machine, resin: Resin) -> tuple[str, tuple[object, ...]]:
    """The mesh under which a look is kept, and what else it is about."""
    return kit_parts[0].blob, (FORM, tuple(p.blob for p in kit_parts), machine, resin)


def prices(plans: Plans, looks: Mapping[str, CandidateLook]) -> dict[str, int]:
    """Pence of each candidate by kit: what it was bought for, and resin for one figure."""
    per_ml = plans.resin.pence_per_l / 1000
    return {
        k: plans.kits[k].price_pence + round(look.resin_ml * per_ml) for k, look in looks.items() if k in plans.kits
    }
