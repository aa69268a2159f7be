"""Figures made ready for paint, shared by the pages that show them: the last few are held, fields are kept in the book."""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Callable, Sequence

from numerus.desk.session import Session
from numerus.domain.parts import Part
from numerus.errors import Progress
from numerus.paint.figure.built import Built, built_figure, fields_key, sketched_figure

MOST = 3

Key = tuple[tuple[str, str], ...]


class BuiltFigures:
    """``making`` gives the work of a job; ``keep``, back on the interface's thread, writes what was worked out into the book."""

    def __init__(self, session: Session) -> None:
        self.session = session
        self._held: OrderedDict[Key, Built] = OrderedDict()
        self._unsaved: dict[str, bytes] = {}

    def key(self, parts: Sequence[Part]) -> Key:
        """What a built figure depends on: meshes and the zones on them."""
        zones = self.session.plans.part_zones
        return tuple((p.blob, zones[p.id].labels if p.id in zones else "") for p in parts)

    def making(self, parts: Sequence[Part]) -> Callable[[Progress], Built]:
        key = self.key(parts)
        if key in self._held:
            self._held.move_to_end(key)
            held = self._held[key]
            return lambda _: held
        zoned, named = [self.session.zoned(p) for p in parts], fields_key([p.blob for p in parts])
        kept = self.session.worked_out(named)

        def make(progress: Progress) -> Built:
            built, data = built_figure(zoned, kept, progress)
            if data is not None:
                self._unsaved[named] = data
            self._held[key] = built
            return built

        return make

    def known(self, parts: Sequence[Part]) -> bool:
        """Whether the figure's fields need not be worked out."""
        return self.key(parts) in self._held or self.session.worked_out(fields_key([p.blob for p in parts])) is not None

    def sketching(self, parts: Sequence[Part]) -> Callable[[Progress], Built]:
        """The figure with coarse fields, to look at while its own are worked out."""
        zoned = [self.session.zoned(p) for p in parts]
        return lambda _: sketched_figure(zoned)

    def keep(self) -> None:
        while self._unsaved:
            self.session.keep_worked_out(*self._unsaved.popitem())
        while len(self._held) > MOST:
            self._held.popitem(last=False)
