"""The pictures that answer "will it be ready": twenty dots, what moves it, what would help, the units."""

from __future__ import annotations

from collections import Counter
from datetime import date, timedelta

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPainterPath, QPen

from numerus.desk.context import Context
from numerus.desk.stages.muster.tried_pictures import ForecastDrawing, day
from numerus.desk.theme.marks import draw_mark, draw_warning
from numerus.desk.translate import tr
from numerus.desk.widgets.drawing import CENTRE, RIGHT
from numerus.desk.widgets.later import Later
from numerus.desk.widgets.road import draw_road
from numerus.domain.money import money_text
from numerus.money.costs import Cost
from numerus.progress.forecasting.forecast import Forecast, UnitForecast
from numerus.schedule.attendance import hobby_minutes_per_day
from numerus.words import counted, hours


def learned_from(forecast: Forecast) -> str:
    """What the minutes of the forecast rest on, and what they do not count."""
    bare = f" {counted(forecast.uncounted, 'figure')} without parts: not counted yet." if forecast.uncounted else ""
    return _learned(forecast) + bare


def _learned(forecast: Forecast) -> str:
    if forecast.measured_steps:
        return f"From {counted(forecast.measured_steps, 'measured step')}."
    if forecast.ticked_weeks:
        return f"From {counted(forecast.ticked_weeks, 'week')} of ticked work; no step was timed."
    return "Minutes are defaults: no step was timed yet."


AFTER_MS = 260  # costs come after what moves the date and what would help, each in a turn of its own


