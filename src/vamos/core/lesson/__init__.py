"""The lesson: in which pieces, how often, how slow, how long, and what is to be filmed for it."""
