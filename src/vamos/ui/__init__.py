"""The window: shows the core and edits it. One module or small package per stage."""

import vamos.language as _phrases  # noqa: F401 - hands the words in before anything is said
