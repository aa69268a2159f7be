"""The packing list as one HTML file: every figure with its picture, tray, how it lies and what to mind; weights by tray."""

from __future__ import annotations

from base64 import b64encode
from collections.abc import Mapping, Sequence
from html import escape

from numerus.packing.trays import Laid, Tray
from numerus.words import counted

STYLE = (
    "body{font-family:sans-serif;margin:2em;color:#222}table{border-collapse:collapse;width:100%}"
    "td{border-bottom:1px solid #ccc;padding:4px;vertical-align:middle}img{height:64px}h2{margin-top:1.5em}"
)


def packing_html(
    army: str,
    trays: Sequence[Tray],
    pictures: Mapping[str, bytes],
    parcel: str = "",
    bags: Mapping[str, Sequence[str]] | None = None,
) -> str:
    """``pictures``: PNG by figure, where there is one; nothing is fetched from elsewhere. ``bags``: by figure the parts that are not glued on
    and travel in a bag with its name.
    """
    body = "".join(_tray(number, tray, len(trays), pictures) for number, tray in enumerate(trays, 1))
    grams = sum(t.grams for t in trays)
    sent = f"<p>{escape(parcel)}</p>" if parcel else ""
    head = f"<h1>{escape(army)}: packing list</h1><p>{counted(sum(len(t.laid) for t in trays), 'figure')}, {grams:.0f} g.</p>{sent}"
    return f"<!doctype html><meta charset='utf-8'><title>Packing list</title><style>{STYLE}</style>{head}{body}{_bags(bags or {})}"


def _bags(bags: Mapping[str, Sequence[str]]) -> str:
    rows = "".join(
        f"<tr><td>☐</td><td><b>{escape(name)}</b></td><td>{escape(', '.join(parts))}</td></tr>"
        for name, parts in bags.items()
    )
    return f"<h2>Bags with names</h2><table>{rows}</table>" if rows else ""


def _tray(number: int, tray: Tray, many: int, pictures: Mapping[str, bytes]) -> str:
    rows = "".join(_row(laid, pictures.get(laid.pocket.figure_id)) for laid in tray.laid)
    size = f"{tray.wide_mm:.0f} × {tray.deep_mm:.0f} × {tray.high_mm:.0f} mm"
    return f"<h2>Tray {number} of {many}: {size}, {tray.grams:.0f} g</h2><table>{rows}</table>"


def _row(laid: Laid, picture: bytes | None) -> str:
    p = laid.pocket
    drawn = f"<img alt='' src='data:image/png;base64,{b64encode(picture).decode()}'>" if picture else ""
    size = f"{p.width_mm:.0f} × {p.depth_mm:.0f} × {p.height_mm:.0f} mm"
    notes = "; ".join(filter(None, (p.attitude, p.note)))
    return (
        f"<tr><td>☐</td><td>{drawn}</td><td><b>{escape(p.figure)}</b><br>{escape(p.unit)}</td><td>{size}</td>"
        f"<td>{escape(notes)}</td><td align='right'>{p.grams:.0f} g</td></tr>"
    )


def label_lines(army: str, trays: Sequence[Tray]) -> list[list[str]]:
    """Lines of a label for every tray: the army, which of how many, whose figures, what to mind, how heavy."""
    labels = []
    for number, tray in enumerate(trays, 1):
        units = dict.fromkeys(p.pocket.unit for p in tray.laid)
        fragile = sum(bool(p.pocket.note) for p in tray.laid)
        mind = f"{counted(fragile, 'fragile figure')}: this side up" if fragile else "this side up"
        labels.append(
            [
                army,
                f"Tray {number} of {len(trays)}",
                ", ".join(units),
                counted(len(tray.laid), "figure"),
                f"{tray.grams:.0f} g",
                mind,
            ]
        )
    return labels
