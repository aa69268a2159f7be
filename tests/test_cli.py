"""The command line: JSON out, exit status 2 where something was refused."""

from __future__ import annotations

import json
import resource
import shutil
import subprocess
import sys
import zipfile
from pathlib import Path

import pytest

from helpers import EVENING, ball_mesh, box_mesh, handed_mesh
from numerus.book.book import Book, Removed
from numerus.cli.__main__ import main
from numerus.formats.meshes.mesh_files import read_any
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.geometry.mesh import merged


def call(capsys: pytest.CaptureFixture[str], *args: object) -> tuple[int, object]:
    status = main([str(a) for a in args])
    return status, json.loads(capsys.readouterr().out)


@pytest.fixture
def box_file(tmp_path: Path) -> Path:
    write_stl(box_mesh((10, 10, 20), (5, 5, 0)), tmp_path / "box.stl")
    return tmp_path / "box.stl"


def test_inspect_one_file_gives_one_object(box_file: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """With every key promised."""
    status, found = call(capsys, "inspect", box_file, "--json")
    assert status == 0 and isinstance(found, dict)
    keys = {
        "file",
        "ok",
        "triangles",
        "extents_mm",
        "volume_ml",
        "surface_cm2",
        "watertight",
        "shells",
        "holes",
        "unit",
        "problems",
    }
    assert keys <= set(found)
    assert (found["volume_ml"], found["extents_mm"], found["unit"]) == (pytest.approx(2.0), [10, 10, 20], "mm")


def test_inspect_many_gives_a_list_and_status_two_if_any_is_refused(
    box_file: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    """The good one is told all the same."""
    (box_file.parent / "bad.stl").write_bytes(b"x")
    status, found = call(capsys, "inspect", box_file, box_file.parent / "bad.stl")
    assert status == 2 and isinstance(found, list)
    assert [f["ok"] for f in found] == [True, False]
    assert set(found[1]["error"]) == {"code", "text"}


def test_inspect_reads_archives(box_file: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """Each member under the archive's name."""
    with zipfile.ZipFile(box_file.parent / "kit.zip", "w") as archive:
        archive.write(box_file, "a.stl")
        archive.write(box_file, "b.stl")
    _, found = call(capsys, "inspect", box_file.parent / "kit.zip")
    assert isinstance(found, list)
    assert [Path(f["file"]).name for f in found] == ["a.stl", "b.stl"]


def test_layers_measures_in_the_files_own_coordinates(box_file: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """Areas, volume and islands by the definitions; --drop centres."""
    both = merged([box_mesh((10, 10, 20), (5, 5, 0)), ball_mesh(2, (30, 30, 10))])
    write_stl(both, box_file)
    _, found = call(capsys, "layers", box_file, "--layer-mm", 0.1, "--pixel-mm", 0.1, "--json")
    assert isinstance(found, dict)
    assert found["layers"] == 200 and len(found["area_mm2"]) == 200
    assert found["area_mm2"][0] == pytest.approx(100)
    assert len(found["islands"]) == 1
    assert (found["islands"][0]["x_mm"], found["islands"][0]["y_mm"]) == (
        pytest.approx(30, abs=0.1),
        pytest.approx(30, abs=0.1),
    )
    _, dropped = call(capsys, "layers", box_file, "--drop")
    assert isinstance(dropped, dict) and dropped["islands"][0]["x_mm"] < 20


def test_layers_refuses_what_cannot_be_read(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """ok false and status 2."""
    status, found = call(capsys, "layers", tmp_path / "none.stl")
    assert status == 2 and isinstance(found, dict) and not found["ok"]


def test_demo_and_status(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """A demo book is written once and tells where everything stands."""
    path = tmp_path / "d.numerus"
    status, made = call(capsys, "demo", "--out", path, "--now", EVENING.isoformat())
    assert status == 0 and isinstance(made, dict) and made["figures"] == 34
    assert call(capsys, "demo", "--out", path)[0] == 2
    _, told = call(capsys, "status", path, "--now", EVENING.isoformat(), "--json")
    assert isinstance(told, dict)
    assert told["stages"]["paint"] == 7 and told["bottleneck"]["stage"] == "paint"
    assert told["forecast"]["p10"] <= told["forecast"]["p50"] <= told["forecast"]["p90"]
    assert call(capsys, "status", tmp_path / "none")[0] == 2


def test_add_reads_files_into_a_book(
    demo_file: Path, tmp_path: Path, box_file: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    """As the Sort bench does."""
    path = tmp_path / "copy.numerus"
    path.write_bytes(demo_file.read_bytes())
    status, found = call(capsys, "add", path, box_file, "--kit", "New")
    assert status == 0 and isinstance(found, dict) and found["extents_mm"] == [10, 10, 20]


def test_a_bomb_is_refused_within_time_and_memory(tmp_path: Path) -> None:
    """A process limited to 1.5 GB of address space beyond libraries answers in words."""
    with zipfile.ZipFile(tmp_path / "bomb.zip", "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr("a.stl", b"\0" * 200_000_000)
    done = subprocess.run([sys.executable, "-m", "numerus.cli", "inspect", str(tmp_path / "bomb.zip")], capture_output=True, text=True, timeout=60,
                          preexec_fn=lambda: resource.setrlimit(resource.RLIMIT_DATA, (1 << 30, 1 << 30)))  # fmt: skip
    assert done.returncode == 2
    assert json.loads(done.stdout)["error"]["code"] == "zip-bomb"


def test_a_messy_archive_is_written_and_told_file_by_file(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """One command makes it, another inspects it; what is torn, turned or cut short is named; nothing is overwritten."""
    out = tmp_path / "kit.zip"
    assert call(capsys, "messy", "--out", out)[0] == 0
    status, found = call(capsys, "inspect", out)
    assert status == 2 and isinstance(found, list)
    bad = [f for f in found if not f["ok"]]
    assert [f["error"]["code"] for f in bad] == ["truncated"]
    codes = {p["code"] for f in found if f["ok"] for p in f["problems"]}
    assert {"holes", "inside-out", "unit"} <= codes
    assert call(capsys, "messy", "--out", out)[1]["error"]["code"] == "exists"


def test_an_empty_folder_is_refused_by_name(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """Status 2 and a reason, not an empty list."""
    status, found = call(capsys, "inspect", tmp_path)
    assert (status, found["error"]["code"]) == (2, "no-mesh")


@pytest.mark.parametrize(("drop", "layers"), [(False, 300), (True, 200)])
def test_a_part_in_the_air_is_dropped_only_when_asked(
    drop: bool, layers: int, tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    """In its own coordinates it begins with an island; dropped it stands on the platform."""
    write_stl(box_mesh((4, 4, 10), (0, 0, 5)), tmp_path / "a.stl")
    status, found = call(
        capsys, "layers", tmp_path / "a.stl", "--layer-mm", 0.05, "--pixel-mm", 0.1, *(["--drop"] if drop else [])
    )
    assert status == 0
    assert found["layers"] == layers
    assert [i["z_mm"] for i in found["islands"]] == ([] if drop else [5.0])
    assert sum(found["area_mm2"]) * 0.05 / 1000 == pytest.approx(found["volume_ml"]) == pytest.approx(0.16)


def test_kit_tells_what_parts_are_to_each_other(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """The careless archive on the command line: sizes in mm, slots, copies, twins, supported copies, refused files."""
    from numerus.demo.messy import write_archive

    write_archive(tmp_path / "kit.zip")
    assert main(["kit", str(tmp_path / "kit.zip"), "--json"]) == 0
    told = json.loads(capsys.readouterr().out)
    parts = {p["name"]: p for p in told["parts"]}
    assert parts["head3_inch.stl"]["unit"] == "in"
    assert parts["head3_inch.stl"]["extents_mm"][2] == pytest.approx(10.59, abs=0.02)
    assert parts["body01_sup.stl"]["supported"] and not parts["body01.stl"]["supported"]
    folder = "wickman_kit/"
    assert told["duplicates"] == [[folder + "body01.stl", folder + "b2 (copy).stl"]]
    assert told["supported_copies"] == [[folder + "body01.stl", folder + "body01_sup.stl"]]
    assert told["mirrors"] == [[folder + "wpn/R_arm-pole.stl", folder + "wpn/untitled.stl"]]
    assert told["bases"] == [{"file": folder + "bitz/BASE 28.5.stl", "size_mm": 28.5}]
    assert any({j["a"], j["b"]} == {folder + "body01.stl", folder + "H1.stl"} for j in told["joints"])
    assert [r["error"]["code"] for r in told["refused"]] == ["truncated"]


def test_layers_tells_cups_and_closed_space(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """A hollow box: a cup until its roof, then trapped; pull for every layer."""
    from helpers import reversed_mesh

    hollow = merged([box_mesh((8, 8, 8)), reversed_mesh(box_mesh((4, 4, 4), (2, 2, 2)))])
    write_stl(hollow, tmp_path / "a.stl")
    assert main(["layers", str(tmp_path / "a.stl"), "--layer-mm", "0.1", "--pixel-mm", "0.1"]) == 0
    told = json.loads(capsys.readouterr().out)
    assert [(c["from_mm"], c["to_mm"]) for c in told["cups"]] == [(2, 6)]
    assert told["trapped"][0]["volume_ml"] == pytest.approx(0.064)
    assert len(told["pull_n"]) == told["layers"]


def test_inspect_tells_walls_and_balance(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """The thinnest wall, thin surface under a limit, and how it stands."""
    write_stl(merged([box_mesh((10, 10, 4)), box_mesh((0.3, 10, 6), (4, 0, 3.9))]), tmp_path / "a.stl")
    assert main(["inspect", str(tmp_path / "a.stl"), "--below-mm", "0.35"]) == 0
    told = json.loads(capsys.readouterr().out)
    assert told["thinnest_mm"] == pytest.approx(0.3, abs=1e-4)
    assert told["thin_area_mm2"] == pytest.approx(2 * 10 * 5.9, rel=0.02)
    assert told["tipping_deg"] > 50


def test_pose_support_and_hollow_answer_on_the_command_line(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    """Best first; the supported copy stands on the platform where the transform says; the hollow one drains."""
    import numpy as np

    from numerus.formats.meshes.mesh_files import read_mesh

    part = merged([box_mesh((20, 20, 20)), box_mesh((6, 6, 12), (16, 7, 15))])
    write_stl(part, tmp_path / "a.stl")

    def told(*words: str) -> dict:  # type: ignore[type-arg]
        assert main([*words]) == 0
        return json.loads(capsys.readouterr().out)  # type: ignore[no-any-return]

    listed = told("pose", str(tmp_path / "a.stl"))["candidates"]
    scores = [c["score"] for c in listed]
    assert scores == sorted(scores) and len(listed) >= 6
    assert [c["school"] for c in told("pose", str(tmp_path / "a.stl"), "--school", "tilted")["candidates"]] == [
        "leans back"
    ]
    made = told("support", str(tmp_path / "a.stl"), "--out", str(tmp_path / "s.stl"), "--keep-pose")
    out, matrix = read_mesh(tmp_path / "s.stl").mesh, np.array(made["transform"]).reshape(4, 4)
    assert out.bounds_mm[0, 2] == pytest.approx(0, abs=1e-3)
    assert out.bounds_mm[1, 2] == pytest.approx(part.transformed(matrix).bounds_mm[1, 2], abs=1e-3)
    assert made["islands_left"] == 0 and made["tips"] > 0
    empty = told("hollow", str(tmp_path / "a.stl"), "--wall-mm", "2", "--out", str(tmp_path / "h.stl"))
    assert empty["saved_ml"] == pytest.approx(16**3 / 1000, rel=0.15)
    assert empty["min_wall_mm"] == pytest.approx(2, rel=0.1)
    assert (empty["trapped_ml"], len(empty["drains"])) == (0, 2)
    assert main(["hollow", str(tmp_path / "a.stl"), "--wall-mm", "15", "--out", str(tmp_path / "n.stl")]) == 2
    assert not (tmp_path / "n.stl").exists()


def test_plates_are_made_of_files_and_of_a_book(
    tmp_path: Path, capsys: pytest.CaptureFixture[str], demo_file: Path
) -> None:
    """Each file posed and supported on the machine named; a book's owed parts; what was written can be read again."""
    write_stl(handed_mesh(), tmp_path / "a.stl")
    write_stl(ball_mesh(4), tmp_path / "b.stl")
    files = [str(tmp_path / n) for n in ("a.stl", "b.stl", "a.stl")]
    code, made = call(capsys, "plate", *files, "--machine", "mallard", "--out", str(tmp_path / "out"))
    assert code == 0 and isinstance(made, dict)
    (plate,) = made["plates"]
    assert sorted(plate["parts"]) == ["a.stl", "a.stl", "b.stl"]
    assert 0 < plate["density"] < 1 and plate["minutes"] > 20 and plate["ml"] > 0
    assert len(list(read_any(Path(plate["file"])))) == 3
    code, refused = call(capsys, "plate", *files, "--machine", "nobody's", "--out", str(tmp_path / "out"))
    assert code == 2 and isinstance(refused, dict) and refused["error"]["code"] == "no-machine"
    only_kiln(demo_file, tmp_path / "demo.numerus", 1)
    code, book = call(
        capsys, "plate", str(tmp_path / "demo.numerus"), "--machine", "Teal 8K", "--out", str(tmp_path / "book")
    )
    assert code == 0 and isinstance(book, dict) and sum(len(p["parts"]) for p in book["plates"]) > 4


def only_kiln(demo_file: Path, path: Path, figures: int) -> None:
    """The demo's book with some figures of one unit that waits for plates, and no other unit."""
    shutil.copy(demo_file, path)
    book = Book.open(path)
    kept = [f.id for f in book.plans.figures_of("kiln") if all(p in book.plans.parts for p in f.build.values())][
        -figures:
    ]
    gone = [Removed("figure", f) for f in book.plans.figures if f not in kept]
    book.commit("smaller", [*gone, *(Removed("unit", u) for u in book.plans.units if u != "kiln")])
    book.close()


def test_a_book_is_scheduled_and_its_failures_inquired_into(
    tmp_path: Path, capsys: pytest.CaptureFixture[str], demo_file: Path
) -> None:
    """Runs do not overlap on a machine, the finish is a range; causes of each failed run sum to one."""
    shutil.copy(demo_file, tmp_path / "demo.numerus")
    code, plan = call(capsys, "schedule", str(tmp_path / "demo.numerus"), "--now", EVENING.isoformat())
    assert (
        code == 0 and isinstance(plan, dict) and plan["finish"]["p10"] <= plan["finish"]["p50"] <= plan["finish"]["p90"]
    )
    ends: dict[str, str] = {}
    for one in plan["runs"]:
        assert ends.get(one["machine"], "") <= one["start"] < one["end"]
        ends[one["machine"]] = one["met"]
    code, asked = call(capsys, "inquest", str(tmp_path / "demo.numerus"))
    assert code == 0 and isinstance(asked, dict) and asked["inquests"]
    for one in asked["inquests"]:
        assert sum(c["share"] for c in one["causes"]) == pytest.approx(1, abs=0.01)
        assert one["tests"][0]["bits"] > 0


PAINTS = [
    {"name": "Chalk", "hex": "#F4F2EC", "kind": "opaque", "ml": 12}, {"name": "Brick", "hex": "#A8412B", "kind": "semi-opaque", "ml": 9},
    {"name": "Bog", "hex": "#4A3524", "kind": "wash", "over_black": "#1A1512", "over_white": "#8C735A", "film_um": 15},
]  # fmt: skip


def test_a_mix_and_its_film_are_told(capsys: pytest.CaptureFixture[str], tmp_path: Path) -> None:
    """One paint is itself; a measured one is over its ground what it was measured as; wrong parts are refused."""
    path = tmp_path / "paints.json"
    path.write_text(json.dumps(PAINTS))
    assert call(capsys, "mix", path, "--parts", "Brick=3")[1]["hex"] == "#A8412B"
    for ground, seen in (("#000000", "#1A1512"), ("#FFFFFF", "#8C735A")):
        found = call(capsys, "mix", path, "--parts", "Bog=1", "--over", ground)[1]["hex"]
        assert max(abs(int(found[i : i + 2], 16) - int(seen[i : i + 2], 16)) for i in (1, 3, 5)) <= 1
    for parts in ("Nobody=1", "Chalk=0", "Chalk=-1", "Chalk=nan", "Chalk=²", "Chalk"):
        assert call(capsys, "mix", path, "--parts", parts)[0] == 2
    assert call(capsys, "mix", path, "--parts", "Chalk=1", "--over", "mud")[0] == 2
    status, told = call(capsys, "match", path, "--target", "#C98A78", "--most", "2")
    assert status == 0 and all(len(m["parts"]) <= 2 for m in told["mixes"])  # type: ignore[index]


def test_the_rack_of_a_book_is_told_and_written(capsys: pytest.CaptureFixture[str], tmp_path: Path) -> None:
    """What is left and needed; as CSV it can be read back."""
    from numerus.formats.paint_lists import read_paint_list

    call(capsys, "demo", "--out", tmp_path / "d.numerus", "--now", EVENING.isoformat())
    status, told = call(
        capsys, "rack", tmp_path / "d.numerus", "--csv", tmp_path / "rack.csv", "--now", EVENING.isoformat()
    )
    names = {p["name"] for p in told["paints"]}  # type: ignore[index]
    assert status == 0 and {li.entry.name for li in read_paint_list(tmp_path / "rack.csv")} <= names
