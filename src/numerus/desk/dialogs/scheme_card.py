"""The scheme on paper: every stroke with its swatch over dark and over pale and its drops, as PDF."""

from __future__ import annotations

from html import escape
from pathlib import Path

from PyQt6.QtCore import QUrl
from PyQt6.QtGui import QTextDocument

from numerus.desk.dialogs.bench_card import print_document
from numerus.desk.widgets.strokes import swatch
from numerus.domain.painting.recipes import Scheme
from numerus.domain.plans import Plans
from numerus.domain.stages import LEVEL_NAMES
from numerus.errors import PlanError
from numerus.paint.rack.batches import whole_drops
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import laid_um
from numerus.post.cautions import DEFER, cautions

SWATCH_PX = 200, 44


def scheme_document(scheme: Scheme, plans: Plans) -> QTextDocument:
    """A page or more: zone by zone."""
    document, rack = QTextDocument(), rack_of(plans)
    rows = []
    for recipe in scheme.recipes:
        rows.append(f"<tr><td colspan='4'><b>{escape(plans.zone_name(recipe.zone).capitalize())}</b></td></tr>")
        for step in recipe.steps:
            try:
                paint, drops = rack.pigment(step.mix), whole_drops(rack.shares(step.mix))
            except PlanError:
                rows.append(f"<tr><td>{escape(step.name)}</td><td colspan='3'><i>a paint of it is gone</i></td></tr>")
                continue
            name = f"swatch-{step.id}"
            image = swatch(paint, *SWATCH_PX, step.technique, laid_um(step))
            document.addResource(QTextDocument.ResourceType.ImageResource, QUrl(name), image)
            mix = " + ".join(f"{n} {rack.name_of(pot)}" for pot, n in drops.items())
            thin = f", thinned {step.thinner:g}" if step.thinner else ""
            how = f"{step.technique}, {step.coats} × , {step.tool}, dries {step.dries_min:.0f} min, {LEVEL_NAMES[step.level]}"
            rows.append(
                f"<tr><td>{escape(step.name)}</td><td><img src='{name}' width='100' height='22'></td>"
                f"<td>{escape(mix)}{thin}</td><td><small>{escape(how.replace(' × ,', ' coats,'))}</small></td></tr>"
            )
    warned = " · ".join(escape(c) for c in cautions("paint"))
    document.setHtml(
        f"<h2>{escape(scheme.name)}</h2><p>Over {escape(scheme.primer)}. Drops; swatches over dark and over pale.</p>"
        f"<table width='100%' cellpadding='2'>{''.join(rows)}</table><p><b>Mind</b><br>{warned}<br><i>{DEFER}</i></p>"
    )
    return document


def write_scheme_card(scheme: Scheme, plans: Plans, path: Path) -> None:
    """Raises BookError where it cannot be written."""
    print_document(scheme_document(scheme, plans), path)
