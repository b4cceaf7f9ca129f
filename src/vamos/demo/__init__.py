"""The demo: an invented song, a paper-fan parade dance, a simulated dancer, room and camera."""
