"""What a part is to be printed of, where the army has machines for resin and for plastic."""

from __future__ import annotations

from numerus.desk.session import Session
from numerus.desk.widgets.worded import ComboBox
from numerus.domain.parts import Part
from numerus.domain.printing.machines import OF_WORDS


class MadeOf(ComboBox):
    """One edit when another is chosen: the pose it had was for another machine, and goes."""

    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session, self.part = session, None
        self.setAccessibleName("What the part is printed of")
        self.setToolTip("It is posed, supported and laid for machines that print with it; its pose is worked out anew")
        for material, words in OF_WORDS.items():
            self.addItem(words, material)
        self.activated.connect(self._chosen)

    part: Part | None

    def look_at(self, part: Part) -> None:
        self.part = part
        self.setVisible(self.session.plans.is_mixed)
        self.setCurrentIndex(self.findData(self.session.plans.material_of(part)))

    def _chosen(self, number: int) -> None:
        part, material = self.part, self.itemData(number)
        if part is not None and material != self.session.plans.material_of(part):
            self.session.commit(f"{part.label} {OF_WORDS[material]}", [part.of_material(material)])
