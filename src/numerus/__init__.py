"""Numerus: from muster to table."""

__version__ = "0.1.0"
