"""The usual cautions, by step. They are shown where the work is done; the maker's data sheet and local rules go first."""

from __future__ import annotations

DEFER = "The maker's data sheet, local rules and professionals come before this list."
_CAUTIONS: dict[str, tuple[str, ...]] = {
    "print": ("Wet resin: nitrile gloves, eye protection, window open", "No bare skin, no food, no children near"),
    "wash": (
        "Nitrile gloves and eye protection; ventilate",
        "Alcohol burns: no flame, sparks or hot plates near",
        "Resin on skin: soap and water, never solvent; for a rash or breathing trouble stop and see a doctor",
        "Wash water and alcohol are hazardous waste: never down a drain",
    ),
    "cure": (
        "Alcohol dried off fully before light and warmth",
        "Do not look into the lamp",
        "Cure wet towels, supports and sludge solid before disposal",
    ),
    "build": (
        "Blades cut away from fingers",
        "Resin dust: sand wet, wear a mask; goggles with rotary tools",
        "Instant glue: ventilate, keep off skin and eyes",
    ),
    "prime": ("Spray cans and enamels outdoors or extracted, with a mask", "No flame or heater near a spray"),
    "paint": ("Airbrush: extraction and a mask, also for water-based paint", "Do not point brushes with the lips"),
    "finish": (
        "Spirit and enamel wash: ventilate, no flame; spirit rags dried flat outdoors",
        "Pigment dust: wear a mask",
    ),
}


def cautions(stage: str) -> tuple[str, ...]:
    """The cautions that belong to a stage; none where nothing can hurt."""
    return _CAUTIONS.get(stage, ())
