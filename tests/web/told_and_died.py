"""Work for a test, run as a module: answers as often as it is told, then half an answer, then it breaks; or it waits."""

from __future__ import annotations

import json
import sys
import time

if __name__ == "__main__":
    told = sys.stdin.read()
    if sys.argv[1] == "wait":
        time.sleep(600)
    for number in range(1, int(sys.argv[1]) + 1):
        print(json.dumps({"answer": number, "of": told}), flush=True)
    if sys.argv[1] != "0":
        sys.stdout.write('{"answer": ')
        sys.stdout.flush()
        sys.exit(3)
