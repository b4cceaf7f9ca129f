"""Small parts every room uses: look, panels, fields, text, actions as data."""
