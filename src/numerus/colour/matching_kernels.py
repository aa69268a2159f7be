"""Distances of mixes from a colour in compiled loops: K and S (n, bands) float32, weights (3, bands) to X, Y, Z over white.

Everything runs along one row of mixes at a time, so that processors do several of them in one step.
"""

from __future__ import annotations

import numpy as np

from numerus.geometry.kernels import kernel

ROOT_SCALE = np.float32(4000.0)
COTH_IS_ONE = 5.6
U, V = (7 / 15, 1 / 39, 2 / 6435, 1 / 2027025), (2 / 15, 2 / 585, 4 / 225225)
"""Lambert's 1 + q/(3 + q/(5 + q/(7 + q/(9 + q/(11 + q/(13 + q/15)))))) as a quotient of polynomials in q."""


@kernel
def add_band(k, s, ground, film_um, weights, x, y, z):  # type: ignore[no-untyped-def]
    """Add one band of a row of mixes, ``k`` and ``s`` (n,), to their X, Y, Z, (n,) each: hiding where ``film_um`` is 0, else of a
    film on a ground (see colour.films.film).

    x coth x is told by Lambert's continued fraction of seven terms in x², to 0.00005: a call of tanh for each would forbid the
    processor to do several at once, and took four times as long.
    """
    one, two, tiny, nearly_one = np.float32(1), np.float32(2), np.float32(1e-12), np.float32(COTH_IS_ONE**2)
    u1, u2, u3, u4 = np.float32(U[0]), np.float32(U[1]), np.float32(U[2]), np.float32(U[3])
    v1, v2, v3 = np.float32(V[0]), np.float32(V[1]), np.float32(V[2])
    w0, w1, w2 = weights[0], weights[1], weights[2]
    if film_um > 0:
        for m in range(len(k)):
            scattered = s[m] * film_um + np.float32(1e-9)
            absorbed = k[m] * film_um
            squared = absorbed * (absorbed + two * scattered) + tiny
            above = one + squared * (u1 + squared * (u2 + squared * (u3 + squared * u4)))
            below = one + squared * (v1 + squared * (v2 + squared * v3))
            turned = above / below if squared < nearly_one else np.sqrt(squared)
            inner = absorbed + scattered
            r = (scattered - ground * (inner - turned)) / (inner - ground * scattered + turned)
            x[m] += w0 * r
            y[m] += w1 * r
            z[m] += w2 * r
    else:
        for m in range(len(k)):
            q = k[m] / (s[m] + tiny)
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
        add_band(
            ks[:many], ss[:many], ground[band], film_um, weights[:, band], xyz[0, :many], xyz[1, :many], xyz[2, :many]
        )
    distances(xyz, lab, metric, roots, out[:many])
    least = out[0]
    for m in range(1, many):
        least = min(least, out[m])
    return least


@kernel
def nearest_proportions(k, s, sets, share, weights, ground, film_um, lab, metric, roots):  # type: ignore[no-untyped-def]
    """Distance of every set's best proportion of ``share`` (paints, m), float32 (n,)."""
    best, many = np.empty(len(sets), np.float32), share.shape[1]
    ks, ss, out = np.empty(many, np.float32), np.empty(many, np.float32), np.empty(many, np.float32)
    xyz = np.empty((3, many), np.float32)
    for n in range(len(sets)):
        best[n] = nearest_of_set(sets[n], share, k, s, weights, ground, film_um, lab, metric, roots, ks, ss, xyz, out)
    return best


@kernel
def rank_triples(firsts, k, s, coarse, beside, weights, ground, film_um, lab, metric, roots, far):  # type: ignore[no-untyped-def]
    """All triples beginning with one of ``firsts``, int64 (n, 3), and their distance by the proportions ``coarse`` (3, c), and
    where that is under ``far`` by those ``beside`` (c, 3, m) the best of them, too.
    """
    n, bands = k.shape
    kt, st = np.ascontiguousarray(k.T), np.ascontiguousarray(s.T)
    count = 0
    for i in firsts:
        count += (n - i - 1) * (n - i - 2) // 2
    sets, found = np.empty((count, 3), np.int64), np.empty(count, np.float32)
    room = max(n, beside.shape[2])
    ks, ss, off = np.empty(room, np.float32), np.empty(room, np.float32), np.empty(room, np.float32)
    xyz = np.empty((3, room), np.float32)
    best, at = np.empty(n, np.float32), np.empty(n, np.int64)
    row = 0
    for i in firsts:
        for j in range(i + 1, n):
            best[:] = 1e9
            rest = n - j - 1
            for c in range(coarse.shape[1]):
                xyz[:] = 0
                a, b, d = coarse[0, c], coarse[1, c], coarse[2, c]
                for band in range(bands):
                    kb, sb = a * k[i, band] + b * k[j, band], a * s[i, band] + b * s[j, band]
                    k_row, s_row = kt[band, j + 1 :], st[band, j + 1 :]
                    for m in range(rest):
                        ks[m] = kb + d * k_row[m]
                        ss[m] = sb + d * s_row[m]
                    add_band(ks[:rest], ss[:rest], ground[band], film_um, weights[:, band], xyz[0], xyz[1], xyz[2])
                distances(xyz, lab, metric, roots, off[:rest])
                for m in range(rest):
                    if off[m] < best[m]:
                        best[m], at[m] = off[m], c
            for m in range(rest):
                sets[row, 0], sets[row, 1], sets[row, 2] = i, j, j + 1 + m
                found[row] = best[m]
                if best[m] < far:
                    nearer = nearest_of_set(
                        sets[row], beside[at[m]], k, s, weights, ground, film_um, lab, metric, roots, ks, ss, xyz, off
                    )
                    found[row] = min(found[row], nearer)
                row += 1
    return sets, found
