"""What alternatives the Wickmen's kit holds, by slot; part names are slot and word."""

from __future__ import annotations

HEADS = ("hat", "hood", "scarf", "bald", "braid", "old")
STANCES = ("standing", "striding", "braced", "climbing")
TORSOS = ("coat", "strap", "apron")
RIGHT = ("snuffer", "hook", "bell", "cudgel", "crossbow")
LEFT = ("bell", "lantern", "belt", "horn")
PACKS = ("lantern", "rope", "wicks")
BASES = ("cobbles", "jetty", "flags")
