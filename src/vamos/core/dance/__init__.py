"""The dance on paper: lines over the song, facing, what follows from the sheet."""
