"""What SciPy takes for one fit of a hold test's settling and leak, the readings already in memory: median milliseconds."""

import sys
import time

import numpy
from scipy.optimize import curve_fit


def pressure(t, root, fall, a, ts):
    """An orifice without compression, and the settling."""
    return numpy.maximum(0.0, root - fall * t) ** 2 + a * numpy.exp(-t / ts)


t, p = numpy.loadtxt(sys.argv[1], delimiter=",", skiprows=1, unpack=True)
below = numpy.flatnonzero(p < 0.5 * p[0])
half = t[below[0]] if below.size else 10.0 * t[-1]
start = (p[0] ** 0.5, 0.29 * p[0] ** 0.5 / half, 0.05 * p[0], 2.0)
taken = []
for _ in range(9):
    begun = time.perf_counter()
    curve_fit(pressure, t, p, p0=start)
    taken.append(time.perf_counter() - begun)
print(1000.0 * sorted(taken)[4])
