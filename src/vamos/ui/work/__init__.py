"""What the window works on and with: the open document, long work beside the window, threads."""
