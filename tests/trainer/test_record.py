"""What was missed comes again, later each time it is known; the file outlives everything but one damaged line."""

from __future__ import annotations

from datetime import datetime, timedelta
from pathlib import Path

from numerus.trainer.exercise import ESTIMATE, NAMES, VALUE
from numerus.trainer.record import AGAIN_DAYS, Practised, Record, keep, read_record

NOW = datetime(2026, 3, 5, 20)


def tried(score: float, seed: int = 1, days: float = 0.0, kind: str = VALUE) -> Practised:
    return Practised(NOW + timedelta(days=days), kind, seed, 1, score)


def test_a_missed_one_is_due_at_once_then_later_and_later() -> None:
    """Known once it waits a day, then three; missed again it is due at once; known five times it is through."""
    record = Record([tried(0.2)])
    assert [p.seed for p in record.due(VALUE, NOW)] == [1]
    day = 0.0
    for wait in AGAIN_DAYS[1:]:
        record.done.append(tried(1.0, days=day))
        assert not record.due(VALUE, NOW + timedelta(days=day + wait - 0.01))
        assert record.due(VALUE, NOW + timedelta(days=day + wait))
        day += wait
    record.done.append(tried(1.0, days=day))
    assert not record.due(VALUE, NOW + timedelta(days=10_000))
    record.done.append(tried(0.0, days=day))
    assert record.due(VALUE, NOW + timedelta(days=day))


def test_what_is_next_is_new_unless_something_is_due() -> None:
    """Never the one just answered; what was always known never comes again."""
    record = Record([tried(1.0, 1), tried(0.0, 2)])
    assert record.next_of(VALUE, NOW) == (3, 1)
    record.done.append(tried(1.0, 3))
    assert record.next_of(VALUE, NOW) == (2, 1)
    assert Record().next_of(VALUE, NOW) == (1, 1)


def test_it_is_kept_line_by_line_and_read_again(tmp_path: Path) -> None:
    """In a folder that is made; a damaged line is left out; a place that cannot be written loses nothing else."""
    path = tmp_path / "deep" / "practice.jsonl"
    done = [tried(0.5), Practised(NOW, ESTIMATE, 7, 2, 0.9, ("resin", -0.3)), tried(1.0, 2)]
    for one in done:
        keep(path, one)
    path.write_text(path.read_text() + "{half a line\n")
    assert read_record(path).done == done and read_record(tmp_path / "none").done == []
    keep(Path("/proc/none/practice.jsonl"), done[0])


def test_the_sheet_has_every_kind_and_the_calibration() -> None:
    """What was not practised says so."""
    record = Record(
        [tried(1.0, n) for n in range(4)] + [Practised(NOW, ESTIMATE, n, 1, 0.5, ("run", 0.4)) for n in range(3)]
    )
    sheet = record.sheet(NOW)
    assert [name for name, *_ in sheet] == list(NAMES.values())
    assert next(words for name, words, _ in sheet if name == NAMES[VALUE]).startswith("4, lately 4 of 4 right")
    assert sum(words == "not yet" for _, words, _ in sheet) == len(NAMES) - 2
    assert record.calibration()[0].startswith("run: you guess 49% high")
