"""Paint: the line of the batch, the rack of pots, the mixing of colours, each a page of the bench."""

from __future__ import annotations

from PyQt6.QtWidgets import QBoxLayout

from numerus.desk.context import Context
from numerus.desk.stages.paint.built_figures import BuiltFigures
from numerus.desk.stages.paint.figure.page import FigurePage
from numerus.desk.stages.paint.line.page import LinePage
from numerus.desk.stages.paint.looks.page import LooksPage
from numerus.desk.stages.paint.mix.page import MixPage
from numerus.desk.stages.paint.page_tab import PageTab
from numerus.desk.stages.paint.rack.page import RackPage
from numerus.desk.stages.paint.recipe.page import RecipePage
from numerus.desk.stages.paint.schools.page import SchoolsPage
from numerus.desk.stages.paint.value.page import ValuePage
from numerus.desk.stages.paint.zones.page import ZonesPage
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.layout import Pages, button, column
from numerus.desk.widgets.worded import PushButton

FIGURE, LINE, ZONES, SCHEME, SCHOOLS, RECIPE, VALUE, RACK, MIX = (
    "Figure", "Line", "Zones", "Scheme", "Schools", "Recipe", "Value", "Rack", "Mix",
)  # fmt: skip


class PaintBench(Bench):
    stage = "paint"

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer, self.page = renderer, FIGURE
        super().__init__(context)
        for tab in self.tabs.values():
            self.buttons.addWidget(tab)
        self.done_button = self._main(
            "Next stroke done",
            self.figure.done_next,
            "The next stroke of this zone, on every figure of the batch that is ready for it",
        )
        self.begin_button = self._main(
            "Bench mode   F11",
            self.line.open_bench_mode,
            "One stroke at a time in large letters; space or a foot pedal goes on",
        )
        self.add_pot_button = self._main(
            "Add a pot …", self.rack.add, "A pot with its name; what is not told is a default, and called one"
        )
        self.use_button = self.add_button(
            "Use in a stroke …", self.mix.use, "", "A stroke of the scheme is mixed so from now on"
        )
        self.school_button = self._main(
            "Paint it so",
            self.schools.keep,
            "The chosen school's strokes become the zone's recipe; undo brings the old one back",
        )
        self.look_button = self._main(
            "Take this one", self.looks.keep, "What is chosen is what the army is painted by; undo brings the old back"
        )
        self.keep_button = self._main(
            "Keep this mix …", self.mix.keep, "It gets a name and stands on the rack, for any recipe"
        )

    def _main(self, words: str, act: object, tip: str) -> PushButton:
        return self.add_button(words, act, "main", tip)

    @property
    def name_button(self) -> PushButton:
        """Names the skin that has no zone."""
        return self.figure.name_button

    def build(self) -> QBoxLayout:
        built = BuiltFigures(self.session)
        self.figure = FigurePage(self.context, self.renderer, built, self.with_meshes)
        self.line = LinePage(self.context, self.renderer, built, self.with_meshes)
        self.rack, self.mix = RackPage(self.context), MixPage(self.context)
        self.rack.wanted.connect(self._match)
        self.rack.poured.connect(self._pour)
        self.zones = ZonesPage(self.context, self.renderer, self.with_meshes)
        self.zones.told.connect(lambda words: self._told(ZONES, words))
        self.line.turned.connect(self.refresh)
        self.schools = SchoolsPage(self.context, built, self.with_meshes)
        self.value = ValuePage(self.context, built, self.with_meshes)
        self.looks = LooksPage(self.context, built, self.with_meshes)
        self.recipe = RecipePage(self.context, self.renderer, built, self.with_meshes)
        self.pages: dict[str, FigurePage | LinePage | ZonesPage | LooksPage | SchoolsPage | RecipePage | ValuePage | RackPage | MixPage] = {
            FIGURE: self.figure, LINE: self.line, ZONES: self.zones, SCHEME: self.looks,
            SCHOOLS: self.schools, RECIPE: self.recipe, VALUE: self.value, RACK: self.rack, MIX: self.mix,
        }  # fmt: skip
        self.tabs = {name: PageTab(name, lambda n=name: self.open_page(n)) for name in self.pages}
        self.stack = Pages()
        for page in self.pages.values():
            self.stack.addWidget(page)
        return column(self.stack)

    def open_mode(self) -> bool:
        shown = self.begin_button.isVisible()
        if shown:
            self.line.open_bench_mode()
        return shown

    def open_page(self, name: str) -> None:
        self.page = name
        self.refresh()

    def _pour(self, pot: str) -> None:
        """A pot of the rack into what is in hand."""
        self.open_page(MIX)
        self.mix.add_pot(pot)

    def _told(self, page: str, words: str) -> None:
        """What a page says of itself later, when it is still the one in view."""
        if self.page == page:
            self.subtitle.setText(words)

    def _match(self, pot: str) -> None:
        """Mixes that come near a pot of the rack."""
        self.mix.want_like(pot)
        self.open_page(MIX)

    def refresh(self) -> None:
        for name, tab in self.tabs.items():
            tab.setChecked(name == self.page)
        painted = self.figure.look()
        for widget, own in (
            (self.done_button, FIGURE),
            (self.begin_button, LINE),
            (self.add_pot_button, RACK),
            (self.use_button, MIX),
            (self.keep_button, MIX),
            (self.school_button, SCHOOLS),
            (self.look_button, SCHEME),
        ):
            widget.setVisible(own == self.page)
        self.done_button.setEnabled(bool(self.figure.state.zone_ids))
        if self.page in (FIGURE, LINE) and not painted:
            self.title.setText("Paint")
            self.subtitle.setText("")
            self.show_empty(
                "Nobody waits for paint. Primed figures come here and are painted as one batch.",
                button("See Prime", lambda: self.session.go("prime"), "main"), button("Open the rack", lambda: self.open_page(RACK)),
            )  # fmt: skip
            return
        self.show_full()
        page = self.pages[self.page]
        self.stack.setCurrentWidget(page)
        page.refresh()
        self.title.setText(self._heading)
        self.subtitle.setText(page.summary)

    @property
    def _heading(self) -> str:
        """Who is painted, or what the page is."""
        if self.page not in (FIGURE, LINE):
            return self.page
        across = self.page == LINE and self.line.state.across
        return f"Paint: {'all units' if across else self.figure.heading}"
