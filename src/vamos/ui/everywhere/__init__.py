"""What works at every stop: the project's file, watching, the page, the look of the window."""
