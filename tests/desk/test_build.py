"""What stays apart: looked at, tried, kept for the unit, glued on after painting."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from build_steps import looked_at_once, opened  # noqa: F401 (a fixture)
from PyQt6.QtCore import QPointF, QSize, Qt
from PyQt6.QtGui import QImage
from PyQt6.QtPdf import QPdfDocument
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QFileDialog

from helpers import box_mesh
from numerus.assembly.drill_template import drill_template
from numerus.desk.stages.build.bench import APART_PAGE, FLAWS_PAGE, STEPS_PAGE
from numerus.desk.stages.build.template_sheet import write_templates
from numerus.desk.window import MainWindow
from numerus.errors import BookError
from numerus.progress.done_facts import step
from numerus.progress.planning.task_kinds import prime_task


def test_what_is_tried_is_seen_and_kept_and_taken_back(window: MainWindow) -> None:
    """A point of the chart, a part more by its line; kept, the unit is built so and the steps say it; one undo brings back what was."""
    bench = opened(window)
    state, page = bench.state, bench.apart_page
    before = state.unit.apart
    assert state.known is not None and "87%" in page.glued.caption[1]
    page._take_way(3)
    assert set(state.apart) == {"base", "head", "back"} and "Base, head, back apart" in page.apart.caption[0]
    assert [t.mesh is b.mesh for t, b in zip(page.apart.things, page.glued.things, strict=True)].count(False) == 3
    page._toggle("left arm")
    assert "left arm" in state.apart and "left arm" in page.order.last
    page._toggle("left arm")
    bench.keep_button.click()
    assert set(state.unit.apart) == {"base", "head", "back"} and bench.tabs[STEPS_PAGE].isChecked()
    titles = [s.title for s in bench.line.steps]
    assert (
        "Keep the head apart" in titles
        and "Glue the legs" in titles
        and titles.index("Glue the legs") < titles.index("Keep the head apart")
    )
    assert any("mm² touch" in s.detail for s in bench.line.steps)
    window.session.undo()
    assert state.unit.apart == before


def test_every_zone_and_joint_is_told_with_its_numbers(window: MainWindow) -> None:
    """Shares between nothing and all, most given back first; each joint with what a knock asks of it."""
    bench = opened(window)
    zones = bench.state.zones
    assert zones and all(0 <= glued <= now <= 1 for _, glued, now, _ in zones)
    assert [z[3] for z in zones] == sorted((z[3] for z in zones), reverse=True)
    assert len(bench.state.joints) == len(bench.state.parts) - 1
    page = bench.apart_page
    window.grab()
    assert any("5 g" in r.description or "glue" in r.description for r in page.joints.regions)
    assert any("reached" in r.description for r in page.worth.regions)


def test_what_was_kept_apart_is_glued_on_before_the_varnish(window: MainWindow) -> None:
    """A figure built with its back apart is asked for it at Finish; built all glued, it is not; changing the unit later asks nothing."""
    bench = opened(window)
    figure, session = bench.state.figure, window.session
    bench.open_page(STEPS_PAGE)
    bench.done()
    assert [s.name for s in session.answers.standing.figures[figure.id].finish_left][0] == "Glue on the back"
    assert session.answers.standing.figures[figure.id].on_sticks == ("back",)
    session.go("prime")
    prime = window.benches["prime"]
    prime.state.unit_id = "bell"
    prime.refresh()
    assert any("On sticks of their own" in s.detail and "× back" in s.detail for s in prime.state.plan)
    assert "lit that is in shade as built" in prime.light.text() and prime.tack.isVisibleTo(prime)
    before = prime.state.planned_min
    prime.tack.click()
    assert prime.state.planned_min > before and not prime.light.isVisibleTo(prime) and "apart" in prime.tack.text()
    waiting, plans = prime.state.waiting, session.plans
    assert "on sticks" in prime_task(plans.scheme_of("bell"), plans.units["bell"], waiting, session.now).detail
    session.undo()
    session.go("build")
    bench.school.setCurrentIndex(1)
    bench.show_choice()
    bench.done()
    assert not any("Glue on" in s.name for s in session.answers.standing.figures[figure.id].finish_left)
    session.commit("apart", [replace(session.plans.units["bell"], apart=("head",))])
    assert not any("Glue on" in s.name for s in session.answers.standing.figures[figure.id].finish_left)


def test_gluing_on_later_is_an_order_and_done_once(window: MainWindow) -> None:
    """Painted figures are asked for it first; ticked, it does not come back."""
    bench = opened(window)
    figure, session = bench.state.figure, window.session
    bench.open_page(STEPS_PAGE)
    bench.done()
    now = session.clock()
    standing = session.answers.standing.figures[figure.id]
    session.commit("primed", facts=[step("prime", (figure.id,), 5, now)])
    session.commit("painted", facts=[step("stroke", (figure.id,), 1, now, s.step.id) for s in standing.strokes])
    session.go("finish")
    QApplication.processEvents()
    finish = window.benches["finish"]
    assert any("Glue on the back" in words for words, _ in finish.state.choices)
    glue = next(s for s in finish.state.steps if "Glue on" in s.name)
    assert finish.state.steps[0] == glue
    session.commit("glued", facts=[step("finish", (figure.id,), 2, now, glue.id)])
    assert glue not in session.answers.standing.figures[figure.id].finish_left


def test_a_bench_without_figures_and_a_look_that_was_stopped(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Nobody waits: the page opens all the same; a cancelled look is taken again when the page is opened anew."""
    from numerus.desk.stages.build import bench as module
    from numerus.errors import Cancelled

    def stopped(parts: object, progress: object) -> None:
        raise Cancelled

    with monkeypatch.context() as patch:
        patch.setattr(module, "look_at_build", stopped)
        bench = opened(window)
        assert bench.state.known is None and not bench.keep_button.isVisible()
    bench.open_page(APART_PAGE)
    assert bench.state.known is not None
    everyone = [f.figure.id for f in bench.state.waiting]
    window.session.commit("all built", facts=[step("build", (i,), 1, window.session.clock()) for i in everyone])
    bench.open_page(APART_PAGE)
    assert not bench.state.waiting and not bench.keep_button.isVisible()