class Outcomes(ForecastDrawing):
    """The answer in words, twenty dots against the date, hours set aside per day."""

    def __init__(self, context: Context) -> None:
        super().__init__(context, "Forecast: twenty equally likely ends")
        self.hold("setMinimumHeight", 196)

    def draw_forecast(self, painter: QPainter, forecast: Forecast) -> None:
        self._words(painter, forecast)
        days = self._span_days(forecast)
        left, right = 8.0, self.width() - 8.0
        step = (right - left) / days
        axis = self.height() - 62.0
        self._hours(painter, forecast, left, step, axis, days)
        self._dots(painter, forecast, left, step, axis)
        self._flag(painter, forecast, left, step, axis)

    def _words(self, painter: QPainter, forecast: Forecast) -> None:
        if forecast.nothing_left:
            self.text(painter, 0, 22, "All of it is ready", 22, True)
            self.paragraph(painter, QRectF(0, 32, self.width(), 40), "Nothing is left to do for hands or machines.", 13)
            return
        late = (forecast.middle - forecast.ready_by).days
        self.text(painter, 0, 22, f"{counted(forecast.in_time, 'chance')} in 20", 22, True)
        sure = (
            "Very likely all of it."
            if forecast.in_time >= 18
            else "Probably all of it."
            if forecast.in_time > 10
            else "Probably not all of it."
        )
        word = (
            f"{counted(late, 'day')} late"
            if late > 0
            else f"{counted(-late, 'day')} before the date"
            if late < 0
            else "on the day"
        )
        body = (
            f"{sure} The middle outcome is {day(forecast.middle)}, {word}. Half of the outcomes fall between {day(forecast.half[0])} "
            f"and {day(forecast.half[1])}, nine in ten between {day(forecast.most[0])} and {day(forecast.most[1])}."
        )
        room = self.height() - 62.0 - 32 - 24
        used = self.fitted(painter, QRectF(0, 32, self._text_width(forecast), room), body)
        left_says = f"{hours(forecast.hands_left_min)} of hands still to do; {hours(forecast.hands_there_min)} there are by the date."
        self.text(painter, 0, 32 + used + 17, left_says, 13, True)
        bias = (
            ""
            if forecast.bias_days is None
            else f" Earlier forecasts ran {abs(forecast.bias_days):.1f} days {'early' if forecast.bias_days > 0 else 'late'}."
        )
        self.text(painter, self.width(), 27, f"{learned_from(forecast)}{bias}", 11, colour="slate", align=RIGHT)
        tip = (
            "Twenty evenly spaced quantiles of 600 drawn futures: your minutes against the plan, evenings kept, "
            "failed parts and how busy the machines are, each within what your journal knows."
        )
        self.region(QRectF(0, 0, self.width() * 0.5, 32), tip)

    def _span_days(self, forecast: Forecast) -> int:
        last = max(forecast.dots[-1], forecast.ready_by, forecast.most[1]) + timedelta(days=4)
        return max((last - forecast.today).days, 7)

    def _text_width(self, forecast: Forecast) -> float:
        """Left of the date's flag, as wide as reads well."""
        flag = 8 + ((forecast.ready_by - forecast.today).days + 1) * (self.width() - 16.0) / self._span_days(forecast)
        return min(max(flag - 130, self.width() * 0.34), self.width() * 0.5)

    def _dots(self, painter: QPainter, forecast: Forecast, left: float, step: float, axis: float) -> None:
        self.text(painter, self.width(), 12, "One dot is one outcome in twenty", 11, colour="slate", align=RIGHT)
        radius = min(8.0, max(4.0, step * 0.47))
        stacks: Counter[int] = Counter()
        for when in forecast.dots:
            slot = round((when - forecast.today).days * step / (2 * radius + 2))
            x = left + (slot + 0.5) * (2 * radius + 2)
            y = axis - 12 - stacks[slot] * (2 * radius + 2)
            stacks[slot] += 1
            self._dot(painter, x, y, radius, when <= forecast.ready_by)
        x0, x1 = (left + ((d - forecast.today).days + 0.5) * step for d in forecast.half)
        a0, a1 = (left + ((d - forecast.today).days + 0.5) * step for d in forecast.most)
        self.line(painter, a0, axis - 1, a1, axis - 1, "slate", 1)
        self.line(painter, x0, axis - 1, x1, axis - 1, "ink", 4)

    def _dot(self, painter: QPainter, x: float, y: float, r: float, good: bool) -> None:
        painter.setPen(QPen(self.theme.colour("moss" if good else "brick"), 1.6))
        painter.setBrush(self.theme.colour("moss") if good else Qt.BrushStyle.NoBrush)
        painter.drawEllipse(QPointF(x, y), r - 1, r - 1)
        if good:
            painter.setPen(QPen(self.theme.colour("chalk"), 1.6))
            tick = QPainterPath(QPointF(x - r * 0.4, y))
            tick.lineTo(x - r * 0.1, y + r * 0.32)
            tick.lineTo(x + r * 0.42, y - r * 0.34)
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawPath(tick)
        else:
            self.line(painter, x - r * 0.4, y, x + r * 0.4, y, "brick", 1.6)

    def _hours(self, painter: QPainter, forecast: Forecast, left: float, step: float, axis: float, days: int) -> None:
        army = self.session.plans.army
        if army is None:
            return
        minutes = hobby_minutes_per_day(army, forecast.today, days)
        most = max([*minutes, 1])
        bottom = self.height() - 18.0
        for number, value in enumerate(minutes):
            when = forecast.today + timedelta(days=number)
            x = left + number * step
            if when.weekday() >= 5:
                painter.fillRect(QRectF(x, axis, step, bottom - axis), self.theme.colour("bed"))
            self.bar(
                painter,
                x + 1.5,
                bottom - 30 * value / most,
                step - 3,
                30 * value / most,
                "river",
                when <= forecast.ready_by,
            )
            if when.weekday() == 0 or number == 0:
                self.line(painter, x, bottom, x, bottom + 4, "slate")
                if number == 0 or 64 < number * step < days * step - 60:
                    self.text(painter, x, self.height() - 3, day(when), 11, colour="slate")
            self.region(QRectF(x, axis, step, bottom - axis), f"{day(when)}: {value} min of hobby time set aside")
        self.line(painter, left, bottom, left + days * step, bottom, "slate")
        self.line(painter, left, axis, left + days * step, axis, "slate")
        self.text(painter, left + 2, axis + 12, "Hours of hands set aside", 11, colour="slate")

    def _flag(self, painter: QPainter, forecast: Forecast, left: float, step: float, axis: float) -> None:
        x = left + ((forecast.ready_by - forecast.today).days + 1) * step
        top = 34.0
        self.line(painter, x, top, x, self.height() - 18, "ink", 1.6)
        words = tr(f"by {day(forecast.ready_by)}")
        painter.setFont(self.theme.drawn_font(13, True))
        wide = painter.fontMetrics().horizontalAdvance(words) + 18
        flag = QPainterPath(QPointF(x, top))
        for px, py in ((x - wide, top), (x - wide + 6, top + 11), (x - wide, top + 22), (x, top + 22)):
            flag.lineTo(px, py)
        flag.closeSubpath()
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("ink"))
        painter.drawPath(flag)
        self.text(painter, x - 7, top + 16, words, 13, True, "chalk", RIGHT)


