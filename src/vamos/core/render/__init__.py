"""Rendering: time-mapped frames, overlays, sound, the encoder."""
