"""Supports of a part: placed, routed and made into meshes; a raft or feet, braces between what is slender.

A tip touches the part from below, a cone widens to a pillar, the pillar stands on the raft. The finished work is printed
layer by layer again, and what then still begins in mid-air is caught; what cannot be is reported, not hidden.
"""

from __future__ import annotations

from collections.abc import Sequence
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass, field, replace
from functools import cached_property

import numpy as np

from numerus.domain.printing.machines import Resin
from numerus.domain.printing.poses import Pillar, Point
from numerus.errors import Progress
from numerus.geometry.mesh import Floats, Mesh, merged, xyz
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.layers import Island, islands
from numerus.geometry.solids.united_columns import run_volume_mm3, united
from numerus.printing.supports.bracing import braces, may_be_stout
from numerus.printing.supports.pillar_meshes import supports_mesh
from numerus.printing.supports.posed_part import CHECK_MM, OFFSETS_PX, PosedPart, offset_mm, posed_part_of
from numerus.printing.supports.routing import routed
from numerus.printing.supports.style import SupportStyle
from numerus.printing.supports.tips import Wanted, wanted_tips
from numerus.surface.fields.part_fields import Fields, fields_of

REPAIRS = 4  # rounds of catching what the check still finds
PROVED_RUNS, LEAST_OFFSETS = 1_800_000, 3  # runs of columns looked through: large parts at fewer offsets, never fewer than this
SAME_MM = 0.3  # births of two offsets nearer than this are one


@dataclass(frozen=True, eq=False)
class Supported:
    """A posed part standing on z = 0 with its supports; ``unreached`` are points no pillar could be brought to;
    ``steady`` are slender pillars that a brace holds or that are made stouter; ``checked``: islands were looked for.
    """

    posed_part: PosedPart
    style: SupportStyle
    supports: Mesh
    pillars: tuple[Pillar, ...]
    unreached: tuple[Point, ...] = ()
    islands_left: tuple[Island, ...] = ()
    steady: frozenset[int] = field(default_factory=frozenset)
    checked: bool = True

    @property
    def part(self) -> Mesh:
        return self.posed_part.part

    @property
    def whole(self) -> Mesh:
        return merged([self.part, self.supports]) if len(self.supports.faces) else self.part

    @cached_property
    def support_columns(self) -> Columns:
        """The supports alone at CHECK_MM."""
        return solid_columns(self.supports.triangles, CHECK_MM, CHECK_MM)

    @cached_property
    def whole_columns(self) -> Columns:
        """Part and supports as one solid at CHECK_MM; the part's own are made once."""
        return united(self.posed_part.fine, self.support_columns) if len(self.supports.faces) else self.posed_part.fine

    @property
    def support_ml(self) -> float:
        """What the supports add to the part, where they overlap each other or the part counted once."""
        return (self.whole_columns.volume_mm3 - run_volume_mm3(self.posed_part.fine)) / 1000


def support(
    posed: Mesh, resin: Resin, style: SupportStyle | None = None, progress: Progress | None = None,
    fields: Fields | None = None,
) -> Supported:  # fmt: skip
    """Raise a posed part where it needs it and catch every island and overhang; ``fields`` in the order of its faces.

    Checks its own work: islands of the part and supports together that remain are returned, never hidden.
    Raises Cancelled when ``progress`` answers False.
    """
    return caught(placed(posed, resin, style, progress, fields))


def placed(
    posed: Mesh, resin: Resin, style: SupportStyle | None = None, progress: Progress | None = None,
    fields: Fields | None = None,
) -> Supported:  # fmt: skip
    """The same before its own work is checked: see ``caught``."""
    style = style or SupportStyle()
    posed_part = posed_part_of(posed, fields or fields_of(posed), style)
    clearance = posed_part.clearance(style.clearance_mm)
    pillars, unreached = routed(wanted_tips(posed_part, resin, style), clearance, style, progress=progress)
    return built(posed_part, style, pillars, unreached, offsets=0)


