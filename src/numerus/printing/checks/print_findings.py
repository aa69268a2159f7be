"""What the proof of a print found, as things to be said, shown by a pin and mended; and where marks will be."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.domain.printing.machines import Machine
from numerus.domain.printing.poses import Pillar, Point
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.solids.cups import Cup
from numerus.printing.checks.print_check import PrintCheck
from numerus.printing.checks.standing_firm import MOST_BRIM_MM
from numerus.printing.hollow.venting import cup_place
from numerus.printing.orientation.pose_measures import is_significant_cup
from numerus.printing.supports.placement import Supported
from numerus.printing.supports.style import BRIDGE_MM, SupportStyle, tip_name
from numerus.words import counted

LEAST_POOL_ML = 0.02
MOST_SAID = 3
FOOT_SAYS = "Its first layers come out a little wider: sand or shave the foot."
WORST = 30  # of a kind; more are counted


@dataclass(frozen=True)
class PrintFinding:
    """``code`` one of island, light, touches, swings, far, cup, pool, brim, heavy; ``pillar`` its number, -1 for none."""

    code: str
    description: str
    advice: str
    place_mm: Point
    pillar: int = -1


def print_findings(
    supported: Supported, proof: PrintCheck, sealed: Sequence[Cup], pools_ml: float = 0.0
) -> list[PrintFinding]:
    """The gravest first; ``pools_ml``: resin the part keeps as it hangs."""
    pillars, carried, style = supported.pillars, proof.loads.carried, supported.style
    findings = [
        PrintFinding("island", f"begins in mid-air at {i.z_mm:.1f} mm", "a tip there, or another pose", (i.pixel_x_mm, i.pixel_y_mm, i.z_mm))
        for i in proof.islands_left
    ]  # fmt: skip
    light = sorted(proof.too_light, key=lambda i: -carried[i])
    findings += [
        _tip("light", i, f"carries {carried[i]:.0%} of what it holds", "heavier, or split in two", pillars, style)
        for i in light
    ]
    findings += [
        _tip("touches", i, "its pillar runs into the part", "move it, or take it away", pillars, style)
        for i in proof.touches
    ]
    findings += [
        _tip("swings", i, "tall, thin and alone: it swings", "thicker, or a neighbour to brace it", pillars, style)
        for i in proof.swings
    ]
    findings += [
        PrintFinding("far", f"overhang with no tip near, {z:.1f} mm up", "a tip there", (x, y, z))
        for x, y, z in _gathered(proof, style)
    ]
    findings += [
        PrintFinding(
            "cup", f"a cup seals {c.area_mm2:.0f} mm² from {c.from_mm:.1f} mm", "vent it near its bottom, or tilt",
            cup_place(supported.posed_part.columns, c)
        )
        for c in sealed if is_significant_cup(c)
    ]  # fmt: skip
    if pools_ml >= LEAST_POOL_ML:
        x, y, z = (float(v) for v in supported.part.bounds_mm.mean(axis=0))
        advice = "pour it out tipped, see Hollow in Sort; or another pose, or a drain"
        findings.append(PrintFinding("pool", f"keeps {pools_ml:.2f} ml of resin as it hangs", advice, (x, y, z)))
    findings += _knocked_over(supported, proof)
    heavy = sorted(proof.too_heavy, key=lambda i: carried[i])[:WORST]
    findings += [
        _tip("heavy", i, f"carries only {carried[i]:.0%} of what it holds", "finer: a smaller mark", pillars, style)
        for i in heavy
    ]
    return findings


def _knocked_over(supported: Supported, proof: PrintCheck) -> list[PrintFinding]:
    """What stands on too little of the plate, with the brim that would hold it."""
    if not proof.brim_mm:
        return []
    x, y, _ = (float(v) for v in supported.part.bounds_mm.mean(axis=0))
    enough = f"a brim of {proof.brim_mm:g} mm" if proof.brim_mm < MOST_BRIM_MM else "another pose, or posts beside it"
    told = "little of it stands on the plate: the nozzle may knock it over (defaults)"
    return [PrintFinding("brim", told, f"{enough}; it is in the settings beside the plate", (x, y, 0.0))]


def _tip(
    code: str, number: int, description: str, advice: str, pillars: Sequence[Pillar], style: SupportStyle
) -> PrintFinding:
    pillar = pillars[number]
    return PrintFinding(code, f"{tip_name(pillar.tip_mm, style)} tip {description}", advice, pillar.tip, number)


def _gathered(proof: PrintCheck, style: SupportStyle) -> list[Point]:
    """Places of overhang without a tip, one for each patch."""
    kept: list[Floats] = []
    for point in proof.unsupported:
        if all(np.linalg.norm(point - k) > style.spacing_mm for k in kept):
            kept.append(point)
    return [(float(p[0]), float(p[1]), float(p[2])) for p in kept]


def verdict(proof: PrintCheck, findings: Sequence[PrintFinding], dry: bool = False) -> str:
    """What is not right yet, the gravest three, or that all is; ``dry``: of plastic."""
    bare = len([f for f in findings if f.code == "far"])
    counts = (
        (len(proof.islands_left), "island", " left"), (len(proof.too_light), "tip", " too light"), (bare, "bare overhang", ""),
        (len(proof.swings), "pillar", " too slender"),
    )  # fmt: skip
    words = [f"{counted(many, word)}{more}" for many, word, more in counts if many]
    if not words and proof.brim_mm:
        return f"Every island and overhang carried; wants a brim of {proof.brim_mm:g} mm."
    if not words:
        return f"Every island caught, {'every overhang carried' if dry else 'every tip holds what it must'}."
    return f"{'; '.join(words[:MOST_SAID]).capitalize()}: see Supports."


def misfit(supported: Supported, machine: Machine) -> str:
    """Why a supported part does not go on a machine as it lies, or nothing."""
    x, y, z = (float(v) for v in supported.whole.extents_mm)
    if z > machine.height_mm:
        return (
            f"{z:.0f} mm high: {machine.name} prints {machine.height_mm:.0f}. Lay it down, scale it or cut it in Sort."
        )
    if min(x, y) > min(machine.plate_x_mm, machine.plate_y_mm) or max(x, y) > max(
        machine.plate_x_mm, machine.plate_y_mm
    ):
        plate = f"{machine.plate_x_mm:.0f} × {machine.plate_y_mm:.0f} mm"
        return (
            f"{x:.0f} × {y:.0f} mm wide: the plate of {machine.name} has {plate}. Turn it, scale it or cut it in Sort."
        )
    return ""


def tip_says(supported: Supported, proof: PrintCheck, number: int) -> str:
    """One tip in words."""
    pillar = supported.pillars[number]
    lands = {"plate": "stands on the plate", "part": "stands on the part", "pillar": "leans on a neighbour"}[
        pillar.lands
    ]
    why = {
        "island": "catches an island",
        "overhang": "under an overhang",
        "span": "under a slope",
        "hold": "where you asked",
        "leverage": "against leverage",
    }
    reason = why.get(pillar.why, "set by hand" if pillar.why == "hand" else "shares a load")
    size = f"{tip_name(pillar.tip_mm, supported.style).capitalize()} tip, {pillar.tip_mm:g} mm"
    if supported.style.dry:
        return f"{size}; {reason}, {lands}; nothing pulls at it."
    return f"{size}; {reason}, {lands}; carries {proof.loads.carried[number]:.0%} of what it holds."


def supports_say(supported: Supported, proof: PrintCheck) -> str:
    """All supports in words: how many, how strong, and what they cost in marks and minutes."""
    sizes = [tip_name(p.tip_mm, supported.style) for p in supported.pillars]
    kinds = ", ".join(f"{sizes.count(n)} {n}" for n in ("fine", "medium", "heavy") if n in sizes)
    foot = f" {FOOT_SAYS}" if supported.style.dry else ""
    if not supported.pillars:
        return f"Stands {'' if supported.posed_part.raised else 'flat '}on the plate: no tips.{foot}"
    margin = float(proof.loads.margins.min(initial=np.inf))
    held = (
        f"hold at least {margin:.1f} times the pull and its leverage, by the resin's defaults"
        if np.isfinite(margin)
        else "nothing pulls on them"
    )
    marks = f"about {proof.cleaning_minutes:.0f} min to clean (default pace), {proof.scar_show_mm2:.1f} mm² of marks in sight"
    if supported.style.dry:
        carries = f"under what leans more than 50° or spans more than {BRIDGE_MM:g} mm (defaults)"
        return f"{counted(len(supported.pillars), 'post')} ({kinds}) {carries}; {marks}.{foot}"
    return f"{len(supported.pillars)} tips ({kinds}) {held}; {marks}."


def on_vertices(mesh: Mesh, of_faces: Floats | NDArray[np.bool_]) -> Floats:
    """A value of faces as one of vertices: the mean of the faces around each, float64 (n,)."""
    many = np.bincount(mesh.faces.reshape(-1), minlength=len(mesh.vertices))
    total = np.bincount(mesh.faces.reshape(-1), np.repeat(np.asarray(of_faces, float), 3), len(mesh.vertices))
    return np.asarray(total / np.maximum(many, 1))


def near_marks(mesh: Mesh, places: Floats, radius_mm: float) -> Floats:
    """How near each vertex is to a mark, 1 at it and 0 at ``radius_mm`` or farther, float64 (n,)."""
    from scipy.spatial import cKDTree

    if not len(places):
        return np.zeros(len(mesh.vertices))
    far = cKDTree(places).query(mesh.vertices, distance_upper_bound=radius_mm)[0]
    return np.asarray(np.clip(1 - far / radius_mm, 0, 1))
