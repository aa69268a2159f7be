"""Supports changed by hand or by the proof: tips added, moved, taken away, thickened, split; all that is wrong mended at once.

Every change gives a new Supported, checked again; the part's own columns are kept, so that a change takes a moment.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import Pillar
from numerus.errors import Cancelled, GeometryError, Progress
from numerus.geometry.mesh import Floats, Mesh
from numerus.printing.checks.print_check import PrintCheck, check_print
from numerus.printing.preparation.steadying import steadied
from numerus.printing.supports.placement import LEAST_OFFSETS, Supported, built, caught, placed
from numerus.printing.supports.posed_part import posed_part_of
from numerus.printing.supports.routing import resized, route, routed, without
from numerus.printing.supports.style import SupportStyle
from numerus.printing.supports.tips import Wanted
from numerus.surface.fields.part_fields import Fields

ROUNDS = 6  # of growing what is too light
MOST_REFINED = 3  # of making finer what is too heavy
SPLIT_SHARE = 0.3  # of the spacing: how far the halves of a split tip stand from where it was
MOST_MORE = 60  # tips added in one round


def drafted(posed: Mesh, fields: Fields, style: SupportStyle, pillars: Sequence[Pillar]) -> Supported:
    """Supports as they were left, checked again."""
    return built(posed_part_of(posed, fields, style), style, pillars)


def with_tip(current: Supported, at_mm: Sequence[float], tip_mm: float) -> Supported:
    """A tip more, under the skin nearest to a place. Raises GeometryError where no way leads down from there."""
    tip = under(current, at_mm)
    return _again(current, [*current.pillars, _way(current, tip, tip_mm, current.pillars)])


def moved_tip(current: Supported, number: int, to_mm: Sequence[float]) -> Supported:
    """A tip at another place, as thick as it was. Raises GeometryError where no way leads down from there."""
    gone = current.pillars[number]
    rest = without(current.pillars, gone, _room(current), current.style)
    return _again(current, [*rest, _way(current, under(current, to_mm), gone.tip_mm, rest)])


def without_tip(current: Supported, number: int) -> Supported:
    """One tip fewer; what leaned on its pillar stands by itself."""
    return _again(current, without(current.pillars, current.pillars[number], _room(current), current.style))


def thickened(current: Supported, number: int, finer: bool = False) -> Supported:
    """The next size up, or down."""
    pillar, style = current.pillars[number], current.style
    size = style.smaller(pillar.tip_mm) if finer else style.larger(pillar.tip_mm)
    return _again(current, [resized(p, size) if i == number else p for i, p in enumerate(current.pillars)])


def split(current: Supported, number: int) -> Supported:
    """Two tips in place of one, to either side along the skin. Raises GeometryError where there is no room for two."""
    gone = current.pillars[number]
    rest = without(current.pillars, gone, _room(current), current.style)
    normal = current.part.normals[current.posed_part.face_at(np.array([gone.tip]))[0]]
    side = np.cross(normal, [0.0, 1.0, 0.0] if abs(normal[1]) < 0.9 else [1.0, 0.0, 0.0])
    side *= SPLIT_SHARE * current.style.spacing_mm / max(float(np.linalg.norm(side)), 1e-9)
    for step in (side, -side):
        rest = [*rest, _way(current, under(current, np.array(gone.tip) + step), gone.tip_mm, rest)]
    return _again(current, rest)


def under(current: Supported, at_mm: Sequence[float] | Floats) -> Floats:
    """The point of the skin nearest to a place. Raises GeometryError where the skin looks up there."""
    place = np.asarray(at_mm, float)
    face = int(current.posed_part.face_at(place)[0])
    normal, corner = current.part.normals[face], current.part.triangles[face, 0]
    if normal[2] > 0.05:
        raise GeometryError("looks-up", "A tip holds from below; the skin looks up there.", "Click an underside.")
    inside = _nearest_on(current.part.triangles[face], place - normal * float(normal @ (place - corner)))
    return np.asarray(inside)


def _nearest_on(triangle: Floats, point: Floats) -> Floats:
    """A point of the triangle's plane drawn into the triangle."""
    a, b, c = triangle
    solved = np.linalg.lstsq(np.stack([b - a, c - a], axis=1), point - a, rcond=None)[0]
    weights = np.clip(np.array([1 - solved.sum(), *solved]), 0, None)
    return np.asarray(weights @ triangle / max(weights.sum(), 1e-12))


def _room(current: Supported):  # type: ignore[no-untyped-def]
    return current.posed_part.clearance(current.style.clearance_mm)


def _way(current: Supported, tip: Floats, tip_mm: float, standing: Sequence[Pillar]) -> Pillar:
    way = route(tip, tip_mm, "hand", _room(current), current.style, standing, tight=True)
    if way is None:
        raise GeometryError(
            "no-way", "No pillar can be brought to that place.", "Try a place nearer the edge, or another pose."
        )
    return way


def _again(current: Supported, pillars: Sequence[Pillar], offsets: int | None = LEAST_OFFSETS) -> Supported:
    return built(current.posed_part, current.style, pillars, current.unreached, offsets)


