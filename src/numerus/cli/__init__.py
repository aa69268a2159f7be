"""The same core without a window: JSON on standard output, exit status 2 where something was refused."""
