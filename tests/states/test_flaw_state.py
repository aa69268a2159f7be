"""What was done about places on a figure, without a window."""

from helpers import EVENING
from numerus.book.book import Book
from numerus.desk.answers import Answers
from numerus.desk.stages.build.flaw_state import FlawState
from numerus.desk.stages.finish.last_look_state import LastLookState
from numerus.progress.done_facts import step
from numerus.progress.history import History


def test_what_was_done_about_a_place_is_known_when_old_entries_were_let_go(demo: Book) -> None:
    """Mended after it was left, it is mended; sides that were ticked stay ticked."""
    own = next(iter(demo.plans.figures))
    told = [("flaw", "scar torso 0: leave it"), ("flaw", "scar torso 0: snip flush and sand"), ("look", "front")]
    history = History.of([step(stage, (own,), 1.0, EVENING, key) for stage, key in told])
    history.settle()
    assert history.facts == []
    answers = Answers(demo.plans, history, EVENING)
    flaws, last = FlawState(), LastLookState()
    flaws.look(answers, own, ())
    last.look(answers, own, ())
    assert flaws.dealt == last.dealt == {"scar torso 0": "snip flush and sand"} and last.seen == {"front"}
