"""Faster or surer in the real window: a waiting plate by other settings, one of them set, taken back."""

from __future__ import annotations

import pytest

from numerus.desk.stages.print.trade_dialog import TradeDialog
from numerus.desk.window import MainWindow
from numerus.domain.journal import RunStarted
from numerus.printing.runs.settings_trade import Setting


@pytest.fixture
def dialog(window: MainWindow) -> TradeDialog:
    window.session.go("print")
    bench = window.benches["print"]
    bench.choose(bench.state.scheduled_runs[0].plate.id)
    assert not bench.trade_button.isHidden()
    return bench.trade_dialog()


def test_a_setting_is_weighed_and_set_with_what_waits(dialog: TradeDialog, window: MainWindow) -> None:
    """The least of hours is offered; faster fails oftener; set, the machine and its plates' minutes follow in one edit."""
    session, own = window.session, dialog.machine
    assert dialog.trades[dialog.at_row].net_min == min(t.net_min for t in dialog.trades)
    fastest = max(range(len(dialog.trades)), key=lambda n: dialog.trades[n].setting.lift_mm_per_min)
    dialog.choose(fastest)
    one = dialog.trades[fastest]
    assert one.failures > dialog.trades[0].failures and one.minutes < dialog.trades[0].minutes
    dialog.grab()
    plate = next(
        p
        for p in session.plans.plates.values()
        if p.machine_id == own.id and p.id == window.benches["print"].state.plate_id
    )
    dialog.set_machine()
    assert Setting.of(session.plans.machines[own.id]) == one.setting
    assert session.plans.plates[plate.id].minutes < plate.minutes
    session.undo()
    assert session.plans.machines[own.id] == own and session.plans.plates[plate.id] == plate
    dialog.choose(0)
    assert not dialog.set_button.isEnabled()


def test_a_run_says_with_which_settings_it_began(window: MainWindow) -> None:
    """So that what came off teaches those."""
    window.session.go("print")
    bench = window.benches["print"]
    hanging = next(r for r in bench.state.runs if r.state == "hanging")
    bench.choose(hanging.plate_id)
    bench.off_button.click()
    bench.off.record()  # its machine is free now
    run = next(r for r in bench.state.scheduled_runs if r.machine_id == hanging.machine_id)
    bench.choose(run.plate.id)
    _, facts = bench.state.started("r-new", window.session.now, None)
    event = facts[0].event
    assert isinstance(event, RunStarted)
    assert event.settings == tuple(Setting.of(window.session.plans.machines[run.machine_id]))
