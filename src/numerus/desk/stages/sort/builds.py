"""Builds: the grid with what fills it by hand or by rule, and the list of what is still to be printed."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace

from PyQt6.QtCore import QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QCursor, QPainter
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.stages.sort.builds_grid import BuildsGrid
from numerus.desk.stages.sort.kit_pictures import icon_of
from numerus.desk.stages.sort.shelves import letter
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.layout import button, clear, column, label, panel, row
from numerus.desk.widgets.worded import Menu
from numerus.domain.army import BOUGHT, NONE, BuildRule, Figure
from numerus.domain.parts import Part
from numerus.kit.builds import alike_builds, alternatives, broken, equals, parts_needed, rules_of, spread_builds
from numerus.kit.completeness import (
    completeness,
    odd_ones,
    sentence,
)  # fmt: skip
from numerus.progress.printing.plating import to_print
from numerus.words import counted


class PrintList(Drawing):
    """What is still to be printed: part, how many are owed, and how many spares are worth it."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Still to be printed")
        self.session = context.session
        self.setFocusPolicy(Qt.FocusPolicy.NoFocus)

    def draw(self, painter: QPainter) -> None:
        unit = self.session.unit
        lines = to_print(self.session.plans, self.session.answers.standing, unit.id) if unit else []
        if unit is None or not lines:
            self.text(painter, 0, 16, "Nothing: all of it lies on plates or is printed.", 11, colour="slate")
            return
        right = self.width() - 4
        for x, words in ((right - 52, "owed"), (right, "spares")):
            self.text(painter, x, 12, words, 11, colour="slate", align=RIGHT)
        rows = max(int((self.height() - 20) // 20), 1)
        shown = lines if len(lines) <= rows else lines[: rows - 1]
        for number, line in enumerate(shown):
            y, part = 32 + number * 20, self.session.plans.parts[line.part_id]
            name = part.label + ("" if line.posed else ", not posed")
            self.text(painter, 0, y, name, 13, width=right - 100)
            self.text(painter, right - 52, y, str(line.owed), 13, align=RIGHT)
            on_list = unit.spares.get(line.part_id, 0)
            self.text(painter, right, y, f"{on_list or line.spares or '–'}", 13, bool(on_list), align=RIGHT)
            frail = f"walls under 0.4 mm: {part.hair_mm2:.0f} mm², under 0.8 mm: {part.weak_mm2:.0f} mm²"
            self.region(QRectF(0, y - 14, right, 20), f"{name}: {frail}")
        if len(shown) < len(lines):
            more = sum(line.owed for line in lines[len(shown) :])
            self.text(
                painter,
                0,
                32 + len(shown) * 20,
                f"and {more} of {len(lines) - len(shown)} kinds more",
                11,
                colour="slate",
            )


class Builds(QWidget):
    """The grid with its rules beside it and the completeness line below. ``remove_slot``: takes a slot out of the unit;
    ``guest_wanted``: a figure, and the slot that a part of another kit is wanted in.
    """

    guest_wanted = pyqtSignal(object, str)

    def __init__(self, context: Context, remove_slot: Callable[[str], None]) -> None:
        super().__init__()
        self.remove_slot = remove_slot
        self.context, self.session, self.theme = context, context.session, context.theme
        self.grid = BuildsGrid(context, self.choose, self.choose_column)
        self.line, self.warnings = label("", "strong", True), label("", "note", True)
        self.list = PrintList(context)
        self.to_list = button(
            "Put it on the list", self.put_on_list, "", "Spares are printed with the plates that are made from now on"
        )
        self.rules = column(gap=2)
        side = column(
            label("Fill what is empty", "section"),
            row(
                button("All different", self.fill_gaps, "", "No two alike while there are combinations left"),
                button("All alike", self.fill_alike, "", "As the chosen figure, or the first"), gap=6,
            ),
            row(button("A part in so many figures …", self._ask_wanted, "link", "Two sergeants with the bell"), -1),
            4, label("Rules", "section"), self.rules,
            row(button("A rule …", self._ask_rule, "link", "Parts that must, or must not, go together"), -1),
            4, label("Still to be printed", "section"), self.list, self.to_list, gap=4,
        )  # fmt: skip
        side.setStretch(9, 1)
        box = panel(side)
        box.setFixedWidth(270)
        upper = row(self.grid, box, gap=20, margins=(16, 4, 16, 8))
        upper.setStretch(0, 1)
        drawer = panel(column(self.line, self.warnings, gap=4, margins=(16, 10, 16, 10)), "drawer")
        body = column(upper, drawer, gap=0)
        body.setStretch(0, 1)
        self.setLayout(body)

    def refresh(self) -> None:
        unit, plans = self.session.unit, self.session.plans
        if unit is None:
            return
        figures, copies = plans.figures_of(unit.id), self.session.answers.standing.copies
        report = completeness(unit, figures, {c for c, s in copies.items() if s.state != "owed"})
        self.line.setText(sentence(report, plans.figures, plans.parts))
        self.warnings.setText(self._warnings(figures))
        self._fill_rules()
        lines = to_print(plans, self.session.answers.standing, unit.id)
        owed, spares = sum(t.owed for t in lines), sum(t.spares for t in lines)
        words = f"Put {owed} and {counted(spares, 'spare')} on the list" if spares else f"{owed} owed; no spares needed"
        self.to_list.setText(words)
        self.to_list.setEnabled(bool(lines) and unit.spares != {t.part_id: t.spares for t in lines if t.spares})
        self.grid.update()
        self.list.update()

    def _warnings(self, figures: Sequence[Figure]) -> str:
        """Equal figures, odd ones out, broken rules; and what the marks mean where all is well."""
        unit, plans = self.session.unit, self.session.plans
        assert unit is not None
        words = []
        for owner, slot in odd_ones(unit, figures)[:2]:
            if slot in plans.figures[owner].build:
                words.append(f"{plans.figures[owner].name} has no {slot}, most others have one.")
        alike = equals(figures)
        if alike:
            names = ", ".join(f"{plans.figures[a].name} and {plans.figures[b].name}" for a, b in alike[:2])
            words.append(f"Built alike: {names}{' …' if len(alike) > 2 else ''}.")
        for figure in figures:
            for rule in broken(figure.build.values(), self._all_rules())[:1]:
                words.append(f"{figure.name}: {self._rule_words(rule)}.")
        return " ".join(words[:4]) or "A line under a part: open, on no plate; half, on a plate; full, printed."

    def _all_rules(self) -> list[BuildRule]:
        unit = self.session.unit
        kit = self.session.plans.kits.get(unit.kit_id) if unit else None
        return rules_of(unit, kit.relations if kit else ()) if unit else []

    def _rule_words(self, rule: BuildRule) -> str:
        one, other = (self.session.plans.parts.get(i) for i in (rule.a, rule.b))
        names = [p.label if p else "a part that is gone" for p in (one, other)]
        return f"{names[0]} {'needs' if rule.kind == 'needs' else 'never with'} {names[1]}"

    def _fill_rules(self) -> None:
        clear(self.rules)
        unit = self.session.unit
        assert unit is not None
        own = [(self._rule_words(r), lambda r=r: self._drop_rule(r)) for r in unit.rules]
        counts = parts_needed(self.session.plans.figures_of(unit.id))
        own += [(f"{self.session.plans.parts[i].label} in {counts[i]} of {n}", lambda i=i: self.want(i, 0))
                for i, n in unit.wanted.items() if i in self.session.plans.parts]  # fmt: skip
        for words, drop in own[:5]:
            self.rules.addLayout(row(label(words, "note"), -1, button("drop", drop, "link"), gap=4))
        clashes = len(self._all_rules()) - len(unit.rules)
        if clashes or not own:
            words = f"{counted(clashes, 'pair')} kept apart: they clash or do not meet" if clashes else "none yet"
            self.rules.addWidget(label(words, "note"))

    def _drop_rule(self, rule: BuildRule) -> None:
        unit = self.session.unit
        if unit is not None:
            self.session.commit("drop a rule", [replace(unit, rules=tuple(r for r in unit.rules if r != rule))])

    def add_rule(self, rule: BuildRule) -> None:
        unit = self.session.unit
        if unit is not None and rule not in unit.rules and rule.a != rule.b:
            self.session.commit(self._rule_words(rule), [replace(unit, rules=(*unit.rules, rule))])

    def want(self, part_id: str, number: int) -> None:
        """So many figures of the unit get the part; 0 leaves it free again."""
        unit = self.session.unit
        if unit is None:
            return
        wanted = {i: n for i, n in {**unit.wanted, part_id: number}.items() if n}
        self.session.commit(
            f"{self.session.plans.parts[part_id].label} in {number} figures", [replace(unit, wanted=wanted)]
        )

    def _needed_parts(self) -> list[Part]:
        unit = self.session.unit
        choices = alternatives(self.session.plans.parts.values(), unit) if unit else {}
        return [p for parts in choices.values() for p in parts]

    def _ask_rule(self) -> None:
        from numerus.desk.stages.sort.questions import RuleDialog

        asked = RuleDialog(self, self._needed_parts())
        if asked.exec():
            self.add_rule(asked.rule())

    def _ask_wanted(self) -> None:
        from numerus.desk.stages.sort.questions import WantedDialog

        unit = self.session.unit
        asked = WantedDialog(self, self._needed_parts(), len(self.session.plans.figures_of(unit.id)) if unit else 1)
        if asked.exec():
            self.want(*asked.answer())

    def choose(self, figure: Figure, slot: str) -> None:
        """Offer the alternatives for one slot of one figure."""
        unit = self.session.unit
        if unit is None:
            return
        menu = Menu(self)
        parts = alternatives(self.session.plans.parts.values(), unit)[slot]
        for part in parts:
            words = f"{letter(parts, part.id)}  {part.label}"
            menu.addAction(icon_of(self.session, part), words, lambda p=part.id: self.set_slot(figure, slot, p))
        menu.addAction("Bought, not printed", lambda: self.set_slot(figure, slot, BOUGHT))
        menu.addAction("Deliberately empty", lambda: self.set_slot(figure, slot, NONE))
        menu.addSeparator()
        menu.addAction("Of another kit …", lambda: self.guest_wanted.emit(figure, slot))
        menu.exec(QCursor.pos())

    def column_menu(self, slot: str) -> Menu:
        """What can be decided for a slot of all figures at once; parts that were chosen stay."""
        menu = Menu(self)
        menu.addAction("Deliberately empty where nothing is chosen", lambda: self.set_column(slot, NONE))
        menu.addAction("Bought where nothing is chosen", lambda: self.set_column(slot, BOUGHT))
        menu.addAction("Open again where it is empty or bought", lambda: self.open_column(slot))
        menu.addSeparator()
        menu.addAction(f"No {slot} in this unit: remove the slot", lambda: self.remove_slot(slot))
        return menu

    def choose_column(self, slot: str) -> None:
        self.column_menu(slot).exec(QCursor.pos())

    def _figures(self) -> list[Figure]:
        unit = self.session.unit
        return self.session.plans.figures_of(unit.id) if unit else []

    def set_column(self, slot: str, decision: str) -> None:
        open_ones = [replace(f, build={**f.build, slot: decision}) for f in self._figures() if slot not in f.build]
        words = "left empty" if decision == NONE else decision
        self.session.commit(f"{slot} {words} for {counted(len(open_ones), 'figure')}", open_ones)

    def open_column(self, slot: str) -> None:
        decided = [f for f in self._figures() if f.build.get(slot) in (NONE, BOUGHT)]
        opened = [replace(f, build={s: p for s, p in f.build.items() if s != slot}) for f in decided]
        self.session.commit(f"{slot} open for {counted(len(opened), 'figure')}", opened)

    def set_slot(self, figure: Figure, slot: str, part_id: str) -> None:
        changed = replace(figure, build={**figure.build, slot: part_id})
        self.session.commit(f"{slot} of {figure.name}", [changed])

    def fill_gaps(self) -> None:
        """Give every empty slot a part, so that figures differ; slots with no part at all stay and are named."""
        unit = self.session.unit
        if unit is None:
            return
        figures = self.session.plans.figures_of(unit.id)
        choices = alternatives(self.session.plans.parts.values(), unit)
        filled = spread_builds(figures, choices, self._all_rules(), unit.wanted)
        self.session.commit(f"fill the builds of {unit.name}", filled)

    def fill_alike(self) -> None:
        unit = self.session.unit
        figures = self.session.plans.figures_of(unit.id) if unit else []
        if unit is None or not figures:
            return
        like = next((f for f in figures if f.id == self.session.figure_id), figures[0])
        filled = alike_builds(figures, alternatives(self.session.plans.parts.values(), unit), like)
        self.session.commit(f"fill the builds of {unit.name} alike", filled)

    def put_on_list(self) -> None:
        """Spares by frailty are printed with what is owed."""
        unit = self.session.unit
        if unit is not None:
            lines = to_print(self.session.plans, self.session.answers.standing, unit.id)
            spares = {t.part_id: t.spares for t in lines if t.spares}
            self.session.commit(f"to-print list of {unit.name}", [replace(unit, spares=spares)])
