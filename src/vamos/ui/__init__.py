"""The window: shows the core and edits it. One module or small package per stage."""
