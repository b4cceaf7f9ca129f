"""How large what is watched is."""

#: Longest side of the picture while it is watched.
PREVIEW_SIDE = 640
