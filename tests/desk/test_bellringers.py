"""A commission of the Bellringers from the quote to the parcel, in the real window: stopped at base colours, every sum re-added from files."""

from __future__ import annotations

import csv
from dataclasses import replace
from itertools import combinations
from pathlib import Path

import ezdxf
import numpy as np
from PIL import Image
from shapely.geometry import Polygon

from numerus.desk.money.money_dialog import MoneyDialog
from numerus.desk.money.quote import QuoteDialog
from numerus.desk.stages.finish.bench import PHOTO_PAGE
from numerus.desk.window import MainWindow
from numerus.domain.journal import Fact
from numerus.money.quotes import BASE
from numerus.packing.trays import WALL_MM
from numerus.progress.done_facts import step


def worked_to_base_colours(window: MainWindow) -> None:
    """Built, primed, and of every zone what lies under all else, each at its planned minutes."""
    session = window.session
    standing, now = session.answers.standing, session.now
    figures = [f for f in standing.figures.values() if f.unit.id == "bell"]
    facts: list[Fact] = []
    for f in figures:
        own = (f.figure.id,)
        facts += [step("build", own, 12.0, now), step("prime", own, 3.0, now)]
        lowest = {s.zone: s for s in reversed(f.strokes)}.values()
        facts += [step("stroke", own, s.minutes, now, s.key) for s in lowest]
    assert session.commit("to base colours", facts=facts)


def photographed(window: MainWindow, figure: str, folder: Path) -> None:
    Image.fromarray(np.full((300, 200, 3), (90, 140, 120), np.uint8)).save(folder / "front.png")
    window.session.select("bell", figure)
    window.session.go("finish")
    window.benches["finish"].open_page(PHOTO_PAGE)
    window.benches["finish"].photo_page.choose(figure, "front")
    window.benches["finish"].photo_page.attach(folder / "front.png")


def test_bells_are_quoted_stopped_at_base_colours_invoiced_and_packed(window: MainWindow, tmp_path: Path) -> None:
    """The client pays what was agreed for that stop; foam is cut with its walls; the ledger adds up; the name can be forgotten."""
    session, unit = window.session, window.session.plans.units["bell"]
    dialog = QuoteDialog(window.context, unit, window)
    dialog.client.setText("Guild of the Reed Chapel")
    dialog.choose([s.name for s in dialog.quote.stops].index(BASE))
    agreed = dialog.quote.agreed
    dialog.keep()
    dialog.save_pdf(tmp_path / "quote.pdf")
    worked_to_base_colours(window)
    dialog = QuoteDialog(window.context, unit, window)
    panel = dialog.panel
    assert "base colours" in panel.words.text().lower() and "Reached: stop 2" in panel.words.text()
    panel.sum.setValue(20)
    panel.book()
    panel.stop.setCurrentIndex([s.name for s in dialog.quote.stops].index(BASE))
    panel.invoice(tmp_path / "invoice.pdf")
    left = (agreed.price_pence + dialog.quote.postage_pence - 2000) / 100
    panel.sum.setValue(left)
    panel.book()
    assert "open" not in panel.money.text(), panel.money.text()
    photographed(window, session.plans.figures_of("bell")[0].id, tmp_path)
    panel.show_offer(dialog.quote, dialog.terms)
    panel.delivery(tmp_path / "plain.pdf")
    assert b"/Subtype /Image" in (tmp_path / "plain.pdf").read_bytes()
    panel.what.setCurrentIndex(panel.what.findData("sent"))
    panel.about.setText("640 g")
    panel.book()
    ledger = MoneyDialog(window.context, window)
    ledger.export_ledger(tmp_path / "ledger.csv")
    with (tmp_path / "ledger.csv").open(encoding="utf-8") as file:
        rows = [r for r in csv.DictReader(file) if r["kind"] == "Commission"]
    assert sum(int(r["earned_pence"]) for r in rows) == agreed.price_pence + dialog.quote.postage_pence
    assert "Guild" not in (tmp_path / "ledger.csv").read_text()
    _packed(window, tmp_path / "cut")
    dialog.forget()
    assert "Guild" not in repr(session.plans.commissions) + repr(session.answers.facts)


def _packed(window: MainWindow, folder: Path) -> None:
    """Cut files read by another program: every outline of the Bellringers has foam all round."""
    folder.mkdir()
    plans = window.session.plans
    others = [replace(f, build={}) for f in plans.figures.values() if f.unit_id != "bell"]
    window.session.commit("only the Bellringers travel", others)
    window.session.select("bell")
    window.session.go("ready")
    bench = window.benches["ready"]
    bench.cut_into(folder)
    seen, bells = 0, {f.id for f in window.session.plans.figures_of("bell")}
    for number, tray in enumerate(bench.state.packed.trays, 1):
        drawing = ezdxf.readfile(folder / f"tray-{number}.dxf")
        pockets = drawing.modelspace().query('LWPOLYLINE[layer=="POCKETS"]')
        cut = [Polygon(np.array(p.get_points("xy"))) for p in pockets]
        assert len(cut) == len(tray.laid)
        sheet = Polygon([(0, 0), (tray.wide_mm, 0), (tray.wide_mm, tray.deep_mm), (0, tray.deep_mm)])
        assert all(a.distance(b) >= WALL_MM - 1e-3 for a, b in combinations(cut, 2))
        assert all(sheet.exterior.distance(p) >= WALL_MM - 1e-3 and sheet.contains(p) for p in cut)
        seen += sum(p.pocket.figure_id in bells for p in tray.laid)
    assert seen == len(bells)
