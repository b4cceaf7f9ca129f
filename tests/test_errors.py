"""Messages say what happened, to which file, what is safe, what to do, in that order."""

import errno
import unittest

from vamos.errors import InputError, MediaError, MissingError, Stopped, VamosError, WriteError, write_error


class ErrorsTest(unittest.TestCase):
    def test_order_of_the_parts(self):
        error = MediaError("it is cut off.", file="a.mp4", safe="Nothing was changed.", todo="Copy it again.")
        self.assertEqual(str(error), "a.mp4: it is cut off. Nothing was changed. Copy it again.")

    def test_parts_that_are_missing_leave_no_gap(self):
        self.assertEqual(str(InputError("No.")), "No.")
        self.assertEqual(str(InputError("No.", todo="Do.")), "No. Do.")

    def test_each_resembles_its_builtin(self):
        """Code that knows only the builtins still catches them."""
        for kind, builtin in (
            (InputError, ValueError),
            (MissingError, FileNotFoundError),
            (MediaError, ValueError),
            (WriteError, OSError),
        ):
            self.assertTrue(issubclass(kind, builtin) and issubclass(kind, VamosError))
        self.assertFalse(issubclass(Stopped, OSError))

    def test_system_errors_become_words(self):
        for number, words in (
            (errno.ENOSPC, "no space left"),
            (errno.EACCES, "not allowed"),
            (errno.EROFS, "only be read"),
            (errno.ENOTDIR, "a file stands where a folder is needed"),
            (errno.ENAMETOOLONG, "too long"),
            (errno.EDQUOT, "quota"),
            (errno.EIO, "could not be written"),
        ):
            text = str(write_error(OSError(number, "x"), "/there"))
            with self.subTest(number):
                self.assertIn(words, text)
                self.assertIn("/there", text)
                self.assertIn("Nothing half-written was left.", text)

    def test_a_system_error_without_a_number(self):
        self.assertIn("could not be written", str(write_error(OSError("odd"), "f")))


if __name__ == "__main__":
    unittest.main()
