"""What happened: the journal's entries, each of a kind with fields of its own, and which of them were taken back.

Entries are appended and never rewritten. A correction is an entry too: ``Withdrawn`` names entries that no longer count,
``Restored`` names them again. ``kind`` is how each is written in a book; fields are written under their own names.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import date, datetime
from typing import Literal, NamedTuple, get_args

Timing = Literal["timer", "typed", "planned"]
"""Where minutes of hands come from: a clock that ran, a person who said so, or only the plan."""


@dataclass(frozen=True, slots=True)
class RunStarted:
    """A plate's run began on a machine. ``vat_ml``: what then stood in the vat, where it was told; ``plastic``: it lays filament, whatever
    becomes of the machine's profile. ``settings``: layer mm, seconds of light and lift speed it began with, () where nobody told.
    """

    plate: str
    machine: str
    vat_ml: float | None = None
    plastic: bool = False
    settings: tuple[float, ...] = ()
    kind: Literal["run-started"] = "run-started"


@dataclass(frozen=True, slots=True)
class RunEnded:
    """``minutes`` printed, resin used and the machine's warmth, as far as the machine told them (0 or None: it did not).

    ``aborted``: somebody ended it before it was done.
    """

    minutes: float = 0.0
    used_ml: float = 0.0
    celsius: float | None = None
    aborted: bool = False
    kind: Literal["run-ended"] = "run-ended"


@dataclass(frozen=True, slots=True)
class RunPaused:
    why: str
    kind: Literal["run-paused"] = "run-paused"


@dataclass(frozen=True, slots=True)
class RunResumed:
    """``minutes`` printed until then and what stands in the vat, where it was told."""

    minutes: float | None = None
    vat_ml: float | None = None
    kind: Literal["run-resumed"] = "run-resumed"


@dataclass(frozen=True, slots=True)
class PartOutcome:
    """What became of one placed part: "good", "flawed" or "failed", at which height, and how it looks."""

    placed: str
    outcome: str
    height_mm: float = 0.0
    looks: str = ""
    kind: Literal["part-outcome"] = "part-outcome"


@dataclass(frozen=True, slots=True)
class StepDone:
    """Work of hands: at which stage, which step of it (a recipe's or finish step's id), minutes it was planned to take.

    ``timing`` tells whether the entry's minutes were measured; ``carried_ml``: resin a wash brought into the baths;
    ``reached_j_per_cm2``, ``most_j_per_cm2``: light that a cured plate got on eight tenths of what was lit, and at most.
    """

    stage: str
    key: str = ""
    planned_min: float = 0.0
    carried_ml: float = 0.0
    timing: Timing = "planned"
    reached_j_per_cm2: float = 0.0
    most_j_per_cm2: float = 0.0
    kind: Literal["step"] = "step"

    @property
    def measured(self) -> bool:
        return self.timing != "planned"


@dataclass(frozen=True, slots=True)
class BathChanged:
    kind: Literal["bath-changed"] = "bath-changed"


@dataclass(frozen=True, slots=True)
class BathFilled:
    """A bath (the subject) emptied as waste and filled with so many litres of a liquid."""

    liquid: str
    litres: float
    kind: Literal["bath-filled"] = "bath-filled"


@dataclass(frozen=True, slots=True)
class BathSettled:
    """A bath (the subject) stood in the light and was filtered: the share of its resin that went out solid."""

    removed_share: float
    kind: Literal["bath-settled"] = "bath-settled"


@dataclass(frozen=True, slots=True)
class BathsSwapped:
    """The clean bath became the dirty one, and a fresh clean one was filled with so many litres of the same."""

    litres: float
    kind: Literal["baths-swapped"] = "baths-swapped"


@dataclass(frozen=True, slots=True)
class WashVerdict:
    """How the parts of a washed plate (the run) came out: "came clean", "tacky" or "white"."""

    verdict: str
    kind: Literal["wash-verdict"] = "wash-verdict"


@dataclass(frozen=True, slots=True)
class CureVerdict:
    """How the parts of a cured plate (the run) came out: "hard", "tacky", "brittle" or "yellowed"."""

    verdict: str
    kind: Literal["cure-verdict"] = "cure-verdict"


@dataclass(frozen=True, slots=True)
class FilmChanged:
    kind: Literal["film-changed"] = "film-changed"


@dataclass(frozen=True, slots=True)
class ScreenChanged:
    kind: Literal["screen-changed"] = "screen-changed"


@dataclass(frozen=True, slots=True)
class MachineCared:
    """What was done to a machine (the subject): levelled, screws tightened, in words."""

    what: str
    kind: Literal["machine-cared"] = "machine-cared"


@dataclass(frozen=True, slots=True)
class ForecastNoted:
    """``middle``: the day, as ISO text, by which the army would be ready with one chance in two."""

    middle: str
    kind: Literal["forecast"] = "forecast"

    @property
    def day(self) -> date:
        return date.fromisoformat(self.middle)


@dataclass(frozen=True, slots=True)
class DiagnosisTest:
    """A cheap test was made after a failure, and whether it said yes."""

    test: str
    yes: bool
    kind: Literal["inquest-test"] = "inquest-test"


@dataclass(frozen=True, slots=True)
class CauseConfirmed:
    """The user is sure what made a run fail, by the cause's key; "": not sure after all."""

    cause: str
    kind: Literal["cause-confirmed"] = "cause-confirmed"


