"""What is to be said about a kit, most pressing first: units in doubt, faults, doubtful slots, and what shapes say."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass

from numerus.domain.parts import Kit, Part, Relation
from numerus.kit.assembly import DOUBTFUL
from numerus.kit.base_sizes import OtherBase
from numerus.kit.joined_parts import along_with, joined_to, names_of, other_sizes, size_words
from numerus.kit.sorting import offered_factor
from numerus.words import counted

FAULTS = {"holes": "torn", "inside-out": "inside out", "inverted-faces": "faces turned", "specks": "specks"}
OTHER_BASE, OTHER_SCALE = "other base", "other scale"
ORDER = (
    "unit", "fault", "slot", OTHER_BASE, OTHER_SCALE, "duplicate", "supported", "mirror", "scaled", "whole", "alternative", "clash", "base",
)  # fmt: skip
DOUBT = 1 - DOUBTFUL
MOST_SAID = 3


@dataclass(frozen=True)
class Statement:
    """One card: about which part, what is said, by which evidence, what was made of it, and what could be done instead.

    ``kind`` is one of ORDER; ``relation`` is what can be overruled, if anything.
    """

    kind: str
    part_id: str
    title: str
    description: str
    evidence: str
    outcome: str
    act: str
    relation: Relation | None = None

    @property
    def open(self) -> bool:
        """Whether someone should still decide."""
        return self.kind in ("unit", "fault", "slot")


def ready_supported(part: Part, kit: Kit | None) -> bool:
    """Whether the part's mesh stands on supports it came with, and nobody said otherwise."""
    relations = kit.relations if kit else ()
    return any(r.kind == "supported" and r.parts[-1] == part.id and not r.overruled for r in relations)


def statements(
    parts: Iterable[Part], relations: Sequence[Relation], others: Iterable[OtherBase] = ()
) -> list[Statement]:
    """Everything worth a card, in ORDER; joints are not listed one by one. ``others``: bases that are not as wide as the unit asks."""
    by_id = {p.id: p for p in parts}
    listed = [s for p in by_id.values() for s in _of_part(p)]
    listed += [_of_relation(r, by_id) for r in relations if r.kind != "joint" and all(i in by_id for i in r.parts)]
    listed += [_of_base(o) for o in others if o.part_id in by_id]
    listed += _of_scales(by_id, relations)
    return sorted(listed, key=lambda s: ORDER.index(s.kind))


def faults_left(parts: Iterable[Part]) -> str:
    """Which parts still have faults after they were mended and what can be done, "" where none has."""
    torn = {p.label: [FAULTS[code] for code, _ in p.problems if code in FAULTS] for p in parts if p.needed}
    words = [f"{name} is still {' and '.join(what)}" for name, what in torn.items() if what]
    if not words:
        return ""
    more = f" and {len(words) - MOST_SAID} parts more" if len(words) > MOST_SAID else ""
    return (
        f"Not all could be mended: {'; '.join(words[:MOST_SAID])}{more}. Look at each under Part, Health: cut the torn end off, "
        "take another file, or print it as it is where the tear is small."
    )


def _of_part(part: Part) -> list[Statement]:
    title, statement_list = part.label, []
    factor = offered_factor(part)
    if factor != 1.0:
        size = " × ".join(f"{e * factor:.1f}" for e in part.extents_mm)
        words = {"in": "inches", "m": "metres", "cm": "centimetres"}.get(part.unit, part.unit)
        statement_list.append(
            Statement(
                "unit",
                part.id,
                title,
                f"its numbers are {words}",
                f"× {factor:g} makes it {size} mm",
                "left as it is",
                "set to mm",
            )
        )
    faults = [(code, text) for code, text in part.problems if code in FAULTS]
    if part.needed and faults:
        description = " and ".join(FAULTS[code] for code, _ in faults)
        statement_list.append(Statement("fault", part.id, title, description, faults[0][1], "not mended yet", "mend"))
    if part.needed and part.doubt > DOUBT:
        description = f"put into {part.slot}, in doubt"
        statement_list.append(
            Statement("slot", part.id, title, description, f"only {1 - part.doubt:.0%} sure", "a guess", "change")
        )
    return statement_list


def _of_base(other: OtherBase) -> Statement:
    worn = f"worn by {counted(other.figures, 'figure')}" if other.figures else "no figure wears it yet"
    return Statement(
        OTHER_BASE,
        other.part_id,
        other.label,
        f"{other.is_mm:.1f} mm wide, {other.asked_mm:g} are asked for",
        f"{worn}; × {other.factor:.3f} makes it so, its height with it",
        "left as it is",
        f"scale to {other.asked_mm:g} mm",
    )


def _of_scales(by_id: Mapping[str, Part], relations: Sequence[Relation]) -> list[Statement]:
    """Parts that were scaled without what they are joined to, the most out of scale first; each such joint once."""
    told: list[Statement] = []
    about = set[str]()
    for part in sorted((p for p in by_id.values() if p.needed and p.scale != 1), key=lambda p: -abs(p.scale - 1)):
        others = [p for p in other_sizes(part, joined_to(part, relations, by_id)) if p.id not in about]
        if others:
            about.add(part.id)
            along = len(other_sizes(part, along_with(part, relations, by_id)))
            told.append(
                Statement(
                    OTHER_SCALE,
                    part.id,
                    part.label,
                    f"made for {names_of(others)}",
                    size_words(part, others),
                    "left as it is",
                    f"scale {counted(along, 'part')} along",
                )
            )
    return told


def _of_relation(relation: Relation, by_id: Mapping[str, Part]) -> Statement:
    names = [by_id[i].label for i in relation.parts]
    about = relation.parts[0] if relation.kind in ("base", "alternative", "whole", "clash") else relation.parts[-1]
    description, outcome, otherwise = _words(relation, names)
    words = otherwise if relation.overruled else outcome
    return Statement(
        relation.kind, about, by_id[about].label, description, relation.evidence, words, "change", relation
    )


def _words(relation: Relation, names: list[str]) -> tuple[str, str, str]:
    """What is said, what was made of it, and what is made of it when overruled."""
    first = names[0]
    if relation.kind == "supported":
        of = f"a supported copy of {first}" if len(names) > 1 else "stands on supports, its plain part is not here"
        return of, "kept beside it", "a part of its own"
    if relation.kind == "alternative":
        more = f", {len(names) - 2} more" if len(names) > 2 else ""
        return f"in place of {names[1]}{more}", "read as alternatives", "not alternatives"
    return {
        "duplicate": (f"the same as {first}", "kept once", "both kept"),
        "mirror": (f"{first}, mirrored", "twin noted", "no twin"),
        "scaled": (
            f"{first} at {relation.size_mm[0]:.2f} times" if relation.size_mm else first,
            "size noted",
            "unrelated",
        ),
        "whole": (f"{len(names) - 1} other parts assembled", "set aside", "a part of its own"),
        "clash": (f"runs into {names[-1]}", "never built together", "may be built together"),
        "base": ("a base of " + " × ".join(f"{s:g}" for s in relation.size_mm) + " mm", "put into base", "no base"),
    }[relation.kind]
