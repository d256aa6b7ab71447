"""Reference soaks of wedges, by another method than the engine's: linear finite elements on the triangle, implicit in time, with
the bath as one more unknown that all the face shares; two time steps, extrapolated. Along the wedge a series, which multiplies
where the bath does not weaken (Carslaw & Jaeger 1.15). Needs SciPy.
Prints the fixture `src/core/diffusion/field/wedges.reference.json`. Lengths in mm; times in squares of the back over D."""
import json
import numpy as np
from scipy.sparse import coo_matrix, csr_matrix
from scipy.sparse.linalg import splu

TIMES = [0.002, 0.01, 0.03, 0.06, 0.1]
# Back, edge to back, length (left out: endless), the bath's water over the flesh's (left out: it does not weaken).
WEDGES = [(60, 60, None, None), (60, 60, None, 1.5), (40, 110, None, None), (40, 110, None, 1.5), (90, 60, None, 1.5), (60, 80, 120, None)]
ROWS = 80
STEPS = 400


def mesh(back, deep):
    points, index = [], {}
    for i in range(ROWS + 1):
        for j in range(i + 1):
            index[i, j] = len(points)
            points.append((deep * i / ROWS, back * (j - i / 2) / ROWS))
    triangles = [(index[i, j], index[i + 1, j], index[i + 1, j + 1]) for i in range(ROWS) for j in range(i + 1)]
    triangles += [(index[i, j], index[i + 1, j + 1], index[i, j + 1]) for i in range(ROWS) for j in range(i)]
    face = {index[i, j] for i, j in index if j in (0, i) or i == ROWS}
    return np.array(points), np.array(triangles), face


def soaked(back, deep, ratio, times):
    points, triangles, face = mesh(back, deep)
    n = len(points)
    rows, columns, stiff, mass = [], [], [], []
    for t in triangles:
        (x0, y0), (x1, y1), (x2, y2) = points[t]
        area = ((x1 - x0) * (y2 - y0) - (x2 - x0) * (y1 - y0)) / 2
        slopes = np.array([[y1 - y2, x2 - x1], [y2 - y0, x0 - x2], [y0 - y1, x1 - x0]]) / (2 * area)
        for a in range(3):
            for b in range(3):
                rows.append(t[a]), columns.append(t[b])
                stiff.append(abs(area) * slopes[a] @ slopes[b])
                mass.append(abs(area) / (6 if a == b else 12))
    stiff, mass = (coo_matrix((v, (rows, columns)), (n, n)).tocsr() for v in (stiff, mass))
    within = [i for i in range(n) if i not in face]
    place = {node: k for k, node in enumerate(within)}
    tie = csr_matrix((np.ones(n), (range(n), [place.get(i, len(within)) for i in range(n)])), (n, len(within) + 1))
    volume = mass.sum()
    k, m = (tie.T @ stiff @ tie).tolil(), (tie.T @ mass @ tie).tolil()
    last = len(within)
    if ratio is None:
        k[last, :], m[last, :] = 0, 0
        m[last, last] = 1
    else:
        # The face's own nodes are flesh: the bath gives them what they hold.
        m[last, last] += ratio * volume

    def run(steps):
        u, now, out = np.zeros(last + 1), 0.0, []
        u[last] = 1 if ratio is None else ratio * volume / m[:, last].sum()
        share = np.array((tie.T @ mass @ np.ones(n))).ravel() / volume
        for due in times:
            dt = (due - now) / steps
            solve = splu((m + dt * k).tocsc())
            for _ in range(steps):
                u = solve.solve(m @ u)
            now = due
            out.append((share @ u, (tie @ u).min()))
        return np.array(out)

    return 2 * run(2 * STEPS) - run(STEPS)


def slab(length, time):
    odd = np.arange(0, 4000) * 2 + 1
    decay = np.exp(-((odd * np.pi / length) ** 2) * time)
    return 1 - (8 / np.pi**2 / odd**2 * decay).sum(), 1 - (4 / np.pi / odd * np.sin(odd * np.pi / 2) * decay).sum()


cases = []
for back, deep, length, ratio in WEDGES:
    times = [t * back**2 for t in TIMES]
    found = soaked(back, deep, ratio, times)
    if length:
        found = np.array([[1 - (1 - a) * (1 - b) for a, b in zip(row, slab(length, t))] for row, t in zip(found, times)])
    case = {"backMm": back, "deepMm": deep, "lengthMm": length or 100 * deep, "waterRatio": ratio}
    cases.append({**case, "mean": [round(float(v), 4) for v in found[:, 0]], "centre": [round(float(v), 4) for v in found[:, 1]]})
print(json.dumps({"times": TIMES, "cases": cases}, indent=1))
