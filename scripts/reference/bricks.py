"""Reference soaks of bricks by another method than the engine's: explicit finite volumes on an even grid, all three
directions at once, stepped by forward Euler well under its limit; two grids, extrapolated. Needs numpy.
Prints the fixture `src/core/diffusion/field/bricks.reference.json`. Lengths in mm, time in hours."""
import json
import numpy as np

D = 5e-10 * 1e6 * 3600  # mm² an hour


def soak(edges, stages, dx, times, skin=None):
    """The whole thickness, an eighth of it seen the other two ways; `skin`, mm of flesh on the lower face."""
    nx, ny, nz = int(round(edges[0] / dx)), int(round(edges[1] / 2 / dx)), int(round(edges[2] / 2 / dx))
    c = np.zeros((nx, ny, nz))
    dt0 = 0.9 * dx * dx / (6 * D) / 1.6
    t, out, store, bath = 0.0, {}, 0.0, None
    begin = 0.0
    for st in stages:
        end = begin + st["hours"]
        if st["kind"] == "bath":
            bath = st["strength"]
        if st["kind"] == "dry":
            store += st["salt"]
        while t < end - 1e-12:
            due = min([x for x in times if x > t + 1e-12] + [end])
            dt = min(dt0, due - t, end - t)
            g = {"bath": bath, "dry": 0.358 if store > 0 else None, "rest": None}[st["kind"]]
            flow = np.zeros_like(c)
            for axis in range(3):
                d = np.diff(c, axis=axis) * (D / dx**2)
                lo = [slice(None)] * 3
                hi = [slice(None)] * 3
                lo[axis], hi[axis] = slice(0, -1), slice(1, None)
                flow[tuple(lo)] += d
                flow[tuple(hi)] -= d
            if g is not None:
                for axis in range(3):
                    top = [slice(None)] * 3
                    top[axis] = -1
                    flow[tuple(top)] += (g - c[tuple(top)]) * (2 * D / dx**2)
                low = [0, slice(None), slice(None)]
                barrier = dx / 2 + (skin or 0)
                flow[tuple(low)] += (g - c[tuple(low)]) * (D / dx / barrier)
            taken = dt * flow.mean()
            if st["kind"] == "dry" and 0 < store < taken:
                dt *= store / taken  # the step ends when the salt does: exact, for the flow is constant over it
                taken = store
            c = c + dt * flow
            if st["kind"] == "bath" and st["ratio"] is not None:
                bath -= taken / st["ratio"]
            if st["kind"] == "dry" and store > 0:
                store = max(0.0, store - taken)
            t += dt
            if any(abs(t - x) < 1e-9 for x in times):
                mid = nx // 2
                out[due] = (float(c.mean()), float((c[mid - 1, 0, 0] + c[mid, 0, 0]) / 2))
        begin = end
    return [out[x] for x in times]


def extrapolated(**case):
    coarse, fine = soak(dx=2.0, **case), soak(dx=1.0, **case)
    return [[f + (f - c) / 3 for f, c in zip(a, b)] for a, b in zip(fine, coarse)]


BATH = [{"kind": "bath", "hours": 48, "strength": 0.06, "ratio": 1.5}]
DRY = [{"kind": "dry", "hours": 48, "salt": 0.02}]
THEN = [{"kind": "bath", "hours": 8, "strength": 0.06, "ratio": 1.5}, {"kind": "rest", "hours": 24}]
CASES = [
    {"name": "40 × 60 × 120 in a bath of one and a half times its water", "edges": [40, 60, 120], "stages": BATH, "times": [4, 12, 24, 48]},
    {"name": "40 × 60 × 120, dry salt", "edges": [40, 60, 120], "stages": DRY, "times": [4, 12, 24, 48]},
    {"name": "40 × 60 × 120, a bath and then a rest", "edges": [40, 60, 120], "stages": THEN, "times": [8, 16, 32]},
    {"name": "24 × 60 × 100 with skin on one face", "edges": [24, 60, 100], "stages": BATH, "times": [1, 4, 12, 24], "skin": 4},
]
print(json.dumps([{**c, "expected": extrapolated(edges=c["edges"], stages=c["stages"], times=c["times"], skin=c.get("skin"))} for c in CASES], ensure_ascii=False, indent=1))
