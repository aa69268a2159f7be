"""Dialogs the menus open: what each needs is read when it is opened, so that the window need not wait for it."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.view3d.renderer import Renderer


def choose_what_to_print(context: Context, renderer: Renderer, parent: QWidget) -> None:
    from numerus.desk.choosing.choosing_dialog import ChoosingDialog

    ChoosingDialog(context, renderer, parent).exec()


def express_way(context: Context, parent: QWidget) -> None:
    from numerus.desk.express.express_dialog import ExpressDialog

    ExpressDialog(context, parent).exec()


def machines_and_stores(context: Context, parent: QWidget) -> None:
    from numerus.desk.machines.profiles import show_profiles

    show_profiles(context, parent)


def practise(context: Context, record: Path, stage: str, parent: QWidget) -> None:
    """Exercises, those of the bench in view first."""
    from numerus.desk.trainer.trainer_dialog import TrainerDialog

    TrainerDialog(context, record, stage, parent).exec()


def edit_scheme(context: Context, parent: QWidget) -> None:
    from numerus.desk.dialogs.tables import scheme_dialog

    dialog = scheme_dialog(parent, context.session)
    if dialog is not None:
        dialog.exec()


def pictures_as_tables(parent: QWidget) -> None:
    from numerus.desk.dialogs.as_table import PicturesInView

    PicturesInView(parent).exec()


def bench_card(context: Context, parent: QWidget) -> None:
    from numerus.desk.dialogs.bench_card import print_bench_card

    print_bench_card(context.session, parent)


def handbook(parent: QWidget, stage: str) -> None:
    from numerus.desk.dialogs.handbook import show_handbook

    show_handbook(parent, stage)
