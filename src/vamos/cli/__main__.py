"""``python -m vamos.cli`` is the same as the command ``vamos``."""

import sys

from vamos.cli.main import run

if __name__ == "__main__":
    sys.exit(run())
