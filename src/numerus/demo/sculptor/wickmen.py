"""The Wickmen's kit: which parts there are, how finely each is carved and how many faces it may have."""

from __future__ import annotations

from numerus.demo.kits import BASES, HEADS, LEFT, PACKS, RIGHT, STANCES, TORSOS
from numerus.demo.sculptor import arms, bases, bellringers, bodies, faces, gear
from numerus.demo.sculptor.modelling.shapes import Shape

Recipe = tuple[list[Shape], float, int]


def parts() -> dict[str, Recipe]:
    """File name -> shapes, cell in mm, face budget."""
    fine, finest = 0.12, 0.085
    recipes: dict[str, Recipe] = {f"base_{b}": (getattr(bases, f"base_{b}")(), 0.16, 14000) for b in BASES}
    recipes |= {f"legs_{s}": (bodies.legs(s), fine, 22000) for s in STANCES}
    recipes |= {f"torso_{t}": (bodies.torso(t), 0.11, 30000) for t in TORSOS}
    recipes |= {f"head_{h}": (getattr(faces, f"head_{h}")(), finest, 26000) for h in HEADS}
    recipes |= {f"arm_R_{r}": (getattr(arms, f"arm_R_{r}")(), fine, 18000) for r in RIGHT}
    recipes |= {f"arm_L_{a}": (getattr(arms, f"arm_L_{a}")(), fine, 16000) for a in LEFT}
    recipes |= {f"pack_{p}": (getattr(gear, f"pack_{p}")(), fine, 18000) for p in PACKS}
    return recipes | {
        "arm_R_greatbell": (bellringers.arm_R_greatbell(), fine, 24000),
        "arm_R_banner": (bellringers.arm_R_banner(), fine, 34000),
        "legs_boy": (bellringers.boy_legs(), fine, 20000),
        "torso_boy": (bellringers.boy_torso(), 0.11, 26000),
        "head_boy": (bellringers.boy_head(), finest, 24000),
        "arm_R_ladder": (bellringers.boy_arm_R_ladder(), fine, 26000),
        "arm_L_taper": (bellringers.boy_arm_L_taper(), fine, 14000),
    }
