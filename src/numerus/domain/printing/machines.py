"""Machines and resins as plain values. Every default is editable and is corrected by what the journal measures."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import date, datetime

RESIN = "resin"
FILAMENT = "filament"
OF_WORDS = {RESIN: "of resin", FILAMENT: "of plastic"}


@dataclass(frozen=True)
class Machine:
    """A printer: plate and pixel in mm, times in s, speeds in mm/min. Bottom layers have figures of their own.

    ``peg_play_mm``: what a peg needs around it to go into its socket; coarse screens print pegs fatter. ``support_style``: how
    its parts are supported unless it is said otherwise.
    """

    id: str
    name: str
    plate_x_mm: float = 143.0
    plate_y_mm: float = 89.0
    height_mm: float = 175.0
    pixel_mm: float = 0.035
    layer_mm: float = 0.05
    exposure_s: float = 2.4
    bottom_exposure_s: float = 28.0
    bottom_layers: int = 5
    rest_before_s: float = 0.5
    rest_after_s: float = 0.4
    lift_mm: float = 6.0
    lift_mm_per_min: float = 90.0
    bottom_lift_mm_per_min: float = 60.0
    retract_mm_per_min: float = 180.0
    start_end_s: float = 90.0
    vat_min_ml: float = 150.0
    vat_full_ml: float = 450.0
    power_w: float = 55.0
    peg_play_mm: float = 0.15
    support_style: str = "balanced"
    film_layers: int = 60_000
    screen_h: float = 2000.0  # of light, after which screens of this kind grow dim
    film: str = ""
    film_pull: float = 1.0  # how hard the film holds on beside a usual one
    kind: str = RESIN  # or "filament": what follows is of plastic alone
    nozzle_mm: float = 0.25
    wall_mm_per_s: float = 35.0  # along outlines that are seen
    fill_mm_per_s: float = 60.0
    travel_mm_per_s: float = 150.0
    retract_s: float = 0.25  # back and forward again, at every hop
    walls: int = 2
    fill_share: float = 0.2  # of what lies inside walls, floors and roofs
    head_mm: float = 35.0  # from the nozzle to what sticks out beside it
    gantry_mm: float = 30.0  # what is finished beside it may be no higher
    filament_mm: float = 1.75
    foot_mm: float = 0.15  # how much wider its first layer comes out
    plastic_g_per_ml: float = 1.24
    plastic_pence_per_kg: int = 2200
    xy_comp_mm: float = 0.0  # how much an outline is drawn in, from calibration
    scale_xy: float = 1.0
    least_pin_mm: float = (
        0.0  # that stood, and the least slot that stayed open, on a test piece; 0: nobody has measured
    )
    least_slot_mm: float = 0.0
    least_letter_mm: float = 0.0  # height of the least letters that could be read
    in_service: bool = True
    back_on: str = (
        ""  # out of service, the day it is mended, when a spare part has come: 2026-03-14; "" where nobody knows
    )
    levels_by: str = "paper"
    removes_with: str = "metal"
    vat_looked_at: str = "scraper"
    turn_round_min: float = 15.0  # a plate off, the vat looked at, the next on; a second plate makes it short
    unheated: bool = False  # it stands where the nights are cold
    room_c: float = 0.0  # as measured where it stands and typed; 0: nobody has told
    link: str = ""  # how its state is read: "" simulated, or the folder a bridge writes to
    bad_spots: tuple[tuple[float, float, float], ...] = ()  # x, y, radius in mm from the plate's corner

    @property
    def is_dry(self) -> bool:
        """Of plastic: what comes off it is neither washed nor lit."""
        return self.kind == FILAMENT

    def serves_from(self, now: datetime) -> datetime | None:
        """When runs can be planned on it: at once, from the day it is mended, or nobody knows."""
        if self.in_service:
            return now
        return max(now, datetime.fromisoformat(self.back_on)) if self.back_on else None

    def service_words(self, now: datetime) -> str:
        """Why it does not print now, "" where it does."""
        since = self.serves_from(now)
        if since is None:
            return "out of service"
        return f"out until {since:%a %-d %b}" if since > now else ""


@dataclass(frozen=True)
class Resin:
    """A resin: density, price, how far a layer reaches without support, how much clings, how it pulls and holds."""

    id: str
    name: str
    density_g_per_ml: float = 1.1
    pence_per_l: int = 2800
    reach_mm: float = 0.3
    cling_share: float = 0.10
    pull_n_per_mm2: float = 0.03  # at a lift of one millimetre a second
    peel_n_per_mm: float = 0.006  # of outline, where the film lets go first
    tip_n_per_mm2: float = 9.0
    cure: str = "standard"  # "standard", "tough" or "water-washable": what it is washed with, how long it cures
    least_c: float = 20.0
    settles_days: float = 3.0  # after which it wants stirring
    film_mm: float = 0.08  # of it that clings after dripping off, on parts and supports
    dose_j_per_cm2: float = 1.2  # of light until it is cured
    brittle_j_per_cm2: float = 8.0  # of light from which on it breaks and yellows


@dataclass(frozen=True)
class Film:
    """A film for the vat's floor: layers it lasts, and how hard it holds on beside a usual one."""

    id: str
    name: str
    layers: int = 60_000
    pull_share: float = 1.0


@dataclass(frozen=True)
class Bottle:
    """Resin in store: what it is, how much when it was full, bought, opened and good until when."""

    id: str
    resin_id: str
    ml: float
    bought: date
    opened: date | None = None
    expires: date | None = None
