"""The same cells in the same bath by SciPy's stiff integrators: LSODA told that the system is banded, BDF with its Jacobian.
Reads the problem as JSON from stdin (see scripts/bench/stiff.ts); prints how long each took and the mean it came to.
Needs python3-scipy; exits with 3 where that is missing."""
import json
import sys
import time

try:
    import numpy as np
    from scipy.integrate import solve_ivp
    from scipy.sparse import diags
except ImportError:
    sys.exit(3)

problem = json.load(sys.stdin)
link = np.array(problem["linkPerS"])
mass = np.array(problem["mass"])
start = np.array(problem["start"])
end_s = problem["endS"]


def slope(_, y):
    flow = link * np.diff(y)
    out = np.zeros_like(y)
    out[:-1] += flow
    out[1:] -= flow
    return out / mass


diagonal = -np.concatenate(([0], link)) - np.concatenate((link, [0]))
jacobian = diags([link / mass[1:], diagonal / mass, link / mass[:-1]], [-1, 0, 1], format="csc")
# Rows: below, on and above the diagonal, as LSODA packs a band of one either way.
METHODS = {
    "LSODA": dict(method="LSODA", lband=1, uband=1),
    "BDF": dict(method="BDF", jac=jacobian),
}


def timed(tolerance, method):
    best, result = float("inf"), None
    for _ in range(5):
        begun = time.perf_counter()
        result = solve_ivp(slope, (0, end_s), start, rtol=tolerance, atol=tolerance * problem["scale"], **method)
        best = min(best, time.perf_counter() - begun)
    mean = float(mass[:-1] @ result.y[:-1, -1])
    return {"ms": best * 1000, "mean": mean, "steps": len(result.t) - 1}


print(json.dumps({f"{name} {tol:g}": timed(tol, m) for name, m in METHODS.items() for tol in (1e-3, 1e-4, 1e-6)}))
