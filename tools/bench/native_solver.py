"""Solves the programmes named as arguments with native HiGHS, one thread, options as the planner sets them; prints seconds and objective of each."""
import json
import sys
import time

import highspy

for path in sys.argv[1:]:
    with open(path + ".json", encoding="utf-8") as file:
        options = json.load(file)
    solver = highspy.Highs()
    solver.setOptionValue("threads", 1)
    for name, value in options.items():
        whole = name in ("random_seed", "mip_max_nodes", "mip_lp_age_limit")
        solver.setOptionValue(name, value if isinstance(value, bool) or whole else float(value))
    began = time.perf_counter()
    solver.readModel(path + ".lp")
    solver.run()
    print(time.perf_counter() - began, solver.getObjectiveValue())
