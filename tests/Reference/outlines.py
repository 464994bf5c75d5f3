"""Volume and surface of rooms with a ceiling of one slope, as convex hulls by scipy (Qhull)."""
import json
import sys

from scipy.spatial import ConvexHull

answers = []
for room in json.load(sys.stdin):
    hull = ConvexHull([[x, y, z] for (x, y), top in zip(room["corners"], room["heights"]) for z in (0.0, top)])
    answers.append([hull.volume, hull.area])
json.dump(answers, sys.stdout)
