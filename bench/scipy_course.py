"""Times the 30-minute course of spec/reference/pan_course.py; prints the median of some runs in milliseconds."""
import json
import os
import sys
import time

sys.path.insert(0, os.path.join(os.path.dirname(__file__), "..", "spec", "reference"))
from pan_course import course  # noqa: E402

case = json.load(sys.stdin)
times = []
for _ in range(5):
    started = time.perf_counter()
    course(case, end=1800.0)
    times.append(1000 * (time.perf_counter() - started))
print(sorted(times)[2])
