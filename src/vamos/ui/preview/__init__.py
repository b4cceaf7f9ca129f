"""The mirror and everything that makes its pictures and sound."""
