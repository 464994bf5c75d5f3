"""Rooms through time with scipy: the differential equations of one room and of several, integrated numerically.

Gets raw inputs only: volumes, flows, clean air, settling, sources, outdoors; no coefficient made elsewhere.
"""
import json
import sys

import numpy as np
from scipy.integrate import solve_ivp

DEPOSITION = (0.39, 0.8, 4.0)


def solve(f, start, time):
    answer = solve_ivp(f, (0.0, time), start, method="DOP853", rtol=1e-11, atol=1e-9)
    return answer.y[:, -1]


def one_room(case):
    """V dC/dt = in - out for each bin; infiltration and exhaust in quadrature, a filtered supply by the whole of it."""
    v = case["volume"]
    levels = [list(case["start"])]
    now = np.array(case["start"])
    for step in case["intervals"]:
        cracks = step["infiltration"] * v / 3600
        surplus = step["supply"] - step["exhaust"]
        if surplus > 0:
            shell = (cracks**2 + surplus**2) ** 0.5 - surplus
        else:
            shell = (cracks**2 + surplus**2) ** 0.5
        total = shell + step["supply"]

        def change(_, c, step=step, shell=shell, total=total):
            return [
                (
                    shell * step["penetration"] * step["outdoor"][i]
                    + step["supply"] * (1 - step["caught"][i]) * step["outdoor"][i]
                    + step["source"][i]
                    - (total + step["recirculated"] * step["central"][i] + step["mixing"] * step["clean"][i]) * c[i]
                )
                / v
                - DEPOSITION[i] / 3600 * c[i]
                for i in range(3)
            ]

        now = solve(change, now, step["time"])
        levels.append(now.tolist())
    return levels[1:]


def building(case):
    volumes = np.array(case["volumes"])
    n = len(volumes)
    now = np.array(case["start"])
    levels = []
    for step in case["intervals"]:
        flows = np.array(step["between"])
        came_in, went_out = np.array(step["in"]), np.array(step["out"])
        clean = np.array(step["clean"])
        source = np.array(step["source"])

        def change(_, c):
            return (came_in * step["outdoor"] + flows.T @ c + source - (went_out + flows.sum(axis=1) + clean) * c) / volumes - DEPOSITION[0] / 3600 * c

        now = solve(change, now, step["time"])
        levels.append(now.tolist())
    assert len(now) == n
    return levels


asked = json.load(sys.stdin)
json.dump({"rooms": [one_room(case) for case in asked["rooms"]], "buildings": [building(case) for case in asked["buildings"]]}, sys.stdout)
