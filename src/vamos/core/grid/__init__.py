"""The song's beat grid: onset strength → tempo → beats → bars and eights."""
