"""What the desk works on: the open book, the clock, what is selected, and the answers computed from it.

Widgets read it and are told when it changes; they write through ``commit`` alone, so that every change is one edit.
"""

from __future__ import annotations

import contextlib
import json
import logging
from collections.abc import Callable, Iterable, Mapping
from datetime import datetime, timedelta
from typing import Any

from PyQt6.QtCore import QObject, pyqtSignal

from numerus.book.blob_reader import read_blob
from numerus.book.book import Book, Removed
from numerus.book.documents import KINDS, kind_of
from numerus.book.part_meshes import with_zones
from numerus.desk.answers import Answers
from numerus.domain.army import Unit
from numerus.domain.journal import Fact, ForecastNoted
from numerus.domain.painting.zones import PartZones
from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.errors import BookError, NumerusError
from numerus.formats.meshes.packed_mesh import unpack_mesh
from numerus.geometry.mesh import Mesh
from numerus.paint.figure.touching import ZonePairs, packed_pairs, touching_key, unpacked_pairs
from numerus.post.washing.emptying import SHAPES, Known, unpacked_known
from numerus.progress.history import History
from numerus.schedule.hand_plan import FIRST_WAY, Way
from numerus.surface.zones import ATTRIBUTE, ZonedMesh, zoned

log = logging.getLogger(__name__)
DONE_BY = "how far all work is when each unit is done"  # under which the book keeps it
JOURNAL, CLOCK = "journal", "clock"
PLANS = frozenset(KINDS)
ALL = PLANS | {JOURNAL, CLOCK}
"""What can change: kinds of plans, what happened, the hour."""


