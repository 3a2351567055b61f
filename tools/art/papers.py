#!/usr/bin/python3
"""Writes the lesson of papers: pieces without ink, a hare cut out on foam, a white word on a dark strip, inside and
envelope. All names are invented. Run from the project's root: /usr/bin/python3 tools/art/papers.py"""
import json
import math
import zipfile

from colours import HARE, MARKERS, PARTS, coloured, text_of
from plans import INKS

W, H = 138.0, 95.0


def circle(x, y, r, n=72):
    return [[round(x + r * math.cos(2 * math.pi * k / n), 2), round(y + r * math.sin(2 * math.pi * k / n), 2)] for k in range(n)]


def hill(points, low=-6.0):
    """A smooth ridge through the points, down to below the panel's edge."""
    ridge = []
    for (x0, y0), (x1, y1) in zip(points, points[1:]):
        for k in range(12):
            t = k / 12
            ridge.append([round(x0 + (x1 - x0) * t, 2), round(y0 + (y1 - y0) * (3 * t * t - 2 * t ** 3), 2)])
    ridge.append([float(v) for v in points[-1]])
    return [[points[0][0], low]] + ridge + [[points[-1][0], low]]


def hull_round(points, room):
    """The convex hull, so much larger all round: what scissors leave round a figure. (Andrew's monotone chain, from memory.)"""
    points = sorted(set(points))
    turn = lambda o, a, b: (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0])

    def chain(of):
        out = []
        for p in of:
            while len(out) > 1 and turn(out[-2], out[-1], p) <= 0:
                out.pop()
            out.append(p)
        return out[:-1]

    hull = chain(points) + chain(points[::-1])
    grown = []
    for k, p in enumerate(hull):
        a, b = hull[k - 1], hull[(k + 1) % len(hull)]
        normals = []
        for u, v in ((a, p), (p, b)):
            length = math.hypot(v[0] - u[0], v[1] - u[1])
            normals.append(((v[1] - u[1]) / length, -(v[0] - u[0]) / length))
        grown += [[round(p[0] + n[0] * room, 2), round(p[1] + n[1] * room, 2)] for n in normals]
    return grown


def paper(colour, thickness=.3, **more):
    return dict(colour=colour, thickness=thickness, **more)


def main():
    with zipfile.ZipFile('data/demo/canal-drawer.zip') as z:
        stamps = {}
        for s in json.loads(z.read('drawer.json'))['stamps']:
            stamps[s['stamp']['id']] = dict(s['stamp'], art=z.read(s['art']).decode())
    hare = stamps['hare']
    at = [43.0, 13.0]
    foot = hare['foot']
    cut = hull_round([(x - foot[0] + at[0], y - foot[1] + at[1]) for ring in hare['silhouette'] for x, y in ring], 1.6)
    words = stamps['wish-you-were-near']
    strip = dict(w=words['size']['width'] + 8, h=words['size']['height'] + 7)
    sx, sy = W - strip['w'] - 6, 76.0
    things = [
        dict(id='hare', stamp='hare', ink='soot', at=at, hero=True, piece='cutout', depth=dict(metres=2.0)),
        dict(id='poplar1', stamp='poplar-small', ink='willow', at=[26.0, 30.0], depth=dict(metres=40.0)),
        dict(id='poplar2', stamp='poplar-small', ink='willow', at=[13.0, 28.0], generation=2, depth=dict(metres=50.0)),
        dict(id='birds', stamp='evening-birds', ink='slate', at=[24.0, 74.0], generation=2, depth=dict(metres=200.0)),
        dict(id='words', stamp='wish-you-were-near', ink='frost', at=[round(sx + 4 + words['foot'][0], 2), round(sy + 3.5 + words['foot'][1], 2)], piece='strip', depth=dict(metres=1.0)),
    ]
    pieces = [
        dict(id='sun', name='sun', kind='plain', outline=[circle(96, 47, 17)], cut='die', paper=paper('#e9b45c')),
        dict(id='far', name='far hill', kind='plain', outline=[hill([(-4, 24), (30, 33), (70, 25), (108, 35), (142, 28)])], cut='hand', paper=paper('#a9bb94')),
        dict(id='near', name='near hill', kind='plain', outline=[hill([(-4, 17), (36, 13), (78, 21), (112, 14), (142, 19)])], cut='hand', paper=paper('#6f8f6a'), on='far', **{'raise': 1.0}),
        dict(id='cutout', name='hare', kind='cutout', outline=[[[round(x, 2), round(y, 2)] for x, y in cut]], cut='hand', paper=paper('#fdfcf7'), on='near', **{'raise': 1.5}),
        dict(id='strip', name='words', kind='strip', outline=dict(width=round(strip['w'], 2), height=round(strip['h'], 2)), paper=paper('#2f3842', .35, name='Slate night'), at=[round(sx, 2), sy]),
        dict(id='inside', name='', kind='inside', outline=dict(width=W, height=H), paper=paper('#fdfcf7', .2, weight=120)),
        dict(id='envelope', name='C6', kind='envelope', outline=dict(width=162.0, height=114.0), paper=paper('#e7ddc8', .12, weight=90)),
    ]
    plan = dict(format='havlo-plan', version=2, title='A card of papers',
                notes='Sun and hills are plain papers without any ink; the hare stands before them on foam, and the words are white on a dark strip.',
                card=dict(panel=dict(width=W, height=H), trim=0, tape=0, paper=paper('#fdfcf7'), base=dict(width=148.0, height=105.0, fold='top'), mats=[dict(reveal=2.0, colour='#3a444c')]),
                view=dict(horizon=34.0, eyeHeight=.6, vanishX=70, nearDistance=1.2),
                inks=[INKS[k] for k in ('soot', 'willow', 'slate', 'frost', 'dusk')], stamps=[stamps[k] for k in ('hare', 'poplar-small', 'evening-birds', 'wish-you-were-near')],
                impressions=things,
                washes=[dict(id='sky', name='the sky', kind='sky', ink='dusk', area=[[[0, 0], [W, 0], [W, H], [0, H]]], **{'from': 'top'}, reach=.9, strength=.5, softness=8, lets=['poplar1', 'poplar2', 'birds'])],
                pieces=pieces, supplies=dict(maskLife=12, maskInset=.3, leastCut=1.2))
    plan = coloured(plan, {'hare': HARE, 'poplar1': [('all', 'moss', .5, 'awayFromLight', 'marker')], 'poplar2': [('all', 'moss', .4, 'awayFromLight', 'marker')]})
    open('data/demo/teaching-papers.havlo', 'w').write(text_of(plan))


if __name__ == '__main__':
    main()
