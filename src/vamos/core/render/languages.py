"""The languages of the counting voice: what it says for numbers, for an “&”, and to go.

Numbers are said by eSpeak NG itself in each language; an “and” and a “go” are common practice, no source.
"""

from __future__ import annotations

from dataclasses import dataclass

from vamos.core.media.voice import number_word


@dataclass(frozen=True, slots=True)
class Language:
    """A language by its code (ISO 639-1), as it is called, with its “and” and its “go”."""

    code: str
    name: str
    and_word: str
    go_word: str


LANGUAGES = {
    language.code: language
    for language in (
        Language("en", "English", "and", "go"),
        Language("de", "German", "und", "los"),
        Language("es", "Spanish", "y", "ya"),
        Language("fr", "French", "et", "allez"),
        Language("it", "Italian", "e", "via"),
        Language("pt", "Portuguese", "e", "vai"),
        Language("nl", "Dutch", "en", "hup"),
        Language("pl", "Polish", "i", "już"),
        Language("cs", "Czech", "a", "teď"),
        Language("sv", "Swedish", "och", "nu"),
        Language("da", "Danish", "og", "nu"),
        Language("fi", "Finnish", "ja", "nyt"),
        Language("hu", "Hungarian", "és", "most"),
        Language("tr", "Turkish", "ve", "hadi"),
    )
}


def in_language(word: str, code: str) -> str:
    """A count, “and” or “go” as it is said in a language; anything else as it is."""
    language = LANGUAGES[code]
    if word.isdigit():
        return number_word(int(word)) if code == "en" else word
    return {"and": language.and_word, "go": language.go_word}.get(word, word)
