"""Cut files of trays: one SVG and one DXF each."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from numerus.errors import PlanError
from numerus.formats.cut_files import Named, svg_text, write_dxf
from numerus.packing.trays import Tray


def write_cut_files(trays: Sequence[Tray], folder: Path) -> list[tuple[Path, Path]]:
    """``tray-1.svg``, ``tray-1.dxf`` and so on in a folder, made where it is not there. Raises PlanError where nothing can be
    written.
    """
    try:
        folder.mkdir(parents=True, exist_ok=True)
        return [_write(tray, folder / f"tray-{number}") for number, tray in enumerate(trays, 1)]
    except OSError as error:
        words = f"{folder} could not be written: {error.strerror}."
        raise PlanError("unwritable", words, "Choose another folder.") from error


def _write(tray: Tray, stem: Path) -> tuple[Path, Path]:
    named: Named = [(p.pocket.figure, p.outline) for p in tray.laid]
    svg, dxf = stem.with_suffix(".svg"), stem.with_suffix(".dxf")
    svg.write_text(
        svg_text(f"{stem.name}, {tray.high_mm:.0f} mm deep", tray.wide_mm, tray.deep_mm, named), encoding="utf-8"
    )
    write_dxf(dxf, tray.wide_mm, tray.deep_mm, named)
    return svg, dxf
