"""What every widget of the desk is given: the session, the theme, the jobs. Passed in, never looked up."""

from __future__ import annotations

from dataclasses import dataclass

from numerus.desk.jobs import Jobs
from numerus.desk.session import Session
from numerus.desk.theme.palette import Theme


@dataclass(frozen=True)
class Context:
    session: Session
    theme: Theme
    jobs: Jobs
