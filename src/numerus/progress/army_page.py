"""The army as a page: one HTML file with everything in it, to be shown, printed or kept."""

from __future__ import annotations

import base64
import io
from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass
from datetime import date
from html import escape

import numpy as np
from numpy.typing import NDArray

from numerus.domain.army import Figure, Unit
from numerus.domain.painting.recipes import Scheme
from numerus.domain.plans import Plans
from numerus.domain.stages import LEVEL_NAMES, TITLES
from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import merged, xyz
from numerus.geometry.rays import Camera, picture
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import mix_words
from numerus.paint.zone_colours import painter_of, zone_colours
from numerus.progress.standing import FigureStanding, Standing
from numerus.surface.zones import ZonedMesh
from numerus.words import counted, span

JPEG = b"\xff\xd8"
ROSTER = "unit", "figure", "base_mm", "level", "stage", "parts"
WIDE_PX, HIGH_PX = 220, 280
TURN_DEG, RAISE_DEG, AROUND = 18.0, 12.0, 1.12  # a look at a figure, with some room about it
STYLE = """
body{font:15px/1.45 sans-serif;color:#2b2a28;background:#fbfaf6;margin:0 auto;max-width:1080px;padding:28px}
h1{font-size:34px;margin:0}h2{font-size:21px;margin:30px 0 4px;border-top:1px solid #d9d2c3;padding-top:16px}
.note{color:#6a675f}.figures{display:flex;flex-wrap:wrap;gap:14px}figure{margin:0;width:220px;break-inside:avoid}
figure img{width:220px;height:280px;object-fit:contain;background:#efe9dc;border-radius:6px}figcaption b{display:block}
table{border-collapse:collapse;margin-top:8px}td{padding:3px 12px 3px 0;vertical-align:top}
i.swatch{display:inline-block;width:34px;height:16px;border-radius:3px;border:1px solid #cfc7b6}
"""


@dataclass(frozen=True)
class PageTerms:
    """What the page says beside the figures: pence a unit costs by its id, in a currency; none where costs are nobody's business."""

    written: date
    costs_pence: Mapping[str, int] | None = None
    currency: str = "£"


def figure_picture(parts: Sequence[ZonedMesh], colours: Mapping[str, str]) -> NDArray[np.uint8]:
    """A figure in its colours, primed where it has none yet: uint8 (high, wide, 4), transparent about it."""
    paint = painter_of(colours)
    mesh = merged([p.mesh.bare() for p in parts])
    low, high = mesh.bounds_mm
    height = AROUND * max(float(high[2] - low[2]), float(np.linalg.norm((high - low)[:2])) * HIGH_PX / WIDE_PX)
    camera = Camera(xyz((low + high) / 2), TURN_DEG, RAISE_DEG, height)
    return picture(mesh, np.concatenate([paint(p) for p in parts]), camera, WIDE_PX, HIGH_PX)


def figure_pictures(
    plans: Plans, standing: Standing, zoned_of: Callable[[str], ZonedMesh], progress: Progress = lambda _: True
) -> dict[str, bytes]:
    """PNG by figure, as far as each is painted; figures without parts have none. The same build in the same colours is drawn once.

    Raises Cancelled.
    """
    known, pictures = dict[object, bytes](), dict[str, bytes]()
    for number, figure in enumerate(standing.figures.values()):
        if not progress(number / len(standing.figures)):
            raise Cancelled
        parts = [p for p in figure.figure.build.values() if p in plans.parts]
        colours = zone_colours(plans, plans.scheme_on(figure.figure), figure.painted)
        key = tuple(parts), tuple(sorted(colours.items()))
        if parts and key not in known:
            known[key] = _png(figure_picture([zoned_of(p) for p in parts], colours))
        if parts:
            pictures[figure.figure.id] = known[key]
    return pictures


def _png(pixels: NDArray[np.uint8]) -> bytes:
    from PIL import Image

    out = io.BytesIO()
    Image.fromarray(pixels).save(out, "PNG", optimize=True)
    return out.getvalue()


