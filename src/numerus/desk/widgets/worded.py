"""Qt's own widgets, their words put into the user's language where they are shown.

Words are handed to them as the code has them, and asked of a box of choices as the code has them: a choice is compared and kept in one
language whatever the window speaks.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from typing import Any

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QAction
from PyQt6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDoubleSpinBox,
    QFileDialog,
    QInputDialog,
    QLabel,
    QLineEdit,
    QListWidget,
    QListWidgetItem,
    QMenu,
    QPushButton,
    QRadioButton,
    QSpinBox,
    QTableWidget,
    QTableWidgetItem,
    QTabWidget,
    QTreeWidget,
    QTreeWidgetItem,
    QWidget,
)

from numerus.desk.translate import tr

AS_SAID = int(Qt.ItemDataRole.UserRole) + 40
"""The role under which a choice keeps its words as the code has them."""


class Told:
    """What any widget tells beside its words."""

    def setToolTip(self, words: str | None) -> None:
        super().setToolTip(tr(words or ""))  # type: ignore[misc]

    def setAccessibleName(self, words: str | None) -> None:
        super().setAccessibleName(tr(words or ""))  # type: ignore[misc]

    def setAccessibleDescription(self, words: str | None) -> None:
        super().setAccessibleDescription(tr(words or ""))  # type: ignore[misc]

    def setWindowTitle(self, words: str | None) -> None:
        super().setWindowTitle(tr(words or ""))  # type: ignore[misc]

    def setPlaceholderText(self, words: str | None) -> None:
        super().setPlaceholderText(tr(words or ""))  # type: ignore[misc]


class _Texted(Told):
    def __init__(self, words: str = "", parent: QWidget | None = None) -> None:
        super().__init__(tr(words), parent)  # type: ignore[call-arg]

    def setText(self, words: str | None) -> None:
        super().setText(tr(words or ""))  # type: ignore[misc]


class TextLabel(_Texted, QLabel):
    """Words that are read."""


class PushButton(_Texted, QPushButton):
    """Words that are pressed."""


class CheckBox(_Texted, QCheckBox):
    """Words that are ticked."""


class RadioButton(_Texted, QRadioButton):
    """Words of which one is chosen."""


class LineEdit(Told, QLineEdit):
    """What is typed is the user's own."""


class _Numbered(Told):
    def setSuffix(self, words: str | None) -> None:
        super().setSuffix(tr(words or ""))  # type: ignore[misc]

    def setPrefix(self, words: str | None) -> None:
        super().setPrefix(tr(words or ""))  # type: ignore[misc]

    def setSpecialValueText(self, words: str | None) -> None:
        super().setSpecialValueText(tr(words or ""))  # type: ignore[misc]


class SpinBox(_Numbered, QSpinBox):
    """A whole number."""


class DoubleSpinBox(_Numbered, QDoubleSpinBox):
    """A number, typed and shown in the user's way."""


class ComboBox(Told, QComboBox):
    """Choices: shown in the user's language, told and asked in the code's words."""

    def addItem(self, words: str, data: Any = None) -> None:  # type: ignore[override]
        super().addItem(tr(words), data)
        self.setItemData(self.count() - 1, words, AS_SAID)

    def addItems(self, all_words: Iterable[str | None]) -> None:
        for words in all_words:
            self.addItem(words or "")

    def setItemText(self, index: int, words: str | None) -> None:
        super().setItemText(index, tr(words or ""))
        self.setItemData(index, words, AS_SAID)

    def itemText(self, index: int) -> str:
        said = self.itemData(index, AS_SAID)
        return super().itemText(index) if said is None else str(said)

    def findText(self, words: str | None, *_: Any) -> int:
        return next((n for n in range(self.count()) if self.itemText(n) == words), -1)

    def currentText(self) -> str:
        """As the code has it; what is typed and no choice, as it was typed."""
        at, shown = self.currentIndex(), super().currentText()
        return self.itemText(at) if at >= 0 and shown == super().itemText(at) else shown

    def setCurrentText(self, words: str | None) -> None:
        if (at := self.findText(words)) >= 0:
            self.setCurrentIndex(at)
        elif self.isEditable():
            self.setEditText(words)


