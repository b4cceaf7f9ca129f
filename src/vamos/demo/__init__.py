"""The demo: an invented song, a paper-fan parade dance, a simulated dancer, room and camera."""

import vamos.language as _phrases  # noqa: F401 - hands the words in before anything is said
