#!/usr/bin/python3
"""Puts small faults into the core, one by one, and sees whether the tests notice.

  tools/mutate/mutate.py run [--list tests/mutations.txt] [--from N] [--only ROOM] [--folder build-mutate]
  tools/mutate/mutate.py propose ROOM [--count N] [--seed S]

A line of the list is

  src/core/room/file.cpp | what stands there | what is put there | names of the tests, blanks between

What stands there must be found exactly once in the file. The tests named are those that mirror the file; without
names the whole room's are run, and all where a room has none. `run` works on a copy of the tree in FOLDER, builds only what a fault touches, and
prints every survivor and the share that was killed. A line may end in `# why`: a fault that no test can see, because
the program means the same with it; such lines are counted apart.
"""
import argparse
import filecmp
import os
import random
import re
import shutil
import subprocess
import sys
import time

ROOT = os.path.abspath(os.path.join(os.path.dirname(__file__), "..", ".."))


def faults(path):
    out = []
    for number, line in enumerate(open(path, encoding="utf-8"), 1):
        line = line.rstrip("\n")
        if not line.strip() or line.lstrip().startswith("#"):
            continue
        why = None
        if "  # " in line:
            line, why = line.split("  # ", 1)
        parts = [p.strip() for p in line.split(" | ")]
        if len(parts) < 3:
            sys.exit(f"{path}:{number}: three parts or four, parted by ' | '")
        out.append((number, parts[0], parts[1], parts[2], parts[3].split() if len(parts) > 3 else [], why))
    return out


def mirror(source, target):
    """Copies what differs, and only that, as of now, so that only what changed is built; takes away what is gone."""
    if not os.path.isdir(source):
        if not os.path.exists(target) or not filecmp.cmp(source, target, shallow=False):
            shutil.copyfile(source, target)
            shutil.copymode(source, target)
        return
    os.makedirs(target, exist_ok=True)
    for gone in set(os.listdir(target)) - set(os.listdir(source)):
        path = os.path.join(target, gone)
        shutil.rmtree(path) if os.path.isdir(path) else os.remove(path)
    for name in os.listdir(source):
        mirror(os.path.join(source, name), os.path.join(target, name))


def prepare(folder):
    tree = os.path.join(folder, "tree")
    os.makedirs(tree, exist_ok=True)
    listed = subprocess.run(["git", "-C", ROOT, "ls-files"], check=True, capture_output=True, text=True).stdout
    for name in sorted({line.split("/")[0] for line in listed.splitlines()}):
        mirror(os.path.join(ROOT, name), os.path.join(tree, name))
    build = os.path.join(folder, "build")
    subprocess.run(["cmake", "-S", tree, "-B", build, "-G", "Ninja", "-DCMAKE_BUILD_TYPE=Release", "-DHAVLO_TESTS=ON",
                    "-DHAVLO_UNITY=OFF", "-DCMAKE_CXX_FLAGS_RELEASE=-O1 -DNDEBUG"],
                   check=True, stdout=subprocess.DEVNULL)
    subprocess.run(["ninja", "-C", build, "core-tests"], check=True)
    return tree, build


def names(build):
    ran = subprocess.run([os.path.join(build, "tests", "core-tests")], capture_output=True, text=True, env=quiet())
    found = [line for line in (ran.stdout + ran.stderr).splitlines() if line.startswith("core/")]
    if not found:
        sys.exit("the test program names no tests")
    return found


def quiet():
    return dict(os.environ, QT_QPA_PLATFORM="offscreen")


LIMITS = {}  # test -> seconds after which it has no end: several times what it takes without a fault


def killed(build, tests, measure=False):
    built = subprocess.run(["ninja", "-C", build, "core-tests"], capture_output=True, text=True)
    if built.returncode:
        return "does not compile"
    program = os.path.join(build, "tests", "core-tests")
    for test in tests:
        try:
            began = time.monotonic()
            ran = subprocess.run([program, test], capture_output=True, env=quiet(),
                                 timeout=1200 if measure else LIMITS.get(test, 90))
            if measure:
                LIMITS[test] = 20 + 5 * (time.monotonic() - began)
        except subprocess.TimeoutExpired:
            return f"{test} (no end)"
        if ran.returncode:
            return test
    return None


