"""Long work that more than one room begins: files taken in, takes placed, songs listened to."""