class UnitsTable(ForecastDrawing):
    """Every unit: its road, likely date against the wanted one, hours and money. A row can be chosen."""

    def __init__(self, context: Context) -> None:
        super().__init__(context, "Units")
        self.base_words: dict[str, str] = {}  # by unit, what is wrong with its bases
        self.costs_later = Later(self, self.update, context.jobs.turns, AFTER_MS)
        self.hold("setMinimumHeight", 140)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)

    def draw_forecast(self, painter: QPainter, forecast: Forecast) -> None:
        wide = self.width()
        road = 166.0, 166.0 + min(200.0, wide * 0.27)
        ready, cost_x = road[1] + 22, wide - 0.0
        machine_x, hands_x = wide - 72, wide - 144
        axis = (ready + 88, hands_x - 62)
        self.text(painter, 0, 18, "Units", 16, True)
        cell = (road[1] - road[0]) / 12
        for name, at in (("Muster", 0), ("Print", 4), ("Paint", 9)):
            self.text(painter, road[0] + at * cell, 18, name, 11, colour="slate")
        for words, x, align in (
            ("likely ready", ready, "left"),
            ("hands", hands_x, RIGHT),
            ("machine", machine_x, RIGHT),
            ("cost", cost_x, RIGHT),
        ):
            self.text(painter, x, 18, words, 11, colour="slate", align=align)
        answers = self.session.answers
        costs = answers.costs if self.costs_later.has(answers, "costs") else {}
        step = min(26.0, (self.height() - 26) / max(len(forecast.units), 1))
        span = self._date_axis(painter, forecast, axis, step)
        for number, unit in enumerate(forecast.units):
            y = 26 + number * step
            self._row(painter, unit, y, step, road, ready, costs)
            self._when(painter, unit, forecast, y + step / 2, span)
            self.text(painter, hands_x, y + step * 0.66, hours(unit.hands_min), 13, align=RIGHT)
            self.text(
                painter,
                machine_x,
                y + step * 0.66,
                hours(unit.machine_min) if unit.machine_min else "–",
                13,
                align=RIGHT,
            )

    def _date_axis(self, painter: QPainter, forecast: Forecast, axis: tuple[float, float], step: float):  # type: ignore[no-untyped-def]
        first, last = forecast.today, max([forecast.ready_by, *(u.high for u in forecast.units)])
        days = max((last - first).days, 1)

        def x_of(when: date) -> float:
            return axis[0] + (axis[1] - axis[0]) * (when - first).days / days

        x, told = x_of(forecast.ready_by), f"{forecast.ready_by.day} {forecast.ready_by:%b}"
        if forecast.ready_by < first:  # it has passed: left of all that is drawn
            self.text(painter, axis[0], 18, f"‹ {told}", 11, align=CENTRE)
            return x_of
        self.text(painter, x, 18, told, 11, align=CENTRE)
        self.line(painter, x, 26, x, 26 + step * len(forecast.units), "ink", 1.4)
        return x_of

    def _when(self, painter: QPainter, unit: UnitForecast, forecast: Forecast, y: float, x_of) -> None:  # type: ignore[no-untyped-def]
        low, high = x_of(unit.low), x_of(unit.high)
        role = "brick" if unit.middle > forecast.ready_by else "slate"
        painter.fillRect(QRectF(low, y - 3, max(high - low, 4), 6), self.theme.colour(role))

    def _row(
        self, painter: QPainter, unit: UnitForecast, y: float, step: float, road: tuple[float, float], ready: float, costs: dict[str, Cost]
    ) -> None:  # fmt: skip
        plan = self.session.plans.units[unit.unit_id]
        box = QRectF(0, y, self.width(), step)
        if unit.unit_id == self.session.unit_id:
            painter.fillRect(box, self.theme.colour("riverwash"))
        self.line(painter, 0, y, self.width(), y)
        tone = self.theme.unit_colour(plan.mark)
        draw_mark(painter, plan.mark, 2, y + step / 2 - 8, 16, tone)
        bases = self.base_words.get(plan.id, "")
        self.text(painter, 24, y + step * 0.66, plan.name, 13, width=118 if bases else 136)
        if bases:
            draw_warning(painter, 147, y + step / 2 - 6, 12, self.theme.colour("tallow"), self.theme.colour("ink"))
        figures = self.session.answers.standing.of_unit(plan.id)
        draw_road(
            painter,
            self.theme,
            QRectF(road[0], y + 4, road[1] - road[0], step - 8),
            figures,
            tone,
            self.theme.drawn_font(11, True),
        )
        late = unit.middle > self.session.plans.army.ready_by
        done = unit.hands_min < 0.5
        self.text(
            painter, ready, y + step * 0.66, "ready" if done else day(unit.middle), 13, late, "brick" if late else "ink"
        )
        money = self.session.plans.army.currency
        total = money_text(costs[plan.id].total, money) if plan.id in costs else ""
        self.text(painter, self.width(), y + step * 0.66, total, 13, align=RIGHT)
        description = f"{plan.name}: nine in ten after {day(unit.low)} and before {day(unit.high)}"
        description += f". It {bases}" if bases else ""
        self.region(box, description, lambda: self.session.select(plan.id))
