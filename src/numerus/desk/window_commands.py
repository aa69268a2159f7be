"""What the window itself can do, as commands; and everything in it that can be found by its name."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PyQt6.QtWidgets import QMainWindow

from numerus.desk import openers
from numerus.desk.actions import Actions
from numerus.desk.commands import army_commands, figure_commands, stage_commands
from numerus.desk.context import Context
from numerus.desk.dialogs.command_list import Command
from numerus.desk.panels.errors import ErrorPanel
from numerus.desk.panels.orders import OrdersPanel
from numerus.desk.panels.walk import Walk
from numerus.desk.session import Session
from numerus.desk.stages.benches import Benches
from numerus.desk.system.language import ENGLISH, own_name
from numerus.desk.theme.palette import Theme
from numerus.desk.view3d.renderer import Renderer
from numerus.language.catalogue import languages

PRACTICE = "practice.jsonl"  # beside the settings: what was practised is of the person, not of a book


class Commanded(QMainWindow):
    """What commands need of the window they are of. ``spoken``: the code of its language."""

    context: Context
    session: Session
    theme: Theme
    renderer: Renderer
    user_actions: Actions
    benches: Benches
    orders: OrdersPanel
    errors: ErrorPanel
    walk: Walk
    settings_path: Path
    commands: list[Command]

    @property
    def spoken(self) -> str:
        raise NotImplementedError

    def find(self) -> None:
        """The searchable list of commands, units, figures and parts."""
        raise NotImplementedError

    def main_action(self) -> None:
        """What the bench in view is for, with one key."""
        raise NotImplementedError

    def hold_still(self, still: bool, chosen: bool = True) -> None:
        """Less moves, or as usual; remembered where it was ``chosen`` here and not the desktop's wish."""
        raise NotImplementedError

    def speak(self, code: str) -> None:
        """Another language of the window, from now on."""
        raise NotImplementedError

    def scale_text(self, by: float) -> None:
        raise NotImplementedError


def window_commands(window: Commanded) -> list[Command]:
    """All that the menus hold; within each they stand in this order."""
    session, actions = window.session, window.user_actions
    return [
        *army_commands(session, actions),
        Command("Find a command or figure …", "Edit", window.find, "Ctrl+F"),
        *figure_commands(session, actions),
        *stage_commands(session),
        *_of_benches(window),
        *_of_books(window),
        *_of_the_view(window),
        Command("Choose what to print …", "Army",
                lambda: openers.choose_what_to_print(window.context, window.renderer, window)),
        Command("The express way …", "Army", lambda: openers.express_way(window.context, window), "Ctrl+Shift+E"),
        Command("Handbook", "Help", lambda: openers.handbook(window, session.stage), "F1"),
        Command("Command list", "Help", window.find, "Ctrl+J"),
        Command("A short walk", "Help", window.walk.take),
        Command("A report to send …", "Help", lambda: actions.ask_report(window.errors.said)),
    ]  # fmt: skip


def _of_benches(window: Commanded) -> list[Command]:
    context = window.context
    return [
        Command("Main action of the bench", "Bench", window.main_action, "Ctrl+Return"),
        Command("Print the bench card …", "Bench", lambda: openers.bench_card(context, window), "Ctrl+P"),
        Command("Bench mode", "Bench", lambda: _bench_mode(window), "F11"),
        Command("Practise …", "Bench", lambda: _practise(window), "F9"),
        Command("Paint rack", "Bench", lambda: _paint_page(window, "Rack"), "Ctrl+R"),
        Command("Mix a colour", "Bench", lambda: _paint_page(window, "Mix"), "Ctrl+Shift+R"),
    ]


def _of_books(window: Commanded) -> list[Command]:
    context, actions = window.context, window.user_actions
    return [
        Command("Open the demo army", "Book", actions.open_demo, "Ctrl+D"),
        Command("Open a book …", "Book", actions.ask_open, "Ctrl+O"),
        Command("Close the book", "Book", lambda: window.session.open(None), "Ctrl+W"),
        Command("Leave", "Book", window.close, "Ctrl+Q"),
        Command("Machines and stores …", "Book", lambda: openers.machines_and_stores(context, window), "Ctrl+M"),
        Command("Scheme …", "Book", lambda: openers.edit_scheme(context, window), "Ctrl+K"),
    ]


def _of_the_view(window: Commanded) -> list[Command]:
    theme, announcer, orders = window.theme, window.context.announcer, window.orders
    return [
        Command("Lamplight", "View", lambda: theme.set_lamplight(not theme.lamplight), "Ctrl+L", lambda: theme.lamplight),
        Command("Silent", "View", announcer.hush, "", lambda: announcer.silent),
        Command("Less motion", "View", lambda: window.hold_still(not theme.still), "", lambda: theme.still),
        *(
            Command(own_name(code), "View", lambda c=code: window.speak(c), "", lambda c=code: c == window.spoken)
            for code in (ENGLISH, *languages())
        ),
        Command("Larger text", "View", lambda: window.scale_text(0.125), "Ctrl++"),
        Command("Smaller text", "View", lambda: window.scale_text(-0.125), "Ctrl+-"),
        Command("Fold the orders", "View", lambda: orders.fold(orders.full.isVisible()), "F8"),
        Command("Pictures as tables …", "View", lambda: openers.pictures_as_tables(window), "F6"),
    ]  # fmt: skip


def found_by_name(window: Commanded) -> list[tuple[str, str, Callable[[], object]]]:
    """What a few letters find: commands, buttons of the bench in view, units, figures and parts: name, what it is, the way to it."""
    session, plans, bench = window.session, window.session.plans, window.benches[window.session.stage]
    entries: list[tuple[str, str, Callable[[], object]]] = [(c.title, c.shortcut or c.menu, c.act) for c in window.commands]
    entries += [(words, "on this bench", b.click) for words, b in bench.actions_in_view()]
    entries += [(u.name, "unit", lambda u=u: session.select(u.id)) for u in plans.units.values()]
    entries += [(f.name, "figure", lambda f=f: session.select(f.unit_id, f.id)) for f in plans.figures.values()]
    entries += [(p.name, f"part, {p.slot}", lambda p=p: _show_part(window, p.id)) for p in plans.parts.values()]
    return entries


def _show_part(window: Commanded, part_id: str) -> None:
    window.session.select(part_id=part_id)
    window.session.go("pose")


def _practise(window: Commanded) -> None:
    """Exercises, those of the bench in view first."""
    openers.practise(window.context, window.settings_path.with_name(PRACTICE), window.session.stage, window)


def _bench_mode(window: Commanded) -> None:
    """The steps of the bench in view over the whole screen, else the painting line."""
    if not window.benches[window.session.stage].open_mode():
        _paint_page(window, "Line")
        window.benches["paint"].open_mode()


def _paint_page(window: Commanded, name: str) -> None:
    """A page of the bench of paint, from wherever one is."""
    from numerus.desk.stages.paint.bench import PaintBench  # read with the bench, not with the window

    window.session.go("paint")
    bench = window.benches["paint"]
    if isinstance(bench, PaintBench):
        bench.open_page(name)
