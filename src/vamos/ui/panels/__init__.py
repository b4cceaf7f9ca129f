"""What the side panel offers at each stop."""
