"""What the name of a film says that it shows, in the languages of Vamos's sheets."""

from __future__ import annotations

from vamos.core.media.probe import view_words
from vamos.core.model.take import View

#: Words by what they say; the languages are English, German, French, Spanish, Italian, Portuguese, Dutch and Polish.
_WORDS: dict[View, str] = {
    View.FRONT: "front vorne vorn frontal vorderansicht devant face avant frente delante fronte davanti voor voorkant "
    "przód przod",
    View.BACK: "back behind rear hinten rücken ruecken rückansicht rueckansicht derrière derriere dos arrière espalda "
    "atrás atras detrás detras dietro schiena costas trás achter achterkant rug tył tyl plecy",
    View.FEET: "feet foot füße fuesse füsse fuss fuß beine pieds pied jambes pies pie piernas piedi piede gambe pés "
    "pes pernas voeten voet benen stopy nogi",
    View.LEFT: "left links gauche izquierda sinistra esquerda lewa lewy",
    View.RIGHT: "right side rechts seite seitlich droite profil côté cote derecha lado perfil destra lato profilo "
    "direita zijkant bok prawa prawy",
}
_BY_WORD = {word: view for view, words in _WORDS.items() for word in words.split()}
#: Signs that stand inside a name without spaces: Chinese, Japanese, Korean.
_SIGNS = {"正面": View.FRONT, "背面": View.BACK, "背": View.BACK, "後": View.BACK, "后": View.BACK, "足": View.FEET,
          "脚": View.FEET, "앞": View.FRONT, "뒤": View.BACK, "발": View.FEET}  # fmt: skip


def view_named(name: str) -> View | None:
    """What a file's name says that a take shows; feet before all else, None when it says nothing."""
    found = [_BY_WORD[word] for word in view_words(name) if word in _BY_WORD]
    found += [view for sign, view in _SIGNS.items() if sign in name]
    return View.FEET if View.FEET in found else next(iter(found), None)
