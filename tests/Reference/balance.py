"""Root of the balance by scipy, from raw inputs: sizes with their rim, rated drops, fan figures, altitude, temperature."""
import json
import sys

from scipy.optimize import brentq

RIM, LINEAR, DISCHARGE = 0.012, 0.75, 0.61


def density(altitude, temperature):
    return 101325 * (1 - 2.25577e-5 * altitude) ** 5.25588 / (287.05 * temperature)


def through(face, pressure, rho):
    """Face velocity by a root too, not by the closed form."""
    area = (face["width"] - 2 * RIM) * (face["height"] - 2 * RIM)

    def drop(v):
        share = v / face["velocity"]
        return face["drop"] * (LINEAR * share + (1 - LINEAR) * share**2 * rho / 1.2) - pressure

    top = face["velocity"]
    while drop(top) < 0:
        top *= 2
    return area * brentq(drop, 0, top, xtol=1e-15, rtol=8.9e-16)


def solve(build):
    rho = density(build["altitude"], build["temperature"])
    shut = build["shut"] * rho / 1.2

    def fan(p):
        return build["free"] * max(0, 1 - p / shut) ** (1 / build["exponent"])

    def leak(p):
        return DISCHARGE * build["leak"] * (2 * p / rho) ** 0.5

    def filters(p):
        return sum(through(face, p, rho) for face in build["faces"])

    p = brentq(lambda p: fan(p) - filters(p) - leak(p), 0, shut, xtol=1e-14, rtol=8.9e-16)
    return [p, filters(p), leak(p)]


json.dump([solve(build) for build in json.load(sys.stdin)], sys.stdout)
