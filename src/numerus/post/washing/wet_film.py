"""The film of resin that is still on parts when they come to the baths: thinner the longer they drain and the warmer it is.

A film that runs down a wall is as thick as the root of its viscosity over the time it has had (Jeffreys, The draining of a vertical
plate, 1930). A resin's profile tells its film after ``USUAL_DRAIN_MIN`` at ``USUAL_C``.
"""

from __future__ import annotations

from math import sqrt

from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Resin

USUAL_DRAIN_MIN, USUAL_C = 5.0, 22.0  # (defaults) what a profile's film is told for
HALVES_C = 12.0  # (default) warmer by so much, a resin is half as thick
LEAST_MIN = 0.5  # of draining: a part that is lifted off at once has dripped for so long


def film_mm(resin: Resin, drained_min: float, room_c: float = 0.0) -> float:
    """Mean film on parts that drained for so long in a room so warm; 0 degrees: nobody has told, taken as usual."""
    thinner = 2 ** ((USUAL_C - (room_c or USUAL_C)) / HALVES_C)
    return resin.film_mm * sqrt(thinner * USUAL_DRAIN_MIN / max(drained_min, LEAST_MIN))


def film_on(plans: Plans, machine_id: str) -> float:
    """The film on a machine's plate as this user lets it drain, in the room where the machine stands."""
    machine, army = plans.machines.get(machine_id), plans.army
    return film_mm(plans.resin, army.drain_min if army else USUAL_DRAIN_MIN, machine.room_c if machine else 0.0)


def film_words(plans: Plans, machine_id: str) -> str:
    """How thick, and by what."""
    machine = plans.machines.get(machine_id)
    room_c = machine.room_c if machine else 0.0
    room = f"at {room_c:g} °C by the machine" if room_c else f"at {USUAL_C:g} °C, a default: nobody has told the room's"
    return f"{film_on(plans, machine_id):.3f} mm of film {room}; {plans.resin.film_mm:g} mm after {USUAL_DRAIN_MIN:g} min by its profile"