def mended(
    current: Supported, machine: Machine, resin: Resin, progress: Progress | None = None
) -> tuple[Supported, PrintCheck]:
    """What the proof finds put right: a wider hold where leverage asks for it, more tips where something is left, larger where
    too light, finer where too heavy.
    """

    def told(low: float, high: float) -> Progress | None:
        return None if progress is None else lambda share: progress(low + (high - low) * share)

    current = caught(current) if current.islands_left else current
    current, proof = _rounds(_steady(current, machine, resin, told(0.0, 0.4)), machine, resin, told(0.4, 0.7))
    if proof.too_light:  # what was held only now may lean, too
        current, proof = _rounds(_steady(current, machine, resin, None), machine, resin, told(0.7, 0.9))
    current, proof = _refined(current, proof, machine, resin)
    sure = caught(current)
    return sure, proof if sure is current else check_print(sure, machine, resin)


def _steady(current: Supported, machine: Machine, resin: Resin, progress: Progress | None) -> Supported:
    pillars = steadied(current.posed_part, current.pillars, current.style, machine, resin, progress)
    return _again(current, pillars, offsets=0) if len(pillars) > len(current.pillars) else current


def _rounds(
    renewed: Supported, machine: Machine, resin: Resin, progress: Progress | None
) -> tuple[Supported, PrintCheck]:
    """More and larger tips, as long as that helps."""
    proof = check_print(renewed, machine, resin)
    for number in range(ROUNDS):
        if progress is not None and not progress(number / ROUNDS):
            raise Cancelled
        pillars = _grown(renewed, proof)
        if pillars is None:
            break
        renewed = _again(renewed, pillars, offsets=0)
        proof = check_print(renewed, machine, resin)
    return renewed, proof


def _grown(current: Supported, proof: PrintCheck) -> list[Pillar] | None:
    """Pillars with what is too light made heavier, and places that lack a tip given one; None where nothing helps."""
    style, light = current.style, set(proof.too_light)
    pillars = [resized(p, style.larger(p.tip_mm)) if i in light else p for i, p in enumerate(current.pillars)]
    places = _lacking(current, proof)
    for i in light:
        if current.pillars[i].tip_mm >= style.tips_mm[-1] - 1e-9:
            places += _beside(current, current.pillars[i])
    more, _ = routed(
        _held_at(places, style.tips_mm[1]), _room(current), style, pillars, tight=bool(current.islands_left)
    )
    # What swings gets a neighbour on feet of its own, to be braced with.
    beside = [p for i in proof.swings for p in _beside(current, current.pillars[i])[:1]]
    mates, _ = routed(
        _held_at(beside, style.tips_mm[0]), _room(current), replace(style, trees=False), [*pillars, *more]
    )
    grown = [*pillars, *more, *(m for m in mates if m.lands == "plate")]
    return None if grown == list(current.pillars) else grown


def _held_at(places: Sequence[Floats], tip_mm: float) -> Wanted:
    points = np.array(places).reshape(-1, 3)[:MOST_MORE]
    return Wanted(points, np.full(len(points), tip_mm), ("held",) * len(points))


def _lacking(current: Supported, proof: PrintCheck) -> list[Floats]:
    """Islands still in mid-air, and overhang no tip is near."""
    places = [np.array([i.pixel_x_mm, i.pixel_y_mm, i.z_mm]) for i in current.islands_left]
    for point in proof.unsupported:
        if all(np.linalg.norm(point - p) > current.style.spacing_mm for p in places):
            places.append(point)
    return places


def _beside(current: Supported, pillar: Pillar) -> list[Floats]:
    """Undersides round a tip that cannot get heavier, where others could share its load."""
    places = []
    for turn in np.arange(4) * np.pi / 2:
        step = current.style.spacing_mm * 0.5 * np.array([np.cos(turn), np.sin(turn), 0.0])
        place = np.array(pillar.tip) + step
        face = int(current.posed_part.face_at(place)[0])
        on_skin = _nearest_on(current.part.triangles[face], place)
        taken = any(np.linalg.norm(on_skin - p.tip) < 0.25 * current.style.spacing_mm for p in current.pillars)
        if current.part.normals[face][2] < -0.2 and not current.posed_part.fields.keep_off[face] and not taken:
            places.append(on_skin)
    return places


def _refined(current: Supported, proof: PrintCheck, machine: Machine, resin: Resin) -> tuple[Supported, PrintCheck]:
    """Finer tips where little is carried, as long as nothing gets too light by it."""
    for _ in range(MOST_REFINED):
        heavy = [i for i in proof.too_heavy if current.pillars[i].why != "hand"]
        if not heavy:
            break
        finer = [
            resized(p, current.style.smaller(p.tip_mm)) if i in heavy else p for i, p in enumerate(current.pillars)
        ]
        tried = _again(current, finer, offsets=0)
        print_check = check_print(tried, machine, resin)
        if len(print_check.too_light) > len(proof.too_light):
            break
        current, proof = tried, print_check
    return current, proof


def supported(
    posed: Mesh, machine: Machine, resin: Resin, style: SupportStyle, fields: Fields | None = None,
    progress: Progress | None = None,
) -> tuple[Supported, PrintCheck]:  # fmt: skip
    """Placed, proved and mended: what the bench and the command line keep."""

    current = placed(posed, resin, style, None if progress is None else lambda s: progress(0.5 * s), fields)
    return mended(current, machine, resin, None if progress is None else lambda s: progress(0.5 + 0.5 * s))
