"""The language of the window: chosen, and given to Qt."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import QCoreApplication, QLibraryInfo, QTranslator

from vamos.language import LANGUAGES, choose, chosen
from vamos.wording import ENGLISH, language, words_of

tr = words_of(__name__)


def translate_qt() -> None:
    """The words of Qt's own dialogs and keys in the language of this run."""
    app = QCoreApplication.instance()
    if app is None or language() == ENGLISH:
        return
    translator = QTranslator(app)
    folder = QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)
    if translator.load(f"qtbase_{language()}", folder):
        QCoreApplication.installTranslator(translator)


def next_language(tell: Callable[[str], object]) -> None:
    """The next language is used from the next start on: as the desktop, then each there is."""
    order = ["", *LANGUAGES]
    following = order[(order.index(chosen()) + 1) % len(order)]
    try:
        choose(following)
    except OSError as error:
        tell(tr("The language could not be kept: {error}.", error=error.strerror or str(error)))
        return
    name = LANGUAGES.get(following, tr("as the desktop"))
    tell(tr("Language from the next start on: {language}. Press again for the next one.", language=name))
