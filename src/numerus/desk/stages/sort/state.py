"""What the Sort bench shows and may do: the kit's parts, what waits to be agreed with, parts moved, named and set aside. No Qt here."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from functools import cached_property

from numerus.book.intake import is_doubtful
from numerus.desk.answers import Answers
from numerus.domain.army import Figure, Unit
from numerus.domain.parts import Kit, Part
from numerus.domain.plans import Plans
from numerus.kit.base_sizes import OtherBase, base_words, other_bases_of
from numerus.kit.builds import unfilled
from numerus.kit.statements import Statement, statements
from numerus.words import counted

EXTRA = "extra"


class _UnitsKit:
    """What is there of a unit's kit and what is to be said about it, worked out once: a kit of hundreds is asked many times."""

    def __init__(self, plans: Plans, unit_id: str) -> None:
        self.plans, self.unit_id = plans, unit_id
        self.unit = plans.units.get(unit_id)
        self.kit = plans.kits.get(self.unit.kit_id) if self.unit else None

    @cached_property
    def parts(self) -> list[Part]:
        return self.plans.kit_parts(self.unit_id)

    @cached_property
    def other_bases(self) -> list[OtherBase]:
        return other_bases_of(self.plans, self.unit_id)

    @cached_property
    def statements(self) -> list[Statement]:
        return statements(self.parts, self.kit.relations if self.kit else (), self.other_bases)


class SortState:
    def __init__(self, answers: Answers) -> None:
        self._kit = _UnitsKit(answers.plans, "")

    def look(self, answers: Answers, unit_id: str) -> None:
        if self._kit.plans is not answers.plans or self._kit.unit_id != unit_id:
            self._kit = _UnitsKit(answers.plans, unit_id)

    @property
    def plans(self) -> Plans:
        return self._kit.plans

    @property
    def unit_id(self) -> str:
        return self._kit.unit_id

    @property
    def unit(self) -> Unit | None:
        return self._kit.unit

    @property
    def kit(self) -> Kit | None:
        return self._kit.kit

    @property
    def parts(self) -> list[Part]:
        return self._kit.parts

    @property
    def statements(self) -> list[Statement]:
        """Everything worth a card."""
        return self._kit.statements

    def part_to_show(self, part_id: str) -> str:
        """The part in hand where it is of this kit, else the first a build needs."""
        parts = self.parts
        needed = next((p.id for p in parts if p.needed), parts[0].id if parts else "")
        return part_id if any(p.id == part_id for p in parts) else needed

    @property
    def title(self) -> str:
        return f"Sort: {self.kit.name if self.kit else self.unit.name if self.unit else ''}"

    @property
    def subtitle(self) -> str:
        aside = sum(not p.needed for p in self.parts)
        words = f"{counted(len(self.parts), 'part')} for {self.unit.name if self.unit else ''}"
        words += f", {aside} set aside" if aside else ""
        words += f"; the roster {base_words(self.other_bases)}" if self.other_bases else ""
        return f"{words}; {counted(self.guesses, 'slot')} guessed: look at what is in doubt" if self.guesses else words

    @property
    def other_bases(self) -> list[OtherBase]:
        return self._kit.other_bases

    @property
    def open_statements(self) -> int:
        return sum(s.open and s.kind != "slot" for s in self.statements)

    @property
    def guesses(self) -> int:
        """Parts whose slot is a guess: agreeing with everything does not settle them."""
        return sum(p.needed and is_doubtful(p) for p in self.parts)

    @property
    def open_parts(self) -> list[Part]:
        """Parts of which something waits that can be settled as proposed: no guessed slot."""
        by_id, waiting = {p.id: p for p in self.parts}, [s for s in self.statements if s.open and s.kind != "slot"]
        return [by_id[i] for i in dict.fromkeys(s.part_id for s in waiting)]

    @property
    def has_gaps(self) -> bool:
        """Whether a figure of the unit lacks a part in some slot."""
        return self.unit is not None and any(unfilled(f, self.unit) for f in self.plans.figures_of(self.unit_id))

    def named(self, ids: Sequence[str]) -> str:
        return self.plans.parts[ids[0]].label if len(ids) == 1 else f"{len(ids)} parts"

    def moved(self, ids: Sequence[str], slot: str) -> list[Part | Unit]:
        """Parts in another slot, by hand: no doubt is left. A slot the unit does not have yet comes with them."""
        unit = self.unit
        parts = [replace(self.plans.parts[i], slot=slot, doubt=0.0, needed=True) for i in ids]
        widened = [replace(unit, slots=(*unit.slots, slot))] if unit and slot not in (*unit.slots, EXTRA) else []
        return [*parts, *widened]

    def renamed(self, ids: Sequence[str], name: str) -> list[Part]:
        """One name for all, numbered where they are several."""
        names = [name] if len(ids) == 1 else [f"{name} {n}" for n in range(1, len(ids) + 1)]
        return [replace(self.plans.parts[i], name=n) for i, n in zip(ids, names, strict=True)]

    def made_of(self, ids: Sequence[str], material: str) -> list[Part]:
        """Parts to be printed of something else; those that are already stay as they are posed."""
        parts = [self.plans.parts[i] for i in ids]
        return [p.of_material(material) for p in parts if self.plans.material_of(p) != material]

    def set_aside(self, ids: Sequence[str], needed: bool) -> list[Part | Figure]:
        """Parts no build needs, or needs after all; builds that used them lose them."""
        parts = [replace(self.plans.parts[i], needed=needed, doubt=0.0) for i in ids]
        users = [f for f in self.plans.figures.values() if not needed and set(ids) & set(f.build.values())]
        return [*parts, *(replace(f, build={s: p for s, p in f.build.items() if p not in ids}) for f in users)]
