"""Planning clips: which pass, which counts, flipped or not, and why."""
