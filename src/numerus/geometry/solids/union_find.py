"""Sets that are joined one pair at a time (union-find, Tarjan 1975): what layers, pockets and sections are made of."""

from __future__ import annotations

from numerus.geometry.kernels import kernel


@kernel
def find_root(parent, i):  # type: ignore[no-untyped-def]
    """The set's name; the way there is halved for the next time."""
    while parent[i] != i:
        parent[i] = parent[parent[i]]
        i = parent[i]
    return i


@kernel
def join_runs(row, x0, x1, n, parent):  # type: ignore[no-untyped-def]
    """Union the runs of one layer that touch over 8 neighbours (rows differ by one, x-ranges within one pixel)."""
    for i in range(n):
        parent[i] = i
    j = 0
    for i in range(n):
        while j < i and (row[j] < row[i] - 1 or (row[j] == row[i] - 1 and x1[j] < x0[i])):
            j += 1
        k = j
        while k < i and row[k] == row[i] - 1 and x0[k] <= x1[i]:
            if x1[k] >= x0[i]:
                a, b = find_root(parent, i), find_root(parent, k)
                if a != b:
                    parent[max(a, b)] = min(a, b)
            k += 1
