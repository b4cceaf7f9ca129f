"""Packs: the folder students get, its manifest, and the check of what was written."""