def test_drill_templates_are_a_sheet_at_true_size(window: MainWindow, tmp_path: Path) -> None:
    """Read by another program: the bar is fifty millimetres, the face of a bar of 12 by 8 mm is so wide and so high; a folder that is
    none is told.
    """
    block, bar = box_mesh((30, 30, 10)), box_mesh((12, 8, 30), (9, 11, 10))
    made = drill_template(("block", block), ("bar", bar), 2.0)
    assert made is not None
    write_templates([made] * 12, "Pins", tmp_path / "pins.pdf")
    document = QPdfDocument(None)
    assert document.load(str(tmp_path / "pins.pdf")) == QPdfDocument.Error.None_ and document.pageCount() > 1
    shown = document.render(0, QSize(2100, 2970)).convertToFormat(QImage.Format.Format_RGBA8888)
    bits = shown.constBits()
    assert bits is not None
    pixels = np.frombuffer(bits.asarray(shown.sizeInBytes()), np.uint8).reshape(2970, 2100, 4)
    ink = (pixels[..., 3] > 60) & (pixels[..., 0] < 160)
    assert np.ptp(np.flatnonzero(ink[300:322].any(axis=0))) == pytest.approx(500, abs=4)
    face = ink[620:750, 500:760]  # the first of the first joint
    rows, columns = np.flatnonzero(face.sum(axis=1) > 90), np.flatnonzero(face.sum(axis=0) > 60)
    sizes = sorted((np.ptp(rows), np.ptp(columns)))
    assert sizes == pytest.approx([80, 120], abs=5)
    with pytest.raises(BookError, match="could not be written"):
        write_templates([made], "Pins", tmp_path / "none" / "pins.pdf")


def test_where_to_drill_is_asked_while_something_is_drilled(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """All glued and no joint that wants a pin, nothing to ask; a back that is kept apart has its magnet drawn into the file named."""
    bench = opened(window)
    page, saved = bench.apart_page, list[tuple[list[str], Path]]()
    for slot in tuple(bench.state.apart):
        page.order.toggled.emit(slot)
    assert not page.template_button.isEnabled()
    page.order.toggled.emit("back")
    assert page.template_button.isEnabled()
    monkeypatch.setattr(
        "numerus.desk.stages.build.bench.write_templates",
        lambda templates, title, path: saved.append(([t.b for t in templates], path)),
    )
    monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *_: ("pins.pdf", ""))
    bench.ask_templates()
    assert saved == [(["back"], Path("pins.pdf"))]


def test_what_a_minute_is_worth_is_dragged_and_an_airbrush_reaches_otherwise(window: MainWindow) -> None:
    """The slope follows the pointer through what is chosen, less pays where a minute is dear; let go, it is the army's; undo."""
    bench = opened(window)
    bench.open_page(APART_PAGE)
    page, state, chart = bench.apart_page, bench.state, bench.apart_page.worth
    window.grab()
    way = state.known.ways[1]
    page._take_way(1)
    box, low, high, most = chart._scale
    before, steep = state.worth, 1.5 * state.worth
    right = QPointF(
        box.left() + box.width() * (way.minutes + 2) / most,
        box.bottom() - box.height() * (100 * way.share + 100 * steep * 2 / way.seen_mm2 - low) / (high - low),
    )
    chart._dragged = True
    chart._drag(right, way)
    assert state.worth == pytest.approx(steep, rel=0.01) and state.plans.army.worth_mm2_per_min == before
    QTest.mouseRelease(chart, Qt.MouseButton.LeftButton)
    assert state.plans.army.worth_mm2_per_min == pytest.approx(steep, rel=0.01)
    QTest.keyClicks(chart, "-")
    assert state.worth == pytest.approx(0.8 * steep, rel=0.02)
    window.session.undo(), window.session.undo()
    assert state.worth == before
    share = state.known.ways[0].share
    page.take_tool("airbrush")
    assert state.known.ways[0].share > share and "no airbrush gets to" in page._legend_words("A")[0]
    assert all(w.seam_mm > 0 for w in state.known.ways[1:]) and "of seam" in page.apart.caption[1]
    bench.open_page(FLAWS_PAGE)
    assert state.tool == "brush" and state.known.ways[0].share == share
