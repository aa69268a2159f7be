"""Errors with types: what happened, what was kept, what the user can do."""

from __future__ import annotations

from collections.abc import Callable
from typing import TypeVar

Answer = TypeVar("Answer")
Progress = Callable[[float], bool]
"""Told the share done, 0..1; answers whether to go on. Work that is told not to raises ``Cancelled``."""


class NumerusError(Exception):
    """A fault the user can mend.

    ``code`` is a short stable word for programs, ``message`` says what happened, ``advice`` what can be done and
    what was kept.
    """

    def __init__(self, code: str, message: str, advice: str = "") -> None:
        super().__init__(message)
        self.code, self.message, self.advice = code, message, advice

    def as_dict(self) -> dict[str, str]:
        return {"code": self.code, "text": f"{self.message} {self.advice}".strip()}


class MeshFileError(NumerusError):
    """A mesh file or archive cannot be read; nothing was changed."""


class GeometryError(NumerusError):
    """A shape cannot be worked on as asked."""


class PlanError(NumerusError):
    """A plan cannot hold: it does not fit, has no time, or contradicts itself."""


class BookError(NumerusError):
    """The book cannot be opened or written."""


class Cancelled(NumerusError):
    """The user cancelled long work; the last result is kept."""

    def __init__(self) -> None:
        super().__init__("cancelled", "Cancelled. The last result was kept.")


class PaintListError(NumerusError):
    """A list of paints cannot be read; nothing was changed."""


class PictureError(NumerusError):
    """A picture cannot be read, or does not show what is asked of it; nothing was changed."""


def answered(work: Callable[[Progress], Answer]) -> Callable[[Progress], Answer | NumerusError]:
    """Work whose fault is an answer, shown where it was asked for and not as the window's; told to stop, it stops."""

    def done(progress: Progress) -> Answer | NumerusError:
        try:
            return work(progress)
        except Cancelled:
            raise
        except NumerusError as error:
            return error.with_traceback(None)  # what it was worked on with goes

    return done
