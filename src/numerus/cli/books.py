"""Commands on books: the demo, where everything stands, the watch bill, why runs failed, files taken in."""

from __future__ import annotations

import argparse
from datetime import datetime

from numerus.cli.line import evenings_told
from numerus.cli.results import Result, refused
from numerus.cli.wash_and_cure import washing_of
from numerus.errors import BookError


def write_demo(args: argparse.Namespace) -> list[Result]:
    from numerus.demo.army import make_demo

    if args.out.exists():
        raise BookError("exists", f"{args.out} exists already.", "It was left as it is; choose another name.")
    book = make_demo(args.out, args.now or datetime.now())
    plans = book.plans
    book.close()
    return [
        {
            "file": str(args.out),
            "ok": True,
            "units": len(plans.units),
            "figures": len(plans.figures),
            "parts": len(plans.parts),
        }
    ]


def write_messy(args: argparse.Namespace) -> list[Result]:
    """The demo kit as a careless archive, to try Sort on."""
    from numerus.demo.messy import files, write_archive

    if args.out.exists():
        raise BookError("exists", f"{args.out} exists already.", "It was left as it is; choose another name.")
    write_archive(args.out)
    return [{"file": str(args.out), "ok": True, "entries": len(files())}]


def status(args: argparse.Namespace) -> list[Result]:
    """Counts per stage, bottleneck, forecast."""
    from numerus.book.book import Book
    from numerus.progress.forecasting.forecast import forecast
    from numerus.progress.pace.rates import rates_of
    from numerus.progress.standing import standing
    from numerus.progress.work import bottleneck, stage_throughputs

    book = Book.open(args.book)
    now, army_standing = args.now or datetime.now(), standing(book.plans, book.history)
    washing, rate = washing_of(book), rates_of(book.plans, book.history.facts)
    gate = bottleneck(stage_throughputs(book.plans, army_standing, rate, washing=washing))
    seen = forecast(book.plans, book.history, now, army_standing, washing=washing)
    answer = {
        "ready_by": seen.ready_by.isoformat(), "in_time_of_20": seen.in_time, "nothing_left": seen.nothing_left,
        "hands_left_h": round(seen.hands_left_min / 60, 2),
        "hands_there_h": round(seen.hands_there_min / 60, 2), **{k: d.isoformat() for k, d in seen.chances.items()},
    }  # fmt: skip
    narrowest = {"stage": gate.stage, "figures_per_week": round(gate.per_week, 2)} if gate else None
    army = book.plans.army.name if book.plans.army else ""
    return [
        {
            "file": str(args.book),
            "ok": True,
            "army": army,
            "stages": army_standing.counts(),
            "bottleneck": narrowest,
            "forecast": answer,
            "plan": evenings_told(book, now),
            "notices": book.notices,
        }
    ]


def schedule_of(args: argparse.Namespace) -> list[Result]:
    """Every waiting plate on its machine in time, and when the army will be ready."""
    from numerus.book.book import Book
    from numerus.progress.forecasting.forecast import finish_dates
    from numerus.progress.printing.planned_runs import next_runs
    from numerus.progress.standing import standing
    from numerus.progress.stores import checks

    book, now = Book.open(args.book), args.now or datetime.now()
    army_standing = standing(book.plans, book.history)
    machines = {m.id: m.name for m in book.plans.machines.values()}
    runs = [{
        "machine": machines[s.machine_id], "plate": s.plate.name, "start": s.start.isoformat(), "end": s.end.isoformat(),
        "met": s.taken_off.isoformat(), "why": s.why, "before": checks(book.plans, army_standing, s.machine_id, now),
    } for s in next_runs(book.plans, army_standing, now).scheduled_runs]  # fmt: skip
    chances = finish_dates(book.plans, book.history, now, army_standing, washing_of(book))
    finish = {k: d.isoformat() for k, d in chances.items()}
    return [{"file": str(args.book), "ok": True, "runs": runs, "finish": finish, "plan": evenings_told(book, now)}]


def diagnoses_of(args: argparse.Namespace) -> list[Result]:
    """Every run that failed in part: likely causes with their evidence, and the tests that would tell most."""
    from numerus.book.book import Book
    from numerus.printing.runs.run_records import failure_counts
    from numerus.progress.printing.failure_record import failure_diagnosis_of
    from numerus.progress.standing import standing

    book = Book.open(args.book)
    runs = standing(book.plans, book.history).runs
    listed = []
    for record in runs.values():
        if record.plate_id not in book.plans.plates or not failure_counts([record])[0]:
            continue
        diagnosis = failure_diagnosis_of(record, book.plans, runs, book.history.facts)
        listed.append({
            "run": record.run_id, "plate": book.plans.plates[record.plate_id].name, "started": record.started.isoformat(),
            "causes": [{"cause": c.key, "name": c.name, "share": round(c.share, 4), "evidence": list(c.evidence)} for c in diagnosis.causes],
            "tests": [{"test": t.key, "says": t.description, "minutes": t.minutes, "bits": round(t.bits, 4)} for t in diagnosis.tests],
        })  # fmt: skip
    return [{"file": str(args.book), "ok": True, "inquests": listed}]


def add_files(args: argparse.Namespace) -> list[Result]:
    """Read files into a kit of a book, as the Sort bench does."""
    from numerus.book.book import Book
    from numerus.book.intake import take_in

    book = Book.open(args.book)
    parts, left_out = take_in(book, args.files, args.kit)
    read = [
        {"file": p.name, "ok": True, "slot": p.slot, "unit": p.unit, "extents_mm": list(p.extents_mm)} for p in parts
    ]
    return [*read, *(refused(r.name, r.error) for r in left_out)]


def log_of(args: argparse.Namespace) -> list[Result]:
    """Every entry of the journal that counts, as a table: when, what, of what, which figures, minutes of hands."""
    from numerus.book.book import Book
    from numerus.formats.tables import write_table

    book = Book.open(args.book)
    names = {f.id: f.name for f in book.plans.figures.values()}
    rows: list[list[object]] = [["at", "what", "of", "figures", "minutes"]]
    rows += [
        [f.at.isoformat(), f.event.kind, f.subject, "; ".join(names.get(i, i) for i in f.figures), f.minutes]
        for f in book.history.facts
    ]
    write_table(args.out, rows, "Log")
    return [{"file": str(args.book), "ok": True, "out": str(args.out), "entries": len(rows) - 1}]
