"""The army as a page: every figure on it, pictures that show something, nothing fetched from elsewhere, costs only where asked for."""

from __future__ import annotations

import base64
import csv
import io
import json
from dataclasses import replace
from html.parser import HTMLParser
from pathlib import Path

import numpy as np
import pytest
from PIL import Image

from helpers import EVENING
from numerus.book.book import Book
from numerus.book.part_meshes import zoned_part
from numerus.cli.__main__ import main
from numerus.errors import BookError, Cancelled
from numerus.formats.tables import csv_text, write_text
from numerus.paint.zone_colours import zone_colours
from numerus.progress.army_page import (
    PageTerms,
    army_html,
    figure_picture,
    figure_pictures,
    roster_rows,
    roster_table,
)
from numerus.progress.standing import standing


class Page(HTMLParser):
    """What is on a page: its images by their words, all text, where things are fetched from."""

    def __init__(self, text: str) -> None:
        super().__init__()
        self.images, self.said, self.open = dict[str, str](), list[str](), list[str]()
        self.feed(text)

    def handle_starttag(self, tag: str, attrs: list[tuple[str, str | None]]) -> None:
        told = dict(attrs)
        if tag == "img":
            self.images[told["alt"] or ""] = told["src"] or ""
        elif tag not in ("meta", "i"):
            self.open.append(tag)

    def handle_endtag(self, tag: str) -> None:
        if tag != "i":
            assert self.open.pop() == tag, "every tag is closed in its turn"

    def handle_data(self, data: str) -> None:
        self.said.append(data)


def test_the_command_writes_every_figure_with_a_picture_of_its_own(
    demo: Book, tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    """In one file that fetches nothing; what it answers are the same figures as rows."""
    out = tmp_path / "army.html"
    assert (
        main(
            [
                "army",
                str(demo.path),
                "--out",
                str(out),
                "--costs",
                "--roster",
                str(tmp_path / "r.csv"),
                "--now",
                EVENING.isoformat(),
            ]
        )
        == 0
    )
    told = json.loads(capsys.readouterr().out)
    assert len((tmp_path / "r.csv").read_text().splitlines()) == 1 + len(demo.plans.figures)
    page = Page(out.read_text("utf-8"))
    names = {f.name for f in demo.plans.figures.values()}
    assert {row["figure"] for row in told["figures"]} == names and names <= set(page.said)
    built = {f.name for f in demo.plans.figures.values() if f.build}
    assert set(page.images) == built and all(src.startswith("data:image/png;base64,") for src in page.images.values())
    assert "http" not in out.read_text("utf-8")
    seen = np.array(Image.open(io.BytesIO(base64.b64decode(page.images["Osk Tallboy"].partition(",")[2]))))
    assert seen.shape == (280, 220, 4) and 0.1 < (seen[..., 3] > 0).mean() < 0.9
    assert not (seen[0, :, 3].any() or seen[-1, :, 3].any() or seen[:, 0, 3].any() or seen[:, -1, 3].any()), (
        "none is cut off"
    )


def test_a_picture_shows_what_is_painted(demo: Book) -> None:
    """A ready figure has the colours of its zones, the same one unpainted the primer's greys."""
    figure = demo.plans.figures["lock-0"]
    parts = [zoned_part(demo, p) for p in figure.build.values()]
    painted = figure_picture(parts, zone_colours(demo.plans, demo.plans.scheme_on(figure)))
    primed = figure_picture(parts, {})
    assert (painted[..., 3] == primed[..., 3]).all()
    there = primed[..., 3] > 0
    spread = [np.ptp(p[there][:, :3].astype(int), axis=1).mean() for p in (painted, primed)]
    assert spread[0] > 5 * spread[1]


def test_costs_are_shown_only_where_they_are_asked_for_and_words_are_escaped(demo: Book) -> None:
    """A name with marks of its own stays a name."""
    figure = replace(demo.plans.figures["lock-0"], name="Osk <b>&</b>")
    plans = replace(demo.plans, figures={**demo.plans.figures, figure.id: figure})
    found = standing(plans, demo.history)
    plain = army_html(plans, found, {}, PageTerms(EVENING.date()))
    dear = army_html(plans, found, {}, PageTerms(EVENING.date(), {"lock": 12345}, "€"))
    assert "Osk &lt;b&gt;&amp;&lt;/b&gt;" in plain and "<b>&</b>" not in plain
    assert "€123.45" in dear and "€" not in plain and "£" not in plain
    rows = roster_rows(plans, found)
    read = list(csv.DictReader(io.StringIO(csv_text(roster_table(plans, found)))))
    assert [r["figure"] for r in read] == [r["figure"] for r in rows] and len(rows) == len(plans.figures)
    heron = next(r for r in read if r["unit"] == "The Tolling Heron")
    assert "neck: heron_neck" in heron["parts"] and float(heron["base_mm"]) == plans.units["heron"].base_mm


def test_it_can_be_stopped_and_says_where_it_cannot_be_written(demo: Book, tmp_path: Path) -> None:
    """Nothing is left half written by a stop; a folder that is not there is told."""
    with pytest.raises(Cancelled):
        figure_pictures(demo.plans, standing(demo.plans, demo.history), lambda p: zoned_part(demo, p), lambda _: False)
    with pytest.raises(BookError, match="cannot be written"):
        write_text(tmp_path / "nowhere" / "army.html", "x")