def army_html(plans: Plans, standing: Standing, pictures: Mapping[str, bytes], terms: PageTerms) -> str:
    """The page as text; nothing in it is fetched from elsewhere."""
    name = escape(plans.army.name if plans.army else "An army")
    figures = standing.figures.values()
    ready = sum(f.stage == "ready" for f in figures)
    by = f", to be ready by {plans.army.ready_by:%-d %B %Y}" if plans.army else ""
    units = "".join(_unit(plans, u, standing, pictures, terms) for u in plans.units_in_order())
    schemes = {s.id: s for u in plans.units_in_order() if (s := plans.scheme_of(u.id)) is not None}
    cards = "".join(_scheme(plans, s) for s in schemes.values())
    return (
        f"<!doctype html><html lang='en'><head><meta charset='utf-8'><title>{name}</title><style>{STYLE}</style></head><body>"
        f"<h1>{name}</h1><p class='note'>{ready} of {counted(len(figures), 'figure')} ready{by}. "
        f"Written {terms.written:%-d %B %Y}. Photographs where there are any; other pictures are drawn "
        f"from the parts and the scheme, as far as each figure is painted.</p>"
        f"{units}{cards}</body></html>"
    )


def _unit(plans: Plans, unit: Unit, standing: Standing, pictures: Mapping[str, bytes], terms: PageTerms) -> str:
    own = [standing.figures[f.id] for f in plans.figures_of(unit.id)]
    ready = sum(f.stage == "ready" for f in own)
    hands = sum(standing.hands.get(f.figure.id, 0.0) for f in own)
    cost = ""
    if terms.costs_pence is not None:
        cost = f", {terms.currency}{terms.costs_pence.get(unit.id, 0) / 100:.2f}"
    told = f"{LEVEL_NAMES[unit.level]}, {ready} of {len(own)} ready, {span(hands)} of hands so far{cost}"
    shown = "".join(_figure(f, standing, pictures.get(f.figure.id)) for f in own)
    return f"<h2>{escape(unit.name)}</h2><p class='note'>{escape(told)}</p><div class='figures'>{shown}</div>"


def _figure(figure: FigureStanding, standing: Standing, shown: bytes | None) -> str:
    name, kind = escape(figure.figure.name), "jpeg" if shown and shown.startswith(JPEG) else "png"
    image = f"<img alt='{name}' src='data:image/{kind};base64,{base64.b64encode(shown).decode()}'>" if shown else ""
    state = "ready" if figure.stage == "ready" else f"{TITLES[figure.stage]}: {figure.detail}"
    hands = standing.hands.get(figure.figure.id, 0.0)
    spent = f", {span(hands)}" if hands else ""
    return f"<figure>{image}<figcaption><b>{name}</b><span class='note'>{escape(state)}{spent}</span></figcaption></figure>"


def _scheme(plans: Plans, scheme: Scheme) -> str:
    """Every zone with its colour and its steps."""
    colours, names = zone_colours(plans, scheme), rack_of(plans).names
    rows = [
        f"<tr><td><i class='swatch' style='background:{colours.get(r.zone, 'none')}'></i></td><td>{escape(plans.zone_name(r.zone))}</td>"
        f"<td class='note'>{escape('; '.join(f'{s.name}: {mix_words(s, names)}' for s in r.steps))}</td></tr>"
        for r in scheme.recipes
    ]
    return (
        f"<h2>{escape(scheme.name)}</h2><p class='note'>Over {escape(scheme.primer)}.</p><table>{''.join(rows)}</table>"
    )


def roster_rows(plans: Plans, standing: Standing) -> list[dict[str, object]]:
    """The army as plain rows for games and lists: unit, figure, base, level, where it stands, what it holds by slot."""
    return [
        {
            "unit": f.unit.name, "figure": f.figure.name, "base_mm": f.unit.base_mm, "level": LEVEL_NAMES[f.unit.level],
            "stage": f.stage, "parts": _labels(plans, f.figure),
        }
        for f in standing.figures.values()
    ]  # fmt: skip


def roster_table(plans: Plans, standing: Standing) -> list[list[object]]:
    """The rows under their head; what a figure holds in one cell."""
    rows = roster_rows(plans, standing)
    return [[*ROSTER], *([*(row[name] for name in ROSTER[:-1]), _in_a_cell(row)] for row in rows)]


def _in_a_cell(row: Mapping[str, object]) -> str:
    held = row["parts"]
    return "; ".join(f"{slot}: {name}" for slot, name in held.items()) if isinstance(held, dict) else ""


def _labels(plans: Plans, figure: Figure) -> dict[str, str]:
    return {slot: plans.parts[p].label for slot, p in figure.build.items() if p in plans.parts}