@dataclass(frozen=True, slots=True)
class RepairChosen:
    placed: str
    part: str
    way: str
    kind: Literal["repair-chosen"] = "repair-chosen"


@dataclass(frozen=True, slots=True)
class RepairEnded:
    placed: str
    way: str
    worked: bool
    kind: Literal["repair-ended"] = "repair-ended"


@dataclass(frozen=True, slots=True)
class PartBroke:
    """A part of a built figure came off or snapped: in which slot, and ``how`` it is mended; steps (stage, key) that are no longer
    done by it; ``apart``: the slot whose part is to be glued on again once all is painted, "" for none; ``at_mm``: the
    place on the part, in the figure's mm, () where it was not pointed at.
    """

    slot: str
    how: str
    undone: tuple[tuple[str, str], ...] = ()
    apart: str = ""
    at_mm: tuple[float, ...] = ()
    kind: Literal["part-broke"] = "part-broke"


@dataclass(frozen=True, slots=True)
class FlawPinned:
    """A flaw somebody saw on a figure: on the part of a slot, at a place in the figure's mm with the skin's normal there, ``size_mm``
    across, how much of it is ``seen`` round the table, what it is.
    """

    slot: str
    at_mm: tuple[float, float, float]
    facing: tuple[float, float, float]
    size_mm: float
    seen: float
    words: str
    kind: Literal["flaw-pinned"] = "flaw-pinned"


@dataclass(frozen=True, slots=True)
class LessonNoted:
    """What to do otherwise at a stage next time, learned of a unit (the subject)."""

    stage: str
    words: str
    kind: Literal["lesson"] = "lesson"


@dataclass(frozen=True, slots=True)
class PrimerRubbedOff:
    """From the figures of the entry, by handling or under tape."""

    kind: Literal["primer-rubbed-off"] = "primer-rubbed-off"


@dataclass(frozen=True, slots=True)
class PhotographTaken:
    """Of a run's plate, or of a figure from a ``side``; ``card_at``: where a grey card stands in it, x and y in pixels, () for none."""

    blob: str
    side: str = ""
    card_at: tuple[float, ...] = ()
    kind: Literal["photograph"] = "photograph"


@dataclass(frozen=True, slots=True)
class PoseChosen:
    """Shares of each cost, in the order of the search's costs, of the pose kept and of those it was preferred to."""

    kept: tuple[float, ...]
    others: tuple[tuple[float, ...], ...]
    kind: Literal["pose-chosen"] = "pose-chosen"


@dataclass(frozen=True, slots=True)
class Purchased:
    """Something bought, by its kind (see domain.purchases) and the shop's own words: whole pence, how much of it in its kind's unit, and
    for which unit of the army (the subject), "" for all.
    """

    thing: str
    words: str
    pence: int
    amount: float = 0.0
    kind: Literal["purchased"] = "purchased"


@dataclass(frozen=True, slots=True)
class PackOpened:
    """Of something bought: the entry of its purchase."""

    purchase: int
    kind: Literal["pack-opened"] = "pack-opened"


@dataclass(frozen=True, slots=True)
class CommissionBooked:
    """Of a commissioned unit (the subject): an ``invoice`` with its number, money ``paid``, the parcel ``sent``, a ``refund`` for what was
    damaged on its way, by what words. Nothing of the client: names stay in the commission, and go with it.
    """

    what: str
    pence: int = 0
    number: str = ""
    words: str = ""
    kind: Literal["commission-booked"] = "commission-booked"


@dataclass(frozen=True, slots=True)
class Withdrawn:
    seqs: tuple[int, ...]
    kind: Literal["withdrawn"] = "withdrawn"


@dataclass(frozen=True, slots=True)
class Restored:
    seqs: tuple[int, ...]
    kind: Literal["restored"] = "restored"


Event = (
    RunStarted | RunEnded | RunPaused | RunResumed | PartOutcome | StepDone | BathChanged | BathFilled | BathSettled | BathsSwapped
    | WashVerdict | CureVerdict | FilmChanged | ScreenChanged | MachineCared | ForecastNoted | DiagnosisTest | CauseConfirmed | RepairChosen
    | RepairEnded | PartBroke | FlawPinned | LessonNoted | PrimerRubbedOff | PhotographTaken | PoseChosen | Purchased | PackOpened
    | CommissionBooked | Withdrawn | Restored
)  # fmt: skip
EVENTS: dict[str, type] = {made.__dataclass_fields__["kind"].default: made for made in get_args(Event)}
"""Kinds by the word they are written under."""


class Fact(NamedTuple):
    """One entry: when, what happened, to what (``subject``: a run, bath or machine), to which figures, minutes of hands.

    A tuple, since a book of many years holds half a million of them.
    """

    at: datetime
    event: Event
    subject: str = ""
    figures: tuple[str, ...] = ()
    minutes: float = 0.0
    seq: int = 0


def corrected(entry: Fact) -> tuple[int, ...]:
    """The entries a correction names, none for any other entry."""
    return entry.event.seqs if isinstance(entry.event, Withdrawn | Restored) else ()


def taken_back(entries: Iterable[Fact]) -> set[int]:
    """The entries that no longer count, by their numbers."""
    gone: set[int] = set()
    for entry in entries:
        if isinstance(entry.event, Withdrawn):
            gone.update(corrected(entry))
        else:
            gone.difference_update(corrected(entry))
    return gone
