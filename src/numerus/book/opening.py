"""Opening a book: is it one, is it ours to read, is it whole, is it up to date?"""

from __future__ import annotations

import contextlib
import shutil
import sqlite3
from datetime import datetime
from pathlib import Path

from numerus.book.database import APPLICATION_ID, SCHEMA, SETTINGS, SETTLED, TABLES
from numerus.errors import BookError


def prepare(path: Path, create: bool) -> list[str]:
    """Make the file ready to be opened; sentences about what had to be done. Raises BookError."""
    if not path.exists():
        if not create:
            raise BookError("no-book", f"There is no book at {path}.", "Start a new army, or choose another file.")
        _migrate(path)
        return []
    _check_is_book(path)
    notices = [] if _is_whole(path) else [_salvage(path)]
    version = _pragma(path, "user_version")
    if version > SCHEMA:
        raise BookError(
            "newer-book",
            f"{path.name} was written by a newer Numerus.",
            "It was left as it is; open it with that version.",
        )
    if version < SCHEMA:
        shutil.copy2(path, _beside(path, f"before-{SCHEMA}"))
        _migrate(path)
    return notices


def _check_is_book(path: Path) -> None:
    try:
        head = _head(path) if path.is_file() else b""
    except OSError as error:
        raise BookError("unreadable", f"{path.name} cannot be read: {error.strerror}.") from error
    if head and head != b"SQLite format 3\0":
        raise BookError("not-a-book", f"{path.name} is not a Numerus book.", "It was left as it is.")
    with contextlib.suppress(sqlite3.DatabaseError):
        if head and _pragma(path, "application_id") != APPLICATION_ID:
            raise BookError("not-a-book", f"{path.name} is a database, but no Numerus book.", "It was left as it is.")


def _head(path: Path) -> bytes:
    with path.open("rb") as file:
        return file.read(16)


def _pragma(path: Path, name: str) -> int:
    with contextlib.closing(sqlite3.connect(path)) as connection:
        return int(connection.execute(f"PRAGMA {name}").fetchone()[0])


def _is_whole(path: Path) -> bool:
    try:
        with contextlib.closing(sqlite3.connect(path)) as connection:
            return connection.execute("PRAGMA quick_check").fetchone()[0] == "ok"
    except sqlite3.DatabaseError:
        return False


def _migrate(path: Path, to: int = SCHEMA) -> None:
    """Bring the schema up by Alembic's revisions, all or nothing."""
    import sqlalchemy as sa
    from alembic import command
    from alembic.config import Config

    config = Config()
    config.set_main_option("script_location", str(Path(__file__).parent / "migrations"))
    config.set_main_option("path_separator", "os")
    engine = sa.create_engine("sqlite://", creator=lambda: sqlite3.connect(path), poolclass=sa.pool.StaticPool)
    try:
        with engine.connect() as connection:
            for setting in SETTINGS:
                connection.exec_driver_sql(setting)
        with engine.begin() as connection:
            config.attributes["connection"] = connection
            command.upgrade(config, f"{to:04d}")
            connection.exec_driver_sql(f"PRAGMA application_id={APPLICATION_ID}")
            connection.exec_driver_sql(f"PRAGMA user_version={to}")
    except sa.exc.DBAPIError as error:
        raise BookError(
            "unwritable", f"{path.name} cannot be written: {error.orig}.", "Choose another folder."
        ) from error
    finally:
        engine.dispose()


def _beside(path: Path, word: str) -> Path:
    return path.with_name(f"{path.stem}.{word}-{datetime.now():%Y%m%d-%H%M%S}{path.suffix}")


def _salvage(path: Path) -> str:
    """Copy the damaged file aside, then build a new one from every row that can still be read."""
    copy = _beside(path, "damaged")
    shutil.copy2(path, copy)
    fresh = path.with_name(path.name + ".fresh")
    fresh.unlink(missing_ok=True)
    version = _version_of(path)
    _migrate(fresh, version)
    saved = lost = 0
    with contextlib.closing(sqlite3.connect(copy)) as old, contextlib.closing(sqlite3.connect(fresh)) as new:
        tables = {name for (name,) in new.execute("SELECT name FROM sqlite_master WHERE type = 'table'")}
        for table in (t for t in TABLES if t in tables):
            good, bad = _copy_rows(old, new, table)
            saved, lost = saved + good, lost + bad
        if "worked_out" in tables:
            new.execute("DELETE FROM worked_out WHERE key = ?", (SETTLED,))  # rows it tells of may be lost
        new.commit()
    fresh.replace(path)
    return f"The book was damaged. {saved} entries were saved, {lost} places could not be read. The damaged file is kept as {copy.name}."


def _version_of(damaged: Path) -> int:
    """Under which schema its rows were written; the newest where even that cannot be read."""
    with contextlib.suppress(sqlite3.DatabaseError):
        version = _pragma(damaged, "user_version")
        if 0 < version < SCHEMA:
            return version
    return SCHEMA


def _copy_rows(old: sqlite3.Connection, new: sqlite3.Connection, table: str) -> tuple[int, int]:
    """Rows one by one by rowid, forward and, after a fault, from the other end."""
    columns = [name for _, name, *_ in new.execute(f"PRAGMA table_info({table})")]
    names, marks = ", ".join(columns), ", ".join("?" for _ in columns)
    saved: set[int] = set()
    faults = 0
    for direction, order in ((">", "ASC"), ("<", "DESC")):
        last = -(1 << 62) if direction == ">" else 1 << 62
        try:
            for row in old.execute(
                f"SELECT rowid, {names} FROM {table} WHERE rowid {direction} ? ORDER BY rowid {order}", (last,)
            ):
                if row[0] in saved:
                    break
                saved.add(row[0])
                with contextlib.suppress(sqlite3.Error):
                    new.execute(f"INSERT OR IGNORE INTO {table} ({names}) VALUES ({marks})", row[1:])
        except sqlite3.DatabaseError:
            faults += 1
        else:
            break
    return len(saved), faults
