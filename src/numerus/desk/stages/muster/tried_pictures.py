"""What moves the date most and what would help, tried with the same dice; and what every drawing of a forecast is."""

from __future__ import annotations

from datetime import date

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.later import Later
from numerus.errors import NumerusError
from numerus.progress.forecasting.forecast import Forecast


def day(when: date) -> str:
    return f"{when:%a} {when.day} {when:%b}"


class ForecastDrawing(Drawing):
    """A drawing of the forecast; draws nothing where there is none."""

    def __init__(self, context: Context, name: str) -> None:
        super().__init__(context.theme, name)
        self.session = context.session

    def draw(self, painter: QPainter) -> None:
        forecast = self.session.answers.forecast
        if not isinstance(forecast, NumerusError):
            self.draw_forecast(painter, forecast)

    def draw_forecast(self, painter: QPainter, forecast: Forecast) -> None:
        raise NotImplementedError


LEVERS_SHOWN, LONG_NAME = 5, 27


class _Tried(ForecastDrawing):
    """What is tried with the dice again and again: in a turn of its own, and then drawn."""

    tried, after_ms = "", 0

    def __init__(self, context: Context, name: str) -> None:
        super().__init__(context, name)
        self.later = Later(self, self.update, context.jobs.turns, self.after_ms)

    def draw(self, painter: QPainter) -> None:
        forecast = self.session.answers.forecast
        if isinstance(forecast, NumerusError) or self.later.has(forecast, self.tried):
            super().draw(painter)


class Movers(_Tried):
    """What moves the middle outcome most: bars earlier and later."""

    tried, after_ms = "movers", 60

    def __init__(self, context: Context) -> None:
        super().__init__(context, "What moves the date most")
        self.hold("setMinimumHeight", 146)

    def draw_forecast(self, painter: QPainter, forecast: Forecast) -> None:
        self.text(painter, 0, 18, "What moves it most", 16, True)
        self.text(painter, 0, 33, f"days earlier or later than {day(forecast.middle)}", 11, colour="slate")
        middle = self.width() - 72.0
        most = max([1.0, *(max(-m.earlier, m.later) for m in forecast.movers)])
        self.text(painter, middle - 8, 33, "earlier", 11, colour="moss_ink", align=RIGHT)
        self.text(painter, middle + 8, 33, "later", 11, colour="brick")
        step = (self.height() - 42) / 5
        for number, mover in enumerate(forecast.movers):
            y = 42 + number * step
            self.text(painter, 0, y + step * 0.66, mover.name, 13, width=150)
            self.text(painter, 154, y + step * 0.66, mover.range_text, 11, colour="slate", width=middle - 228)
            early, late = 40 * -mover.earlier / most, 40 * mover.later / most
            self.bar(painter, middle - early, y + 3, early, step - 8, "moss")
            painter.fillRect(QRectF(middle, y + 3, late, step - 8), self.theme.colour("brickwash"))
            self.bar(painter, middle, y + 3, late, step - 8, "brick", False)
            if mover.earlier <= -0.05:
                self.text(painter, middle - early - 4, y + step * 0.62, f"−{-mover.earlier:.1f}", 11, align=RIGHT)
            if mover.later >= 0.05:
                self.text(painter, middle + late + 4, y + step * 0.62, f"+{mover.later:.1f}", 11)
            self.region(
                QRectF(0, y, self.width(), step),
                f"{mover.name}, one in ten either way ({mover.range_text}), everything else in the middle",
            )
        self.line(painter, middle, 40, middle, self.height() - 4, "ink", 1.2)


class Levers(_Tried):
    """What would help: the twenty dots again for each change; looking changes nothing."""

    tried, after_ms = "levers", 160

    def __init__(self, context: Context) -> None:
        super().__init__(context, "What would help")
        self.hold("setMinimumHeight", 146)

    def draw_forecast(self, painter: QPainter, forecast: Forecast) -> None:
        self.text(painter, 0, 18, "What would help", 16, True)
        self.text(painter, 0, 33, "each tried with the same dice; nothing is changed by looking", 11, colour="slate")
        step = (self.height() - 42) / LEVERS_SHOWN
        for number, lever in enumerate(forecast.levers[:LEVERS_SHOWN]):
            y = 42 + number * step
            size = 13 if len(lever.name) <= LONG_NAME else 11
            self.text(painter, 0, y + step * 0.66, lever.name, size, number == 0, width=self.width() - 146)
            for dot in range(20):
                x, row = self.width() - 138 + (dot % 10) * 8.6, y + step * 0.28 + (dot // 10) * 9
                good = dot < lever.in_time
                painter.setPen(QPen(self.theme.colour("moss" if good else "brick"), 1.2))
                painter.setBrush(self.theme.colour("moss") if good else Qt.BrushStyle.NoBrush)
                painter.drawEllipse(QPointF(x, row), 3, 3)
            self.text(painter, self.width(), y + step * 0.66, f"{lever.in_time} in 20", 11, True, align=RIGHT)
