"""Vamos: dance tutorials from a song and phone footage."""

__version__ = "0.1.0"
