"""Paint laid on the figure that is shown: a sketch by coarse fields at once, its own fields once somebody looks."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import QObject, QTimer

from numerus.desk.context import Context
from numerus.desk.stages.paint.built_figures import BuiltFigures
from numerus.desk.stages.paint.figure.films import Films, Shown
from numerus.desk.view3d.renderer import Thing
from numerus.domain.parts import Part
from numerus.paint.figure.built import Built

LOOKED_AT_MS = 1500


class Laying:
    """``page``: what it goes with; ``show_now`` and ``show_whole`` are called with what is to be shown of a figure, as it becomes known;
    ``wanted`` tells whether it still is.
    """

    def __init__(
        self, page: QObject, context: Context, built: BuiltFigures, wanted: Callable[[Films], bool],
        show_now: Callable[[list[Thing]], object], show_whole: Callable[[list[Thing], list[Thing]], object],
    ) -> None:  # fmt: skip
        self.jobs, self.built, self.wanted = context.jobs, built, wanted
        self.show_now, self.show_whole = show_now, show_whole
        self._about: tuple[Films, list[Part]] | None = None
        self.laid = False  # by its own fields
        self.looked_at = QTimer(page)  # who only leafs through figures does not have all their fields worked out
        self.looked_at.setSingleShot(True)
        self.looked_at.setInterval(LOOKED_AT_MS)
        self.looked_at.timeout.connect(self._lay)

    def sketches(self, own: list[Part]) -> bool:
        """Whether a figure of these parts is sketched first: where there is no waiting, none is needed."""
        return not self.jobs.synchronous and not self.built.known(own)

    def begin(self, films: Films, own: list[Part]) -> None:
        """Another figure, or the same one painted otherwise, of its ``own`` parts."""
        self._about, self.laid = (films, own), False
        if not self.wanted(films):
            return
        if self.sketches(own):
            self._sketch(films, own)
        elif self.jobs.synchronous:
            self.looked_at.start()
        else:
            self._lay()

    def _sketch(self, films: Films, own: list[Part]) -> None:
        """A first look: the figure as far as it is painted, then as it will be."""
        make = self.built.sketching(own)

        def now(sketched: tuple[Built, list[Thing]]) -> None:
            if self._is_about(films):
                self.show_now(sketched[1])
                self.jobs.start("films", "Sketching the paint", lambda _: films.whole(sketched[0]), sketched_whole)

        def sketched_whole(told: tuple[list[Thing], list[Thing]]) -> None:
            if self._is_about(films):
                self.show_whole(*told)
                self.looked_at.start()

        self.jobs.start("films", "Sketching the paint", lambda progress: (made := make(progress), films.now(made)), now)

    def _lay(self) -> None:
        """The figure by its own fields."""
        if self._about is not None and self.wanted(self._about[0]):
            films, own = self._about
            self.jobs.start("films", "Laying paint on the figure", films.work(self.built.making(own)), self._laid)

    def _laid(self, shown: Shown) -> None:
        self.looked_at.stop()
        self.built.keep()
        if self._about is not None and self.wanted(self._about[0]):
            self.show_now(shown.now)
            self.show_whole(shown.whole, shown.grey)
            self.laid = True

    def _is_about(self, films: Films) -> bool:
        return self._about is not None and self._about[0] is films and self.wanted(films)
