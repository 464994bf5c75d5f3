"""Monotone interpolation, non-negative least squares and the matrix exponential by scipy."""
import json
import sys

from scipy.interpolate import PchipInterpolator
from scipy.linalg import expm
from scipy.optimize import nnls

asked = json.load(sys.stdin)
json.dump(
    {
        "pchip": [
            PchipInterpolator([p[0] for p in one["points"]], [p[1] for p in one["points"]])(one["at"]).tolist()
            for one in asked["pchip"]
        ],
        "nnls": [nnls([row[:2] for row in rows], [row[2] for row in rows])[0].tolist() for rows in asked["nnls"]],
        "expm": [expm(matrix).tolist() for matrix in asked["expm"]],
    },
    sys.stdout,
)
