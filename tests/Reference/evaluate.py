"""Answers raw evaluation documents, units and all, with scipy: interpolation, fit and roots are its own."""
import json
import math
import sys

from scipy.interpolate import PchipInterpolator
from scipy.optimize import brentq, nnls

FACTOR = {
    "m": 1, "mm": 1e-3, "cm": 1e-2, "in": 0.0254, "ft": 0.3048, "m2": 1, "in2": 0.0254**2, "ft2": 0.3048**2,
    "m3_s": 1, "g": 1e-3, "m3_h": 1 / 3600, "cfm": 4.719474e-4, "pa": 1, "inwc": 249.089, "m_s": 1, "fpm": 0.00508,
}
GRADES = {"8": (0, 0.2, 0.7), "11": (0.2, 0.65, 0.85), "13": (0.5, 0.85, 0.9), "14": (0.75, 0.9, 0.95), "16": (0.95,) * 3}
EXPONENTS = (0.40, 0.10, 0.0)


def si(record, name, default=None):
    for key, value in record.items():
        if key.startswith(name + "_") and key[len(name) + 1 :] in FACTOR:
            return value * FACTOR[key[len(name) + 1 :]]
    return default


def air_of(air):
    if "density_kg_m3" in air:
        return air["density_kg_m3"]
    altitude = air.get("altitude_m", air.get("altitude_ft", 0) * 0.3048)
    return 101325 * (1 - 2.25577e-5 * altitude) ** 5.25588 / (287.05 * (air.get("temperature_c", 20) + 273.15))


def fan_flow(fan, rho, factor):
    """Flow at a pressure: by a root of the interpolant where the fan is given by points."""
    guard = si(fan, "guard_loss", 0.0) * rho / 1.2
    if "curve" in fan:
        points = sorted((si(p, "flow"), si(p, "pressure") * rho / 1.2) for p in fan["curve"])
        curve = PchipInterpolator([q for q, _ in points], [p for _, p in points])
        free, shut = points[-1][0], points[0][1]

        def flow(p):
            p += guard
            if p >= shut:
                return 0.0
            return factor * (brentq(lambda q: curve(q) - p, 0, free, xtol=1e-16, rtol=8.9e-16) if p > 0 else free)

        return flow, shut - guard
    free, shut, m = si(fan, "free_flow"), si(fan, "shut_off") * rho / 1.2, fan["exponent"]
    return (lambda p: factor * free * max(0.0, 1 - (p + guard) / shut) ** (1 / m)), shut - guard


def layer_of(layer):
    rim = si(layer, "rim", 0.012)
    area = si(layer, "net_area") or (si(layer, "width") - 2 * rim) * (si(layer, "height") - 2 * rim)
    points = [(si(p, "velocity"), si(p, "pressure")) for p in layer["drop"]]
    if len(points) == 1:
        v, drop = points[0]
        a, b = 0.75 * drop / v, 0.25 * drop / v**2
    else:
        a, b = nnls([[v, v * v] for v, _ in points], [drop for _, drop in points])[0]
    if "dust_g" in layer:
        share, growth = layer["dust_g"] / layer["capacity_g"], layer["growth"]
        factor = growth**share if share <= 1 else growth * (1 + math.log(growth) * (share - 1))
        a, b = a * factor, b * factor
    given = layer.get("efficiency")
    rated = (given["e1"], given["e2"], given["e3"]) if given else GRADES[layer["grade"]]
    return area, a, b, rated


def solve(document):
    rho = air_of(document.get("air", {"density_kg_m3": 1.2}))
    bare = document["unit"]["bare"]
    factor = bare["pushing_factor"] if bare.get("direction") == "push" else 1.0
    fans = [(fan.get("count", 1), *fan_flow(fan, rho, factor)) for fan in bare["fans"]]
    faces = [(face.get("count", 1), [layer_of(layer) for layer in face["layers"]]) for face in bare["faces"]]
    leak = si(bare, "leak_area", 0.0)

    def drop(layers, q):
        return sum(a * q / area + b * rho / 1.2 * (q / area) ** 2 for area, a, b, _ in layers)

    def through(layers, p):
        if p <= 0:
            return 0.0
        top = 1e-3
        while drop(layers, top) < p:
            top *= 2
        return brentq(lambda q: drop(layers, q) - p, 0, top, xtol=1e-17, rtol=8.9e-16)

    blown = lambda p: sum(count * flow(p) for count, flow, _ in fans)
    filtered = lambda p: sum(count * through(layers, p) for count, layers in faces)
    leaked = lambda p: 0.61 * leak * (2 * p / rho) ** 0.5
    shut = max(shut for _, _, shut in fans)
    p = brentq(lambda p: blown(p) - filtered(p) - leaked(p), 0, shut, xtol=1e-14, rtol=8.9e-16)
    clean = [0.0, 0.0, 0.0]
    for count, layers in faces:
        q = through(layers, p)
        passed = [1.0, 1.0, 1.0]
        for area, _, _, rated in layers:
            finer = 0.0
            for i, k in enumerate(EXPONENTS):
                one = 1 - rated[i]
                # No coarser bin is caught less than a finer one.
                finer = max(finer, 1 - (one ** ((2.5 / (q / area)) ** k) if 0 < one < 1 else one))
                passed[i] *= 1 - finer
        for i in range(3):
            clean[i] += count * q * (1 - passed[i])
    return [p, filtered(p), leaked(p), *clean]


json.dump([solve(document) for document in json.load(sys.stdin)], sys.stdout)
