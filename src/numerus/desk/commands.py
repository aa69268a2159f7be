"""What the menus hold that is not the window's own: of the army, its figures, the benches and the book."""

from __future__ import annotations

from numerus.desk.actions import Actions
from numerus.desk.dialogs.command_list import Command
from numerus.desk.session import Session
from numerus.domain.stages import STAGES, TITLES


def army_commands(session: Session, actions: Actions) -> list[Command]:
    return [
        Command("Start an army …", "Army", actions.new_army, "Ctrl+N"),
        Command("Add a unit …", "Army", actions.add_unit, "Ctrl+U"),
        Command("Change the selected unit …", "Army", lambda: actions.edit_unit(session.unit_id), "Ctrl+E"),
        Command("How the selected unit went …", "Army", lambda: actions.review_unit(session.unit_id)),
        Command("The army as a page …", "Army", actions.ask_army_page),
        Command("Remove the selected figure", "Army", lambda: actions.remove_figure(session.figure_id)),
        Command("Remove the selected unit", "Army", lambda: actions.remove_unit(session.unit_id)),
        Command("Remove the kit of the selected unit", "Army", lambda: actions.remove_kit(session.unit_id)),
        Command("Undo", "Edit", session.undo, "Ctrl+Z"),
        Command("Redo", "Edit", session.redo, "Ctrl+Shift+Z"),
    ]


def figure_commands(session: Session, actions: Actions) -> list[Command]:
    return [
        Command("Add mesh files or an archive …", "Figure", actions.ask_import, "Ctrl+I"),
        Command("Add a folder of mesh files …", "Figure", actions.ask_import_folder, "Ctrl+Shift+I"),
        Command("Bits box …", "Figure", actions.bits_box),
        Command("It broke …", "Figure", actions.it_broke, "Ctrl+B"),
        Command("Its primer rubbed off", "Figure", lambda: actions.primer_rubbed_off(session.figure_id)),
    ]


def stage_commands(session: Session) -> list[Command]:
    """A bench each, by number."""
    return [
        Command(TITLES[s], "Bench", lambda s=s: session.go(s), f"Alt+{n + 1}" if n < 9 else f"Alt+Shift+{n - 8}")
        for n, s in enumerate(STAGES)
    ]
