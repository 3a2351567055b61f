"""Mutates the demo plans as text and as JSON, and runs every verb that takes a plan on each. See mutated_plans.sh."""
import json
import os
import random
import subprocess
import sys
import time

ROOT, COUNT, FOLDER = sys.argv[1], int(sys.argv[2]), sys.argv[3]
CLI = os.path.join(ROOT, 'build-ci/src/cli/havlo-cli')
DEMO = os.path.join(ROOT, 'data/demo')
VERBS = ['check', 'runsheet', 'simulate', 'masks', 'template', 'render', 'schools', 'joins', 'pieces', 'batch', 'class',
         'regions', 'export', 'thumbnail', 'diff']
OUT = {'render': ['--png', 'out.png'], 'export': ['--zip', 'out.zip'], 'template': ['--svg', 'out.svg'],
       'thumbnail': ['out.png']}
PATIENCE = 5
rng = random.Random(20261130)


def leaves(node, path=()):
    if isinstance(node, dict):
        for key, value in node.items():
            yield from leaves(value, path + (key,))
    elif isinstance(node, list):
        for k, value in enumerate(node):
            yield from leaves(value, path + (k,))
    else:
        yield path


def mutated(text):
    if rng.random() < 0.3:
        at = rng.randrange(len(text))
        return text[:at] + rng.choice(['', '"', '0', '-', '}', ',', text[at:at + 20] * 2]) + text[at + 1:]
    plan = json.loads(text)
    every = [p for p in leaves(plan) if p and p[-1] != 'art']
    for _ in range(rng.randint(1, 3)):
        path = rng.choice(every)
        node = plan
        try:
            for key in path[:-1]:
                node = node[key]
            node[path[-1]] = rng.choice([0, -1, 1e9, 0.001, '', 'nothing', None, [], {}, True, rng.uniform(-300, 300)])
        except (KeyError, IndexError, TypeError):
            pass
    return json.dumps(plan)


def main():
    os.makedirs(FOLDER, exist_ok=True)
    texts = [open(os.path.join(DEMO, n)).read() for n in sorted(os.listdir(DEMO)) if n.endswith('.havlo')]
    codes, bad, longest = {}, [], 0.0
    for k in range(COUNT):
        name = os.path.join(FOLDER, 'plan.havlo')
        text = mutated(rng.choice(texts))
        open(name, 'w').write(text)
        # Most verbs read alike: a few of them for each plan, all of them over the whole.
        for verb in rng.sample(VERBS, 4):
            args = [CLI, verb, name] + ([name] if verb == 'diff' else []) + OUT.get(verb, ['--json'])
            args += ['--patience', str(PATIENCE)]
            begun = time.monotonic()
            try:
                code = subprocess.run(args, cwd=FOLDER, capture_output=True, timeout=4 * PATIENCE).returncode
            except subprocess.TimeoutExpired:
                code = 'hang'
            longest = max(longest, time.monotonic() - begun)
            codes[code] = codes.get(code, 0) + 1
            if code not in (0, 2, 3):
                kept = os.path.join(FOLDER, f'bad-{verb}-{k}.havlo')
                open(kept, 'w').write(text)
                bad.append((verb, code, kept))
    print(f'{COUNT} plans, {sum(codes.values())} calls: {codes}; the longest {longest:.1f} s')
    for verb, code, kept in bad:
        print(f'  {verb} ended with {code}: {kept}')
    sys.exit(1 if bad else 0)


main()
