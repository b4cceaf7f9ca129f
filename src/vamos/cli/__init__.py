"""The command line: one subcommand a stage, the same core calls as the window."""
