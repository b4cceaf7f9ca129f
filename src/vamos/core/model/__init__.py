"""What a project is made of: frozen values, one concept a module."""
