"""Files on the disk: read with bounds, written whole or not at all, never onto what somebody needs."""
