"""Displacements: what a surface is worked with. Each takes points (n, 3) to about -1..1, outward positive."""

from __future__ import annotations

import numpy as np

from numerus.demo.sculptor.modelling.shapes import Field
from numerus.geometry.mesh import Floats


def _ridge(t: Floats, share: float) -> Floats:
    """-1 in a narrow groove round every whole number of ``t``, 0 elsewhere."""
    off = np.abs(t - np.round(t))
    return -np.clip(1 - off / share, 0, 1)


def planks(
    along: tuple[float, float, float], across: tuple[float, float, float], wide: float, gap: float = 0.09
) -> Field:
    """Boards ``wide`` mm across with grain, ``gap`` of their width open between them."""
    u, v = np.asarray(along, float), np.asarray(across, float)

    def pattern(p: Floats) -> Floats:
        a, t = p @ u, p @ v / wide
        board = np.round(t - 0.5)
        grain = 0.16 * np.sin(2.3 * a + 9 * np.sin(board * 1.7) + 3 * np.sin(0.9 * a + board))
        return 0.9 * _ridge(t, gap) + grain * np.sin(7 * t + 2 * np.sin(0.6 * a)) + 0.12 * np.sin(board * 12.9)

    return pattern


def shingles(down: tuple[float, float, float], across: tuple[float, float, float], high: float, wide: float) -> Field:
    """Overlapping rows that step outward toward their lower edge; also feathers, when they are narrow."""
    u, v = np.asarray(down, float), np.asarray(across, float)

    def pattern(p: Floats) -> Floats:
        t = p @ u / high
        row = np.floor(t)
        s = p @ v / wide + 0.5 * (row % 2)
        bow = 0.18 * np.cos(2 * np.pi * (s - np.round(s)))  # each tongue's lower edge is rounded
        step = np.clip(t - row + bow, 0, 1)
        return step + 0.7 * _ridge(s, 0.07) - 0.5

    return pattern


def cobbles(size: float, seed: int, top: float) -> Field:
    """Round stones of about ``size`` mm seen from above, cut into the top side only: 0 on a stone, to -1 between."""
    rng = np.random.default_rng(seed)
    n = 40
    jitter = rng.uniform(-0.3, 0.3, (n, n, 2))

    def pattern(p: Floats) -> Floats:
        q = p[:, :2] / size + n // 2
        first, second = np.full(len(q), 9.0), np.full(len(q), 9.0)
        cell = np.floor(q).astype(int)
        for dx in (-1, 0, 1):
            for dy in (-1, 0, 1):
                i, j = (cell[:, 0] + dx) % n, (cell[:, 1] + dy) % n
                centre = np.stack([cell[:, 0] + dx, cell[:, 1] + dy], axis=1) + 0.5 + jitter[i, j]
                d = np.linalg.norm(q - centre, axis=1)
                second = np.minimum(second, np.maximum(first, d))
                first = np.minimum(first, d)
        joint = np.clip(1 - (second - first) / 0.34, 0, 1)
        dome = np.clip(first - 0.2, 0, 1) * 0.35
        return np.where(p[:, 2] > top, -np.clip(joint**1.5 + dome, 0, 1), 0)

    return pattern


def strands(along: tuple[float, float, float], across: tuple[float, float, float], wide: float) -> Field:
    """Hair or thatch: wavy strands ``wide`` mm apart."""
    u, v = np.asarray(along, float), np.asarray(across, float)

    def pattern(p: Floats) -> Floats:
        a, s = p @ u, p @ v / wide
        return 0.6 * np.sin(2 * np.pi * s + 1.2 * np.sin(0.9 * a)) + 0.4 * np.sin(4.7 * s + 0.8 * a)

    return pattern


def cloth(amount_z: float = 1.0) -> Field:
    """Quiet unevenness of heavy cloth, so that no coat is a machined cone."""

    def pattern(p: Floats) -> Floats:
        x, y, z = p.T
        return 0.5 * np.sin(0.9 * x + 1.3 * np.sin(0.5 * z)) * np.sin(0.8 * amount_z * z + 1.1 * y) + 0.35 * np.sin(
            2.1 * y - 1.2 * x + 0.7 * z
        )

    return pattern


def wrinkles(centre: tuple[float, float, float], axis: tuple[float, float, float], near: float, apart: float) -> Field:
    """Folds of a sleeve or boot across ``axis``, strongest at ``centre`` and gone at ``near`` mm."""
    c, u = np.asarray(centre, float), np.asarray(axis, float) / np.linalg.norm(axis)

    def pattern(p: Floats) -> Floats:
        q = p - c
        along = q @ u
        fade = np.clip(1 - np.linalg.norm(q, axis=1) / near, 0, 1)
        return fade * np.sin(2 * np.pi * along / apart + 1.5 * np.sin(q[:, 0] + 0.7 * q[:, 1]))

    return pattern


def rope(axis: tuple[float, float, float], apart: float) -> Field:
    """A twist round a line along ``axis`` through the origin of the given coordinates."""
    u = np.asarray(axis, float) / np.linalg.norm(axis)
    side = np.cross(u, [0.3, 0.9, 0.2])
    side /= np.linalg.norm(side)
    other = np.cross(u, side)

    def pattern(p: Floats) -> Floats:
        turn = np.arctan2(p @ other, p @ side)
        return np.sin(3 * turn + 2 * np.pi * (p @ u) / apart)

    return pattern


def chain(along: tuple[float, float, float], across: tuple[float, float, float], link: float) -> Field:
    """Rows of small links."""
    u, v = np.asarray(along, float), np.asarray(across, float)

    def pattern(p: Floats) -> Floats:
        t, s = p @ u / link, p @ v / link
        return np.sin(2 * np.pi * (s + 0.5 * (np.round(t) % 2))) * np.cos(2 * np.pi * t)

    return pattern
