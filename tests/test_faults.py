"""Faults of Vamos itself: a report with nothing private in it, kept in a log that does not grow for ever."""

import contextlib
import io
import os
import unittest
from unittest import mock

from tests.support import FolderCase, read_only
from vamos import faults
from vamos.cli.main import FAULT, run


def failing(text: str) -> BaseException:
    try:
        raise RuntimeError(text)
    except RuntimeError as error:
        return error


class ReportTest(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        place = mock.patch("vamos.faults.log_path", lambda: self.folder / "logs" / "vamos.log")
        place.start()
        self.addCleanup(place.stop)

    def test_nothing_private(self):
        """Names of folders are nobody's business; the name of the file and the lines of Vamos are."""
        text = faults.report("packing", failing("cannot read /home/mira/secret wedding/a.mp4 now"))
        self.assertNotIn("mira", text)
        self.assertNotIn(os.getcwd(), text)
        self.assertIn("RuntimeError: cannot read", text)
        self.assertIn("test_faults.py:", text)
        self.assertIn("While: packing", text)

    def test_kept_and_bounded(self):
        with contextlib.redirect_stderr(io.StringIO()):
            faults.printed("one", failing("first"))
        self.assertIn("first", (self.folder / "logs" / "vamos.log").read_text())
        for number in range(30):
            faults.keep(f"{number} " + "x" * 50_000)
        sizes = [p.stat().st_size for p in (self.folder / "logs").iterdir()]
        self.assertLessEqual(len(sizes), 3)
        self.assertLess(sum(sizes), 800_000)
        self.assertIn("29 xxx", (self.folder / "logs" / "vamos.log").read_text())

    @unittest.skipIf(os.getuid() == 0, "root can write anywhere")
    def test_a_log_that_cannot_be_written_is_no_second_fault(self):
        with read_only(self.folder):
            self.assertIsNone(faults.keep("text"))

    def test_a_command_that_fails_says_where_the_report_is(self):
        """Its own exit status, words for people, and the report in the log."""
        said = io.StringIO()
        with (
            contextlib.redirect_stderr(said),
            mock.patch("vamos.cli.commands.load", side_effect=RuntimeError("no such luck")),
        ):
            status = run(["clips", "some.vamos"])
        self.assertEqual(status, FAULT)
        self.assertIn("a fault of Vamos, not of yours", said.getvalue())
        self.assertIn("no such luck", (self.folder / "logs" / "vamos.log").read_text())
