"""The pan's equations integrated by SciPy, independent of the Ruby: the same written law, other code, other method.

Reads a JSON case on standard input, writes [[seconds, celsius, liquid_g, swollen, intact], ...] for each whole minute.
"""
import json
import sys

import numpy as np
from scipy.integrate import solve_ivp

PRESSURE = 101325.0


def steam(celsius):
    return 133.322 * 10 ** (8.07131 - 1730.63 / (233.426 + celsius))


def evaporation(celsius):
    p = steam(celsius)
    drive = 2.0 if p >= 0.87 * PRESSURE else min(2.0, np.log((PRESSURE - 1300) / (PRESSURE - p)))
    return 2.3 * 0.0314 * max(0.0, drive)


def rhs(case, state, watts, boiling):
    celsius, liquid, swollen, intact = state
    spare = watts - 0.9 * (celsius - 22)
    evap = spare / 2257 if boiling else evaporation(celsius)
    heating = 0.0 if boiling else (spare - 2257 * evap) / (liquid * 3.9 + 500)
    aimed = 1 / (1 + np.exp(-(celsius - case["mid"]) / case["width"]))
    break_rate = case["breakdown_per_min"] / 60 * intact * swollen / (1 + np.exp(-(celsius - 92) / 2))
    return [heating, -evap, max(0.0, aimed - swollen) / case["tau"], -break_rate]


def stretch(case, start, end, state, watts, boiling):
    def reaches(_, y):
        return y[0] - case["boiling_celsius"]

    reaches.terminal, reaches.direction = True, 1
    times = [t for t in np.arange(0.0, end + 1, 60.0) if start < t <= end]
    found = solve_ivp(lambda _, y: rhs(case, y, watts, boiling), (start, end), state, method="LSODA", rtol=1e-8, atol=1e-10, max_step=1.0,
                      t_eval=sorted(set(times + [end])), events=None if boiling else reaches)
    rows = [[float(t), *map(float, y)] for t, y in zip(found.t, found.y.T) if t % 60 == 0]
    if not boiling and found.t_events[0].size:
        return rows, float(found.t_events[0][0]), list(found.y_events[0][0])
    return rows, None, list(found.y.T[-1])


def course(case, end=600.0):
    rows, boil, state = stretch(case, 0.0, end, [20.0, case["liquid_g"], 0.0, 1.0], case["watts"], False)
    if boil is not None:
        held = case["simmer_watts"] - 0.9 * (state[0] - 22) >= 2257 * evaporation(state[0])
        more, _, _ = stretch(case, boil, end, state, case["simmer_watts"], held)
        rows += more
    return {"boil": boil, "rows": rows}


if __name__ == "__main__":
    json.dump(course(json.load(sys.stdin)), sys.stdout)