class Session(QObject):
    """The desk's model. ``changed``: tells which subjects did: kinds of plans, JOURNAL, CLOCK, or ALL for another book;
    ``selected``: another unit, figure or part; ``moved``: another stage.
    """

    changed = pyqtSignal(object)
    selected = pyqtSignal()
    moved = pyqtSignal(str)
    failed = pyqtSignal(object)
    saved = pyqtSignal(str)

    def __init__(self, book: Book | None, clock: Callable[[], datetime] = datetime.now) -> None:
        super().__init__()
        self.book, self.clock = book, clock
        self.stage, self.unit_id, self.figure_id, self.part_id = "muster", "", "", ""
        self._meshes: dict[str, Mesh] = {}
        self._labelled: dict[tuple[str, str], Mesh] = {}
        self._touching: dict[str, ZonePairs] = {}
        self._emptying: Known = unpacked_known(self.worked_out(SHAPES))
        self._asked_for: set[str] = set()
        self._way = FIRST_WAY
        self._free_until: datetime | None = None
        self._done_by: dict[str, float] = self._kept_shares()
        self._zoned: dict[tuple[str, str, tuple[str, ...]], ZonedMesh] = {}
        self.answers = Answers(Plans(), History(), clock())
        self._refresh()

    def _refresh(self) -> None:
        """Look at the book anew."""
        plans = self.book.plans if self.book else Plans()
        history = self.book.history if self.book else History()
        self.answers = Answers(
            plans,
            history,
            self.clock(),
            self._between(plans),
            self._emptying,
            self._way,
            self._free_until,
            self._done_by,
        )
        if self.unit_id not in plans.units:
            self.unit_id = next((u.id for u in plans.units_in_order()), "")
            self.figure_id = ""
        if self.part_id not in plans.parts:
            self.part_id = ""

    def _between(self, plans: Plans) -> dict[str, ZonePairs]:
        """Zones that touch from part to part, of the builds that were looked at once."""
        for key in {touching_key(plans, f) for f in plans.figures.values()} - self._asked_for:
            self._asked_for.add(key)
            data = self.worked_out(key)
            if data is not None:
                self._touching[key] = unpacked_pairs(data)
        return self._touching

    def keep_touching(self, touching: Mapping[str, ZonePairs]) -> None:
        """What was looked at just now counts from here on."""
        for key, pairs in touching.items():
            self._touching[key] = pairs
            self.keep_worked_out(key, packed_pairs(pairs))
        self.tick()

    def keep_emptying(self, data: bytes) -> None:
        """How parts run empty, as far as they were looked into: from here on every plan of a wash goes by it."""
        self.keep_worked_out(SHAPES, data)
        self._emptying.update(unpacked_known(data))
        self.tick()

    def keep_way(self, way: Way, done_by: Mapping[str, float]) -> None:
        """How the plan of the evenings was found: orders go by it from here on, and the forecast's units by how far all work is when
        each is done.
        """
        if way != self._way or done_by != self._done_by:
            self._way, self._done_by = way, dict(done_by)
            self.keep_worked_out(DONE_BY, json.dumps(self._done_by).encode())
            self.answers = self.answers.planned(way, self._done_by)
            self.changed.emit(frozenset({CLOCK}))

    def _kept_shares(self) -> dict[str, float]:
        """As the plan had them last."""
        with contextlib.suppress(ValueError, AttributeError):
            return {str(u): float(s) for u, s in json.loads(self.worked_out(DONE_BY) or b"{}").items()}
        return {}

    def have_minutes(self, minutes: int) -> None:
        """What somebody has from now on beside the hobby time, 0 for nothing more; not kept."""
        self._free_until = self.clock() + timedelta(minutes=minutes) if minutes else None
        self._refresh()
        self.changed.emit(frozenset({CLOCK}))

    @property
    def plans(self) -> Plans:
        return self.answers.plans

    @property
    def now(self) -> datetime:
        return self.answers.now

    @property
    def unit(self) -> Unit | None:
        return self.plans.units.get(self.unit_id)

    @property
    def part(self) -> Part | None:
        return self.plans.parts.get(self.part_id)

    def open(self, book: Book | None) -> None:
        """Work on another book; the old one is closed."""
        if self.book is not None:
            self.book.close()
        self.book = book
        self._zoned.clear()
        self._touching, self._asked_for, self._emptying = {}, set(), unpacked_known(self.worked_out(SHAPES))
        self._way, self._done_by = FIRST_WAY, self._kept_shares()
        self._meshes = {}  # another book's; who still reads the old one has its own
        self._refresh()
        log.info("opened %s", book.path if book else "nothing")
        self.changed.emit(ALL)
        self.selected.emit()

    def tick(self) -> None:
        """The clock went on; what another program wrote is there, too."""
        other = False
        if self.book is not None:
            with contextlib.suppress(BookError):  # it is writing just now; in a minute it will not
                other = self.book.catch_up()
        if other or (self.book is not None and self.book.plans is not self.plans):
            self._refresh()
            self.changed.emit(ALL)
        else:
            self.answers = self.answers.later(self.clock())
            self.changed.emit(frozenset({CLOCK}))

    def commit(self, label: str, documents: Iterable[Any] = (), facts: Iterable[Fact] = ()) -> bool:
        """One edit of the book, shown everywhere. A fault is told by ``failed`` and answered False."""
        if self.book is None:
            self.failed.emit(BookError("no-book", "No book is open.", "Start an army or open a book first."))
            return False
        written, entries = list(documents), [*facts, *self._forecast_of_the_day()]
        try:
            self.book.commit(label, written, entries)
        except NumerusError as error:
            return self._failed(error)
        kinds = {d.kind if isinstance(d, Removed) else kind_of(d) for d in written}
        self._told(label, frozenset(kinds | ({JOURNAL} if entries else set())))
        return True

    def _failed(self, error: NumerusError) -> bool:
        """Told by ``failed``; a book that had to be read again is shown as it is."""
        log.warning("refused: %s %s", error.code, error.message)
        self.failed.emit(error)
        if self.book is not None and self.book.plans is not self.plans:
            self._refresh()
            self.changed.emit(ALL)
        return False

    def tell(self, words: str, facts: Iterable[Fact]) -> bool:
        """What machines did by themselves, into the journal. A fault is told by ``failed`` and answered False."""
        try:
            if self.book is not None:
                self.book.tell(facts)
        except NumerusError as error:
            return self._failed(error)
        self._told(words, frozenset({JOURNAL}))
        return True

    def store(self, label: str, make: Callable[[Book], Iterable[Any]]) -> bool:
        """One edit whose documents first put blobs into the book; a fault of either is told by ``failed``."""
        if self.book is None:
            return False
        try:
            documents = list(make(self.book))
        except NumerusError as error:
            self.failed.emit(error)
            return False
        return self.commit(label, documents)

    def _forecast_of_the_day(self) -> list[Fact]:
        """With a day's first edit the forecast is noted, so that later ones can say how they have done."""
        last = next((f for f in reversed(self.answers.facts) if isinstance(f.event, ForecastNoted)), None)
        if (last is not None and last.at.date() == self.now.date()) or not self.plans.figures:
            return []
        forecast_of_day = self.answers.forecast
        if isinstance(forecast_of_day, NumerusError):
            return []
        return [Fact(self.clock(), ForecastNoted(forecast_of_day.middle.isoformat()))]

    def undo(self) -> None:
        self._turn("Took back", "undo")

    def redo(self) -> None:
        self._turn("Did again", "redo")

    def _turn(self, word: str, which: str) -> None:
        if self.book is None:
            return
        try:
            label = getattr(self.book, which)()
        except NumerusError as error:
            self._failed(error)
            return
        if label:
            self._told(f"{word}: {label}", ALL)

    def _told(self, label: str, about: frozenset[str]) -> None:
        log.info("%s (%s)", label, ", ".join(sorted(about)))
        self._refresh()
        self.saved.emit(label)
        self.changed.emit(about)

    def go(self, stage: str) -> None:
        if stage != self.stage:
            self.stage = stage
            self.moved.emit(stage)

    def select(self, unit_id: str = "", figure_id: str = "", part_id: str = "") -> None:
        """Select a unit, and in it a figure or a part; "" leaves the unit as it is."""
        wanted = (unit_id or self.unit_id, figure_id, part_id)
        if wanted != (self.unit_id, self.figure_id, self.part_id):
            self.unit_id, self.figure_id, self.part_id = wanted
            self.selected.emit()

    def mesh(self, digest: str) -> Mesh:
        """A mesh of the book; an empty one where it is missing or damaged, which is told once."""
        if digest not in self._meshes:
            try:
                self._meshes[digest] = unpack_mesh(self.book.blob(digest)) if self.book else _nothing()
            except NumerusError as error:
                self._meshes[digest] = _nothing()
                self.failed.emit(error)
        return self._meshes[digest]

    def unread(self, blobs: Iterable[str]) -> list[str]:
        """Meshes that were not unpacked yet, each once."""
        return [b for b in dict.fromkeys(blobs) if b not in self._meshes]

    def mesh_reader(self) -> Callable[[str], Mesh]:
        """Reads meshes on any thread; what it reads is known from then on. Raises NumerusError where one is missing."""
        path, known = (self.book.path if self.book else None), self._meshes

        def read(blob: str) -> Mesh:
            if blob not in known and path is not None:
                known[blob] = unpack_mesh(read_blob(path, blob))
            return known.get(blob) or _nothing()

        return read

    def zoned(self, part: Part) -> ZonedMesh:
        """A part's mesh with its zones; all unnamed where none are told, or their labels are not this mesh's."""
        mesh, part_zones = self.mesh(part.blob), self.plans.part_zones.get(part.id)
        key = (part.blob, part_zones.labels, part_zones.zones) if part_zones else (part.blob, "", ())
        if key not in self._zoned:
            self._zoned[key] = self._read_zones(part, mesh, part_zones)
        return self._zoned[key]

    def _read_zones(self, part: Part, mesh: Mesh, part_zones: PartZones | None) -> ZonedMesh:
        if part_zones is not None and self.book is not None:
            try:
                return with_zones(self.book, mesh, part_zones)
            except NumerusError as error:
                log.warning("zones of %s: %s", part.name, error.message)
        return zoned(mesh, part_zones.zones if part_zones else (), None)

    def labelled_mesh(self, part: Part) -> Mesh:
        """A part's mesh whose faces carry their zones with them."""
        part_zones = self.plans.part_zones.get(part.id)
        key = part.blob, part_zones.labels if part_zones else ""
        if key not in self._labelled:
            zoned_mesh = self.zoned(part)
            mesh = (
                zoned_mesh.mesh.with_face_attribute(ATTRIBUTE, zoned_mesh.labels)
                if zoned_mesh.zones
                else zoned_mesh.mesh
            )
            self._labelled = {key: mesh}  # the part in hand is the only one that is changed
        return self._labelled[key]

    def worked_out(self, key: str) -> bytes | None:
        """What the book keeps of earlier work."""
        return self.book.worked_out(key) if self.book else None

    def keep_worked_out(self, key: str, data: bytes) -> None:
        self.keep_all_worked_out({key: data})

    def keep_all_worked_out(self, kept: Mapping[str, bytes]) -> None:
        """A book that cannot be written loses nothing by this: the next edit tells of it."""
        with contextlib.suppress(BookError):
            if self.book is not None:
                self.book.keep_all_worked_out(kept)

    def beside(self, part: Part) -> list[Part]:
        """The other parts of the build a part is used in: the chosen figure's, else the first of the unit that has it."""
        figures = self.plans.figures_of(self.unit_id)
        chosen = [f for f in figures if f.id == self.figure_id] + figures
        build = next((f.build for f in chosen if part.id in f.build.values()), {})
        return [self.plans.parts[i] for i in build.values() if i in self.plans.parts and i != part.id]

    def kit_parts(self) -> list[Part]:
        """The parts of the selected unit's kit by slot and name."""
        return self.plans.kit_parts(self.unit_id)


def _nothing() -> Mesh:
    from numerus.geometry.mesh import merged

    return merged([])
