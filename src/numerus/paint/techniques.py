"""How paint is put on: what each technique lays down, how much of a zone it covers and shows, and what it takes to begin."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True)
class Technique:
    """One technique (defaults). ``ml_per_cm2``: mixed paint on the places it covers; ``covers``: share of a zone it is put on.

    ``seen``: share of the zone it is seen on from afar where it is opaque: a wash lies in the recesses, edges on the ridges.
    ``setup_min``: loading and cleaning, once for the batch. ``swatch``: how a stroke of it looks, one of "brushed", "sprayed",
    "pooled" and "dry"; ``load``: how much of it lies on a brushed swatch.
    """

    name: str
    ml_per_cm2: float
    covers: float
    seen: float
    setup_min: float = 0.0
    swatch: str = "brushed"
    load: float = 0.9


TECHNIQUES: dict[str, Technique] = {
    made.name: made
    for made in (
        Technique("spray", 0.020, 1.0, 1.0, 10.0, "sprayed"),
        Technique("base", 0.015, 1.0, 1.0, load=0.95),
        Technique("wash", 0.012, 1.0, 0.45, swatch="pooled", load=0.42),
        Technique("layer", 0.009, 0.7, 0.7, load=0.8),
        Technique("dry-brush", 0.006, 0.5, 0.4, swatch="dry", load=0.8),
        Technique("edge", 0.003, 0.15, 0.12, load=0.8),
        Technique("glaze", 0.007, 0.4, 0.35, swatch="pooled", load=0.3),
        Technique("varnish", 0.018, 1.0, 0.0, load=0.2),
    )
}