def caught(supported: Supported) -> Supported:
    """What still begins in mid-air given tips, wherever the pixels of a machine may lie."""
    if not supported.checked:
        supported = built(supported.posed_part, supported.style, supported.pillars, supported.unreached)
    for _ in range(REPAIRS):
        if not supported.islands_left:
            break
        clearance = supported.posed_part.clearance(supported.style.clearance_mm)
        more, still = routed(_births_wanted(supported), clearance, supported.style, supported.pillars, tight=True)
        supported = built(
            supported.posed_part, supported.style, [*supported.pillars, *more], [*supported.unreached, *still]
        )
    return supported


def _births_wanted(supported: Supported) -> Wanted:
    points = np.array([(i.pixel_x_mm, i.pixel_y_mm, i.z_mm) for i in supported.islands_left]).reshape(-1, 3)
    return Wanted(points, np.full(len(points), supported.style.tips_mm[1]), ("island",) * len(points))


def built(
    posed_part: PosedPart, style: SupportStyle, pillars: Sequence[Pillar], unreached: Sequence[Floats | Point] = (),
    offsets: int | None = None,
) -> Supported:  # fmt: skip
    """Pillars as a mesh with braces and a foot, and what part and supports together leave in mid-air; ``offsets``: at how many
    places of the pixels that is looked for, as many as are known where it is not said, none for 0.
    """
    clearance = posed_part.clearance(style.clearance_mm)
    ties = braces(pillars, clearance, style)
    braced = frozenset(i for a, b, _ in ties for i in (a, b))
    stout = frozenset(i for i, p in enumerate(pillars) if i not in braced and may_be_stout(p, clearance, style))
    supports = supports_mesh(
        pillars, stout, [(pillars[a], pillars[b], z) for a, b, z in ties], style, posed_part.raised
    )
    left = islands_left(posed_part, supports, offsets) if offsets != 0 else ()
    # What no way led to may have been caught by a neighbour since.
    near = 0.5 * style.spacing_mm
    points = tuple(
        xyz(np.array(p)) for p in unreached if all(np.linalg.norm(np.array(p) - q.tip) > near for q in pillars)
    )
    return Supported(posed_part, style, supports, tuple(pillars), points, left, braced | stout, offsets != 0)


def islands_left(posed_part: PosedPart, supports: Mesh, offsets: int | None = None) -> tuple[Island, ...]:
    """What begins in mid-air wherever the pixels of a machine come to lie: each place once, of any of the offsets tried."""
    most = int(np.clip(PROVED_RUNS // max(len(posed_part.fine.x), 1), LEAST_OFFSETS, len(OFFSETS_PX)))
    many = most if offsets is None else offsets
    with ThreadPoolExecutor(2) as pool:
        born = list(pool.map(lambda number: _islands_at(posed_part, supports, number), range(many)))
    kept: list[Island] = []
    for island in (i for some in born for i in some):
        place = np.array((island.x_mm, island.y_mm, island.z_mm))
        if all(np.abs(place - (k.x_mm, k.y_mm, k.z_mm)).max() > SAME_MM for k in kept):
            kept.append(island)
    return tuple(kept)


def _islands_at(posed_part: PosedPart, supports: Mesh, number: int) -> list[Island]:
    """Islands on pixels shifted by an offset, in the part's own coordinates."""
    x, y = offset_mm(number)
    own = posed_part.fine_at(number)
    if len(supports.faces):
        own = united(own, solid_columns(supports.triangles + np.array([x, y, 0.0]), CHECK_MM, CHECK_MM))
    return [
        replace(i, x_mm=i.x_mm - x, y_mm=i.y_mm - y, pixel_x_mm=i.pixel_x_mm - x, pixel_y_mm=i.pixel_y_mm - y)
        for i in islands(own)
    ]
