"""Decays by scipy's curve_fit, weights that hang on the fitted value renewed until they stay."""
import json
import sys

import numpy as np
from scipy.optimize import curve_fit
from scipy.stats import t as student


def decay(t, background, excess, rate):
    return background + excess * np.exp(-rate * t)


def slopes(t, background, excess, rate):
    fall = np.exp(-rate * t)
    return np.stack([np.ones_like(t), fall, -excess * t * fall], axis=1)


def fit(one):
    t, y = np.array(one["time_h"]), np.array(one["values"])
    found = np.array(one["begin"])
    for _ in range(200):
        sigma = None if one["weights"] == "none" else np.sqrt(1 + (0.05 * decay(t, *found)) ** 2)
        before = found
        found, covariance = curve_fit(decay, t, y, p0=found, sigma=sigma, ftol=1e-14, xtol=1e-14, gtol=1e-14, maxfev=100000, jac=slopes)
        if sigma is None or np.max(np.abs(found - before) / np.abs(found)) < 1e-12:
            break
    reach = student.ppf(0.975, len(t) - 3)
    start = covariance[0, 0] + covariance[1, 1] + 2 * covariance[0, 1]
    return {
        "parameters": found.tolist(),
        "half": [reach * v for v in np.sqrt([covariance[0, 0], start, covariance[2, 2]])],
    }


json.dump([fit(one) for one in json.load(sys.stdin)], sys.stdout)
