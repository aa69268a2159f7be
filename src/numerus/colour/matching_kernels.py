"""Distances of mixes from a colour in compiled loops: K and S (n, bands) float32, weights (3, bands) to X, Y, Z over white.

Everything runs along one row of mixes at a time, so that processors do several of them in one step.
"""

from __future__ import annotations

import numpy as np

from numerus.geometry.kernels import kernel

ROOT_SCALE = np.float32(4000.0)
COTH_IS_ONE = 5.6
ROW = 512  # triples looked at in one go: their X, Y, Z stay in the fastest cache
U, V = (7 / 15, 1 / 39, 2 / 6435, 1 / 2027025), (2 / 15, 2 / 585, 4 / 225225)
"""Lambert's 1 + q/(3 + q/(5 + q/(7 + q/(9 + q/(11 + q/(13 + q/15)))))) as a quotient of polynomials in q."""


@kernel
def add_band(k_more, s_more, k, s, ground, film_um, weights, x, y, z):  # type: ignore[no-untyped-def]
    """Add one band of a row of mixes, of K ``k_more + k`` and S ``s_more + s`` (n,), to their X, Y, Z, (n,) each: hiding where
    ``film_um`` is 0, else of a film on a ground (see colour.films.film).

    x coth x is told by Lambert's continued fraction of seven terms in x², to 0.00005: a call of tanh for each would forbid the
    processor to do several at once, and took four times as long. One division for both fractions: it is what is waited for.
    """
    one, two, tiny, nearly_one = np.float32(1), np.float32(2), np.float32(1e-12), np.float32(COTH_IS_ONE**2)
    u1, u2, u3, u4 = np.float32(U[0]), np.float32(U[1]), np.float32(U[2]), np.float32(U[3])
    v1, v2, v3 = np.float32(V[0]), np.float32(V[1]), np.float32(V[2])
    w0, w1, w2 = weights[0], weights[1], weights[2]
    if film_um > 0:
        for m in range(len(k)):
            scattered = (s_more + s[m]) * film_um + np.float32(1e-9)
            absorbed = (k_more + k[m]) * film_um
            squared = absorbed * (absorbed + two * scattered) + tiny
            thin = squared < nearly_one
            above = one + squared * (u1 + squared * (u2 + squared * (u3 + squared * u4))) if thin else np.sqrt(squared)
            below = one + squared * (v1 + squared * (v2 + squared * v3)) if thin else one
            inner = absorbed + scattered
            r = (scattered * below - ground * (inner * below - above)) / ((inner - ground * scattered) * below + above)
            x[m] += w0 * r
            y[m] += w1 * r
            z[m] += w2 * r
    else:
        for m in range(len(k)):
            q = (k_more + k[m]) / (s_more + s[m] + tiny)
            r = one / (one + q + np.sqrt(q * (q + two)))
            x[m] += w0 * r
            y[m] += w1 * r
            z[m] += w2 * r


@kernel
def distances(xyz, lab, metric, roots, out):  # type: ignore[no-untyped-def]
    """Squared distance of a row of X, Y, Z (3, n) in a metric of Lab; cube roots are looked up by the square root, to which
    they are nearly straight.
    """
    x, y, z = xyz[0], xyz[1], xyz[2]
    for m in range(len(out)):
        fx = roots[np.uint32(np.sqrt(x[m]) * ROOT_SCALE)]
        fy = roots[np.uint32(np.sqrt(y[m]) * ROOT_SCALE)]
        fz = roots[np.uint32(np.sqrt(z[m]) * ROOT_SCALE)]
        u = np.float32(116) * fy - np.float32(16) - lab[0]
        v = np.float32(500) * (fx - fy) - lab[1]
        w = np.float32(200) * (fy - fz) - lab[2]
        straight = metric[0, 0] * u * u + metric[1, 1] * v * v + metric[2, 2] * w * w
        out[m] = straight + np.float32(2) * (metric[0, 1] * u * v + metric[0, 2] * u * w + metric[1, 2] * v * w)


