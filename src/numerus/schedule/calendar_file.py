"""The watch bill as a calendar file (iCalendar, RFC 5545): starts to be made, runs, plates to be taken off."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from datetime import datetime, timedelta
from zoneinfo import ZoneInfo

from icalendar import Alarm, Calendar, Event

from numerus.domain.army import Army
from numerus.domain.printing.machines import Machine
from numerus.schedule.run_queue import ScheduledRun

REMIND = timedelta(minutes=5)


def calendar_of(
    scheduled_runs: Iterable[ScheduledRun], machines: Mapping[str, Machine], army: Army, now: datetime
) -> bytes:
    """One event for each run with a reminder before its start, and one for taking its plate off.

    Times are the army's zone's, or floating where it names none.
    """
    calendar = Calendar()
    calendar.add("prodid", "-//Numerus//watch bill//EN")
    calendar.add("version", "2.0")
    for scheduled in scheduled_runs:
        machine = machines[scheduled.machine_id]
        words = f"{scheduled.plate.name} on {machine.name}"
        turned = scheduled.taken_off + timedelta(minutes=machine.turn_round_min)
        calendar.add_component(
            _event(
                f"{scheduled.plate.id}-run", f"Print {words}", scheduled.start, scheduled.end, scheduled.why, army, now
            )
        )
        off = f"Take off {words}"
        description = "Gloves; mind the drips; check the vat for cured flakes before the next run."
        calendar.add_component(
            _event(f"{scheduled.plate.id}-off", off, scheduled.taken_off, turned, description, army, now)
        )
    return calendar.to_ical()


def _event(uid: str, title: str, start: datetime, end: datetime, description: str, army: Army, now: datetime) -> Event:
    event, zone = Event(), ZoneInfo(army.time_zone) if army.time_zone else None
    event.add("uid", f"{uid}@numerus")
    event.add("summary", title)
    event.add("dtstart", start.replace(tzinfo=zone, microsecond=0))
    event.add("dtend", end.replace(tzinfo=zone, microsecond=0))
    event.add("dtstamp", now.astimezone(ZoneInfo("UTC")).replace(microsecond=0))
    event.add("description", description)
    alarm = Alarm()
    alarm.add("action", "DISPLAY")
    alarm.add("description", title)
    alarm.add("trigger", -REMIND)
    event.add_component(alarm)
    return event
