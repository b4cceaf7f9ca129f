"""Learning what is counted: the training script, its material and its seed; the numbers ship with the core."""
