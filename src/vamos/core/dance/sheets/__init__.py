"""Sheets of dances: read as people write and send them, written in all their forms."""
