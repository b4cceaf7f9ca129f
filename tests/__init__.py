"""Tests of Vamos. Random tests draw the same cases every time; ``VAMOS_EXPLORE=1`` draws new ones."""

import os

from hypothesis import settings

# What people read is tested in English, wherever the tests run.
os.environ.setdefault("VAMOS_LANGUAGE", "en")
settings.register_profile("same", derandomize=True, deadline=None)
settings.register_profile("explore", deadline=None)
settings.load_profile("explore" if os.environ.get("VAMOS_EXPLORE") else "same")
