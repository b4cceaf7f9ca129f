"""What files are called, and what that says they show."""

import unittest

from vamos.core.media.names_of_films import view_named
from vamos.core.model.take import View


class NamesTest(unittest.TestCase):
    def test_in_many_languages(self):
        wanted = {
            "front 2": View.FRONT,
            "IMG_2210 von hinten": View.BACK,
            "Füße nah": View.FEET,
            "vue de dos": View.BACK,
            "pies frente": View.FEET,
            "de espaldas_espalda": View.BACK,
            "davanti": View.FRONT,
            "zijkant": View.RIGHT,
            "links": View.LEFT,
            "背面": View.BACK,
            "정면 앞": View.FRONT,
        }
        for name, view in wanted.items():
            with self.subTest(name):
                self.assertIs(view_named(name), view)

    def test_a_name_that_says_nothing(self):
        for name in ("IMG_2210", "take 3", "VID 20260101", "pescador", "backstage"):
            with self.subTest(name):
                self.assertIsNone(view_named(name))
