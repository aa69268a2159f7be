"""Outlines to cut, at true size: SVG with millimetres as its unit, and DXF."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from pathlib import Path
from xml.sax.saxutils import escape, quoteattr

from numerus.geometry.mesh import Floats

Named = Sequence[tuple[str, Floats]]
"""Names with closed outlines (n, 2) in mm, y upward."""


def svg_text(title: str, wide_mm: float, deep_mm: float, outlines: Named) -> str:
    """One sheet: its edge and every outline as a closed path; y points down in SVG, so the sheet is turned over."""
    size = f'width="{wide_mm:g}mm" height="{deep_mm:g}mm" viewBox="0 0 {wide_mm:g} {deep_mm:g}"'
    lines = [
        '<?xml version="1.0" encoding="UTF-8"?>',
        f'<svg xmlns="http://www.w3.org/2000/svg" {size}>',
        f"<title>{escape(title)}</title>",
        f'<rect id="edge" x="0" y="0" width="{wide_mm:g}" height="{deep_mm:g}" {_STROKE}/>',
        *_paths(deep_mm, outlines),
        "</svg>",
    ]
    return "\n".join(lines) + "\n"


_STROKE = 'fill="none" stroke="#000000" stroke-width="0.1"'


def _paths(deep_mm: float, outlines: Named) -> Iterable[str]:
    for name, outline in outlines:
        points = " L ".join(f"{x:.3f},{deep_mm - y:.3f}" for x, y in outline)
        yield f"<path id={quoteattr(name)} d={quoteattr(f'M {points} Z')} {_STROKE}><title>{escape(name)}</title></path>"


def write_dxf(path: Path, wide_mm: float, deep_mm: float, outlines: Named) -> None:
    """One sheet: closed polylines in mm, the edge on its own layer, names as text on another."""
    import ezdxf
    from ezdxf import units

    drawing = ezdxf.new("R2010", units=units.MM)
    for layer in ("EDGE", "POCKETS", "NAMES"):
        drawing.layers.add(layer)
    sheet = drawing.modelspace()
    edge = [(0, 0), (wide_mm, 0), (wide_mm, deep_mm), (0, deep_mm)]
    sheet.add_lwpolyline(edge, close=True, dxfattribs={"layer": "EDGE"})
    for name, outline in outlines:
        sheet.add_lwpolyline([(float(x), float(y)) for x, y in outline], close=True, dxfattribs={"layer": "POCKETS"})
        middle = tuple(float(v) for v in outline.mean(axis=0))
        sheet.add_text(name, height=3.0, dxfattribs={"layer": "NAMES"}).set_placement(middle)
    drawing.saveas(path)
