"""What the window does not need to be shown is read and made right after, while nobody waits: benches, dialogs, libraries."""

from __future__ import annotations

from importlib import import_module

import numpy as np
from PyQt6.QtCore import QEvent, QObject, QTimer, pyqtSignal
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.stages.benches import Benches, module_of
from numerus.domain.stages import STAGES
from numerus.errors import Progress

LIBRARIES = (
    "scipy.spatial",
    "scipy.ndimage",
    "scipy.sparse.csgraph",
    "scipy.sparse.linalg",
    "scipy.optimize",
    "skimage.measure._find_contours",
    "shapely",
    "PIL.Image",
)
DIALOGS = (
    "choosing.choosing_dialog", "express.express_dialog", "machines.profiles", "trainer.trainer_dialog", "dialogs.tables",
    "dialogs.as_table", "dialogs.bench_card", "dialogs.handbook", "dialogs.army_and_unit", "dialogs.bits", "dialogs.broke", "dialogs.review",
)  # fmt: skip


class WarmUp(QObject):
    """Reads on another thread once ``window`` has been painted, then makes one bench in each turn of the event loop.

    ``ended``: all are made.
    """

    ended = pyqtSignal()

    def __init__(self, context: Context, benches: Benches, window: QWidget) -> None:
        super().__init__(window)
        self.jobs, self.benches = context.jobs, benches
        self._stopped = False
        self._next = QTimer(self)
        self._next.timeout.connect(self._make_one)
        if window.isVisible():
            QTimer.singleShot(0, self._begin)
        else:
            window.installEventFilter(self)

    def eventFilter(self, window: QObject | None, event: QEvent | None) -> bool:
        if window is not None and event is not None and event.type() == QEvent.Type.Paint:
            window.removeEventFilter(self)
            QTimer.singleShot(0, self._begin)  # after all that is painted with it
        return False

    def stop(self) -> None:
        """Before the window closes: its book will not be there to make benches from."""
        self._stopped = True
        self._next.stop()

    def _begin(self) -> None:
        if not self._stopped:
            self.jobs.idle("warm up", "Getting the benches ready", _read, lambda _: self._make_all())

    def _make_all(self) -> None:
        if not self._stopped:
            self.benches.renderer.prepare()
            self._next.start(0)

    def _make_one(self) -> None:
        missing = self.benches.missing
        if missing:
            self.benches[missing[0]]
        else:
            self._next.stop()
            self.ended.emit()


def _read(progress: Progress) -> None:
    modules = [*map(module_of, STAGES), *LIBRARIES, *(f"numerus.desk.{name}" for name in DIALOGS)]
    for number, name in enumerate(modules):
        if not progress(number / len(modules)):
            return
        import_module(name)
    _read_compiler()


def _read_compiler() -> None:
    """It reads the larger part of itself at the first call of a kernel, whichever that is."""
    from numerus.geometry.solids.union_find import find_root

    find_root(np.zeros(1, np.int64), 0)
