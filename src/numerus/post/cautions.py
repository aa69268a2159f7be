"""The usual cautions, by step. They are shown where the work is done; the maker's data sheet and local rules go first."""

from __future__ import annotations

from numerus.post.washing.bath_book import LIQUIDS

DEFER = "The maker's data sheet, local rules and professionals come before this list."
_CAUTIONS: dict[str, tuple[str, ...]] = {
    "print": (
        "Pouring and wet resin: nitrile gloves, eye protection, window open",
        "No bare skin, no food; children and pets away",
        "A rash, or trouble breathing: stop, and see a doctor",
    ),
    "filament": (
        "Hot nozzle, bed and fresh parts burn: let them cool",
        "Molten plastic fumes: ventilate, not beside a bed",
    ),
    "repair": (
        "Two-part putty: nitrile gloves, it can make skin sensitive for good",
        "Sanding cured resin: wet, with a mask; no dust in the room",
        "Patching with wet resin: gloves and eye protection, and the lamp's light kept from the eyes",
    ),
    "wash": (
        "Nitrile gloves and eye protection; ventilate",
        "Open baths: children and pets away, lids on when you leave",
        "Resin on skin: soap and water, never solvent; for a rash or breathing trouble stop and see a doctor",
        "Wash water and alcohol are hazardous waste: never down a drain",
    ),
    "cure": (
        "Alcohol dried off fully before light and warmth",
        "Do not look into the lamp",
        "Supports off: gloves and goggles, bits fly; hot water that held uncured parts is resin waste",
        "Closed hollow parts: resin in them can burst out when warmed; drain holes first, no heat on sealed ones",
        "Cure wet towels, supports and sludge solid before disposal",
    ),
    "build": (
        "Blades cut away from fingers",
        "Resin dust: sand wet, wear a mask; goggles with rotary tools",
        "Instant glue: ventilate, keep off skin and eyes",
    ),
    "prime": (
        "Spray cans and enamels outdoors or extracted, with a mask",
        "No flame or heater near a spray",
        "Filler is sanded wet, with a mask",
    ),
    "paint": (
        "Airbrush: extraction and a mask, also for water-based paint",
        "Sprays and solvents: outdoors or extracted, no flame or heater near",
        "Do not point brushes with the lips",
    ),
    "finish": (
        "Spirit and enamel wash: ventilate, no flame; spirit rags dried flat outdoors",
        "Varnish and other sprays: outdoors or extracted, with a mask, no flame or heater near",
        "Pigment dust: wear a mask",
    ),
}


def cautions(stage: str, liquid: str = "alcohol") -> tuple[str, ...]:
    """The cautions that belong to a stage, a wash's by what is in the bath; none where nothing can hurt."""
    usual = _CAUTIONS.get(stage, ())
    return (usual[0], *LIQUIDS[liquid].cautions, *usual[1:]) if stage == "wash" else usual
