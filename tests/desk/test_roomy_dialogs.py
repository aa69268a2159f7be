"""Dialogs with text half as large again, on a screen of 1280 by 800: none is larger than that, none loses words."""

from __future__ import annotations

from collections.abc import Callable

import pytest
from cut_words import DrawnText, cut_widgets
from PyQt6.QtCore import QSize
from PyQt6.QtWidgets import QApplication, QDialog, QScrollArea

from numerus.desk.choosing.choosing_dialog import ChoosingDialog
from numerus.desk.dialogs.army_and_unit import ArmyDialog, UnitDialog
from numerus.desk.dialogs.as_table import PicturesInView
from numerus.desk.dialogs.bench_air import BenchAirDialog
from numerus.desk.dialogs.bits import BitsDialog
from numerus.desk.dialogs.broke import BrokeDialog
from numerus.desk.dialogs.review import ReviewDialog
from numerus.desk.dialogs.tables import scheme_dialog
from numerus.desk.express.express_dialog import ExpressDialog
from numerus.desk.machines.profiles import ProfilesDialog
from numerus.desk.money.money_dialog import MoneyDialog
from numerus.desk.money.quote import QuoteDialog
from numerus.desk.stages.build.warp_dialog import WarpDialog
from numerus.desk.stages.paint.colours.card_dialog import CardDialog
from numerus.desk.stages.paint.colours.colour_dialog import ColourDialog
from numerus.desk.stages.paint.recipe.effects_dialog import EffectsDialog
from numerus.desk.stages.prime.weather_dialog import WeatherDialog
from numerus.desk.stages.print.likelihoods import LikelihoodsDialog
from numerus.desk.stages.print.saving_dialog import SavingDialog
from numerus.desk.stages.print.trade_dialog import TradeDialog
from numerus.desk.stages.sort.base_dialog import BaseDialog
from numerus.desk.stages.sort.questions import KitDialog, RuleDialog, WantedDialog
from numerus.desk.stages.wash.bath_dialog import BathDialog
from numerus.desk.theme.resources import load_fonts
from numerus.desk.trainer.trainer_dialog import TrainerDialog
from numerus.desk.widgets.dialog import AROUND, Dialog
from numerus.desk.window import MainWindow
from numerus.paint.priming.weather import Air

SCREEN = QSize(1280, 800) - AROUND


def openers(w: MainWindow) -> dict[str, Callable[[], QDialog | None]]:
    session, context, plans = w.session, w.context, w.session.plans
    sort = w.benches["sort"]
    bell = plans.figures_of("bell")[0]
    parts = list(plans.parts.values())
    run = next(r for r in session.answers.standing.runs.values() if r.outcomes)
    failed = next(p for p in plans.plates[run.plate_id].placed if "torso" in p.slot)
    plate, machine = plans.plates[run.plate_id], next(iter(plans.machines.values()))
    air = Air(session.now, 18.0, 55.0, 2.0)
    return {
        "army": lambda: ArmyDialog(w, session.now.date(), list(plans.machines.values())),
        "unit": lambda: UnitDialog(w, plans, plans.units["lock"]),
        "choosing": lambda: ChoosingDialog(context, w.renderer, w),
        "express": lambda: ExpressDialog(context, w),
        "profiles": lambda: ProfilesDialog(context, w),
        "money": lambda: MoneyDialog(context, w),
        "quote": lambda: QuoteDialog(context, plans.units["bell"], w),
        "trade": lambda: TradeDialog(context, plate, machine, w),
        "saving": lambda: SavingDialog(context, w.renderer, failed, 0.0, w),
        "likelihoods": lambda: LikelihoodsDialog(context, w),
        "guest": lambda: sort.guest_dialog(bell, "right arm"),
        "bases": lambda: BaseDialog(context, w.renderer, sort, 28.5),
        "kit": lambda: KitDialog(sort, plans.kits["wickmen"], ""),
        "rule": lambda: RuleDialog(sort, parts),
        "wanted": lambda: WantedDialog(sort, parts, 10),
        "baths": lambda: BathDialog(w.benches["wash"].state, w),
        "weather": lambda: WeatherDialog(w, air, session.now),
        "warp": lambda: WarpDialog({p.slot: p for p in parts[:5]}, w),
        "card": lambda: CardDialog(context, w),
        "colour": lambda: ColourDialog(context, w),
        "effects": lambda: EffectsDialog("coat", [("lantern", "z")], w),
        "review": lambda: ReviewDialog(context, "lock", w),
        "broke": lambda: BrokeDialog(context, w.renderer, w),
        "air": lambda: BenchAirDialog(plans.army, w),
        "bits": lambda: BitsDialog(session, w),
        "scheme": lambda: scheme_dialog(w, session),
        "trainer": lambda: TrainerDialog(context, w.settings_path.with_name("practice.jsonl"), "print", w),
        "pictures": lambda: PicturesInView(w),
    }


def test_no_dialog_loses_words_when_text_is_larger(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """Shown, none is larger than the screen; labels, buttons and drawings are written whole, or scrolled to."""
    load_fonts()
    monkeypatch.setattr(Dialog, "room", property(lambda _: SCREEN))
    window.session.select("bell")
    window.session.go("wash")
    window.theme.set_scale(1.5)
    drawn = DrawnText(monkeypatch)
    lost: dict[str, set[str]] = {}
    for name, opened in openers(window).items():
        dialog = opened()
        if dialog is None:
            continue
        drawn.cut.clear()
        dialog.show()
        QApplication.processEvents()
        assert dialog.width() <= SCREEN.width() and dialog.height() <= SCREEN.height(), (name, dialog.size())
        lost[name] = drawn.cut | cut_widgets(dialog)
        dialog.close()
    assert not any(lost.values()), {name: words for name, words in lost.items() if words}


def test_what_has_no_room_on_a_screen_is_scrolled_to(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """On a tiny one; where there is room nothing scrolls."""
    monkeypatch.setattr(Dialog, "room", property(lambda _: QSize(500, 400)))
    small = MoneyDialog(window.context, window)
    small.show()
    assert (small.width(), small.height()) <= (500, 400)
    assert any(
        a.widget() is not None and a.widget().minimumSizeHint().height() > 350 for a in small.findChildren(QScrollArea)
    )
    monkeypatch.setattr(Dialog, "room", property(lambda _: QSize(3000, 2000)))
    large = BathDialog(window.benches["wash"].state, window)
    large.show()
    assert not large.findChildren(QScrollArea)
    small.close(), large.close()
