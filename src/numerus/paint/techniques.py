"""How paint is put on: what each technique lays down, how much of a zone it covers and shows, and what it takes to begin."""

from __future__ import annotations

from dataclasses import dataclass

LINE, RESIST, RUB_BACK = "line", "resist", "rub-back"
"""A freehand line; what keeps paint off and is clear itself; that rubbed away again, with all that was laid over it."""


@dataclass(frozen=True)
class Technique:
    """One technique (defaults). ``film_um``: dry film of a coat where it lies, at the usual thinning: ``thinned`` parts of thinner
    to one of paint; ``covers``: share of a zone it is put on;
    ``lost``: paint that stays in brush, cup and palette or flies past, as a share of what is laid.

    ``seen``: share of the zone it is seen on from afar: a wash lies in the recesses, edges on the ridges.
    ``broken``: what it does not cover shines through between (dry-brush), instead of lying beside. ``setup_min``: loading and
    cleaning, once for the batch.
    ``grows``: power of a zone's work its minutes grow with. ``swatch``: how a stroke of it looks, one of "brushed", "sprayed", "pooled" and "dry".
    """

    name: str
    film_um: float
    covers: float
    seen: float
    lost: float = 0.25
    thinned: float = 0.5
    setup_min: float = 0.0
    swatch: str = "brushed"
    grows: float = 0.8


AIRBRUSH = "airbrush"
"""The one there is: what it is needed for waits while another has it."""
TECHNIQUES: dict[str, Technique] = {
    made.name: made
    for made in (
        Technique("spray", 8, 1.0, 1.0, 0.6, 1.0, 10.0, "sprayed", grows=0.5),
        Technique("base", 15, 1.0, 1.0),
        Technique("one-coat", 20, 1.0, 1.0, thinned=0.0, swatch="pooled"),
        Technique("wash", 6, 1.0, 0.45, thinned=0.3, swatch="pooled", grows=0.6),
        Technique("layer", 8, 0.7, 0.7),
        Technique("dry-brush", 8, 0.5, 0.4, 1.0, 0.0, swatch="dry", grows=0.6),
        Technique("edge", 8, 0.15, 0.12, grows=0.6),
        Technique("glaze", 4, 0.4, 0.35, thinned=2.0, swatch="pooled", grows=0.7),
        Technique("varnish", 15, 1.0, 0.0, thinned=0.0, grows=0.6),
        Technique("stipple", 8, 0.5, 0.5, 0.6, 0.0, swatch="dry", grows=0.7),
        Technique("sponge", 10, 0.4, 0.4, 0.8, 0.0, swatch="dry", grows=0.6),
        Technique("chip", 10, 0.08, 0.06, 0.6, 0.2, grows=0.6),
        Technique("streak", 6, 0.3, 0.25, thinned=1.0, swatch="pooled", grows=0.6),
        Technique("glow", 8, 0.3, 0.3, 0.6, 1.5, swatch="sprayed", grows=0.5),
        Technique("pattern", 10, 0.5, 0.5),
        Technique("blotch", 10, 0.35, 0.35),
        Technique("line", 10, 0.04, 0.04, 0.6, 0.5),
        Technique("resist", 10, 0.12, 0.0, 0.6, 0.0, swatch="dry"),
        Technique("rub-back", 0, 0.12, 0.1, 0.0, 0.0, swatch="dry"),
    )
}
BROKEN = ("dry-brush", "edge", "stipple", "sponge", "chip", "pattern", "blotch", "line", "resist", "rub-back")
"""Techniques that cover a share of a place instead of laying a film all over it."""
