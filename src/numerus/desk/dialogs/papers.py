"""What a designer put beside the meshes: read in the window, pictures beside the figure as it is built, so that what is missing is seen."""

from __future__ import annotations

from pathlib import Path

import numpy as np
from PyQt6.QtCore import QBuffer, QByteArray, QIODevice, Qt
from PyQt6.QtGui import QPixmap
from PyQt6.QtWidgets import QPlainTextEdit, QWidget

from numerus.book.blob_reader import read_blob
from numerus.desk.context import Context
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, clear, column, label, panel, row, scrolled, tried
from numerus.desk.widgets.worded import ComboBox, FileDialog, Menu, PushButton, TextLabel
from numerus.domain.parts import Kit
from numerus.errors import NumerusError, answered
from numerus.formats.tables import write_bytes
from numerus.geometry.mesh import Mesh
from numerus.kit.builds import printed_slots

RESIN_RGB = np.array([[196, 188, 174]], np.uint8)
PICTURES = ("png", "jpg", "jpeg", "webp")
BESIDE = "Beside it the figure as it is built: what the picture has and the figure has not is missing."


def short_name(name: str) -> str:
    """A paper's name without its folders."""
    return name.rpartition("/")[2]


class PapersButton(PushButton):
    """Offers what the unit's kit brought; not there where it brought nothing."""

    def __init__(self, context: Context, renderer: Renderer) -> None:
        super().__init__("From the designer")
        self.context, self.renderer = context, renderer
        self.kit: Kit | None = None
        self.setToolTip("Words, pages and pictures that lay beside the meshes")
        self.setMenu(Menu(self))
        self.hide()

    def look_at(self) -> None:
        """The kit of the unit in hand."""
        session = self.context.session
        unit = session.unit
        self.kit = session.plans.kits.get(unit.kit_id) if unit else None
        papers = self.kit.papers if self.kit else ()
        self.setVisible(bool(papers))
        self.menu().clear()
        for name, _ in papers:
            self.menu().addAction(short_name(name), lambda n=name: self.dialog(n).exec())

    def dialog(self, name: str) -> PapersDialog:
        assert self.kit is not None
        return PapersDialog(self.context, self.renderer, self.kit, name, self.window())


class PapersDialog(Dialog):
    """One paper of a kit, the others at hand."""

    def __init__(
        self, context: Context, renderer: Renderer, kit: Kit, name: str, parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self.context, self.session, self.kit = context, context.session, kit
        self.setWindowTitle(f"From the designer of {kit.name}")
        self.names = ComboBox()
        self.names.setAccessibleName("Which paper")
        for listed, blob in kit.papers:
            self.names.addItem(listed, blob)
        self.names.setCurrentIndex(max([n for n, _ in kit.papers].index(name) if name in dict(kit.papers) else 0, 0))
        self.names.activated.connect(lambda _: self.read())
        self.view = BenchView(context.theme, renderer, "The figure as it is built")
        self.words, self.note, self.fault = QPlainTextEdit(), label(BESIDE, "note", True), label("", "fault", True)
        self.words.setReadOnly(True)
        self.picture = TextLabel()
        self.picture.setAlignment(Qt.AlignmentFlag.AlignTop)
        self.picture.setAccessibleName("The picture")
        self.page_place = column()
        self.pages = panel(self.page_place)
        self.data = b""
        self.shown = scrolled(self.picture, sideways=True)
        beside = column(self.view, self.note, gap=4)
        beside.setStretch(0, 1)
        body = row(self.words, self.pages, self.shown, beside, gap=14)
        for n in range(4):
            body.setStretch(n, 1)
        whole = column(
            self.names,
            self.fault,
            body,
            row(button("Save it …", self.ask_save), -1, button("Close", self.reject)),
            gap=8,
            margins=(14, 12, 14, 12),
        )
        whole.setStretch(2, 1)
        self.setLayout(whole)
        self.resize(1040, 660)
        self._build_beside()
        self.read()

    def read(self) -> None:
        """The paper that is chosen, in a job."""
        book, blob = self.session.book, str(self.names.currentData())
        if book is None:
            return
        path = book.path

        self.context.jobs.start("paper", "Reading a paper", answered(lambda _: read_blob(path, blob)), self._show)

    def _show(self, data: bytes | NumerusError) -> None:
        ending = self.names.currentText().lower().rpartition(".")[2]
        is_picture, is_page = ending in PICTURES, ending == "pdf"
        for widget, shown in (
            (self.words, not (is_picture or is_page)), (self.pages, is_page), (self.shown, is_picture), (self.view, is_picture),
            (self.note, is_picture),
        ):  # fmt: skip
            widget.setVisible(shown)
        if isinstance(data, NumerusError):
            self.fault.setText(data.message)
            return
        self.data = data
        self.fault.setText("")
        if is_page:
            self._show_pages(data)
        elif is_picture:
            self._show_picture(data)
        else:
            self.words.setPlainText(data.decode("utf-8", errors="replace"))

    def _show_pages(self, data: bytes) -> None:
        """As far as this system can show pages; else they can be saved."""
        clear(self.page_place)
        try:
            from PyQt6.QtPdf import QPdfDocument
            from PyQt6.QtPdfWidgets import QPdfView
        except ImportError:
            self.fault.setText("Pages are not shown on this system: save them, and open them in another program.")
            return
        view, document, buffer = QPdfView(self.pages), QPdfDocument(self.pages), QBuffer(self.pages)
        view.setPageMode(QPdfView.PageMode.MultiPage)
        view.setZoomMode(QPdfView.ZoomMode.FitToWidth)
        buffer.setData(QByteArray(data))
        buffer.open(QIODevice.OpenModeFlag.ReadOnly)
        document.load(buffer)
        view.setDocument(document)
        self.page_place.addWidget(view)
        if document.status() == QPdfDocument.Status.Error:
            self.fault.setText("These pages cannot be read.")

    def ask_save(self) -> None:
        name, _ = FileDialog.getSaveFileName(self, "Save it", short_name(self.names.currentText()))
        if name:
            tried(lambda: write_bytes(Path(name), self.data), self.fault)

    def _show_picture(self, data: bytes) -> None:
        pixmap = QPixmap()
        if not pixmap.loadFromData(data):
            self.fault.setText("This picture cannot be read.")
        wide = max(self.width() // 2 - 40, 200)
        self.picture.setPixmap(
            pixmap.scaledToWidth(min(wide, pixmap.width()), Qt.TransformationMode.SmoothTransformation)
            if not pixmap.isNull()
            else pixmap
        )

    def _build_beside(self) -> None:
        """The figure in hand, or the unit's first, as it is built."""
        session = self.session
        figure = session.plans.figure_or_first(session.unit_id, session.figure_id)
        blobs = (
            [session.plans.parts[p].blob for p in printed_slots(figure).values() if p in session.plans.parts]
            if figure
            else []
        )
        read = session.mesh_reader()

        def done(meshes: list[Mesh]) -> None:
            self.view.show_things([Thing(m, RESIN_RGB) for m in meshes], refit=True)

        self.context.jobs.start("paper figure", "Reading meshes", lambda _: [read(b) for b in blobs], done)
