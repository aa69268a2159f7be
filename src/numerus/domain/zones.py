"""Painted materials: what a vertex of a part is made of."""

ZONES = (
    "coat", "skin", "hat", "iron", "brass", "leather", "rope", "wood", "wax", "glass", "feathers", "base", "scarf", "boots",
)  # fmt: skip
"""Names by the number a mesh keeps per vertex; a mesh from elsewhere has none and is painted as one."""
