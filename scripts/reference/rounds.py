"""Reference soaks of rounds with a skin on part of their face, by another method than the engine's: finite volumes in
radius and angle at once, implicit in time with the bath as one more unknown; two time steps, extrapolated. Needs SciPy.
Prints the fixture `src/core/diffusion/rounds.reference.json`. Lengths in mm, time in hours."""
import json
import numpy as np
from scipy.sparse import diags, lil_matrix
from scipy.sparse.linalg import splu

D = 2.5e-10 * 1e6 * 3600  # mm² an hour
RADIUS, SKIN = 40.0, 4.0
RINGS, SECTORS = 60, 72
HOURS = [6, 12, 24, 48, 96, 192]


def cells(covered, ratio):
    """Half the circle, mirrored; the skin lies where the angle is under its share. One row more for a bath that weakens."""
    dr, dth = RADIUS / RINGS, np.pi / SECTORS
    n = RINGS * SECTORS
    flow, mass = lil_matrix((n + 1, n + 1)), np.zeros(n + 1)
    at = lambda i, j: i * SECTORS + j

    def link(a, b, g):
        flow[a, a] -= g
        flow[a, b] += g
        flow[b, b] -= g
        flow[b, a] += g

    for i in range(RINGS):
        inner, outer = i * dr, (i + 1) * dr
        for j in range(SECTORS):
            mass[at(i, j)] = (outer**2 - inner**2) / 2 * dth
            if i < RINGS - 1:
                link(at(i, j), at(i + 1, j), outer * dth / dr)
            else:
                skin = SKIN if (j + 0.5) / SECTORS < covered else 0
                link(at(i, j), n, outer * dth / (dr / 2 + skin))
            if j < SECTORS - 1:
                link(at(i, j), at(i, j + 1), dr / ((inner + outer) / 2 * dth))
    mass[n] = ratio * mass[:n].sum() if ratio else 1e12
    return flow.tocsr(), mass


def soak(covered, ratio, dt):
    """Backward Euler, so that the start does not ring."""
    flow, mass = cells(covered, ratio)
    state = np.zeros(len(mass))
    state[-1] = 1.0
    solved = splu((diags(mass) - dt * D * flow).tocsc())
    out = {}
    for step in range(1, int(round(HOURS[-1] / dt)) + 1):
        state = solved.solve(mass * state)
        hours = step * dt
        for due in HOURS:
            if abs(hours - due) < dt / 4:
                flesh = state[:-1]
                out[due] = (float((flesh * mass[:-1]).sum() / mass[:-1].sum()), float(flesh[:SECTORS].mean()))
    return np.array([out[h] for h in HOURS])


cases = []
for covered, ratio in [(0.5, None), (1 / 3, None), (0.5, 1.0)]:
    coarse, fine = soak(covered, ratio, 0.1), soak(covered, ratio, 0.05)
    end = 2 * fine - coarse
    cases.append(
        {
            "covered": covered,
            "bathPerFlesh": ratio,
            "mean": [round(m, 5) for m, _ in end.tolist()],
            "centre": [abs(round(c, 5)) for _, c in end.tolist()],
        }
    )
print(json.dumps({"diffusivityM2PerS": 2.5e-10, "radiusMm": RADIUS, "skinMm": SKIN, "hours": HOURS, "cases": cases}, indent=2))