def _put(about: Iterable[Any]) -> list[Any]:
    """Words among what a constructor is given."""
    return [tr(part) if isinstance(part, str) else part for part in about]


class TabWidget(Told, QTabWidget):
    def addTab(self, page: QWidget | None, words: str) -> int:  # type: ignore[override]
        return super().addTab(page, tr(words))


class Menu(Told, QMenu):
    def addAction(self, *about: Any) -> QAction | None:
        return super().addAction(*_put(about))

    def addMenu(self, words: str) -> Menu:  # type: ignore[override]
        menu = Menu(tr(words), self)
        super().addMenu(menu)
        return menu


class ListWidget(Told, QListWidget):
    """Rows of one column."""


class TreeWidget(Told, QTreeWidget):
    """Rows that hold rows."""


class TableWidget(Told, QTableWidget):
    def setHorizontalHeaderLabels(self, labels: Iterable[str | None]) -> None:
        super().setHorizontalHeaderLabels([tr(words or "") for words in labels])

    def setVerticalHeaderLabels(self, labels: Iterable[str | None]) -> None:
        super().setVerticalHeaderLabels([tr(words or "") for words in labels])


class TableItem(QTableWidgetItem):
    """A cell that is read. What is typed into a table stays as the code has it."""

    def __init__(self, words: str = "") -> None:
        super().__init__(tr(words))


class ListItem(QListWidgetItem):
    def __init__(self, *about: Any) -> None:
        super().__init__(*_put(about))

    def setText(self, words: str | None) -> None:
        super().setText(tr(words or ""))

    def setToolTip(self, words: str | None) -> None:
        super().setToolTip(tr(words or ""))


class TreeItem(QTreeWidgetItem):
    """What stands in it are names; what it tells beside them is said."""

    def setToolTip(self, column: int, words: str | None) -> None:
        super().setToolTip(column, tr(words or ""))


class FileDialog:
    """The desktop's own dialogs for files; the form that was chosen is answered as the code has it."""

    @staticmethod
    def getOpenFileName(parent: QWidget | None, title: str, folder: str = "", forms: str = "") -> tuple[str, str]:
        name, form = QFileDialog.getOpenFileName(parent, tr(title), folder, _shown(forms))
        return name, _form_of(form, forms)

    @staticmethod
    def getOpenFileNames(
        parent: QWidget | None, title: str, folder: str = "", forms: str = ""
    ) -> tuple[list[str], str]:
        names, form = QFileDialog.getOpenFileNames(parent, tr(title), folder, _shown(forms))
        return names, _form_of(form, forms)

    @staticmethod
    def getSaveFileName(parent: QWidget | None, title: str, name: str = "", forms: str = "") -> tuple[str, str]:
        chosen, form = QFileDialog.getSaveFileName(parent, tr(title), tr(name), _shown(forms))
        return chosen, _form_of(form, forms)

    @staticmethod
    def getExistingDirectory(parent: QWidget | None, title: str) -> str:
        return QFileDialog.getExistingDirectory(parent, tr(title))


def _shown(forms: str) -> str:
    return ";;".join(map(tr, forms.split(";;")))


def _form_of(shown: str, forms: str) -> str:
    return next((form for form in forms.split(";;") if tr(form) == shown), shown)


class InputDialog:
    """Questions of one line."""

    @staticmethod
    def getText(parent: QWidget | None, title: str, question: str, text: str = "") -> tuple[str, bool]:
        return QInputDialog.getText(parent, tr(title), tr(question), text=text)

    @staticmethod
    def getItem(parent: QWidget | None, title: str, question: str, choices: Sequence[str]) -> tuple[str, bool]:
        """The choice as the code has it."""
        shown = [tr(words) for words in choices]
        words, sure = QInputDialog.getItem(parent, tr(title), tr(question), shown, 0, False)
        return choices[shown.index(words)] if words in shown else words, sure
