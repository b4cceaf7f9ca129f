"""Machine-made music with exact truth, for teaching and judging the beat grid; see bench/grid.py."""
