"""The hands' routine at a machine between two runs: how it is levelled, how parts come off, how the vat is looked at, by school, with minutes.

All minutes are defaults: of levelling by how often it is done, of the rest for every run. Each school says what it costs.
"""

from __future__ import annotations

from dataclasses import dataclass

from numerus.domain.printing.machines import Machine


@dataclass(frozen=True)
class Habit:
    """One way to do a thing: minutes a time, every how many runs, and what it costs."""

    words: str
    minutes: float
    every_runs: int
    costs: str


LEVELS = {
    "paper": Habit("level on paper over the bare screen", 8.0, 20, "the screen must be bare: vat out, gloves on"),
    "on the film": Habit("level on the film, vat in", 5.0, 20, "a film that is worn passes its wear on"),
    "factory": Habit("leave it as it came", 0.0, 1, "nothing to do until a first layer fails on one side"),
}
REMOVES = {
    "metal": Habit("a metal scraper", 3.0, 1, "it cuts plates and fingers: away from the hand"),
    "plastic": Habit("a plastic scraper", 4.0, 1, "spares the plate; large rafts want patience"),
    "flexible sheet": Habit("bend a flexible sheet", 1.0, 1, "a sheet to buy, its height to level in; parts jump off"),
}
LOOKS = {
    "scraper": Habit(
        "feel the vat's floor with a plastic scraper", 1.0, 1, "gently: the film scratches; never with bare fingers"
    ),
    "cured sheet": Habit(
        "cure a thin sheet over the whole floor and peel it off", 4.0, 3, "takes every flake along, and a little resin"
    ),
    "after failures": Habit("only when something failed", 1.5, 8, "a flake nobody saw dents the film in the next run"),
}


def habits(machine: Machine) -> list[Habit]:
    """Those of a machine's user; a filament machine has no vat."""
    chosen = [LEVELS.get(machine.levels_by), REMOVES.get(machine.removes_with)]
    chosen += [] if machine.is_dry else [LOOKS.get(machine.vat_looked_at)]
    return [h for h in chosen if h is not None]


def routine_min(machine: Machine) -> float:
    """Minutes of hands a run, on the mean."""
    return sum(h.minutes / h.every_runs for h in habits(machine))
