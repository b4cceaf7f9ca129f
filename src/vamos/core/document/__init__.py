"""The open project: reading and writing its file, edits, undo."""
