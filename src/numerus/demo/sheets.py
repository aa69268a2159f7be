"""Contact sheets of the demo's kits and a painted picture of each unit, for docs/sheets: ``./run sheets``.

Drawn by our own ray caster, so that no window and no OpenGL is needed.
"""

from __future__ import annotations

import sys
from collections.abc import Sequence
from pathlib import Path

import numpy as np
from numpy.typing import NDArray
from PIL import Image, ImageDraw, ImageFont

from numerus.colour.light import rgb_of
from numerus.demo.army import BELLRINGERS, figure_parts
from numerus.demo.kits import BASES, HEADS, LEFT, PACKS, RIGHT, STANCES, TORSOS
from numerus.demo.parts import labelled
from numerus.demo.scheme import SCHEME, ZONES
from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.rays import picture
from numerus.kit.thumbnails import RESIN, fitted_camera
from numerus.paint.priming.primer import primed_ground
from numerus.paint.rack.pots import Rack
from numerus.paint.scheme import zone_colour
from numerus.starter.schemes import PAINTS
from numerus.surface.zones import ATTRIBUTE, ZonedMesh

GROUND, INK = (244, 240, 231), (35, 43, 51)
FONT = Path(__file__).parents[1] / "desk" / "theme" / "fonts" / "SourceSans3-400.ttf"
CELL = (190, 250)
HERON = ("base", "legs", "body", "bell", "wing_L", "wing_R", "neck", "head", "platform")
Pixels = NDArray[np.uint8]


def zone_palette() -> Pixels:
    """Colour of every zone as the scheme paints it, uint8 (zones, 3); unpainted ones grey."""
    rack, names = Rack({p.id: p for p in PAINTS}), [z.id for z in ZONES]
    pixels = np.full((len(ZONES), 3), 150, np.uint8)
    for recipe in SCHEME.recipes:
        pixels[names.index(recipe.zone)] = np.round(255 * rgb_of(zone_colour(recipe, rack, primed_ground(SCHEME))))
    return pixels


def shot(parts: Sequence[Mesh], size: tuple[int, int], painted: bool, turn_deg: float = 20.0, raise_deg: float = 9.0) -> Image.Image:  # fmt: skip
    """Parts as assembled, fitted into ``size`` pixels, in resin grey or by zone."""
    whole, (wide, high) = merged(list(parts)), size
    colours = RESIN
    if painted:
        zone = ZonedMesh(whole, tuple(z.id for z in ZONES), whole.face_attributes[ATTRIBUTE]).vertex_labels
        colours = zone_palette()[zone]
    camera = fitted_camera(whole, turn_deg, raise_deg, 1.05, wide / high)
    image = Image.fromarray(picture(whole, colours, camera, 2 * wide, 2 * high), "RGBA").resize(
        size, Image.Resampling.BOX
    )
    ground = Image.new("RGBA", size, (*GROUND, 255))
    ground.alpha_composite(image)
    return ground.convert("RGB")


def rows_of(rows: Sequence[Sequence[tuple[str, Image.Image]]]) -> Image.Image:
    """Named pictures in rows on one sheet."""
    font, gap = ImageFont.truetype(str(FONT), 14), 22
    wide = max(sum(i.width for _, i in row) for row in rows)
    sheet = Image.new("RGB", (wide, sum(row[0][1].height + gap for row in rows)), GROUND)
    draw, y = ImageDraw.Draw(sheet), 0
    for row in rows:
        x = 0
        for name, image in row:
            sheet.paste(image, (x, y))
            draw.text((x + image.width / 2, y + image.height + 9), name, INK, font, "mm")
            x += image.width
        y += row[0][1].height + gap
    return sheet


def wickmen_sheet() -> Image.Image:
    """Every part of the kit, and heads and stances side by side: are they different people?"""

    def row(prefix: str, words: Sequence[str]) -> list[tuple[str, Image.Image]]:
        return [(f"{prefix} {w}", shot([labelled(f"{prefix}_{w}")], CELL, True)) for w in words]

    return rows_of([
        row("head", HEADS), [*row("legs", STANCES), *row("base", BASES[:2])], [*row("torso", TORSOS), *row("pack", PACKS)],
        [*row("arm_R", RIGHT), *row("base", BASES[2:])], [*row("arm_L", LEFT), *row("head", ("boy",)), *row("torso", ("boy",))],
    ])  # fmt: skip


def heron_sheet() -> Image.Image:
    parts = [labelled(f"heron_{name}") for name in HERON]
    views = [(f"{turn}° round", shot(parts, (380, 520), True, turn, 9)) for turn in (25, 150, 270)]
    cells = [(name, shot([part], (190, 200), True)) for name, part in zip(HERON, parts, strict=True)]
    return rows_of([views, cells[:5], cells[5:]])


def unit_sheet(unit: str, many: int) -> Image.Image:
    """Figures of a unit at 600 px, by zone, and the same at table size."""
    builds = [figure_parts(unit, i) for i in range(many)]
    large = [("", shot(b, (440, 600), True)) for b in builds]
    small = [("", shot(b, (110, 96), painted)) for b in builds for painted in (True, False)]
    return rows_of([large, small])


def main(folder: Path, only: str = "") -> None:
    sheets = {
        "kit-wickmen": wickmen_sheet, "kit-heron": heron_sheet, "unit-lock": lambda: unit_sheet("lock", 4),
        "unit-ferry": lambda: unit_sheet("ferry", 4), "unit-kiln": lambda: unit_sheet("kiln", 4),
        "unit-bellringers": lambda: unit_sheet("bell", len(BELLRINGERS)), "unit-heron": lambda: unit_sheet("heron", 1),
    }  # fmt: skip
    folder.mkdir(parents=True, exist_ok=True)
    for name, draw in sheets.items():
        if only in name:
            draw().save(folder / f"{name}.png", optimize=True)
            print(name, flush=True)


if __name__ == "__main__":
    main(Path(sys.argv[1]), *sys.argv[2:3])
