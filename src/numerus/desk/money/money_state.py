"""Ledger, shopping list and what pays, as their pages show them. No Qt here."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from contextlib import suppress
from datetime import date, datetime, timedelta

from numerus.desk.answers import Answers
from numerus.domain.journal import Fact, PackOpened, Purchased, Withdrawn
from numerus.domain.money import money_text
from numerus.domain.purchases import THINGS, opened_on, purchase, purchases
from numerus.errors import PlanError, Progress
from numerus.money.ledger import spent_by_month, spent_by_thing
from numerus.money.worth import failed_plates, kit_pays_from, machine_pays_from, waiting_pays
from numerus.progress.planning.bench_plan import tonight
from numerus.progress.planning.bench_tasks import ToDo
from numerus.progress.shopping import Item, shopping_list, stale
from numerus.schedule.hand_tasks import TimedTask
from numerus.words import counted

LOOKED_DAYS = 120  # of the plan that things are counted for


class MoneyState:
    def __init__(self, answers: Answers) -> None:
        self.answers = answers

    @property
    def currency(self) -> str:
        return self.answers.plans.army.currency if self.answers.plans.army else ""

    @property
    def bought(self) -> list[Fact]:
        """The newest first."""
        return purchases(self.answers.facts)[::-1]

    def ledger_cells(self) -> list[list[str]]:
        """A row for every purchase."""
        opened = opened_on(self.answers.facts)
        return [self._cells(f, f.event, opened.get(f.seq)) for f in self.bought if isinstance(f.event, Purchased)]

    def opened(self, row: int) -> list[Fact]:
        """The entry that a thing bought was opened today; none where it is open already."""
        listed = self.bought
        if not 0 <= row < len(listed) or listed[row].seq in opened_on(self.answers.facts):
            return []
        return [Fact(self.answers.now, PackOpened(listed[row].seq))]

    def _cells(self, fact: Fact, event: Purchased, opened: datetime | None) -> list[str]:
        thing, unit = THINGS.get(event.thing, THINGS["other"]), self.answers.plans.units.get(fact.subject)
        amount = f"{event.amount:g} {thing.unit}" if event.amount else ""
        words = f"{event.words}, opened {opened:%-d %b %Y}".removeprefix(", ") if opened else event.words
        return [
            f"{fact.at:%d %b %Y}", thing.name, words, amount, unit.name if unit else "",
            money_text(event.pence, self.currency),
        ]  # fmt: skip

    def by_thing(self) -> list[tuple[str, int]]:
        return [(THINGS.get(k, THINGS["other"]).name, pence) for k, pence in spent_by_thing(self.answers.facts).items()]

    def by_month(self) -> list[tuple[str, int]]:
        return list(spent_by_month(self.answers.facts).items())

    def entered(self, thing: str, words: str, pence: int, amount: float, unit_id: str) -> Fact:
        """Raises PlanError for a senseless purchase."""
        return purchase(self.answers.now, thing, words, pence, amount, unit_id)

    def taken_back(self, row: int) -> list[Fact]:
        """The correction that takes a purchase out of the ledger."""
        listed = self.bought
        return [Fact(self.answers.now, Withdrawn((listed[row].seq,)))] if 0 <= row < len(listed) else []

    def shopping(self) -> Callable[[Progress], tuple[list[Item], str]]:
        """The work of a job: the list by the plan of the evenings, and why its days are not known where they are not."""
        answers = self.answers

        def work(_: Progress) -> tuple[list[Item], str]:
            timed: Sequence[TimedTask] = []
            why = "" if isinstance(answers.to_do, ToDo) else f"{answers.to_do.message} Days are not known."
            with suppress(PlanError):
                if isinstance(answers.to_do, ToDo):
                    timed = tonight(answers.to_do, answers.way, answers.now + timedelta(days=LOOKED_DAYS))
            return shopping_list(answers.plans, answers.history, answers.standing, timed, answers.now), why

        return work

    def stale_words(self) -> str:
        """What may have gone off."""
        old = stale(self.answers.facts, self.answers.now)
        if not old:
            return ""
        return (
            "May have gone off (defaults): "
            + "; ".join(f"{words}, good until {until:%-d %b %Y}" for words, until in old)
            + "."
        )

    def worth_words(self, machine_pence: int) -> list[tuple[str, str]]:
        """(what, from when on it pays) of every kit that is used, and of a machine at this price."""
        plans, costs = self.answers.plans, self.answers.costs
        used = {u.kit_id for u in plans.units.values() if plans.figures_of(u.id)}
        rows = []
        for kit in (k for k in plans.kits.values() if k.id in used):
            rows.append(
                (
                    f"{kit.name}, {money_text(kit.price_pence, self.currency)}",
                    _from(kit_pays_from(plans, costs, kit.id)),
                )
            )
        if machine_pence:
            words = _from(machine_pays_from(plans, costs, machine_pence))
            rows.append((f"A machine of {money_text(machine_pence, self.currency)}", words))
        return rows

    def first_plated(self) -> date:
        """When something of the next unit that is on no plate is first needed: when the plates that wait are through, today where none do."""
        runs = self.answers.to_do.runs.values() if isinstance(self.answers.to_do, ToDo) else ()
        return max((r.taken_off.date() for r in runs), default=self.answers.now.date())

    def waiting_words(self, price_pence: int, off: float, sale_on: date) -> str:
        """Whether to wait for a sale of a file or a kit, by when a plate could be free for it."""
        needed = self.first_plated()
        saves, days = waiting_pays(price_pence, off, sale_on, needed)
        saved = money_text(saves, self.currency)
        if days >= 0:
            return f"Wait: it saves {saved}, and plates that wait keep the machines until {needed:%-d %b} anyway."
        return f"Waiting saves {saved} and costs {counted(-days, 'day')}: machines are free from {needed:%-d %b}."

    def failed_words(self) -> list[tuple[str, str]]:
        """(plate, what its failed parts cost), the dearest first."""
        plans = self.answers.plans
        listed = failed_plates(
            plans, self.answers.standing.runs.values(), self.answers.run_factors, self.answers.prices
        )
        return [
            (f"{p.name}: {counted(lost, 'part')} failed", money_text(pence, self.currency)) for p, lost, pence in listed
        ]


def _from(number: int | None) -> str:
    return "not against what is bought" if number is None else f"pays from figure {number}"
