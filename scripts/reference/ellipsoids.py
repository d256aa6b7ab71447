"""Reference soaks of ellipsoids by another method than the engine's: explicit finite differences in all three directions
(Shortley and Weller at the face), an eighth of the body, from a bath that does not weaken and from one that does. Needs numpy.
Prints the fixture `src/core/diffusion/field/ellipsoids.reference.json`. Half-axes in mm; times in squares of the shortest over D;
the bath's water is so many times the flesh's."""
import json
import numpy as np

RATIOS = [float("inf"), 1.5]
TIMES = [0.01, 0.05, 0.1, 0.2, 0.4, 0.7]
AXES = [[40, 40, 40], [60, 40, 25], [150, 50, 25], [150, 40, 30], [80, 80, 30]]


def soaked(axes, times, ratio, cells=28):
    h = 1.0 / cells
    middle = (np.arange(cells) + 0.5) * h
    grid = np.meshgrid(middle, middle, middle, indexing="ij")
    inside = sum(g**2 for g in grid) < 1
    # How much of each cell lies in the body, by four points a direction.
    points = (np.arange(4) + 0.5) / 4 - 0.5
    within = np.zeros_like(grid[0])
    for a in points:
        for b in points:
            for c in points:
                within += sum((g + d * h) ** 2 for g, d in zip(grid, (a, b, c))) < 1
    pace = [1 / axis**2 for axis in axes]
    arms = []
    for axis in range(3):
        others = [grid[i] for i in range(3) if i != axis]
        face = np.sqrt(np.clip(1 - others[0] ** 2 - others[1] ** 2, 0, None))
        arms.append(np.clip((face - grid[axis]) / h, 0.15, 1.0))
    fastest = sum(pace[k] * 2 / arms[k] / h**2 for k in range(3))[inside].max()
    salt, now, out = np.zeros_like(within), 0.0, []
    for due in times:
        steps = max(1, int(np.ceil((due - now) * fastest / 0.9)))
        for _ in range(steps):
            change = np.zeros_like(salt)
            bath = 1 - (salt * within).sum() / within.sum() / ratio
            for k in range(3):
                first, but_first, but_last = ([slice(None)] * 3 for _ in range(3))
                first[k], but_first[k], but_last[k] = 0, slice(1, None), slice(0, -1)
                outer, inner = np.full_like(salt, bath), np.empty_like(salt)
                outer[tuple(but_last)] = np.where(inside, salt, bath)[tuple(but_first)]
                inner[tuple(but_first)] = salt[tuple(but_last)]
                inner[tuple(first)] = salt[tuple(first)]
                arm = arms[k]
                change += pace[k] * 2 / h**2 * ((outer - salt) / (arm * (arm + 1)) + (inner - salt) / (arm + 1))
            salt = np.where(inside, salt + (due - now) / steps * change, bath)
        now = due
        out.append((float((salt * within).sum() / within.sum()), float(salt[0, 0, 0])))
    return out


cases = []
for axes in AXES:
    for ratio in RATIOS:
        found = soaked(axes, [t * min(axes) ** 2 for t in TIMES], ratio)
        case = {"axesMm": axes, **({} if ratio == float("inf") else {"waterRatio": ratio})}
        cases.append({**case, "mean": [round(m, 4) for m, _ in found], "centre": [round(c, 4) for _, c in found]})
print(json.dumps({"times": TIMES, "cases": cases}, indent=1))
