"""What every widget of the desk is given: the session, the theme, the jobs, what tells aloud. Passed in, never looked up."""

from __future__ import annotations

from dataclasses import dataclass

from numerus.desk.jobs import Jobs
from numerus.desk.session import Session
from numerus.desk.system.announcer import Announcer
from numerus.desk.theme.palette import Theme


@dataclass(frozen=True)
class Context:
    session: Session
    theme: Theme
    jobs: Jobs
    announcer: Announcer
