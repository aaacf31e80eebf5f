#!/usr/bin/python3
"""Writes mixture-runs.json: the same judgement of a mixture run, reckoned again with NumPy and SciPy.

An independent reference for DustyJet\\Mixture\\MixtureRun: numpy.polyfit for the fits, brentq for edges and for both
ends of Fieller's interval, numerical derivatives for the spread of the midpoint, scipy.stats for Student's t.
"""

import json
import pathlib

import numpy as np
from scipy import optimize, stats

NOISE = 15.0


def fit(z, y, degree):
    w = np.ones_like(z)
    c = np.polyfit(z, y, degree)
    if len(z) >= degree + 3:
        for _ in range(8):
            r = np.abs(y - np.polyval(c, z))
            scale = max(NOISE, 1.4826 * np.sort(r)[len(r) // 2])
            w = np.maximum(1e-6, (1 - np.minimum(1, r / (4.685 * scale)) ** 2) ** 2)
            c = np.polyfit(z, y, degree, w=np.sqrt(w))
    rss = float(np.sum(w * (y - np.polyval(c, z)) ** 2))
    spare = max(0, int(round(w.sum())) - degree - 1)
    variance = (rss + 4 * NOISE**2) / (spare + 4)
    n, k = len(z), degree + 2
    aicc = n * np.log(rss / n + NOISE**2 / 4) + 2 * k + 2 * k * (k + 1) / max(1, n - k - 1)
    v = np.vander(z, degree + 1)
    covariance = variance * np.linalg.inv(v.T @ np.diag(w) @ v)
    return c, covariance, stats.t.ppf(0.975, spare + 4), aicc


def top(c):
    slope, bend = np.polyder(c), np.polyder(c, 2)
    tops = [r.real for r in np.roots(slope) if abs(r.imag) < 1e-9 and np.polyval(bend, r.real) < 0]
    return tops[0] if tops else None


def interval(c, covariance, t):
    z = top(c)
    powers = range(len(c) - 1, -1, -1)
    slope_gradient = lambda x: np.array([p * x ** (p - 1) if p else 0.0 for p in powers])
    if len(c) == 3:
        sure = lambda x: np.polyval(np.polyder(c), x) ** 2 - t**2 * slope_gradient(x) @ covariance @ slope_gradient(x)
        return optimize.brentq(sure, z - 3, z), optimize.brentq(sure, z, z + 3)
    half = t * np.sqrt(slope_gradient(z) @ covariance @ slope_gradient(z)) / abs(np.polyval(np.polyder(c, 2), z))
    return z - half, z + half


def edge(c, side, share=0.95):
    z = top(c)
    level = share * np.polyval(c, z)
    far = next((d for d in np.arange(0.01, 4, 0.01) if np.polyval(c, z + side * d) <= level), None)
    if far is None:
        return None
    return optimize.brentq(lambda x: np.polyval(c, x) - level, *sorted((z + side * far, z)))


def spread(c, covariance, t, centre):
    middle = lambda k: np.mean([np.exp(edge(k, s) + centre) for s in (-1, 1)])
    gradient = []
    for i in range(len(c)):
        h = 1e-3 * max(1.0, abs(c[i]))
        up, down = c.copy(), c.copy()
        up[i] += h
        down[i] -= h
        gradient.append((middle(up) - middle(down)) / (2 * h))
    gradient = np.array(gradient)
    return t * np.sqrt(gradient @ covariance @ gradient)


def plain(z, y, centre):
    """Every reading in full, a reading's noise known to be 15 rpm, and t = 2."""
    answer = {}
    for degree in (2, 3):
        c = np.polyfit(z - centre, y, degree)
        v = np.vander(z - centre, degree + 1)
        covariance = NOISE**2 * np.linalg.inv(v.T @ v)
        answer[degree] = float(spread(c, covariance, 2.0, centre)) if edge(c, 1) and edge(c, -1) else None
    return answer


def judged(turns, rpm):
    near = rpm >= 0.8 * rpm.max()
    z, y = np.log(turns[near]), rpm[near]
    centre = z.mean()
    c, covariance, t, aicc = fit(z - centre, y, 2)
    if len(np.unique(turns[near])) >= 6:
        cubic = fit(z - centre, y, 3)
        if cubic[3] < aicc - 2 and top(cubic[0]) is not None:
            c, covariance, t, _ = cubic
    peak, (low, high) = top(c), interval(c, covariance, t)
    out = lambda x: None if x is None else float(np.exp(x + centre))
    return {
        "turns": turns.tolist(),
        "rpm": rpm.tolist(),
        "degree": len(c) - 1,
        "peak_turns": out(peak),
        "peak_rpm": float(np.polyval(c, peak)),
        "peak_low_turns": out(low),
        "peak_high_turns": out(high),
        "lean_turns": out(edge(c, -1)),
        "rich_turns": out(edge(c, 1)),
        "midpoint_spread_turns": float(spread(c, covariance, t, centre)),
        "plain": plain(z, y, centre),
    }


def speeds(turns, peak, bend, skew, rng):
    z = np.log(turns / peak)
    return np.round(1800 - bend * z**2 + skew * z**3 + rng.normal(0, NOISE, len(turns)))


rng = np.random.default_rng(20261125)
runs = []
for skew in (0.0, 0.0, 900.0, 1000.0):
    for count in (5, 8, 13):
        turns = 0.75 + np.arange(count) * {5: 0.375, 8: 0.3125, 13: 0.1875}[count]
        turns = np.round(turns * 8) / 8
        rpm = speeds(turns, rng.uniform(1.1, 1.6), rng.uniform(700, 1100), skew, rng)
        if count == 13:
            rpm[9] -= 150  # one misread tachometer
        runs.append(judged(turns, rpm))
path = pathlib.Path(__file__).with_name("mixture-runs.json")
path.write_text(json.dumps(runs, indent=1) + "\n")
