"""``./run bench``: every benchmark, or those whose name holds a word."""

from __future__ import annotations

import multiprocessing
import sys

from benchmarks.calendars import bills_of_400_calendars
from benchmarks.colours import a_rack_of_150_pots, mixes_against_one_figure_a_channel
from benchmarks.endurance import killed_two_hundred_times
from benchmarks.evenings import an_army_of_34_with_40_strokes, evenings_against_what_cannot_be_beaten
from benchmarks.figures import a_figure_seen_first, a_painted_figure, fields_of_a_build
from benchmarks.meshes import columns_against_sections, kit_relations, walls_and_mending, whole_plate
from benchmarks.printing import (
    a_load_under_the_lamp,
    diagnoses_of_seeded_weeks,
    hollowing,
    many_tips,
    packing_against_boxes,
    posing_and_supports,
)
from benchmarks.records import (
    a_century_of_journal,
    a_thousand_parts,
    answers,
    forecasts_of_seeded_campaigns,
    ten_years_and_forty_armies,
)
from benchmarks.window import five_hundred_refreshes, living_with_it, taking_off_thirty

ALL = (
    kit_relations, walls_and_mending, columns_against_sections, whole_plate,
    posing_and_supports, many_tips, hollowing, packing_against_boxes, a_load_under_the_lamp, diagnoses_of_seeded_weeks,
    bills_of_400_calendars, forecasts_of_seeded_campaigns, a_century_of_journal, ten_years_and_forty_armies, a_thousand_parts, answers,
    fields_of_a_build, a_painted_figure, a_figure_seen_first, mixes_against_one_figure_a_channel, a_rack_of_150_pots,
    evenings_against_what_cannot_be_beaten, an_army_of_34_with_40_strokes, taking_off_thirty, five_hundred_refreshes, living_with_it,
    killed_two_hundred_times,
)  # fmt: skip


def main() -> None:
    """Each benchmark in a process of its own, so that peak memory is its own."""
    wanted = sys.argv[1] if len(sys.argv) > 1 else ""
    context = multiprocessing.get_context("spawn")
    for bench in ALL:
        if wanted in bench.__name__:
            print(f"\n{bench.__doc__}", flush=True)
            child = context.Process(target=bench)
            child.start()
            child.join()


if __name__ == "__main__":
    main()
