"""A unit of five from three kits nobody has seen and the bits box, on bases made here, one part saved from a failed print, by the express
way to written plates: in the real window.
"""

from __future__ import annotations

from collections import Counter
from pathlib import Path

import pytest
import trimesh

from helpers import ball_mesh, box_mesh
from numerus.assembly.saving import PIECE
from numerus.book.intake import new_id
from numerus.desk.express.express_dialog import ExpressDialog
from numerus.desk.stages.print.saving_dialog import SavingDialog
from numerus.desk.stages.sort.base_dialog import BaseDialog
from numerus.desk.window import MainWindow
from numerus.domain.army import Figure, Unit
from numerus.domain.journal import Fact, PartOutcome, RunEnded, RunStarted
from numerus.domain.plans import Plans
from numerus.domain.printing.plates import Placed, Plate
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.progress.printing.plating import owed_copies

KITS = {
    "reed folk": {
        "legs standing": box_mesh((8, 6, 12)).moved((-4, -3, 0)), "torso plain": box_mesh((10, 6, 10)).moved((-5, -3, 12)),
        "torso strapped": box_mesh((10, 7, 10)).moved((-5, -3.5, 12)),
    },
    "heads of the fen": {"bald head": ball_mesh(3.0), "hooded head": ball_mesh(3.4)},
    "tools": {"right arm hook": box_mesh((9, 3, 3)).moved((-4.5, -1.5, -1.5))},
}  # fmt: skip


def taken_in(window: MainWindow, name: str, folder: Path) -> str:
    """A kit of strange files; its id."""
    place = folder / name
    place.mkdir()
    for part, mesh in KITS[name].items():
        write_stl(mesh, place / f"{part}.stl")
    before = set(window.session.plans.kits)
    window.user_actions.take_in(sorted(place.glob("*.stl")), new_kit=True)
    return next(k for k in window.session.plans.kits if k not in before)


@pytest.fixture
def unit(window: MainWindow, tmp_path: Path) -> str:
    """Five figures of the first kit; the parts of the other two are in the book."""
    session, own = window.session, new_id()
    other = session.plans.units["ferry"].kit_id
    spare = Unit(new_id(), "nobody", 90, 25.0, other)
    session.commit("nobody", [spare])
    for name in ("heads of the fen", "tools"):
        session.select(spare.id)
        taken_in(window, name, tmp_path)
    session.commit(
        "five", [Unit(own, "Fen five", 91, 25.0, ""), *(Figure(new_id(), own, f"Fen {n}", n) for n in range(5))]
    )
    session.select(own)
    taken_in(window, "reed folk", tmp_path)
    assert session.plans.units[own].kit_id and len(session.plans.figures_of(own)) == 5
    return own


def part(plans: Plans, words: str) -> str:
    return next(i for i, p in plans.parts.items() if words in p.name)


def guest(window: MainWindow, unit: str, words: str, slot: str) -> str:
    """A part of another kit for every figure, brought to its place."""
    session = window.session
    session.go("sort")
    dialog = window.benches["sort"].guest_dialog(session.plans.figures_of(unit)[0], slot)
    dialog.kit_box.setCurrentIndex(dialog.kit_box.findData(session.plans.parts[part(session.plans, words)].kit_id))
    dialog._fill_parts()
    dialog.part_box.setCurrentIndex(dialog.part_box.findData(part(session.plans, words)))
    dialog._take_part()
    dialog.snap()
    dialog.everywhere.setChecked(True)
    dialog.keep()
    return session.plans.units[unit].guests[-1]


def printed(
    window: MainWindow, part_id: str, outcomes: list[tuple[str, float]], whose: tuple[str, str] = ("", "")
) -> str:
    """A plate of that part came off so: spares good for the bits box, or what broke off at a height, of a figure's slot; the plate."""
    session = window.session
    placed = tuple(Placed(f"{part_id}-{n}", part_id, *whose, 12.0 * n + 8, 12.0) for n in range(len(outcomes)))
    plate, run = Plate(new_id(), "Bits", "teal", "r", placed, 30.0, 60.0, 5.0, 99), new_id()
    at = session.now
    facts = [Fact(at, RunStarted(plate.id, "teal"), run), Fact(at, RunEnded(), run)]
    facts += [Fact(at, PartOutcome(p.id, o, h), run) for p, (o, h) in zip(placed, outcomes, strict=True)]
    assert session.commit("came off", [plate], facts), window.errors.message.text()
    return plate.id


def test_five_from_three_kits_and_the_box_go_to_plates_by_the_express_way(
    window: MainWindow, unit: str, tmp_path: Path
) -> None:
    """Every copy that is owed lies on one plate, none of what lies in the box; the saved part's piece and guide lie there, too."""
    session = window.session
    head, arm = guest(window, unit, "bald head", "head"), guest(window, unit, "right arm hook", "right arm")
    bases = BaseDialog(window.context, window.renderer, window.benches["sort"], session.plans.units[unit].base_mm)
    bases.many.setValue(2)
    session.select(unit)
    session.go("sort")
    window.benches["sort"].make_bases(bases)
    window.benches["sort"].fill_gaps()
    figures = session.plans.figures_of(unit)
    assert all({"head", "right arm", "torso", "legs", "base"} <= set(f.build) for f in figures)
    kits = {session.plans.parts[p].kit_id for f in figures for p in f.build.values() if p in session.plans.parts}
    assert (
        len(kits) == 3
        and {f.build["head"] for f in figures} == {head}
        and {f.build["right arm"] for f in figures} == {arm}
    )

    session.go("pose")
    window.benches["pose"].pose_all()
    torso = figures[0].build["torso"]
    printed(window, head, [("good", 0.0), ("good", 0.0)])
    broken = printed(window, torso, [("flawed", 9.0)], (figures[0].id, "torso"))
    failed = session.plans.plates[broken].placed[0]
    in_box = [
        c
        for c, s in session.answers.standing.copies.items()
        if c[1] == "head" and s.plate_id and c[0] in {f.id for f in figures}
    ]
    assert len(in_box) == 2, "heads of the box are taken before any is printed"
    saving = SavingDialog(window.context, window.renderer, failed, 9.0, window)
    saving._chose([w.key for w in saving.looked.ways].index(PIECE))
    saving.take()
    pieces = set(session.plans.units[unit].spares)
    assert {session.plans.parts[p].name.rpartition(", ")[2] for p in pieces} == {"missing piece", "saw guide"}

    session.select(unit)
    owed = Counter(owed_copies(session.plans, session.answers.standing, unit))
    sheet = ExpressDialog(window.context, window)
    sheet.go_unit()
    assert sheet.made is not None and not sheet.fault.text(), sheet.fault.text()
    sheet.grab()
    laid = Counter((x.figure_id, x.slot) for p in sheet.plates for x in p.placed if x.figure_id)
    assert laid == owed and not set(in_box) & set(laid) and (figures[0].id, "torso") not in laid
    assert pieces <= {x.part_id for p in sheet.plates for x in p.placed}
    folder = tmp_path / "plates"
    folder.mkdir()
    sheet.write(folder)
    many = sum(len(trimesh.load(f).geometry) for f in folder.glob("*.3mf"))
    assert many == sum(len(p.placed) for p in sheet.plates)
    sheet.take_back()
    assert Counter(owed_copies(session.plans, session.answers.standing, unit)) == owed