def run(args):
    tree, build = prepare(os.path.abspath(args.folder))
    known = names(build)
    if by := killed(build, known, measure=True):
        sys.exit(f"without any fault the tests already fail: {by}")
    dead, survivors, same, broken = 0, [], 0, []
    # Headers last: most of the tree hangs on some of them.
    for number, path, old, new, tests, why in sorted(faults(args.list), key=lambda f: f[1].endswith(".h")):
        if number < args.start or (args.only and f"/{args.only}/" not in path):
            continue
        if why:
            same += 1
            continue
        file = os.path.join(tree, path)
        text = open(file, encoding="utf-8").read()
        if text.count(old) != 1:
            broken.append(f"{args.list}:{number}: stands {text.count(old)} times in {path}: {old}")
            continue
        room = path.split("/")[2]
        chosen = tests or [n for n in known if n.startswith(f"core/{room}/")] or known
        open(file, "w", encoding="utf-8").write(text.replace(old, new))
        try:
            by = killed(build, chosen)
        finally:
            open(file, "w", encoding="utf-8").write(text)
        if by == "does not compile":
            broken.append(f"{args.list}:{number}: does not compile: {new}")
        elif by:
            dead += 1
        else:
            survivors.append(f"{args.list}:{number}: {path}: {old}  ->  {new}")
        print(f"{number}: {by if by == 'does not compile' else 'killed by ' + by if by else 'SURVIVED'}", flush=True)
    print("\n".join(["", "Survivors:"] + survivors + (["", "Not faults:"] + broken if broken else [])))
    count = dead + len(survivors)
    print(f"\n{dead} of {count} killed ({100 * dead / max(1, count):.0f} %); {same} more mean the same and are explained")
    return 1 if broken or (count and dead < 0.9 * count) else 0


RULES = [(r" < ", " <= "), (r" > ", " >= "), (r" <= ", " < "), (r" >= ", " > "), (r" \+ ", " - "), (r" - ", " + "),
         (r" \* ", " / "), (r" / ", " * "), (r" && ", " || "), (r" \|\| ", " && "), (r" == ", " != "),
         (r"\bmin\(", "max("), (r"\bmax\(", "min("), (r"\btrue\b", "false"), (r"\bfalse\b", "true"),
         (r"(?<![\w.])(\d+\.\d+)(?![\w.])", lambda m: str(round(float(m.group(1)) * 1.5 + 0.1, 4))),
         (r"\+\+", "--"), (r"\breturn false;", "return true;"), (r"\bif \(", "if (!"), (r"\bcontinue;", ";")]


def propose(args):
    """Prints faults of a room at random, to choose from."""
    rng = random.Random(args.seed)
    spots = []
    room = os.path.join(ROOT, "src", "core", args.room)
    for name in sorted(os.listdir(room)):
        if not name.endswith((".cpp", ".h")):
            continue
        path = os.path.join("src", "core", args.room, name)
        text = open(os.path.join(ROOT, path), encoding="utf-8").read()
        for line in text.splitlines():
            bare = line.strip()
            if not bare or bare.startswith(("//", "#", "namespace", "}", "template", "using", "for (", "while (")) or " | " in bare:
                continue
            if text.count(bare) != 1:
                continue
            code = bare.split("  //")[0]
            for pattern, by in RULES:
                for m in re.finditer(pattern, code):
                    new = code[:m.start()] + (by(m) if callable(by) else by) + code[m.end():]
                    if bare.startswith("if (") and by == "if (!":
                        depth, k = 0, m.end() - 1
                        while k < len(code):
                            depth += {"(": 1, ")": -1}.get(code[k], 0)
                            k += 1
                            if depth == 0:
                                break
                        new = code[:m.start()] + "if (!(" + code[m.end():k] + ")" + code[k:]
                    spots.append((path, code, new))
    rng.shuffle(spots)
    seen = set()
    for path, old, new in spots:
        if old in seen:
            continue
        seen.add(old)
        print(f"{path} | {old} | {new}")
        if len(seen) >= args.count:
            break


def main():
    parser = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    sub = parser.add_subparsers(dest="verb", required=True)
    r = sub.add_parser("run")
    r.add_argument("--list", default=os.path.join(ROOT, "tests", "mutations.txt"))
    r.add_argument("--folder", default=os.path.join(ROOT, "build-mutate"))
    r.add_argument("--from", dest="start", type=int, default=0)
    r.add_argument("--only", default="")
    p = sub.add_parser("propose")
    p.add_argument("room")
    p.add_argument("--count", type=int, default=10)
    p.add_argument("--seed", type=int, default=1)
    args = parser.parse_args()
    if args.verb == "propose":
        return propose(args)
    return run(args)


if __name__ == "__main__":
    sys.exit(main() or 0)
