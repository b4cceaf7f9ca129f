"""The open project: its file, its history, and all that follows from it."""
