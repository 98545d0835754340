"""The heat fields' own grids solved by SciPy's sparse LU, for the bench: told the grids on stdin, answers seconds.

Metal that never melts, so that one factoring is enough: less than what the core does on the same grid.
"""

import json
import sys
import time

import numpy as np
import scipy.sparse as sp
from scipy.sparse.linalg import splu


def bernoulli(x):
    return np.where(np.abs(x) < 1e-8, 1 - x / 2, x / np.expm1(np.where(x == 0, 1, x)))


def conduction(edges):
    """Conduction along a line of cells whose ends let nothing out, for a conductivity of 1."""
    widths = np.diff(edges)
    centres = (edges[1:] + edges[:-1]) / 2
    links = 1 / np.diff(centres)
    main = np.concatenate([links, [0]]) + np.concatenate([[0], links])
    return sp.diags([-links, main, -links], [-1, 0, 1]), widths


def along_flow(edges, rate):
    """Heat carried and conducted along the flow, exponentially fitted; cold at the first edge."""
    widths = np.diff(edges)
    centres = (edges[1:] + edges[:-1]) / 2
    gaps = np.concatenate([[widths[0] / 2], np.diff(centres)])
    into = bernoulli(-rate * gaps) / gaps
    back = bernoulli(rate * gaps) / gaps
    main = np.concatenate([into[1:], [rate]]) + back
    return sp.diags([-into[1:], main, -back[1:]], [-1, 0, 1]), widths


def steady(task):
    along, along_widths = along_flow(np.array(task["along"]), task["rate"])
    across, across_widths = conduction(np.array(task["across"]))
    down, down_widths = conduction(np.array(task["down"]))
    of = [sp.diags(each) for each in (across_widths, down_widths, along_widths)]
    matrix = (
        sp.kron(sp.kron(of[0], of[1]), along)
        + sp.kron(sp.kron(across, of[1]), of[2])
        + sp.kron(sp.kron(of[0], down), of[2])
    ).tocsc()
    source = np.zeros(matrix.shape[0])
    source[: len(along_widths)] = 1
    start = time.perf_counter()
    splu(matrix).solve(source)
    return time.perf_counter() - start


def sheet(task):
    x, x_widths = conduction(np.array(task["x"]))
    y, y_widths = conduction(np.array(task["y"]))
    of_x, of_y = sp.diags(x_widths), sp.diags(y_widths)
    volumes = np.kron(y_widths, x_widths)
    spread = sp.kron(of_y, x) + sp.kron(y, of_x)
    start = time.perf_counter()
    step = splu((sp.diags(volumes) + task["diffusivity"] * task["seconds"] * spread).tocsc())
    values = np.zeros(len(volumes))
    columns = len(x_widths)
    for number in range(task["steps"]):
        right = volumes * values
        right[(number * len(volumes) // task["steps"]) // columns * columns] += 1
        values = step.solve(right)
    return time.perf_counter() - start


task = json.load(sys.stdin)
print(json.dumps({"seconds": {"steady": steady, "sheet": sheet}[task["kind"]](task)}))
