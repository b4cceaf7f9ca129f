"""The command line: one subcommand a stage, the same core calls as the window."""

import vamos.language as _phrases  # noqa: F401 - hands the words in before anything is said
