"""Figures as things to be drawn, in the colours they are given."""

from __future__ import annotations

from collections.abc import Callable

from numerus.desk.session import Session
from numerus.desk.view3d.renderer import Thing
from numerus.domain.army import Figure
from numerus.paint.zone_colours import Colours
from numerus.surface.zones import ZonedMesh


def figure_things(session: Session, figure: Figure, colour_of: Callable[[ZonedMesh], Colours]) -> list[Thing]:
    return things_of(zoned_parts(session, figure), colour_of)


def zoned_parts(session: Session, figure: Figure) -> list[ZonedMesh]:
    """The figure's parts with their zones."""
    return [session.zoned(session.plans.parts[p]) for p in figure.build.values() if p in session.plans.parts]


def things_of(parts: list[ZonedMesh], colour_of: Callable[[ZonedMesh], Colours]) -> list[Thing]:
    return [Thing(found.mesh, colour_of(found)) for found in parts]
