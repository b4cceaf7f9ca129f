"""Ids: what refers to something holds its id, which is no name and no number and never changes."""

from __future__ import annotations

import hashlib
import secrets


def new_id() -> str:
    """An id nothing else has."""
    return secrets.token_hex(5)


def id_from(*what: object) -> str:
    """An id that is the same for the same: something found again in the same place is the same thing."""
    return hashlib.blake2b(repr(what).encode(), digest_size=5).hexdigest()
