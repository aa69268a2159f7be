"""Pictures of a kit's parts: thumbnails out of the book, and the meshes of the figure in the middle, read in a job."""

from __future__ import annotations

import contextlib
from collections.abc import Callable, Sequence
from pathlib import Path

from PyQt6.QtGui import QIcon, QImage, QPixmap, QPixmapCache

from numerus.book.blob_reader import read_blob
from numerus.desk.context import Context
from numerus.desk.session import Session
from numerus.desk.widgets.bench import vertex_normals_of
from numerus.domain.parts import Part
from numerus.errors import Cancelled, NumerusError, Progress


class KitPictures:
    """Each thumbnail and mesh is asked for once: what is missing or damaged is shown as nothing, and told of where it is opened."""

    def __init__(self, context: Context) -> None:
        self.session, self.jobs = context.session, context.jobs
        self._asked: set[str] = set()

    def reading(self, parts: Sequence[Part], blobs: Sequence[str], then: Callable[[], object]) -> bool:
        """Whether something of these parts is still to be read; ``then`` is called once it was."""
        meshes = [b for b in self.session.unread(blobs) if b not in self._asked]
        thumbnails = [n for n in unread_thumbnails(parts) if n not in self._asked]
        if self.session.book is None or not (meshes or thumbnails):
            return False
        path, read = self.session.book.path, self.session.mesh_reader()

        def work(progress: Progress) -> dict[str, QImage]:
            for number, blob in enumerate(meshes):
                if not progress(number / len(meshes)):
                    raise Cancelled
                with contextlib.suppress(NumerusError):
                    vertex_normals_of(read(blob))
            return read_thumbnails(path, thumbnails)

        def done(images: dict[str, QImage]) -> None:
            self._asked.update((*meshes, *thumbnails))
            keep_thumbnails(images)
            then()

        self.jobs.start("sort pictures", "Reading the kit", work, done)
        return True


def icon_of(session: Session, part: Part) -> QIcon:
    """The part's thumbnail; empty where it is missing or damaged. Read once: a blob's name tells what is in it."""
    known = QPixmapCache.find(part.thumbnail) if part.thumbnail else None
    if known is not None:
        return QIcon(known)
    pixmap = QPixmap()
    try:
        if part.thumbnail and session.book is not None:
            pixmap.loadFromData(session.book.blob(part.thumbnail))
            QPixmapCache.insert(part.thumbnail, pixmap)
    except NumerusError:
        return QIcon()
    return QIcon(pixmap)


def unread_thumbnails(parts: Sequence[Part]) -> list[str]:
    """Those that no picture was made of yet."""
    return [p.thumbnail for p in parts if p.thumbnail and QPixmapCache.find(p.thumbnail) is None]


def read_thumbnails(path: Path, names: Sequence[str]) -> dict[str, QImage]:
    """On any thread; a missing or damaged one is left out, and shown as nothing."""
    images = {}
    for name in names:
        with contextlib.suppress(NumerusError):
            images[name] = QImage.fromData(read_blob(path, name))
    return images


def keep_thumbnails(images: dict[str, QImage]) -> None:
    for name, image in images.items():
        QPixmapCache.insert(name, QPixmap.fromImage(image))
