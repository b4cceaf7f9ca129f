"""Placing takes: by the song in the room, or by the voice that counts."""
