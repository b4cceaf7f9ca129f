"""Dances as people type them: tokens → words by their roles → readings with costs → what feet, weight and turns say.

The way through: :mod:`clean` (signs that look alike), :mod:`tokens`, :mod:`lexicon` (data: one file a language),
:mod:`count_runs` (which counts), :mod:`moves` (which moves), :mod:`share` (moves on counts), :mod:`state` (feet,
weight, heading), :mod:`repeats`, :mod:`line` (all readings of a line, the cheapest first), :mod:`reading` (events of
the model, what is asked, what is only a name).
"""
