"""Faults of a part as numbered pins; mending is shown before it is kept."""

from __future__ import annotations

from PyQt6.QtWidgets import QBoxLayout

from numerus.desk.stages.sort.part_tools.tool import PINS, Offer, Tool, beside, whole_thing
from numerus.desk.view3d.renderer import Thing
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.places import PlaceList
from numerus.errors import Progress
from numerus.geometry.repair.findings import Finding, findings
from numerus.geometry.repair.health import oriented
from numerus.geometry.repair.mending import Mended, mend
from numerus.printing.checks.print_check import MeshPrintCheck, check_mesh_print
from numerus.words import counted


class FaultsTool(Tool):
    """Faults as numbered pins; mending shown before it is kept."""

    title = "Health"

    def build(self) -> QBoxLayout:
        self.findings: list[Finding] | None = None
        self.mended: Mended | None = None
        self.left: list[Finding] = []  # of the mended mesh
        self.list = PlaceList(
            self.page.theme, "Faults of the part", "No fault was found: closed, right side out, in one piece."
        )
        self.list.chosen.connect(lambda _: self.page.draw())
        self.words = label("", "note", True)
        self.offer = Offer(
            ("Show it mended", self.show_mended),
            ("Keep the mended one", self.keep_mended),
            ("Leave it as it was", self.drop),
        )
        self.print_says = label("", "note", True)
        self.judge = button(
            "Judge as a ready print",
            self.judge_print,
            "link",
            "Printed as it stands, layer by layer: what begins in mid-air, what holds too little",
        )
        layout = column(self.list, self.words, self.offer, row(self.judge, -1), self.print_says, gap=8)
        layout.setStretch(0, 1)
        return layout

    def forget(self) -> None:
        self.findings, self.mended = None, None
        self.print_says.setText("")

    def begin(self) -> None:
        self._fill()
        if self.findings is None:
            mesh = self.page.mesh
            self.start("findings", "Looking for faults", lambda progress: findings(mesh), self._met)

    def _met(self, faults_met: list[Finding]) -> None:
        self.findings = faults_met
        self.list.show_lines([(f.text, _place_words(f.place_mm)) for f in faults_met])
        self._fill()

    def _fill(self) -> None:
        only_normal = all(f.code == "overlapping-shells" for f in self.findings or [])
        self.offer.stand(self.mended is not None, not only_normal)
        if self.mended is None:
            self.words.setText(
                "Shells that run into each other are usual in sculpts and count as one solid."
                if self.findings and only_normal
                else ""
            )
            return
        volumes = f"{self.mended.before_mm3 / 1000:.3f} ml before, {self.mended.after_mm3 / 1000:.3f} ml after"
        self.words.setText(
            f"{'; '.join(self.mended.done) or 'nothing had to be done'}. {volumes}. {self._left_words()} The file's own mesh is kept."
        )

    def _left_words(self) -> str:
        """Whether the check agrees that it is mended, else what is left and what to do next."""
        left = [f for f in self.left if f.code != "overlapping-shells"]
        if not left:
            return "Looked at again: no fault is left."
        first = f"{left[0].text}, {_place_words(left[0].place_mm)}"
        return f"Not whole yet, {counted(len(left), 'fault')} left: {first}. Cut there, or take another file."

    def judge_print(self) -> None:
        """A mesh that came with its supports, judged as one solid on the plate."""
        mesh, machine, resin = self.page.mesh, self.machine(), self.session.plans.resin
        self.start(
            "judge",
            "Printing it layer by layer",
            lambda progress: check_mesh_print(oriented(mesh)[0].dropped(), machine, resin),
            self._judged,
        )

    def _judged(self, proof: MeshPrintCheck) -> None:
        self.print_says.setText(proof.description)

    def show_mended(self) -> None:
        mesh = self.page.mesh

        def work(progress: Progress) -> tuple[Mended, list[Finding]]:
            mended = mend(mesh)
            return mended, findings(mended.mesh)

        self.start("mend", "Mending and looking again", work, self._mended)

    def _mended(self, outcome: tuple[Mended, list[Finding]]) -> None:
        self.mended, self.left = outcome
        self._fill()

    def drop(self) -> None:
        self.mended = None
        self._fill()
        self.page.draw()

    def keep_mended(self) -> None:
        if self.mended is not None:
            self.page.keep("mended", self.mended.mesh)

    def things(self) -> tuple[list[Thing], str]:
        if self.mended is None:
            return super().things()[0], counted(len(self.findings or []), "finding") if self.findings else ""
        before = self.page.mesh
        return [whole_thing(before), beside(before, self.mended.mesh)], "as it is, and mended"

    def pins(self) -> list[tuple[tuple[float, float, float], bool]]:
        return [(f.place_mm, n == self.list.at_line) for n, f in enumerate((self.findings or [])[:PINS])]


def _place_words(place: tuple[float, float, float]) -> str:
    return "at " + ", ".join(f"{v:.1f}" for v in place) + " mm"
