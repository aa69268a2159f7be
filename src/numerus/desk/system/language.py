"""The language of the window: which there are, which is wanted, and Qt's translator that says what we say in it."""

from __future__ import annotations

from collections.abc import Iterable
from typing import TYPE_CHECKING

from PyQt6.QtCore import QCoreApplication, QLibraryInfo, QLocale, QTranslator

from numerus.desk.translate import CONTEXT
from numerus.language.catalogue import languages, read_sentences

if TYPE_CHECKING:
    from numerus.language.figures import Figures
    from numerus.language.phrasebook import Phrasebook

ENGLISH = "en"
"""What the code says by itself."""


class SentenceTranslator(QTranslator):
    """Asked by Qt for every word that is shown; other contexts than ours are Qt's own and answered by its files."""

    def __init__(self, phrasebook: Phrasebook) -> None:
        super().__init__()
        self.phrasebook = phrasebook

    def translate(
        self, context: str | None, words: str | None, disambiguation: str | None = None, n: int = -1
    ) -> str | None:
        return self.phrasebook.say(words) if context == CONTEXT and words else None

    def isEmpty(self) -> bool:
        return False


class Language:
    """What was installed for a language; taken out again before another is."""

    def __init__(self, code: str = ENGLISH) -> None:
        self.code = code if code in languages() else ENGLISH
        self.phrasebook: Phrasebook | None = None
        self._translators: list[QTranslator] = []
        if self.code != ENGLISH:
            self._install(QLocale(self.code))

    def _install(self, locale: QLocale) -> None:
        from numerus.language.phrasebook import Phrasebook

        QLocale.setDefault(locale)  # numbers typed and shown in boxes, days of calendars
        of_qt = QTranslator()
        of_qt.load(locale, "qtbase", "_", QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath))
        self.phrasebook = Phrasebook(read_sentences(languages()[self.code]), figures_of(locale))
        self._translators = [of_qt, SentenceTranslator(self.phrasebook)]
        for translator in self._translators:
            QCoreApplication.installTranslator(translator)

    def leave(self, names: Iterable[str]) -> None:
        """Names people gave are not put into any language."""
        if self.phrasebook is not None:
            self.phrasebook.name(names)

    def take_out(self) -> None:
        """Qt speaks as it did before."""
        for translator in self._translators:
            QCoreApplication.removeTranslator(translator)
        if self._translators:
            QLocale.setDefault(QLocale.system())


def wanted(chosen: str) -> str:
    """The chosen language, or the first of the desktop's that there is."""
    if chosen:
        return chosen
    asked = [name.partition("-")[0] for name in QLocale.system().uiLanguages()]
    return next((code for code in asked if code in (ENGLISH, *languages())), ENGLISH)


def own_name(code: str) -> str:
    """What a language calls itself."""
    return QLocale(code).nativeLanguageName().capitalize() if code != ENGLISH else "English"


def figures_of(locale: QLocale) -> Figures:
    """How Qt's tables have numbers, days and months of a language written."""
    from numerus.language.figures import Figures

    return Figures(
        locale.decimalPoint(), locale.groupSeparator(), _day_and_month(locale),
        tuple(locale.monthName(n) for n in range(1, 13)),
        tuple(locale.monthName(n, QLocale.FormatType.ShortFormat) for n in range(1, 13)),
        tuple(locale.dayName(n) for n in range(1, 8)),
        tuple(locale.dayName(n, QLocale.FormatType.ShortFormat).rstrip(".") for n in range(1, 8)),
    )  # fmt: skip


def _day_and_month(locale: QLocale) -> str:
    """From the long form of a date: ``d. MMMM`` of German is ``{day}. {month}``."""
    form = locale.dateFormat(QLocale.FormatType.LongFormat)
    between = form[form.rindex("d") + 1 : form.index("MMMM")] if form.rfind("d") < form.find("MMMM") else " "
    return f"{{day}}{between}{{month}}"