@kernel
def nearest_of_set(pots, share, k, s, weights, ground, film_um, lab, metric, roots, ks, ss, xyz, out):  # type: ignore[no-untyped-def]
    """The least distance of a set of pots over proportions ``share`` (paints, m); the rest is room to work in."""
    many = share.shape[1]
    xyz[:, :many] = 0
    for band in range(k.shape[1]):
        ks[:many] = 0
        ss[:many] = 0
        for p in range(len(pots)):
            kp, sp = k[pots[p], band], s[pots[p], band]
            for m in range(many):
                ks[m] += share[p, m] * kp
                ss[m] += share[p, m] * sp
        none = np.float32(0)
        x, y, z = xyz[0, :many], xyz[1, :many], xyz[2, :many]
        add_band(none, none, ks[:many], ss[:many], ground[band], film_um, weights[:, band], x, y, z)
    distances(xyz, lab, metric, roots, out[:many])
    least = out[0]
    for m in range(1, many):
        least = min(least, out[m])
    return least


@kernel
def nearest_beside(sets, at, shares, k, s, weights, ground, film_um, lab, metric, roots):  # type: ignore[no-untyped-def]
    """Distance of every set's best proportion of ``shares`` (c, paints, m), each set by its own c in ``at``, float32 (n,)."""
    best, many = np.empty(len(sets), np.float32), shares.shape[2]
    ks, ss, out = np.empty(many, np.float32), np.empty(many, np.float32), np.empty(many, np.float32)
    xyz = np.empty((3, many), np.float32)
    for n in range(len(sets)):
        tried = shares[at[n]]
        best[n] = nearest_of_set(sets[n], tried, k, s, weights, ground, film_um, lab, metric, roots, ks, ss, xyz, out)
    return best


@kernel
def nearest_proportions(k, s, sets, share, weights, ground, film_um, lab, metric, roots):  # type: ignore[no-untyped-def]
    """Distance of every set's best proportion of ``share`` (paints, m), float32 (n,)."""
    every = np.zeros(len(sets), np.int64)
    return nearest_beside(
        sets, every, share.reshape((1, *share.shape)), k, s, weights, ground, film_um, lab, metric, roots
    )


@kernel
def pair_sums(values, second, third):  # type: ignore[no-untyped-def]
    """What the second and third pot bring to every triple: ``values`` (n, bands) in the shares ``second`` and ``third`` (c,), of
    all pairs in the order of ``combinations``, float32 (c, bands, pairs).
    """
    n, bands = values.shape
    sums = np.empty((len(second), bands, n * (n - 1) // 2), np.float32)
    for c in range(len(second)):
        for band in range(bands):
            at = 0
            for j in range(n):
                for l in range(j + 1, n):
                    sums[c, band, at] = second[c] * values[j, band] + third[c] * values[l, band]
                    at += 1
    return sums


@kernel
def rank_triples(firsts, k, s, k_pairs, s_pairs, pairs, first_share, weights, ground, film_um, lab, metric, roots):  # type: ignore[no-untyped-def]
    """All triples beginning with one of ``firsts``, int64 (n, 3), their distance by the best of the coarse proportions (c), whose
    pairs are summed in ``k_pairs`` and ``s_pairs``, and which one that is.

    Pairs behind a first pot are the last ones of ``pairs`` (p, 2): long rows, which the processor likes.
    """
    n, bands = k.shape
    count = 0
    for i in firsts:
        count += (n - i - 1) * (n - i - 2) // 2
    sets = np.empty((count, 3), np.int64)
    best, at = np.full(count, 1e9, np.float32), np.empty(count, np.int64)
    off, xyz = np.empty(ROW, np.float32), np.empty((3, ROW), np.float32)
    row = 0
    for i in firsts:
        behind = (n - i - 1) * (n - i - 2) // 2
        for start in range(len(pairs) - behind, len(pairs), ROW):
            many = min(ROW, len(pairs) - start)
            x, y, z = xyz[0, :many], xyz[1, :many], xyz[2, :many]
            for c in range(len(first_share)):
                xyz[:] = 0
                for band in range(bands):
                    k_first, s_first = first_share[c] * k[i, band], first_share[c] * s[i, band]
                    k_row, s_row = k_pairs[c, band, start : start + many], s_pairs[c, band, start : start + many]
                    add_band(k_first, s_first, k_row, s_row, ground[band], film_um, weights[:, band], x, y, z)
                distances(xyz, lab, metric, roots, off[:many])
                for m in range(many):
                    if off[m] < best[row + m]:
                        best[row + m], at[row + m] = off[m], c
            sets[row : row + many, 0] = i
            sets[row : row + many, 1:] = pairs[start : start + many]
            row += many
    return sets, best, at
